/** The closed lists of a job: without a schema, so that a form may use them alone. */
export const SHELTERS = [
  'open',
  'shade',
  'carport',
  'lean-to',
  'balcony',
  'tent',
  'enclosure',
  'shed',
  'garage',
  'cellar',
  'hall',
] as const;
/** What is told of rain, and its chance where only the word is, %. ASSUMED. */
export const RAINS = ['none', 'showers', 'spell'] as const;
export const USUAL_CHANCE_PCT = { none: 0, showers: 50, spell: 80 } as const satisfies Record<
  (typeof RAINS)[number],
  number
>;
export const SKIES = ['clear', 'some-cloud', 'cloudy', 'overcast'] as const;
export const DOORS = ['open', 'half', 'shut'] as const;
/** When parts go where they dry: once they may be handled, or the whole rack at once. */
export const CARRIES = ['handle-dry', 'at-once'] as const;
/** How a place is heated: electric, a flame whose gases go out by a flue, a flame whose gases stay in it. */
export const HEATERS = ['electric', 'flue', 'flame'] as const;
/** Directions by eighths, north first, towards the east. */
export const COMPASS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;
export const SUBSTRATES = [
  'steel',
  'galvanised',
  'stainless',
  'cast-iron',
  'aluminium',
  'cast-aluminium',
  'anodised',
  'chrome',
  'abs',
  'pp',
  'textured',
  'polycarbonate',
  'pe',
  'rubber',
  'fibreglass',
  'wood',
  'mdf',
] as const;
export const CONDITIONS = [
  'bare',
  'e-coat',
  'sound-paint',
  'failing-clear',
  'chipped',
  'filled',
  'rust',
  'unknown-paint',
] as const;
/** What an old paint is, as far as a rub with thinner or its history tells. */
export const FILMS = [
  'baked',
  'powder',
  'lacquer',
  'nitro',
  'enamel',
  'soft',
  'varnish',
  'shellac',
  'waterborne',
] as const;
/** Grits of the series, FEPA P. */
export const GRITS_P = [
  36, 40, 50, 60, 80, 100, 120, 150, 180, 220, 240, 280, 320, 360, 400, 500, 600, 800, 1000, 1200, 1500, 2000,
  2500,
] as const;
export const POSTURES = ['flat', 'sloped', 'upright', 'underside'] as const;
export const GRADES = ['workhorse', 'tidy', 'show'] as const;
export const FINISHES = ['gloss', 'satin', 'matte'] as const;
export const COLOUR_KINDS = ['solid', 'metallic', 'pearl', 'flake', 'candy'] as const;
export const EXPOSURES = ['sun', 'fuel', 'brake-fluid', 'oil', 'heat', 'stone-chips', 'flex'] as const;
export const SPRAYERS = ['aerosol', 'hvlp', 'lvlp', 'conventional'] as const;
export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;
export const SHAPES = [
  'flat',
  'curved',
  'box',
  'tube',
  'frame',
  'ellipsoid',
  'cone',
  'polygon',
  'known',
] as const;
export const BOX_FACES = ['top', 'bottom', 'front', 'back', 'left', 'right'] as const;
export const CONE_ENDS = ['none', 'bottom', 'both'] as const;
/** How far a film is; `again`: past a span in which a coat of itself would lift it. */
export const STAGES = [
  'flash',
  'next',
  'dustFree',
  'touchDry',
  'tape',
  'handle',
  'sand',
  'again',
  'polish',
  'cure',
] as const;

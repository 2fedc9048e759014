/** Which column of a file holds what, and in which unit: guessed from names and figures, to be confirmed. */
import { cFromF, msFrom, MM_PER_INCH } from '@/core/units/convert';

export const QUANTITIES = ['temp', 'rh', 'dew', 'wind', 'gust', 'from', 'rain', 'chance', 'cloud'] as const;
export type Quantity = (typeof QUANTITIES)[number];

const TEMPERATURES = { '°C': (x: number) => x, '°F': cFromF, K: (x: number) => x - 273.15 } as const;
const SPEEDS = {
  'm/s': (x: number) => x,
  'km/h': (x: number) => msFrom(x, 'km/h'),
  mph: (x: number) => msFrom(x, 'mph'),
  kn: (x: number) => msFrom(x, 'kn'),
} as const;

/** Units a column may be in, the usual one first, each with what makes it ours: °C, %, m/s, mm in the hour, 0…1. */
export const UNITS_OF = {
  temp: TEMPERATURES,
  rh: { '%': (x) => x, '0–1': (x) => x * 100 },
  dew: TEMPERATURES,
  wind: SPEEDS,
  gust: SPEEDS,
  from: { '°': (x) => x },
  rain: { mm: (x) => x, in: (x) => x * MM_PER_INCH },
  chance: { '%': (x) => x / 100, '0–1': (x) => x },
  cloud: { '%': (x) => x / 100, '0–1': (x) => x, '/8': (x) => x / 8, '/10': (x) => x / 10 },
} as const satisfies Record<Quantity, Record<string, (x: number) => number>>;

/** What a quantity can be at most and least, in our units: beyond it the unit or the column is wrong. */
export const RANGE: Readonly<Record<Quantity, readonly [number, number]>> = {
  temp: [-60, 60],
  rh: [0, 100],
  dew: [-70, 45],
  wind: [0, 80],
  gust: [0, 120],
  from: [0, 360],
  rain: [0, 200],
  chance: [0, 1],
  cloud: [0, 1],
};

export interface Chosen {
  readonly column: number;
  readonly unit: string;
}
export interface Mapping {
  /** One column, or date and clock in two. */
  readonly time: readonly number[];
  /** 16/05 is the sixteenth of May. */
  readonly isDayFirst: boolean;
  readonly of: Partial<Record<Quantity, Chosen>>;
}
export interface Guess extends Mapping {
  /** Where the name says no unit and the figures could be several. */
  readonly unsure: readonly Quantity[];
  /** Columns that could be the same quantity as one that is taken. */
  readonly rivals: readonly { readonly q: Quantity; readonly column: number }[];
}

/** How columns are called, the most telling first; what one takes the next cannot. */
const NAMES: readonly (readonly [Quantity, RegExp])[] = [
  ['from', /wind.*(dir|from|bear|richt)|dir.*wind|\bwd\b|\bdd\b/],
  ['dew', /dew|taup|rosée|\btd\b|dp\b/],
  ['chance', /prob|chance|\bpop\b/],
  ['rh', /humid|feucht|fukt|vocht|umid|humed|\brh\b|relhum|hygro|\bhum\b|moist/],
  ['gust', /gust|böe|boe|rafale|ráfaga|rafaga|raffic|vindkast|windstoo|\bfx\b|peak/],
  ['wind', /wind(?!.*(dir|deg\b|richt|bear))|\bvind|viento|vento|\bvent\b|\bws\b|\bff\b|anemo/],
  ['rain', /rain|precip|nieder|regen|neerslag|nedb|pluie|lluvia|pioggia|\brr\b|shower/],
  ['cloud', /cloud|bewölk|bewolk|cover|okta|nuage|nubos|nuvol|skyd|\bsky\b/],
  ['temp', /temp|\bair\b|\bt2m\b|\bt\b|°c|°f|degc|degf|thermo/],
];
const TIME =
  /time|date|stamp|\bdt\b|zeit|datum|\bdato\b|fecha|\bdata\b|tijd|heure|\bhora\b|\bora\b|hour|\butc\b|valid/;
const NOT_WEATHER = /pressure|press\b|uv|index|feels|apparent|chill|heat/;

const UNIT_NAMES: Readonly<Record<Quantity, readonly (readonly [string, RegExp])[]>> = {
  temp: [
    ['°F', /°\s?f\b|deg\s?f|fahrenheit|[([_ ]f[)\]]?$/],
    ['K', /kelvin|[([_ ]k[)\]]?$/],
    ['°C', /°\s?c\b|deg\s?c|celsius|[([_ ]c[)\]]?$/],
  ],
  rh: [
    ['%', /%|pct|percent/],
    ['0–1', /frac|0-1|0–1/],
  ],
  dew: [],
  wind: [
    ['mph', /mph|mi\/h|miles/],
    ['kn', /\bkn\b|knots?|\bkts?\b|_kts?\b/],
    ['km/h', /km\/?h|kph|kmh/],
    ['m/s', /m\/s|\bmps\b|m s-1|[_ ]ms$/],
  ],
  gust: [],
  from: [],
  rain: [
    ['in', /inch|[([_ ]in[)\]]?$/],
    ['mm', /mm|millim/],
  ],
  chance: [
    ['%', /%|pct|percent/],
    ['0–1', /frac|0-1|0–1/],
  ],
  cloud: [
    ['/8', /okta|\/8|eighth/],
    ['/10', /tenth|\/10/],
    ['%', /%|pct|percent/],
    ['0–1', /frac|0-1|0–1/],
  ],
};
const namesOf = (q: Quantity): readonly (readonly [string, RegExp])[] => {
  if (q === 'dew') return UNIT_NAMES.temp;
  return q === 'gust' ? UNIT_NAMES.wind : UNIT_NAMES[q];
};

/** By the figures alone: the unit, and whether another could be meant. */
function byFigures(q: Quantity, figures: readonly number[]): { unit: string; isSure: boolean } {
  const most = Math.max(...figures, -Infinity);
  switch (q) {
    case 'temp':
    case 'dew':
      if (most > 200) return { unit: 'K', isSure: true };
      return most > RANGE.temp[1] ? { unit: '°F', isSure: true } : { unit: '°C', isSure: most < 33 };
    case 'rh':
    case 'chance':
      return most <= 1 ? { unit: '0–1', isSure: q === 'rh' } : { unit: '%', isSure: true };
    case 'cloud':
      if (most <= 1) return { unit: '0–1', isSure: false };
      return most <= 8 ? { unit: '/8', isSure: false } : { unit: '%', isSure: most > 10 };
    case 'rain':
      return { unit: 'mm', isSure: false };
    case 'from':
      return { unit: '°', isSure: true };
    default:
      return { unit: 'm/s', isSure: false };
  }
}

function unitOf(q: Quantity, name: string, figures: readonly number[]): { unit: string; isSure: boolean } {
  const said = namesOf(q).find(([, how]) => how.test(name));
  const seen = byFigures(q, figures);
  if (!said) return seen;
  // A name that the figures contradict: 68 in a column of °C, 0.7 in one of per cent.
  const [least, most] = RANGE[q];
  const kept = (UNITS_OF[q] as Record<string, (x: number) => number>)[said[0]]!;
  const isPossible = figures.every((x) => kept(x) >= least - 1e-9 && kept(x) <= most + 1e-9);
  const isFraction = q === 'rh' && said[0] === '%' && seen.unit === '0–1' && figures.length > 2;
  return isPossible && !isFraction ? { unit: said[0], isSure: true } : { unit: seen.unit, isSure: false };
}

/**
 * @param names of the columns, as they stand in the file
 * @param figures of each column, as far as its cells are figures
 */
export function guessMapping(names: readonly string[], figures: readonly (readonly number[])[]): Guess {
  // airTempC is three words.
  const plain = names.map((n) =>
    n
      .replace(/([a-z])([A-Z])/g, '$1 $2')
      .toLowerCase()
      .trim(),
  );
  const time = plain.flatMap((n, i) => (TIME.test(n) ? [i] : []));
  const taken = new Set(time.slice(0, 2));
  const of: Partial<Record<Quantity, Chosen>> = {};
  const unsure: Quantity[] = [];
  const rivals: { q: Quantity; column: number }[] = [];
  const isFree = (i: number): boolean =>
    !taken.has(i) && !NOT_WEATHER.test(plain[i]!) && figures[i]!.length > 0;
  for (const [q, how] of NAMES) {
    const [column, ...others] = plain.flatMap((n, i) => (how.test(n) && isFree(i) ? [i] : []));
    if (column === undefined) continue;
    for (const i of [column, ...others]) taken.add(i);
    rivals.push(...others.map((i) => ({ q, column: i })));
    const { unit, isSure } = unitOf(q, plain[column]!, figures[column]!);
    of[q] = { column, unit };
    if (!isSure) unsure.push(q);
  }
  return { time: time.slice(0, 2), isDayFirst: true, of, unsure, rivals };
}

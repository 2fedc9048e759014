/**
 * What can hurt whom, and at which moment of the work: one table. Each cell (a hazard at a moment) has words of
 * its own and is said on the first task of that moment in a visit or a session. The sheet, the law of the place
 * and trained people come first. Common practice, no source, unless a line says otherwise.
 */
import type { Job, Part } from '@/model/job';
import type { Caution, TaskKind } from '@/model/plan';
import type { Product } from '@/model/product';
import { isTimber, mayHoldLead } from '@/model/substrates';
import { CHEMISTRY_CARDS, isTwoPart } from '../chemistry/cards';

export const SAFETY_MOMENTS = [
  'shop',
  'strip',
  'clean',
  'fill',
  'sand',
  'ready',
  'mix',
  'spray',
  'rinse',
  'leave',
  'heat',
  'move',
] as const;
export type SafetyMoment = (typeof SAFETY_MOMENTS)[number];

/** A wait between coats and tape by itself bring nothing new. */
export const MOMENT_OF: Readonly<Record<TaskKind, SafetyMoment | null>> = {
  shop: 'shop',
  'strip-down': 'strip',
  fit: 'strip',
  fill: 'fill',
  sand: 'sand',
  clean: 'clean',
  mask: null,
  tack: 'ready',
  check: null,
  tape: null,
  untape: null,
  activate: 'mix',
  coat: 'spray',
  flash: null,
  rinse: 'rinse',
  dry: 'leave',
  unmask: null,
  bake: 'heat',
  move: 'move',
  polish: null,
};

export const AT_RISK = ['painter', 'others', 'children', 'animals', 'neighbours', 'reactive'] as const;
export type AtRisk = (typeof AT_RISK)[number];

/** What a task is done with and done to. */
export interface Doing {
  readonly job: Job;
  /** What is mixed, sprayed or rinsed out; of a wait, all of the session. */
  readonly products: readonly Product[];
  /** Parts whose own surface is worked on. */
  readonly surfaces: readonly Part[];
  /** Films of the build-up that are sanded or scuffed. */
  readonly films: readonly Product[];
  readonly parts: readonly Part[];
  /** The sentence of the task: rust has tasks of its own. */
  readonly code: string;
}
type When = (d: Doing) => boolean;

export interface HazardCard {
  readonly severity: Caution['severity'];
  readonly who: readonly AtRisk[];
  readonly at: Readonly<Partial<Record<SafetyMoment, When>>>;
}

const hasIso: When = ({ products }) => products.some((p) => p.isocyanate);
const isoFilm: When = ({ films }) => films.some((p) => p.isocyanate);
const ofChem =
  (...list: Product['chemistry'][]): When =>
  ({ products }) =>
    products.some((p) => list.includes(p.chemistry));
/** What belongs to a chemistry itself. */
const carries = (list: readonly Product[], hazard: string): boolean =>
  list.some((p) => CHEMISTRY_CARDS[p.chemistry].hazards.includes(hazard));
const sensitises: When = ({ products }) => carries(products, 'skin-sensitiser');
const always: When = () => true;
const both =
  (a: When, b: When): When =>
  (d) =>
    a(d) && b(d);
const noAir: When = ({ job }) => !job.equipment.suppliedAir;
const byGun: When = ({ job }) => job.equipment.sprayer !== 'aerosol';
const fromCans: When = ({ products }) => products.some((p) => p.carrier === 'aerosol');
const mixed: When = ({ products }) => products.some((p) => p.carrier === 'gun' && isTwoPart(p));
const surface =
  (is: (p: Part) => boolean): When =>
  ({ surfaces }) =>
    surfaces.some(is);
const oldPaint = surface(mayHoldLead);
const nitro: When = ({ surfaces, films }) =>
  surfaces.some((p) => p.film === 'nitro') || carries(films, 'nitro-dust');
const metallic: When = ({ products }) =>
  products.some((p) => p.effect === 'metallic' || p.effect === 'flake');
/** Water and a vacuum cleaner bring no solvent. */
const WATER_WORK: ReadonlySet<string> = new Set([
  'wash',
  'vacuum',
  'rust-convert',
  'rust-rinse',
  'rust-dry',
  'wash-bloom',
]);
const solvent: When = ({ code }) => !WATER_WORK.has(code);
const rust: When = ({ code }) => code === 'rust-convert' || code === 'rust-rinse';
/** Shut in with a heater; and moved before it may be handled. */
const heated: When = ({ code, job: { dryIn } }) =>
  code === 'move-heated' ||
  (code === 'move-at-once' && dryIn?.kind === 'elsewhere' && dryIn.place.heater !== undefined);
const wet: When = ({ code }) => code === 'move-heated' || code === 'move-at-once';
const byFlame: When = ({ job: { dryIn, place } }) =>
  (dryIn?.kind === 'elsewhere' ? dryIn.place : place).heater?.kind === 'flame';
/** Two pairs of hands over this length, steps to reach the top over this height, mm. From memory. */
const LARGE_MM = 1200;
const TALL_MM = 1700;
const large: When = ({ parts }) => parts.some((p) => Math.max(p.lengthMm, p.widthMm) > LARGE_MM);
const tall: When = ({ parts }) =>
  parts.some((p) => p.posture === 'upright' && Math.max(p.lengthMm, p.widthMm) > TALL_MM);

const EVERYBODY: readonly AtRisk[] = ['painter', 'others', 'children', 'animals', 'neighbours', 'reactive'];
const PAINTER: readonly AtRisk[] = ['painter'];
const AROUND: readonly AtRisk[] = ['painter', 'others', 'children', 'animals'];

// A table stays a table.
// prettier-ignore
export const HAZARDS = {
  // NIOSH Alert 96-111; Regulation (EU) 2020/1149 for work; EN 12021 and OSHA 1910.134(i) for the air.
  isocyanate: { severity: 'stop', who: EVERYBODY, at: { mix: hasIso, spray: hasIso, rinse: hasIso, sand: isoFilm, leave: hasIso, move: both(hasIso, wet) } },
  'no-supplied-air': { severity: 'stop', who: EVERYBODY, at: { mix: both(hasIso, noAir), spray: both(hasIso, noAir) } },
  lead: { severity: 'stop', who: EVERYBODY, at: { strip: oldPaint, sand: oldPaint } },
  fire: { severity: 'stop', who: AROUND, at: { clean: solvent, ready: always, mix: byGun, spray: always, rinse: always, leave: always, heat: always, move: heated } },
  monoxide: { severity: 'stop', who: EVERYBODY, at: { move: both(heated, byFlame) } },
  vapour: { severity: 'mind', who: EVERYBODY, at: { clean: solvent, spray: always, rinse: always, leave: always, move: wet } },
  'skin-epoxy': { severity: 'mind', who: PAINTER, at: { mix: sensitises, spray: sensitises, rinse: sensitises, sand: ({ films }) => carries(films, 'skin-sensitiser') } },
  acid: { severity: 'mind', who: PAINTER, at: { clean: rust, spray: ofChem('etch') } },
  peroxide: { severity: 'mind', who: ['painter', 'children'], at: { fill: always, mix: ofChem('polyester') } },
  styrene: { severity: 'mind', who: AROUND, at: { fill: always, spray: ofChem('polyester') } },
  dust: { severity: 'mind', who: AROUND, at: { sand: always } },
  'zinc-dust': { severity: 'mind', who: PAINTER, at: { sand: surface((p) => p.substrate === 'galvanised') } },
  'glass-dust': { severity: 'mind', who: PAINTER, at: { sand: surface((p) => p.substrate === 'fibreglass') } },
  'wood-dust': { severity: 'mind', who: AROUND, at: { sand: surface(isTimber) } },
  'nitro-dust': { severity: 'mind', who: AROUND, at: { sand: nitro } },
  'metal-mist': { severity: 'mind', who: PAINTER, at: { spray: metallic } },
  'hot-cans': { severity: 'mind', who: AROUND, at: { shop: fromCans, ready: fromCans, leave: fromCans } },
  compressor: { severity: 'mind', who: AROUND, at: { ready: byGun, rinse: byGun } },
  electricity: { severity: 'mind', who: AROUND, at: { ready: byGun, sand: ({ job }) => job.equipment.sander === true } },
  bystanders: { severity: 'mind', who: ['children', 'animals', 'neighbours', 'others'], at: { ready: always } },
  'hot-leftovers': { severity: 'mind', who: AROUND, at: { fill: always, leave: mixed } },
  rags: { severity: 'mind', who: AROUND, at: { clean: solvent, leave: always } },
  waste: { severity: 'mind', who: ['children', 'animals', 'neighbours'], at: { sand: oldPaint, rinse: always, leave: always } },
  'first-heat': { severity: 'mind', who: EVERYBODY, at: { heat: always } },
  lifting: { severity: 'mind', who: ['painter', 'others'], at: { strip: large } },
  ladder: { severity: 'mind', who: PAINTER, at: { spray: tall } },
} satisfies Readonly<Record<string, HazardCard>>;
export type Hazard = keyof typeof HAZARDS;

/** A hazard at a moment, as it stands in a task: isocyanate.spray. */
export type HazardCell = `${Hazard}.${SafetyMoment}`;

/** Severest first, in the order of the table. */
export const HAZARD_LIST: readonly (readonly [Hazard, HazardCard])[] = (
  Object.entries(HAZARDS) as [Hazard, HazardCard][]
).sort(([, a], [, b]) => Number(b.severity === 'stop') - Number(a.severity === 'stop'));

/** Everything that can hurt at one moment of what is being done. */
export function hazardsAt(moment: SafetyMoment, doing: Doing): HazardCell[] {
  return HAZARD_LIST.flatMap(([hazard, { at }]) =>
    at[moment]?.(doing) ? [`${hazard}.${moment}` as HazardCell] : [],
  );
}

/** The severity of a cell by its name; one of a later version is no less than a word. */
export function hazardSeverity(cell: string): Caution['severity'] {
  const hazard = cell.split('.')[0] as Hazard;
  return (HAZARDS as Readonly<Record<string, HazardCard>>)[hazard]?.severity ?? 'mind';
}

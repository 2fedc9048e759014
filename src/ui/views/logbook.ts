/** Records side by side, and what was learned, in words and on an axis. */
import { layersUm } from '@/core/coating/film-budget';
import { wentWrong } from '@/core/went-wrong';
import { spacingMm } from '@/core/finish/cross-cut';
import { round1 } from '@/core/numerics/round';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { isPlastic, isTimber } from '@/model/substrates';
import type { LogbookAsked } from '@/model/logbook-asked';
import type { Logbook, LogbookRow } from '@/usecases/logbook';
import type { LearnedItem } from '@/usecases/learned-item';
import { FAULTS } from '@/model/fault';
import { ASPECTS, type Aspect } from '@/model/rubric';
import { TASK_KINDS } from '@/model/task-kinds';
import type { Format } from '@/words/format';
import { counted, durationOf } from '@/words/format';
import { TASK_NAMES } from '@/words/names';
import { faultName } from './noted-faults';
import { signedGap } from './signed-gap';

export const ASPECT_NAMES: Readonly<Record<Aspect, string>> = {
  gloss: 'Gloss',
  peel: 'Peel',
  nibs: 'Nibs',
  colour: 'Colour',
  hold: 'Hold',
};

/** What each mark means, 0 to 4. */
export const RUBRIC_WORDS: Readonly<Record<Aspect, readonly string[]>> = {
  gloss: ['dull all over', 'dull in places', 'even, not deep', 'good, one dull patch', 'as hoped'],
  peel: ['like an orange', 'strong', 'light, all over', 'light in places', 'none to see'],
  nibs: ['rough', 'many', 'some to feel', 'one or two', 'none'],
  colour: ['another colour', 'off by daylight', 'near', 'fits from a step away', 'fits'],
  hold: ['comes off', 'lifts at edges', 'chips', 'one chip', 'nothing comes off'],
};

const FEATURES: Readonly<Record<LearnedItem['kind'], string>> = {
  use: 'Own use',
  flash: 'Own wait',
  hands: 'Own pace',
  fault: 'Own faults',
  wind: 'Own wind',
  air: 'Own air',
  damp: 'Own damp',
};
const SPRAYERS: Readonly<Record<string, string>> = {
  aerosol: 'cans',
  hvlp: 'HVLP gun',
  lvlp: 'LVLP gun',
  conventional: 'conventional gun',
};

const UNITS: Readonly<Record<LearnedItem['kind'], { readonly unit: string; readonly what: string }>> = {
  use: { unit: 'times as reckoned', what: 'weighed coat' },
  flash: { unit: 'times its sheet', what: 'day with a finger at the masking' },
  hands: { unit: 'times the usual', what: 'task whose begin is pressed' },
  fault: { unit: 'of jobs', what: 'job that is closed' },
  wind: { unit: 'times as its kind', what: 'reading of the wind' },
  air: { unit: 'beside its kind', what: 'reading of the air' },
  damp: { unit: 'beside its kind', what: 'reading of air and humidity' },
};

const WHENS: Readonly<Record<NonNullable<LearnedItem['when']>, string>> = {
  wind: 'in wind',
  damp: 'in damp air',
  cold: 'in the cold',
  hot: 'in the heat',
  thick: 'on what stands or hangs',
};

function nameOf({ kind, of, when }: LearnedItem): string {
  const code = FAULTS.find((c) => c === of);
  if (kind === 'fault' && code) return `${faultName(code).toLowerCase()}${when ? `, ${WHENS[when]}` : ''}`;
  if (kind === 'use') return SPRAYERS[of] ?? of;
  const task = TASK_KINDS.find((k) => k === of);
  return kind === 'hands' && task ? TASK_NAMES[task].toLowerCase() : of;
}

export interface LearnedView {
  readonly item: string;
  readonly name: string;
  readonly figures: string;
  readonly from: string;
  readonly worth: string;
  readonly usual: number;
  readonly usualBand: readonly [number, number];
  readonly yours: number;
  readonly band: readonly [number, number];
  /** Ends of the axis, and what is written at them. */
  readonly ends: readonly [low: number, high: number];
  readonly endsSaid: readonly [string, string];
}

const AXIS_MARGIN = 0.05;
const pct = (share: number): string => `${(share * 100).toFixed(share > 0 && share < 0.1 ? 1 : 0)} %`;
/** Figures that are differences of temperature, K; the others are shares or times. */
const isKelvin = ({ kind }: LearnedItem): boolean => kind === 'air' || kind === 'damp';

function figureSaid(x: LearnedItem, value: number, f: Format): string {
  if (isKelvin(x)) return signedGap(value, f);
  return x.kind === 'fault' ? pct(value) : value.toFixed(2);
}

const worthSaid = (what: string, now: string, then: string): string =>
  now === then ? `One more ${what} changes hardly anything.` : `One more ${what}: ±${now} becomes ±${then}.`;

export function learnedView(x: LearnedItem, f: Format): LearnedView {
  const { unit, what } = UNITS[x.kind];
  const of = nameOf(x);
  const low = Math.min(x.usualBand[0], x.band[0]) - AXIS_MARGIN;
  const ends: [number, number] = [
    isKelvin(x) ? low : Math.max(0, low),
    Math.max(x.usualBand[1], x.band[1]) + AXIS_MARGIN,
  ];
  const said = (value: number): string => figureSaid(x, value, f);
  const doubt = (sd: number): string => (isKelvin(x) ? f.gap(round1(sd)) : pct(sd));
  return {
    item: x.item,
    name: `${FEATURES[x.kind]}, ${of}`,
    figures: `${said(x.usual)} → ${said(x.yours)} ${unit}`,
    from: `from ${counted(x.n, x.kind === 'fault' ? 'job' : 'reading')}; nine in ten between ${said(x.band[0])} and ${said(x.band[1])}. Told by ${x.jobs.slice(0, 4).join(', ')}${x.jobs.length > 4 ? ' and others' : ''}.`,
    worth: worthSaid(what, doubt(x.sdFrac), doubt(x.sdFracWithOneMore)),
    usual: x.usual,
    usualBand: x.usualBand,
    yours: x.yours,
    band: x.band,
    ends,
    endsSaid: [said(ends[0]), said(ends[1])],
  };
}

/** Chosen where nothing is asked. */
export const ANY = 'any';

interface Filter {
  readonly key: 'year' | 'sprayer' | 'faults';
  readonly label: string;
  readonly value: string;
  readonly options: readonly string[];
  readonly names: Readonly<Record<string, string>>;
}

/** What records are told apart by; a filter with nothing to choose is left out. */
export function logbookFilters({ years, sprayers }: Logbook, asked: LogbookAsked): Filter[] {
  const filter = (key: Filter['key'], label: string, named: Record<string, string>): Filter => ({
    key,
    label,
    value: asked[key] && asked[key] in named ? asked[key] : ANY,
    options: [ANY, ...Object.keys(named)],
    names: { [ANY]: 'all', ...named },
  });
  const all = [
    filter('year', 'Year', Object.fromEntries(years.map((y) => [y, y]))),
    filter('sprayer', 'With', Object.fromEntries(sprayers.map((s) => [s, SPRAYERS[s] ?? s]))),
    filter('faults', 'Went wrong', { some: 'something', none: 'nothing' }),
  ];
  return all.filter((x) => x.options.length > 2);
}

export interface CompareLine {
  readonly name: string;
  readonly values: readonly [string, string];
  readonly differs: boolean;
}

function faultsOf({ job }: LogbookRow): string {
  const names = wentWrong(job).map(faultName);
  return names.length > 0 ? names.join(', ') : 'none noted';
}

const markOf = ({ job }: LogbookRow, a: Aspect): string => {
  const mark = job.log?.rubric?.[a];
  return mark === undefined ? 'not said' : `${mark}, ${RUBRIC_WORDS[a][mark]}`;
};

type Told = readonly [name: string, of: (r: LogbookRow) => string];

/** Two records, line by line. */
export function compareLines(a: LogbookRow, b: LogbookRow, f: Format): CompareLine[] {
  const paints = [...new Set([...a.used, ...b.used].map((u) => u.name))];
  return [...toldOf(paints, f), ...besidesOf(f)].map(([name, of]) => {
    const values = [of(a), of(b)] as const;
    return { name, values, differs: values[0] !== values[1] };
  });
}

/** One record, line by line. */
export const recordLines = (
  row: LogbookRow,
  f: Format,
): { readonly name: string; readonly value: string }[] =>
  toldOf(
    row.used.map((u) => u.name),
    f,
  ).map(([name, of]) => ({ name, value: of(row) }));

/** What a record has a block of its own for. */
const besidesOf = (f: Format): Told[] => [
  ['Paint, by what was used', (r) => f.money(r.cost, r.job.budget.currency)],
  ['The same again, today', (r) => f.money(r.end.again.total, r.job.budget.currency)],
  ['Left, and worth', (r) => f.money(r.end.leftWorth, r.job.budget.currency)],
  ['Hands, as planned', (r) => durationOf(r.end.hands.plannedMin)],
  ['What went wrong', faultsOf],
];

/** What is told of a record. @param paints by their names */
function toldOf(paints: readonly string[], f: Format): Told[] {
  const usedOf =
    (name: string) =>
    (r: LogbookRow): string => {
      const u = r.used.find((x) => x.name === name);
      return u ? `${f.volume(u.usedMl)}, ${f.volume(u.expectedMl)} planned` : 'none';
    };
  return [
    ['Closed', (r) => f.date(r.closedOn)],
    ['Area', (r) => f.area(r.areaM2)],
    ['Film', (r) => f.film(r.filmUm)],
    ['Coats', (r) => String(r.coats)],
    ['Sprayed with', (r) => SPRAYERS[r.job.equipment.sprayer] ?? r.job.equipment.sprayer],
    ['Place', (r) => r.job.place.name ?? r.job.place.shelter],
    ...paints.map((name): Told => [name, usedOf(name)]),
    ...ASPECTS.map((aspect): Told => [ASPECT_NAMES[aspect], (r) => markOf(r, aspect)]),
    ['Note', (r) => r.job.log?.note || 'none'],
  ];
}

/** How far apart the cuts of the tape test are, mm; wood and plastic give under the blade. */
export const cutsMm = (job: Job, { layers }: Pick<Plan, 'layers'>): number | null =>
  spacingMm(layersUm(layers), !job.parts.some((p) => isTimber(p) || isPlastic(p)));

/** When it is looked at next; null where it was looked at to the end. */
export function nextLook({ looks }: LogbookRow, today: string, f: Format): string | null {
  const next = looks.find((l) => !l.isDone);
  if (!next) return null;
  return next.due <= today ? `Look again: due since ${f.date(next.due)}` : `Look again ${f.date(next.due)}`;
}

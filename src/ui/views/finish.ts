/** The finish in words and bars: what was built, what goes, what must stay; tasks with their hours; refit; cure. */
import type { FinishAct, FinishBar, PartFinish } from '@/core/finish/budget';
import { finishPlan, wishOf } from '@/core/finish/budget';
import { HAND_STROKES } from '@/core/finish/losses';
import { USUAL_WISH } from '@/core/edits/finish';
import { driedC } from '@/core/air/came';
import { looksOf } from '@/core/finish/looks';
import { cureDates, type CureDate, type CureMile } from '@/core/finish/cure';
import type { AirHour } from '@/model/came';
import { leastSure, type FilmBasis } from '@/core/finish/built';
import type { FinishWhy } from '@/core/finish/allowed';
import type { AirView } from '@/core/air/view';
import { productIn, systemOfPlan } from '@/core/seams/seam';
import { coatsOn, lastOf } from '@/core/time/coats-on';
import { DAY, HOUR, isoOf, msOf } from '@/core/time/instant';
import type { CalendarEntry } from '@/formats/calendar/write';
import type { Finish, FinishTask, FinishWish, Peel } from '@/model/finish';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { calendarEntries } from './calendar';
import { counted, durationOf, whenOf, type Format } from '@/words/format';
import { FOUND_NAMES, padName } from '@/words/sentences/finish-tasks';
import { partName } from './part-name';

export interface FinishOf {
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
  /** The air as it came; left out where only the forecast is asked. */
  readonly came?: readonly AirHour[];
}

export const PEEL_NAMES: Readonly<Record<Peel, string>> = {
  none: 'None, dull or nibs',
  light: 'Light peel',
  medium: 'Medium',
  heavy: 'Heavy',
};
export const TOOL_NAMES = { hand: 'By hand', machine: 'By machine' } as const;
export const SCOPE_NAMES = { all: 'All of it', places: 'The places alone' } as const;

const ACTS: Readonly<Record<FinishAct, string>> = {
  flat: 'Flat, then polish',
  polish: 'Polish only',
  nibs: 'Nibs alone',
  leave: 'Leave it',
};
const WHYS: Readonly<Record<FinishWhy, string>> = {
  'one-coat': 'A single coat of clear is never rubbed: lay another, or leave it.',
  matte: 'Satin and matte stay as they were laid: a rubbed place shines.',
  'not-a-finish': 'This is no film that is polished.',
  'effect-bare': 'Metallic without a clear is never rubbed: its flakes would tear.',
  'enamel-soft': 'Enamel is soft below for weeks: polish by hand, once it is hard for good.',
  'one-part-few': 'A few coats of one-part clear carry no paper: polish by hand at most.',
  'one-part-many': 'One-part clear of four coats and more carries fine paper, by hand.',
  'two-part': 'Two-part clear of three coats and more may be flatted.',
  'two-part-few': 'Two coats of two-part clear are polished at most.',
  'solid-colour': 'A two-part colour without clear carries P1500; the cloth takes colour.',
  'lacquer-colour': 'Colour without a clear: by hand; the cloth takes colour.',
};

export interface BarView {
  readonly key: string;
  readonly name: string;
  readonly act: FinishAct;
  readonly actName: string;
  readonly builtUm: number;
  readonly spreadUm: number;
  readonly takesUm: number;
  readonly leftUm: number;
  readonly floorUm: number;
}

function barView(bar: FinishBar, name: string): BarView {
  const spreadUm = (bar.builtUm[1] - bar.builtUm[0]) / 2;
  return {
    key: `${bar.partId} ${bar.where}`,
    name: bar.where === 'edges' ? `${name}, edges` : name,
    act: bar.act,
    actName: bar.firstGritP === null ? ACTS[bar.act] : `From P${bar.firstGritP}`,
    builtUm: bar.meanUm,
    spreadUm,
    takesUm: bar.takesUm[1],
    // Never more than there is at the thin end.
    leftUm: Math.floor(Math.max(0, bar.leftUm)),
    floorUm: bar.floorUm,
  };
}

export interface FinishView {
  readonly wish: Finish | null;
  readonly verdict: string;
  readonly why: string;
  /** The least that stays anywhere on the faces that are worked, low end, and what must. */
  readonly least: string | null;
  readonly bars: readonly BarView[];
  readonly isWorked: boolean;
  /** What weighing would be worth; null where it would change nothing. */
  readonly weigh: string | null;
  /** What the films are reckoned from. */
  readonly basis: string;
}

const ORDER: readonly FinishAct[] = ['flat', 'polish', 'nibs', 'leave'];
/** The best that any face allows. */
function bestOf(parts: readonly PartFinish[]): FinishAct {
  const acts = parts.map((p) => p.bars[0]!.act);
  return ORDER.find((a) => acts.includes(a)) ?? 'leave';
}

function leastOf(parts: readonly PartFinish[], f: Format): string | null {
  const worked = parts.flatMap((p) => p.bars).filter((b) => b.act !== 'leave');
  const thin = worked.toSorted((a, b) => a.leftUm - b.leftUm)[0];
  if (thin) return `${f.film(Math.floor(thin.leftUm))} stay at the thin end; ${f.film(thin.floorUm)} must`;
  const bare = parts.find((p) => p.allowed.way !== 'never')?.bars[0];
  if (!bare) return null;
  return `It may be as thin as ${f.film(bare.builtUm[0])}, and ${f.film(bare.floorUm)} must stay: nothing may go`;
}

/** With its coats on the scale a film is known to a tenth, not to a fifth. */
function weighSaid(parts: readonly PartFinish[], f: Format): string | null {
  const thin = parts.find((p) => p.bars[0]!.act === 'leave' && p.allowed.way !== 'never');
  if (!thin || thin.film.weighed === thin.film.coats) return null;
  const { floorUm } = thin.bars[0]!;
  if (thin.film.meanUm * 0.9 < floorUm) return null;
  const thinUm = thin.film.um[0];
  return `By its sheet the film may be as thin as ${f.film(thinUm)}. Weigh the cans of each coat, and a tenth is in doubt instead of a fifth: ${f.film(thin.film.meanUm * 0.9)} if they gave what they should.`;
}

const BASES: Readonly<Record<FilmBasis, string>> = {
  weighed: 'Films by the scale: each coat was weighed.',
  logged: 'Films by what was logged as used, over what the sheet reckons.',
  'own-use': 'Films by your own use, over what the sheet reckons.',
  sheet: 'Films by the sheet: a coat may be a fifth off either way.',
};
const basisSaid = (parts: readonly PartFinish[]): string => BASES[leastSure(parts.map((p) => p.film.basis))];

/** While coats are to come: the next of them, where there is a plan. */
export function pendingSaid({ sessions }: Pick<Plan, 'sessions'>, f: Format): string {
  const [next] = sessions;
  const when = next ? ` The next goes on ${f.dayTime(next.startsAt)}.` : '';
  return `Once the last coat is on, this says whether it may be flatted, from which paper, and when.${when}`;
}

/** As if all of every part were wished. */
const allOfIt = ({ own = [], ...finish }: Finish): Finish => ({
  ...finish,
  scope: 'all',
  own: own.map((o) => ({ ...o, scope: 'all' as const })),
});

/** null before anything that can be finished is on. */
export function finishView({ job, plan, products }: FinishOf, f: Format): FinishView | null {
  const finish = job.finish ?? USUAL_WISH;
  const system = systemOfPlan(plan, products);
  const parts = finishPlan(job, system, finish);
  if (parts.length === 0 || plan.sessions.length > 0) return null;
  // What the film carries is said whatever is wished of it.
  const able = finishPlan(job, system, allOfIt(finish));
  const nameOf = (id: string): string => partName(job, id);
  return {
    wish: job.finish ?? null,
    verdict: finish.scope === 'places' ? SCOPE_NAMES.places : ACTS[bestOf(able)],
    why: WHYS[parts[0]!.allowed.why],
    least: leastOf(able, f),
    bars: parts.flatMap((p) => p.bars.map((b) => barView(b, nameOf(p.partId)))),
    isWorked: parts.some((p) => p.bars.some((b) => b.steps.length > 0)),
    weigh: weighSaid(able, f),
    basis: basisSaid(parts),
  };
}

export interface PartWishRow {
  readonly partId: string;
  readonly name: string;
  readonly wish: FinishWish;
  readonly isOwn: boolean;
}

/** How each part is finished, where there are several; empty else, and where nothing is wished. */
export function partWishes({ job, plan, products }: FinishOf): PartWishRow[] {
  const { finish } = job;
  if (!finish) return [];
  const parts = finishPlan(job, systemOfPlan(plan, products), finish);
  if (parts.length < 2) return [];
  return parts
    .filter((p) => p.allowed.way !== 'never')
    .map(({ partId }) => ({
      partId,
      name: partName(job, partId),
      wish: wishOf(finish, partId),
      isOwn: (finish.own ?? []).some((o) => o.partId === partId),
    }));
}

export interface FinishTaskRow {
  readonly task: FinishTask;
  readonly name: string;
  readonly how: string;
  readonly when: string;
}

const TASK_NAMES: Readonly<Record<FinishTask['kind'], string>> = {
  tape: 'Tape edges',
  frame: 'Tape frame',
  level: 'Level',
  flat: 'Flat',
  compound: 'Compound',
  polish: 'Polish',
  edges: 'Edges',
};

/** “Run: P1000”, “P1500”, “Compound”. */
function taskNamed({ kind, gritP, found }: FinishTask): string {
  const name = gritP === null ? TASK_NAMES[kind] : `P${gritP}`;
  return found === null ? name : `${FOUND_NAMES[found]}: ${gritP === null ? name.toLowerCase() : name}`;
}

/** With what, and how often over each place. */
function howOften({ kind, pad, passes, sheets, found }: FinishTask): string {
  const crossing = passes > 1 ? `, ${passes} passes, crossing` : '';
  const isByHand = kind === 'flat' && found === null && pad !== 'foam-pad';
  const strokes = isByHand ? `, some ${HAND_STROKES * passes} strokes over each place` : '';
  const paper = sheets > 0 && found === null ? `, ${counted(sheets, 'sheet')}, wet` : '';
  return ` ${padName(pad)}${crossing}${strokes}${paper}`;
}

export function finishRows({ job, plan }: FinishOf, f: Format): FinishTaskRow[] {
  const nameOf = (id: string): string => partName(job, id);
  return plan.finish.map((task) => {
    return {
      task,
      name: taskNamed(task),
      how: `${task.partIds.map(nameOf).join(', ')}: ${durationOf(task.minutes)}${howOften(task)}`,
      when: task.startsAt === null ? 'no free hours found' : whenOf(task.startsAt, plan.now, f),
    };
  });
}

const MILES: Readonly<Record<CureMile, readonly [name: string, advice: string]>> = {
  sun: ['In the sun', 'Days of sun help it on; before, it boils and pops.'],
  'tape-on': ['Tape on it', 'Masking for a second tone or a repair.'],
  fit: ['Fitted and clamped', 'Washers and gaskets print into it before.'],
  stack: ['Stacked', 'Soft paper between, never bubble wrap or printed sheet: they print into it.'],
  wash: ['Washed cold', 'Soft cloth, mild soap; no brush and no jet nearer than 300 mm for a month.'],
  chips: ['On the road', 'Gravel chips it before. A chip is touched in within a week, or it creeps.'],
  fuel: ['Fuel splashes', 'Wipe them off at once all the same.'],
  wax: ['Waxed, covered, stickers', 'It gives off what it has left until then.'],
};

export interface CureRow {
  readonly what: CureMile;
  readonly name: string;
  readonly advice: string;
  readonly when: string;
  readonly atMs: number | null;
  /** How the temperatures moved it; empty where they did not by a day. */
  readonly besides: string;
}

/** Dates of the newest film, by the air as it is known; empty before anything is on, and without weather. */
export function cureRows({ job, plan, products, came = [] }: FinishOf, air: AirView, f: Format): CureRow[] {
  const last = lastOf(coatsOn(job));
  const layer = plan.layers.find((l) => l.id === last?.layerId);
  const hours = driedC(came, air);
  if (!last || !layer || hours.tempC.length === 0 || plan.sessions.length > 0) return [];
  const product = productIn(systemOfPlan(plan, products).products, layer.productId);
  return cureDates(product, last.endedMs, hours).map((d) => {
    const [name, advice] = MILES[d.what];
    const never = d.isNever ? 'never' : 'not within a year as cold as it is';
    const date = d.atMs === null ? never : f.date(isoOf(d.atMs, job.place.tz));
    return {
      what: d.what,
      name,
      advice,
      atMs: d.atMs,
      when: d.isAssumed && d.atMs !== null ? `about ${date}` : date,
      besides: besidesOf(d),
    };
  });
}

/** By how much the temperatures move it, in days. */
function besidesOf({ atMs, atRefMs }: CureDate): string {
  if (atMs === null || atRefMs === null) return '';
  const days = Math.round((atMs - atRefMs) / DAY);
  if (days === 0) return '';
  return `${counted(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'sooner'} than at 20 °C`;
}

/** How much of its cure so far is known as it came; null where nothing is. */
export function cameSaid({ job, came = [] }: Pick<FinishOf, 'job' | 'came'>, f: Format): string | null {
  const ends = coatsOn(job).map((c) => c.endedMs);
  const mine = came.filter((h) => h.ms >= Math.max(...ends));
  if (mine.length === 0) return null;
  const mean = mine.reduce((a, h) => a + h.cureC, 0) / mine.length;
  const days = mine.length / 24;
  const long = days < 2 ? counted(mine.length, 'hour') : counted(Math.round(days), 'day');
  return `${long} of it as they came, ${f.temp(mean)} on average; what is ahead as it is forecast.`;
}

const MORNING_MIN = 60;
/** A quarter of an hour that only reminds. @param alarmMin before it */
const reminder = (
  entry: Pick<CalendarEntry, 'id' | 'startMs' | 'title' | 'text'>,
  alarmMin: number,
): CalendarEntry => ({ ...entry, endMs: entry.startMs + HOUR / 4, alarmsMin: [alarmMin] });
/** Cure and finishing as entries of the owner’s calendar. */
export function finishEntries(of: FinishOf, id: string, air: AirView, f: Format): CalendarEntry[] {
  const { job, plan } = of;
  const cure = cureRows(of, air, f).flatMap(({ what, name, advice, atMs }): CalendarEntry[] => {
    if (atMs === null) return [];
    const title = `${job.name}: ${name.toLowerCase()}, from now`;
    return [reminder({ id: `${id}-cure-${what}`, startMs: atMs, title, text: advice }, MORNING_MIN)];
  });
  const work = calendarEntries({
    plan,
    products: of.products,
    of: { id, job: job.name, place: undefined },
    f,
  });
  return plan.sessions.length > 0 ? [] : [...work, ...cure, ...lookEntries(job, id)];
}

/** In the evening of the day it is due. */
const LOOK_CLOCK = '18:00';

function lookEntries(job: Job, id: string): CalendarEntry[] {
  return looksOf(job)
    .filter((l) => !l.isDone)
    .map(({ months, due }) => {
      const startMs = msOf(`${due}T${LOOK_CLOCK}`, job.place.tz);
      const title = `${job.name}: look at it again, after ${counted(months, 'month')}`;
      const text = 'Edges, gloss, by daylight; write it down on Finish & log.';
      return reminder({ id: `${id}-look-${months}`, startMs, title, text }, 0);
    });
}

export interface RefitRow {
  readonly id: string;
  readonly letter: string;
  readonly name: string;
  readonly isDone: boolean;
  /** With new clips or a new gasket. */
  readonly isNew: boolean;
}

/** What came off goes on again, the last bag first. */
export const refitRows = ({ fittings = [], fittingsNew = [], state }: Job): RefitRow[] =>
  fittings
    .map((name, i) => {
      const letter = String.fromCharCode(65 + i);
      const id = `refit.fit-${letter.toLowerCase()}`;
      const isDone = state?.tasks?.some((t) => t.taskId === id) ?? false;
      return { id, letter, name, isDone, isNew: fittingsNew.includes(name) };
    })
    .reverse();

/**
 * What the build-up stage shows: surfaces once each, what a seam says, names of layers, and what is wrong
 * with the stack.
 */
import { wholeOf } from '@/core/schedule/work/tick';
import { minutesBetween } from '@/core/time/instant';
import { productIn, type Seam, type System } from '@/core/seams/seam';
import { withZones } from '@/core/surface/zones';
import { groundText, surfaceGround, type Ground } from '@/model/ground';
import type { Mark, Notice } from '@/model/marks';
import type { Job, Part, SystemLayer } from '@/model/job';
import type { Plan, PlanLayer, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { surfaceName } from '@/words/names';
import { saySeam, sayWayOut } from '@/words/sentences/seams';
import { PREP } from './close-up';

/** The product of a layer by name; a layer of no product by its id. */
export function layerName({ layers, products }: System, layerId: string): string {
  const productId = layers.find((l) => l.id === layerId)?.productId ?? '';
  return products.get(productId)?.name ?? layerId;
}

/** What lies below a seam, in words. */
export const groundTitle = (system: System, ground: Ground): string =>
  ground.kind === 'surface' ? surfaceName(ground) : layerName(system, ground.layerId);

/** Parts of one surface stand for it once. */
export function surfacesOf(job: Job): Part[] {
  const key = (p: Part): string => groundText(surfaceGround(p));
  const parts = withZones(job).parts;
  return parts.filter((p, i) => parts.findIndex((x) => key(x) === key(p)) === i);
}

/** Products of the layers, bottom first. */
export const stackProducts = ({ layers, products }: System): Product[] =>
  layers.map((l) => productIn(products, l.productId));

/** A refused or unknown seam has a row of its own; everything else that blocks stands above the layers. */
export const stackFaults = (blockers: readonly Notice[]): Notice[] =>
  blockers.filter((b) => b.code !== 'seam-no' && b.code !== 'seam-unknown');

export const isTakenOn = (seam: Seam): boolean =>
  seam.reason.code === 'seam-overridden' || seam.reason.code === 'seam-decided';

const SEAM_WORDS: Readonly<Record<Seam['verdict'], string>> = {
  ok: 'ok',
  care: 'with care',
  no: 'does not hold',
  unknown: 'not known',
};

/** One word at the end of a seam's row. */
export function seamWord(seam: Seam): string {
  if (isTakenOn(seam)) return 'on you';
  return SEAM_WORDS[seam.verdict];
}

/** How a seam's row begins: the act and the rest, or the word that stops. */
export function seamHead(seam: Seam, [act, rest]: readonly [string, string]): string {
  if (seam.verdict === 'no') return 'No.';
  return seam.verdict === 'unknown' ? 'Not known.' : `${act}, ${rest}.`;
}

/** Why, and the way out where there is one to take. */
export function seamReason(seam: Seam, f: Format): string {
  const wayOut = seam.verdict !== 'ok' && seam.wayOut ? ` ${sayWayOut(seam.wayOut, f)}` : '';
  return `${saySeam(seam.reason, f)}${wayOut}`;
}

export const seamId = (seam: Seam): string => `${groundText(seam.below)} ${seam.above}`;

/** A file name from a job's: what a drive of any system takes. */
export const drawingName = (job: Pick<Job, 'name'>): string =>
  job.name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 40) || 'build-up';

type Offered = Pick<SystemLayer, 'productId' | 'coats' | 'only'>;
type Drawn = Pick<PlanLayer, 'productId' | 'coats' | 'partIds'>;

/**
 * True when a route is what is drawn: the same products in the same coats on as many parts.
 * @param parts number of parts, zones counted: a layer over all of them names none
 */
export function sameLayers(offered: readonly Offered[], drawn: readonly Drawn[], parts: number): boolean {
  const isSame = (a: Offered, b: Drawn): boolean =>
    a.productId === b.productId && a.coats === b.coats && (a.only?.length ?? parts) === b.partIds.length;
  return offered.length === drawn.length && offered.every((x, i) => isSame(x, drawn[i]!));
}

/** Kind, carrier and what is special about a layer. */
export function layerLine(p: Product, partCount: number, kindName: string): string {
  const iso = p.isocyanate ? ', isocyanate' : '';
  return `${kindName}, ${p.carrier}${iso}${partCount === 1 ? ', on one part' : ''}`;
}

/** A figure of a sheet with where it comes from. */
export interface SheetFigure {
  readonly label: string;
  readonly text: string;
  readonly mark: Mark;
}

const markOf = (p: Product, field: string): Mark => p.provenance.byField?.[field] ?? p.provenance.rest;

/** Film, waits and limits of a product, in the order they are needed. */
export function sheetFigures(product: Product, f: Format): SheetFigure[] {
  const figure = (label: string, text: string, field: keyof Product): SheetFigure => ({
    label,
    text,
    mark: markOf(product, field),
  });
  const wait = (label: string, field: 'handleMin' | 'sandMin' | 'potLifeMin'): SheetFigure[] => {
    const minutes = product[field];
    return minutes === undefined ? [] : [figure(label, durationOf(minutes), field)];
  };
  const solids = `${(product.solidsFrac * 100).toFixed(1).replace('.0', '')} %`;
  return [
    figure('Film a coat', f.film(product.filmUmPerCoat), 'filmUmPerCoat'),
    figure('Solids', solids, 'solidsFrac'),
    figure(`Flash at ${f.temp(product.refTempC)}`, durationOf(product.flashMin), 'flashMin'),
    ...wait('Handle', 'handleMin'),
    ...wait('Sand', 'sandMin'),
    ...wait('Pot life', 'potLifeMin'),
    figure('Panel', `${f.temp(product.tempMinC)} to ${f.temp(product.tempMaxC)}`, 'tempMinC'),
    figure('Dew gap', `${f.gap(product.dewGapMinK)} or more`, 'dewGapMinK'),
    figure('Humidity', `to ${f.pct(product.rhMaxFrac)}`, 'rhMaxFrac'),
    figure('Wind', `to ${f.speed(product.windMaxMs)}`, 'windMaxMs'),
  ];
}

const taskMinutes = (t: Task): number => Math.round(minutesBetween(t.startsAt, t.endsAt));

/** A task with the minutes of all its pieces; named as a whole. */
export interface WorkTask {
  readonly id: string;
  readonly task: Task;
  readonly minutes: number;
}

export interface PrepOfSession {
  readonly id: string;
  readonly layerIds: string[];
  readonly partIds: string[];
  readonly tasks: readonly WorkTask[];
  readonly minutes: number;
}

/** Pieces of one task, on several days, are one. */
function wholeTasks(tasks: readonly Task[]): WorkTask[] {
  const whole = new Map<string, WorkTask>();
  for (const task of tasks) {
    const id = wholeOf(task.id);
    const minutes = (whole.get(id)?.minutes ?? 0) + taskMinutes(task);
    whole.set(id, { id, task, minutes });
  }
  return [...whole.values()];
}

/** Preparation before each session that has any: on other days, and on the day itself. */
export function orderOfWork(plan: Plan): PrepOfSession[] {
  const all = plan.sessions.map(({ id, layerIds, partIds, tasks }) => {
    const before = plan.visits.filter((v) => v.sessionId === id).flatMap((v) => v.tasks);
    const prep = wholeTasks([...before, ...tasks].filter((t) => PREP.has(t.kind)));
    return { id, layerIds, partIds, tasks: prep, minutes: prep.reduce((a, t) => a + t.minutes, 0) };
  });
  return all.filter((s) => s.tasks.length > 0);
}

/** How many questions the owner answers his own way. */
export function schoolsLine(job: Job): string {
  const own = Object.keys(job.schools ?? {}).length;
  return own === 0 ? 'all as usual' : `${own} chosen by you`;
}

export function sheetsLine(job: Job): string {
  const own = job.products?.length ?? 0;
  if (own === 0) return 'none of your own yet';
  return own === 1 ? 'one of your own' : `${own} of your own`;
}

/** Mends that were taken into the plan, oldest first, and what they leave of the coats there were. */
import type { Job } from '@/model/job';
import type { MendKind, TakenMend } from '@/model/mend';
import type { NotedCode } from '@/model/fault';
import { isOnPart } from '../time/coats-on';
import { msOf } from '../time/instant';

export interface Taken extends TakenMend {
  readonly code: NotedCode;
  readonly atMs: number;
}

export const takenMends = ({ state, place }: Pick<Job, 'state' | 'place'>): Taken[] =>
  (state?.faults ?? [])
    .flatMap(({ mend, code, at }) => (mend ? [{ ...mend, code, atMs: msOf(at, place.tz) }] : []))
    .sort((a, b) => a.atMs - b.atMs);

/** The job as if nothing had to be mended: its build-up as it was chosen. */
export function withoutMends(job: Job): Job {
  if (!job.state?.faults?.some((x) => x.mend)) return job;
  const faults = job.state.faults.map(({ mend: _mend, ...noted }) => noted);
  return { ...job, state: { ...job.state, faults } };
}

/** What is there comes off wholly. */
const STRIPS: ReadonlySet<MendKind> = new Set(['wipe-off', 'take-off', 'to-sound']);
export const isStripped = ({ kind }: Pick<TakenMend, 'kind'>): boolean => STRIPS.has(kind);

type Coating = Extract<TakenMend['tasks'][number], { do: 'coat' }>;
export const isCoating = (t: TakenMend['tasks'][number]): t is Coating => t.do === 'coat';

export const isWait = (t: TakenMend['tasks'][number]): boolean => t.do === 'wait';
/** Something is done, and not only waited for. */
export const isWorked = ({ tasks }: Pick<TakenMend, 'tasks'>): boolean => !tasks.every(isWait);

/** Paper, blade or cloth goes on the film before it is coated again: what it was to get besides is given up. */
export const isReworked = ({ tasks }: Pick<TakenMend, 'tasks'>): boolean => {
  const first = tasks.findIndex(isCoating);
  return first >= 0 && isWorked({ tasks: tasks.slice(0, first) });
};

/** The layer that a mend lays in the manner of another. @param nth of the same, from 1 */
export const mendLayerId = (layerId: string, mendId: string, nth = 1): string =>
  `${layerId}-${mendId}${nth === 1 ? '' : `x${nth}`}`;
const isOwn = (layerId: string, mendId: string): boolean => new RegExp(`-${mendId}(x\\d+)?$`).test(layerId);

/** The coats of a part that were on when a mend was taken, by layer. */
type OnThen = (layerId: string, partId: string) => number;
export function onThen(
  { state, place }: Pick<Job, 'state' | 'place'>,
  { atMs, id }: Pick<Taken, 'atMs' | 'id'>,
): OnThen {
  // What the mend itself laid was not there, whatever time was typed for it.
  const then = (state?.coats ?? []).filter((c) => msOf(c.endedAt, place.tz) <= atMs && !isOwn(c.layerId, id));
  return (layerId, partId) =>
    new Set(then.filter((c) => c.layerId === layerId && isOnPart(c, partId)).map((c) => c.coat)).size;
}

type Settled = (layerId: string, coat: number, partId: string) => boolean;

/**
 * Whether a coat was given up: its layer was begun when a mend reworked the part, and the mend lays what is to lie
 * there instead.
 */
function givenUp(job: Pick<Job, 'state' | 'place'>): Settled {
  const reworked = takenMends(job).filter(isReworked);
  if (reworked.length === 0) return () => false;
  const all = reworked.map((m) => ({ of: new Set(m.partIds), on: onThen(job, m) }));
  return (layerId, coat, partId) =>
    all.some(({ of, on }) => {
      const coats = of.has(partId) ? on(layerId, partId) : 0;
      return coats > 0 && coat > coats;
    });
}

/** Whether nothing more is asked of a coat on a part: it is on, or it was given up. */
export function settledCoats(job: Pick<Job, 'state' | 'place'>): Settled {
  const coats = job.state?.coats ?? [];
  const isGivenUp = givenUp(job);
  return (layerId, coat, partId) =>
    coats.some((c) => c.layerId === layerId && c.coat === coat && isOnPart(c, partId)) ||
    isGivenUp(layerId, coat, partId);
}

/** Nothing of it is sprayed: papers, cloths and waits alone. */
export const isCoatless = ({ tasks }: Pick<TakenMend, 'tasks'>): boolean => !tasks.some(isCoating);
const isPolished = ({ tasks }: Pick<TakenMend, 'tasks'>): boolean => tasks.some((t) => t.do === 'polish');

/** What is still to be laid on a part over a layer. */
type IsOpenOver = (layerId: string, partId: string) => boolean;

/**
 * Mends without paint, by when their turn comes: before what is still to be laid on their film, or once all is on.
 * Blocking off what is blocked in any case is no work of its own.
 */
export function coatlessMends(job: Job, isOpenOver: IsOpenOver): { before: Taken[]; after: Taken[] } {
  const all = takenMends(job).filter(isCoatless);
  const isBefore = (m: Taken): boolean => !isPolished(m) && m.partIds.some((id) => isOpenOver(m.layerId, id));
  return {
    before: all.filter((m) => isBefore(m) && m.kind !== 'block-off'),
    after: all.filter((m) => !isBefore(m)),
  };
}

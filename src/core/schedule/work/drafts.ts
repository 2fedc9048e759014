/** What is left of the work, cut into sessions. */
import type { Job } from '@/model/job';
import { productIn } from '../../seams/seam';
import { cupOf } from '../../material/session-pours';
import { NO_CUTS, segmentsOf, type Cuts, type Segment } from './cuts';
import { leftToDo } from './done';
import {
  isAtHand,
  type CoatStep,
  type Draft,
  type Drafts,
  type Film,
  type Ground,
  type PrepStep,
  type Rest,
} from './draft';
import { filmLeft, mendsBefore } from './mending';
import { preparationOf } from './preparation';
import type { Stretch, Work } from './work';

/** What an id of a session is made of: the layer it begins with, and the coat where that is not the first. */
function idOf(steps: readonly CoatStep[], group: Stretch, isFirst: boolean): string {
  if (isFirst) return `s-${group.layers[0]!.id}`;
  const first = steps.find((s) => s.firstOfLayer) ?? steps[0]!;
  return first.firstOfLayer ? `s-${first.layerId}` : `s-${first.layerId}-c${first.coat}`;
}

/** What the film below a group has to be where that is no matter of the sheet alone: a mend waits as it says. */
function readyFor({ layers }: Stretch): Pick<Rest, 'ready' | 'times'> | null {
  const ready = layers[0]?.mend?.ready;
  return ready ? { ready: ready.stage, times: ready.times } : null;
}

/** The newest film a mend is done on, and what it waits for; null where none is. */
function mendedGround(work: Work, { layers: [first] }: Stretch, rest: Rest): Ground | null {
  const mend = first?.mend;
  const film = first && mend?.ready ? filmLeft(work, mend.film, first.partIds) : null;
  return film && { film, ready: rest.ready, ...(rest.times && { times: rest.times }) };
}

/** How the work rests before a segment. */
function restBefore({ rested, steps, isOverItself }: Segment, group: Stretch): Rest {
  const partIds = [...new Set(steps.flatMap((s) => s.partIds))];
  const ready = rested === null ? readyFor(group) : null;
  if (ready) return { ...ready, why: 'sanded', partIds };
  switch (rested) {
    case 'bond':
      return { ready: isOverItself ? 'flash' : 'next', why: 'bond', partIds };
    case 'again':
      return { ready: 'again', why: 'again', partIds };
    default:
      return { ready: 'sand', why: rested ?? 'sanded', partIds };
  }
}

/** What the ids of the sessions of a lot end on. */
const laterOf = (lot: number): string => ['', '-later'][lot] ?? `-later-${lot}`;

/** The parts that get the first coat of a layer here, by layer. */
function begunBy(steps: readonly CoatStep[]): Map<string, Set<string>> {
  const begun = new Map<string, Set<string>>();
  for (const { layerId, partIds } of steps.filter((s) => s.firstOfLayer))
    begun.set(layerId, new Set([...(begun.get(layerId) ?? []), ...partIds]));
  return begun;
}

const epoxiesOf = ({ system }: Work): Set<string> =>
  new Set(
    system.layers
      .filter((l) => productIn(system.products, l.productId).kind === 'epoxy-primer')
      .map((l) => l.id),
  );

/** A segment as a session, its rest not yet known. */
function draftOf(
  work: Work,
  group: Stretch,
  segment: Segment,
  at: { nth: number; first: boolean; lot: number },
): Draft {
  const { job, system, done, open } = work;
  const { steps, rested } = segment;
  const isFirst = at.nth === 0;
  const name = idOf(steps, group, isFirst && rested === null);
  const id = `${name}${laterOf(at.lot)}`;
  const inside = new Set(steps.map((s) => s.layerId));
  const layers = group.layers.filter((l) => inside.has(l.id));
  // Films whose wait still runs carry the first coats; after a rest they are ground.
  const carry = isFirst && rested === null ? group.films : new Map<string, Film>();
  const stretch = {
    id,
    layers,
    seams: system.seams,
    first: at.first,
    rested,
    begins: begunBy(steps),
    isOnFreshClear: segment.isOverItself && steps[0]!.product.kind === 'clear',
    epoxies: epoxiesOf(work),
    hasCans: steps.some((s) => s.product.carrier === 'aerosol'),
  };
  const { visits, prep } = preparationOf(job, stretch);
  const own = at.first ? prep : [...aired(job, id, group.partIds), ...prep];
  const left = carry.size > 0 ? [] : leftToDo(done, own);
  return {
    id,
    layers,
    visits: carry.size > 0 ? [] : leftToDo(done, visits),
    prep: left,
    prepMin: left.reduce((a, p) => a + p.minutes, 0),
    handsFromMs: work.handsFromMs,
    steps,
    partIds: group.partIds,
    carry,
    open,
    rest: null,
    ground: null,
    cupMl: cupOf(job),
    tickedMs: done.tickedMs,
  };
}

/** Heater off, door open and air through it, minutes. From memory. */
const AIR_MIN = 10;

/** A place that was shut and heated for the cure is opened again before the next is sprayed. */
function aired({ dryIn }: Job, id: string, partIds: readonly string[]): PrepStep[] {
  if (dryIn?.kind !== 'heated') return [];
  const detail = { code: 'move-off', params: { minutes: AIR_MIN } };
  return [
    { id: `${id}.air`, kind: 'move', minutes: AIR_MIN, detail, partIds, needs: 'hands', canSplit: false },
  ];
}

/** What follows is on parts of their own: nothing of it waits for these. */
const APART: Rest = { ready: 'sand', why: 'apart', partIds: [] };

export function draftsOf(work: Work, cuts: Cuts = NO_CUTS): Drafts {
  const sessions: Draft[] = [];
  const rests: Rest[] = [];
  let before: Drafts['before'] = null;
  let lastLot = 0;
  work.lots.forEach((ofLot, lot) => {
    ofLot.forEach((group, index) => {
      const film = latest([...group.films.values()]);
      if (group.left.length === 0) {
        if (sessions.length === 0) before = film && { film, ready: 'sand' };
        return;
      }
      const segments = segmentsOf(group.left, group.on.at(-1), cuts);
      segments.forEach((segment, nth) => {
        const rest = restBefore(segment, group);
        const mended = nth === 0 ? mendedGround(work, group, rest) : null;
        if (sessions.length === 0 && (segment.rested !== null || mended))
          before = mended ?? (film && { film, ready: rest.ready });
        const first = lot === 0 && index === 0 && nth === 0;
        const isNewLot = lot > lastLot && sessions.length > 0;
        const draft = draftOf(work, group, segment, { nth, first, lot });
        sessions.push({ ...draft, ground: isNewLot ? mended : null });
        rests.push(isNewLot ? APART : rest);
        lastLot = lot;
      });
    });
  });
  const whole = onceEach(sessions).map((s, k) => ({ ...s, rest: rests[k + 1] ?? null }));
  return withMendsBefore(work, { sessions: whole, before });
}

/** What is mended without paint comes first in the session that goes on over it. */
function withMendsBefore(work: Work, { sessions, before }: Drafts): Drafts {
  const all = mendsBefore(work).map((m) => ({
    ...m,
    k: sessions.findIndex((s) => s.steps.some((x) => x.partIds.some((id) => m.partIds.includes(id)))),
  }));
  const grounds = all.flatMap(({ k, ground }) => (k === 0 ? [ground] : []));
  return {
    sessions: sessions.map((s, i) => {
      const mine = all.filter((m) => m.k === i);
      if (mine.length === 0) return s;
      const later = i > 0 ? mine[0]!.ground : s.ground;
      const visits = [...mine.flatMap((m) => m.steps), ...s.visits];
      // It is worked on before the next coat: that goes on what was worked on, not on the film as it was.
      return { ...s, visits, ground: later, carry: new Map<string, Film>() };
    }),
    before: grounds.at(-1) ?? before,
  };
}

/** What another job leaves in a can is there once: for the first session that sprays it. */
function onceEach(sessions: readonly Draft[]): Draft[] {
  const promised = new Set<string>();
  return sessions.map((draft) => {
    const sprayed = new Set(draft.steps.map((s) => s.product.id));
    const mine = [...draft.open].filter(
      ([id]) => isAtHand(draft, id) || (sprayed.has(id) && !promised.has(id)),
    );
    for (const [id] of mine) if (!isAtHand(draft, id)) promised.add(id);
    return { ...draft, open: new Map(mine) };
  });
}

function latest(films: readonly Film[]): Film | null {
  return films.reduce<Film | null>((a, f) => (a === null || f.endedMs > a.endedMs ? f : a), null);
}

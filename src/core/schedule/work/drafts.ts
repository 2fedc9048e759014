/** The build-up cut into sessions; what the state says is done is taken out, part by part. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { splitAtSeams } from '../../coating/sessions';
import { cupOf } from '../../material/session-pours';
import { productIn, spotsUnder, type System } from '../../seams/seam';
import { coatsOf, type CoatFrame } from './coats';
import { NO_CUTS, segmentsOf, type Cuts, type Segment } from './cuts';
import { doneOf, leftToDo, type Done } from './done';
import type { CoatStep, Draft, Drafts, Film, OpenPot, Rest } from './draft';
import { groupedCoats } from './groups';
import { layersOn, lotsOf } from './lots';
import { preparationOf } from './preparation';
import { withTaping } from './taping';

/** One stretch of the build-up: what is on, what is left. */
interface Stretch {
  readonly layers: readonly PlanLayer[];
  readonly left: readonly CoatStep[];
  readonly films: ReadonlyMap<string, Film>;
  readonly on: readonly CoatStep[];
  readonly partIds: readonly string[];
}

/** The last film on each part from these layers. */
function filmsOf(layers: readonly PlanLayer[], system: System, done: Done): Map<string, Film> {
  const films = new Map<string, Film>();
  for (const layer of layers)
    for (const partId of layer.partIds) {
      const ends = done.endsOf(layer.id, partId);
      if (ends.length === 0) continue;
      const product = productIn(system.products, layer.productId);
      const under = films.get(partId);
      const isOnSpot = under && spotsUnder(system.seams, layer.id).includes(under.layerId);
      const firstEndedMs = isOnSpot ? under.firstEndedMs : ends[0]!;
      const film = { product, layerId: layer.id, endedMs: ends.at(-1)!, firstEndedMs };
      films.set(partId, film);
    }
  return films;
}

function stretchOf(job: Job, system: System, layers: readonly PlanLayer[], done: Done): Stretch {
  const partIds = [...new Set(layers.flatMap((l) => l.partIds))];
  const frame: CoatFrame = {
    job,
    parts: new Map(job.parts.map((p) => [p.id, p])),
    numbers: new Map(partIds.map((id, i) => [id, i])),
    system,
  };
  const coatsBy = (coats: typeof coatsOf, isOn: boolean): CoatStep[] =>
    layers.flatMap((layer) =>
      coats(
        frame,
        layer,
        productIn(system.products, layer.productId),
        (coat, partId) => done.isOn(layer.id, coat, partId) === isOn,
      ),
    );
  const left = withTaping(coatsBy(groupedCoats, false), layers);
  return { layers, left, films: filmsOf(layers, system, done), on: coatsBy(coatsOf, true), partIds };
}

/** What an id of a session is made of: the layer it begins with, and the coat where that is not the first. */
function idOf(steps: readonly CoatStep[], group: Stretch, isFirst: boolean): string {
  if (isFirst) return `s-${group.layers[0]!.id}`;
  const first = steps.find((s) => s.firstOfLayer) ?? steps[0]!;
  return first.firstOfLayer ? `s-${first.layerId}` : `s-${first.layerId}-c${first.coat}`;
}

/** How the work rests before a segment. */
function restBefore({ rested, steps, isOverItself }: Segment): Rest {
  const partIds = [...new Set(steps.flatMap((s) => s.partIds))];
  switch (rested) {
    case 'bond':
      return { ready: isOverItself ? 'flash' : 'next', why: 'bond', partIds };
    case 'again':
      return { ready: 'again', why: 'again', partIds };
    default:
      return { ready: 'sand', why: rested ?? 'sanded', partIds };
  }
}

/** What was opened before, less what the coats since took out of it. */
function openLeft(done: Done, stretches: readonly Stretch[]): Map<string, OpenPot> {
  const sprayed = (productId: string, sinceMs: number): number =>
    stretches
      .flatMap((s) => s.on)
      .filter((c) => c.product.id === productId)
      .filter((c) => done.endedMs(c.layerId, c.coat, c.partIds[0]!) > sinceMs)
      .reduce((a, c) => a + c.ml, 0);
  return new Map(
    [...done.open].map(([id, pot]): [string, OpenPot] => {
      return [id, { ...pot, ml: Math.max(0, pot.ml - sprayed(id, pot.atMs)) }];
    }),
  );
}

/** What is on and what is left of a job, lot by lot and stretch by stretch; the same however it is cut. */
export interface Work {
  readonly job: Job;
  readonly system: System;
  readonly done: Done;
  readonly lots: readonly (readonly Stretch[])[];
  readonly open: ReadonlyMap<string, OpenPot>;
}

export function workOf(job: Job, system: System): Work {
  const done = doneOf(job, system);
  const stretches = splitAtSeams(system);
  const lots = lotsOf(stretches, done).map((lot) =>
    stretches
      .map((layers) => layersOn(layers, lot))
      .filter((layers) => layers.length > 0)
      .map((layers) => stretchOf(job, system, layers, done)),
  );
  return { job, system, done, lots, open: openLeft(done, lots.flat()) };
}

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
  const id = at.lot === 0 ? name : `${name}-later`;
  const inside = new Set(steps.map((s) => s.layerId));
  const layers = group.layers.filter((l) => inside.has(l.id));
  // Films whose wait still runs carry the first coats; after a rest they are ground.
  const carry = isFirst && rested === null ? group.films : new Map<string, Film>();
  const stretch = { id, layers, seams: system.seams, first: at.first, rested };
  const { visits, prep } = preparationOf(job, stretch);
  const left = carry.size > 0 ? [] : leftToDo(done, prep);
  return {
    id,
    layers,
    visits: carry.size > 0 ? [] : leftToDo(done, visits),
    prep: left,
    prepMin: left.reduce((a, p) => a + p.minutes, 0),
    steps,
    partIds: group.partIds,
    carry,
    open,
    rest: null,
    cupMl: cupOf(job),
  };
}

export function draftsOf(work: Work, cuts: Cuts = NO_CUTS): Drafts {
  const sessions: Draft[] = [];
  const rests: Rest[] = [];
  let before: Drafts['before'] = null;
  work.lots.forEach((ofLot, lot) =>
    ofLot.forEach((group, index) => {
      const film = latest([...group.films.values()]);
      if (group.left.length === 0) {
        if (sessions.length === 0) before = film && { film, ready: 'sand' };
        return;
      }
      const segments = segmentsOf(group.left, group.on.at(-1), cuts);
      segments.forEach((segment, nth) => {
        const rest = restBefore(segment);
        if (sessions.length === 0 && segment.rested !== null) before = film && { film, ready: rest.ready };
        const first = lot === 0 && index === 0 && nth === 0;
        sessions.push(draftOf(work, group, segment, { nth, first, lot }));
        rests.push(rest);
      });
    }),
  );
  return { sessions: sessions.map((s, k) => ({ ...s, rest: rests[k + 1] ?? null })), before };
}

function latest(films: readonly Film[]): Film | null {
  return films.reduce<Film | null>((a, f) => (a === null || f.endedMs > a.endedMs ? f : a), null);
}

/** The coats of every stretch that are left, on the one that is there, for the ways to part them. */
export const coatsLeft = ({ lots }: Work): (readonly CoatStep[])[] =>
  lots.flat().map(({ left, on }) => {
    const under = on.at(-1);
    return under !== undefined && left.length > 0 ? [under, ...left] : left;
  });

/** What is on and what is left of a job, lot by lot and stretch by stretch, however it is cut into sessions. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { splitAtSeams } from '../../coating/sessions';
import { COLOURED } from '../../coating/tint';
import { filmsOn } from '../../material/film-on';
import { productIn, spotsUnder, type System } from '../../seams/seam';
import { coatsOf, type CoatFrame } from './coats';
import { doneOf, type Done } from './done';
import { RINSE_MIN, type CoatStep, type Film, type LeftCan, type OpenPot } from './draft';
import { groupedCoats } from './groups';
import { gunToRinse } from './gun';
import { evenLots, hasDays, layersOn, lotsOf, type Lot } from './lots';
import { withTaping } from './taping';
import { MINUTE } from '../../time/instant';

/** One stretch of the build-up: what is on, what is left. */
export interface Stretch {
  readonly layers: readonly PlanLayer[];
  readonly left: readonly CoatStep[];
  readonly films: ReadonlyMap<string, Film>;
  readonly on: readonly CoatStep[];
  readonly partIds: readonly string[];
}

/** The last film on each part from these layers. */
function filmsOf({ job, system, done }: Asked, layers: readonly PlanLayer[]): Map<string, Film> {
  const filmOn = filmsOn(job, system);
  const films = new Map<string, Film>();
  for (const layer of layers)
    for (const partId of layer.partIds) {
      const ends = done.endsOf(layer.id, partId);
      if (ends.length === 0) continue;
      const product = productIn(system.products, layer.productId);
      const under = films.get(partId);
      const isOnSpot = under && spotsUnder(system.seams, layer.id).includes(under.layerId);
      const firstEndedMs = isOnSpot ? under.firstEndedMs : ends[0]!;
      const film = {
        product,
        layerId: layer.id,
        endedMs: ends.at(-1)!,
        firstEndedMs,
        film: filmOn(layer, partId),
      };
      films.set(partId, film);
    }
  return films;
}

/** Coats of all but the last lot are pieces of their rounds: ticked they count for their own parts. */
const named = (steps: readonly CoatStep[], mark: string): CoatStep[] =>
  steps.map((s) => ({ ...s, id: `${s.id}${mark}` }));

/** @param mark of its lot, put after the ids of its coats */
function stretchOf({ job, system, done }: Asked, layers: readonly PlanLayer[], mark: string): Stretch {
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
  const left = withTaping(named(coatsBy(groupedCoats, false), mark), system.layers);
  return { layers, left, films: filmsOf({ job, system, done }, layers), on: coatsBy(coatsOf, true), partIds };
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
  /** The gun is rinsed first, ms; -Infinity where it is clean, or the same paint comes next. */
  readonly handsFromMs: number;
}

/** The same work where another job's can may serve: of what has no colour, the one that lives longest. */
export function withCans(work: Work, cans: readonly LeftCan[]): Work {
  const open = new Map(work.open);
  for (const { productId, ...can } of [...cans].sort((a, b) => a.atMs - b.atMs)) {
    const product = work.system.products.get(productId);
    if (product && !COLOURED.has(product.kind) && !work.open.has(productId)) open.set(productId, can);
  }
  return { ...work, open };
}

type Asked = Pick<Work, 'job' | 'system' | 'done'>;

/** Of lot k: none for the last, a, b and so on for those before it. */
const markOf = (k: number, of: number): string => (k === of - 1 ? '' : `~${String.fromCharCode(97 + k)}`);

/**
 * The stretches of a lot. Where something is mended they are those of its own parts: a mend on others parts nothing here.
 */
function stretchesOf(
  { system }: Asked,
  stretches: readonly (readonly PlanLayer[])[],
  lot: Lot,
): PlanLayer[][] {
  if (!system.layers.some((l) => l.mend)) return stretches.map((layers) => layersOn(layers, lot));
  const seams = system.seams.filter((s) => s.partIds.some((id) => lot.has(id)));
  return splitAtSeams({ layers: layersOn(system.layers, lot), seams });
}

function workIn(asked: Asked, stretches: readonly (readonly PlanLayer[])[], lots: readonly Lot[]): Work {
  const ofLots = lots.map((lot, k) =>
    stretchesOf(asked, stretches, lot)
      .filter((layers) => layers.length > 0)
      .map((layers) => stretchOf(asked, layers, markOf(k, lots.length))),
  );
  return { ...asked, lots: ofLots, open: openLeft(asked.done, ofLots.flat()), handsFromMs: -Infinity };
}

/** @param nowMs of the plan; left out, nothing is in the gun */
export function workOf(job: Job, system: System, nowMs?: number): Work {
  const done = doneOf(job, system);
  const stretches = splitAtSeams(system);
  const work = workIn({ job, system, done }, stretches, lotsOf(stretches, done));
  const isDirty = nowMs !== undefined && gunToRinse(work, nowMs) !== null;
  return isDirty ? { ...work, handsFromMs: nowMs + RINSE_MIN * MINUTE } : work;
}

/** No film of it waits for the next: every part may go on whenever it likes. */
const isAtRest = ({ lots }: Work): boolean =>
  lots.length === 1 && lots[0]!.every((s) => s.films.size === 0 || s.left.length === 0);

/** Lots that are tried in every order; more go on in the order of their days. */
const MOST_ORDERED = 3;

function ordersOf<T>(list: readonly T[]): T[][] {
  if (list.length <= 1) return [[...list]];
  return list.flatMap((x, i) =>
    ordersOf([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [x, ...rest]),
  );
}

/**
 * The same work, its parts in lots that go on one after the other: in every order where some part has a day of its own
 * and they are few, the likeliest first; empty where they may not be parted.
 */
export function inLots(work: Work, count: number): Work[] {
  const lots = isAtRest(work) ? evenLots(work.job, work.system, count) : [];
  if (lots.length < 2) return [];
  const orders = hasDays(work.job) && lots.length <= MOST_ORDERED ? ordersOf(lots) : [lots];
  const stretches = splitAtSeams(work.system);
  const { open, handsFromMs } = work;
  return orders.map((order) => ({ ...workIn(work, stretches, order), open, handsFromMs }));
}

/** The coats of every stretch that are left, on the one that is there, for the ways to part them. */
export const coatsLeft = ({ lots }: Work): (readonly CoatStep[])[] =>
  lots.flat().map(({ left, on }) => {
    const under = on.at(-1);
    return under !== undefined && left.length > 0 ? [under, ...left] : left;
  });

/** The film that the next coat waits for: from when it takes it, how long it is best, when it is too late. */
import type { Job } from '@/model/job';
import type { Session, Task } from '@/model/plan';
import type { WaitingFilm } from '@/model/waiting';
import { asOnSheet, feltBy } from './coating/felt';
import { clockOf } from './aftercare';
import type { ProductClock } from './drying/clocks';
import { filmFactor } from './drying/rate';
import type { Airs } from './job-air';
import { filmAt, filmsOn } from './material/film-on';
import { productIn, type System } from './seams/seam';
import { coatsOn, isOnPart, type CoatOn } from './time/coats-on';
import { isoOf, MINUTE } from './time/instant';

/** A film that lay longer is rested on, and no wait of this session, ms. */
const LONGEST_MS = 48 * 60 * MINUTE;

interface Lying {
  readonly coat: CoatOn;
  readonly partId: string;
}

/** The newest coat on each part of the next one. */
function lyingUnder(job: Job, system: System, { partIds }: Task): Lying[] {
  const known = new Set(system.layers.map((l) => l.id));
  return partIds.flatMap((partId): Lying[] => {
    const mine = coatsOn(job)
      .filter((c) => known.has(c.layerId) && isOnPart(c, partId))
      .sort((a, b) => b.endedMs - a.endedMs);
    return mine[0] ? [{ coat: mine[0], partId }] : [];
  });
}

/** It goes on wet: on its own film, or on another that takes it so. */
function isWet({ seams }: System, next: Task, underId: string): boolean {
  if (next.layerId === underId) return true;
  const isThis = (s: System['seams'][number]): boolean =>
    s.above === next.layerId && s.below.kind === 'layer' && s.below.layerId === underId;
  return seams.some((s) => isThis(s) && s.join === 'wet-on-wet');
}

/** Until when it takes a coat, ms; Infinity where it always does. */
function lateMs(
  clock: ProductClock,
  row: number,
  coat: { endedMs: number; firstMs: number },
  isItself: boolean,
): number {
  const { product } = clock;
  if (!isItself)
    return product.nextBondMaxMin === undefined
      ? Infinity
      : clock.maxAt(product.nextBondMaxMin, row, coat.endedMs);
  const most = product.itselfMaxMin ?? product.itselfForbiddenMin?.[0];
  const fromMs = product.itselfForbiddenMin ? coat.firstMs : coat.endedMs;
  return most === undefined ? Infinity : clock.maxAt(most, row, fromMs);
}

/** null where nothing is waited for: no session, nothing under its first coat, or that is sanded first. */
export function waitingFilm(
  { job, system, airs }: { job: Job; system: System; airs: Airs | null },
  sessions: readonly Session[],
  nowMs: number,
): WaitingFilm | null {
  const next = sessions[0]?.tasks.find((t) => t.kind === 'coat');
  if (!airs || !next) return null;
  const under = lyingUnder(job, system, next).filter(
    ({ coat }) => nowMs - coat.endedMs < LONGEST_MS && isWet(system, next, coat.layerId),
  );
  const newest = under.map((u) => u.coat).sort((a, b) => b.endedMs - a.endedMs)[0];
  const layer = system.layers.find((l) => l.id === newest?.layerId);
  if (!newest || !layer) return null;
  const product = productIn(system.products, layer.productId);
  const { air } = airs;
  const row = air.rows - 1;
  const clock = clockOf(job, airs, product);
  const isItself = system.layers.find((l) => l.id === next.layerId)?.productId === layer.productId;
  const stage = isItself ? 'flash' : 'next';
  const firstMs = Math.min(
    ...coatsOn(job)
      .filter((c) => c.layerId === layer.id)
      .map((c) => c.endedMs),
  );
  const endsMs = under.map((u) => u.coat.endedMs);
  const tellable = (ms: number): string | null => (Number.isFinite(ms) ? isoOf(ms, job.place.tz) : null);
  const filmOn = filmsOn(job, system);
  const overOn = (partId: string): number => filmAt(filmOn(layer, partId), stage);
  const readyMs = under.map(({ coat, partId }) => clock.stageAt(stage, row, coat.endedMs, overOn(partId)));
  const earliestMs = Math.max(...readyMs);
  const { mode } = clock.stage(stage);
  const over = Math.max(...under.map((u) => filmFactor(mode, overOn(u.partId))));
  const oldestMs = Math.min(...endsMs);
  const wetMin = isItself ? undefined : product.nextWetMaxMin;
  return {
    layerId: layer.id,
    productId: product.id,
    partIds: under.map((u) => u.partId),
    endedAt: isoOf(newest.endedMs, job.place.tz),
    stage,
    earliestAt: tellable(earliestMs),
    wetUntil: wetMin === undefined ? null : tellable(oldestMs + wetMin * MINUTE),
    lateAt: tellable(lateMs(clock, row, { endedMs: oldestMs, firstMs }, isItself)),
    sheetMin: isItself ? asOnSheet(product).flashMin : asOnSheet(product).nextMinMin,
    times: feltBy(job).get(product.id) ?? 1,
    over,
  };
}

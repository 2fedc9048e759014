/** Every mend of every fault on a job, as far as the job is: what the tests of mends in plans go through. */
import { systemFor } from '@/core/coating/system';
import { noteFault } from '@/core/edits/faults';
import { mendingNow, type OnJob } from '@/core/faults/at-hand';
import { FAULT_CARDS } from '@/core/faults/cards';
import { mendsFor } from '@/core/faults/mend';
import { takeMend } from '@/core/faults/take';
import { withZones } from '@/core/surface/zones';
import { isoOf, MINUTE } from '@/core/time/instant';
import { isClosed, type Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { DEMO_JOBS } from './jobs';
import { NOW, TZ } from './test-kit';

export interface MendCase {
  /** Job, film, fault, kind of mend, number of parts. */
  readonly name: string;
  readonly before: Job;
  readonly after: Job;
  readonly was: readonly PlanLayer[];
  readonly layerId: string;
  readonly partIds: readonly string[];
}

/** As if so many layers were on wholly, the last an hour ago, the one before a day before that and so on. */
function progressed(job: Job, layers: readonly PlanLayer[], on: number): Job {
  const coats = layers
    .slice(0, on)
    .flatMap((l, i) =>
      Array.from({ length: l.coats }, (_, c) => ({
        layerId: l.id,
        coat: c + 1,
        endedAt: isoOf(NOW - (60 + (on - 1 - i) * 1440 + 15 * (l.coats - c)) * MINUTE, TZ),
      })),
    );
  return { ...job, state: { coats, activations: [] } };
}

/** Mends that may be taken at an instant, for all parts of the film and for its first. */
export function* mendsAt(name: string, before: Job, nowMs: number): Generator<MendCase> {
  const { layers, products } = systemFor(before);
  const nth = (before.state?.faults?.length ?? 0) + 1;
  for (const card of FAULT_CARDS) {
    const seen: OnJob = { job: withZones(before), layers, products, spraying: null };
    const m = mendingNow(seen, nowMs, card.on);
    if (!m) continue;
    const film = layers.find((l) => l.id === m.layerId)!;
    for (const partIds of [film.partIds, film.partIds.slice(0, 1)])
      for (const mend of mendsFor(card, m)) {
        const taken = takeMend(mend, { id: `m${nth}`, layerId: m.layerId, partIds, areaM2: m.areaM2 });
        if (!taken) continue;
        const after = noteFault(before, { code: card.code, atMs: nowMs, layerId: m.layerId, mend: taken });
        const said = `${name} ${film.id} ${card.code} ${mend.kind} ${partIds.length}`;
        yield { name: said, before, after, was: layers, layerId: m.layerId, partIds };
      }
  }
}

/** One of each kind of mend on each film at each progress, for all parts and for one. */
function* casesOf(name: string, fresh: Job): Generator<MendCase> {
  const { layers } = systemFor(fresh);
  for (let on = 1; on <= layers.length; on++)
    yield* oneOfEach(mendsAt(name, progressed(fresh, layers, on), NOW));
}

/** The first of each kind on a film for so many parts. */
export function* oneOfEach(cases: Iterable<MendCase>): Generator<MendCase> {
  const seen = new Set<string>();
  for (const c of cases) {
    const [job, film, , kind, parts] = c.name.split(' ');
    const key = `${job} ${film} ${kind} ${parts}`;
    if (seen.has(key)) continue;
    seen.add(key);
    yield c;
  }
}

/** Over the demo's open jobs. */
export const demoMends = (): MendCase[] =>
  DEMO_JOBS.filter(({ job }) => !isClosed(job)).flatMap(({ id, job: { state: _s, ...job } }) => [
    ...casesOf(id, job as Job),
  ]);

/** What a check says of each case it finds fault with. */
export const brokenIn = (all: readonly MendCase[], check: (c: MendCase) => string | null): string[] =>
  all.flatMap((c) => {
    const said = check(c);
    return said === null ? [] : [`${c.name}: ${said}`];
  });

/** Blockers that the mend brings; null where there are none. */
export function freshBlockers({ before, after }: MendCase): string | null {
  const was = new Set(systemFor(before).blockers.map((b) => JSON.stringify(b)));
  const fresh = systemFor(after).blockers.filter((b) => !was.has(JSON.stringify(b)));
  return fresh.length > 0 ? JSON.stringify(fresh) : null;
}

/** Layers and coats of the parts that the mend is not on. */
export const othersOn = (layers: readonly PlanLayer[], partIds: readonly string[]): string =>
  JSON.stringify(
    layers.flatMap((l) => {
      const ids = l.partIds.filter((id) => !partIds.includes(id));
      return ids.length > 0 ? [[l.id, l.coats, ids]] : [];
    }),
  );

/** A part that ends on another paint than it was to; null where none does. */
export function otherTop({ after, was, partIds }: MendCase): string | null {
  const topOn = (layers: readonly PlanLayer[], id: string): string | undefined =>
    layers.findLast((l) => l.partIds.includes(id))?.productId;
  const { layers } = systemFor(after);
  const other = partIds.find((id) => topOn(layers, id) !== topOn(was, id));
  return other ? `${topOn(was, other)} became ${topOn(layers, other)}` : null;
}

/** Plans made once: what is shared, kept, overtaken, cancelled. */
import { describe, expect, it } from 'vitest';
import type { Answer } from '@/core/plan';
import { HALF_HOUR, HOUR, isoOf, MINUTE, msOf } from '@/core/time/instant';
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job } from '@/model/job';
import { Plans, sinceOf, type PlanKey } from './plans';
import { storedJob } from './test-stored';

const TZ = 'Europe/London';
const NOW = msOf('2026-05-16T07:50', TZ);
const { state: _state, ...job } = DEMO_JOBS[0]!.job;
const stored = storedJob(job, 'lid');
const issued = { forecast: {} as never, issuedMs: 1 };
const answerAt = (nowMs: number, startMs: number): Answer =>
  ({ plan: { now: isoOf(nowMs, TZ), sessions: [{ startsAt: isoOf(startMs, TZ) }] } }) as never;

function workshop(startMs = NOW + 3 * HOUR) {
  const made: number[] = [];
  const kept = new Map<string, Answer>();
  const name = ({ jobId, issuedMs, sinceMs }: PlanKey): string => `${jobId} ${issuedMs} ${sinceMs}`;
  const shelf = {
    get: (key: PlanKey) => kept.get(name(key)) ?? null,
    keep: (key: PlanKey, answer: Answer) => void kept.set(name(key), answer),
  };
  const make = async ({ nowMs }: { nowMs: number }): Promise<Answer> => {
    made.push(nowMs);
    return answerAt(nowMs, Math.max(startMs, nowMs));
  };
  return { made, shelf, plans: () => new Plans(make, shelf) };
}

describe('when a plan is made', () => {
  it('once for a half hour, for the minute it is first asked in', async () => {
    const w = workshop();
    const plans = w.plans();
    for (const min of [0, 0.5, 5, 9.9]) await plans.of(stored, issued, NOW + min * MINUTE);
    expect(w.made).toEqual([NOW]);
    await plans.of(stored, issued, NOW + 10 * MINUTE);
    expect(w.made).toEqual([NOW, NOW + 10 * MINUTE]);
  });

  it('anew for another issue of the forecast, another job', async () => {
    const w = workshop();
    const plans = w.plans();
    await plans.of(stored, issued, NOW);
    await plans.of({ ...stored, version: 2 }, { ...issued, issuedMs: 2 }, NOW);
    await plans.of({ ...stored, id: 'door' }, issued, NOW);
    expect(w.made).toHaveLength(3);
  });

  it('anew for a job that came back by a copy under the same version', async () => {
    const made: string[] = [];
    const plans = new Plans(
      async ({ job: asked, nowMs }) => {
        made.push(asked.name);
        return answerAt(nowMs, NOW + HOUR);
      },
      { get: () => null, keep: () => undefined },
    );
    await plans.of(stored, issued, NOW);
    await plans.of({ ...stored, job: { ...job, name: 'Of the copy' } }, issued, NOW);
    await plans.of(stored, issued, NOW);
    expect(made).toEqual([job.name, 'Of the copy', job.name]);
  });

  it('once for several who find it overtaken together', async () => {
    const w = workshop(NOW + 2 * MINUTE);
    const plans = w.plans();
    await plans.of(stored, issued, NOW);
    await Promise.all([1, 2, 3].map(() => plans.of(stored, issued, NOW + 5 * MINUTE)));
    expect(w.made).toEqual([NOW, NOW + 5 * MINUTE]);
  });

  it('not at all where the shelf has it, after a new start for instance', async () => {
    const w = workshop();
    await w.plans().of(stored, issued, NOW);
    expect(await w.plans().of(stored, issued, NOW + 5 * MINUTE)).toEqual(answerAt(NOW, NOW + 3 * HOUR));
    expect(w.made).toEqual([NOW]);
  });

  it('anew when the start it proposes has passed', async () => {
    const w = workshop(NOW + 2 * MINUTE);
    const plans = w.plans();
    await plans.of(stored, issued, NOW);
    await plans.of(stored, issued, NOW + 2.5 * MINUTE);
    expect(w.made).toEqual([NOW]);
    await plans.of(stored, issued, NOW + 5 * MINUTE);
    expect(w.made).toEqual([NOW, NOW + 5 * MINUTE]);
  });

  it('by the minute in the middle of work, by the half hour two days after the last tick', () => {
    const at = (hoursAgo: number): Job => ({
      ...job,
      state: {
        coats: [{ layerId: 'base', coat: 1, endedAt: isoOf(NOW - hoursAgo * HOUR, TZ) }],
        activations: [],
      },
    });
    expect(sinceOf(at(1), NOW + 90_500)).toBe(NOW + MINUTE);
    expect(sinceOf(at(47), NOW)).toBe(NOW);
    expect(sinceOf(at(49), NOW)).toBe(NOW - 20 * MINUTE);
    expect(sinceOf(job, NOW)).toBe(Math.floor(NOW / HALF_HOUR) * HALF_HOUR);
  });
});

describe('several who wait for one plan', () => {
  function slow() {
    const made: AbortSignal[] = [];
    let done: (answer: Answer) => void = () => undefined;
    const plans = new Plans(
      (_request, signal) => {
        made.push(signal);
        return new Promise((resolve, reject) => {
          done = resolve;
          signal.addEventListener('abort', () => reject(new Error('cancelled')));
        });
      },
      { get: () => null, keep: () => undefined },
    );
    return { made, plans, done: (answer: Answer) => done(answer) };
  }
  const answer = answerAt(NOW, NOW + HOUR);

  it('share one making', async () => {
    const s = slow();
    const both = [s.plans.of(stored, issued, NOW), s.plans.of(stored, issued, NOW)];
    s.done(answer);
    expect(await Promise.all(both)).toEqual([answer, answer]);
    expect(s.made).toHaveLength(1);
  });

  it('one who leaves does not stop it for the other; when all have left it is cancelled', async () => {
    const s = slow();
    const [a, b] = [new AbortController(), new AbortController()];
    const first = s.plans.of(stored, issued, NOW, a.signal).catch((e: Error) => e.name);
    const second = s.plans.of(stored, issued, NOW, b.signal).catch((e: Error) => e.name);
    a.abort();
    expect(await first).toBe('AbortError');
    expect(s.made[0]!.aborted).toBe(false);
    b.abort();
    expect(await second).toBe('AbortError');
    expect(s.made[0]!.aborted).toBe(true);
  });

  it('asked for again after a cancel it is made again', async () => {
    const s = slow();
    const stop = new AbortController();
    const first = s.plans.of(stored, issued, NOW, stop.signal).catch(() => null);
    stop.abort();
    await first;
    const second = s.plans.of(stored, issued, NOW);
    s.done(answer);
    expect(await second).toEqual(answer);
    expect(s.made).toHaveLength(2);
  });

  it('a making that failed is not remembered', async () => {
    let fails = true;
    const plans = new Plans(
      async () => {
        if (fails) throw new Error('no');
        return answer;
      },
      { get: () => null, keep: () => undefined },
    );
    await expect(plans.of(stored, issued, NOW)).rejects.toThrow('no');
    fails = false;
    expect(await plans.of(stored, issued, NOW)).toEqual(answer);
  });
});

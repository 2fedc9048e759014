/** What the bench shows: what comes next over all jobs, sums, hours that several jobs want, each job in a line. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { at, sessionOf, span } from '@/demo/hours-kit';
import { demo, simulated } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Plan, Session } from '@/model/plan';
import type { BenchJob } from '@/usecases/bench';
import { formatFor } from '@/words/format';
import {
  benchSums,
  boardRow,
  boardScale,
  clashesOf,
  clashHours,
  minutesTo,
  nextAtHand,
  nextJob,
  nextUp,
  nextLimits,
  outcomeOf,
  stepLine,
  whenLine,
} from './bench';

const f = formatFor('metric');
const HOUR = 3_600_000;
const bonnet = demo('tractor-bonnet');
const plan = simulated(bonnet);
const onBench = (id: string, job: Job, p: Plan): BenchJob =>
  ({ id, job, plan: p, products: [...CATALOGUE] }) as unknown as BenchJob;
const session = (from: number, to: number, over: Partial<Session> = {}): Session =>
  sessionOf(plan, from, to, over);
const withSession = (id: string, from: number, to: number): BenchJob =>
  onBench(id, { ...bonnet, name: id }, { ...plan, visits: [], sessions: [session(from, to)] });
/** A job whose hands-on work outside its session takes some hours. */
function withVisit(id: string, from: number, to: number): BenchJob {
  const [visit] = plan.visits;
  const task = { ...visit!.tasks[0]!, startsAt: at(from), endsAt: at(to) };
  const visits = [{ ...visit!, startsAt: at(from), endsAt: at(to), tasks: [task] }];
  return onBench(id, { ...bonnet, name: id }, { ...plan, visits, sessions: [session(90, 92)] });
}

describe('the bench', () => {
  it('the job whose session comes first is next; jobs without one are not', () => {
    const done = onBench('done', bonnet, { ...plan, sessions: [] });
    expect(nextJob([done, withSession('b', 9, 12), withSession('a', 4, 6)])?.id).toBe('a');
    expect(nextJob([done])).toBeUndefined();
    // On a phone the work before a session counts as well.
    expect(nextAtHand([withSession('a', 4, 6), withVisit('b', 2, 3)])?.id).toBe('b');
    expect(nextJob([withSession('a', 4, 6), withVisit('b', 2, 3)])?.id).toBe('a');
    expect(nextAtHand([done])).toBeUndefined();
  });
  it('sums go over all jobs; nothing on the bench is nothing', () => {
    const jobs = [withSession('a', 1, 2), withSession('b', 3, 4)];
    const { total, packs, budget } = benchSums(jobs);
    expect(total).toBeCloseTo(2 * 87.8, 6);
    expect(budget).toBe(400);
    // 4 of base and 2 of clear for each.
    expect(packs).toEqual({ cans: 12, tins: 0 });
    expect(benchSums([])).toEqual({
      total: 0,
      budget: 0,
      currency: 'GBP',
      packs: { cans: 0, tins: 0 },
      handsOnH: 0,
    });
  });
  it('two jobs clash when one begins before the other’s hands are free; back to back is no clash', () => {
    expect(clashesOf([withSession('a', 4, 6), withSession('b', 6, 8)])).toEqual([]);
    // The later one is named with its own hour.
    const late = { first: 'a', second: 'b', at: at(5) };
    expect(clashesOf([withSession('b', 5, 8), withSession('a', 4, 6)])).toEqual([late]);
    expect(clashesOf([withSession('a', 4, 6)])).toEqual([]);
    expect(clashesOf([withSession('a', 4, 6), withVisit('b', 5, 7)])).toEqual([late]);
    expect(clashesOf([withSession('a', 4, 6), withVisit('b', 6, 7)])).toEqual([]);
  });
  it('every pair that clashes is named, each once; the hours with all that want them', () => {
    const clashes = clashesOf([withSession('a', 4, 9), withSession('b', 5, 8), withSession('c', 7, 10)]);
    expect(clashes.map((c) => `${c.first}${c.second}`).sort()).toEqual(['ab', 'ac', 'bc']);
    expect(clashHours(clashes)).toEqual([
      { at: at(5), names: ['a', 'b'] },
      { at: at(7), names: ['a', 'c', 'b'] },
    ]);
  });
  it('what comes next over all jobs: the soonest first; a blocked job and a finished one ask for nothing', () => {
    const jobs = [onBench('x', bonnet, plan), onBench('done', bonnet, { ...plan, sessions: [], visits: [] })];
    const steps = nextUp(jobs);
    expect(steps.map((s) => s.id)).toEqual(['x']);
    expect(steps[0]!.what.length).toBeGreaterThan(2);
  });
  it('a job in a line: what is next, when, and the odds apart', () => {
    const job = onBench('x', bonnet, plan);
    expect(stepLine(job, true)).toMatch(/ first, then base and clear$/);
    expect(stepLine(job, false)).not.toContain('first');
    expect(stepLine(onBench('x', bonnet, { ...plan, kind: 'blocked' }), true)).toBe('Blocked');
    expect(stepLine(onBench('x', bonnet, { ...plan, sessions: [] }), true)).toBe('All coats are on');
    expect(whenLine(onBench('x', bonnet, { ...plan, sessions: [] }), f)).toEqual({
      text: 'Let it harden',
      odds: null,
    });
    const two = { ...plan, sessions: [plan.sessions[0]!, plan.sessions[0]!] };
    expect(whenLine(onBench('x', bonnet, two), f).text).toMatch(/, 2 sessions$/);
    expect(whenLine(job, f).odds).toMatch(/^\d+ %$/);
  });
  it('a job is as good as its worst layer', () => {
    const logged = (...marks: number[]): string => {
      const outcomes = marks.map((mark, i) => ({ layerId: `l${i}`, mark }));
      return outcomeOf(onBench('x', { ...bonnet, log: { used: [], outcomes, note: '' } } as never, plan));
    };
    expect(logged()).toBe('');
    expect(logged(5, 2)).toBe(logged(2));
    expect(logged(5, 2)).not.toBe(logged(5));
  });
  it('minutes to the next step are said within twenty hours, not after it began', () => {
    expect(minutesTo(at(2), 0)).toBe(120);
    expect(minutesTo(at(20), 0)).toBeNull();
    expect(minutesTo(at(0), 0)).toBeNull();
    expect(nextLimits(onBench('x', bonnet, plan))?.id).toBe('orrin-base');
    expect(nextLimits(undefined)).toBeUndefined();
  });
  it('the board has seven civil days, also when the clocks go back', () => {
    const midnight = Date.parse('2026-10-23T00:00:00+01:00');
    const { fromMs, days } = boardScale(midnight + 13 * HOUR, 'Europe/London', 7);
    expect(fromMs).toBe(midnight);
    expect(days.map((d) => (d - midnight) / HOUR)).toEqual([0, 24, 48, 73, 97, 121, 145]);
  });
  it('a row keeps what suits, the pot over its session, and a name that fits', () => {
    const suit = {
      sessionId: 's',
      spans: [span(1, 2, 'no', 'rain'), span(2, 4, 'good'), span(4, 5, 'inside')],
    };
    const row = boardRow(
      onBench(
        'x',
        { ...bonnet, name: 'A name of more than four and twenty letters' },
        { ...plan, suits: [suit] as never },
      ),
      f,
    );
    expect(row.spans.map((s) => s.isGood)).toEqual([true, false]);
    expect(row.name).toBe('A name of more than fou…');
    const pot = plan.sessions[0]!.activations[0]!;
    expect(row.blocks[0]!.pot).toEqual({ fromMs: Date.parse(pot.at), toMs: Date.parse(pot.usableUntil) });
    expect(row.blocks[0]!.fills[0]).not.toBe(row.blocks[0]!.fills[1]);
    expect(boardRow(onBench('x', bonnet, { ...plan, sessions: [], suits: [] }), f).said).toMatch(
      /nothing planned$/,
    );
  });
});

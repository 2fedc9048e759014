/** The card of now in words. */
import { describe, expect, it } from 'vitest';
import type { PlanDecision } from '@/model/starts';
import { formatFor } from '@/words/format';
import { actShort, actView } from './act';

const f = formatFor('metric');
const here = { nowMs: Date.parse('2026-05-16T07:50:00+01:00'), tz: 'Europe/London' };
const go: PlanDecision = {
  act: 'go',
  sessionId: 's',
  now: { at: '2026-05-16T10:00:00+01:00', chance: 0.97, cost: 4 },
  likely: { at: '2026-05-16T10:00:00+01:00', chance: 0.97, share: 1 },
  begun: 1,
  cost: 4,
  waiting: 9.5,
  never: 120,
  stake: 54,
  least: 0.8,
  isLimited: false,
  nextLookAt: '2026-05-17T09:00:00+01:00',
};
const said = (d: Partial<PlanDecision>): string[] => {
  const decision = { ...go, ...d };
  const view = actView({ decision, cost: { currency: 'GBP' } as never, sessions: [] }, here, f)!;
  return [view.head, view.why, ...view.notes];
};

describe('what to do now', () => {
  it('go: when, how sure, what is at stake, what waiting would cost', () => {
    expect(said({})).toEqual([
      'Go: start today, 10:00',
      '97 % that it goes well. At stake: £54.00, hours counted.',
      'Waiting for the next look would cost about £5.50 more.',
    ]);
    expect(said({ waiting: 4.1 }).at(-1)).toBe('Waiting for the next look would cost about the same.');
  });
  it('wait: what it saves, when to look again, where it will likely be begun', () => {
    const wait = said({
      act: 'wait',
      now: { at: '2026-05-16T18:00:00+01:00', chance: 0.84, cost: 24 },
      likely: { at: '2026-05-17T10:30:00+01:00', chance: 0.9, share: 0.56 },
      begun: 0.82,
    });
    expect(wait).toEqual([
      'Wait with the paint',
      'A start today, 18:00 goes well in 84 %; waiting is expected to save £14.50.',
      'Look again Sun 17 May, 09:00.',
      'Likeliest start: Sun 17 May, 10:30, at 90 % as seen now. In 82 % of cases a start comes up at all.',
    ]);
  });
  it('wait: with several sessions the first may be sure and what follows it dear', () => {
    const wait = {
      ...go,
      act: 'wait' as const,
      now: { at: '2026-05-16T18:00:00+01:00', chance: 0.97, cost: 24 },
    };
    const two = { decision: wait, cost: { currency: 'GBP' } as never, sessions: [{}, {}] as never };
    expect(actView(two, here, f)!.why).toBe(
      'The first session goes well in 97 % today, 18:00; counting what has to follow it waiting is expected to save £14.50.',
    );
  });
  it('wait: a start under the limit is called so, and none before the next look is said', () => {
    const under = { at: '2026-05-16T18:00:00+01:00', chance: 0.64, cost: 24 };
    expect(said({ act: 'wait', now: under })[1]).toBe(
      'The best before then, today, 18:00, goes well in 64 %: under your limit of 80 %.',
    );
    expect(said({ act: 'wait', now: null })[1]).toBe(
      'No start in your free hours before the next look does.',
    );
  });
  it('leave it: why, and what that costs', () => {
    expect(said({ act: 'stop', likely: null, isLimited: true, nextLookAt: null })).toEqual([
      'Leave it for now',
      'No start in the days the forecast knows reaches your limit of 80 %.',
      'Leaving it undone costs £120.00 as you count it.',
    ]);
  });
  it('in a few words only where it is not to go', () => {
    expect(actShort({ decision: go }, f)).toBeNull();
    expect(actShort({ decision: { ...go, act: 'wait' } }, f)).toBe('Wait, look again Sun 17 May, 09:00');
    expect(actShort({ decision: { ...go, act: 'stop', nextLookAt: null } }, f)).toBe('Leave it for now');
    expect(actShort({ decision: null }, f)).toBeNull();
  });
  it('nothing to start, nothing to say', () => {
    expect(actView({ decision: null, cost: { currency: 'GBP' } as never, sessions: [] }, here, f)).toBeNull();
  });
});

/** What has changed since a plan was agreed to, in words. */
import { describe, expect, it } from 'vitest';
import { agreedOf, changedSince, type Grounded } from '@/core/agreed';
import { pinStart } from '@/core/edits/starts';
import { plan } from '@/core/plan';
import { NOTHING_AROUND } from '@/core/schedule/around';
import { HOUR, instantOf } from '@/core/time/instant';
import { demo, NOW, TZ } from '@/demo/test-kit';
import { NO_READINGS } from '@/model/reading';
import { simulatedForecast } from '@/standins/weather';
import { formatFor } from '@/words/format';
import { changedView, isOwnDoing } from './changed';

const f = formatFor('metric');
const bike = demo('cargo-bike');
const told = simulatedForecast(bike.place, NOW);
const grounded = (job: typeof bike): Grounded => ({
  job,
  plan: plan({ job, ...told, nowMs: NOW }),
  issuedMs: told.issuedMs,
  readings: NO_READINGS,
  around: NOTHING_AROUND,
});
const first = grounded(bike);
const was = agreedOf(first, NOW);
const viewOf = (now: Grounded) =>
  changedView(changedSince(was, now, NOW)!, was, { plan: now.plan, currency: 'GBP', f, nowMs: NOW, tz: TZ });

describe('a plan that is not the one agreed to', () => {
  it('names the session, both starts, the reason, and offers the old start while it is to come', () => {
    const startMs = instantOf(first.plan.sessions[0]!.startsAt);
    const now = grounded(pinStart(bike, first.plan.sessions[0]!.id, startMs + 4 * HOUR));
    const view = viewOf(now);
    expect(view.head).toBe('The plan has changed since Sat 16 May, 07:50');
    expect(view.changes[0]).toBe('Etch and filler: Sat 16 May, 14:00 instead of Sat 16 May, 10:00.');
    expect(view.why).toBe('A start was set or let go.');
    expect(view.keep).toEqual({
      sessionId: first.plan.sessions[0]!.id,
      at: first.plan.sessions[0]!.startsAt,
    });
    expect(isOwnDoing(changedSince(was, now, NOW)!)).toBe(true);
  });
  it('a part that is out is named, with what it saves; that is told', () => {
    const [gone, ...parts] = bike.parts;
    const now = grounded({ ...bike, parts });
    const view = viewOf(now);
    expect(view.why).toBe(`${gone!.name} is out.`);
    expect(view.changes.join(' ')).toMatch(/£\d+\.\d\d less in all\./);
    expect(isOwnDoing(changedSince(was, now, NOW)!)).toBe(false);
  });
});

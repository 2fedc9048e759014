import { describe, expect, it } from 'vitest';
import { HARBOUR_LANE } from '@/demo/jobs';
import { panel } from '@/demo/work-kit';
import { demo, TZ, NOW, ms, always, steady } from '@/demo/test-kit';
import type { JobReadings } from '@/model/reading';
import type { Forecast } from '@/model/forecast';
import type { FreeHours, Job } from '@/model/job';
import { dryRate } from './drying/rate';
import { ForecastError } from './job-air';
import { plan } from './plan';
import { HOUR, MINUTE, msOf } from './time/instant';

describe('a session worked by hand', () => {
  // One upright panel of 400 × 300 mm in a garage (no sun, no sky) at a steady 20 °C: the sheet's own reference.
  const job: Job = {
    ...demo('cargo-bike'),
    freeHours: always,
    place: { ...HARBOUR_LANE, shelter: 'cellar', windFrac: 0.25, lamp: true },
    equipment: { sprayer: 'aerosol', suppliedAir: true },
    parts: [panel('p')],
    system: {
      layers: [
        { role: 'base', productId: 'orrin-base', coats: 2 },
        { role: 'clear', productId: 'halden-2k-satin', coats: 2 },
      ],
    },
    risk: { rushSafe: 0, delayPerDay: 50 },
  };
  const p = plan({ job, forecast: steady(20), nowMs: NOW });
  const s = p.sessions[0]!;
  const at = (id: string): number => {
    const t = s.tasks.find((x) => x.id === id)!;
    return (ms(t.startsAt) - ms(s.startsAt)) / MINUTE;
  };
  it('before it: an hour at the shops, washed (10 min and 10 a m²) and degreased (5 and 8) before the first paper, 0.12 m² to sand at 30 min/m² makes 5 min, then 10 to degrease, 15 to mask', () => {
    const before = p.visits
      .filter((v) => v.kind !== 'unmask')
      .flatMap((v) => v.tasks)
      .map((t) => [t.id, (ms(t.endsAt) - ms(t.startsAt)) / MINUTE]);
    expect(before).toEqual([
      ['shop', 60],
      ['s-base.wash', 15],
      ['s-base.degrease', 10],
      ['s-base.sand', 5],
      ['s-base.clean', 10],
      ['s-base.mask', 15],
    ]);
  });
  it('in it: 5 min to wipe once more, 5 to tack; coats of 2 min', () => {
    expect([at('s-base.wipe'), at('s-base.tack'), at('base.c1')]).toEqual([0, 5, 10]);
  });
  it('10 min of flash, 20 to the clear and more for the thicker last base, activation 5 min before it, 12 between clears', () => {
    // base 1: 10–12; base 2: 22–24, of 1 / 0.85 of the sheet's film: clear 1 at 24 + 23.6 = 48, can activated at 43;
    // clear 2 at 50 + 12 = 62: the tack coat is thinner than the sheet's, which saves nothing.
    expect([at('base.c2'), at('clear.c1'), at('clear.c2')]).toEqual([22, 48, 62]);
    expect((ms(s.activations[0]!.at) - ms(s.startsAt)) / MINUTE).toBe(43);
  });
  it('dust-free 30 min by 1.26 of the film, touch-dry 2 h and handle-dry 7 h after the last coat at 64 min; the tape an hour after it', () => {
    const after = (iso: string): number => (ms(iso) - ms(s.startsAt)) / MINUTE - 64;
    // What reacts does not mind the film: 2.4 : 1.9 is the full coat against the sheet’s.
    expect(after(s.dustFreeAt)).toBeCloseTo(30 * (2.4 / 1.9), 0);
    expect(after(s.touchDryAt)).toBeCloseTo(120, 0);
    expect(after(s.handleAt)).toBeCloseTo(420, 0);
    expect(after(p.visits.at(-1)!.startsAt)).toBe(60);
  });
  it('at 24 °C every wait is shorter, at 16 °C longer, by the factor of its own temperature', () => {
    const flash = (t: number): number => {
      const q = plan({ job, forecast: steady(t), nowMs: NOW });
      const c = q.sessions[0]!.tasks.filter((x) => x.kind === 'coat');
      return (ms(c[1]!.startsAt) - ms(c[0]!.endsAt)) / MINUTE;
    };
    expect(flash(24)).toBe(Math.ceil(10 / dryRate('evaporation', 24, 20, 0)));
    expect(flash(16)).toBe(Math.ceil(10 / dryRate('evaporation', 16, 20, 0)));
  });
  it('two equal futures that both end well, in a week of such, give (2 + 2 + ½)/(2 + 2 + 1)', () =>
    expect(p.chance).toBeCloseTo(0.9, 9));
});

describe('limits rule hours out', () => {
  const job: Job = {
    ...demo('cargo-bike'),
    freeHours: always,
    place: { ...HARBOUR_LANE, shelter: 'open', lamp: true },
  };
  const causeOf = (f: Forecast, shelter: Job['place']['shelter'] = 'open'): string => {
    const p = plan({ job: { ...job, place: { ...job.place, shelter } }, forecast: f, nowMs: NOW });
    expect(p.kind).toBe('blocked');
    return String(p.blockers.find((b) => b.code === 'no-window')?.params.cause);
  };
  it('wind of 6 m/s forecast at 10 m is 4 at the part: over the 2 m/s of cans', () =>
    expect(causeOf(steady(20, { windMs: 6, gustMs: 7 }))).toBe('wind'));
  it('8 °C in a garage is under the 10 °C of every product; in the open even a clouded sun warms the panel over it', () => {
    expect(causeOf(steady(8), 'cellar')).toBe('cold');
    expect(plan({ job, forecast: steady(8), nowMs: NOW }).kind).toBe('planned');
  });
  it('without a lamp the middle of the night is too dark, with one it is not; noon is light', () => {
    const verdictAt = (hour: string, lamp: boolean) => {
      const place = { ...HARBOUR_LANE, shelter: 'cellar' as const, windFrac: 0.25, lamp };
      const p = plan({ job: { ...job, place }, forecast: steady(20), nowMs: NOW });
      const at = msOf(`2026-05-18T${hour}`, TZ);
      const span = p.suits[0]!.spans.find((s) => ms(s.startsAt) <= at && ms(s.endsAt) > at)!;
      return [span.verdict, span.reasons[0]];
    };
    expect(verdictAt('01:00', false)).toEqual(['no', 'dark']);
    expect(verdictAt('01:00', true)[0]).not.toBe('no');
    expect(verdictAt('10:00', false)[0]).not.toBe('no');
    // Sunset there is at 21:06: an hour earlier a coat can still be seen, an hour later it cannot.
    expect(verdictAt('22:00', false)).toEqual(['no', 'dark']);
  });
  it('98 % humidity leaves no dew gap', () => expect(causeOf(steady(20, { rhPct: 98 }))).toBe('dew-gap'));
  it('rain in the open spoils it until handle-dry; under a roof it does not', () => {
    const wet = steady(20, { rainMm: 1 });
    expect(causeOf(wet)).toBe('rain');
    expect(
      plan({ job: { ...job, place: { ...job.place, shelter: 'lean-to' } }, forecast: wet, nowMs: NOW }).kind,
    ).toBe('planned');
  });
  it('a cold night rules a 2K clear out in the afternoon, though the afternoon itself is warm', () => {
    const cools = steady(0, { airTempC: (h) => (h % 24 >= 8 && h % 24 < 18 ? 20 : 8) });
    const two: Job = {
      ...job,
      place: { ...HARBOUR_LANE, shelter: 'cellar', windFrac: 0.25, lamp: true },
      equipment: { sprayer: 'aerosol', suppliedAir: true },
      system: {
        layers: [
          { role: 'base', productId: 'orrin-base', coats: 2 },
          { role: 'clear', productId: 'halden-2k-satin', coats: 2 },
        ],
      },
      parts: [{ ...job.parts[0]!, condition: 'sound-paint' }],
    };
    const p = plan({
      job: { ...two, place: { ...two.place, shelter: 'lean-to' } },
      forecast: cools,
      nowMs: NOW,
    });
    const afternoon = p.suits[0]!.spans.find(
      (s) => ms(s.startsAt) <= msOf('2026-05-17T15:00', TZ) && ms(s.endsAt) > msOf('2026-05-17T15:00', TZ),
    )!;
    expect(afternoon.verdict).toBe('no');
    expect(afternoon.reasons[0]).toBe('cold');
  });
  it('names the least shelter that would open the week, tried in full, and says when none would', () => {
    const open = plan({ job, forecast: steady(20, { windMs: 6, gustMs: 7 }), nowMs: NOW }).blockers;
    const way = open.find((b) => b.code === 'place-would-open')!;
    const there = plan({
      job: { ...job, place: { ...job.place, shelter: way.params.shelter as 'tent' } },
      forecast: steady(20, { windMs: 6, gustMs: 7 }),
      nowMs: NOW,
    });
    expect(there.kind).toBe('planned');
    expect([there.chance, there.sessions[0]!.startsAt]).toEqual([way.params.chance, way.params.at]);
    expect(plan({ job, forecast: steady(-5), nowMs: NOW }).blockers.map((b) => b.code)).toContain(
      'no-place-would-open',
    );
  });
  it('what was measured where it is windy says nothing of the place that is tried instead', () => {
    const forecast = steady(20, { windMs: 6, gustMs: 7 });
    const way = (readings?: JobReadings) =>
      plan({ job, forecast, nowMs: NOW, ...(readings && { readings }) }).blockers.find(
        (b) => b.code === 'place-would-open',
      );
    const stormy = {
      placeId: job.placeId ?? null,
      here: [{ ms: NOW, windMs: 12 }],
      dryPlaceId: null,
      there: [],
    };
    expect(way()).toBeDefined();
    expect(way(stormy)).toEqual(way());
  });
  it('says when only the free hours are in the way, and which hour would do', () => {
    const p = plan({
      job: {
        ...job,
        freeHours: {
          weekly: {
            ...always.weekly,
            ...Object.fromEntries(
              ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'].map((d) => [d, [['20:00', '20:30']]]),
            ),
          } as FreeHours['weekly'],
          exceptions: [],
        },
      },
      forecast: steady(20),
      nowMs: NOW,
    });
    // Half an hour is enough for neither: the way out was tried.
    expect(p.blockers.map((b) => b.code)).toContain('weekend-would-open');
    const way = p.blockers.find((b) => b.code === 'weekend-would-open')!;
    expect(Number(way.params.chance)).toBeGreaterThan(0.5);
  });
  it('refuses a forecast that does not cover now', () => {
    expect(() => plan({ job, forecast: steady(20), nowMs: NOW + 40 * 24 * HOUR })).toThrow(ForecastError);
  });
});

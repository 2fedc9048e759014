/**
 * Sprayed in one place and dried in another, or shut in and heated, worked out by hand on weather that is the same in
 * every hour. Energies and shares of the places are from memory, as the project states them.
 */
import { describe, expect, it } from 'vitest';
import { allTasks, demo, ms, simulated, steady } from '@/demo/test-kit';
import { job, panel, planned } from '@/demo/work-kit';
import type { Job } from '@/model/job';
import type { Place } from '@/model/place';
import type { Plan, Session } from '@/model/plan';
import { massKJm2K } from './air/mass';
import { dewPointC } from './air/moist';
import { MINUTE } from './time/instant';

const HOUR = 60 * MINUTE;
const single = [{ role: 'colour', productId: 'skerry-single', coats: 2 }] as const;
const HERE = { tz: 'Europe/London', lat: 53.42, lon: -3.08 } as const;
const cellar = (airC: number, rhPct = 50): Place => ({
  ...HERE,
  shelter: 'cellar',
  windFrac: 0.25,
  measured: { airC, rhPct },
});
/** Sprayed at 16 °C. */
const sprayed = (over: Partial<Job> = {}): Job =>
  job(single, {
    place: { ...cellar(16), lamp: true },
    parts: [panel('p', { condition: 'e-coat' })],
    ...over,
  });
const only = (p: Plan): Session => {
  expect(p.blockers).toEqual([]);
  expect(p.sessions).toHaveLength(1);
  return p.sessions[0]!;
};
const lastCoat = (s: Session): number =>
  Math.max(...s.tasks.filter((t) => t.kind === 'coat').map((t) => ms(t.endsAt)));
/** The cure of a 2K is paced by 55 kJ/mol [M]. */
const pace = (fromC: number, toC: number): number =>
  Math.exp((-55_000 / 8.314_462_618) * (1 / (toC + 273.15) - 1 / (fromC + 273.15)));

describe('dried in another place', () => {
  const stays = only(planned(sprayed()));
  const handleH = (s: Session): number => (ms(s.handleAt) - lastCoat(s)) / HOUR;
  it('the whole rack carried at once into 26 °C is handle-dry as much sooner as its cure is faster there', () => {
    const warm = only(
      planned(sprayed({ dryIn: { kind: 'elsewhere', place: cellar(26), carry: 'at-once' } })),
    );
    // Five minutes are carried at 16 °C, and hands are off a rinse of ten minutes after the last coat.
    const before = (ms(warm.moved!.at) - lastCoat(warm)) / HOUR;
    expect(before).toBeCloseTo(0.25, 1);
    const byHand = before + (handleH(stays) - before) / pace(16, 26);
    expect(pace(16, 26)).toBeCloseTo(2.15, 1);
    expect(handleH(warm)).toBeCloseTo(byHand, 1);
    expect(warm.moved).toMatchObject({ move: 'at-once', heatKWh: null, heatCost: null });
  });
  it('carried when handle-dry it is handle-dry as before, and goes on faster from then on', () => {
    const later = only(
      planned(sprayed({ dryIn: { kind: 'elsewhere', place: cellar(26), carry: 'handle-dry' } })),
    );
    expect(later.handleAt).toBe(stays.handleAt);
    expect(ms(later.moved!.at)).toBeGreaterThanOrEqual(ms(later.handleAt));
    const visit = planned(
      sprayed({ dryIn: { kind: 'elsewhere', place: cellar(26), carry: 'handle-dry' } }),
    ).visits.find((v) => v.kind === 'move')!;
    expect(visit.tasks.map((t) => [t.kind, t.detail.code])).toEqual([['move', 'move-handle-dry']]);
    expect(ms(visit.endsAt)).toBe(ms(later.moved!.at));
  });
  it('carried into the cold the cure stands still below its minimum: it is not handle-dry within the forecast', () => {
    const p = planned(sprayed({ dryIn: { kind: 'elsewhere', place: cellar(2), carry: 'at-once' } }));
    expect(p.kind).toBe('blocked');
    const causes = p.suits.flatMap((s) => s.spans.flatMap((x) => x.reasons));
    expect(causes).toContain('cold');
  });
  it('what does not go in is refused with its length and the floor from corner to corner: 3 × 4 m are 5 m', () => {
    const place = { ...cellar(20), widthM: 3, depthM: 4, name: 'Back room' };
    const long = (lengthMm: number): Plan =>
      planned(
        sprayed({
          parts: [panel('p', { condition: 'e-coat', lengthMm })],
          dryIn: { kind: 'elsewhere', place, carry: 'handle-dry' },
        }),
      );
    expect(long(4900).blockers.map((b) => b.code)).not.toContain('part-too-large-to-dry');
    expect(long(5100).blockers).toContainEqual({
      code: 'part-too-large-to-dry',
      params: { part: 'p', partMm: 5100, floorMm: 5000, place: 'Back room' },
    });
  });
});

describe('shut in and heated', () => {
  const garage: Place = {
    ...HERE,
    shelter: 'garage',
    widthM: 3,
    depthM: 6,
    heightM: 2.4,
    lamp: true,
    heater: { kW: 3, setC: 24, kind: 'electric', perKWh: 0.3 },
  };
  const cool = steady(16, { rhPct: 60, windMs: 1, cloudFrac: 1 });
  const heated = (over: Partial<Job> = {}): Plan =>
    planned(sprayed({ place: garage, dryIn: { kind: 'heated' }, ...over }), cool);
  it('the door is shut and the heater goes on an hour after the last coat, never while it is sprayed', () => {
    const s = only(heated());
    expect((ms(s.moved!.at) - lastCoat(s)) / MINUTE).toBeGreaterThanOrEqual(60);
    expect((ms(s.moved!.at) - lastCoat(s)) / MINUTE).toBeLessThan(75);
    expect(heated().cautions.map((c) => c.code)).toContain('heater-off');
    const move = allTasks(heated()).find((t) => t.kind === 'move')!;
    expect(move.cautions).toContain('fire.move');
    expect(move.cautions).not.toContain('monoxide.move');
    const flame = heated({ place: { ...garage, heater: { kW: 3, setC: 24, kind: 'flame' } } });
    expect(allTasks(flame).find((t) => t.kind === 'move')!.cautions).toContain('monoxide.move');
  });
  it('it cures faster, and the heat is what walls, ground and air take at 8 K: about 1.1 kW once the walls are warm, more before', () => {
    const s = only(heated());
    const cold = only(planned(sprayed({ place: garage }), cool));
    const shorter = (ms(s.handleAt) - lastCoat(s)) / (ms(cold.handleAt) - lastCoat(cold));
    expect(shorter).toBeLessThan(0.75);
    expect(shorter).toBeGreaterThan(1 / pace(16, 24));
    const hours = (ms(s.moved!.until!) - ms(s.moved!.at)) / HOUR;
    const kW = s.moved!.heatKWh! / hours;
    // 137.1 W/K through walls, roof, ground and half an air change (indoor.test.ts) × 8 K.
    expect(kW).toBeGreaterThan(1.0);
    expect(kW).toBeLessThan(3.0);
    expect(s.moved!.heatCost).toBeCloseTo(s.moved!.heatKWh! * 0.3, 1);
  });
  it('before the next session the heater goes off and the place is aired for ten minutes; before the first there is nothing to air', () => {
    const p = simulated({ ...demo('cargo-bike'), place: garage, dryIn: { kind: 'heated' } });
    expect(p.sessions.length).toBeGreaterThan(1);
    const [first, second] = p.sessions.map((s) => s.tasks.filter((t) => t.kind === 'move'));
    expect(first).toEqual([]);
    expect(second!.map((t) => [t.detail.code, (ms(t.endsAt) - ms(t.startsAt)) / MINUTE])).toEqual([
      ['move-off', 10],
    ]);
    expect(second![0]!.startsAt).toBe(p.sessions[1]!.startsAt);
    expect(second![0]!.cautions).toEqual([]);
  });
  it('without a price the heat is told in kWh alone; without a heater or walls it is refused', () => {
    const { perKWh: _p, ...heater } = garage.heater!;
    expect(only(heated({ place: { ...garage, heater } })).moved!.heatCost).toBeNull();
    const { heater: _h, ...bare } = garage;
    expect(heated({ place: bare }).blockers.map((b) => b.code)).toEqual(['no-heater']);
    expect(heated({ place: { ...garage, shelter: 'carport' } }).blockers.map((b) => b.code)).toEqual([
      'no-heater',
    ]);
  });
});

describe('brought in cold', () => {
  it('a casting from 5 °C into 18 °C and 70 %: it sweats until it is 3 K over the dew point; thin sheet is dry at once', () => {
    const at = (part: ReturnType<typeof panel>): Session =>
      only(
        planned(
          sprayed({
            place: { ...cellar(18, 70), lamp: true },
            parts: [part],
            dryIn: { kind: 'elsewhere', place: cellar(5, 60), carry: 'handle-dry' },
          }),
        ),
      );
    const cast = at(panel('p', { substrate: 'cast-iron', condition: 'e-coat', wallMm: 20 }));
    const dewC = dewPointC(18, 0.7);
    expect(dewC).toBeCloseTo(12.5, 1);
    // Upright on one side: both faces give to the air, 5.7 + 3.8 v each (McAdams), v = 2 m/s × 0.673 × 0.25.
    const both = 2 * (5.7 + 3.8 * 2 * 0.673 * 0.25);
    const constantH = (massKJm2K('cast-iron', 20) * 1000) / both / 3600;
    expect(massKJm2K('cast-iron', 20)).toBeCloseTo(74, 0);
    expect(cast.sweatsH).toBeCloseTo(constantH * Math.log((18 - 5) / (18 - dewC - 3)), 0);
    expect(at(panel('p', { condition: 'e-coat' })).sweatsH).toBeNull();
  });
  it('in air that is nearly wet it sweats for as long as it stays so', () => {
    const p = planned(
      sprayed({
        place: { ...cellar(18, 84), lamp: true },
        parts: [panel('p', { substrate: 'cast-iron', condition: 'e-coat' })],
        dryIn: { kind: 'elsewhere', place: cellar(5, 60), carry: 'handle-dry' },
      }),
    );
    for (const s of p.sessions) expect(s.sweatsH).toBe(-1);
  });
});

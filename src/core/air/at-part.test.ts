/**
 * What places do to the weather, worked out by hand on weather that is the same in every hour. Shares of the
 * places are from memory.
 */
import { describe, expect, it } from 'vitest';
import type { ForecastMember } from '@/model/forecast';
import type { Place } from '@/model/place';
import { atPart, type AtPart } from './at-part';
import { darkSpans, isDark } from './dark';
import { dress, rmsRainShiftH, rmsRhPct, rmsTempK, rmsWindMs } from './dress';
import { ensembleOf, type Ensemble } from './ensemble';
import { nearestNode } from './grid';
import { clearOfDewH, massKJm2K, timeConstantH } from './mass';
import { dewOfLnPressureC, dewPointC, lnSatPressure, satPressurePa } from './moist';
import { absorptanceOf, panelExcessK, surfaceCoefficient } from './panel';
import { BY_SHELTER } from './shelter';
import { clearSkyWm2, cloudFactor, sunElevationDeg } from './sun';
import { airView } from './view';

const HOUR = 3_600_000;
/** Midnight in June; the sun stands highest near noon at Greenwich. */
const T0 = Date.UTC(2026, 5, 21);
const NOON = 24;
const MIDNIGHT = 2;

const steady = (over: Partial<ForecastMember> = {}, hours = 25): ForecastMember => {
  const all = (x: number): number[] => Array.from({ length: hours }, () => x);
  return {
    airTempC: all(18),
    rhPct: all(60),
    windMs: all(6),
    gustMs: all(9),
    rainMm: all(0),
    cloudFrac: all(0),
    ...over,
  };
};
const of = (members: ForecastMember[]): Ensemble => ({
  startMs: T0,
  hours: members[0]!.airTempC.length,
  members,
  central: members[0]!,
});
const place = (shelter: Place['shelter']): Place => ({ tz: 'UTC', lat: 53, lon: 0, shelter });
/** Sheet so thin that it follows at once. */
const how = { absorptance: 0.9, backFree: true, flatFrac: 1, massKJm2K: 0.01 };
const at = (shelter: Place['shelter'], m = steady(), hung = how): AtPart =>
  atPart(of([m]), place(shelter), hung);

describe('places', () => {
  it.each([
    ['open', 1],
    ['carport', 0.75],
    ['lean-to', 0.5],
    ['tent', 0.2],
    ['garage', 0.25],
  ] as const)('wind of 6 m/s at 10 m is 4.04 at 1.5 m in the open; in the %s %d of it', (shelter, share) => {
    const a = at(shelter);
    expect(a.windMs[4]).toBeCloseTo(4.041 * share, 2);
    expect(a.gustMs[4]).toBeCloseTo(6.061 * share, 2);
  });
  it.each([
    ['open', 1, 1],
    ['carport', 0.2, 0.2],
    ['lean-to', 0.15, 0.15],
    ['tent', 0.35, 0],
    ['garage', 0, 0],
  ] as const)('sun at noon and open sky at night on a black flat panel: %s', (shelter, sunFrac, skyFrac) => {
    const a = at(shelter);
    const sky = skyFrac * 63;
    const both = 2 * (5.7 + 3.8 * a.windMs[NOON]!);
    const sun = clearSkyWm2(a.sunDeg[NOON]!) * sunFrac;
    expect(a.panelC[NOON]! - a.airC[NOON]!).toBeCloseTo((0.9 * sun - sky) / both, 6);
    expect(a.panelC[MIDNIGHT]! - a.airC[MIDNIGHT]!).toBeCloseTo(-sky / both, 6);
  });
  it('an upright face sees no sky, full cloud leaves a quarter of the sun and hides the sky, a closed back gives 1.5', () => {
    expect(at('open', steady(), { ...how, flatFrac: 0 }).panelC[MIDNIGHT]).toBeCloseTo(18, 9);
    const cloudy = steady({ cloudFrac: Array(25).fill(1) });
    const grey = at('open', cloudy);
    expect(grey.panelC[MIDNIGHT]).toBeCloseTo(18, 9);
    const front = 5.7 + 3.8 * grey.windMs[NOON]!;
    const sun = clearSkyWm2(grey.sunDeg[NOON]!) / 4;
    expect(grey.panelC[NOON]! - 18).toBeCloseTo((0.9 * sun) / (2 * front), 6);
    const lying = at('open', cloudy, { ...how, backFree: false });
    expect(lying.panelC[NOON]! - 18).toBeCloseTo((0.9 * sun) / (front + 1.5), 6);
  });
  it('rain of a tenth of a millimetre leaves no mark; a roof keeps all of it off', () => {
    const rainMm = [0, 0.1, 0.2, ...Array<number>(22).fill(0)];
    const wet = (shelter: Place['shelter']): number[] => [
      ...at(shelter, steady({ rainMm })).rain.slice(0, 8),
    ];
    expect(wet('open')).toEqual([0, 0, 0, 0, 1, 1, 0, 0]);
    for (const roofed of ['carport', 'lean-to', 'tent', 'garage'] as const)
      expect(Math.max(...wet(roofed))).toBe(0);
  });
  it('a tent beats its walls above 5 m/s outside, a garage draws dust above 7, the open has no walls', () => {
    const flaps = (shelter: Place['shelter'], wind: number): number =>
      at(shelter, steady({ windMs: Array(25).fill(wind) })).flap[0]!;
    expect([flaps('tent', 5), flaps('tent', 5.1), flaps('garage', 7), flaps('garage', 7.1)]).toEqual([
      0, 1, 0, 1,
    ]);
    for (const open of ['open', 'carport', 'lean-to'] as const) expect(flaps(open, 30)).toBe(0);
  });
  it('a lean-to follows a jump of 10 K with a lag of half an hour, the open at once; the vapour comes in as it is', () => {
    const airTempC = Array.from({ length: 25 }, (_, i) => (i < 5 ? 10 : 20));
    const under = at('lean-to', steady({ airTempC })).airC;
    const follow = 1 - Math.exp(-1);
    const before = under[8]!;
    // Half an hour on the air outside is half way, 15 °C; then 20.
    const first = before + follow * (15 - before);
    expect(under[9]).toBeCloseTo(first, 9);
    expect(under[10]).toBeCloseTo(first + follow * (20 - first), 9);
    expect([...at('open', steady({ airTempC })).airC.slice(8, 11)]).toEqual([10, 15, 20]);
    const damp = at('lean-to', steady({ airTempC })).rhFrac;
    expect(damp[10]).toBeCloseTo((0.6 * satPressurePa(20)) / satPressurePa(under[10]!), 6);
  });
  it('a lean-to under a clear sky is not as cold as this morning at its first hour: it has lived through the day before', () => {
    const airTempC = Array.from({ length: 25 }, (_, i) => 10 - 6 * Math.cos((i * Math.PI) / 12));
    const first = at('lean-to', steady({ airTempC })).airC[0]!;
    // It comes from the hours around midnight, not from 4 °C sharp.
    expect(first).toBeGreaterThan(4);
    expect(first).toBeLessThan(5);
  });
  it('in air that was measured neither day nor weather counts: 13 °C and 60 % are 5.4 °C of dew point, a gap of 7.6 K', () => {
    const cellar: Place = { ...place('cellar'), measured: { airC: 13, rhPct: 60 } };
    const a = atPart(of([steady({ airTempC: Array(25).fill(30) })]), cellar, how);
    for (const i of [0, 20, 48]) {
      expect(a.airC[i]).toBe(13);
      expect(a.panelC[i]).toBeCloseTo(13, 9);
      expect(a.rhFrac[i]).toBeCloseTo(0.6, 9);
      expect(a.gapK[i]).toBeCloseTo(7.6, 1);
    }
  });
  it('the place’s own share of the wind wins; a door half open lets six tenths of it in, one that is shut a tenth', () => {
    const wind = (over: Partial<Place>): number =>
      atPart(of([steady()]), { ...place('garage'), ...over }, how).windMs[4]!;
    const open = 6 * 0.6733;
    expect(wind({})).toBeCloseTo(open * 0.25, 2);
    expect(wind({ windFrac: 0.4 })).toBeCloseTo(open * 0.4, 2);
    expect(wind({ door: 'half' })).toBeCloseTo(open * 0.15, 2);
    expect(wind({ door: 'shut' })).toBeCloseTo(open * 0.025, 2);
  });
  it('a carport on a clear still night: a flat panel lies 1.1 K under the air, within half a kelvin of the dew point at 90 %', () => {
    const night = steady({
      airTempC: Array(25).fill(10),
      rhPct: Array(25).fill(90),
      windMs: Array(25).fill(0),
    });
    const a = at('carport', night);
    // −0.2 × 63 / (2 × 5.7) = −1.105 K; dew point of 10 °C and 90 %: 8.44 °C (ASHRAE).
    expect(a.panelC[MIDNIGHT]).toBeCloseTo(8.895, 3);
    expect(a.gapK[MIDNIGHT]).toBeCloseTo(0.46, 1);
  });
  it('iron of 8 mm goes 63 % of the way in 43 minutes of still air, sheet of 0.8 mm in 4.3', () => {
    expect(60 * timeConstantH(massKJm2K('cast-iron'), 11.4)).toBeCloseTo(43.3, 1);
    expect(60 * timeConstantH(massKJm2K('steel'), 11.4)).toBeCloseTo(4.3, 1);
    expect(massKJm2K('steel', 1.6)).toBeCloseTo(5.92, 9);
    const airTempC = Array.from({ length: 25 }, (_, i) => (i < 5 ? 10 : 20));
    const calm = steady({ airTempC, windMs: Array(25).fill(0) });
    const iron = at(
      'lean-to',
      { ...calm, cloudFrac: Array(25).fill(1) },
      { ...how, flatFrac: 0, massKJm2K: 29.6 },
    );
    const lag = iron.airC[10]! - iron.panelC[10]!;
    expect(lag).toBeGreaterThan(2);
    expect(iron.airC[16]! - iron.panelC[16]!).toBeLessThan(0.6);
  });
  it('an iron casting from a cold store at 3 °C in a room of 18 °C and 70 % sweats for 1 h 17', () => {
    const dewC = dewPointC(18, 0.7);
    expect(dewC).toBeCloseTo(12.44, 1);
    const carried = { fromC: 3, airC: 18, dewC, constantH: timeConstantH(massKJm2K('cast-iron'), 11.4) };
    // 0.721 h × ln(15 / 2.56).
    expect(60 * clearOfDewH(carried, 3)!).toBeCloseTo(76.5, 0);
    expect(clearOfDewH({ ...carried, fromC: 16 }, 3)).toBe(0);
    expect(clearOfDewH({ ...carried, dewC: 15.5 }, 3)).toBeNull();
  });
  it('half-hours lie between two hours; rows are the futures and the central line; the sun is one for all', () => {
    const windMs = Array.from({ length: 25 }, (_, i) => i);
    const rhPct = Array.from({ length: 25 }, (_, i) => 40 + i);
    const a = at('open', steady({ windMs, rhPct }));
    expect([a.nodes, a.rows, a.stepMs, a.startMs]).toEqual([49, 2, 1_800_000, T0]);
    expect(a.windMs[3]! / a.windMs[2]!).toBeCloseTo(1.5, 9);
    expect(a.rhFrac[3]).toBeCloseTo(0.415, 9);
    expect(a.windMs[a.nodes + 3]).toBe(a.windMs[3]);
    expect(a.sunDeg[NOON]).toBeCloseTo(sunElevationDeg(T0 + 12 * HOUR, 53, 0), 9);
  });
  it('is worked out once for one place and one way of hanging, and anew for another', () => {
    const e = of([steady()]);
    const first = atPart(e, place('open'), how);
    expect(atPart(e, place('open'), { ...how })).toBe(first);
    const others = [
      atPart(e, place('carport'), how),
      atPart(e, { ...place('open'), lat: 54 }, how),
      atPart(e, { ...place('open'), lon: 1 }, how),
      atPart(e, place('open'), { ...how, absorptance: 0.3 }),
      atPart(e, place('open'), { ...how, backFree: false }),
      atPart(e, place('open'), { ...how, flatFrac: 0 }),
      atPart(e, place('open'), { ...how, massKJm2K: 30 }),
      atPart(e, { ...place('open'), windFrac: 0.5 }, how),
      atPart(of([steady()]), place('open'), how),
    ];
    for (const other of others) expect(other).not.toBe(first);
  });
  it('stand from least to most shelter', () =>
    expect(BY_SHELTER).toEqual(['open', 'carport', 'lean-to', 'tent', 'garage']));
});

describe('the air as it is drawn', () => {
  const ten = Array.from({ length: 11 }, (_, i) => steady({ airTempC: Array(25).fill(10 + i) }));
  const e: Ensemble = { ...of(ten), central: ten[5]! };
  const seen = (): AtPart => atPart({ ...e }, place('cellar'), how);
  it('is hourly, with the line that stands for all and the band of eight in ten', () => {
    const view = airView(seen(), { fromMs: T0 + HOUR, toMs: T0 + 4 * HOUR, nowMs: T0 + 2 * HOUR });
    expect([view.startMs, view.stepMs]).toEqual([T0 + HOUR, HOUR]);
    expect(view.panelC.mid).toEqual([15, 15, 15, 15]);
    expect([view.panelC.low[0], view.panelC.high[0]]).toEqual([11, 19]);
    expect(view.now!.panelC).toBeCloseTo(15, 9);
    expect(view.sunDeg).toHaveLength(4);
  });
  it('is clipped to what is known; between two half-hours it begins at the next', () => {
    const all = airView(seen(), { fromMs: T0 - 9 * HOUR, toMs: T0 + 99 * HOUR, nowMs: T0 - HOUR });
    expect([all.startMs, all.windMs.mid.length]).toEqual([T0, 25]);
    expect(airView(seen(), { fromMs: T0 + 1, toMs: T0 + 2 * HOUR, nowMs: T0 }).startMs).toBe(T0 + HOUR / 2);
    expect(airView(seen(), { fromMs: T0 + 90 * HOUR, toMs: T0 + 99 * HOUR, nowMs: T0 }).rain).toEqual([]);
  });
  it('rain is the share of futures it reaches the part in', () => {
    const wet = steady({ rainMm: Array(25).fill(2) });
    const mixed = { ...of([wet, steady(), steady(), wet]), central: steady() };
    const view = airView(atPart(mixed, place('open'), how), { fromMs: T0, toMs: T0 + HOUR, nowMs: T0 });
    expect(view.rain).toEqual([0.5, 0.5]);
    expect(view.rhFrac.mid[0]).toBe(0.6);
    expect(view.now!.rhFrac).toBeCloseTo(0.6, 9);
    expect(view.now!.windMs).toBeCloseTo(4.041, 3);
    expect(view.now!.gapK).toBeCloseTo(view.gapK.mid[0]!, 0);
  });
});

describe('light', () => {
  it('it is dark when the sun stands more than a degree under the horizon (end of sunset light: common practice)', () => {
    expect([isDark(0), isDark(-0.9), isDark(-1), isDark(-1.1)]).toEqual([false, false, false, true]);
  });
  it('a dark stretch ends with the first look that finds it light; one still open ends at the end', () => {
    const looks = [-5, 4, -5, -6, 2, -3].map((sunDeg, i) => ({ atMs: i, sunDeg }));
    expect(darkSpans(looks, 9)).toEqual([
      [0, 1],
      [2, 4],
      [5, 9],
    ]);
    expect(darkSpans([{ atMs: 0, sunDeg: 5 }], 9)).toEqual([]);
  });
  it('the nearest node, and the ends beyond the grid', () => {
    const grid = { startMs: 100, stepMs: 10 };
    expect([0, 104, 105, 126, 999].map((ms) => nearestNode(grid, 5, ms))).toEqual([0, 0, 1, 3, 4]);
  });
  it('irradiance of the sun at 30° is 1098 · ½ · e^(−0.114) (Haurwitz 1945); half cover leaves 0.93 (Kasten & Czeplak 1980)', () => {
    expect(clearSkyWm2(30)).toBeCloseTo(549 * Math.exp(-0.114), 6);
    expect(clearSkyWm2(0.05)).toBe(0);
    expect(cloudFactor(0.5)).toBeCloseTo(1 - 0.75 * 0.0947, 3);
    expect(cloudFactor(0)).toBe(1);
    expect([surfaceCoefficient(0), surfaceCoefficient(2)]).toEqual([5.7, 13.3]);
    expect([absorptanceOf(0), absorptanceOf(0.5), absorptanceOf(-3), absorptanceOf(9)]).toEqual([
      0.9,
      expect.closeTo(0.6, 9),
      0.9,
      expect.closeTo(0.3, 9),
    ]);
    expect(panelExcessK(0, 1, 0, { absorptance: 0.9, backFree: false })).toBeCloseTo(-63 / 7.2, 9);
  });
});

describe('moist air at its ends', () => {
  it('is clamped at −60 and 90 °C; what lies outside is refused', () => {
    expect(lnSatPressure(-100)).toBe(lnSatPressure(-60));
    expect(lnSatPressure(200)).toBeCloseTo(lnSatPressure(90), 3);
    expect(() => satPressurePa(-61)).toThrow(/−60…90/);
    expect(() => satPressurePa(91)).toThrow(RangeError);
    expect(satPressurePa(-60)).toBeGreaterThan(0);
    expect(() => dewPointC(20, 0)).toThrow(/above 0 to 1/);
    expect(() => dewPointC(20, 1.01)).toThrow(RangeError);
    expect(dewPointC(20, 1)).toBeCloseTo(20, 2);
  });
  it('the table of dew points agrees with the inversion between its nodes, and ends flat', () => {
    for (const t of [-20, 0.3, 7.7, 21.13, 33.3]) {
      expect(Math.abs(dewOfLnPressureC(lnSatPressure(t)) - t)).toBeLessThan(0.01);
    }
    expect(dewOfLnPressureC(-50)).toBe(dewOfLnPressureC(2));
    expect(dewOfLnPressureC(50)).toBeCloseTo(dewOfLnPressureC(10.797), 1);
  });
});

describe('fifty futures around one line', () => {
  const leads = [-5, 0, 12, 24, 96, 168, 400];
  it('errors grow from now to day 1 and day 7 as published, straight between, flat beyond', () => {
    expect(leads.map(rmsTempK)).toEqual([1, 1, 1.25, 1.5, 2.5, 3.5, 3.5]);
    expect(leads.map(rmsWindMs)).toEqual([1, 1, 1.25, 1.5, 2, 2.5, 2.5]);
    expect(leads.map(rmsRhPct)).toEqual([5, 5, 6.5, 8, 11.5, 15, 15]);
    expect(leads.map(rmsRainShiftH)).toEqual([1, 1, 2, 3, 13.5, 24, 24]);
  });
  const line = steady({ rainMm: Array.from({ length: 200 }, (_, i) => (i >= 90 && i < 96 ? 1 : 0)) }, 200);
  /** Made inside each test, so that what a test sees is its own. */
  const futures = (): ForecastMember[] => dress(line, { startMs: T0, issuedMs: T0, seed: 3 });
  const errors = (key: 'airTempC' | 'rhPct' | 'windMs', h: number): number[] =>
    futures().map((m) => m[key][h]! - line[key][h]!);
  const correlation = (a: number[], b: number[]): number => {
    const mean = (x: number[]): number => x.reduce((s, v) => s + v, 0) / x.length;
    const [ma, mb] = [mean(a), mean(b)];
    const cov = mean(a.map((x, i) => (x - ma) * (b[i]! - mb)));
    return cov / Math.sqrt(mean(a.map((x) => (x - ma) ** 2)) * mean(b.map((x) => (x - mb) ** 2)));
  };
  it('a warmer error is a drier one, tied at about −0.6; wind goes its own way', () => {
    const hours = [40, 70, 100, 130, 160];
    const all = (key: 'airTempC' | 'rhPct' | 'windMs'): number[] => hours.flatMap((h) => errors(key, h));
    expect(correlation(all('airTempC'), all('rhPct'))).toBeLessThan(-0.45);
    expect(correlation(all('airTempC'), all('rhPct'))).toBeGreaterThan(-0.75);
    expect(Math.abs(correlation(all('airTempC'), all('windMs')))).toBeLessThan(0.25);
  });
  it('gusts err with the wind and as much of it; cover errs by a fifth from a day on, by a twenty-fifth now', () => {
    const calm = steady(
      { gustMs: Array(200).fill(30), windMs: Array(200).fill(12), cloudFrac: Array(200).fill(0.5) },
      200,
    );
    const made = dress(calm, { startMs: T0, issuedMs: T0, seed: 9 });
    const errorsAt = (key: keyof ForecastMember, hours: number[]): number[] =>
      hours.flatMap((h) => made.map((m) => m[key][h]! - calm[key][h]!));
    const rms = (x: number[]): number => Math.sqrt(x.reduce((sum, v) => sum + v * v, 0) / x.length);
    const far = [60, 90, 120, 150];
    const gusts = errorsAt('gustMs', far);
    const winds = errorsAt('windMs', far);
    gusts.forEach((g, i) => expect(g).toBeCloseTo(2.5 * winds[i]!, 9));
    expect(rms(errorsAt('cloudFrac', far))).toBeGreaterThan(0.16);
    expect(rms(errorsAt('cloudFrac', far))).toBeLessThan(0.24);
    expect(rms(errorsAt('cloudFrac', [0]))).toBeGreaterThan(0.025);
    expect(rms(errorsAt('cloudFrac', [0]))).toBeLessThan(0.055);
  });
  it('an error fades over about 40 hours: an hour on it is nearly the same, six days on another', () => {
    expect(correlation(errors('airTempC', 100), errors('airTempC', 101))).toBeGreaterThan(0.85);
    expect(Math.abs(correlation(errors('airTempC', 40), errors('airTempC', 190)))).toBeLessThan(0.4);
  });
  it('stays what weather can be: 8 to 100 %, wind of a breath, gusts over it, cover of nothing to all', () => {
    const extreme = dress(
      steady(
        {
          rhPct: Array(200).fill(97),
          windMs: Array(200).fill(0.3),
          gustMs: Array(200).fill(0.4),
          cloudFrac: Array(200).fill(0.95),
        },
        200,
      ),
      { startMs: T0, issuedMs: T0, seed: 4 },
    );
    const dry = dress(steady({ rhPct: Array(200).fill(10) }, 200), { startMs: T0, issuedMs: T0, seed: 4 });
    const flat = (ms: readonly ForecastMember[], key: keyof ForecastMember): number[] =>
      ms.flatMap((m) => [...m[key]]);
    expect(Math.max(...flat(extreme, 'rhPct'))).toBe(100);
    expect(Math.min(...flat(dry, 'rhPct'))).toBe(8);
    expect(Math.min(...flat(extreme, 'windMs'))).toBe(0.1);
    expect(Math.max(...flat(extreme, 'cloudFrac'))).toBe(1);
    expect(Math.min(...flat(dry, 'cloudFrac'))).toBe(0);
    for (const m of extreme) m.gustMs.forEach((g, i) => expect(g).toBeGreaterThanOrEqual(m.windMs[i]!));
  });
  it('rain comes earlier in some futures and later in others, more in some and less in others', () => {
    const members = futures();
    const first = members.map((m) => m.rainMm.findIndex((x) => x > 0)).filter((h) => h >= 0);
    expect(Math.min(...first)).toBeLessThan(85);
    expect(Math.max(...first)).toBeGreaterThan(95);
    const heavy = members.map((m) => Math.max(...m.rainMm));
    expect(Math.min(...heavy.filter((x) => x > 0))).toBeLessThan(0.8);
    expect(Math.max(...heavy)).toBeGreaterThan(1.3);
    expect(members).toHaveLength(50);
  });
  it('hours before the issue are known: rain and cover as they were', () => {
    const known = dress(line, { startMs: T0, issuedMs: T0 + 98 * HOUR, seed: 3 });
    for (const m of known) {
      expect(m.rainMm.slice(0, 98)).toEqual(line.rainMm.slice(0, 98));
      expect(m.cloudFrac.slice(0, 98)).toEqual(line.cloudFrac.slice(0, 98));
      expect(m.gustMs.slice(0, 98)).toEqual(line.gustMs.slice(0, 98));
    }
  });
  it('the same question has the same answer; another seed, start or issue another', () => {
    const forecast = { start: '2026-06-21T00:00Z', stepMin: 60, members: [line] } as never;
    const issue = { startMs: T0, issuedMs: T0, seed: 1 };
    const first = ensembleOf(forecast, issue);
    expect(ensembleOf(forecast, { ...issue })).toBe(first);
    expect(first.central).toBe(line);
    expect(first.members).toHaveLength(50);
    expect(ensembleOf(forecast, { ...issue, seed: 2 })).not.toBe(first);
    const second = ensembleOf(forecast, issue);
    expect(ensembleOf(forecast, { ...issue, issuedMs: T0 + HOUR })).not.toBe(second);
    const third = ensembleOf(forecast, issue);
    expect(ensembleOf(forecast, { ...issue, startMs: T0 + HOUR })).not.toBe(third);
  });
});

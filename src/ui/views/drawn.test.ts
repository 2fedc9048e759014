/** What the drawings are told to draw: steps, spans, days, shares. */
import { describe, expect, it } from 'vitest';
import type { AirView } from '@/core/air/view';
import { minutesBetween } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Plan, Session } from '@/model/plan';
import type { Suit } from '@/model/starts';
import { formatFor } from '@/words/format';
import { airTiles, splitUnit } from './air';
import { draggedHalfHours, dragWords, oddsAt, potWords, shareOfHalfHours } from './close-up';
import { daysIn, mergedSpans, nightsOf, nodesIn, wordsFor } from './ribbon';
import { inAList, sessionName } from './session-name';
import { currentStage, stageStates } from './stages';
import { tightestPot } from './tightest-pot';
import { fallInWords, fallSteps, isLess, stepMl } from './waterfall';

const f = formatFor('metric');
const HOUR = 3_600_000;

describe('where the paint goes', () => {
  const breakdown = [
    { cause: 'film', ml: 14 },
    { cause: 'carrier', ml: 170 },
    { cause: 'habit', ml: -20 },
    { cause: 'nozzle', ml: 0.01 },
    { cause: 'heel', ml: 6 },
    { cause: 'spare', ml: 400 },
  ];
  const steps = fallSteps({ breakdown } as never);
  it('each step begins where the one before ended; the expected use is what lies below the heel; a trace is no step', () => {
    expect(steps.map((s) => [s.cause, s.fromMl, s.toMl])).toEqual([
      ['film', 0, 14],
      ['carrier', 14, 184],
      ['habit', 184, 164],
      [null, 0, 164],
      ['heel', 164, 170],
      ['spare', 170, 570],
      [null, 0, 570],
    ]);
  });
  it('a step down is said as less', () => {
    expect(isLess(steps[2]!)).toBe(true);
    expect(stepMl(steps[2]!)).toBe(20);
    expect(fallInWords(steps.slice(2, 4), (ml) => `${ml} ml`)).toBe(
      'your own use against that less 20 ml, expected use 164 ml',
    );
  });
});

describe('the ribbon', () => {
  const air = {
    startMs: 0,
    stepMs: HOUR,
    sunDeg: [-20, -20, 5, 5, -20, -20],
    panelC: { mid: [1, 2, 3, 4, 5, 6] },
  } as unknown as AirView;
  it('takes one node over each end, and closes a night at the end', () => {
    expect(nodesIn(air, { fromMs: 2 * HOUR, toMs: 3 * HOUR })).toEqual([1, 2, 3, 4]);
    expect(nightsOf(air, [0, 1, 2, 3, 4, 5], 6 * HOUR)).toEqual([
      [0, 2 * HOUR],
      [4 * HOUR, 6 * HOUR],
    ]);
  });
  it('days begin at midnight there, also when the clocks go back: 25 October 2026 has 25 hours', () => {
    const from = Date.parse('2026-10-24T00:00:00+01:00');
    const days = daysIn({ fromMs: from, toMs: from + 73 * HOUR }, from + 30 * HOUR, 'Europe/London');
    expect(days.map((d) => (d.startMs - from) / HOUR)).toEqual([0, 24, 49]);
    expect(days.map((d) => d.isToday)).toEqual([false, true, false]);
  });
  it('neighbouring hours that are ruled out become one stretch, the cause of most of them first', () => {
    const span = (from: number, to: number, verdict: string, reason?: string) => ({
      startsAt: new Date(from * HOUR).toISOString(),
      endsAt: new Date(to * HOUR).toISOString(),
      verdict,
      reasons: reason ? [reason] : [],
    });
    const suit = {
      spans: [
        span(0, 1, 'no', 'wind'),
        span(1, 4, 'no', 'dark'),
        span(4, 6, 'good'),
        span(6, 7, 'no', 'rain'),
      ],
    } as unknown as Suit;
    const merged = mergedSpans(suit);
    expect(merged.map((s) => [s.verdict, s.reasons])).toEqual([
      ['no', ['dark', 'wind']],
      ['good', []],
      ['no', ['rain']],
    ]);
    expect(wordsFor(merged[0]!, 200)).toBe('dark, windy');
    expect(wordsFor(merged[0]!, 40)).toBe('dark');
    expect(wordsFor(merged[0]!, 10)).toBe('');
  });
});

describe('the close-up', () => {
  it('a drag is counted in half hours and drawn as its share', () => {
    const tenHours = { fromMs: 0, toMs: 10 * HOUR };
    expect(draggedHalfHours(0.16, tenHours)).toBe(3);
    expect(draggedHalfHours(-0.16, tenHours)).toBe(-3);
    expect(shareOfHalfHours(-3, tenHours)).toBeCloseTo(-0.15, 12);
    const at = (h: number): string => new Date(h * HOUR).toISOString();
    const options = [1, 2.25, 6].map((h) => ({
      at: at(h),
      chance: h / 10,
      free: true,
      verdict: 'good' as const,
    }));
    const odds = (ms: number) => oddsAt({ startOptions: [{ sessionId: 's', options }] }, 's', ms);
    const told = { clock: (ms: number) => `${ms / HOUR}`, odds };
    expect(dragWords(-3, 4 * HOUR, told)).toBe('earlier by 1 h 30: start 2.5, 23\u00a0%');
    expect(dragWords(2, 3 * HOUR, told)).toBe('later by 1 h: start 4, none is offered then');
  });
  it('of two pots the one whose life is used up furthest is drawn', () => {
    const at = (h: number): string => new Date(h * HOUR).toISOString();
    const plan = {
      layers: [
        { id: 'a', productId: 'A' },
        { id: 'b', productId: 'B' },
      ],
    } as unknown as Plan;
    const s = {
      tasks: [
        { kind: 'coat', layerId: 'a', endsAt: at(3) },
        { kind: 'coat', layerId: 'b', endsAt: at(4) },
      ],
      activations: [
        { productId: 'A', at: at(0), usableUntil: at(4), prudentUntil: at(4) },
        { productId: 'B', at: at(3), usableUntil: at(48), prudentUntil: at(27) },
      ],
    } as unknown as Session;
    const pot = tightestPot(plan, s)!;
    expect(pot.act.productId).toBe('A');
    expect(potWords(pot, 'Clear', f).coats).toContain('all coats in 180 min');
    expect(minutesBetween(at(1), at(2.5))).toBe(90);
    expect(tightestPot(plan, undefined)).toBeNull();
  });
});

describe('names, stages and air', () => {
  it('lists are said as one says them', () => {
    expect(inAList(['base', 'clear'])).toBe('base and clear');
    expect(inAList(['etch', 'filler', 'base'])).toBe('etch, filler and base');
    const plan = {
      layers: [
        { id: 'b', role: 'base', partIds: ['p', 'p--z1', 'q'] },
        { id: 'c', role: 'clear', partIds: ['p', 'p--z1', 'q'] },
      ],
      parts: [
        { id: 'p', name: 'Left lid' },
        { id: 'q', name: 'Right lid' },
      ],
    } as unknown as Plan;
    const named = (layerIds: string[], partIds: string[]): string => sessionName(plan, { layerIds, partIds });
    expect(named(['b', 'c'], ['p', 'p--z1', 'q'])).toBe('Base and clear');
    expect(named(['b', 'c'], ['p', 'p--z1'])).toBe('Base and clear, Left lid');
    expect(named([], [])).toBe('Session');
  });
  it('a job stands at what stops it, else at what comes next', () => {
    const job = { log: undefined } as unknown as Job;
    const plan = { kind: 'planned', blockers: [], sessions: [{}] } as unknown as Plan;
    const stopped = (code: string) =>
      ({ ...plan, kind: 'blocked', blockers: [{ code, params: {} }] }) as Plan;
    expect(currentStage(job, plan)).toBe('build-up');
    expect(currentStage({ ...job, system: { layers: [] } }, plan)).toBe('window');
    expect(currentStage(job, stopped('seam-no'))).toBe('build-up');
    expect(currentStage(job, stopped('no-window'))).toBe('window');
    expect(currentStage(job, { ...plan, sessions: [] })).toBe('log');
    expect(stageStates(job, stopped('seam-no'))).toMatchObject({ 'build-up': 'stop', window: 'open' });
  });
  it('each reading stands against its own limit', () => {
    const limits = { tempMinC: 10, tempMaxC: 30, dewGapMinK: 3, rhMaxFrac: 0.85, windMaxMs: 2 };
    const ok = (over: object) =>
      airTiles({ panelC: 20, gapK: 5, rhFrac: 0.6, windMs: 1, ...over } as never, limits, f).map((t) => t.ok);
    expect(ok({})).toEqual([true, true, true, true]);
    expect(ok({ panelC: 9 })).toEqual([false, true, true, true]);
    expect(ok({ gapK: 2.9 })).toEqual([true, false, true, true]);
    expect(ok({ rhFrac: 0.86 })).toEqual([true, true, false, true]);
    expect(ok({ windMs: 2.1 })).toEqual([true, true, true, false]);
    expect(splitUnit('12.5 °C')).toEqual(['12.5', '°C']);
  });
});

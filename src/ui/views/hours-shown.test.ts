/** What the window and the spray day show of hours. */
import { mendingStage } from './stages';
import { describe, expect, it } from 'vitest';
import type { AirView } from '@/core/air/view';
import { CATALOGUE } from '@/core/coating/catalogue';
import { at, sessionOf, span } from '@/demo/hours-kit';
import { demo, simulated } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Session, Task } from '@/model/plan';
import { formatFor } from '@/words/format';
import * as sessionNames from './session-name';
import * as sprayDayViews from './spray-day';
import { dayInWords, dayRibbonView, spanWord } from './day-ribbon';
import {
  dayView,
  doneLabel,
  handleLine,
  nowView,
  potLeft,
  rowButton,
  runningPot,
  soonText,
  timerText,
  waitLabel,
} from './spray-day';
import * as windowViews from './window';

const f = formatFor('metric');
const HOUR = 3_600_000;
const bonnet = demo('tractor-bonnet');
const plan = simulated(bonnet);
const session = (from: number, to: number, over: Partial<Session> = {}): Session =>
  sessionOf(plan, from, to, over);

describe('one day upright', () => {
  const air = (sun: number[]): AirView => ({ startMs: 0, stepMs: HOUR, sunDeg: sun }) as unknown as AirView;
  const sun = Array.from({ length: 24 }, (_, h) => (h >= 5 && h <= 20 ? 10 : -20));
  it('goes from first light to an hour after the last, and further where the session does', () => {
    expect(dayRibbonView(air(sun), 0, undefined, undefined)).toMatchObject({
      fromMs: 5 * HOUR,
      toMs: 21 * HOUR,
    });
    const late = session(4, 9, { endsAt: at(22.5) });
    const view = dayRibbonView(air(sun), 0, late, undefined);
    expect([view.fromMs / HOUR, view.toMs / HOUR]).toEqual([4, 23]);
    expect(view.hours.map((h) => h / HOUR)).toEqual(Array.from({ length: 20 }, (_, i) => i + 4));
    // Never past midnight.
    expect(dayRibbonView(air(sun), 0, session(9, 12, { endsAt: at(30) }), undefined).toMs).toBe(24 * HOUR);
  });
  it('a session of another day is not drawn; without light the usual hours are', () => {
    const view = dayRibbonView(air([]), 0, session(30, 33), undefined);
    expect(view.session).toBeUndefined();
    expect([view.fromMs / HOUR, view.toMs / HOUR]).toEqual([6, 21]);
  });
  it('says which hours suit', () => {
    const suit = {
      spans: [span(6, 8, 'no', 'dew'), span(8, 10, 'good'), span(10, 11, 'inside'), span(30, 31, 'good')],
    };
    const view = dayRibbonView(air(sun), 0, undefined, suit as never);
    expect(view.spans).toHaveLength(3);
    expect(dayInWords(view, 'Thu 1 Jan', f)).toBe(
      'Thu 1 Jan: good 08:00 to 10:00; just inside 10:00 to 11:00',
    );
    expect(dayInWords({ ...view, spans: [] }, 'Thu', f)).toBe('Thu: no hour suits');
    expect(spanWord(view.spans[1]!)).toBe('good');
    expect(spanWord(span(1, 2, 'no', 'no-such-cause'))).toBe('');
  });
});

describe('a coat before its flash is over', () => {
  const { isTooSoon, nowView } = sprayDayViews;
  const coat = { kind: 'coat', startsAt: at(10) } as Task;
  const nine = Date.parse(at(9));
  it('is asked about by the big button and by the list alike, and no longer once it may go on', () => {
    expect(isTooSoon(coat, nine, nine - 1)).toBe(true);
    expect(nowView(coat, nine, nine - 1).firm).toBe(true);
    expect(isTooSoon(coat, Date.parse(at(10)), nine)).toBe(false);
    expect(nowView(coat, Date.parse(at(10)), nine).firm).toBe(false);
  });
  it('the first coat of the day waits for no flash; sanding is never too soon', () => {
    expect(isTooSoon(coat, nine, null)).toBe(false);
    expect(isTooSoon({ ...coat, kind: 'sand' }, nine, nine - 1)).toBe(false);
  });
});

describe('the window', () => {
  const { sessionOf } = sessionNames;
  const { hoursText, lostHours, windowView, oddsText, dayOf, startLine, spoilers, valuedChecks } =
    windowViews;
  it('hours are lost to the first reason of a stretch, most first, five at most', () => {
    const spans = [
      span(0, 2, 'no', 'rain'),
      span(2, 7, 'no', 'dark'),
      span(7, 9, 'good'),
      span(9, 10.5, 'no', 'rain'),
      ...['wind', 'dew', 'cold', 'hot'].map((r, i) => span(11, 11.1 + i / 10, 'no', r)),
    ];
    const lost = lostHours({ spans } as never);
    expect(lost.slice(0, 2)).toEqual([
      { cause: 'dark', hours: 5 },
      { cause: 'rain', hours: 3.5 },
    ]);
    expect(lost).toHaveLength(5);
    expect(hoursText(3.5)).toBe('4 h');
  });
  it('the session looked at is the one picked, or the first when it is gone; its last product draws the limits', () => {
    const view = windowView(plan, CATALOGUE, 'gone');
    expect(view.id).toBe(plan.suits[0]!.sessionId);
    expect(view.limits.id).toBe('halden-2k-gloss');
    expect(view.options.length).toBeGreaterThan(0);
    const two = { ...plan, suits: [...plan.suits, { ...plan.suits[0]!, sessionId: 's-other' }] };
    expect(windowView(two, CATALOGUE, 's-other').id).toBe('s-other');
    expect(windowView({ ...plan, suits: [] }, CATALOGUE, null)).toMatchObject({ id: null, options: [] });
    expect(sessionOf(plan, 's-filler').layerIds).toEqual(['filler']);
  });
  it('odds, and when they are no more than just inside', () => {
    expect(oddsText({ chance: 0.8, verdict: 'good' } as never)).toBe('80 %');
    expect(oddsText({ chance: 0.999, verdict: 'inside' } as never)).toBe('99 %, just inside');
  });
  it('a day on a phone has its own starts, and leafs no further than two weeks', () => {
    const tz = 'UTC';
    const starts = [1, 25, 30].map((h) => ({ at: at(h) })) as never;
    const day = windowViews.dayView(starts, 24 * HOUR, { ms: 5 * HOUR, tz });
    expect(day.starts).toHaveLength(2);
    expect([day.isFirst, day.isLast]).toEqual([false, false]);
    expect([day.before, day.after]).toEqual([0, 48 * HOUR]);
    expect(windowViews.dayView(starts, 0, { ms: 5 * HOUR, tz }).isFirst).toBe(true);
    expect(windowViews.dayView(starts, 13 * 24 * HOUR, { ms: 5 * HOUR, tz }).isLast).toBe(true);
    // Nor past what is known.
    const known = 60 * HOUR;
    const lastOf = (day: number) =>
      windowViews.dayView(starts, day * 24 * HOUR, { ms: 5 * HOUR, tz }, known).isLast;
    expect([lastOf(1), lastOf(2)]).toEqual([false, true]);
    expect(dayOf(undefined, { ms: 30 * HOUR, tz })).toBe(24 * HOUR);
    expect(dayOf(session(50, 52), { ms: 0, tz })).toBe(48 * HOUR);
  });
  it('a start in one line; what spoils it, the two that do most', () => {
    const s = plan.sessions[0]!;
    expect(startLine(s, CATALOGUE, f)).toMatch(
      /^First coat \d\d:\d\d, activate cans \d\d:\d\d and \d\d:\d\d, last coat on by \d\d:\d\d\.$/,
    );
    const gun = CATALOGUE.map((p) => ({ ...p, carrier: 'gun' as const }));
    expect(startLine(s, gun, f)).toMatch(/, mix 2 times from \d\d:\d\d, /);
    const one = { ...s, activations: s.activations.slice(0, 1) };
    expect(startLine(one, CATALOGUE, f)).toMatch(/, activate one can \d\d:\d\d, /);
    expect(startLine(one, gun, f)).toMatch(/, mix \d\d:\d\d, /);
    const failures = ['rain', 'wind', 'dew'].map((cause, i) => ({ cause, members: 9 - i }));
    const said = spoilers({ ...s, failures, oksOf: [30, 50] } as never);
    expect(said).toContain('(9 of 50), ');
    expect(said).not.toContain('(7 of 50)');
    expect(spoilers({ ...s, failures: [] })).toBe('');
  });
  it('a value on its limit is within it', () => {
    const check = (value: number, min?: number, max?: number) => ({
      code: 'x',
      params: { value, ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) },
    });
    const checks = [
      check(10, 10, 30),
      check(9.9, 10, 30),
      check(30.1, 10, 30),
      check(2),
      { code: 'y', params: {} },
    ];
    const tasks = [{ kind: 'coat', checks }] as never;
    expect(valuedChecks({ ...plan.sessions[0]!, tasks }).map((c) => c.ok)).toEqual([
      true,
      false,
      false,
      true,
    ]);
    expect(valuedChecks({ ...plan.sessions[0]!, tasks: [] })).toEqual([]);
  });
  it('an assumption with its unit', () => {
    const value = (v: number | string, unit: string): string =>
      windowViews.assumedValue({ what: 'x', value: v, unit } as never, 'GBP', f);
    expect([value(8, 'GBP'), value(3, 'K'), value(50, '1'), value('lean-to', '')]).toEqual([
      '£8.00',
      '3 °C',
      '50',
      'lean-to',
    ]);
    expect(windowViews.windowAssumptions(plan).length).toBeGreaterThan(2);
  });
});

describe('the spray day', () => {
  const task = (over: Partial<Task>): Task =>
    ({ ...plan.sessions[0]!.tasks[0]!, startsAt: at(10), ...over }) as Task;
  const pot = { atMs: 0, endMs: 4 * HOUR };
  it('seconds run in the last hour; time left is never below nothing', () => {
    expect(timerText(532_000)).toBe('8:52');
    expect(timerText(61_001)).toBe('1:02');
    expect(timerText(90 * 60_000)).toBe('1 h 30');
    expect(timerText(-5)).toBe('0:00');
  });
  it('a wait has its share; a coat before its time and every activation are held down', () => {
    const coat = task({ kind: 'coat' });
    expect(nowView(coat, 9.5 * HOUR, 9 * HOUR)).toMatchObject({
      share: 0.5,
      ready: false,
      firm: true,
      soon: true,
    });
    expect(nowView(coat, 10 * HOUR, 9 * HOUR)).toMatchObject({ share: 1, ready: true, firm: false });
    expect(nowView(coat, 9.5 * HOUR, null)).toMatchObject({ share: null, firm: false, long: false });
    expect(nowView(coat, 5 * HOUR, null)).toMatchObject({ soon: false, long: true });
    expect(nowView(task({ kind: 'activate' }), 11 * HOUR, null).firm).toBe(true);
  });
  it('words over the timer and on the buttons', () => {
    expect(soonText(nowView(task({ kind: 'coat' }), 9.5 * HOUR, null))).toBe('ready in 30 min');
    expect(soonText(nowView(task({ kind: 'coat' }), 11 * HOUR, null))).toBe('ready');
    const now = (ready: boolean, soon: boolean) => ({ ready, soon }) as never;
    expect(waitLabel(now(true, true), null)).toBe('Now');
    expect(waitLabel(now(false, true), 5)).toBe('Flash off, leave it alone');
    expect(waitLabel(now(false, true), null)).toBe('Next, in');
    expect(waitLabel(now(false, false), null)).toBe('Next, at');
    expect(doneLabel(task({ kind: 'coat' }), 'x')).toBe('Coat is on');
    expect(doneLabel(task({ kind: 'activate' }), 'Mix the clear')).toBe('It is mixed');
    expect(doneLabel(task({ kind: 'activate' }), 'Activate the clear')).toBe('Can is activated');
    expect(doneLabel(task({ kind: 'sand' }), 'Sand P800')).toBe('Done: sand P800');
    expect(rowButton(task({ kind: 'sand' }), false)).toEqual({ label: 'Done', confirm: '' });
    expect(rowButton(task({ kind: 'activate' }), true).confirm).toBe('Yes, mixed');
    expect(rowButton(task({ kind: 'activate' }), false).label).toBe('Activated');
  });
  it('a pot is over at its end and not before its beginning', () => {
    expect(potLeft(pot, HOUR)).toEqual({ over: 0.25, leftMin: 180 });
    expect(potLeft(pot, -HOUR).over).toBe(0);
    expect(potLeft(pot, 9 * HOUR)).toEqual({ over: 1, leftMin: 0 });
  });
  it('an activated clear runs until its last coat is on', () => {
    const clear = plan.layers.find((l) => l.productId === 'halden-2k-gloss')!;
    const activations = [{ productId: 'halden-2k-gloss', at: '2026-05-16T10:00' }];
    const coats = (n: number) =>
      Array.from({ length: n }, (_, i) => ({ layerId: clear.id, coat: i + 1, endedAt: '2026-05-16T11:00' }));
    const running = (n: number) =>
      runningPot({ ...bonnet, state: { coats: coats(n), activations } } as Job, plan, CATALOGUE);
    expect(running(clear.coats - 1)!.atMs).toBe(Date.parse('2026-05-16T10:00:00+01:00'));
    expect(running(clear.coats)).toBeNull();
    const base = [{ productId: 'orrin-base', at: '2026-05-16T10:00' }];
    expect(
      runningPot(
        { ...bonnet, state: { coats: [], tasks: [], activations: base } } as unknown as Job,
        plan,
        CATALOGUE,
      ),
    ).toBeNull();
  });
  it('a wait is under way when the last coat was lately', () => {
    const next = plan.visits[0]!.tasks[0]!;
    const state = (hoursAgo: number) => ({
      coats: [
        {
          layerId: 'filler',
          coat: 1,
          endedAt: new Date(Date.parse(next.startsAt) - hoursAgo * HOUR).toISOString(),
        },
      ],
    });
    const since = (h: number) => dayView({ ...bonnet, state: state(h) } as Job, plan, CATALOGUE).sinceMs;
    expect(since(1)).toBe(Date.parse(next.startsAt) - HOUR);
    expect(since(4)).toBeNull();
    expect(dayView(bonnet, plan, CATALOGUE).next).toBe(next);
    expect(dayView(bonnet, { ...plan, sessions: [] }, CATALOGUE)).toMatchObject({
      session: undefined,
      sinceMs: null,
    });
  });
  it('handle-dry on another day says which; the sheet’s least temperature stands with it', () => {
    const s = {
      ...plan.sessions[0]!,
      startsAt: '2026-05-16T10:00:00+01:00',
      readyAt: null,
      ranges: { handle: null, ready: null },
    } as unknown as Session;
    const range: [string, string] = ['2026-05-16T17:50:00+01:00', '2026-05-16T18:20:00+01:00'];
    const ranged = { ...s, handleAt: range[0], ranges: { handle: range, ready: null } };
    expect(handleLine(ranged, plan, CATALOGUE, f)).toMatch(
      /^Handle-dry, 17:50 to 18:20 in eight of ten futures\. /,
    );
    const same = handleLine({ ...s, handleAt: '2026-05-16T18:00:00+01:00' }, plan, CATALOGUE, f);
    expect(same).toBe('Handle-dry. Until then no rain or dew on it, and not below 12 °C.');
    const next = handleLine(
      { ...s, handleAt: '2026-05-17T02:00:00+01:00', readyAt: '2026-05-18T09:00:00+01:00' },
      plan,
      CATALOGUE,
      f,
    );
    expect(next).toMatch(/^Handle-dry, Sun 17 May\..* May be sanded from Mon 18 May, 09:00\.$/);
  });
  it('what is in the way is mended where it belongs', () => {
    expect(mendingStage({ ...plan, blockers: [{ code: 'seam-no', params: {} }] })).toBe('build-up');
    expect(mendingStage({ ...plan, blockers: [{ code: 'no-window', params: {} }] })).toBe('window');
  });
});

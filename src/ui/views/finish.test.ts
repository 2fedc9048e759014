/** The finish in words: what is allowed, what weighing is worth; tasks and cure dates read back by another program. */
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { setFinish } from '@/core/edits/finish';
import { planAndAir } from '@/core/plan';
import { DAY } from '@/core/time/instant';
import { CATALOGUE } from '@/core/coating/catalogue';
import { ms, NOW, steady } from '@/demo/test-kit';
import { job, panel } from '@/demo/work-kit';
import { calendarText } from '@/formats/calendar/write';
import type { Job, SystemLayer } from '@/model/job';
import { formatFor } from '@/words/format';
import { cureRows, finishEntries, finishRows, finishView, refitRows } from './finish';
import { handOver } from './hand-over';
import { cutsMm } from './logbook';
import { toComeRows } from './to-come';

const f = formatFor('metric');
const ENDED = '2026-05-16T06:00:00+01:00';

function allOn(clear: string, coats: number): Job {
  const layers: SystemLayer[] = [
    { role: 'base', productId: 'orrin-base', coats: 3 },
    { role: 'clear', productId: clear, coats },
  ];
  const order = layers.flatMap((l) => Array.from({ length: l.coats }, (_, i) => [l.role, i + 1] as const));
  return job(layers, {
    parts: [panel('p', { name: 'Lid' })],
    fittings: ['Badge', 'Lamp'],
    state: {
      coats: order.map(([layerId, coat], i) => ({
        layerId,
        coat,
        endedAt: i === order.length - 1 ? ENDED : `2026-05-16T0${i}:00`,
      })),
      activations: [],
    },
  });
}
function shown(j: Job, tempC = 20) {
  const answer = planAndAir({ job: j, forecast: steady(tempC), nowMs: NOW });
  return { of: { job: j, plan: answer.plan, products: CATALOGUE }, air: answer.air };
}

describe('the finish view', () => {
  it('three coats from a gun: flat from P1500, what stays and what must', () => {
    const view = finishView(shown(allOn('halden-gun-gloss', 3)).of, f)!;
    expect(view.verdict).toBe('Flat, then polish');
    expect(view.bars.map((b) => [b.name, b.actName])).toEqual([
      ['Lid', 'From P1500'],
      ['Lid, edges', 'Leave it'],
    ]);
    expect(view.least).toBe('51 µm stay at the thin end; 40 µm must');
    expect(view.weigh).toBeNull();
  });
  it('two coats: left as it falls, and what the scale would be worth is said', () => {
    const view = finishView(shown(allOn('halden-gun-gloss', 2)).of, f)!;
    expect(view.verdict).toBe('Leave it');
    expect(view.least).toBe('It may be as thin as 40 µm, and 40 µm must stay: nothing may go');
    expect(view.weigh).toContain('as thin as 40 µm');
    expect(view.weigh).toContain('45 µm if they gave what they should');
  });
  it('is none while coats are to come', () => {
    const open = allOn('halden-gun-gloss', 2);
    const some = { ...open, state: { ...open.state!, coats: open.state!.coats.slice(0, 2) } };
    expect(finishView(shown(some).of, f)).toBeNull();
    expect(handOver(shown(some).of, shown(some).air, f)).toEqual([]);
  });
});

describe('cure dates and the calendar', () => {
  it('at the sheet’s 20 °C two-part from a gun is washed after seven days and waxed after thirty', () => {
    const { of, air } = shown(allOn('halden-gun-gloss', 3));
    const rows = Object.fromEntries(cureRows(of, air, f).map((r) => [r.what, r]));
    const days = (what: string): number => (rows[what]!.atMs! - ms(ENDED)) / DAY;
    expect(days('wash')).toBeCloseTo(7, 0);
    const own = CATALOGUE.find((p) => p.id === 'halden-gun-gloss')!.cureMin;
    expect(days('wax')).toBeCloseTo(own === undefined ? 30 : own / 1440, 0);
    expect(rows.wax!.when).toMatch(/^about /);
  });
  it('colder than its sheet every date is later', () => {
    const warm = shown(allOn('halden-gun-gloss', 3));
    const cold = shown(allOn('halden-gun-gloss', 3), 16);
    const at = (x: typeof warm) => cureRows(x.of, x.air, f).map((r) => r.atMs ?? Infinity);
    at(cold).forEach((late, i) => expect(late).toBeGreaterThan(at(warm)[i]!));
  });
  it('the places alone: the bars stand whole, and what the film carries is said as before', () => {
    const wish = { peel: 'light', tool: 'hand' } as const;
    const all = shown(setFinish(allOn('halden-gun-gloss', 3), wish));
    const places = shown(setFinish(allOn('halden-gun-gloss', 3), { ...wish, scope: 'places' }));
    const [a, p] = [all, places].map(({ of }) => finishView(of, f)!);
    expect(p).toMatchObject({ verdict: 'The places alone', least: a!.least, why: a!.why, isWorked: false });
    expect(p!.bars.every((b) => b.act === 'leave')).toBe(true);
    expect(places.of.plan.finish).toEqual([]);
  });
  it('once it is closed the looks after one, six and twelve months stand in the calendar', () => {
    const open = allOn('halden-gun-gloss', 3);
    const log = { used: [], outcomes: [], note: '', closedAt: '2026-05-16T20:00' };
    const { of, air } = shown({ ...open, log });
    const looks = finishEntries(of, 'x', air, f).filter((e) => e.id.startsWith('x-look'));
    expect(looks.map((e) => new Date(e.startMs).toISOString().slice(0, 10))).toEqual([
      '2026-06-16',
      '2026-11-16',
      '2027-05-16',
    ]);
    expect(looks[0]!.title).toContain('look at it again, after 1 month');
    expect(finishEntries(shown(open).of, 'x', air, f).some((e) => e.id.startsWith('x-look'))).toBe(false);
  });
  it('tasks and dates are read back as they were, each with its alarm', () => {
    const { of, air } = shown(setFinish(allOn('halden-gun-gloss', 3), { peel: 'light', tool: 'hand' }));
    const entries = finishEntries(of, 'x', air, f);
    const read = new ICAL.Component(ICAL.parse(calendarText('Finish', entries, NOW)));
    const events = read.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
    expect(events).toHaveLength(entries.length);
    const work = events.find((e) => e.summary.endsWith('flatting and polishing'))!;
    expect(work.description).toContain('Flat P1500, Flat P2000');
    expect(work.startDate.toJSDate().getTime()).toBe(ms(of.plan.finish[0]!.startsAt!));
    for (const e of events) expect(e.component.getAllSubcomponents('valarm').length).toBeGreaterThan(0);
    const rows = finishRows(of, f);
    expect(rows.map((r) => r.name)).toEqual(['Tape edges', 'P1500', 'P2000', 'P3000', 'Compound', 'Polish']);
    // 30 min a square metre at one stroke of 70 × 300 mm a second.
    expect(rows[1]!.how).toContain('on a flat block, some 38 strokes over each place, 1 sheet, wet');
  });
});

describe('hard for good', () => {
  it('on Spray day is the day on which it may be waxed, as Finish has it', () => {
    const { of, air } = shown(allOn('halden-gun-gloss', 3), 16);
    const wax = cureRows(of, air, f).find((r) => r.what === 'wax')!;
    const cured = toComeRows(of.plan, NOW, f, wax).find((r) => r.what === 'cured')!;
    expect(of.plan.toCome.find((r) => r.what === 'cured')!.bySheet).toBe(true);
    expect([cured.when, cured.isPast]).toEqual([wax.when, false]);
    expect(toComeRows(of.plan, wax.atMs! + DAY, f, wax).find((r) => r.what === 'cured')!.isPast).toBe(true);
  });
});

describe('the tape test', () => {
  it('cuts a film of 99 µm 2 mm apart; one of 24 µm 1 mm on steel, and 2 mm on what gives under the blade', () => {
    const { job: whole, plan } = shown(allOn('halden-gun-gloss', 3)).of;
    expect(cutsMm(whole, plan)).toBe(2);
    const thin = { layers: plan.layers.slice(0, 1) };
    const on = (substrate: Job['parts'][number]['substrate']): number | null =>
      cutsMm({ ...whole, parts: whole.parts.map((p) => ({ ...p, substrate })) }, thin);
    expect([on('steel'), on('abs'), on('mdf'), on('rubber')]).toEqual([1, 2, 2, 2]);
  });
});

describe('what goes on again, and who gets it', () => {
  it('the last bag first', () => {
    expect(refitRows(allOn('halden-gun-gloss', 3)).map((r) => `${r.letter} ${r.name}`)).toEqual([
      'B Lamp',
      'A Badge',
    ]);
  });
  it('a page says what is on it, from when it stands what, and how it is touched in', () => {
    const { of, air } = shown(allOn('halden-gun-gloss', 3));
    const text = handOver(of, air, f)
      .map((l) => `${l.name}: ${l.text}`)
      .join('\n');
    expect(text).toContain('Orrin base, 3 coats, about 24 µm');
    expect(text).toContain('Waxed, covered, stickers: about');
    expect(text).toContain('16 May 2026');
    expect(text).toContain('Touching it in');
  });
});

/** The way from a press to what to do, on the demo's jobs: no dead end, and what is said is of that film. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import type { OnJob } from '@/core/faults/at-hand';
import { DEMO_JOBS } from '@/demo/jobs';
import { NOW } from '@/demo/test-kit';
import { planned } from '@/demo/work-kit';
import { FAULT_MOMENTS, type FaultCode } from '@/model/fault';
import { formatFor } from '@/words/format';
import { noteFault } from '@/core/edits/faults';
import { notedRows } from './noted-faults';
import {
  byLook,
  byMoment,
  dangerTiles,
  likelyRows,
  looksAt,
  lookTiles,
  placeOf,
  sprayingNow,
  troubleView,
  type Place,
} from './trouble';

const f = formatFor('metric');
const products = new Map(CATALOGUE.map((p) => [p.id, p]));
const onOf = (id: string): OnJob => {
  const { job } = DEMO_JOBS.find((d) => d.id === id)!;
  return { job, layers: planned(job).layers, products, spraying: null };
};
const IDS = DEMO_JOBS.map((d) => d.id);

/** Every fault that can be come to from a place, and the most taps to one. */
function reached(place: Place, taps = 0): [FaultCode, number][] {
  if (place.at === 'fault') return [[place.code, taps]];
  if (place.at !== 'node') return [];
  const { node } = place;
  if (node.kind === 'pick') return node.codes.map((c) => [c, taps + 1]);
  return [...reached(placeOf(node.yes), taps + 1), ...reached(placeOf(node.no), taps + 1)];
}

describe('something is wrong', () => {
  it.each(IDS)('%s: every look leads to a verdict in four taps at most, every moment in three', (id) => {
    const on = onOf(id);
    for (const { id: look } of lookTiles(on)) {
      const there = reached(byLook(look, on), 1);
      expect(there.length, look).toBeGreaterThan(0);
      expect(Math.max(...there.map(([, taps]) => taps)), look).toBeLessThanOrEqual(4);
    }
    for (const moment of FAULT_MOMENTS)
      for (const { id: look } of looksAt(moment, on)) {
        const there = reached(byMoment(moment, look, on), 2);
        expect(Math.max(...there.map(([, taps]) => taps)), `${moment} ${look}`).toBeLessThanOrEqual(3);
      }
  });
  it.each(IDS)('%s: every verdict says what to do in lines that are whole, with what its mends add', (id) => {
    const on = onOf(id);
    const codes = new Set(lookTiles(on).flatMap(({ id: look }) => reached(byLook(look, on)).map(([c]) => c)));
    expect(codes.size).toBeGreaterThan(25);
    for (const code of codes) {
      const v = troubleView(code, on, { nowMs: NOW, f });
      // Only what is on can be mended.
      expect(v.mends.length > 0, code).toBe(v.film !== null);
      for (const m of v.mends) {
        expect(m.adds).toMatch(/^adds /);
        for (const line of m.lines) expect(line).toMatch(/^[A-Z].*\.$/);
        expect(JSON.stringify(m)).not.toMatch(/NaN|undefined|Infinity/);
      }
    }
  });
  it('a run in the filler of the tractor bonnet is left, blocked off with the rest, and costs no paint', () => {
    const v = troubleView('runs', onOf('tractor-bonnet'), { nowMs: NOW, f });
    expect(v).toMatchObject({ act: 'wait', actName: 'Wait', film: 'Tamsel filler primer' });
    expect(v.now).toEqual(['Leave it. It is blocked off with the rest.']);
    expect(v.mends[0]).toMatchObject({
      name: 'Block it off with the rest',
      lines: ['Sand P400 on a block, wet, all over.', 'Degrease: one wet cloth, one dry.'],
    });
    expect(v.mends[0]!.adds).toContain('nothing to buy');
  });
  it('where nothing is sprayed yet it says what to do and offers no mend', () => {
    const v = troubleView('rain', onOf('cargo-bike'), { nowMs: NOW, f });
    expect(v).toMatchObject({ act: 'stop', film: null, mends: [] });
  });
  it('a run in base that is going on is told of the base: wait, level it, colour again; the filler below is not blamed', () => {
    const on = onOf('tractor-bonnet');
    const base = on.layers.find((l) => l.productId === 'orrin-base')!;
    const v = troubleView('runs', { ...on, spraying: base.id }, { nowMs: NOW, f });
    expect(v).toMatchObject({ act: 'wait', film: 'Orrin base' });
    expect(v.mends[0]!.name).toBe('Level it and colour again');
  });
  it('a coat is being sprayed from its hour on until it is ticked', () => {
    const plan = planned(onOf('tractor-bonnet').job);
    const coat = plan.sessions[0]!.tasks.find((t) => t.kind === 'coat')!;
    const at = Date.parse(coat.startsAt);
    expect(sprayingNow(plan, at - 1)).toBeNull();
    expect(sprayingNow(plan, at)).toBe(coat);
    // All before it ticked early: it is next, and within the hour it is going on; a day ahead it is not.
    const tasks = plan.sessions[0]!.tasks.slice(plan.sessions[0]!.tasks.indexOf(coat));
    const early = { sessions: [{ ...plan.sessions[0]!, tasks }] };
    expect(sprayingNow(early, at - 15 * 60_000)).toBe(coat);
    expect(sprayingNow(early, at - 24 * 3_600_000)).toBeNull();
    expect(sprayingNow({ sessions: [] }, at)).toBeNull();
  });
  it('danger says what to do and offers no mend', () => {
    for (const { id } of dangerTiles()) {
      const v = troubleView(id, onOf('cargo-bike'), { nowMs: NOW, f });
      expect(v.act).toBe('stop');
      expect(v.mends).toEqual([]);
    }
  });
  it('five likeliest at the foot of the day, each with something to do; none once nothing is left to spray', () => {
    const on = onOf('tractor-bonnet');
    const plan = planned(on.job);
    const rows = likelyRows(on, plan);
    expect(rows.length).toBe(5);
    for (const r of rows) expect(r.first).not.toMatch(new RegExp(`^${r.actName}\\.?$`));
    expect(likelyRows(on, { sessions: [] })).toEqual([]);
  });
  it('what was noted stands newest first, none of these with its note', () => {
    const { job } = onOf('cargo-bike');
    const one = noteFault(job, { code: 'runs', atMs: NOW, layerId: null });
    const two = noteFault(one, { code: 'other', atMs: NOW + 60_000, layerId: null, note: 'grey rings' });
    expect(notedRows(two, f).map((r) => r.what)).toEqual(['None of these: grey rings', 'Run, sag, drip']);
    expect(notedRows(job, f)).toEqual([]);
  });
});

/** What the agenda says: visits and sessions in order, cups, cans, rests and rhythm. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { demo, simulated, steady, always, NOW, ms } from '@/demo/test-kit';
import { plan as planned } from '@/core/plan';
import { agendaOf } from '@/core/schedule/agenda';
import type { Job } from '@/model/job';
import type { Session } from '@/model/plan';
import { formatFor } from '@/words/format';
import { mixLine } from '@/words/mix-line';
import { nextWork, partsOf, restLine, rhythmLines, visitLine, visitTitle } from './agenda';
import { activationLine, activationOf, mixedBy, tickOf } from './spray-day';

const f = formatFor('metric');
const plan = simulated(demo('tractor-bonnet'));
const bike = simulated(demo('cargo-bike'));

describe('the agenda', () => {
  it('visits and sessions come in the order they begin, and the first task of hands is next', () => {
    const hours = agendaOf(bike).map((e) => ms(e.of.startsAt));
    expect(hours).toEqual([...hours].sort((a, b) => a - b));
    expect(hours.length).toBe(bike.visits.length + bike.sessions.length);
    expect(nextWork(bike)!.task.id).toBe('shop');
    expect(nextWork({ visits: [], sessions: [] })).toBeNull();
  });
  it('a visit says what it is for, when, and what remains after it', () => {
    const names = bike.visits.map((v) => visitTitle(bike, v));
    expect(names[0]).toBe('To the shops');
    expect(names).toContain('Preparing for base and clear');
    expect(names.at(-1)).toBe('Tape off');
    expect(visitLine({ ...bike.visits[0]!, leftMin: 100 }, f)).toMatch(
      /^Sat 16 May, 08:00–09:00; after it 1 h 40/,
    );
    expect(visitLine({ ...bike.visits[0]!, leftMin: 0 }, f)).toBe('Sat 16 May, 08:00–09:00');
  });
  it('where it may rest: for days, until its bond ends, past it, or until it may be coated again', () => {
    const rest = (why: NonNullable<Session['rest']>['why'], until: string | null) =>
      restLine({ rest: { why, from: '2026-05-16T10:00:00+01:00', until } }, f);
    expect(rest('sanded', null)).toMatch(/for days/);
    expect(rest('bond', '2026-05-17T10:00:00+01:00')).toMatch(/until Sun 17 May, 10:00/);
    expect(rest('bond', null)).not.toMatch(/until/);
    expect(rest('scuffed', null)).toMatch(/one more coat/);
    expect(rest('again', null)).toMatch(/would lift/);
    expect(restLine({ rest: null }, f)).toBeNull();
  });
  it('what is activated by a task, in how many cans, and how long it lives', () => {
    const s = plan.sessions[0]!;
    const act = s.tasks.find((t) => t.kind === 'activate')!;
    expect(activationOf(plan, act.id)).toEqual({
      productId: 'halden-2k-gloss',
      cans: s.activations[0]!.cans,
    });
    expect(activationOf(plan, 's.sand')).toEqual({ productId: null, cans: 0 });
    const one = { ...s, activations: s.activations.slice(0, 1) };
    expect(activationLine(one, 0, CATALOGUE, f)).toMatch(/^Activated can: prudent until /);
    expect(activationLine(s, 1, CATALOGUE, f)).toMatch(/^Can 2: prudent until /);
    const gun = CATALOGUE.map((p) => ({ ...p, carrier: 'gun' as const }));
    expect(activationLine(s, 0, gun, f)).toMatch(/^Cup 1: prudent until /);
    const other = { ...s.activations[0]!, productId: 'tamsel-epoxy' };
    const two = { ...s, activations: [s.activations[0]!, other] };
    expect(activationLine(two, 0, CATALOGUE, f)).toMatch(/^Halden 2K clear, activated can: prudent/);
    expect(mixedBy(plan, act.id)).toBeUndefined();
  });
});

describe('a round over several parts', () => {
  const panel = demo('cargo-bike').parts[0]!;
  const job: Job = {
    ...demo('cargo-bike'),
    freeHours: always,
    place: { ...demo('cargo-bike').place, shelter: 'cellar', windFrac: 0.25, lamp: true },
    equipment: { sprayer: 'hvlp', suppliedAir: true },
    parts: ['a', 'b', 'c', 'd'].map((id) => ({ ...panel, id, name: id, condition: 'sound-paint' as const })),
    system: {
      layers: [
        { role: 'surfacer', productId: 'tamsel-surfacer', coats: 2 },
        { role: 'base', productId: 'orrin-base-gun', coats: 2 },
        { role: 'clear', productId: 'halden-gun-gloss', coats: 2 },
      ],
    },
  };
  const p = planned({ job, forecast: steady(20), nowMs: NOW });
  it('the rhythm says what binds; every part may be ticked by itself; each cup says its grade and its end', () => {
    expect(p.kind).toBe('planned');
    const s = p.sessions[0]!;
    expect(rhythmLines(p, s, CATALOGUE)[0]).toMatch(/round of 4 parts takes \d+ min/);
    const coat = s.tasks.find((t) => t.kind === 'coat' && !t.id.includes('~'))!;
    expect(partsOf(s, coat)).toEqual(['a', 'b', 'c', 'd']);
    expect(partsOf(s, s.tasks[0]!)).toEqual([]);
    // A base of equal parts with reducer has no hardener to name.
    const said = p.sessions.flatMap((x) => x.tasks).filter((t) => t.id.includes('activate-orrin-base-gun'));
    expect(said.map((t) => t.detail.params.ratio)).toEqual(said.map(() => '1 : 1'));
    expect(said.length).toBeGreaterThan(0);
    expect(s.mixes.length).toBeGreaterThan(0);
    // 4 : 1 : 0.5, as marks of the cup; never a total beside the hardener.
    const [cup] = s.mixes;
    expect(cup!.marks.map((m) => m.part)).toEqual(['base', 'hardener', 'reducer']);
    expect(cup!.marks.map((m) => m.toMl / cup!.ml)).toEqual([
      expect.closeTo(4 / 5.5, 2),
      expect.closeTo(5 / 5.5, 2),
      1,
    ]);
    expect(mixLine(cup!, 'Tamsel 2K surfacer', f)).toMatch(
      /: Tamsel 2K surfacer, base to \d+ ml, standard hardener to \d+ ml, standard reducer to \d+ ml; for coat 1.*out by .*dead \d\d:\d\d/,
    );
    const tick = tickOf(
      p,
      s.tasks.find((t) => t.kind === 'activate')!,
    );
    expect([tick.productId, tick.ml]).toEqual(['tamsel-surfacer', s.mixes[0]!.ml]);
  });
});

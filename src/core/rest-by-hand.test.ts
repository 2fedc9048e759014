/** Where the work may rest, worked by hand: inside the bond, past it, between coats, under a stripe. */
import { describe, expect, it } from 'vitest';
import { allTasks, ms } from '@/demo/test-kit';
import { coatsOf, hours, job, minutes, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import type { Task } from '@/model/plan';
import { systemFor } from './coating/system';
import { draftsOf } from './schedule/work/drafts';
import { workOf } from './schedule/work/work';
import { HOUR, MINUTE } from './time/instant';

describe('where it may rest', () => {
  const baseClear: SystemLayer[] = [
    { role: 'base', productId: 'orrin-base', coats: 3 },
    { role: 'clear', productId: 'halden-1k-gloss', coats: 2 },
  ];
  const large = Array.from({ length: 3 }, (_, i) => panel(`p${i}`, { lengthMm: 1200, widthMm: 800 }));
  const done: Job['state'] = {
    coats: [],
    activations: [],
    tasks: ['shop', 's-base.sand', 's-base.clean', 's-base.mask'].map((taskId) => ({
      taskId,
      endedAt: '2026-05-16T07:00',
    })),
  };
  it('base tonight, clear tomorrow before the day is out: two evenings too short for both', () => {
    const evenings = hours({ sat: [['18:00', '19:20']], sun: [['18:00', '19:20']] });
    const p = planned(job(baseClear, { parts: large, freeHours: evenings, state: done! }));
    expect(p.sessions.map((s) => s.id)).toEqual(['s-base', 's-clear']);
    const [base, clear] = p.sessions;
    expect(base!.rest!.why).toBe('bond');
    expect([base!.startsAt.slice(0, 10), clear!.startsAt.slice(0, 10)]).toEqual(['2026-05-16', '2026-05-17']);
    // The label: 24 h from the base to the clear. At 20 °C it is not shortened.
    const lastBase = base!.rounds.at(-1)!.parts;
    const firstClear = clear!.rounds[0]!.parts;
    for (const [i, part] of lastBase.entries())
      expect(minutes(part.endsAt, firstClear[i]!.startsAt)).toBeLessThanOrEqual(24 * 60);
    expect(ms(base!.holdUntil!)).toBeGreaterThan(ms(clear!.sprayAt));
    // Fresh base is blown off and tacked, never wiped or sanded.
    expect(clear!.tasks.filter((t) => t.handsOn && t.kind !== 'coat').map((t) => t.detail.code)).toEqual([
      'tack-fresh',
    ]);
  });
  it('past the bond: scuffed, one more coat of base, then the clear', () => {
    const apart = hours({ sat: [['18:00', '20:00']], tue: [['18:00', '19:20']], thu: [['18:00', '20:00']] });
    const layers = [{ ...baseClear[0]!, coats: 5 }, baseClear[1]!];
    const p = planned(job(layers, { parts: large, freeHours: apart, state: done! }));
    expect(p.sessions[0]!.rest!.why).toBe('scuffed');
    const later = p.sessions[1]!;
    expect(coatsOf(later).map((t) => t.id)).toEqual(['base.c6', 'clear.c1', 'clear.c2']);
    const scuff = p.visits.flatMap((v) => v.tasks).find((t) => t.detail.code === 'scuff-late')!;
    expect(ms(scuff.startsAt)).toBeGreaterThan(ms(p.sessions[0]!.endsAt));
    // Its own surface was sanded once, for the first coat.
    expect(p.visits.flatMap((v) => v.tasks).filter((t) => t.id.includes('.sand'))).toEqual([]);
    // The sixth coat is bought with the five: a fifth more of base, none of clear.
    const atOnce = planned(job(layers, { parts: large, state: done! }));
    expect(p.layers[0]!.oneMore).toEqual(['p0', 'p1', 'p2']);
    expect(atOnce.layers[0]!.oneMore).toBeUndefined();
    const more = p.materials.map((m, i) => m.sprayMl / atOnce.materials[i]!.sprayMl);
    expect(more[0]).toBeCloseTo(6 / 5, 9);
    expect(more[1]).toBeCloseTo(1, 9);
  });
  it('enamel that misses its first hour is coated again on the third day, after its 48 h', () => {
    const enamel: SystemLayer[] = [{ role: 'colour', productId: 'skerry-enamel', coats: 2 }];
    const parts = Array.from({ length: 6 }, (_, i) => panel(`p${i}`, { lengthMm: 1600, widthMm: 1000 }));
    const state = {
      ...done!,
      tasks: done!.tasks!.map((t) => ({ ...t, taskId: t.taskId.replace('base', 'colour') })),
    };
    const p = planned(
      job(enamel, {
        parts,
        state,
        freeHours: hours({ sat: [['18:00', '19:30']], mon: [['20:00', '21:45']], tue: [['20:00', '21:45']] }),
      }),
    );
    expect(p.kind).toBe('planned');
    const [first, second] = p.sessions;
    expect(first!.rest!.why).toBe('again');
    for (const [i, part] of first!.rounds.at(-1)!.parts.entries())
      expect(minutes(part.endsAt, second!.rounds[0]!.parts[i]!.startsAt)).toBeGreaterThanOrEqual(48 * 60 - 1);
    expect(second!.startsAt.slice(0, 10)).toBe('2026-05-18');
  });
  it('a wait of hours is a holding point, not a stretch', () => {
    // The enamel's sheet asks for 48 h before the next product.
    const under: SystemLayer[] = [
      { role: 'colour', productId: 'skerry-enamel', coats: 1 },
      { role: 'clear', productId: 'halden-1k-gloss', coats: 2 },
    ];
    const drafts = draftsOf(workOf(job(under), systemFor(job(under))));
    expect(drafts.sessions.map((s) => [s.id, s.rest?.ready ?? null])).toEqual([
      ['s-colour', drafts.sessions[0]!.rest!.ready],
      ['s-clear', null],
    ]);
  });
});

describe('a stripe over a ground', () => {
  const p = planned(
    job([
      { role: 'base', productId: 'orrin-base', coats: 2 },
      { role: 'base', productId: 'orrin-base', coats: 2, hex: '#C8102E' },
      { role: 'clear', productId: 'halden-1k-gloss', coats: 2 },
    ]),
  );
  const tasks = p.sessions[0]!.tasks;
  const at = (id: string): Task => tasks.find((t) => t.id === id)!;
  it('tape on once the ground takes it (handle-dry, 90 min by its sheet), tape off before the clear', () => {
    expect(p.sessions).toHaveLength(1);
    const tape = at('base-2.tape');
    expect(minutes(at('base.c2').endsAt, tape.startsAt)).toBeGreaterThanOrEqual(90);
    expect(ms(at('base-2.c1').startsAt)).toBeGreaterThanOrEqual(ms(tape.endsAt));
    const off = at('base-2.untape');
    expect(ms(off.startsAt)).toBeGreaterThanOrEqual(ms(at('base-2.c2').endsAt));
    expect(ms(at('clear.c1').startsAt)).toBeGreaterThanOrEqual(ms(off.endsAt));
    // What the tape leaves is wiped off after it.
    expect(ms(at('clear.c1.tack').startsAt)).toBeGreaterThanOrEqual(ms(off.endsAt));
  });
  it('on a clear that was scuffed for it: taped before its first coat, pulled before the last clear', () => {
    const phased = planned(
      job([
        { role: 'base', productId: 'orrin-base', coats: 2 },
        { role: 'clear', productId: 'halden-1k-gloss', coats: 3 },
        { role: 'base', productId: 'orrin-base', coats: 2, hex: '#C8102E' },
        { role: 'clear', productId: 'halden-1k-gloss', coats: 3 },
      ]),
    );
    const list = allTasks(phased).map((t) => t.id);
    const order = ['clear.c3', 'base-2.tape', 'base-2.c1', 'base-2.c2', 'base-2.untape', 'clear-2.c1'];
    expect(order.map((id) => list.indexOf(id))).not.toContain(-1);
    expect(order.map((id) => list.indexOf(id))).toEqual(
      order.map((id) => list.indexOf(id)).sort((a, b) => a - b),
    );
    // The same colour once more over its clear is no pattern.
    const again = planned(
      job([
        { role: 'base', productId: 'orrin-base', coats: 2 },
        { role: 'clear', productId: 'halden-1k-gloss', coats: 3 },
        { role: 'base', productId: 'orrin-base', coats: 2 },
        { role: 'clear', productId: 'halden-1k-gloss', coats: 3 },
      ]),
    );
    expect(allTasks(again).some((t) => t.kind === 'tape')).toBe(false);
  });
});

describe('what a face has had by its next coat', () => {
  it('the round over the other parts counts for it, and is told; one face alone has its wait', () => {
    const layers: SystemLayer[] = [{ role: 'base', productId: 'orrin-base', coats: 2 }];
    const flash = (parts: number) => {
      const of = Array.from({ length: parts }, (_, i) => panel(`p${i}`, { lengthMm: 900, widthMm: 700 }));
      const session = planned(job(layers, { parts: of })).sessions[0]!;
      const wait = session.tasks.find((t) => t.id === 'base.c2.flash')!;
      const [first, second] = ['base.c1', 'base.c2'].map((id) =>
        session.rounds.find((r) => r.taskId === id)!,
      );
      const rests = second!.parts.map((p, i) => minutes(first!.parts[i]!.endsAt, p.startsAt));
      return { wait: wait.detail.params, least: Math.min(...rests) };
    };
    const alone = flash(1);
    expect(alone.wait.restMin).toBe(alone.wait.minutes);
    const rack = flash(3);
    expect(Number(rack.wait.restMin)).toBeGreaterThan(Number(rack.wait.minutes) + 5);
    expect(Math.abs(Number(rack.wait.restMin) - rack.least)).toBeLessThanOrEqual(1);
    // The sheet asks for 10 min at 20 °C.
    expect(Number(rack.wait.restMin)).toBeGreaterThanOrEqual(10);
  });
});

describe('splitting never finishes earlier than the whole', () => {
  it('on twelve small cases, with all hours free, the plan is one session and no cut of it ends before', () => {
    for (let n = 0; n < 12; n++) {
      const parts = Array.from({ length: 1 + (n % 3) }, (_, i) =>
        panel(`p${i}`, { lengthMm: 300 + 100 * n }),
      );
      const layers: SystemLayer[] = [
        { role: 'base', productId: 'orrin-base', coats: 1 + (n % 3) },
        { role: 'clear', productId: 'halden-1k-gloss', coats: 2 },
      ];
      const j = job(layers, { parts });
      const whole = planned(j);
      expect(whole.sessions).toHaveLength(1);
      const end = ms(whole.sessions[0]!.handleAt);
      // Every cut, by hours that allow the base today and the clear from any later half hour on.
      const baseEnds = ms(coatsOf(whole.sessions[0]!).find((t) => t.id.startsWith('clear'))!.startsAt);
      for (let k = 1; k <= 4; k++) {
        const gap = new Date(baseEnds + k * 30 * MINUTE + HOUR).toISOString().slice(11, 16);
        const until = new Date(baseEnds + HOUR).toISOString().slice(11, 16);
        const cut = planned({
          ...j,
          freeHours: hours({
            sat: [
              ['00:00', until],
              [gap, '24:00'],
            ],
            sun: [['00:00', '24:00']],
          }),
        });
        expect(ms(cut.sessions.at(-1)!.handleAt)).toBeGreaterThanOrEqual(end);
      }
    }
  });
});

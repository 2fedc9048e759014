/** What the bench shows of a coat, a wait, the hour before, a can that lives, and a mend that waits for the end. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { hourBefore } from '@/core/cautions/hour';
import { NO_AIR } from '@/core/air/view';
import { demo, ms, simulated, TZ } from '@/demo/test-kit';
import { job, panel, planned } from '@/demo/work-kit';
import { isoOf, MINUTE, msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { WaitingFilm } from '@/model/waiting';
import { formatFor } from '@/words/format';
import { livingLabels, openingLines } from './can-life';
import { dialView, feltLine } from './dial';
import { hourView, takeHourOn, toggleHour } from './hour';
import { layLines, meanwhile } from './lay';
import { startMsOf } from './spray-day';
import { mendsToDo } from './still-to-mend';

const f = formatFor('metric');
const bonnet = demo('tractor-bonnet');
const plan = simulated(bonnet);
const coats = plan.sessions[0]!.tasks.filter((t) => t.kind === 'coat');
const of = { job: bonnet, plan, products: CATALOGUE };

describe('the hour before', () => {
  const view = hourView({ ...of, air: NO_AIR })!;
  it('in the open, from cans, with an isocyanate in the session: eight checks, none of a gun or of a room', () => {
    const heads = view.rows.map((r) => r.head);
    expect(heads).toHaveLength(8);
    expect(heads).toContain('Air-fed mask, eyes, gloves, suit');
    expect(heads).toContain('Nothing downwind');
    expect(heads).not.toContain('Water trap drained');
    expect(heads).not.toContain('Air moving through');
    expect(view.open).toMatch(/^8 checks of 8 open: air-fed mask/);
  });
  it('in a garage air goes through, from a gun the trap is drained; after dark a lamp', () => {
    const garage: Job = {
      ...bonnet,
      place: { ...bonnet.place, shelter: 'garage' },
      equipment: { ...bonnet.equipment, sprayer: 'hvlp' },
    };
    const p = simulated(garage);
    const codes = hourBefore(p, p.sessions[0], { job: garage, products: CATALOGUE, isDark: true })!.items.map(
      (i) => i.code,
    );
    expect(codes).toEqual(expect.arrayContaining(['air-through', 'water-trap', 'cup-strained', 'lamp']));
    expect(codes).not.toContain('downwind');
    expect(codes).not.toContain('cans-warm');
  });
  it('ticked, taken back, and what is open taken on once with the first coat', () => {
    const ticked = toggleHour(bonnet, view.rows[0]!, 0);
    const now = hourView({ ...of, job: ticked, air: NO_AIR })!;
    expect(now.done).toBe(1);
    expect(hourView({ ...of, job: toggleHour(ticked, now.rows[0]!, 0), air: NO_AIR })!.done).toBe(0);
    const taken = takeHourOn(ticked, plan, coats[0]!, 0);
    expect(hourView({ ...of, job: taken, air: NO_AIR })!.open).toBeNull();
    expect(
      takeHourOn(
        ticked,
        plan,
        plan.sessions[0]!.tasks.find((t) => t.kind === 'tack')!,
        0,
      ),
    ).toBe(ticked);
  });
});

describe('how a coat is laid', () => {
  it('the first of a can that is full, part by part, 20 to 30 cm off, half over', () => {
    const [can, order, how] = layLines(of, coats[0]!, f);
    expect(can).toMatch(/^Can 1 of Orrin base, full/);
    expect(order).toMatch(/^Bonnet \d+ ml, then /);
    expect(how).toBe(
      `200 mm to 300 mm off, half of the last pass again, off the part at each end. About ${how!.match(/About (\d+) min/)![1]} min.`,
    );
  });
  it('what the parts take adds up to the coat', () => {
    const ml = [...layLines(of, coats[1]!, f)[1]!.matchAll(/(\d+) ml/g)].map((m) => Number(m[1]));
    const said = Number(coats[1]!.detail.params.ml);
    expect(Math.abs(ml.reduce((a, b) => a + b, 0) - said)).toBeLessThanOrEqual(3);
  });
  it('a later coat begins with a can that is part empty, by what went out before', () => {
    // 400 ml cans give 380; the first coat takes what its sentence says.
    const before = Number(coats[0]!.detail.params.ml);
    const left = 1 - (before / 380 - Math.floor(before / 380));
    expect(layLines(of, coats[1]!, f)[0]).toContain(`about ${Math.round(left * 10) * 10} % full`);
  });
  it('is nothing of what is no coat', () => {
    expect(
      layLines(
        of,
        plan.sessions[0]!.tasks.find((t) => t.kind === 'tack')!,
        f,
      ),
    ).toEqual([]);
  });
});

describe('the dial', () => {
  const at = (min: number): string => isoOf(msOf('2026-05-16T10:00', TZ) + min * MINUTE, TZ);
  const film: WaitingFilm = {
    layerId: 'base',
    productId: 'orrin-base',
    partIds: ['p'],
    endedAt: at(0),
    stage: 'next',
    earliestAt: at(20),
    wetUntil: at(60),
    lateAt: at(1440),
    sheetMin: 20,
    over: 1,
    times: 1,
  };
  const zone = (min: number, w = film) => dialView(w, ms(at(min)), f)!.zone;
  it('not yet, best, late but bonding, too late: at the minute', () => {
    expect([zone(0), zone(19), zone(20), zone(59), zone(61), zone(1439), zone(1441)]).toEqual([
      'early',
      'early',
      'best',
      'best',
      'bonds',
      'bonds',
      'late',
    ]);
  });
  it('the hand only ever goes on', () => {
    const hands = [0, 5, 10, 19, 20, 40, 60, 300, 1000, 1440, 2000].map(
      (m) => dialView(film, ms(at(m)), f)!.hand,
    );
    expect(hands).toEqual([...hands].sort((a, b) => a - b));
    expect(hands[0]).toBe(0);
    expect(hands.at(-1)).toBeLessThan(1);
  });
  it('what has no end has no red, and says no time for it', () => {
    const open = { ...film, wetUntil: null, lateAt: null };
    const view = dialView(open, ms(at(500)), f)!;
    expect(view.zone).toBe('best');
    expect(view.zones.map((z) => z.zone)).toEqual(['early', 'best']);
    expect(view.marks.map((m) => m.word)).toEqual(['earliest']);
  });
  it('is not drawn where the clock is not known, and tells what was felt', () => {
    expect(dialView({ ...film, earliestAt: null }, 0, f)).toBeNull();
    expect(feltLine(film)).toBeNull();
    expect(feltLine({ ...film, times: 1.2 })).toContain('24 min instead of 20 min');
  });
  it('a film that is ready within the step of the plan is not kept waiting; one that is planned later is', () => {
    const coat = { ...coats[0]!, startsAt: at(30) };
    expect(startMsOf(coat, film)).toBe(ms(at(20)));
    expect(startMsOf({ ...coat, startsAt: at(90) }, film)).toBe(ms(at(90)));
    expect(startMsOf({ ...coat, startsAt: at(15) }, film)).toBe(ms(at(15)));
  });
});

describe('a can that lives', () => {
  const task = plan.sessions[0]!.tasks.find((t) => t.kind === 'activate')!;
  it('odds, stakes, who else could use it, what is written on it', () => {
    const users = [
      { name: 'Locker lids', productIds: ['halden-2k-gloss'] },
      { name: 'Other', productIds: ['x'] },
    ];
    const lines = openingLines({ ...of, canUsers: users }, task, f);
    expect(lines[0]).toMatch(/^9\d % of futures end well; at stake £/);
    expect(lines[1]).toBe('Locker lids could use the same can: have the parts ready first.');
    expect(lines[2]).toMatch(
      /^Write on the can: Halden 2K clear, activated Sat 16 May, 1\d:\d\d, dead Mon 18 May/,
    );
    expect(openingLines({ ...of, canUsers: [] }, task, f)).not.toContain(lines[1]);
    expect(openingLines({ ...of, canUsers: users }, coats[0]!, f)).toEqual([]);
  });
  it('its label as it was opened, while it is needed', () => {
    const opened: Job = {
      ...bonnet,
      state: {
        ...bonnet.state!,
        activations: [{ productId: 'halden-2k-gloss', at: '2026-05-16T11:00', cans: 1 }],
      },
    };
    expect(livingLabels({ ...of, job: opened }, f)[0]).toContain('activated Sat 16 May, 11:00');
    expect(livingLabels({ ...of, job: opened, plan: { ...plan, sessions: [] } }, f)).toEqual([]);
  });
});

describe('meanwhile and at the end', () => {
  it('while a film waits only what raises no dust, on other parts', () => {
    expect(meanwhile(plan)).toBeNull();
    const visit = { ...plan.visits[0]!, kind: 'prepare' as const };
    const clean = { ...visit.tasks[0]!, kind: 'clean' as const, partIds: ['lid'] };
    const waiting = { partIds: ['bonnet'] } as WaitingFilm;
    const withTask = (t: typeof clean) => ({ ...plan, waiting, visits: [{ ...visit, tasks: [t] }] });
    expect(meanwhile(withTask(clean))).toBe(clean);
    expect(meanwhile(withTask({ ...clean, kind: 'sand' as never }))).toBeNull();
    expect(meanwhile(withTask({ ...clean, partIds: ['bonnet'] }))).toBeNull();
  });
  it('mends that wait say what, where, from when', () => {
    const j = job([{ role: 'colour', productId: 'skerry-enamel', coats: 1 }], {
      parts: [panel('a'), panel('b')],
    });
    const open = {
      id: 'm1',
      code: 'runs' as const,
      kind: 'run-ladder' as const,
      partIds: ['a'],
      at: null,
      bySheet: false,
      tasks: [
        {
          id: 'm1.sand1-p1000',
          kind: 'sand' as const,
          detail: { code: 'mend-sand', params: { grit: 1000, tool: 'block', wet: 1, local: 1 } },
          minutes: 6,
          startsAt: null,
          endsAt: null,
        },
      ],
    };
    const [row] = mendsToDo({ ...planned(j), mends: [open] }, { nowMs: 0, f });
    expect(row).toMatchObject({
      head: 'Run, sag, drip, a',
      when: 'once the last coat is on and hard',
      isReady: false,
    });
    expect(row!.tasks[0]!.how).toBe('P1000 on a block, wet, the place alone.');
  });
});

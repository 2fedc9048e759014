/** Own pace from begins that were pressed: found again, robust to a begin nobody ended, used by the next job's plan. */
import { describe, expect, it } from 'vitest';
import { demo, NOW, simulated } from '@/demo/test-kit';
import { normals } from '@/core/numerics/random';
import { plainTick, withStart, withTick } from '@/core/schedule/work/tick';
import { isoOf, MINUTE, HOUR } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { handsTold, ofHands, ownPace } from './own-hands';
import type { StoredJob } from './ports';
import { storedJob } from './test-stored';

const TZ = 'Europe/London';
type Tasks = NonNullable<NonNullable<Job['state']>['tasks']>;
const sanded = (tookMin: number, i = 0): Tasks[number] => ({
  taskId: `s-${i}.sand`,
  startedAt: isoOf(NOW - tookMin * MINUTE, TZ),
  endedAt: isoOf(NOW, TZ),
  planned: { kind: 'sand', minutes: 40 },
});
const closed = (tasks: Tasks, over: Partial<Job> = {}): StoredJob =>
  storedJob({ ...demo('cargo-bike'), state: { coats: [], activations: [], tasks }, ...over });
const pace = (tasks: Tasks): number => ofHands([closed(tasks)])[0]!.yours;

describe('own pace', () => {
  it('of one who takes 1.3 times as long, with a fifth of scatter: within a tenth after twelve in nine of ten', () => {
    const z = normals(7);
    let near = 0;
    for (let seed = 0; seed < 500; seed++) {
      const tasks = Array.from({ length: 12 }, (_, i) => sanded(52 * Math.exp(0.2 * z()), i));
      if (Math.abs(pace(tasks) / 1.3 - 1) < 0.1) near += 1;
    }
    expect(near / 500).toBeGreaterThan(0.85);
  });
  it('its bands hold what is true in nine of ten, and one reading leaves less doubt', () => {
    const z = normals(11);
    let held = 0;
    for (let seed = 0; seed < 400; seed++) {
      const truth = Math.exp(0.4 * z());
      const tasks = Array.from({ length: 6 }, (_, i) => sanded(40 * truth * Math.exp(0.3 * z()), i));
      const [item] = ofHands([closed(tasks)]);
      if (item!.band[0] <= truth && truth <= item!.band[1]) held += 1;
      expect(item!.sdFracWithOneMore).toBeLessThan(item!.sdFrac);
    }
    expect(held / 400).toBeGreaterThan(0.85);
    expect(held / 400).toBeLessThan(0.95);
  });
  it('a begin that nobody ended until the next morning moves it less than its own spread', () => {
    const usual = [52, 50, 55, 49, 53].map(sanded);
    const [before] = ofHands([closed(usual)]);
    const [after] = ofHands([closed([...usual, sanded(14 * 60, 9)])]);
    expect(Math.abs(Math.log(after!.yours / before!.yours))).toBeLessThan(before!.sdFrac);
  });
  it('tells nothing without a begin, of a coat, or in a moment', () => {
    const { startedAt: _s, ...ended } = sanded(50);
    const coat = { ...sanded(50), planned: { kind: 'coat' as const, minutes: 10 } };
    expect(handsTold(closed([ended, coat, sanded(0.2)]).job)).toEqual([]);
  });
  it('a job that was planned with it tells the same as one that was not', () => {
    const own = { ...sanded(52), planned: { kind: 'sand' as const, minutes: 52 } };
    const [told] = handsTold(closed([own], { handsOwn: { sand: 1.3 } }).job);
    expect(told!.y).toBeCloseTo(Math.log(1.3), 9);
  });
});

describe('in the next job', () => {
  const minutesOf = (p: Plan, kind: string): number =>
    [...p.visits, ...p.sessions]
      .flatMap((x) => x.tasks)
      .filter((t) => t.kind === kind)
      .reduce((a, t) => a + (Date.parse(t.endsAt) - Date.parse(t.startsAt)) / MINUTE, 0);
  it('sanding takes as much longer as it was learned, masking does not, and reset it is as before', () => {
    const { state: _s, ...bare } = demo('tractor-bonnet');
    const usual = simulated(bare);
    const handsOwn = ownPace([closed([48, 52, 56, 50, 51, 54].map(sanded))]);
    expect(handsOwn.sand!).toBeGreaterThan(1.15);
    const own = simulated({ ...bare, handsOwn });
    expect(minutesOf(own, 'sand') / minutesOf(usual, 'sand')).toBeCloseTo(handsOwn.sand!, 1);
    expect(minutesOf(own, 'mask')).toBe(minutesOf(usual, 'mask'));
    const reset = closed([52, 50].map(sanded), {
      log: { used: [], outcomes: [], note: '', unlearned: ['hands:sand'] },
    });
    expect(ownPace([reset])).toEqual({});
  });
  it('what the owner set himself stays as he set it', () => {
    const { state: _s, ...bare } = demo('tractor-bonnet');
    const id = simulated(bare)
      .visits.flatMap((v) => v.tasks)
      .find((t) => t.kind === 'sand')!
      .id.replace(/~\d+$/, '');
    const own = simulated({ ...bare, handsOwn: { sand: 2 }, minutes: { [id]: 25 } });
    const tasks = own.visits.flatMap((v) => v.tasks).filter((t) => t.id.startsWith(id));
    expect(tasks.reduce((a, t) => a + (Date.parse(t.endsAt) - Date.parse(t.startsAt)) / MINUTE, 0)).toBe(25);
  });
});

describe('a begin that is pressed', () => {
  it('is kept with what was planned; one of another task is not', () => {
    const bare = closed([]).job;
    const tick = { ...plainTick('s-base.sand', 'sand', NOW), minutes: 40 };
    const begun = withStart(bare, 's-base.sand', NOW - HOUR);
    expect(withTick(begun, tick).state!.tasks).toEqual([
      {
        taskId: 's-base.sand',
        endedAt: isoOf(NOW, TZ),
        startedAt: isoOf(NOW - HOUR, TZ),
        planned: { kind: 'sand', minutes: 40 },
      },
    ]);
    expect(withTick(withStart(bare, 's-base.mask', NOW - HOUR), tick).state!.tasks![0]).not.toHaveProperty(
      'planned',
    );
  });
});

/** The begin of a task is kept with its end, and is none of another task. */
import { describe, expect, it } from 'vitest';
import { TZ } from '@/demo/test-kit';
import { job } from '@/demo/work-kit';
import { jobSchema } from '@/model/job';
import { MINUTE, msOf } from '../../time/instant';
import { plainTick, withStart, withTick, withoutTick, type Tick } from './tick';

const bare = job([{ role: 'base', productId: 'orrin-base', coats: 2 }]);
const at = msOf('2026-05-16T10:00', TZ);
const coat: Tick = {
  task: { id: 'base.c1', kind: 'coat', layerId: 'base', coat: 1 },
  atMs: at + 6 * MINUTE,
  productId: null,
  cans: 0,
};

describe('a task that is begun', () => {
  it('is known while hands are at it, and goes into its own end', () => {
    const begun = withStart(bare, 'base.c1', at);
    expect(begun.state!.started).toEqual({ taskId: 'base.c1', at: '2026-05-16T10:00:00+01:00' });
    const done = withTick(begun, coat);
    expect(done.state!.started).toBeUndefined();
    expect(done.state!.tasks).toEqual([
      { taskId: 'base.c1', startedAt: '2026-05-16T10:00:00+01:00', endedAt: '2026-05-16T10:06:00+01:00' },
    ]);
    expect(jobSchema.safeParse(done).success).toBe(true);
    expect(withoutTick(done, 'base.c1', null).state!.tasks).toEqual([]);
  });
  it('is none of another task, and not begun after it ended', () => {
    const other = withTick(withStart(bare, 'base.c1', at), plainTick('s-base.mask', 'mask', at + MINUTE));
    expect(other.state!.tasks![0]).not.toHaveProperty('startedAt');
    const late = withTick(withStart(bare, 'base.c1', at + 9 * MINUTE), coat);
    expect(late.state!.tasks![0]).not.toHaveProperty('startedAt');
  });
  it('is taken back', () => {
    expect(withStart(withStart(bare, 'base.c1', at), null, at).state!.started).toBeUndefined();
  });
});

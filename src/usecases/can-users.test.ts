/** Who else could use a can that is activated, and a clock that runs a day in minutes. */
import { describe, expect, it } from 'vitest';
import { demo, NOW, TZ } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import { canUsersOf } from './can-users';
import { workshopClock } from './clock';
import type { StoredJob } from './ports';

const stored = (id: string, job: Job): StoredJob => ({ id, job }) as StoredJob;
const bonnet = stored('bonnet', demo('tractor-bonnet'));
const mixer = stored('mixer', demo('stand-mixer'));
const bike = stored('bike', demo('cargo-bike'));

describe('who else could use the can', () => {
  it('jobs that still spray that two-part paint; not those of other paints, nor the job itself', () => {
    expect(canUsersOf(bonnet, [bonnet, mixer, bike])).toEqual([
      { id: 'mixer', name: mixer.job.name, productIds: ['halden-2k-gloss'] },
    ]);
  });
  it('not a job that is closed, nor one whose clear is on', () => {
    const log = { closedAt: '2026-05-15T10:00', used: [], outcomes: [], note: '' };
    expect(canUsersOf(bonnet, [stored('mixer', { ...mixer.job, log })])).toEqual([]);
    const coats = [1, 2, 3].map((coat) => ({ layerId: 'clear', coat, endedAt: '2026-05-15T10:00' }));
    const sprayed = { ...mixer.job, state: { coats, activations: [] } };
    expect(canUsersOf(bonnet, [stored('mixer', sprayed)])).toEqual([]);
  });
  it('none where this job opens no such can', () => {
    expect(canUsersOf(bike, [bonnet, mixer])).toEqual([]);
  });
});

describe('the pace of a clock that is set', () => {
  const at = (pace: string | undefined, setTo: string | undefined = '2026-05-16T07:50') => {
    let machine = 0;
    const clock = workshopClock(
      { setTo, demoStart: null, tz: TZ, pace },
      () => [],
      () => machine,
    );
    machine = 1000;
    return { pace: clock.pace, nowMs: clock.nowMs() };
  };
  it('a second is a minute at sixty, a second without, and what is no pace is none', () => {
    expect(at('60')).toEqual({ pace: 60, nowMs: NOW + 60_000 });
    expect(at(undefined).nowMs).toBe(NOW + 1000);
    for (const odd of ['0', '-3', '1e9', 'fast']) expect(at(odd).pace).toBe(1);
  });
  it('never moves the machine’s own time', () => {
    expect(at('60', '')).toEqual({ pace: 1, nowMs: 1000 });
  });
});

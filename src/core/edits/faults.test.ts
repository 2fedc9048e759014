import { describe, expect, it } from 'vitest';
import { demo, NOW } from '@/demo/test-kit';
import { jobSchema } from '@/model/job';
import { noteFault, withoutFault } from './faults';

const job = demo('cargo-bike');

describe('what went wrong', () => {
  it('is noted with its moment and the layer that was on top, and taken back to what was', () => {
    const noted = noteFault(job, { code: 'runs', atMs: NOW, layerId: 'clear', note: '  left fork ' });
    const [first] = noted.state!.faults!;
    expect(first).toEqual({
      code: 'runs',
      at: '2026-05-16T07:50:00+01:00',
      layerId: 'clear',
      note: 'left fork',
    });
    expect(jobSchema.safeParse(noted).success).toBe(true);
    expect(withoutFault(noted, first!).state!.faults).toBeUndefined();
    expect(job.state?.faults).toBeUndefined();
  });
  it('none of these has a code of its own, an empty note is none, and sixty are kept', () => {
    let many = job;
    for (let n = 0; n < 61; n++)
      many = noteFault(many, { code: 'other', atMs: NOW + n * 60_000, layerId: null, note: ' ' });
    const { faults } = many.state!;
    expect(faults!.length).toBe(60);
    expect(faults![0]).toEqual({ code: 'other', at: '2026-05-16T07:51:00+01:00' });
    expect(jobSchema.safeParse(many).success).toBe(true);
  });
  it('what was never noted cannot be taken back', () => {
    expect(withoutFault(job, { code: 'rain', at: '2026-05-16T08:00:00+01:00' })).toBe(job);
  });
});

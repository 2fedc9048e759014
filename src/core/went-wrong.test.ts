/** What went wrong, from the bench and from the lamp before the first paper. */
import { describe, expect, it } from 'vitest';
import { demo } from '@/demo/test-kit';
import { addFound } from './edits/finish';
import { wentWrong } from './went-wrong';

const job = demo('tractor-bonnet');
const noted = { ...job.state!, faults: [{ code: 'runs' as const, at: '2026-05-16T10:00' }] };

describe('what went wrong', () => {
  it('a run that was noted and found again is one; an insect is another', () => {
    const run = addFound({ ...job, state: noted }, { kind: 'run', partId: 'p' });
    expect(wentWrong(addFound(run, { kind: 'insect', partId: 'p' }))).toEqual(['runs', 'insect']);
  });
  it('an edge that ends inside a face, and clear once more, went wrong for nobody', () => {
    const edge = addFound(job, { kind: 'fade-edge', partId: 'p' });
    expect(wentWrong(addFound(edge, { kind: 'flow-coat', partId: 'p' }))).toEqual([]);
    expect(wentWrong(job)).toEqual([]);
  });
});

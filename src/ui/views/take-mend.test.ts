/** A mend on its way into the plan: the parts that are asked for, what is ticked with it, what is said of it. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import type { OnJob } from '@/core/faults/at-hand';
import { withoutFault } from '@/core/edits/faults';
import { NOTHING_AROUND } from '@/core/schedule/around';
import { demo, NOW, simulated } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { NO_READINGS } from '@/model/reading';
import { formatFor } from '@/words/format';
import { notedRows } from './noted-faults';
import { partsAsked, takenChange, takeView, type Taking } from './take-mend';

const f = formatFor('metric');
const bonnet = demo('tractor-bonnet');
const plan = simulated(bonnet);
const coat = plan.sessions[0]!.tasks.find((t) => t.kind === 'coat')!;
const on: OnJob = {
  job: bonnet,
  layers: plan.layers,
  products: new Map(CATALOGUE.map((p) => [p.id, p])),
  spraying: coat.layerId,
};
const base: Taking = {
  code: 'dry-spray',
  kind: 'colour-again',
  on,
  partIds: ['bonnet'],
  atMs: NOW,
  spraying: coat,
};
const grounded = (job: Job, p: Plan) => ({
  job,
  plan: p,
  issuedMs: NOW,
  readings: NO_READINGS,
  around: NOTHING_AROUND,
});
const partId = bonnet.parts[0]!.id;
const taking = { ...base, partIds: [partId] };

describe('a mend taken into the plan', () => {
  it('is asked for on the parts that can show it', () => {
    expect(partsAsked('dry-spray', on, NOW).map((p) => p.id)).toEqual(bonnet.parts.map((p) => p.id));
    // Nothing is on yet that could have stripes but what is going on.
    expect(
      partsAsked(
        'dry-spray',
        { ...on, job: { ...bonnet, state: { coats: [], activations: [] } }, spraying: null },
        NOW,
      ),
    ).toEqual([]);
  });
  it('ticks the coat that shows it, on those parts alone, and notes fault and mend in one', () => {
    const job = takenChange(taking)!(bonnet);
    const fresh = job.state!.coats.filter((c) => c.layerId === coat.layerId);
    expect(fresh.map((c) => [c.coat, c.partIds])).toEqual([[1, [partId]]]);
    expect(job.state!.faults).toHaveLength(1);
    expect(job.state!.faults![0]!.mend).toMatchObject({ id: 'm1', kind: 'colour-again', partIds: [partId] });
    expect(notedRows(job, f)[0]!.what).toBe('Dry spray. In the plan: level it and colour again, Bonnet.');
    // A second one has a name of its own.
    expect(takenChange({ ...taking, on: { ...on, job } })!(job).state!.faults![1]!.mend!.id).toBe('m2');
    expect(withoutFault(job, job.state!.faults![0]!).state!.faults).toBeUndefined();
  });
  it('is none where it may not be done, or on no part', () => {
    expect(takenChange({ ...taking, partIds: [] })).toBeNull();
    expect(takenChange({ ...taking, kind: 'flat-polish' })).toBeNull();
  });
  it('says what it changes: a session of its own and more to do, and nothing where nothing does', () => {
    const job = takenChange(taking)!(bonnet);
    const view = takeView(grounded(bonnet, plan), grounded(job, simulated(job)), { nowMs: NOW, f });
    expect(view.isStuck).toBe(false);
    expect(view.changes.some((c) => c.includes('in a session of its own'))).toBe(true);
    expect(view.changes.some((c) => c.endsWith('more with hands on it.'))).toBe(true);
    expect(view.sessions.length).toBe(plan.sessions.length + 1);
    const same = takeView(grounded(bonnet, plan), grounded(bonnet, plan), { nowMs: NOW, f });
    expect(same.changes).toEqual([]);
  });
  it('a mend without paint says when its turn comes', () => {
    const coats = plan.layers.flatMap((l, k) =>
      Array.from({ length: l.coats }, (_, i) => ({
        layerId: l.id,
        coat: i + 1,
        endedAt: `2026-05-16T0${k + 4}:${10 + i}`,
      })),
    );
    const whole: Job = { ...bonnet, state: { coats, activations: [] } };
    const run = {
      ...taking,
      code: 'runs',
      kind: 'run-ladder',
      on: { ...on, job: whole, spraying: null },
      spraying: null,
    } as const;
    const job = takenChange(run)!(whole);
    const view = takeView(grounded(whole, simulated(whole)), grounded(job, simulated(job)), {
      nowMs: NOW,
      f,
    });
    expect(view.changes).toHaveLength(1);
    expect(view.changes[0]).toMatch(/^It is mended from (Sun|Mon) 1\d May/);
  });
});

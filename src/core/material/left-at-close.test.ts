/** What is left when a job is done, reckoned by hand from packs and use. */
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job } from '@/model/job';
import { systemFor } from '../coating/system';
import { bookOff, setUsed } from '../edits/log';
import { leftAtClose } from './left-at-close';
import { materialsOf } from './materials';
import { withZones } from '../surface/zones';

const { state: _state, shelf: _shelf, ...bonnet } = DEMO_JOBS[0]!.job;
const of = (job: Job) => leftAtClose(job, systemFor(job));
const line = (job: Job, productId: string) => of(job).find((l) => l.productId === productId);
const bought = (job: Job, productId: string): number =>
  materialsOf(withZones(job), systemFor(job))
    .find((m) => m.productId === productId)!
    .packs.reduce((a, p) => a + p.count * p.size, 0);

describe('left at closing', () => {
  it('three cans emptied of what was bought leave the others sealed', () => {
    const cans = bought(bonnet, 'orrin-base') / 400;
    const job = setUsed(bonnet, { by: 'cans', productId: 'orrin-base', cans: cans - 1 });
    expect(line(job, 'orrin-base')).toMatchObject({ sealed: 1, packMl: 400, colour: 'Moss green' });
    expect(line(job, 'orrin-base')!.openMl).toBeCloseTo(0, 6);
  });
  it('by weight: 117 g of aerosol at 0.78 g/ml are 150 ml out of the first can', () => {
    const cans = bought(bonnet, 'orrin-base') / 400;
    const job = setUsed(bonnet, { by: 'weight', productId: 'orrin-base', beforeG: 400, afterG: 283 });
    expect(line(job, 'orrin-base')).toMatchObject({ sealed: cans - 1 });
    expect(line(job, 'orrin-base')!.openMl).toBeCloseTo(250, 6);
  });
  it('an open can with its hardener inside is dead, its sealed brother is not', () => {
    const clear = bonnet.system?.layers.at(-1)?.productId ?? 'halden-2k-gloss';
    const cans = bought(bonnet, clear) / 400;
    const job = setUsed(bonnet, { by: 'weight', productId: clear, beforeG: 400, afterG: 322 });
    expect(line(job, clear)).toMatchObject({ sealed: cans - 1, openDies: true });
  });
  it('what was set aside from the shelf is no left-over of the job, and what is all used is none', () => {
    const lots = { ...bonnet, shelf: [{ productId: 'orrin-base', remainingMl: 9000, colour: 'Moss green' }] };
    expect(line(lots as Job, 'orrin-base')).toBeUndefined();
    const cans = bought(bonnet, 'orrin-base') / 400;
    expect(
      line(setUsed(bonnet, { by: 'cans', productId: 'orrin-base', cans }), 'orrin-base'),
    ).toBeUndefined();
  });
  it('booking off what was set aside leaves the left-overs as they were', () => {
    const aside = { productId: 'orrin-base', remainingMl: 300, colour: 'Moss green', stockId: 'i' };
    const job: Job = { ...bonnet, shelf: [aside] };
    const booked = bookOff(job, 'i');
    expect(booked.shelf).toBeUndefined();
    expect(booked.log!.taken).toEqual([aside]);
    expect(of(booked)).toEqual(of(job));
    expect(of(job)).not.toEqual(of(bonnet));
  });
  it('nothing logged: the plan is believed', () => {
    const left = line(bonnet, 'tamsel-filler')!;
    const m = materialsOf(withZones(bonnet), systemFor(bonnet)).find((x) => x.productId === 'tamsel-filler')!;
    const ml = bought(bonnet, 'tamsel-filler') - m.useMl / (1 - m.factors.heelFrac);
    expect(left.sealed * 400 + left.openMl).toBeCloseTo(ml, 6);
  });
});

/** What is refused by what people type, and what only sounds like it. Facts of the trade, no source. */
import { describe, expect, it } from 'vitest';
import { job, panel, planned } from '@/demo/work-kit';
import { NOT_PLANNED } from '@/words/sentences/not-planned';
import { notPlanned } from './not-planned';

const found = (name: string): unknown =>
  notPlanned({ name: 'Saturday', parts: [panel('p', { name })] })[0]?.params.what ?? null;

describe('what is never planned', () => {
  it.each([
    ['Motocross helmet', 'helmet'],
    ['Visor, smoked', 'helmet'],
    ['Seat belt buckle', 'belt'],
    ['Airbag cover', 'airbag'],
    ['Front brake calipers', 'brake'],
    ['Calliper', 'brake'],
    ['Brake lever', 'brake'],
    ['Rear brake drum', 'brake'],
    ['Old tyre as a planter', 'tyre'],
    ['Tires', 'tyre'],
    ['Propane bottle', 'cylinder'],
    ['Fire extinguisher', 'cylinder'],
    ['Inside of the petrol tank', 'tank-inside'],
    ['Tank lining', 'tank-inside'],
    ['Grill grate', 'food'],
    ['Salad bowl', 'food'],
    ['Chopping board', 'food'],
    ['Drinking water tank', 'water'],
    ['Toy tractor', 'toy'],
    ['Baby’s high chair', 'toy'],
    ['Chassis rail', 'structural'],
    ['Cracked fork', 'structural'],
  ])('%s: %s', (name, what) => {
    expect(found(name)).toBe(what);
    expect(NOT_PLANNED).toHaveProperty([what]);
  });
  it.each([
    'Petrol tank',
    'Helmet rack',
    'Tyre rack',
    'Toy box',
    'Number plate holder',
    'Cotter pin box',
    'Wheel rim',
    'Fork crown',
    'Retired locker',
    'Entire door',
    'Pan head cover',
    'Belt guard',
    'Lid of the brake fluid box',
    'Bonnet',
  ])('%s is planned', (name) => expect(found(name)).toBeNull());
  it('stops the plan whatever the build-up is, and names the thing; the job’s name counts too', () => {
    const p = planned(
      job([{ role: 'colour', productId: 'skerry-enamel', coats: 2 }], { name: 'Brake drums' }),
    );
    expect(p.kind).toBe('blocked');
    expect(p.blockers[0]).toEqual({ code: 'not-planned', params: { what: 'brake', text: 'Brake drums' } });
    expect(p.sessions).toEqual([]);
  });
});

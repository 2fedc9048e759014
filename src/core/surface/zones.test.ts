import { groundText } from '@/model/ground';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS, DEMO_NOW } from '@/demo/jobs';
import type { Job } from '@/model/job';
import { parseJob } from '@/formats/job-file';
import { simulatedForecast } from '@/standins/weather';
import { systemFor } from '../coating/system';
import { plan } from '../plan';
import { msOf } from '../time/instant';
import { sweptAreaM2, totalAreaM2 } from './area';
import { withZones } from './zones';

const base: Job = {
  ...DEMO_JOBS[0]!.job,
  parts: [{ ...DEMO_JOBS[0]!.job.parts[0]!, condition: 'sound-paint' }],
};
const { state: _s, shelf: _h, ...fresh } = base;
const zoned: Job = {
  ...fresh,
  parts: [
    {
      ...fresh.parts[0]!,
      zones: [
        { name: 'lower edge', sharePct: 12, condition: 'rust' },
        { sharePct: 8, condition: 'filled' },
      ],
    },
  ],
};

describe('zones of a part', () => {
  it('add up to the part: area and swept area are the same with and without them', () => {
    const z = withZones(zoned);
    expect(z.parts.map((p) => [p.id, p.condition, Math.round((p.areaFrac ?? 1) * 100)])).toEqual([
      ['bonnet', 'sound-paint', 80],
      ['bonnet--z1', 'rust', 12],
      ['bonnet--z2', 'filled', 8],
    ]);
    expect(totalAreaM2(z.parts)).toBeCloseTo(totalAreaM2(fresh.parts), 12);
    expect(sweptAreaM2(z.parts)).toBeCloseTo(sweptAreaM2(fresh.parts), 12);
    expect(withZones(zoned)).toBe(z);
    expect(withZones(fresh as Job)).toBe(fresh);
  });
  it('rust and filler get epoxy, the rest does not; colour goes on all', () => {
    const s = systemFor(zoned);
    expect(s.blockers).toEqual([]);
    expect(s.layers.find((l) => l.role === 'epoxy')!.partIds).toEqual(['bonnet--z1', 'bonnet--z2']);
    expect(s.layers.find((l) => l.role === 'base')!.partIds).toEqual(['bonnet', 'bonnet--z1', 'bonnet--z2']);
    expect(s.seams.map((x) => groundText(x.below))).toEqual(
      expect.arrayContaining(['surface:steel/rust', 'surface:steel/filled', 'surface:steel/sound-paint']),
    );
  });
  it('the plan counts the epoxy for a fifth of the area and names the part as one', () => {
    const now = msOf(DEMO_NOW, zoned.place.tz);
    const p = plan({ job: zoned, ...simulatedForecast(zoned.place, now), nowMs: now });
    expect(p.kind).toBe('planned');
    expect(p.parts.map((x) => x.id)).toEqual(['bonnet']);
    const epoxy = p.materials.find((m) => m.productId === 'tamsel-epoxy')!;
    const base = p.materials.find((m) => m.productId === 'orrin-base')!;
    expect(epoxy.areaM2 / base.areaM2).toBeCloseTo(0.2, 9);
  });
  it('a layer kept to the part goes on its zones; shares over 100 % and a zone that is none are refused', () => {
    const own: Job = {
      ...zoned,
      system: {
        layers: [
          { role: 'epoxy', productId: 'tamsel-epoxy', coats: 1, only: ['bonnet--z1', 'bonnet--z2'] },
          { role: 'filler', productId: 'tamsel-filler', coats: 2, only: ['bonnet'] },
          { role: 'base', productId: 'orrin-base', coats: 2 },
        ],
      },
    };
    expect(parseJob(own).ok).toBe(true);
    expect(systemFor(own).layers[1]!.partIds).toEqual(['bonnet', 'bonnet--z1', 'bonnet--z2']);
    const over = parseJob({
      ...zoned,
      parts: [
        {
          ...zoned.parts[0]!,
          zones: [
            { sharePct: 60, condition: 'rust' },
            { sharePct: 50, condition: 'filled' },
          ],
        },
      ],
    });
    expect(!over.ok && over.faults[0]).toMatchObject({ path: 'parts[0].zones' });
    expect(
      parseJob({ ...own, system: { layers: [{ ...own.system!.layers[0]!, only: ['bonnet--z7'] }] } }).ok,
    ).toBe(false);
  });
  it('one zone over all of a part counts; its dents then lie in it, and no share is counted twice', () => {
    const [part] = zoned.parts;
    const dents = [{ lengthMm: 200, widthMm: 200, depthMm: 2 }];
    const shares = (zones: { sharePct: number; condition: 'rust' }[]): (string | number | undefined)[][] =>
      withZones({ ...zoned, parts: [{ ...part!, zones, dents }] }).parts.map((p) => [
        p.condition,
        p.areaFrac,
        p.dents?.length,
      ]);
    expect(shares([{ sharePct: 100, condition: 'rust' }])).toEqual([['rust', 1, 1]]);
    // 0.09 m² of dent and surround is more than the twentieth that the zone leaves.
    const nearly = shares([{ sharePct: 95, condition: 'rust' }]);
    expect(nearly.map(([condition]) => condition)).toEqual(['rust', 'filled']);
    expect(nearly.reduce((a, [, frac]) => a + Number(frac), 0)).toBeCloseTo(1, 9);
  });
});

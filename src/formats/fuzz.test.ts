/**
 * Every importer against damaged files: it answers with the path and what was expected, or with something the
 * planner can plan.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plan } from '@/core/plan';
import { msOf } from '@/core/time/instant';
import { DEMO_FINISHED, DEMO_JOBS, DEMO_NOW } from '@/demo/jobs';
import { simulatedForecast } from '@/standins/weather';
import { bundleText, parseBundle } from './bundle-file';
import type { Parsed } from './faults';
import { parseForecast } from './forecast-file';
import { takeWeatherFile } from './weather/file';
import { parseJob, parseJson } from './job-file';

type Bag = Record<string, unknown> | unknown[];
const isBag = (x: unknown): x is Bag => typeof x === 'object' && x !== null;

/** Every place in a record at which something can be changed. */
function places(x: unknown, path: (string | number)[] = []): (string | number)[][] {
  if (!isBag(x)) return [];
  return Object.keys(x).flatMap((k) => {
    const key = Array.isArray(x) ? Number(k) : k;
    return [[...path, key], ...places((x as Record<string | number, unknown>)[key], [...path, key])];
  });
}
const odd = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    true,
    '',
    '24:00',
    '2026-02-30T10:00',
    'Europe/Nowhere',
    -1,
    0,
    1e-9,
    1e9,
    Number.MAX_SAFE_INTEGER,
    [],
    {},
    'ünïcode',
    '__proto__',
  ),
  fc.double({ noNaN: true }),
  fc.string({ maxLength: 12 }),
  fc.integer({ min: -5, max: 12 }),
);
const damage = fc.record({ at: fc.nat(), how: fc.constantFrom('set', 'drop', 'add', 'twice'), value: odd });

function damaged(source: unknown, hits: readonly { at: number; how: string; value: unknown }[]): unknown {
  const copy = structuredClone(source);
  for (const h of hits) {
    const all = places(copy);
    const path = all[h.at % Math.max(1, all.length)];
    if (!path) continue;
    const holder = path
      .slice(0, -1)
      .reduce<unknown>((o, k) => (o as Record<string | number, unknown>)[k], copy) as Record<
      string | number,
      unknown
    >;
    const key = path.at(-1)!;
    if (h.how === 'drop') {
      if (Array.isArray(holder)) holder.splice(Number(key), 1);
      else Reflect.deleteProperty(holder, key);
    } else if (h.how === 'twice' && Array.isArray(holder)) holder.push(structuredClone(holder[Number(key)]));
    else if (h.how === 'add' && !Array.isArray(holder)) holder[`x${h.at % 7}`] = h.value;
    else holder[key] = h.value;
  }
  return copy;
}
const told = (r: Parsed<unknown>): void => {
  if (!r.ok) {
    expect(r.faults.length).toBeGreaterThan(0);
    for (const f of r.faults) {
      expect(f.path.length).toBeGreaterThan(0);
      expect(f.expected.length).toBeGreaterThan(3);
      expect(`${f.path} ${f.expected}`).not.toMatch(/undefined|\[object/);
    }
  }
};

describe('damaged files', () => {
  it('a job that is accepted can be planned; one that is not says where and what (seed 31)', () => {
    const jobs = [...DEMO_JOBS, ...DEMO_FINISHED].map((d) => d.job);
    let refused = 0;
    let planned = 0;
    fc.assert(
      fc.property(fc.nat(), fc.array(damage, { minLength: 1, maxLength: 2 }), (i, hits) => {
        const r = parseJob(damaged(jobs[i % jobs.length], hits));
        told(r);
        if (!r.ok) {
          refused++;
          return;
        }
        if (planned >= 60) return;
        planned++;
        const now = msOf(DEMO_NOW, r.value.place.tz);
        const p = plan({ job: r.value, ...simulatedForecast(r.value.place, now), nowMs: now });
        expect(JSON.stringify(p)).not.toMatch(/NaN|Infinity/);
      }),
      { numRuns: 500, seed: 31 },
    );
    expect(refused).toBeGreaterThan(150);
    expect(planned).toBeGreaterThan(20);
  });
  it('a bundle comes back as it went; damaged it is told what is wrong (seed 32)', () => {
    const whole = DEMO_JOBS.map((d, i) => ({ id: d.id, createdMs: i, removed: i === 1, job: d.job }));
    // The smallest JPEG that is let in (ITU-T T.81): start, a scan, end.
    const photo = {
      id: '6f1c2c1e-8f52-4c55-9d1c-0d2f7d3b1a11',
      jobId: whole[0]!.id,
      partId: 'bonnet',
      moment: 'before' as const,
      createdMs: 3,
      note: 'a chip',
      jpeg: btoa(String.fromCharCode(0xff, 0xd8, 0xff, 0xda, 0, 2, 1, 2, 3, 0xff, 0xd9)),
    };
    const raw = JSON.parse(bundleText(whole, DEMO_NOW, [photo])) as unknown;
    const back = parseBundle(raw);
    expect(back.ok && back.value).toEqual({ jobs: whole, photos: [photo] });
    const { photos: _none, ...older } = raw as { photos: unknown };
    const old = parseBundle({ ...older, format: 1 });
    expect(old.ok && [old.value.jobs.length, old.value.photos]).toEqual([whole.length, []]);
    const halfPicture = btoa(String.fromCharCode(0xff, 0xd8, 0xff, 0xdb, 0, 10, 1));
    const broken = parseBundle({
      ...(raw as object),
      photos: [
        { ...photo, jpeg: halfPicture },
        { ...photo, jobId: 'nobody' },
      ],
    });
    expect(!broken.ok && broken.faults.map((x) => x.path)).toEqual(['photos[0].jpeg', 'photos[1].jobId']);
    let refused = 0;
    fc.assert(
      fc.property(fc.array(damage, { minLength: 1, maxLength: 2 }), (hits) => {
        const r = parseBundle(damaged(raw, hits));
        told(r);
        if (!r.ok) refused++;
      }),
      { numRuns: 150, seed: 32 },
    );
    expect(refused).toBeGreaterThan(50);
  });
  const NOON = { tz: 'Europe/London', nowMs: msOf('2026-05-16T12:00', 'Europe/London') };
  it('forecasts in JSON and CSV, and any text at all, never throw (seed 33)', () => {
    const { forecast } = simulatedForecast(DEMO_JOBS[0]!.job.place, msOf(DEMO_NOW, 'Europe/London'));
    const short = {
      ...forecast,
      members: forecast.members.map((m) =>
        Object.fromEntries(Object.entries(m).map(([k, v]) => [k, v.slice(0, 4)])),
      ),
    };
    const csv = `time,airTempC,rhPct,windMs,gustMs,rainMm,cloudFrac\n${Array.from({ length: 8 }, (_, i) => `2026-05-16T${String(i + 6).padStart(2, '0')}:00,12,70,2,4,0,0.5`).join('\n')}`;
    fc.assert(
      fc.property(
        fc.array(damage, { minLength: 1, maxLength: 3 }),
        fc.nat(csv.length),
        fc.string({ maxLength: 6 }),
        fc.string(),
        (hits, at, bit, text) => {
          told(parseForecast(damaged(short, hits)));
          told(takeWeatherFile(csv.slice(0, at) + bit + csv.slice(at + bit.length), NOON));
          told(takeWeatherFile(text, NOON));
          told(parseJson(text));
          const j = parseJson(text);
          if (j.ok) {
            told(parseJob(j.value));
            told(parseBundle(j.value));
          }
        },
      ),
      { numRuns: 300, seed: 33 },
    );
  });
});

import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { CATALOGUE } from '@/core/coating/catalogue';
import { parseForecast } from './forecast-file';
import { parseJob, parseJson } from './job-file';

const job = DEMO_JOBS[0]!.job;
const faults = (raw: unknown): string[] => {
  const r = parseJob(raw);
  return r.ok ? [] : r.faults.map((f) => `${f.path}: ${f.expected}`);
};
const with_ = (change: (j: ReturnType<typeof structuredClone<typeof job>>) => void): unknown => {
  const j = structuredClone(job);
  change(j);
  return j;
};

describe('job.json', () => {
  it('takes every demo job and every example as it is', () => {
    for (const d of DEMO_JOBS) expect(faults(d.job)).toEqual([]);
    for (const n of ['tractor-bonnet', 'mirror-shells', 'aluminium-box'])
      expect(faults(JSON.parse(readFileSync(`examples/${n}/job.json`, 'utf8')))).toEqual([]);
  });
  it('refuses an unknown key by name, at its path', () => {
    expect(faults({ ...job, colour: 'red' })).toEqual([
      'colour: no such field; check the spelling or take it out',
    ]);
    expect(faults(with_((j) => Object.assign(j.parts[1]!, { lenghtMm: 3 })))[0]).toMatch(
      /^parts\[1\]\.lenghtMm: no such field/,
    );
  });
  it('names the wrong field, what was expected and what was there', () => {
    expect(
      faults(
        with_((j) => {
          j.risk.rushSafe = 4;
        }),
      ),
    ).toEqual(['risk.rushSafe: a number of at most 1 (got 4)']);
    expect(
      faults(
        with_((j) => {
          j.parts[0]!.lengthMm = 0;
        }),
      ),
    ).toEqual(['parts[0].lengthMm: a number above 0 (got 0)']);
    expect(
      faults(
        with_((j) => {
          Object.assign(j.purpose, { grade: 'best' });
        }),
      )[0],
    ).toMatch(/^purpose\.grade: one of workhorse, tidy, show \(got the text “best”\)/);
    expect(
      faults(
        with_((j) => {
          Object.assign(j, { parts: [] });
        }),
      ),
    ).toEqual(['parts: at least 1 entry']);
    expect(
      faults(
        with_((j) => {
          Reflect.deleteProperty(j.place, 'lat');
        }),
      )[0],
    ).toMatch(/^place\.lat: a number \(got nothing\)/);
    expect(
      faults(
        with_((j) => {
          j.purpose.colour.hex = 'green';
        }),
      )[0],
    ).toMatch(/purpose\.colour\.hex: a colour like #55693A \(got the text “green”\)/);
  });
  it('refuses what single fields cannot show: twins, an unknown zone, electro-coat on plastic, a span that ends before it starts', () => {
    expect(
      faults(
        with_((j) => {
          j.parts[1]!.id = 'bonnet';
        }),
      )[0],
    ).toMatch(/parts\[1\]\.id: a part id that is not used twice/);
    expect(
      faults(
        with_((j) => {
          j.place.tz = 'Europe/Nowhere';
        }),
      )[0],
    ).toMatch(/place\.tz: a zone of the IANA list/);
    expect(
      faults(
        with_((j) => {
          Object.assign(j.parts[0]!, { substrate: 'pp', condition: 'e-coat' });
        }),
      )[0],
    ).toMatch(/parts\[0\]\.condition/);
    expect(
      faults(
        with_((j) => {
          j.freeHours.weekly.mon = [['20:00', '08:00']];
        }),
      )[0],
    ).toMatch(/freeHours\.weekly\.mon\[0\]: a start before its end/);
    expect(
      faults(
        with_((j) => {
          j.state = { coats: [{ layerId: 'base', coat: 1, endedAt: '2026-02-31T10:00' }], activations: [] };
        }),
      )[0],
    ).toMatch(/state\.coats\[0\]\.endedAt: a time that exists/);
  });
  it('refuses a data sheet that contradicts itself, field by field', () => {
    const sheet = {
      ...CATALOGUE.find((p) => p.id === 'orrin-base')!,
      id: 'own',
      nextBondMaxMin: 5,
      potLifeMin: 60,
    };
    const found = faults({ ...job, products: [sheet] });
    expect(found.some((f) => f.startsWith('products[0].nextBondMaxMin: a figure of at least'))).toBe(true);
    expect(found.some((f) => f.startsWith('products[0].potLifeMin: no pot life'))).toBe(true);
  });
  it('never throws, whatever it is given (500 random values and 300 jobs with one field replaced)', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (x) => {
        expect(parseJob(x).ok).toBe(false);
      }),
      { numRuns: 500, seed: 5 },
    );
    const keys = Object.keys(job);
    fc.assert(
      fc.property(fc.constantFrom(...keys), fc.jsonValue(), (k, x) => {
        const r = parseJob({ ...job, [k]: x });
        if (!r.ok) expect(r.faults.length).toBeGreaterThan(0);
      }),
      { numRuns: 300, seed: 6 },
    );
  });
  it('says where JSON breaks', () => {
    const r = parseJson('{"name": ');
    expect(r.ok).toBe(false);
  });
});

describe('forecasts', () => {
  const json = JSON.parse(readFileSync('examples/aluminium-box/forecast.json', 'utf8')) as unknown;
  it('humidity as a fraction is asked about, not taken for a desert', () => {
    const dry = structuredClone(json) as { members: { rhPct: number[] }[] };
    for (const m of dry.members) m.rhPct = m.rhPct.map((x) => x / 100);
    const r = parseForecast(dry);
    expect(r.ok).toBe(false);
    if (!r.ok) expect(r.faults[0]).toMatchObject({ path: 'members[0].rhPct' });
    if (!r.ok) expect(r.faults[0]!.expected).toContain('in per cent');
  });
  it('series of unequal length are refused by name', () => {
    const f = structuredClone(json) as { members: { rhPct: number[] }[] };
    f.members[0]!.rhPct.pop();
    const r = parseForecast(f);
    expect(r.ok ? [] : r.faults.map((x) => x.path)).toEqual(['members[0].rhPct']);
  });
});

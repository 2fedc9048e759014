import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { planSchema } from '@/model/plan';

const folder = mkdtempSync(join(tmpdir(), 'pellucid-plan-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const NOW = '2026-05-16T07:50';
const run = (...args: string[]): { code: number | null; out: string; err: string } => {
  const r = spawnSync(process.execPath, ['scripts/run-ts.mjs', 'scripts/plan.ts', ...args], {
    encoding: 'utf8',
    env: { ...process.env, PELLUCID_NOW: undefined },
  });
  return { code: r.status, out: r.stdout, err: r.stderr };
};
/** The plain run of an example, once for all that look at it. */
const plain = new Map<string, ReturnType<typeof run>>();
const plainRun = (n: string): ReturnType<typeof run> => {
  const known = plain.get(n) ?? run(`examples/${n}/job.json`, '--now', NOW);
  plain.set(n, known);
  return known;
};
const example = (n: string): string[] => [
  `examples/${n}/job.json`,
  '--forecast',
  `examples/${n}/forecast.json`,
  '--now',
  NOW,
];
const file = (name: string, text: string): string => {
  const p = join(folder, name);
  writeFileSync(p, text);
  return p;
};

describe('npm run -s plan', () => {
  it.each(['tractor-bonnet', 'mirror-shells', 'aluminium-box'])(
    '%s is planned on stdout in the published shape, exit 0',
    (n) => {
      const r = run(...example(n));
      expect([r.code, r.err]).toEqual([0, '']);
      const p = planSchema.parse(JSON.parse(r.out));
      expect(p.kind).toBe('planned');
      expect(p.sessions.length).toBeGreaterThan(1);
    },
  );
  it.each(readdirSync('examples'))(
    '%s, one of the twelve kinds of job, is planned under the simulated weather; no seam refused, no dent or face forgotten',
    (n) => {
      const r = plainRun(n);
      expect(r.code).toBe(0);
      // Invented weather says so in plain sight.
      expect(r.err).toBe('weather: invented, from the built-in stand-in; give --forecast for real days\n');
      const p = planSchema.parse(JSON.parse(r.out));
      expect(p.kind).toBe('planned');
      expect(p.seams.every((s) => s.verdict !== 'no')).toBe(true);
      expect(p.parts.every((x) => x.areaM2 > 0)).toBe(true);
      for (const c of p.sessions.flatMap((s) => s.tasks.filter((t) => t.kind === 'coat')))
        expect(c.partIds.length).toBeGreaterThan(0);
    },
  );
  it('there are twelve kinds of job', () => expect(readdirSync('examples').length).toBe(12));
  it('the proposed systems are what the trade would take (common practice, no source)', () => {
    const layers = (n: string): string =>
      (JSON.parse(plainRun(n).out) as { layers: { role: string }[] }).layers.map((l) => l.role).join(' ');
    expect(
      Object.fromEntries(
        [
          'wooden-case',
          'flake-fairing',
          'engine-cover',
          'dented-door',
          'replacement-wing',
          'tubular-frame',
          'plastic-covers',
        ].map((n) => [n, layers(n)]),
      ),
    ).toEqual({
      'wooden-case': 'seal filler base clear',
      'flake-fairing': 'epoxy filler base mid clear',
      'engine-cover': 'colour',
      'dented-door': 'epoxy surfacer base clear',
      'replacement-wing': 'surfacer base clear',
      'tubular-frame': 'etch filler base clear',
      'plastic-covers': 'promoter filler base clear',
    });
  });
  it('a forecast of twelve members gives chances of twelve drawn to their week', () => {
    const p = planSchema.parse(JSON.parse(run(...example('mirror-shells')).out));
    expect(p.sessions[0]!.oksOf[1]).toBe(12);
    const { oksOf, pool } = p.sessions.at(-1)!;
    expect(p.chance).toBeCloseTo((oksOf[0] + pool.futures * pool.mean + 0.5) / (13 + pool.futures), 9);
  });
  it('blocked is an answer too: exit 0, with the blockers', () => {
    const job = JSON.parse(readFileSync('examples/mirror-shells/job.json', 'utf8')) as {
      parts: { substrate: string }[];
    };
    job.parts.forEach((p) => {
      p.substrate = 'pe';
    });
    const r = run(file('pe.json', JSON.stringify(job)), '--now', NOW);
    expect(r.code).toBe(0);
    expect(planSchema.parse(JSON.parse(r.out))).toMatchObject({ kind: 'blocked', sessions: [] });
  });
  it('--schema prints the shapes of input and output as JSON Schema', () => {
    const s = JSON.parse(run('--schema').out) as Record<
      string,
      { properties: Record<string, unknown>; additionalProperties: boolean }
    >;
    expect(Object.keys(s)).toEqual(['job', 'forecast', 'plan']);
    expect(Object.keys(s.job!.properties)).toContain('freeHours');
    expect(s.job!.additionalProperties).toBe(false);
    expect(Object.keys(s.plan!.properties)).toEqual(
      expect.arrayContaining(['seams', 'materials', 'sessions', 'alternatives', 'assumptions']),
    );
  });
  it.each([
    [
      'a field out of range',
      (j: Record<string, unknown>) => {
        j.risk = { rushSafe: 3 };
      },
      /risk\.rushSafe: expected a number of at most 1 \(got 3\)/,
    ],
    [
      'an unknown key',
      (j: Record<string, unknown>) => {
        j.rush = 1;
      },
      /rush: expected no such field/,
    ],
    [
      'a missing part',
      (j: Record<string, unknown>) => {
        j.parts = [];
      },
      /parts: expected at least 1 entry/,
    ],
  ] as const)('%s: exit 2, path and expectation on stderr, nothing on stdout', (_n, spoil, want) => {
    const job = JSON.parse(readFileSync('examples/tractor-bonnet/job.json', 'utf8')) as Record<
      string,
      unknown
    >;
    spoil(job);
    const r = run(file('bad.json', JSON.stringify(job)), '--now', NOW);
    expect([r.code, r.out]).toEqual([2, '']);
    expect(r.err).toMatch(want);
  });
  it.each([
    ['no file named', [], /job\.json: expected the path/],
    ['a file that is not there', ['nowhere.json'], /expected a file that can be read/],
    ['an unknown option', ['x.json', '--fast'], /Unknown option/],
    [
      'a time that is none',
      ['examples/tractor-bonnet/job.json', '--now', 'soon'],
      /--now: expected an ISO time/,
    ],
    [
      'a forecast that does not cover now',
      [
        'examples/tractor-bonnet/job.json',
        '--forecast',
        'examples/tractor-bonnet/forecast.json',
        '--now',
        '2027-01-01T08:00',
      ],
      /start: expected a forecast that covers now/,
    ],
  ] as const)('%s: exit 2 and a sentence', (_n, args, want) => {
    const r = run(...args);
    expect(r.code).toBe(2);
    expect(r.err).toMatch(want);
  });
  it('random files never crash it: exit 2 with a sentence (8 random)', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        const r = run(file('random.json', text), '--now', NOW);
        expect(r.code).toBe(2);
        expect(r.err).toMatch(/expected/);
        expect(r.err).not.toMatch(/at .*\.mjs/);
      }),
      { numRuns: 8, seed: 12 },
    );
  });
});

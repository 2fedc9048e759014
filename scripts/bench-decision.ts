/**
 * npm run bench:decision: how the decision grows with days, sessions and futures, processor time, warm; drawn in
 * docs/backtest/growth.svg. And how much faster the search of a fixed plan is than HiGHS on the same weeks.
 */
import loadHighs from 'highs';
import { mkdirSync, writeFileSync } from 'node:fs';
import { edgesOf, programmeOf } from '@/solver/fixed-plan';
import { searchChains } from '@/core/schedule/search/chains';
import { week } from '@/core/schedule/search/week-kit';
import { Values } from '@/core/schedule/decide/value';
import type { Offer, Problem, Stage } from '@/core/schedule/decide/problem';
import { plan } from '@/core/plan';
import type { Job } from '@/model/job';
import { msOf } from '@/core/time/instant';
import { DEMO_JOBS, DEMO_NOW } from '@/demo/jobs';
import { simulatedForecast, simulatedWorld } from '@/standins/weather';
import { growthPlot, type Curve } from './backtest/growth';

const WARM = 6;
const TIMES = 12;

/** Milliseconds of processor time, the mean of several. */
function cpuMs(run: (n: number) => void): number {
  for (let n = 0; n < WARM; n++) run(n);
  const from = process.cpuUsage();
  for (let n = 0; n < TIMES; n++) run(WARM + n);
  const used = process.cpuUsage(from);
  return (used.user + used.system) / 1000 / TIMES;
}

const PER_BLOCK = 8;
const BLOCKS_A_LOOK = 2;
const LOOKS_A_DAY = 2;

/** A fortnight of full days in quarters of an hour: more starts than anybody's free hours hold. */
function problemOf(days: number, sessions: number): Problem {
  const offersOf = (k: number): Offer[] =>
    Array.from({ length: days * LOOKS_A_DAY * BLOCKS_A_LOOK * PER_BLOCK }, (_, i) => {
      const block = Math.floor(i / PER_BLOCK);
      const look = Math.floor(block / BLOCKS_A_LOOK);
      const atMs = Math.floor(look / LOOKS_A_DAY) * 96 + (i % (LOOKS_A_DAY * BLOCKS_A_LOOK * PER_BLOCK));
      return {
        atMs,
        look,
        block,
        chance: 0.1 + 0.8 * Math.abs(Math.sin(look + i * 0.1 + k)),
        known: look === 0 ? 0 : 0.5,
        owes: look * 2,
        nextMs: atMs + 40,
        untilMs: k === 1 ? atMs + 300 : Infinity,
        againMs: atMs + 96,
      };
    });
  const stages = Array.from({ length: sessions }, (_, k): Stage => {
    return { offers: offersOf(k), fails: 40, missed: 8, never: 50 * (sessions - k) };
  });
  const looks = days * LOOKS_A_DAY;
  return {
    stages,
    ties: Array.from({ length: looks }, (_, l) => (l < 2 ? 0 : 0.5)),
    shared: 0.7,
    least: 0.8,
  };
}

const byDays: Curve = {
  name: 'days (4 sessions)',
  points: [2, 4, 7, 10, 14].map((days) => [days, cpuMs(() => void new Values(problemOf(days, 4)))]),
};
const bySessions: Curve = {
  name: 'sessions (14 days)',
  points: [1, 2, 3, 4, 6].map((n) => [n, cpuMs(() => void new Values(problemOf(14, n)))]),
};

/** Another latitude each time: another sun, so that nothing is known already. */
const elsewhere = (job: Job, n: number): Job => ({
  ...job,
  place: { ...job.place, lat: job.place.lat + n * 1e-7 },
});

function planned(members: number): number {
  const { job } = DEMO_JOBS.find((j) => j.id === 'tractor-bonnet')!;
  const nowMs = msOf(DEMO_NOW, job.place.tz);
  const issuedMs = Math.floor(nowMs / (6 * 3_600_000)) * 6 * 3_600_000;
  const all = simulatedWorld(job.place, 'oceanic', issuedMs).members();
  const start = new Date(issuedMs - 24 * 3_600_000).toISOString();
  const some = Array.from({ length: members }, (_, i) => all[i % all.length]!);
  return cpuMs((n) => {
    plan({ job: elsewhere(job, n), forecast: { start, stepMin: 60, members: [...some] }, issuedMs, nowMs });
  });
}
const byMembers: Curve = {
  name: 'futures (the whole plan)',
  points: [10, 25, 50, 100].map((n) => [n, planned(n)]),
};

/** Tasks of a plan, before its sessions and in them, and what it takes; parts in one lot or several. */
function withParts(count: number): readonly [number, number] {
  const { job } = DEMO_JOBS.find((j) => j.id === 'tractor-bonnet')!;
  const nowMs = msOf(DEMO_NOW, job.place.tz);
  const parts = Array.from({ length: count }, (_, i) => ({
    ...job.parts[i % job.parts.length]!,
    id: `p${i}`,
  }));
  const planOf = (n: number): ReturnType<typeof plan> => {
    return plan({ job: { ...elsewhere(job, n), parts }, ...simulatedForecast(job.place, nowMs), nowMs });
  };
  const { sessions, visits } = planOf(0);
  const tasks = [...sessions, ...visits].reduce((a, w) => a + w.tasks.length, 0);
  return [tasks, cpuMs((n) => void planOf(n))];
}
const byTasks: Curve = {
  name: 'tasks (the whole plan)',
  points: [1, 8, 16, 32, 48].map(withParts).sort(([a], [b]) => a - b),
};

const highs = await loadHighs();

/** Milliseconds of processor time of one run. */
function onceMs(run: () => void): number {
  const from = process.cpuUsage();
  run();
  const used = process.cpuUsage(from);
  return (used.user + used.system) / 1000;
}

interface Race {
  /** Weighing every pair of starts, which the programme is given, and all of the search with it. */
  readonly weighMs: number;
  readonly searchMs: number;
  readonly milpMs: number;
  readonly gap: number;
}

/** Search and optimum of one large week. */
function raced(sessions: number, starts: number): Race {
  const input = week(sessions, starts);
  const programme = programmeOf(input, edgesOf(input));
  for (let n = 0; n < WARM; n++) searchChains(input, 1);
  const weighMs = onceMs(() => void edgesOf(input));
  let score = Infinity;
  const searchMs = onceMs(() => {
    score = searchChains(input, 1)[0]?.score ?? Infinity;
  });
  let best = Infinity;
  const milpMs = onceMs(() => {
    best = highs.solve(programme).ObjectiveValue;
  });
  return { weighMs, searchMs, milpMs, gap: score - best };
}

const curves = [byDays, bySessions, byMembers, byTasks];
for (const { name, points } of curves)
  console.log(`${name}: ${points.map(([x, y]) => `${x}: ${y.toFixed(1)} ms`).join(', ')}`);
for (const [sessions, starts] of [
  [3, 30],
  [4, 60],
  [5, 90],
] as const) {
  const { weighMs, searchMs, milpMs, gap } = raced(sessions, starts);
  const took = `search ${searchMs.toFixed(1)} ms (weighing the pairs alone ${weighMs.toFixed(1)}), HiGHS ${milpMs.toFixed(0)} ms, gap ${gap.toFixed(6)}`;
  console.log(`fixed plan, ${sessions} sessions of ${starts} starts: ${took}`);
}
/** What one schedule allocates, MB; asks for --expose-gc and a young generation that holds it all. */
function allocatedMb(run: () => void): number | null {
  const { gc } = globalThis as { gc?: () => void };
  if (!gc) return null;
  const used = (): number => process.memoryUsage().heapUsed + process.memoryUsage().arrayBuffers;
  gc();
  const before = used();
  run();
  return (used() - before) / 1e6;
}

for (const { id, job } of DEMO_JOBS) {
  const nowMs = msOf(DEMO_NOW, job.place.tz);
  const forecast = simulatedForecast(job.place, nowMs);
  const anew = (n: number): void => {
    plan({ job: elsewhere(job, n), ...forecast, nowMs });
  };
  for (let n = 0; n < WARM; n++) anew(n);
  console.log(
    `${id}, the whole plan: ${allocatedMb(() => anew(WARM))?.toFixed(0) ?? 'not measured'} MB allocated`,
  );
}

mkdirSync('docs/backtest', { recursive: true });
writeFileSync('docs/backtest/growth.svg', growthPlot(curves));

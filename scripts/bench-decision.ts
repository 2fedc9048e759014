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
import { msOf } from '@/core/time/instant';
import { DEMO_JOBS, DEMO_NOW } from '@/demo/jobs';
import { simulatedWorld } from '@/standins/weather';
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

function planned(members: number): number {
  const { job } = DEMO_JOBS.find((j) => j.id === 'tractor-bonnet')!;
  const nowMs = msOf(DEMO_NOW, job.place.tz);
  const issuedMs = Math.floor(nowMs / (6 * 3_600_000)) * 6 * 3_600_000;
  const all = simulatedWorld(job.place, 'oceanic', issuedMs).members();
  const start = new Date(issuedMs - 24 * 3_600_000).toISOString();
  const some = Array.from({ length: members }, (_, i) => all[i % all.length]!);
  return cpuMs((n) => {
    const place = { ...job.place, lat: job.place.lat + n * 1e-7 };
    plan({ job: { ...job, place }, forecast: { start, stepMin: 60, members: [...some] }, issuedMs, nowMs });
  });
}
const byMembers: Curve = {
  name: 'futures (the whole plan)',
  points: [10, 25, 50, 100].map((n) => [n, planned(n)]),
};

const highs = await loadHighs();

/** Milliseconds of processor time of one run. */
function onceMs(run: () => void): number {
  const from = process.cpuUsage();
  run();
  const used = process.cpuUsage(from);
  return (used.user + used.system) / 1000;
}

/** Search and optimum of one large week. */
function raced(sessions: number, starts: number): { searchMs: number; milpMs: number; gap: number } {
  const input = week(sessions, starts);
  const programme = programmeOf(input, edgesOf(input));
  searchChains(input, 1);
  let score = Infinity;
  const searchMs = onceMs(() => {
    score = searchChains(input, 1)[0]?.score ?? Infinity;
  });
  let best = Infinity;
  const milpMs = onceMs(() => {
    best = highs.solve(programme).ObjectiveValue;
  });
  return { searchMs, milpMs, gap: score - best };
}

for (const { name, points } of [byDays, bySessions, byMembers])
  console.log(`${name}: ${points.map(([x, y]) => `${x}: ${y.toFixed(1)} ms`).join(', ')}`);
for (const [sessions, starts] of [
  [3, 30],
  [4, 60],
  [5, 90],
] as const) {
  const { searchMs, milpMs, gap } = raced(sessions, starts);
  const took = `search ${searchMs.toFixed(1)} ms, HiGHS ${milpMs.toFixed(0)} ms, gap ${gap.toFixed(6)}`;
  console.log(`fixed plan, ${sessions} sessions of ${starts} starts: ${took}`);
}
mkdirSync('docs/backtest', { recursive: true });
writeFileSync('docs/backtest/growth.svg', growthPlot([byDays, bySessions, byMembers]));

/** Every job of the demo and every example, in its own hours, in evenings alone, on weekends alone. */
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { keepsHands, simulated } from '@/demo/test-kit';
import { hours } from '@/demo/work-kit';
import { parseJob } from '@/formats/job-file';
import type { FreeHours, Job } from '@/model/job';
import { BLOCKERS } from '@/words/sentences/blockers';

const EVENING: [string, string][] = [['18:00', '21:30']];
const DAY: [string, string][] = [['09:00', '18:00']];
const HOURS: Readonly<Record<string, FreeHours | null>> = {
  'its own hours': null,
  'evenings alone': hours({ mon: EVENING, tue: EVENING, wed: EVENING, thu: EVENING, fri: EVENING }),
  'weekends alone': hours({ sat: DAY, sun: DAY }),
};

const examples = readdirSync('examples').map((name): [string, Job] => {
  const parsed = parseJob(JSON.parse(readFileSync(`examples/${name}/job.json`, 'utf8')));
  if (!parsed.ok) throw new Error(name);
  return [name, parsed.value];
});
const all: [string, Job][] = [...DEMO_JOBS.map((d): [string, Job] => [d.id, d.job]), ...examples];
/** What was tried and works, and what says that nothing of it does. */
const TRIED = new Set([
  'lamp-would-open',
  'heat-would-open',
  'product-would-open',
  'weekend-would-open',
  'days-would-open',
  'place-would-open',
  'no-place-would-open',
]);

describe.each(Object.entries(HOURS))('%s', (_name, free) => {
  it.each(all)('%s finds a plan, or says why not with a way out that was tried', (_id, job) => {
    const asked = free ? { ...job, freeHours: free } : job;
    const p = simulated(asked);
    expect(keepsHands(p)).toBeGreaterThanOrEqual(0);
    if (free === null) expect(p.kind).toBe('planned');
    if (p.kind === 'planned') {
      expect(p.sessions.length).toBeGreaterThan(0);
      return;
    }
    const codes = p.blockers.map((b) => b.code);
    expect(codes.some((c) => c.startsWith('no-'))).toBe(true);
    const ways = p.blockers.filter((b) => TRIED.has(b.code));
    expect(ways.length).toBeGreaterThan(0);
    for (const b of ways) expect(BLOCKERS[b.code]).toBeDefined();
    // The way out is taken, and works.
    const wider = ways.find((b) => b.code === 'weekend-would-open');
    if (!wider) return;
    const span: [string, string] = [String(wider.params.from), String(wider.params.to)];
    const weekly = { ...asked.freeHours.weekly, sat: [span], sun: [span] };
    const taken = simulated({ ...asked, freeHours: { ...asked.freeHours, weekly } });
    expect(taken.kind).toBe('planned');
    expect(taken.chance!).toBeGreaterThanOrEqual(0.5);
  });
});

/** The soak in short: the same parts with small numbers, and proof that each of them finds what it looks for. */
import { describe, expect, it } from 'vitest';
import { uniform } from '@/core/numerics/random';
import { plan } from '@/core/plan';
import { DEMO_JOBS, DEMO_NOW } from '@/demo/jobs';
import { msOf } from '@/core/time/instant';
import { simulatedForecast } from '@/standins/weather';
import { fuzzImporters } from './fuzz';
import { IMPORTERS } from './importers';
import { junkDocument, junkText } from './junk';
import { writerKills } from './kills';
import { ANYTHING, Ledger } from './ledger';
import { impossible, randomPlans } from './plans';

describe('the ledger of what was acknowledged', () => {
  const standing = (entries: Record<string, string>): Map<string, string> => new Map(Object.entries(entries));
  const ledger = new Ledger();
  it('tells what was acknowledged and does not stand', () => {
    ledger.start(standing({ 'job a': 'a 0' }));
    ledger.begin('job a', 'a 1');
    ledger.ack('job a', 'a 1');
    expect(ledger.lost(standing({ 'job a': 'a 1' }))).toEqual([]);
    expect(ledger.lost(standing({ 'job a': 'a 0' }))).toEqual(['job a: acknowledged a 1, found a 0']);
    expect(ledger.lost(standing({}))).toEqual(['job a: acknowledged a 1, found none']);
  });
  it('lets what was begun stand or not, but nothing else', () => {
    ledger.begin('job a', 'a 2');
    expect(ledger.lost(standing({ 'job a': 'a 1' }))).toEqual([]);
    expect(ledger.lost(standing({ 'job a': 'a 2' }))).toEqual([]);
    expect(ledger.lost(standing({ 'job a': 'a 3' }))).toHaveLength(1);
    ledger.begin('job a', ANYTHING);
    expect(ledger.lost(standing({ 'job a': 'a 3' }))).toEqual([]);
  });
});

describe('kills', () => {
  it('three writers killed in the middle of it lose nothing they had acknowledged', async () => {
    const { kills, acknowledged, lost } = await writerKills(3, 7, ['scripts/run-ts.mjs', 'scripts/soak.ts']);
    expect(lost).toEqual([]);
    expect(kills).toBe(3);
    expect(acknowledged).toBeGreaterThan(3);
  }, 60_000);
});

describe('nonsense', () => {
  it('every importer answers a few dozen inputs of it without falling over', () => {
    const { inputs, faults } = fuzzImporters(40 * IMPORTERS.length, 1);
    expect(inputs).toBe(520);
    expect(faults).toEqual([]);
  });
  it('is made anew from its seed, and is not what it was made from', () => {
    const good = DEMO_JOBS[0]!.job;
    const made = (seed: number): string => JSON.stringify(junkDocument(uniform(seed), good));
    expect(made(3)).toBe(made(3));
    const changed = Array.from({ length: 50 }, (_, n) => made(n)).filter(
      (text) => text !== JSON.stringify(good),
    );
    expect(changed.length).toBeGreaterThan(45);
    expect(junkText(uniform(5), 'flash off 20 min')).toBe(junkText(uniform(5), 'flash off 20 min'));
  });
});

describe('plans of jobs at random', () => {
  it('eight of them are possible, and some have times', () => {
    const { plans, planned, faults } = randomPlans(8, 1);
    expect(faults).toEqual([]);
    expect(plans).toBe(8);
    expect(planned).toBeGreaterThan(0);
  }, 60_000);
  it('an impossible one is found out', () => {
    const { job } = DEMO_JOBS[2]!;
    const nowMs = msOf(DEMO_NOW, job.place.tz);
    const made = plan({ job, nowMs, ...simulatedForecast(job.place, nowMs) });
    const [first] = made.sessions;
    expect(impossible(made)).toBeNull();
    expect(impossible({ ...made, chance: 1.2 })).toBe('a chance of 1.2');
    expect(impossible({ ...made, handsOnH: NaN })).toBe('plan.handsOnH is no figure');
    expect(impossible({ ...made, sessions: [{ ...first!, handsOffAt: first!.startsAt }] })).toContain(
      'ends before',
    );
    expect(impossible({ ...made, sessions: [...made.sessions, first!] })).toContain('before the last one');
    expect(impossible({ ...made, blockers: [{ code: 'no-window', params: {} }] })).toBe(
      'planned, and blocked',
    );
  });
});

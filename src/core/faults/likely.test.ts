/** What a session is warned of: its films, its hour, its parts; facts of the trade, no source. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import type { Part } from '@/model/job';
import type { Session } from '@/model/plan';
import { causesIn, likelyFaults } from './likely';

const clear = { product: CATALOGUE.find((p) => p.id === 'halden-2k-gloss')!, substrate: 'steel' as const };
const check = (code: string, value: number, limits: { min?: number; max?: number }) => ({
  code,
  params: { value, ...limits },
});
const session = (checks: object[], over: Partial<Session> = {}): Session =>
  ({
    tasks: [{ kind: 'coat', checks }],
    paintC: null,
    coldCure: null,
    partIds: ['a'],
    ...over,
  }) as unknown as Session;
const upright = [{ id: 'a', posture: 'upright' }] as unknown as Part[];
const flat = [{ id: 'a', posture: 'flat' }] as unknown as Part[];

describe('causes that an hour brings', () => {
  it('wind at 1.7 of 2 m/s, 60 % of 85, a gap of 4.5 over 3 K, a panel of 11 over 10 °C', () => {
    const causes = causesIn(
      session([
        check('check-wind', 1.7, { max: 2 }),
        check('check-humidity', 60, { max: 85 }),
        check('check-dew-gap', 4.5, { min: 3 }),
        check('check-panel', 11, { min: 10, max: 30 }),
      ]),
      flat,
    );
    expect([...causes].sort()).toEqual(['cold', 'damp', 'far', 'wind']);
  });
  it('nothing in a mild still hour on a part that lies flat; runs threaten what stands, a cold can what is sprayed from it', () => {
    const mild = [check('check-wind', 0.5, { max: 2 }), check('check-panel', 20, { min: 10, max: 30 })];
    expect(causesIn(session(mild), flat).size).toBe(0);
    expect([...causesIn(session(mild), upright)]).toEqual(['thick']);
    expect([...causesIn(session(mild, { paintC: 12 }), flat)]).toEqual(['can-cold']);
  });
});

describe('the likeliest', () => {
  it('on an upright part in damp air: runs and blush among the first five; in a flat dry hour no blush', () => {
    const damp = likelyFaults([clear], new Set(['thick', 'damp'] as const), { most: 5 });
    expect(damp).toContain('runs');
    expect(damp).toContain('blush');
    expect(likelyFaults([clear], new Set(), { most: 5 })).not.toContain('blush');
  });
  it('five of them, each once, none of a gun where there are cans, none of people', () => {
    const all = likelyFaults([clear], new Set(['wind'] as const), { most: 5 });
    expect(new Set(all).size).toBe(5);
    expect(all).toContain('wind-grit');
    expect(likelyFaults([clear], new Set(), { most: 99 })).not.toContain('gun-pulses');
    expect(likelyFaults([clear], new Set(), { most: 99 })).not.toContain('unwell');
  });
  it('puts what comes on one’s own jobs first, where the hour is like theirs', () => {
    const at = (when: 'damp' | undefined, found: 'wind' | 'damp'): number =>
      likelyFaults([clear], new Set([found]), {
        most: 99,
        own: [{ code: 'dry-spray', ...(when && { when }), times: 9 }],
      }).indexOf('dry-spray');
    const usual = likelyFaults([clear], new Set(['damp'] as const), { most: 99 }).indexOf('dry-spray');
    expect(usual).toBeGreaterThan(0);
    expect(at(undefined, 'damp')).toBe(0);
    expect(at('damp', 'damp')).toBe(0);
    expect(at('damp', 'wind')).toBe(
      likelyFaults([clear], new Set(['wind'] as const), { most: 99 }).indexOf('dry-spray'),
    );
  });
});

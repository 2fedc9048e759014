/** One tab of several speaks, wishes are kept per device, and a page's time holds over sleep and a clock that is set. */
import { describe, expect, it } from 'vitest';
import { PageTime } from '../desk/page-time';
import { calledOn, claim, keepVoices, voicesOn } from './kept';

function shelf(): Pick<Storage, 'getItem' | 'setItem'> {
  const kept = new Map<string, string>();
  return { getItem: (k) => kept.get(k) ?? null, setItem: (k, v) => void kept.set(k, v) };
}
const blink = (): Promise<void> => new Promise((done) => setTimeout(done, 5));

describe('one voice', () => {
  const call = { jobId: 'bonnet', key: 'coat-now base.c2', atMs: 1000 };
  it('two tabs in the same blink: one of them', async () => {
    const s = shelf();
    const won = await Promise.all(['a', 'b', 'c'].map((me) => claim(s, { ...call, me }, blink)));
    expect(won.filter(Boolean)).toHaveLength(1);
  });
  it('a tab that comes later, or loads anew, is silent; a later moment is called again', async () => {
    const s = shelf();
    expect(await claim(s, { ...call, me: 'a' }, blink)).toBe(true);
    expect(await claim(s, { ...call, me: 'b' }, blink)).toBe(false);
    expect(calledOn(s, 'bonnet').get('coat-now base.c2')).toBe(1000);
    expect(calledOn(s, 'other').size).toBe(0);
    expect(await claim(s, { ...call, atMs: 200_000, me: 'b' }, blink)).toBe(true);
  });
  it('a full or broken shelf stops nothing', async () => {
    const broken = {
      getItem: () => '{',
      setItem: () => {
        throw new Error('full');
      },
    };
    expect(voicesOn(broken)).toEqual(['beep', 'vibrate']);
    expect(await claim(broken, { ...call, me: 'a' }, blink)).toBe(false);
  });
  it('what is switched on is kept, in its order, and nothing that is unknown', () => {
    const s = shelf();
    expect(voicesOn(s)).toEqual(['beep', 'vibrate']);
    keepVoices(s, ['speak', 'beep']);
    expect(voicesOn(s)).toEqual(['beep', 'speak']);
    keepVoices(s, []);
    expect(voicesOn(s)).toEqual([]);
  });
});

describe('time on a page', () => {
  const start = { wallMs: 5_000_000, runningMs: 100 };
  const after = (wallMs: number, runningMs: number) => ({
    wallMs: start.wallMs + wallMs,
    runningMs: start.runningMs + runningMs,
  });
  it('goes on with what runs evenly, however seldom it is looked at', () => {
    const t = new PageTime(1_000_000, start);
    expect(t.look(after(600_000, 600_000))).toBe(false);
    expect(t.now(after(600_000, 600_000))).toBe(1_600_000);
  });
  it('sleep: the wall clock went on alone, and that counts at once', () => {
    const t = new PageTime(1_000_000, start);
    expect(t.look(after(3_600_000, 1_000))).toBe(true);
    expect(t.now(after(3_600_000, 1_000))).toBe(1_000_000 + 3_600_000);
    // The server says the same: nothing is counted twice.
    t.set(4_600_000, after(3_600_000, 1_000));
    expect(t.now(after(3_601_000, 2_000))).toBe(4_601_000);
  });
  it('a wall clock set back, or forward by days, moves nothing; the server is asked', () => {
    const t = new PageTime(1_000_000, start);
    expect(t.look(after(-3_600_000, 1_000))).toBe(true);
    expect(t.now(after(-3_600_000, 1_000))).toBe(1_001_000);
    expect(t.look(after(5 * 86_400_000, 2_000))).toBe(true);
    expect(t.now(after(5 * 86_400_000, 2_000))).toBe(1_002_000);
  });
  it('a second of drift is no jump', () => {
    const t = new PageTime(1_000_000, start);
    expect(t.look(after(61_000, 60_000))).toBe(false);
    expect(t.now(after(61_000, 60_000))).toBe(1_060_000);
  });
});

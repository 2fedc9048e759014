/** Just inside is not good: comfort keeps some of every limit in hand. Common practice, no source. */
import { describe, expect, it } from 'vitest';
import type { AtPart } from '../../air/at-part';
import { CATALOGUE } from '../../coating/catalogue';
import type { Draft } from '../work/draft';
import { isComfortable, isFree } from './start-option';

const HOUR = 3_600_000;
const product = (id: string) => CATALOGUE.find((p) => p.id === id)!;
/** Sheets with limits written out: wind 2 m/s, humidity 85 %, gap 3 K, least 10 °C. */
const limits = { windMaxMs: 2, rhMaxFrac: 0.85, dewGapMinK: 3, tempMinC: 10 };
const onePart = { ...product('orrin-base'), ...limits };
const twoPart = { ...product('halden-2k-gloss'), ...limits };
const draftOf = (p: typeof onePart): Draft => ({ steps: [{ product: p }] }) as unknown as Draft;

/** Ten hours in two futures; the central line is the last row, the other one is awful. */
function air(central: { windMs?: number; rhFrac?: number; panelC?: number; gapK?: number }): AtPart {
  const nodes = 10;
  const rows = (bad: number, good: number): Float32Array =>
    Float32Array.from({ length: 2 * nodes }, (_, k) => (k < nodes ? bad : good));
  return {
    rows: 2,
    nodes,
    startMs: 0,
    stepMs: HOUR,
    windMs: rows(9, central.windMs ?? 0.5),
    rhFrac: rows(1, central.rhFrac ?? 0.5),
    panelC: rows(-5, central.panelC ?? 20),
    gapK: rows(0, central.gapK ?? 8),
  } as unknown as AtPart;
}
const comfortable = (central: Parameters<typeof air>[0], p = onePart): boolean =>
  isComfortable(air(central), draftOf(p), 2 * HOUR, 5 * HOUR);

describe('comfort on the central line', () => {
  it('a still, mild, dry evening is comfortable', () => expect(comfortable({})).toBe(true));
  it('wind up to 85 % of the limit is, more is not', () => {
    expect(comfortable({ windMs: 1.69 })).toBe(true);
    expect(comfortable({ windMs: 1.71 })).toBe(false);
  });
  it('humidity keeps five points in hand', () => {
    expect(comfortable({ rhFrac: 0.79 })).toBe(true);
    expect(comfortable({ rhFrac: 0.81 })).toBe(false);
  });
  it('the gap to the dew point keeps one and a half kelvin in hand', () => {
    expect(comfortable({ gapK: 4.6 })).toBe(true);
    expect(comfortable({ gapK: 4.4 })).toBe(false);
  });
  it('one-part paint wants two degrees over its least, two-part 15 °C whatever its sheet allows', () => {
    expect(comfortable({ panelC: 12.1 })).toBe(true);
    expect(comfortable({ panelC: 11.9 })).toBe(false);
    expect(comfortable({ panelC: 15.1 }, twoPart)).toBe(true);
    expect(comfortable({ panelC: 14.9 }, twoPart)).toBe(false);
    expect(comfortable({ panelC: 15.1 }, { ...twoPart, tempMinC: 16 })).toBe(false);
  });
  it('an hour outside the stretch does not count, one inside does', () => {
    const a = air({});
    a.windMs[10 + 8] = 9;
    expect(isComfortable(a, draftOf(onePart), 2 * HOUR, 5 * HOUR)).toBe(true);
    a.windMs[10 + 4] = 9;
    expect(isComfortable(a, draftOf(onePart), 2 * HOUR, 5 * HOUR)).toBe(false);
  });
  it('free is a stretch wholly inside one span', () => {
    const spans = [{ startMs: 0, endMs: 3 * HOUR }];
    expect(isFree(spans, 0, 3 * HOUR)).toBe(true);
    expect(isFree(spans, HOUR, 3 * HOUR + 1)).toBe(false);
  });
});

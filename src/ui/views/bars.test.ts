/** Rows of the charts: a fall whose steps meet, a paint as one bar, ranges as they are. */
import { describe, expect, it } from 'vitest';
import type { Material } from '@/model/plan';
import { fallRows, paintBar } from './bars';

/** 100 ml of film, 60 fly off, 20 less by one's own habit, 18 heel, 42 against running out. */
const material = {
  needMl: 200,
  breakdown: [
    { cause: 'film', ml: 100 },
    { cause: 'carrier', ml: 60 },
    { cause: 'habit', ml: -20 },
    { cause: 'heel', ml: 18 },
    { cause: 'margin', ml: 42 },
  ],
} as Material;
const text = (ml: number): string => `${ml} ml`;

describe('charts of paint', () => {
  it('each step begins where the one before it ended; a sum begins at nought; what is less is said to be', () => {
    const rows = fallRows(material, text);
    expect(rows.map((r) => [r.pieces[0]!.from, r.pieces[0]!.to])).toEqual([
      [0, 100],
      [100, 160],
      [140, 160],
      [0, 140],
      [140, 158],
      [158, 200],
      [0, 200],
    ]);
    expect(rows[2]!.said).toBe('−20 ml');
    expect(rows[3]).toMatchObject({ name: 'expected use', said: '140 ml' });
    expect(rows.at(-1)).toMatchObject({ name: 'to have ready', said: '200 ml' });
  });
  it('a paint is one bar of what it is expected to use, with what must be ready beyond', () => {
    const bar = paintBar(material);
    expect(bar.pieces.map((p) => p.to)).toEqual([100, 160]);
    expect(bar).toMatchObject({ useMl: 140, readyMl: 200 });
  });
});

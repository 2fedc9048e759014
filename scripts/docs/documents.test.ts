/** The documents say what the cards say. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { DOCUMENTS } from './documents';

describe('documents written from the cards', () => {
  it.each(DOCUMENTS)('$path is as the cards are now; if not: npm run -s docs', ({ path, text }) => {
    expect(readFileSync(path, 'utf8')).toBe(text());
  });
});

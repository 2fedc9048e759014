/** What a gloved reader gets: short lines, whole sentences, no word of comfort or blame. */
import { describe, expect, it } from 'vitest';
import { FAULTS } from '@/model/fault';
import { FAULT_WORDS, SIGN_QUESTIONS } from './faults';

const wordsIn = (text: string): number => text.split(/\s+/).length;

describe('words of faults', () => {
  it.each(FAULTS)(
    '%s: a name, a look, what to do now in at most four lines of 22 words, and how not to have it again',
    (code) => {
      const { name, look, now, nowOn = {}, next, not } = FAULT_WORDS[code];
      expect(wordsIn(name)).toBeLessThanOrEqual(7);
      expect(wordsIn(look)).toBeLessThanOrEqual(26);
      for (const lines of [now, ...Object.values(nowOn)]) {
        expect(lines.length).toBeGreaterThan(0);
        expect(lines.length).toBeLessThanOrEqual(4);
        for (const line of lines) {
          expect(wordsIn(line)).toBeLessThanOrEqual(22);
          expect(line).toMatch(/^[A-Z].*[.?]$/);
        }
      }
      for (const line of [look, next, ...(not ? [not] : [])]) expect(line).toMatch(/^[A-Z].*\.$/);
      expect(JSON.stringify(FAULT_WORDS[code])).not.toMatch(/!|sorry|oops|don't worry/i);
    },
  );
  it('no two faults have one name; every question ends with its mark and is short', () => {
    expect(new Set(FAULTS.map((c) => FAULT_WORDS[c].name)).size).toBe(FAULTS.length);
    for (const q of Object.values(SIGN_QUESTIONS)) {
      expect(q).toMatch(/^[A-Z].*\?$/);
      expect(wordsIn(q)).toBeLessThanOrEqual(9);
    }
  });
  it('danger: out or rinse first, an emergency call named, no product blamed', () => {
    for (const code of ['unwell', 'splash', 'can-danger', 'rags-warm'] as const)
      expect(FAULT_WORDS[code].now.join(' ')).toMatch(/out|rinse|away/i);
    expect(FAULT_WORDS.unwell.now.join(' ')).toContain('emergency call');
  });
});

import { describe, expect, it } from 'vitest';
import { GLOSSARY } from './glossary';
import { entriesOf, STAGE_HELP } from './help';

describe('the words of the trade', () => {
  it('some eighty, each once, by the alphabet, each said in one to three short sentences', () => {
    const terms = GLOSSARY.map((e) => e.term.toLowerCase());
    expect(terms.length).toBeGreaterThanOrEqual(80);
    expect(new Set(terms).size).toBe(terms.length);
    expect([...terms].sort((a, b) => (a < b ? -1 : 1))).toEqual(terms);
    for (const { term, says } of GLOSSARY) {
      expect(says, term).toMatch(/\.$/);
      expect(says.length, term).toBeLessThan(130);
      expect(says, term).not.toMatch(/[!…]|undefined/);
    }
  });
  it('no other word leads to two entries', () => {
    const also = GLOSSARY.flatMap((e) => e.also ?? []);
    expect(new Set(also).size).toBe(also.length);
  });
  it('every term a stage speaks of has an entry; a term without one is refused', () => {
    for (const help of Object.values(STAGE_HELP))
      expect(entriesOf(help.terms)).toHaveLength(help.terms.length);
    expect(() => entriesOf(['Nonsense'])).toThrow(RangeError);
  });
});

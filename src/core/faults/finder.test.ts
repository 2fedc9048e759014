/** Every fault is found: by look in four taps at most, by moment in three; and no question is asked for nothing. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { DANGERS, FAULTS, FAULT_MOMENTS, LOOKS, type FaultCode } from '@/model/fault';
import { SUBSTRATES } from '@/model/lists';
import type { FilmSeen } from './card';
import { FAULT_CARDS, faultCard } from './cards';
import { askAbout, atMoment, looksFor, type Node } from './finder';

const DANGER: readonly string[] = DANGERS;
const codes = FAULTS.filter((c) => !DANGER.includes(c));

/** Most taps to a card by answers that are true of it, every way where the card is silent; Infinity where it is lost. */
function tapsTo(code: FaultCode, node: Node): number {
  if (node.kind === 'pick') {
    if (!node.codes.includes(code)) return Infinity;
    return node.codes.length > 1 ? 1 : 0;
  }
  const is = faultCard(code).signs[node.sign];
  const ways = [...(is !== false ? [node.yes] : []), ...(is !== true ? [node.no] : [])];
  return 1 + Math.max(...ways.map((w) => tapsTo(code, w)));
}

/** Every film there may be. */
const FILMS: readonly FilmSeen[] = CATALOGUE.flatMap((product) =>
  SUBSTRATES.map((substrate) => ({ product, substrate })),
);

describe('cards', () => {
  it('there are 60, each fault has one and none has two', () => {
    expect(FAULT_CARDS.length).toBe(60);
    expect(new Set(FAULT_CARDS.map((c) => c.code))).toEqual(new Set(FAULTS));
  });
  it('each shows on some film that can be bought, has a moment, and names no look-alike that is itself', () => {
    for (const card of FAULT_CARDS) {
      expect(FILMS.some(card.on), card.code).toBe(true);
      expect(card.moments.length, card.code).toBeGreaterThan(0);
      expect(card.looks.length, card.code).toBeGreaterThan(0);
      expect(card.lookalike, card.code).not.toBe(card.code);
    }
  });
});

describe('the finder', () => {
  it.each(codes)('%s is found by each of its looks in four taps at most', (code) => {
    for (const look of faultCard(code).looks)
      expect(1 + tapsTo(code, askAbout(look)), look).toBeLessThanOrEqual(4);
  });
  it.each(codes)('%s is found at each of its moments in three taps at most', (code) => {
    const { moments, looks } = faultCard(code);
    for (const moment of moments) {
      const groups = atMoment(moment);
      // Moment, group, drawing.
      for (const look of looks) expect(groups.get(look), `${moment} ${look}`).toContain(code);
    }
  });
  it('on the films of a job nothing that may show there is lost, and nothing else is asked about', () => {
    const films = FILMS.filter((f) => f.product.id === 'halden-2k-gloss' && f.substrate === 'steel');
    const there = codes.filter((c) => films.some(faultCard(c).on));
    expect(there.length).toBeGreaterThan(20);
    expect(there).not.toContain('gun-pulses');
    for (const code of there)
      for (const look of faultCard(code).looks) {
        expect(looksFor(films)).toContain(look);
        expect(1 + tapsTo(code, askAbout(look, films)), `${code} ${look}`).toBeLessThanOrEqual(4);
      }
    for (const look of LOOKS) {
      const walk = (n: Node): FaultCode[] =>
        n.kind === 'pick' ? [...n.codes] : [...walk(n.yes), ...walk(n.no)];
      for (const code of walk(askAbout(look, films))) expect(there).toContain(code);
    }
  });
  it('an answer always leaves fewer: no question whose answer is known', () => {
    const left = (n: Node): Set<FaultCode> =>
      n.kind === 'pick' ? new Set(n.codes) : new Set([...left(n.yes), ...left(n.no)]);
    let asked = 0;
    const walk = (n: Node): void => {
      if (n.kind === 'pick') return;
      asked++;
      for (const side of [n.yes, n.no]) expect(left(side).size).toBeLessThan(left(n).size);
      walk(n.yes);
      walk(n.no);
    };
    for (const look of LOOKS) walk(askAbout(look));
    expect(asked).toBeGreaterThan(12);
  });
  it('moves with the angle is asked of wrong colours, hangs down of what hangs: facts of the trade, no source', () => {
    const first = (look: (typeof LOOKS)[number]): string => {
      const node = askAbout(look);
      return node.kind === 'ask' ? node.sign : 'pick';
    };
    expect(['moves-with-angle', 'in-bands', 'whole-part']).toContain(first('colour'));
    expect(first('hangs')).not.toBe('pick');
  });
  it('at every moment something may be wrong', () => {
    for (const moment of FAULT_MOMENTS) expect(atMoment(moment).size).toBeGreaterThan(0);
  });
});

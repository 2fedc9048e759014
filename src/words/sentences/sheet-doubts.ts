/** What a sheet is asked about, in words. */
import { durationOf } from '../format';
import { teller, type Sentences } from './reader';

const one = (x: number): string => String(Math.round(x * 100) / 100);

export const SHEET_DOUBTS: Sentences = {
  'film-in-mm': (p) =>
    `a film of ${one(p.n('value'))} µm a coat: ${p.s('low')} to ${p.s('high')} is usual. Was it ${one(p.n('meant'))} µm, given in millimetres?`,
  'film-thin-coat': (p) =>
    `a film of ${one(p.n('value'))} µm a coat: ${p.s('low')} to ${p.s('high')} is usual. Is it so?`,
  'film-of-all-coats': (p) =>
    `a film of ${one(p.n('value'))} µm a coat: ${p.s('low')} to ${p.s('high')} is usual. Is that all ${p.s('coats')} coats together, ${p.s('meant')} each?`,
  'can-covers': (p) =>
    `a can of ${one(p.n('ml'))} ml that covers ${p.s('m2')} m² in a coat, before any is lost: ${p.s('most')} is much. Are solids and film right?`,
  'which-is-paint': (p) =>
    `${p.s('base')} : ${p.s('hardener')} of a hundred: which of them is the paint? It was taken as ${p.s('base')} paint to ${p.s('hardener')} hardener.`,
  'ratio-turned': (p) =>
    `${p.s('base')} paint to ${p.s('hardener')} hardener: more hardener than paint. Was it ${p.s('hardener')} : ${p.s('base')}?`,
  'humidity-frac': (p) => `humidity to ${one(p.n('value'))} % at most. Was it ${one(p.n('meant'))} %?`,
  'wait-long': (p) =>
    `a wait of ${durationOf(p.n('value'))}; over ${durationOf(p.n('most'))} is hardly met. Was it ${p.s('meant')} min?`,
  'pot-short': (p) => `a pot life of ${durationOf(p.n('value'))}. Was it ${durationOf(p.n('meant'))}?`,
  'solids-odd': (p) =>
    `${one(p.n('value'))} % solids by volume: ${one(p.n('low'))} to ${one(p.n('high'))} is met. Was it by weight?`,
  'warm-least': (p) => `not below ${p.s('value')} °C. Was that Fahrenheit, ${p.s('meant')} °C?`,
};
export const sayDoubt = teller(SHEET_DOUBTS);

/** What a field makes of what is typed into it: taken, asked about, or held beside it with a sentence. Pure. */
import { kinOf, unitsBeside, unitsPer } from '@/core/units/measures';
import { readTyped, tidy, type Decimal } from '@/core/units/typed';

export interface Field {
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  /** counts: pieces, coats */
  readonly whole?: boolean;
  /** Beyond it a figure without a unit is asked about: it was likely meant in another one. */
  readonly likely?: readonly [number, number];
}
export interface Offer {
  readonly label: string;
  readonly value: number;
}
export type Judged =
  | { readonly kind: 'take'; readonly value: number }
  | { readonly kind: 'ask'; readonly words: string; readonly offers: readonly Offer[] }
  | { readonly kind: 'hold'; readonly words: string };

const MOST_OFFERS = 3;
/** To the thousandth, as the fields show it. */
export const shownOf = (value: number, digits: number): string => String(Number(value.toFixed(digits)));
export const withUnit = (value: number, unit: string, digits = 3): string =>
  `${shownOf(value, digits)}${unit === '' ? '' : ` ${unit}`}`;

const isWithin = (value: number, { min, max }: Field): boolean => value >= min && value <= max;
const isLikely = (value: number, { likely, min }: Field): boolean =>
  likely === undefined ||
  (value === 0 && min <= 0) ||
  (Math.abs(value) >= likely[0] && Math.abs(value) <= likely[1]);

/** How far from the middle of the likely sizes, in powers of e. */
const oddness = (value: number, [least, most]: readonly [number, number]): number =>
  Math.abs(Math.log(Math.abs(value) / Math.sqrt(least * most)));

/** The same figure in the other units of the field’s system, where that makes a likely size; the likeliest first. */
function inOtherUnits(value: number, field: Field): Offer[] {
  const { likely, unit } = field;
  if (likely === undefined) return [];
  const offers = kinOf(unit).flatMap((name) => {
    const meant = tidy(value * (unitsPer(name, unit) ?? NaN));
    if (!isWithin(meant, field) || !isLikely(meant, field)) return [];
    return [{ label: `${withUnit(value, name)}, so ${withUnit(meant, field.unit)}`, value: meant }];
  });
  return offers.sort((a, b) => oddness(a.value, likely) - oddness(b.value, likely));
}

function judgeValue(value: number, isBare: boolean, field: Field): Judged {
  const others = isBare && !isLikely(value, field) ? inOtherUnits(value, field).slice(0, MOST_OFFERS) : [];
  if (field.whole && !Number.isInteger(value)) return { kind: 'hold', words: 'A whole number.' };
  const asTyped = { label: withUnit(value, field.unit), value };
  if (!isWithin(value, field)) {
    const words = `Between ${shownOf(field.min, 3)} and ${shownOf(field.max, 3)}.`;
    return others.length === 0 ? { kind: 'hold', words } : { kind: 'ask', words, offers: others };
  }
  if (others.length === 0) return { kind: 'take', value };
  return { kind: 'ask', words: 'Which is meant?', offers: [...others, asTyped] };
}

/** Up and down by a step, within the limits. */
export const stepped = (value: number, by: number, { min, max }: Field): number =>
  Math.min(max, Math.max(min, Number((value + by).toFixed(6))));

/** @param decimal sign of decimals where the reader lives */
export function judgeTyped(text: string, field: Field, decimal: Decimal): Judged {
  const typed = readTyped(text, field.unit, decimal);
  if (typed.kind === 'one') return judgeValue(typed.value, typed.isBare, field);
  if (typed.kind === 'either') {
    const offers = typed.values
      .filter((x) => isWithin(x, field))
      .map((value) => ({ label: withUnit(value, field.unit), value }));
    return offers.length === 0
      ? judgeValue(typed.values[0], false, field)
      : { kind: 'ask', words: `${text.trim()}: which is meant?`, offers };
  }
  if (typed.kind === 'none') return { kind: 'hold', words: 'Not a number yet.' };
  const fit = unitsBeside(field.unit);
  const say = fit.length === 0 ? 'a number alone' : fit.join(', ');
  return { kind: 'hold', words: `“${typed.unit}” does not fit here: ${say}.` };
}

/** Why a currency cannot count yet; null when it is three letters. */
export const currencyHeld = (text: string, last: string): string | null =>
  /^[A-Za-z]{3}$/.test(text.trim()) ? null : `Three letters, for instance EUR. ${last} stays until then.`;

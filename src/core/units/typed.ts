/**
 * A figure as a person writes it: “1,200”, “12,5”, “1.2 m”, “3/4 in”, “1 ft 6”. Read when it can mean one thing
 * only, else handed back to be asked about; never guessed.
 */
import { dimensionOf, unitIn, unitsPer } from './measures';

/** Values are in the unit of the field. */
export type Typed =
  /** isBare when no unit was written: then it is only as good as the reader's guess of the unit. */
  | { readonly kind: 'one'; readonly value: number; readonly isBare: boolean }
  /** One separator that may group thousands or begin the decimals. */
  | { readonly kind: 'either'; readonly values: readonly [grouped: number, decimal: number] }
  /** A figure with a unit that does not measure what the field asks for. */
  | { readonly kind: 'foreign'; readonly unit: string }
  | { readonly kind: 'none' };

export type Decimal = '.' | ',';
type Figure = readonly [number] | readonly [grouped: number, decimal: number];

const VULGAR = /[¼-¾⅐-⅞]/g;
/** Full-width digits, vulgar fractions, every kind of space, minus and slash as their plain brothers. */
const plain = (text: string): string =>
  text
    .replace(VULGAR, (c) => ` ${c.normalize('NFKC')} `)
    .replace(/[！-～]/g, (c) => c.normalize('NFKC'))
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/[\u2044\u2215]/g, '/')
    .replace(/\u03bc/g, 'µ')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();

const FRACTION = /^(?:(\d{1,6})[ -])? ?(\d{1,6}) ?\/ ?(\d{1,6})/;
const FIGURE = new RegExp(
  `^(?:${[
    String.raw`\d{1,3}(?:[ '’]\d{3})+(?:[.,]\d+)?`,
    String.raw`\d{1,3}(?:,\d{3})+(?:\.\d+)`,
    String.raw`\d{1,3}(?:\.\d{3})+(?:,\d+)`,
    String.raw`\d{1,3}(?:,\d{3}){2,}`,
    String.raw`\d{1,3}(?:\.\d{3}){2,}`,
    String.raw`\d+[.,]\d*`,
    String.raw`[.,]\d+`,
    String.raw`\d+`,
  ]
    .map((way) => `(?:${way}(?![\\d.,]))`)
    .join('|')})`,
);
const UNIT = /^ ?([^\d.,/-]*(?:m[23](?!\d)|t2(?!\d)|n2(?!\d)|[^\d.,/\s-]))/;
const AMBIGUOUS = /^[1-9]\d{0,2}([.,])\d{3}$/;

/** @param text a figure with at most one kind of decimal sign */
function figureOf(text: string, decimal: Decimal): Figure {
  const bare = text.replace(/[ '’]/g, '');
  const seps = bare.replace(/\d/g, '');
  const asDecimal = Number(bare.replace(',', '.'));
  const asGroups = Number(bare.replace(/[.,]/g, ''));
  if (seps.length <= 1) {
    const sep = AMBIGUOUS.exec(text)?.[1];
    // The page writes its decimals with a point: a point that groups, and a comma that does not, are asked about.
    if (sep === undefined) return [asDecimal];
    if (decimal === ',') return [asGroups, asDecimal];
    return sep === ',' ? [asGroups] : [asDecimal];
  }
  const last = seps.at(-1)!;
  if (seps[0] === last) return [asGroups];
  const [whole, rest] = bare.split(last);
  return [Number(`${whole!.replace(/[.,]/g, '')}.${rest}`)];
}

/** Without the dust of binary fractions: 1.2 × 25.4 is 30.48. */
export const tidy = (value: number): number => Number(value.toPrecision(12));

interface Read {
  readonly figure: Figure;
  readonly unit: string;
  readonly rest: string;
}

function quantity(text: string, decimal: Decimal): Read | null {
  const fraction = FRACTION.exec(text);
  const figure = fraction ? null : FIGURE.exec(text);
  const taken = (fraction ?? figure)?.[0];
  if (taken === undefined) return null;
  const after = text.slice(taken.length);
  const unit = UNIT.exec(after);
  const rest = after.slice(unit?.[0].length ?? 0).trim();
  const read = { unit: unit?.[1]!.trim() ?? '', rest };
  if (!fraction) return { ...read, figure: figureOf(taken, decimal) };
  const [, whole = '0', top, bottom] = fraction;
  return Number(bottom) === 0 ? null : { ...read, figure: [Number(whole) + Number(top) / Number(bottom)] };
}

/** “1 ft 6”: a bare figure after a unit is in the next smaller one. */
const unitAfter = (written: string): string => {
  const dimension = dimensionOf(written);
  return (dimension && unitIn(dimension, written)?.then) ?? '';
};

/** How many of the field's unit one of the written unit is; a unit of no table stands for itself alone. */
const factor = (written: string, unit: string): number | null =>
  written === '' || written === unit.toLowerCase() ? 1 : unitsPer(written, unit);

function scaled({ figure, unit }: Read, by: number, sign: 1 | -1): Typed {
  const [first, second] = figure.map((x) => tidy(sign * x * by)) as [number, number?];
  if (!Number.isFinite(first)) return { kind: 'none' };
  return second === undefined
    ? { kind: 'one', value: first, isBare: unit === '' }
    : { kind: 'either', values: [first, second] };
}

/** The quantities behind the first: 1 ft 6 in, 1 h 30; null when one of them does not belong. */
function restOf(first: Read, unit: string, decimal: Decimal): number | null {
  let sum = 0;
  let { rest, unit: before } = first;
  while (rest !== '') {
    const next = quantity(rest, decimal);
    const written = next?.unit || unitAfter(before);
    const by = written === '' ? null : factor(written, unit);
    if (!next || by === null || next.figure.length > 1) return null;
    sum += next.figure[0] * by;
    before = written;
    rest = next.rest;
  }
  return sum;
}

/**
 * @param unit of the field, as it stands behind it; '' for a bare number
 * @param decimal sign of decimals where the reader lives
 */
export function readTyped(text: string, unit: string, decimal: Decimal): Typed {
  const [, minus, body] = /^([-+]?) ?(.*)$/.exec(plain(text.slice(0, 60)))!;
  const first = quantity(body!, decimal);
  if (!first) return { kind: 'none' };
  const sign = minus === '-' ? -1 : 1;
  const by = factor(first.unit, unit);
  if (by === null) return { kind: 'foreign', unit: first.unit };
  if (first.rest === '') return scaled(first, by, sign);
  const more = restOf(first, unit, decimal);
  if (more === null || first.figure.length > 1) return { kind: 'none' };
  return { kind: 'one', value: tidy(sign * (first.figure[0] * by + more)), isBare: false };
}

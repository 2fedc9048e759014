/** Figures in running words: numbers and number words, stretches of time, temperatures, quantities with a unit. */
import { cFromF } from '@/core/units/convert';

const WORDS: Readonly<Record<string, number>> = {
  half: 0.5,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
};
const NUM = String.raw`(\d+(?:[.,]\d+)?|half an?|one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty|thirty)`;
const DASH = String.raw`\s*(?:-|–|—|to|and|bis|\.\.\.|…)\s*`;
const TIME = String.raw`(seconds?|secs?|minutes?|mins?\.?|hours?|hrs?\.?|h\b|days?|weeks?|months?|years?)`;

/** One pattern of several wordings: the first that is met counts. */
export const anyOf = (wordings: readonly RegExp[], flags = ''): RegExp =>
  new RegExp(wordings.map((r) => r.source).join('|'), flags);

export const numberOf = (text: string): number =>
  WORDS[text.toLowerCase().split(' ')[0]!] ?? Number(text.replace(',', '.'));

/** Minutes of a unit of time by how its name begins; the longer beginnings first. */
const UNIT_MIN: readonly (readonly [begins: string, minutes: number])[] = [
  ['s', 1 / 60],
  ['mo', 43_800],
  ['m', 1],
  ['h', 60],
  ['d', 1440],
  ['w', 10_080],
  ['y', 525_600],
];
/** A month, minutes. */
export const MONTH_MIN = 43_800;
const minutesPer = (unit: string): number => UNIT_MIN.find(([begins]) => unit.startsWith(begins))![1];

/** A stretch of time and where in the clause it stands. */
export interface TimeSpan {
  readonly lo: number;
  readonly hi: number;
  readonly at: number;
  readonly text: string;
}

/** Every stretch of time in a clause, minutes: "10–15 min", "30 min to 24 h", "half an hour". */
export function timesIn(clause: string): TimeSpan[] {
  const re = new RegExp(String.raw`${NUM}(?:\s*${TIME})?(?:${DASH}${NUM})?\s*${TIME}`, 'gi');
  return [...clause.matchAll(re)].flatMap((match): TimeSpan[] => {
    const unit = match[4]!.toLowerCase();
    const first = numberOf(match[1]!) * minutesPer((match[2] ?? unit).toLowerCase());
    const second = match[3] === undefined ? first : numberOf(match[3]) * minutesPer(unit);
    if (!Number.isFinite(first) || !Number.isFinite(second)) return [];
    return [{ lo: Math.min(first, second), hi: Math.max(first, second), at: match.index, text: match[0] }];
  });
}

export interface TempSpan {
  readonly lo: number;
  readonly hi: number;
}
const DEGREES = String.raw`(-?\d+(?:[.,]\d+)?)`;
/** "10 to 30 °C", "50 °F - 86 °F", "20 degrees C": from, its scale, to, the scale. */
const TEMP = new RegExp(
  [
    String.raw`${DEGREES}\s*(?:°\s*)?(?:([CF])\b)?`,
    String.raw`(?:\s*(?:-|–|to|and|bis|\.\.\.)\s*${DEGREES})?`,
    String.raw`\s*(?:°\s*|deg(?:rees)?\.?\s*|º\s*)?([CF])\b`,
  ].join(''),
  'gi',
);

/** Temperatures of a clause in °C; where both scales stand side by side, the Celsius one. */
export function tempsIn(clause: string): TempSpan[] {
  const all = [...clause.matchAll(TEMP)].map((match) => {
    const scale = match[4]!.toUpperCase();
    const toC = (x: string): number => (scale === 'F' ? cFromF(numberOf(x)) : numberOf(x));
    const a = toC(match[1]!);
    const b = match[3] === undefined ? a : toC(match[3]);
    return { lo: Math.min(a, b), hi: Math.max(a, b), scale };
  });
  const celsius = all.filter((t) => t.scale === 'C');
  return celsius.length > 0 ? celsius : all;
}

/** The first figure or range before a unit, low end first. @param unit as a regular expression */
export function quantityIn(clause: string, unit: string): readonly [number, number] | null {
  const m = new RegExp(String.raw`${NUM}(?:${DASH}${NUM})?\s*(?:${unit})`, 'i').exec(clause);
  if (!m) return null;
  const a = numberOf(m[1]!);
  const b = m[2] === undefined ? a : numberOf(m[2]);
  return Number.isFinite(a) && Number.isFinite(b) ? [Math.min(a, b), Math.max(a, b)] : null;
}

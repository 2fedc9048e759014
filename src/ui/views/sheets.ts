/** Data sheets of one's own: which figures can be put right, and what a label was understood to say. */
import type { LabelFind } from '@/formats/label/finds';
import type { Product } from '@/model/product';
import { durationOf } from '@/words/format';

export interface FigureOfSheet {
  readonly field: keyof Product & string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
}

const figure = (field: FigureOfSheet['field'], unit: string, min: number, max: number): FigureOfSheet => ({
  field,
  unit,
  min,
  max,
});
const NINETY_DAYS_MIN = 129600;
const wait = (field: FigureOfSheet['field']): FigureOfSheet => figure(field, 'min', 0, NINETY_DAYS_MIN);

const FIGURES: readonly FigureOfSheet[] = [
  figure('filmUmPerCoat', 'µm', 0.1, 400),
  figure('coats', '', 1, 8),
  figure('solidsFrac', '0–1', 0.001, 1),
  figure('flashMin', 'min', 0, 10080),
  wait('nextMinMin'),
  wait('nextBondMaxMin'),
  wait('dustFreeMin'),
  wait('touchDryMin'),
  wait('handleMin'),
  wait('sandMin'),
  wait('potLifeMin'),
  figure('inductionMin', 'min', 1, 120),
  figure('tempMinC', '°C', -10, 40),
  figure('tempMaxC', '°C', 5, 60),
  figure('rhMaxFrac', '0–1', 0.05, 1),
  figure('dewGapMinK', 'K', 0, 15),
  figure('windMaxMs', 'm/s', 0.1, 10),
];

/** The figures this sheet gives, each with its unit and range. */
export const figuresOf = (sheet: Product): readonly FigureOfSheet[] =>
  FIGURES.filter((x) => sheet[x.field] !== undefined);

const isWait = (field: string): boolean => /Min$/.test(field);

function numberSaid(field: string, value: number): string {
  if (isWait(field)) return durationOf(value);
  if (/Frac$/.test(field)) return `${Math.round(value * 1000) / 10} %`;
  if (/C$/.test(field)) return `${value} °C`;
  return String(value);
}

/** A value of a label in words: “20 min”, “60 %”, “4 : 1”, “yes”. */
export function saidOf(find: LabelFind): string {
  const labelValue = find.value;
  if (typeof labelValue === 'boolean') return labelValue ? 'yes' : 'no';
  if (typeof labelValue === 'number') return numberSaid(find.field, labelValue);
  if (typeof labelValue === 'string') return labelValue;
  if ('base' in labelValue)
    return [labelValue.base, labelValue.hardener, labelValue.reducer]
      .filter((x, i) => i < 2 || x > 0)
      .join(' : ');
  return isWait(find.field)
    ? `${durationOf(labelValue[0])} to ${durationOf(labelValue[1])}`
    : labelValue.join('–');
}

/** The range a value was taken from: “20 min to 30 min”; null when the label gave one figure. */
export function rangeSaid(find: LabelFind): string | null {
  if (!find.range) return null;
  const one = (x: number): string => (isWait(find.field) ? durationOf(x) : String(Math.round(x * 100) / 100));
  return find.range.map(one).join(' to ');
}

/** A product of the kind the label names, with isocyanate if it says so, to fill what the label leaves open. */
export function likeness(found: readonly LabelFind[], products: readonly Product[]): Product {
  const kind = found.find((x) => x.field === 'kind')?.value;
  const iso = found.find((x) => x.field === 'isocyanate')?.value;
  return (
    products.find((p) => p.kind === kind && (iso === undefined || p.isocyanate === iso)) ??
    products.find((p) => p.kind === kind) ??
    products.find((p) => p.kind === 'basecoat')!
  );
}

/** An id for a sheet of this name that none of those taken has. */
export function freshSheetId(name: string, taken: readonly string[]): string {
  const letters = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40);
  const stem = `own-${letters || 'own'}`;
  let id = stem;
  for (let n = 2; taken.includes(id); n++) id = `${stem}-${n}`;
  return id;
}

interface FaultSaid {
  readonly path: string;
  readonly expected: string;
}
/** What the server answers when sheets are brought in. */
export interface SheetsAnswer {
  readonly products?: Product[];
  readonly bad?: readonly { row: number; name: string; faults: readonly FaultSaid[] }[];
  readonly badCount?: number;
  readonly error?: string;
  readonly faults?: readonly FaultSaid[];
}
export interface Message {
  readonly bad: boolean;
  readonly lines: readonly string[];
}

const faultLine = (x: FaultSaid): string => `${x.path}: expected ${x.expected}`;
const MOST_ROWS_SAID = 6;

/** What came of bringing sheets in: what was taken, what was left out and why. */
export function broughtIn(answer: SheetsAnswer): Message {
  const { products, bad = [], badCount = bad.length, faults = [], error = 'Not read.' } = answer;
  if (!products) return { bad: true, lines: [error, ...faults.map(faultLine)] };
  const left = badCount > 0 ? ` Left out: ${badCount}.` : '';
  const rows = bad.slice(0, MOST_ROWS_SAID).map((b) => {
    const why = b.faults.slice(0, 2).map(faultLine).join('; ');
    return `Row ${b.row}${b.name ? `, ${b.name}` : ''}: ${why}`;
  });
  return { bad: bad.length > 0, lines: [`Brought in: ${products.length}.${left}`, ...rows] };
}

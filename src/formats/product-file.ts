/** Data sheets from outside: JSON or CSV, each sheet by itself, so that one bad row does not cost the good ones. */
import Papa from 'papaparse';
import { productSchema, type Product } from '@/model/product';
import { sheetFaults } from '@/core/coating/sheet-faults';
import { faultsOf, told, type Fault, type Parsed } from './faults';
import { parseJson, sheetWords } from './job-file';

export interface BadRow {
  readonly row: number;
  readonly name: string;
  readonly faults: readonly Fault[];
}
export interface SheetImport {
  readonly products: readonly Product[];
  /** The first rows that are no sheets. */
  readonly bad: readonly BadRow[];
  /** How many there are in all. */
  readonly badCount: number;
}
/** A job takes sixty sheets of its own; more in a file than this are not looked at. */
const MOST_SHEETS = 500;
const MOST_BAD_TOLD = 20;
const MOST_NAME = 80;

/** One sheet from any value, contradictions refused field by field. */
export function parseProduct(raw: unknown): Parsed<Product> {
  const parsed = productSchema.safeParse(raw);
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.error, raw) };
  const faults = sheetFaults(parsed.data).map((f): Fault => ({
    path: f.field,
    expected: sheetWords(f.code, f.params),
  }));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: parsed.data };
}

function nameIn(raw: unknown): string {
  const { name } = raw !== null && typeof raw === 'object' ? (raw as { name?: unknown }) : {};
  return typeof name === 'string' ? name.slice(0, MOST_NAME) : '';
}

/** A sheet, or what is wrong with it. @param known ids that are taken */
function sheetOrFaults(raw: unknown, known: ReadonlyMap<string, Product>): Parsed<Product> {
  const parsed = parseProduct(raw);
  if (!parsed.ok || !known.has(parsed.value.id)) return parsed;
  return {
    ok: false,
    faults: [{ path: 'id', expected: `an id that is not used twice (“${parsed.value.id}”)` }],
  };
}

function gather(raws: readonly unknown[], firstRow: number): Parsed<SheetImport> {
  if (raws.length > MOST_SHEETS)
    return {
      ok: false,
      faults: [{ path: '(the whole)', expected: `at most ${MOST_SHEETS} sheets (got ${raws.length})` }],
    };
  const products = new Map<string, Product>();
  const bad: BadRow[] = [];
  let badCount = 0;
  raws.forEach((raw, i) => {
    const parsed = sheetOrFaults(raw, products);
    if (parsed.ok) {
      products.set(parsed.value.id, parsed.value);
      return;
    }
    badCount++;
    if (badCount <= MOST_BAD_TOLD) bad.push({ row: firstRow + i, name: nameIn(raw), faults: parsed.faults });
  });
  return { ok: true, value: { products: [...products.values()], bad, badCount } };
}

/** A list of sheets, or one. */
export function parseProductsJson(text: string): Parsed<SheetImport> {
  const j = parseJson(text);
  if (!j.ok) return j;
  return gather(Array.isArray(j.value) ? j.value : [j.value], 1);
}

const NUMBERS = new Set([
  'filmUmPerCoat',
  'coats',
  'solidsFrac',
  'refTempC',
  'flashMin',
  'itselfMaxMin',
  'nextMinMin',
  'nextWetMaxMin',
  'nextBondMaxMin',
  'dustFreeMin',
  'touchDryMin',
  'handleMin',
  'sandMin',
  'potLifeMin',
  'tempMinC',
  'tempMaxC',
  'rhMaxFrac',
  'dewGapMinK',
  'windMaxMs',
  'heatRatedC',
  'cureMin',
  'hidesUm',
  'densityGPerMl',
  'flashPointC',
  'vocGPerL',
  'shelfClosedMonths',
  'shelfOpenMonths',
]);
const TEXTS = new Set(['id', 'name', 'maker', 'kind', 'role', 'chemistry', 'carrier', 'effect', 'gloss']);

/** Columns that are put together into packs and ratio, or read as yes and no. */
const OTHERS = new Set([
  'packMl',
  'packUnit',
  'packPrice',
  'mixBase',
  'mixHardener',
  'mixReducer',
  'isocyanate',
]);
type Cells = Readonly<Record<string, string | undefined>>;
/** Where the reader of CSV puts the cells of a row that has more of them than there are columns. */
const BEYOND = '__parsed_extra';

const textIn = (row: Cells, column: string): string => (row[column] ?? '').trim();
/** A figure where it is one, the text as it stands where it is none, undefined for an empty cell. */
function figureIn(row: Cells, column: string): number | string | undefined {
  const text = textIn(row, column);
  if (text === '') return undefined;
  return Number.isNaN(Number(text)) ? text : Number(text);
}
function yesOrNo(text: string): boolean | string {
  if (/^(yes|true|1)$/i.test(text)) return true;
  return /^(no|false|0)$/i.test(text) ? false : text;
}

/** One row as a sheet, still to be judged. */
function sheetOfRow(row: Cells): Record<string, unknown> {
  const sheet: Record<string, unknown> = { provenance: { rest: 'sheet' } };
  // Cells that have no column are no sheet: the field they stand under is named as unknown.
  if (BEYOND in row) sheet['a cell beyond the last column'] = row[BEYOND];
  for (const column of Object.keys(row)) {
    if (column === BEYOND) continue;
    const text = textIn(row, column);
    if (text === '') continue;
    if (NUMBERS.has(column)) sheet[column] = figureIn(row, column);
    else if (TEXTS.has(column)) sheet[column] = text;
    else if (column === 'isocyanate') sheet[column] = yesOrNo(text);
  }
  const unit = textIn(row, 'packUnit') || 'can';
  sheet.packs = [{ sizeMl: figureIn(row, 'packMl'), unit, price: figureIn(row, 'packPrice') ?? 0 }];
  const base = figureIn(row, 'mixBase');
  if (base === undefined) return sheet;
  const hardener = figureIn(row, 'mixHardener') ?? 0;
  return { ...sheet, mix: { base, hardener, reducer: figureIn(row, 'mixReducer') ?? 0 } };
}

function headerFaults(fields: readonly string[]): Fault[] {
  if (!fields.includes('id') || !fields.includes('name')) {
    const got = fields.slice(0, 6).join(', ') || 'none';
    const expected = `columns named as the fields of a sheet, among them id and name (got ${got})`;
    return [{ path: '(header)', expected }];
  }
  const unknown = fields.filter((f) => !NUMBERS.has(f) && !TEXTS.has(f) && !OTHERS.has(f));
  return unknown.map((path) => ({ path, expected: 'no such column; check the spelling or take it out' }));
}

/**
 * CSV with a header row of field names; packs as packMl, packUnit and packPrice; the ratio as
 * mixBase, mixHardener, mixReducer; isocyanate as yes or no. Rows count from 2, as a spreadsheet shows them.
 */
export function parseProductsCsv(text: string): Parsed<SheetImport> {
  const table = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim(),
  });
  const { fields = [], renamedHeaders } = table.meta;
  const doubled = Object.values(renamedHeaders ?? {}).map((path) => ({
    path,
    expected: 'a column named once',
  }));
  const faults = doubled.length > 0 ? doubled : headerFaults(fields);
  if (faults.length > 0) return { ok: false, faults: told(faults) };
  return gather(table.data.map(sheetOfRow), 2);
}

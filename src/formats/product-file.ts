/** Data sheets from outside: JSON or CSV, each sheet by itself, so that one bad row does not cost the good ones. */
import Papa from 'papaparse';
import { productSchema, sheetFaults, type Product } from '@/model/product';
import { faultsOf, type Fault, type Parsed } from './faults';
import { parseJson, sheetWords } from './job-file';

export interface SheetImport {
  readonly products: readonly Product[];
  readonly bad: readonly { readonly row: number; readonly name: string; readonly faults: readonly Fault[] }[];
}

/** One sheet from any value, contradictions refused field by field. */
export function parseProduct(raw: unknown): Parsed<Product> {
  const r = productSchema.safeParse(raw);
  if (!r.success) return { ok: false, faults: faultsOf(r.error, raw) };
  const faults = sheetFaults(r.data).map((f): Fault => ({
    path: f.field,
    expected: sheetWords(f.code, f.params),
  }));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: r.data };
}

function gather(raws: readonly unknown[], firstRow: number): SheetImport {
  const products: Product[] = [];
  const bad: { row: number; name: string; faults: readonly Fault[] }[] = [];
  raws.forEach((raw, i) => {
    const name =
      typeof raw === 'object' && raw !== null && typeof (raw as { name?: unknown }).name === 'string'
        ? (raw as { name: string }).name
        : '';
    const r = parseProduct(raw);
    if (!r.ok) bad.push({ row: firstRow + i, name, faults: r.faults });
    else if (products.some((p) => p.id === r.value.id))
      bad.push({
        row: firstRow + i,
        name,
        faults: [{ path: 'id', expected: `an id that is not used twice (“${r.value.id}”)` }],
      });
    else products.push(r.value);
  });
  return { products, bad };
}

/** A list of sheets, or one. */
export function parseProductsJson(text: string): Parsed<SheetImport> {
  const j = parseJson(text);
  if (!j.ok) return j;
  return { ok: true, value: gather(Array.isArray(j.value) ? j.value : [j.value], 1) };
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
  const fields = table.meta.fields ?? [];
  if (!fields.includes('id') || !fields.includes('name'))
    return {
      ok: false,
      faults: [
        {
          path: '(header)',
          expected: `columns named as the fields of a sheet, among them id and name (got ${fields.slice(0, 6).join(', ') || 'none'})`,
        },
      ],
    };
  const unknown = fields.filter(
    (f) =>
      !NUMBERS.has(f) &&
      !TEXTS.has(f) &&
      !['packMl', 'packUnit', 'packPrice', 'mixBase', 'mixHardener', 'mixReducer', 'isocyanate'].includes(f),
  );
  if (unknown.length > 0)
    return {
      ok: false,
      faults: unknown.map((f) => ({
        path: f,
        expected: 'no such column; check the spelling or take it out',
      })),
    };
  const rows = table.data.map((row) => {
    const out: Record<string, unknown> = { provenance: { rest: 'sheet' } };
    for (const [k, cell] of Object.entries(row)) {
      const v = (cell ?? '').trim();
      if (v === '') continue;
      if (NUMBERS.has(k)) out[k] = Number.isNaN(Number(v)) ? v : Number(v);
      else if (TEXTS.has(k)) out[k] = v;
      else if (k === 'isocyanate')
        out[k] = /^(yes|true|1)$/i.test(v) ? true : /^(no|false|0)$/i.test(v) ? false : v;
    }
    const n = (k: string): number | string | undefined => {
      const v = (row[k] ?? '').trim();
      return v === '' ? undefined : Number.isNaN(Number(v)) ? v : Number(v);
    };
    out.packs = [
      { sizeMl: n('packMl'), unit: (row.packUnit ?? '').trim() || 'can', price: n('packPrice') ?? 0 },
    ];
    if (n('mixBase') !== undefined)
      out.mix = { base: n('mixBase'), hardener: n('mixHardener') ?? 0, reducer: n('mixReducer') ?? 0 };
    return out;
  });
  return { ok: true, value: gather(rows, 2) };
}

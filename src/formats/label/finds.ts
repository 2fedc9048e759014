/** What a label said: fields with their values, the words each was read from, and the range where there was one. */
export type LabelField =
  | 'mix'
  | 'flashMin'
  | 'nextMinMin'
  | 'nextBondMaxMin'
  | 'itselfMaxMin'
  | 'itselfForbiddenMin'
  | 'dustFreeMin'
  | 'touchDryMin'
  | 'handleMin'
  | 'sandMin'
  | 'cureMin'
  | 'potLifeMin'
  | 'coats'
  | 'filmUmPerCoat'
  | 'solidsFrac'
  | 'coverM2'
  | 'coverM2PerL'
  | 'tempMinC'
  | 'tempMaxC'
  | 'rhMaxFrac'
  | 'dewGapMinK'
  | 'packMl'
  | 'packG'
  | 'vocGPerL'
  | 'flashPointC'
  | 'tipMm'
  | 'densityGPerMl'
  | 'isocyanate'
  | 'gloss'
  | 'kind'
  | 'refTempC'
  | 'shelfClosedMonths'
  | 'shelfOpenMonths';
export type LabelValue =
  | number
  | boolean
  | string
  | readonly [number, number]
  | { readonly base: number; readonly hardener: number; readonly reducer: number };
export type Range = readonly [number, number];
export interface LabelFind {
  readonly field: LabelField;
  readonly value: LabelValue;
  /** The words it was read from. */
  readonly from: string;
  /** What the label gave where it was a range. */
  readonly range?: Range;
}

/** Finds as they are made; the first of a field stays. */
export class Finds {
  readonly list: LabelFind[] = [];

  add(field: LabelField, value: LabelValue, from: string, range?: Range): void {
    if (typeof value === 'number' && !Number.isFinite(value)) return;
    if (this.list.some((x) => x.field === field)) return;
    const asRange = range && range[0] !== range[1] ? { range } : {};
    this.list.push({ field, value, from: from.trim(), ...asRange });
  }

  /** Takes back what was read from these words, which turned out to mean something else. */
  remove(field: LabelField, from: string): void {
    const i = this.list.findIndex((x) => x.field === field && x.from === from.trim());
    if (i >= 0) this.list.splice(i, 1);
  }
}

/** A sentence is made from the params of its code and the units of the screen. */
import type { Notice } from '@/model/marks';
import type { Format } from '../format';

export type Say = (p: Reader, f: Format) => string;
export type Sentences = Readonly<Record<string, Say>>;

/** Params with a fallback, so that a missing one shows as a dash and never as "undefined". */
export class Reader {
  constructor(private readonly params: Notice['params']) {}
  s(key: string): string {
    const v = this.params[key];
    return v === undefined ? '–' : String(v);
  }
  n(key: string): number {
    const v = this.params[key];
    return typeof v === 'number' ? v : Number.NaN;
  }
}

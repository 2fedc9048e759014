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
  /** The same params under another code. */
  told(code: string, tell: (notice: Notice, f: Format) => string, f: Format): string {
    return tell({ code, params: this.params }, f);
  }
  n(key: string): number {
    const v = this.params[key];
    return typeof v === 'number' ? v : Number.NaN;
  }
}

/** The one who says the notices of a table; a code of a later version is told as such, not hidden. */
export function teller(table: Sentences): (notice: Notice, f: Format) => string {
  return (notice, f) => {
    const say = table[notice.code];
    return say
      ? say(new Reader(notice.params), f)
      : 'Something of a later version, which this one has no words for.';
  };
}

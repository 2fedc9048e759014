/**
 * What was tried in this air: limit tables by product, starts by session. A start that was tried once is not
 * tried again while another is moved or other hours are free; it changes no result, and goes with the air it
 * belongs to.
 */
import type { Product } from '@/model/product';
import type { AtPart } from '../../air/at-part';
import { Clocks } from '../../drying/clocks';
import type { DryingSchool } from '../../drying/rate';
import { remember } from '../../records/remember';
import { limitTable, type LimitTable } from './limits';
import type { Tried } from './start-option';

type Try = (startMs: number) => Tried;

export interface Memory {
  readonly clocks: Clocks;
  limitsOf(p: Product): LimitTable;
  /** @param session all that a start of it hangs on but the hours */
  triedOf(session: string, tryIt: Try): Try;
}

const memories = new WeakMap<AtPart, Map<DryingSchool, Memory>>();
const SESSIONS_KEPT = 24;

function freshMemory(air: AtPart, school: DryingSchool): Memory {
  const tables = new WeakMap<Product, LimitTable>();
  const sessions = new Map<string, Map<number, Tried>>();
  return {
    clocks: new Clocks(air, school),
    limitsOf: (p) => {
      const table = tables.get(p) ?? limitTable(air, p);
      tables.set(p, table);
      return table;
    },
    triedOf: (session, tryIt) => {
      const known = remember(sessions, session, SESSIONS_KEPT, () => new Map<number, Tried>());
      return (startMs) => remember(known, startMs, Infinity, () => tryIt(startMs));
    },
  };
}

export function memoryOf(air: AtPart, school: DryingSchool): Memory {
  const bySchool = memories.get(air) ?? new Map<DryingSchool, Memory>();
  memories.set(air, bySchool);
  const memory = bySchool.get(school) ?? freshMemory(air, school);
  bySchool.set(school, memory);
  return memory;
}

/**
 * What was judged in this air: limit tables by product, starts by session and free hours. A start
 * that was tried once is not tried again while another is moved; it changes no result, and goes
 * with the air it belongs to.
 */
import type { Product } from '@/model/product';
import type { AtPart } from '../../air/at-part';
import { Clocks } from '../../drying/clocks';
import type { DryingSchool } from '../../drying/rate';
import { remember } from '../../records/remember';
import { limitTable, type LimitTable } from './limits';
import type { Manner, StartOption } from './start-option';

type Judge = (startMs: number, manner: Manner) => StartOption;

export interface Memory {
  readonly clocks: Clocks;
  limitsOf(p: Product): LimitTable;
  judgeOf(session: string, judge: Judge): Judge;
}

const memories = new WeakMap<AtPart, Map<DryingSchool, Memory>>();
const SESSIONS_KEPT = 24;

function freshMemory(air: AtPart, school: DryingSchool): Memory {
  const tables = new WeakMap<Product, LimitTable>();
  const sessions = new Map<string, Map<string, StartOption>>();
  return {
    clocks: new Clocks(air, school),
    limitsOf: (p) => {
      const table = tables.get(p) ?? limitTable(air, p);
      tables.set(p, table);
      return table;
    },
    judgeOf: (session, judge) => {
      const options = remember(sessions, session, SESSIONS_KEPT, () => new Map<string, StartOption>());
      return (startMs, manner) => {
        const key = manner === 'by-hand' ? `${startMs}!` : String(startMs);
        const known = options.get(key);
        if (known && !(known.isSkipped && manner === 'told')) return known;
        const option = judge(startMs, manner);
        options.set(key, option);
        return option;
      };
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

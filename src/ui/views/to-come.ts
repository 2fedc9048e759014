/** What the film still asks for once every coat is on, in words. */
import { instantOf } from '@/core/time/instant';
import type { Plan } from '@/model/plan';
import type { Format } from '@/words/format';
import type { CureRow } from './finish';

type What = Plan['toCome'][number]['what'];
const WORDS: Readonly<Record<What, readonly [name: string, advice: string]>> = {
  'dust-free': ['Dust-free', 'Until then nothing that stirs dust, and no hand on it.'],
  untape: ['Tape off', 'Pull it back over itself; cut along it where the film is hard.'],
  handle: ['Handle-dry', 'Until then no rain, dew or cold on it; after it, it may be carried.'],
  polish: ['May be flatted and polished', 'Not before, or the scratches sink in again.'],
  cured: ['Hard for good', 'Wax, fuel, pressure washing and bolts drawn up tight wait for it.'],
};

export interface ToComeRow {
  readonly what: What;
  readonly name: string;
  readonly advice: string;
  /** By the sheet it is a day. */
  readonly when: string;
  readonly isPast: boolean;
}

/** @param wax when it may be waxed as Finish & log has it: past the forecast the one date is the other's */
export const toComeRows = (
  plan: Pick<Plan, 'toCome'>,
  nowMs: number,
  f: Format,
  wax?: Pick<CureRow, 'when' | 'atMs'>,
): ToComeRow[] =>
  plan.toCome.map(({ what, at, bySheet }) => {
    const [name, advice] = WORDS[what];
    if (what === 'cured' && bySheet && wax && wax.atMs !== null)
      return { what, name, advice, when: wax.when, isPast: wax.atMs <= nowMs };
    const when = bySheet ? `about ${f.day(at)}` : f.dayTime(at);
    return { what, name, advice, when, isPast: instantOf(at) <= nowMs };
  });

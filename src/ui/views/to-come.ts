/** What the film still asks for once every coat is on, in words. */
import { instantOf } from '@/core/time/instant';
import type { Plan } from '@/model/plan';
import type { Format } from '@/words/format';

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

export const toComeRows = (plan: Pick<Plan, 'toCome'>, nowMs: number, f: Format): ToComeRow[] =>
  plan.toCome.map(({ what, at, bySheet }) => {
    const [name, advice] = WORDS[what];
    const when = bySheet ? `about ${f.day(at)}` : f.dayTime(at);
    return { what, name, advice, when, isPast: instantOf(at) <= nowMs };
  });

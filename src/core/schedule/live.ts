/** A session while its start is sought: its draft, every start judged, and what is at stake. */
import type { Runner } from './judge/runner';
import type { StartOption } from './judge/start-option';
import type { Pool } from './decide/odds';
import type { Stakes } from './search/stakes';
import type { Draft } from './work/draft';

export interface Live {
  readonly draft: Draft;
  readonly runner: Runner;
  readonly options: readonly StartOption[];
  /** Its start set by hand, ms; null where it is chosen. */
  readonly pinMs: number | null;
  readonly stakes: Stakes;
  /** The week of its starts, towards which the odds of each are drawn. */
  readonly pool: Pool;
  /** Of what it sprays, m². */
  readonly areaM2: number;
}

/** A start with fewer good futures than this is never proposed. */
const LEAST_SHARE = 0.2;
export const holdsUp = (o: StartOption): boolean => o.centralOk && o.good >= LEAST_SHARE * o.of;

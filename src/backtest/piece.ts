/** One world played under every policy, as one line of what is kept. */
import type { Climate } from '@/standins/climates';
import { jobOf, type Kind, type Shelter } from './jobs';
import { play, type Played, type Stated } from './play';
import { POLICIES } from './policies';
import { probesOf } from './probe';
import { tracesOf, type Trace } from './trace';
import { Sky, worldOf } from './world';

export interface PieceId {
  readonly kind: Kind;
  readonly shelter: Shelter;
  readonly climate: Climate;
  readonly seed: number;
}

export interface Piece extends PieceId {
  readonly played: Readonly<Record<string, Played>>;
  readonly probes: readonly Stated[];
  /** Looks of the world, for a policy that is learned from them. */
  readonly traces: readonly Trace[];
}

export function playPiece(id: PieceId): Piece {
  const sky = new Sky(worldOf(id.climate, id.seed));
  const job = jobOf(id.kind, id.shelter, sky.world);
  const played = Object.fromEntries(
    Object.entries(POLICIES).map(([name, policy]) => [name, play(sky, job, policy)]),
  );
  const isOne = id.kind === 'one-lot' || id.kind === 'weekends';
  return {
    ...id,
    played,
    probes: id.kind === 'one-lot' ? probesOf(sky, job) : [],
    traces: isOne ? tracesOf(sky, job) : [],
  };
}

/** One world in one place under every policy: what is kept of it, a line each. */
import type { Climate } from '@/standins/climates';
import { jobsOf, kindCard, type Kind, type Shelter } from './jobs';
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

let last: Sky | null = null;
/** The sky of the last world, or of another: places and kinds of one world follow one another. */
function skyOf({ climate, seed }: PieceId): Sky {
  if (last?.world.climate !== climate || last.world.seed !== seed) last = new Sky(worldOf(climate, seed));
  return last;
}

export function playPiece(id: PieceId): Piece {
  const sky = skyOf(id);
  const jobs = jobsOf(id.kind, id.shelter, sky.world);
  const { isParted } = kindCard(id.kind);
  const played = Object.fromEntries(
    Object.keys(POLICIES).map((policy) => [policy, play({ sky, policy, isParted }, jobs)]),
  );
  const isOne = id.kind === 'one-lot' || id.kind === 'weekends';
  return {
    ...id,
    played,
    probes: id.kind === 'one-lot' ? probesOf(sky, jobs[0]!) : [],
    traces: isOne ? tracesOf(sky, jobs[0]!) : [],
  };
}

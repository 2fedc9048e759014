/** How a coat is laid: how far off, how much of the last pass is covered again. Common practice, figures from memory. */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import type { Character } from './character';

export interface Laying {
  /** From nozzle to part, mm. */
  readonly distanceMm: readonly [number, number];
  /** Of the fan, over the pass before, 0…1. */
  readonly overlapFrac: number;
}

type Sprayer = Job['equipment']['sprayer'];
const DISTANCE_MM: Readonly<Record<Sprayer, readonly [number, number]>> = {
  aerosol: [200, 300],
  conventional: [150, 250],
  hvlp: [130, 200],
  lvlp: [130, 200],
};
/** Flakes and the light last coat of an effect come from further off. */
const FAR_MM: readonly [number, number] = [300, 350];
const IS_FAR: ReadonlySet<Character> = new Set(['drop', 'flake']);

/** A fan is thin at its edges: a can half over, a gun three quarters. */
const OVERLAP = { aerosol: 0.5, gun: 0.75 } as const;

export function layingOf(
  { carrier }: Pick<Product, 'carrier'>,
  sprayer: Sprayer,
  character: Character,
): Laying {
  // A can is a can, whatever gun the job has besides; a tin is sprayed by the kind of gun that learners have.
  const gun = sprayer === 'aerosol' ? 'hvlp' : sprayer;
  const by = carrier === 'aerosol' ? 'aerosol' : gun;
  return { distanceMm: IS_FAR.has(character) ? FAR_MM : DISTANCE_MM[by], overlapFrac: OVERLAP[carrier] };
}

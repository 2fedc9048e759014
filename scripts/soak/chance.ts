/** Choosing at random, from a seeded source. */
import type { uniform } from '@/core/numerics/random';

export type Chance = ReturnType<typeof uniform>;

export const pick = <T>(chance: Chance, list: readonly T[]): T => list[Math.floor(chance() * list.length)]!;

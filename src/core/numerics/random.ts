/** Seeded chance: the same seed gives the same numbers on any machine. */
import { randomNormal } from 'd3-random';

/** FNV-1a hash of a text, an unsigned 32-bit seed. */
export function seedOf(text: string): number {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  return h >>> 0;
}

/** Uniform numbers in [0, 1) from a 32-bit seed (the public-domain mulberry32 recurrence). */
export function uniform(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), a | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard normal numbers from a 32-bit seed. */
export function normals(seed: number): () => number {
  return randomNormal.source(uniform(seed))(0, 1);
}

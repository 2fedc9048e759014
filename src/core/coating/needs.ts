/** What a part asks for before anything else goes on it. Common practice, no source. */
import type { Part } from '@/model/job';

export type Need = (p: Part) => boolean;

const has = (
  p: Part,
  substrates: readonly Part['substrate'][],
  conditions: readonly Part['condition'][],
): boolean => substrates.includes(p.substrate) && conditions.includes(p.condition);

export const bareMetal: Need = (p) => has(p, ['steel', 'aluminium'], ['bare']);
export const rawPlastic: Need = (p) => has(p, ['pp', 'abs'], ['bare']);
export const rawWood: Need = (p) => has(p, ['wood'], ['bare']);
/** What epoxy alone answers: zinc, rust, filler, a paint nobody knows, gelcoat. */
export const wantsEpoxy: Need = (p) =>
  has(p, ['galvanised', 'fibreglass'], ['bare']) || ['filled', 'rust', 'unknown-paint'].includes(p.condition);
/** Something to level. */
export const rough: Need = (p) =>
  ['failing-clear', 'chipped'].includes(p.condition) || bareMetal(p) || wantsEpoxy(p) || rawWood(p);

/** What a part asks for before anything else goes on it. Common practice, no source. */
import type { Part } from '@/model/job';
import { isPainted, METALS, PLASTICS, TIMBER } from '@/model/substrates';

export type Need = (p: Part) => boolean;

const has = (
  p: Part,
  substrates: readonly Part['substrate'][],
  conditions: readonly Part['condition'][],
): boolean => substrates.includes(p.substrate) && conditions.includes(p.condition);

/** Zinc is scuffed, not cut; plating is epoxy's, if anything's. */
const EPOXY_METALS: readonly Part['substrate'][] = ['galvanised', 'chrome'];
const ETCHED = METALS.filter((m) => !EPOXY_METALS.includes(m));
const PROMOTABLE = PLASTICS.filter((p) => p !== 'pe' && p !== 'rubber');

export const bareMetal: Need = (p) => has(p, ETCHED, ['bare']);
/** Filler on plastic lies in a rim of bare plastic. */
export const rawPlastic: Need = (p) => has(p, PROMOTABLE, ['bare', 'filled']);
export const rawWood: Need = (p) => has(p, TIMBER, ['bare']);
/** Old paint that only epoxy may lie on: nobody knows it, or a one-part primer lifts it. */
const ISOLATED: readonly Part['film'][] = ['soft', 'lacquer', 'nitro', 'varnish', 'shellac'];
const isolated = (p: Part): boolean =>
  p.film === undefined ? p.condition === 'unknown-paint' : isPainted(p) && ISOLATED.includes(p.film);
/** What epoxy alone answers: zinc, rust, filler, a paint nobody knows, gelcoat. */
export const wantsEpoxy: Need = (p) =>
  has(p, [...EPOXY_METALS, 'fibreglass'], ['bare']) ||
  ['filled', 'rust'].includes(p.condition) ||
  isolated(p);
/** Nothing to level on a bare grain: every coat fills it, and blocking would cut it. */
export const levelled: Need = (p) => !has(p, ['textured'], ['bare']);
/** Something to level. */
export const rough: Need = (p) =>
  ['failing-clear', 'chipped'].includes(p.condition) || bareMetal(p) || wantsEpoxy(p) || rawWood(p);

/**
 * Which can goes on what: old and low cans on edges and hidden returns, the full can on flat faces,
 * no change of can in the middle of a visible face, the spare sealed. Common practice.
 */
import type { CoatUse } from './coat-uses';

export interface Can {
  /** what can be sprayed from it, ml */ readonly usableMl: number;
  readonly partly: boolean;
}
export interface Stroke {
  readonly layerId: string;
  readonly coat: number;
  readonly partId: string;
  readonly where: 'edges' | 'face';
  /** index of the can */ readonly can: number;
  readonly ml: number;
  /** the face needs more than one can: changed at an overlap, not in the middle */ readonly changed: boolean;
}
export interface Assignment {
  readonly strokes: readonly Stroke[];
  readonly leftMl: readonly number[];
  /** ml that no can covers */ readonly shortMl: number;
}

type Sprayed = Pick<CoatUse, 'layerId' | 'coat' | 'partId' | 'sprayMl' | 'edgeMl'>;

const EPS = 1e-9;

/**
 * Strokes in the order they are sprayed: coat by coat, edges of every part first, then faces.
 * @param isFlat parts that lie flat: a can that is tipped and low sucks gas, so a part-used one never does them
 * while a full one is there
 */
export function assignCans(
  uses: readonly Sprayed[],
  cans: readonly Can[],
  isFlat: (partId: string) => boolean = () => false,
): Assignment {
  const left = cans.map((c) => c.usableMl);
  const touched = cans.map((c) => c.partly);
  const strokes: Stroke[] = [];
  let shortMl = 0;
  const put = (use: Sprayed, stroke: Pick<Stroke, 'where' | 'can' | 'ml' | 'changed'>): void => {
    if (stroke.ml <= EPS) return;
    left[stroke.can]! -= stroke.ml;
    touched[stroke.can] = true;
    strokes.push({ layerId: use.layerId, coat: use.coat, partId: use.partId, ...stroke });
  };
  const open = (i: number): boolean => left[i]! > EPS;
  const indices = cans.map((_c, i) => i);
  const lowFirst = (a: number, b: number): number =>
    Number(touched[b]) - Number(touched[a]) || (touched[a] ? left[a]! - left[b]! : a - b);
  const coats = [...new Map(uses.map((u) => [`${u.layerId}.${u.coat}`, u])).values()];
  for (const c of coats) {
    const now = uses.filter((u) => u.layerId === c.layerId && u.coat === c.coat);
    // Edges may be broken off anywhere: the lowest open can first, partly used before full.
    for (const u of now) {
      let ml = u.edgeMl;
      for (const i of indices.filter(open).sort(lowFirst)) {
        if (ml <= EPS) break;
        const x = Math.min(ml, left[i]!);
        put(u, { where: 'edges', can: i, ml: x, changed: false });
        ml -= x;
      }
      if (ml > EPS) shortMl += ml;
    }
    for (const u of now) {
      const ml = u.sprayMl - u.edgeMl;
      if (ml <= EPS) continue;
      // The lowest open can that does the whole face; a can is broached only when none does.
      const tips = isFlat(u.partId) && cans.some((can, k) => !can.partly && open(k));
      const fit = indices.filter((k) => !(tips && cans[k]!.partly));
      const whole = fit
        .filter((k) => left[k]! >= ml - EPS)
        .sort((a, b) => Number(touched[b]) - Number(touched[a]) || left[a]! - left[b]!)[0];
      if (whole !== undefined) {
        put(u, { where: 'face', can: whole, ml: Math.min(ml, left[whole]!), changed: false });
        continue;
      }
      let rest = ml;
      // What is low does what is left when nothing else is there.
      const late = (k: number): number => Number(tips && cans[k]!.partly);
      for (const i of indices.filter(open).sort((a, b) => late(a) - late(b) || left[b]! - left[a]!)) {
        if (rest <= EPS) break;
        const x = Math.min(rest, left[i]!);
        put(u, { where: 'face', can: i, ml: x, changed: true });
        rest -= x;
      }
      if (rest > EPS) shortMl += rest;
    }
  }
  return { strokes, leftMl: left, shortMl };
}

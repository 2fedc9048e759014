/**
 * A system for the surface at hand, bottom first: what an experienced painter with cans would
 * take. It never proposes a seam whose verdict is "no"; where no system exists it says so.
 */
import type { Job, Part, SystemLayer } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { Product } from '@/model/product';

export interface Suggestion { readonly layers: readonly SystemLayer[]; readonly why: readonly Notice[] }

type Need = (p: Part) => boolean;
const bareMetal: Need = (p) => p.condition === 'bare' && (p.substrate === 'steel' || p.substrate === 'aluminium');
const rawPlastic: Need = (p) => p.condition === 'bare' && (p.substrate === 'pp' || p.substrate === 'abs');

/** The first product of a kind that fits; the job's own sheets come first. */
function find(products: ReadonlyMap<string, Product>, own: readonly Product[], fits: (p: Product) => boolean): Product | undefined {
  return own.find(fits) ?? [...products.values()].find(fits);
}

export function suggest(job: Job, products: ReadonlyMap<string, Product>): Suggestion {
  const own = job.products ?? [];
  const carrier = job.equipment.sprayer === 'aerosol' ? 'aerosol' : 'gun';
  // A gun job takes gun products where there are any, and cans for the rest.
  const pick = (fits: (p: Product) => boolean): Product | undefined =>
    find(products, own, (p) => p.carrier === carrier && fits(p)) ?? find(products, own, fits);
  const layers: SystemLayer[] = [];
  const why: Notice[] = [];
  const add = (p: Product | undefined, coats: number, need: Need | null, reason: string): void => {
    if (!p) return;
    const only = need ? job.parts.filter(need).map((x) => x.id) : null;
    if (only?.length === 0) return;
    layers.push({ role: p.role, productId: p.id, coats, ...(only && only.length < job.parts.length ? { only } : {}) });
    why.push({ code: reason, params: { product: p.name } });
  };

  const { purpose } = job;
  if (purpose.exposure.includes('heat')) {
    const heat = pick((p) => p.kind === 'heat-paint');
    add(heat, heat?.coats ?? 2, null, 'why-heat');
    return { layers, why };
  }
  const promoter = pick((p) => p.kind === 'adhesion-promoter');
  add(promoter, promoter?.coats ?? 1, rawPlastic, 'why-promoter');
  const etch = pick((p) => p.kind === 'etch-primer');
  add(etch, etch?.coats ?? 1, bareMetal, 'why-etch');
  const filler = pick((p) => p.kind === 'filler-primer');
  // Something to level asks for the full three coats; smooth plastic and electro-coat for two.
  const rough = job.parts.some((p) => p.condition === 'failing-clear' || bareMetal(p));
  add(filler, rough ? 3 : 2, null, rough ? 'why-filler-level' : 'why-filler-even');
  const base = pick((p) => p.kind === 'basecoat' && (p.effect ?? 'solid') === purpose.colour.kind);
  add(base, base?.coats ?? 3, null, purpose.colour.kind === 'metallic' ? 'why-base-metallic' : 'why-base');
  // Isocyanate only where air-fed protection is at hand; otherwise one component.
  const two = pick((p) => p.kind === 'clear' && p.chemistry === '2k-urethane' && p.gloss === purpose.finish);
  const one = pick((p) => p.kind === 'clear' && p.chemistry === '1k-acrylic' && p.gloss === purpose.finish);
  const hard = job.equipment.suppliedAir && two;
  add(hard ? two : one ?? two, (hard ? two : one ?? two)?.coats ?? 2, null, hard ? 'why-two-pack-clear' : 'why-one-pack-clear');
  return { layers, why };
}

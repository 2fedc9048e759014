/** What is left of what is bought, and what it is worth to the next job. */
import { productIn } from '../seams/seam';
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import { cheapestPerMl, ingredientsOf, type Ingredient } from './ingredients';
import { packsMl } from './packs';
import { leftoverShare } from './shelf';
import { takenMl } from './used';

export interface Leftover {
  readonly productId: string;
  readonly ingredientId: string;
  readonly part: Ingredient['part'];
  readonly colour: string | null;
  readonly ml: number;
  readonly worth: number;
  /** 1 keeps, 0 dies. */
  readonly keeps: number;
}

type Named = Pick<Leftover, 'productId' | 'ingredientId' | 'part' | 'colour' | 'keeps'>;
/** One thing to be left: a product in its colour, or what it is mixed with. */
export interface InPacks extends Named {
  readonly key: string;
  /** The largest pack that is bought, ml; 0 where none is. */
  packMl: number;
  boughtMl: number;
  shelfMl: number;
  usedMl: number;
  readonly perMl: number;
}

/**
 * What is bought, in hand and used of each ingredient over all lines; two colours of one product are two
 * things, what they are mixed with is one.
 * @param shareOf what was used of a product over what the plan expects; as planned where it is left out
 */
export function inPacks(
  job: Job,
  materials: readonly Material[],
  products: ReadonlyMap<string, Product>,
  shareOf: (productId: string) => number = () => 1,
): InPacks[] {
  const by = new Map<string, InPacks>();
  for (const material of materials.filter((x) => !x.begun)) {
    const product = productIn(products, material.productId);
    const offers = ingredientsOf(product, job.prices);
    material.ingredients.forEach((ingredient, i) => {
      const isBase = ingredient.part === 'base';
      const key = isBase ? `${ingredient.id} ${material.colour?.hex ?? ''}` : ingredient.id;
      const sum = by.get(key) ?? {
        key,
        packMl: 0,
        productId: product.id,
        ingredientId: ingredient.id,
        part: ingredient.part,
        colour: isBase ? (material.colour?.name ?? null) : null,
        keeps: leftoverShare(product, ingredient.part),
        boughtMl: 0,
        shelfMl: 0,
        usedMl: 0,
        perMl: cheapestPerMl(offers[i]!),
      };
      sum.packMl = Math.max(sum.packMl, ...ingredient.packs.map((p) => p.size));
      sum.boughtMl += packsMl(ingredient.packs);
      sum.shelfMl += ingredient.shelfMl;
      const rinseMl = ingredient.part === 'reducer' ? material.rinseMl : 0;
      const share = material.needMl > 0 ? (ingredient.needMl - rinseMl) / material.needMl : 0;
      sum.usedMl += takenMl(material) * share * shareOf(product.id) + rinseMl;
      by.set(key, sum);
    });
  }
  return [...by.values()];
}

/** Only what was bought for the job is reckoned; what came from the shelf goes back to it. */
export function leftovers(
  job: Job,
  materials: readonly Material[],
  products: ReadonlyMap<string, Product>,
): Leftover[] {
  const bought = inPacks(job, materials, products).filter((x) => x.boughtMl > 0);
  return bought.map(({ productId, ingredientId, part, colour, keeps, ...sum }) => {
    const ml = Math.max(0, sum.shelfMl + sum.boughtMl - sum.usedMl);
    return { productId, ingredientId, part, colour, keeps, ml, worth: ml * sum.perMl * keeps };
  });
}

/** What the gun is rinsed with: gun wash, or the reducer of what was in it, which is then bought for both uses. */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { ingredientsOf } from './ingredients';

/** For one clean, ml. From memory. */
export const RINSE_ML = 150;

/** A product without a reducer is washed out with gun wash all the same. */
export const isReducerRinsed = ({ equipment }: Pick<Job, 'equipment'>, product: Product): boolean =>
  equipment.rinsesWithReducer === true &&
  product.carrier === 'gun' &&
  ingredientsOf(product).some((g) => g.part === 'reducer');

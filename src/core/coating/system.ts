/** The system of a job: layers by hand or proposed, with their verdicts. Cheap enough to ask at every keystroke. */
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { Product } from '@/model/product';
import { withoutMends } from '../mends/taken';
import { withZones } from '../surface/zones';
import { buildUp, type BuildUp } from './build-up';
import { CATALOGUE, productsOf } from './catalogue';
import { withFelt } from './felt';
import { withOwnLimits } from './own-limits';
import { schooled } from './schools';
import type { System } from '../seams/seam';
import { suggest } from './suggest';

export interface SystemResult extends BuildUp, System {
  readonly suggested: boolean;
  readonly why: readonly Notice[];
  readonly products: ReadonlyMap<string, Product>;
}

export function systemFor(whole: Job, catalogue: readonly Product[] = CATALOGUE): SystemResult {
  const job = withZones(whole);
  const asSprayed = schooled(job, productsOf(catalogue, job.products));
  const products = withOwnLimits(job.place, withFelt(job, asSprayed));
  const proposed = job.system ? null : suggest(withoutMends(job), products);
  return {
    ...buildUp(job, job.system?.layers ?? proposed!.layers, products),
    suggested: proposed !== null,
    why: proposed?.why ?? [],
    products,
  };
}

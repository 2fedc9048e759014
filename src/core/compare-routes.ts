/**
 * The usual routes side by side: layers, coats, sessions, hours and money of each, for the surface and
 * purpose at hand.
 */
import { layersUm } from './coating/film-budget';
import { beforehand } from './schedule/work/beforehand';
import { productIn, type System } from './seams/seam';
import type { Job, SystemLayer } from '@/model/job';
import type { Notice } from '@/model/marks';
import { buildUp } from './coating/build-up';
import { CATALOGUE, productsOf } from './coating/catalogue';
import { proposals } from './coating/suggest';
import { type Route } from './coating/routes';
import { materialsOf } from './material/materials';
import { withZones } from './surface/zones';

export interface RouteSummary {
  readonly route: Route;
  readonly layers: readonly SystemLayer[];
  readonly names: readonly string[];
  readonly coats: number;
  readonly filmUm: number;
  readonly sessions: number;
  /** Hands-on hours, waits not counted. */
  readonly handsOnH: number;
  readonly cost: number;
  readonly isocyanate: boolean;
  readonly recommended: boolean;
  readonly why: readonly Notice[];
}

/** A route with the system it comes to. */
export interface RouteWithSystem {
  readonly summary: RouteSummary;
  readonly system: System;
}

/** @returns up to four routes, the one for the owner's kit first; empty when none holds */
export function compareRoutes(job: Job): RouteWithSystem[] {
  const products = productsOf(CATALOGUE, job.products);
  // What is already sprayed belongs to the build-up chosen; a comparison starts from the bare part.
  const { state: _state, starts: _starts, ...bare } = withZones(job);
  return proposals(bare, products).map((proposal) => {
    const system = { ...buildUp(bare, proposal.layers, products), products };
    const { layers } = system;
    const materials = materialsOf(bare, system);
    const { sessions, handsMin } = beforehand({ job: bare, system, materials });
    const summary: RouteSummary = {
      route: proposal.route,
      layers: proposal.layers,
      names: layers.map((l) => productIn(products, l.productId).name),
      coats: layers.reduce((a, l) => a + l.coats, 0),
      filmUm: layersUm(layers),
      sessions,
      handsOnH: handsMin / 60,
      cost: materials.reduce((a, m) => a + m.cost, 0),
      isocyanate: proposal.isocyanate,
      recommended: proposal.recommended && (!proposal.isocyanate || job.equipment.suppliedAir),
      why: proposal.why,
    };
    return { summary, system };
  });
}

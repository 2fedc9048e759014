/**
 * The parts of a layer in as few groups as its shortest maximum asks for: an enamel wants all its coats inside
 * its first hour, so what does not fit one round goes group by group, each through all its coats.
 */
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { itselfLatestMin } from '../../drying/rate';
import { coatsOf, type CoatFrame } from './coats';
import type { CoatStep } from './draft';
import { evenly } from './evenly';

/** Share of the maximum that is planned with: heat shortens it, and a painter is not a clock. From memory. */
const MAXIMUM_SHARE = 0.9;

const partsOf = (step: CoatStep): number[] => [...new Set(step.units.map((u) => u.part))];

const minutesOn = (step: CoatStep, part: number): number =>
  step.units.filter((u) => u.part === part).reduce((a, u) => a + u.minutes, 0);

/** Minutes from coat to coat: the longer of a round and the longest part with its flash. */
function cycleMin(step: CoatStep): number {
  return Math.max(step.minutes, ...partsOf(step).map((p) => minutesOn(step, p) + step.product.flashMin));
}

/** From the first coat on a part to the last, at the sheet's temperature, minutes. */
const spanMin = (coats: readonly CoatStep[]): number =>
  coats.slice(0, -1).reduce((a, step) => a + cycleMin(step), 0);

/** Parts in order, cut into so many groups that are sprayed in about the same time. */
function inGroups(step: CoatStep, count: number): string[][] {
  const minutes = new Map(partsOf(step).map((part, i) => [step.partIds[i]!, minutesOn(step, part)]));
  return evenly(step.partIds, (id) => minutes.get(id)!, count);
}

/** All but the last group are pieces of the round. */
const named = (coats: readonly CoatStep[], nth: number, of: number): CoatStep[] =>
  nth === of ? [...coats] : coats.map((c) => ({ ...c, id: `${c.id}~${nth}` }));

type Needs = (coat: number, partId: string) => boolean;

/** The coats of a layer, group by group where one round is too long for its maximum. */
export function groupedCoats(frame: CoatFrame, layer: PlanLayer, product: Product, needs: Needs): CoatStep[] {
  const whole = coatsOf(frame, layer, product, needs);
  const mostMin = itselfLatestMin(product) * MAXIMUM_SHARE;
  const [first] = whole;
  if (!first || spanMin(whole) <= mostMin) return whole;
  for (let count = 2; count <= first.partIds.length; count++) {
    const groups = inGroups(first, count);
    const coats = groups.map((group) =>
      coatsOf(frame, layer, product, (coat, id) => needs(coat, id) && group.includes(id)),
    );
    const fits = coats.every((c) => spanMin(c) <= mostMin);
    if (fits) return coats.flatMap((c, i) => named(c, i + 1, coats.length));
  }
  // One part alone is too long for it: the whole is as good as any, and is told what it breaks.
  return whole;
}

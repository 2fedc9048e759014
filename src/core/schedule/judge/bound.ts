/** The steps of a session bound to their clocks, limits and parts once: the search runs them tens of thousands of times. */
import type { Clocks, ProductClock } from '../../drying/clocks';
import { itselfLatestMin, liftsItself } from '../../drying/rate';
import { BESIDE_FIRST_ML } from '../../material/session-pours';
import { POT_SHARE } from '../../material/mixing';
import { MINUTE } from '../../time/instant';
import type { Product } from '@/model/product';
import { isPoured, packGivesMl } from '../work/coats';
import { ACTIVATE_MIN, isOverItself, MIX_MIN, type CoatStep, type Draft } from '../work/draft';
import type { LimitTable } from './limits';

/** One part in one round. */
export interface Use {
  readonly part: number;
  /** From the start of the round until this part begins, ms, when nothing is mixed in between. */
  readonly offsetMs: number;
  /** Until it is done. */
  readonly endOffsetMs: number;
  /** The first coat of its layer on this part: it waits for the film of another below. */
  readonly isFirst: boolean;
}

/** Parts that get the same coats: what covers one covers all. */
export interface Covered {
  readonly kin: number;
  /** Of its first part in this round, ms after the start. */
  readonly offsetMs: number;
}

/** What a product is poured or activated from. */
export interface Pot {
  readonly index: number;
  readonly clock: ProductClock;
  /** What one cup or can gives, ml. */
  readonly givesMl: number;
  readonly prepareMs: number;
  /** Share of its life that is planned with. */
  readonly share: number;
  /** Beside what is sprayed from the first: the test card and what stays in the gun, ml. */
  readonly besideMl: number;
}

export interface BoundStep {
  readonly step: CoatStep;
  readonly clock: ProductClock;
  readonly table: LimitTable;
  readonly pot: Pot | null;
  /** Latest after the first coat of the same layer, minutes. */
  readonly itselfLatestMin: number;
  readonly countsFromFirst: boolean;
  readonly uses: readonly Use[];
  /** Kin for which this coat covers another film. */
  readonly covers: readonly Covered[];
  /** Its gun is rinsed after it: another paint follows, or none. */
  readonly isRinsed: boolean;
}

function potOf(product: Product, clock: ProductClock, index: number, cupMl: number): Pot {
  const isGun = product.carrier === 'gun';
  return {
    index,
    clock,
    givesMl: packGivesMl(product, cupMl),
    prepareMs: ((isGun ? MIX_MIN : ACTIVATE_MIN) + (product.inductionMin ?? 0)) * MINUTE,
    share: isGun ? POT_SHARE : 1,
    besideMl: isGun ? BESIDE_FIRST_ML : 0,
  };
}

/** Parts by the coats they get: shape [parts]. */
function kinOf(draft: Draft): Int32Array {
  const keys = draft.partIds.map((id) => {
    const film = draft.carry.get(id);
    const mine = draft.steps.flatMap((s, k) => (s.partIds.includes(id) ? [k] : []));
    return JSON.stringify([film?.product.id, film?.layerId, film?.endedMs, mine]);
  });
  const known = [...new Set(keys)];
  return Int32Array.from(keys, (key) => known.indexOf(key));
}

type Round = Pick<BoundStep, 'uses' | 'covers'>;

/** @param layerOn the layer on top of each part so far, null where there is none; moved on by this round */
function roundOf(step: CoatStep, kin: Int32Array, layerOn: (string | null)[]): Round {
  const uses: { -readonly [K in keyof Use]: Use[K] }[] = [];
  let offsetMs = 0;
  for (const unit of step.units) {
    const endOffsetMs = offsetMs + unit.minutes * MINUTE;
    const last = uses.at(-1);
    if (last?.part === unit.part) last.endOffsetMs = endOffsetMs;
    else {
      const under = layerOn[unit.part];
      const isFirst = !under || !isOverItself(step, under);
      uses.push({ part: unit.part, offsetMs, endOffsetMs, isFirst });
    }
    offsetMs = endOffsetMs;
  }
  const mine = [...new Set(uses.map((u) => kin[u.part]!))];
  const covers = mine.flatMap((k): Covered[] => {
    const first = uses.find((u) => kin[u.part] === k)!;
    return first.isFirst ? [{ kin: k, offsetMs: first.offsetMs }] : [];
  });
  for (const u of uses) layerOn[u.part] = step.layerId;
  return { uses, covers };
}

export interface Bound {
  readonly steps: readonly BoundStep[];
  readonly potCount: number;
  readonly kin: Int32Array;
  readonly kinCount: number;
}

export function bound(draft: Draft, clocks: Clocks, limitsOf: (p: Product) => LimitTable): Bound {
  const poured = [...new Set(draft.steps.map((s) => s.product).filter(isPoured))];
  const kin = kinOf(draft);
  const layerOn = draft.partIds.map((id) => draft.carry.get(id)?.layerId ?? null);
  const steps = draft.steps.map((step, k): BoundStep => {
    const { product } = step;
    const clock = clocks.of(product);
    const index = poured.indexOf(product);
    return {
      step,
      clock,
      table: limitsOf(product),
      pot: index < 0 ? null : potOf(product, clock, index, draft.cupMl),
      itselfLatestMin: itselfLatestMin(product),
      countsFromFirst: liftsItself(product),
      ...roundOf(step, kin, layerOn),
      isRinsed: product.carrier === 'gun' && draft.steps[k + 1]?.product !== product,
    };
  });
  return { steps, potCount: poured.length, kin, kinCount: Math.max(0, ...kin) + 1 };
}

/** Coats on the scale, in rows: the one in hand, the newest that are on, those that were weighed. */
import type { WeighedCoatKey } from '@/core/edits/weights';
import { coatUses } from '@/core/material/coat-uses';
import { isSameCoat, weighedOf, type CoatWeight, type Weighed } from '@/core/material/weighed';
import { densityOf } from '@/core/material/used';
import { isPiece } from '@/core/schedule/work/tick';
import { withZones } from '@/core/surface/zones';
import { HOUR, instantOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { Format } from '@/words/format';
import { partName } from './part-name';

export interface WeightRow {
  readonly key: string;
  readonly of: WeighedCoatKey;
  readonly name: string;
  readonly isOn: boolean;
  readonly kept: CoatWeight | null;
  readonly weighed: Weighed | null;
  /** Heavier after than before: what to do; null where they fit. */
  readonly fault: string | null;
  readonly said: string;
}

interface WeightsOf {
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
}

/** What is on longer is weighed no more, h. */
const LATELY_H = 12;
type Coat = Omit<WeighedCoatKey, 'productId'>;

function coatsOffered({ job, plan }: WeightsOf, nowMs: number): { of: Coat; isOn: boolean }[] {
  const state = job.state ?? { coats: [], activations: [] };
  const next = plan.sessions[0]?.tasks.find((t) => t.kind === 'coat');
  const isWeighed = (c: Coat): boolean => (state.weights ?? []).some((w) => isSameCoat(w, c));
  const on = state.coats.filter((c) => isWeighed(c) || nowMs - instantOf(c.endedAt) < LATELY_H * HOUR);
  const inHand: Coat[] =
    next?.layerId && next.coat !== null
      ? [{ layerId: next.layerId, coat: next.coat, ...(isPiece(next.id) && { partIds: next.partIds }) }]
      : [];
  return [
    ...inHand.filter((c) => !on.some((x) => isSameCoat(x, c))).map((of) => ({ of, isOn: false })),
    ...on
      .toSorted((a, b) => instantOf(b.endedAt) - instantOf(a.endedAt))
      .map(({ layerId, coat, partIds }) => ({ of: { layerId, coat, partIds }, isOn: true })),
  ];
}

const grams = (g: number): string => `${Math.round(g)} g`;

/** What is said of a row: what is still to be weighed, or what came of it. */
function saidOf(
  row: { kept: CoatWeight | null; weighed: Weighed | null; reckonedG: number },
  f: Format,
): string {
  const { kept, weighed, reckonedG } = row;
  if (!weighed) {
    const light = `reckoned to lose ${grams(reckonedG)}`;
    return kept?.beforeG === undefined || kept.afterG !== undefined
      ? light
      : `${light}: about ${grams(Math.max(0, kept.beforeG - reckonedG))} after it`;
  }
  const { ml, over, isLikely } = weighed;
  const came = `${f.volume(ml)} went out, ${over.toFixed(2)} times as reckoned`;
  if (!isLikely) return `${came}. Look at the scale again: so far off it moves nothing.`;
  if (over > 1.15) return `${came}: a thick coat, it dries longer.`;
  return over < 0.85 ? `${came}: a thin coat. It may not cover.` : `${came}.`;
}

export function weightRows(of: WeightsOf, nowMs: number, f: Format): readonly WeightRow[] {
  const { plan, products } = of;
  const job = withZones(of.job);
  return coatsOffered(of, nowMs).flatMap(({ of: coat, isOn }): WeightRow[] => {
    const layer = plan.layers.find((l) => l.id === coat.layerId);
    const product = products.find((p) => p.id === layer?.productId);
    if (!product) return [];
    const uses = coatUses(job, product, plan.layers);
    const mine = uses.filter((u) => isSameCoat(coat, { ...u, partIds: [u.partId] }));
    const reckonedG = mine.reduce((a, u) => a + u.sprayMl, 0) * densityOf(product);
    const kept = job.state?.weights?.find((w) => isSameCoat(w, coat)) ?? null;
    const weighed = kept && weighedOf(uses, product, kept);
    const isGain = kept?.beforeG !== undefined && kept.afterG !== undefined && kept.afterG > kept.beforeG;
    const parts = coat.partIds?.map((id) => partName(of.job, id));
    return [
      {
        key: `${coat.layerId} ${coat.coat} ${coat.partIds?.join() ?? ''}`,
        of: { ...coat, productId: product.id },
        name: `${product.name}, coat ${coat.coat}${parts ? `, ${parts.join(' and ')}` : ''}`,
        isOn,
        kept,
        weighed,
        fault: isGain ? `At most ${grams(kept.beforeG!)}: a can does not get heavier.` : null,
        said: saidOf({ kept, weighed, reckonedG }, f),
      },
    ];
  });
}

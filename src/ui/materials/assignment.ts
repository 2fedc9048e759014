/** Cans of a product as they are drawn: which one sprays what, and how full each ends. */
import { assignCans } from '@/core/material/assign';
import { sameTint } from '@/core/coating/tint';
import { coatUses } from '@/core/material/coat-uses';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Material, PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';

export interface DrawnCan {
  readonly sizeMl: number;
  readonly fullMl: number;
  readonly useMl: number;
  readonly heelMl: number;
  readonly shelf: boolean;
  readonly sealed: boolean;
  readonly spare: boolean;
  /** what it does, in words without units */ readonly does: readonly string[];
  readonly changes: boolean;
  /** what is out of it after each coat that takes from it */ readonly levels: readonly {
    readonly coat: number;
    readonly outMl: number;
  }[];
}

/** The cans set aside from the shelf first, then those bought; the spare is the last and stays sealed. */
export function drawnCans(
  whole: Job,
  product: Product,
  material: Material,
  layers: readonly PlanLayer[],
): DrawnCan[] {
  const job = withZones(whole);
  const heel = material.factors.heelFrac;
  const packMl = product.packs[0]!.sizeMl;
  const shelf = (whole.shelf ?? [])
    .filter(
      (s) =>
        s.productId === product.id &&
        s.remainingMl > 0.5 &&
        (s.colour === undefined || material.colour === null || sameTint(s.colour, material.colour.name)),
    )
    .slice(0, material.shelfMl > 0 ? undefined : 0)
    .flatMap((s) => {
      const list: { sizeMl: number; fullMl: number; shelf: boolean }[] = [];
      for (let left = s.remainingMl; left > 0.5; left -= packMl)
        list.push({ sizeMl: packMl, fullMl: Math.min(left, packMl), shelf: true });
      return list;
    });
  const bought = material.packs.flatMap((k) =>
    Array.from({ length: k.count }, () => ({ sizeMl: k.size, fullMl: k.size, shelf: false })),
  );
  const all = [...shelf, ...bought];
  const spareMl = material.breakdown.find((b) => b.cause === 'spare')?.ml ?? 0;
  const spareAt = spareMl > 0 && bought.length > 0 ? all.length - 1 : -1;
  const cans = all.map((c, i) => ({
    usableMl: i === spareAt ? 0 : Math.max(0, c.fullMl - c.sizeMl * heel),
    partly: c.shelf && c.fullMl < c.sizeMl - 1,
  }));
  const a = assignCans(
    coatUses(
      job,
      product,
      layers.filter((l) => material.layerIds.includes(l.id)),
    ).filter((u) => !u.done),
    cans,
  );
  const names = new Map(job.parts.map((p) => [p.id, p.name ?? p.id]));
  return all.map((c, i) => {
    const mine = a.strokes.filter((s) => s.can === i);
    const useMl = mine.reduce((x, s) => x + s.ml, 0);
    const edges = mine.some((s) => s.where === 'edges');
    const faces = mine.filter((s) => s.where === 'face');
    let outMl = 0;
    const levels = [...new Set(mine.map((s) => `${s.layerId} ${s.coat}`))].map((key) => {
      const of = mine.filter((s) => `${s.layerId} ${s.coat}` === key);
      outMl += of.reduce((x, s) => x + s.ml, 0);
      return { coat: of[0]!.coat, outMl };
    });
    const coats = [...new Set(faces.map((s) => s.coat))];
    const parts = [...new Set(faces.map((s) => s.partId))];
    const does = [
      ...(edges ? ['edges and returns'] : []),
      ...(faces.length > 0
        ? [
            `${parts.length === job.parts.length && parts.length > 1 ? 'every face' : parts.length > 2 ? `${parts.length} parts` : parts.map((x) => names.get(x)!).join(', ')}, ${coats.length === 1 ? `coat ${coats[0]}` : `coats ${Math.min(...coats)}–${Math.max(...coats)}`}`,
          ]
        : []),
    ];
    return {
      ...c,
      useMl,
      heelMl: Math.min(c.fullMl, c.sizeMl * heel),
      sealed: useMl < 0.5,
      spare: i === spareAt,
      does,
      changes: mine.some((s) => s.changed),
      levels,
    };
  });
}

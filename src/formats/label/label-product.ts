/** A data sheet of one's own, made from what a label says. */
import type { Mark } from '@/model/marks';
import type { Product } from '@/model/product';
import type { LabelFind, Range } from './finds';

/** A sheet of one's own: what the label said over a sheet of the same kind; every figure keeps where it came from. */
export function productFromLabel(
  template: Product,
  finds: readonly LabelFind[],
  as: { id: string; name: string; price: number },
): Product {
  const byField: Record<string, Mark> = { ...template.provenance.byField };
  // What the label leaves open is another product's figure, and says so.
  for (const field of Object.keys(byField)) byField[field] = 'borrowed';
  const over: Record<string, unknown> = {};
  const ranges: Record<string, Range> = {};
  for (const f of finds) {
    if (f.field === 'kind' || f.field === 'coverM2' || f.field === 'coverM2PerL' || f.field === 'packG')
      continue;
    if (f.field === 'packMl') {
      over.packs = [{ sizeMl: f.value, unit: template.packs[0]!.unit, price: as.price }];
      byField.packs = 'sheet';
      continue;
    }
    over[f.field] = f.value;
    if (f.range) ranges[f.field] = f.range;
    byField[f.field] = 'sheet';
  }
  const { maker: _maker, ...rest } = template;
  return {
    ...rest,
    packs: template.packs.map((p) => ({ ...p, price: as.price })),
    ...over,
    ...(Object.keys(ranges).length > 0 ? { ranges } : {}),
    id: as.id,
    name: as.name,
    provenance: { rest: 'borrowed', byField },
  } as Product;
}

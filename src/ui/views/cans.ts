/** Cans of a product as they are drawn: which one sprays what, and how full each ends. */
import { packsIn } from '@/core/material/packs';
import { assignCans, type Stroke } from '@/core/material/assign';
import { sameTint } from '@/core/coating/tint';
import { coatUses } from '@/core/material/coat-uses';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Material, Plan, PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';

/** Less than this is nothing, ml. */
const NOTHING_ML = 0.5;
/** More cans than this are not drawn one by one. */
export const MOST_CANS = 20;

export interface DrawnCan {
  readonly sizeMl: number;
  readonly fullMl: number;
  readonly useMl: number;
  readonly heelMl: number;
  readonly shelf: boolean;
  readonly sealed: boolean;
  readonly spare: boolean;
  /** What it does, in words without units. */
  readonly does: readonly string[];
  readonly changes: boolean;
  /** What is out of it after each coat that takes from it. */
  readonly levels: readonly { readonly coat: number; readonly outMl: number }[];
}
type FullCan = Pick<DrawnCan, 'sizeMl' | 'fullMl' | 'shelf'>;

/** What is set aside, as cans of the usual size with the last one partly full. */
function asideCans(job: Job, product: Product, material: Material): FullCan[] {
  if (material.shelfMl <= 0) return [];
  const sizeMl = product.packs[0]!.sizeMl;
  const fits = (s: NonNullable<Job['shelf']>[number]): boolean =>
    s.productId === product.id &&
    (s.colour === undefined || material.colour === null || sameTint(s.colour, material.colour.name));
  return (job.shelf ?? []).filter(fits).flatMap(({ remainingMl }) => {
    const count = Math.ceil((remainingMl - NOTHING_ML) / sizeMl);
    return Array.from({ length: Math.max(0, count) }, (_, i) => ({
      sizeMl,
      fullMl: Math.min(sizeMl, remainingMl - i * sizeMl),
      shelf: true,
    }));
  });
}

const boughtCans = (material: Material): FullCan[] =>
  material.packs.flatMap((k) =>
    Array.from({ length: k.count }, () => ({ sizeMl: k.size, fullMl: k.size, shelf: false })),
  );

/** What is out of a can after each coat. */
function levelsOf(strokes: readonly Stroke[]): DrawnCan['levels'] {
  const byCoat = new Map<string, { coat: number; ml: number }>();
  for (const s of strokes) {
    const key = `${s.layerId} ${s.coat}`;
    byCoat.set(key, { coat: s.coat, ml: (byCoat.get(key)?.ml ?? 0) + s.ml });
  }
  let outMl = 0;
  return [...byCoat.values()].map(({ coat, ml }) => {
    outMl += ml;
    return { coat, outMl };
  });
}

function facesText(partIds: readonly string[], names: ReadonlyMap<string, string>): string {
  if (partIds.length === names.size && partIds.length > 1) return 'every face';
  if (partIds.length > 2) return `${partIds.length} parts`;
  return partIds.map((id) => names.get(id)!).join(', ');
}

/** "edges and returns", "every face, coats 1–2". */
function doesOf(strokes: readonly Stroke[], names: ReadonlyMap<string, string>): string[] {
  const faces = strokes.filter((s) => s.where === 'face');
  const edges = strokes.some((s) => s.where === 'edges') ? ['edges and returns'] : [];
  if (faces.length === 0) return edges;
  const coats = [...new Set(faces.map((s) => s.coat))];
  const parts = [...new Set(faces.map((s) => s.partId))];
  const which = coats.length === 1 ? `coat ${coats[0]}` : `coats ${Math.min(...coats)}–${Math.max(...coats)}`;
  return [...edges, `${facesText(parts, names)}, ${which}`];
}

/** The cans set aside from the shelf first, then those bought; the spare is the last and stays sealed. */
export function drawnCans(
  whole: Job,
  product: Product,
  material: Material,
  layers: readonly PlanLayer[],
): DrawnCan[] {
  const job = withZones(whole);
  const { heelFrac } = material.factors;
  const bought = boughtCans(material);
  const all = [...asideCans(whole, product, material), ...bought];
  const hasSpare = material.breakdown.some((b) => b.cause === 'spare' && b.ml > 0);
  const spareAt = hasSpare && bought.length > 0 ? all.length - 1 : -1;
  const usable = all.map((c, i) => ({
    usableMl: i === spareAt ? 0 : Math.max(0, c.fullMl - c.sizeMl * heelFrac),
    partly: c.shelf && c.fullMl < c.sizeMl - 1,
  }));
  const mine = layers.filter((l) => material.layerIds.includes(l.id));
  const { strokes } = assignCans(
    coatUses(job, product, mine).filter((u) => !u.done),
    usable,
    (id) => job.parts.find((p) => p.id === id)?.posture === 'flat',
  );
  const names = new Map(job.parts.map((p) => [p.id, p.name ?? p.id]));
  return all.map((fullCan, i): DrawnCan => {
    const of = strokes.filter((s) => s.can === i);
    const useMl = of.reduce((a, s) => a + s.ml, 0);
    return {
      ...fullCan,
      useMl,
      heelMl: Math.min(fullCan.fullMl, fullCan.sizeMl * heelFrac),
      sealed: useMl < NOTHING_ML,
      spare: i === spareAt,
      does: doesOf(of, names),
      changes: of.some((s) => s.changed),
      levels: levelsOf(of),
    };
  });
}

/** Aerosols that are still to be sprayed from. */
export function openAerosols(plan: Plan, productOf: (id: string) => Product): Material[] {
  return plan.materials.filter(
    (m) => !m.begun && m.needMl > 0 && productOf(m.productId).carrier === 'aerosol',
  );
}

export function cansTitle(materials: readonly Material[]): string {
  const count = packsIn(materials.flatMap((m) => m.packs));
  if (count === 0) return 'No cans to buy';
  return `${count} ${count === 1 ? 'can' : 'cans'} to buy, and what each one sprays`;
}

/** A can in words. */
export function canInWords(c: DrawnCan, index: number): string {
  const does = c.sealed ? 'stays sealed' : `sprays ${Math.round(c.useMl)} ml: ${c.does.join('; ')}`;
  return `can ${index + 1}${c.shelf ? ' from the shelf' : ''} ${does}`;
}

/** What a can is, under its number. */
export function canWord(c: DrawnCan): string {
  if (c.shelf) return 'set aside';
  if (c.spare) return 'spare';
  return c.sealed ? 'in reserve' : '';
}

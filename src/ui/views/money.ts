/** What the money panel shows: paint by part, layer and coat, what is left, what it hangs on, other ways. */
import { costBy, paintLedger } from '@/core/material/ledger';
import { leftovers, type Leftover } from '@/core/material/leftovers';
import { sensitivity, type Sensitivity } from '@/core/material/sensitivity';
import { systemFor } from '@/core/coating/system';
import { withZones } from '@/core/surface/zones';
import { waysOf, type Way, type Ways } from '@/core/ways';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Format } from '@/words/format';
import { ROUTE_NAMES } from '@/words/route-names';
import { planAreaM2 } from './verdict';
import type { BarRow } from './bars';
import { TINT } from '@/ui/tokens/tints';

/** Less left than this is not spoken of, ml. */
const LEFT_SHOWN_ML = 5;

export interface PartMoney {
  readonly id: string;
  readonly name: string;
  readonly cost: number;
  readonly perM2: number | null;
}
export interface LayerMoney {
  readonly id: string;
  readonly productId: string;
  readonly cost: number;
  readonly coats: readonly { readonly coat: number; readonly cost: number }[];
}
export interface MoneyView {
  readonly perM2: number | null;
  readonly parts: readonly PartMoney[];
  readonly layers: readonly LayerMoney[];
  readonly left: readonly Leftover[];
  readonly leftWorth: number;
  /** Widest first; share is its width over the widest, 0…1. */
  readonly hangsOn: readonly (Sensitivity & { readonly share: number })[];
  readonly ways: Ways;
  /** Money of the dearest way. */
  readonly dearest: number;
}

/** The heavy part of the view: made again only when the job or what is bought changes. */
export function moneyView(job: Job, plan: Pick<Plan, 'materials' | 'parts' | 'layers' | 'cost'>): MoneyView {
  const system = systemFor(job);
  const rows = paintLedger(job, system.layers, system.products, plan.materials);
  const byPart = costBy(rows, (r) => r.partId);
  const byLayer = costBy(rows, (r) => r.layerId);
  const byCoat = costBy(rows, (r) => `${r.layerId}.${r.coat}`);
  const left = leftovers(job, plan.materials, system.products);
  const areas = new Map(plan.parts.map((p) => [p.id, p.areaM2]));
  const areaM2 = planAreaM2(plan);
  const per = (cost: number, m2: number): number | null => (m2 > 0 ? cost / m2 : null);
  const hang = sensitivity(withZones(job), system);
  const widest = Math.max(0.01, ...hang.map((h) => h.high - h.low));
  const ways = waysOf(job);
  return {
    perM2: per(plan.cost.total, areaM2),
    parts: job.parts.flatMap((p) => {
      const cost = byPart.get(p.id);
      if (cost === undefined) return [];
      return [{ id: p.id, name: p.name ?? p.id, cost, perM2: per(cost, areas.get(p.id) ?? 0) }];
    }),
    layers: plan.layers.flatMap((layer): LayerMoney[] => {
      const cost = byLayer.get(layer.id);
      if (cost === undefined) return [];
      const coats = Array.from({ length: layer.coats }, (_, i) => ({
        coat: i + 1,
        cost: byCoat.get(`${layer.id}.${i + 1}`),
      }));
      return [{ id: layer.id, productId: layer.productId, cost, coats: coats.filter(isPaid) }];
    }),
    left: left.filter((l) => l.ml > LEFT_SHOWN_ML),
    leftWorth: left.reduce((a, l) => a + l.worth, 0),
    hangsOn: hang.map((h) => ({ ...h, share: (h.high - h.low) / widest })),
    ways,
    dearest: Math.max(0.01, ...ways.list.map((w) => w.total)),
  };
}

const isPaid = (c: { coat: number; cost: number | undefined }): c is { coat: number; cost: number } =>
  c.cost !== undefined;

export function keepsText({ keeps }: Leftover): string {
  if (keeps === 0) return 'dies once opened';
  return keeps < 0.5 ? 'keeps some months' : 'keeps';
}

export const wayName = (w: Way): string => (w.id === 'shop' ? 'A paint shop' : ROUTE_NAMES[w.id]!);

/** The cells of a way: a shop gives only its price. */
export interface WayCells {
  readonly paint: string;
  readonly rest: string;
  readonly kit: string;
  readonly total: string;
  readonly perM2: string;
  readonly hours: string;
}
export function wayCells(w: Way, currency: string, f: Format): WayCells {
  const money = (x: number): string => f.money(x, currency);
  const common = { total: money(w.total), perM2: money(w.perM2) };
  if (w.id === 'shop')
    return { ...common, paint: '', rest: '', kit: w.kit > 0 ? money(w.kit) : '', hours: 'none' };
  const kit = w.kit > 0 ? money(w.kit) : 'here';
  return { ...common, paint: money(w.paint), rest: money(w.prep), kit, hours: f.hours(w.handsOnH) };
}

/** Parts of a way's bar, each from and to as a share of the dearest, 0…1. */
export function wayBar(w: Way, dearest: number): { fill: string; from: number; to: number }[] {
  if (w.id === 'shop') return [{ fill: 'var(--amber)', from: 0, to: w.total / dearest }];
  const ends = [w.paint, w.paint + w.prep, w.paint + w.prep + w.kit].map((x) => x / dearest);
  const fills = ['var(--lagoon)', TINT.dryPaper, 'var(--ink-3)'];
  return ends.map((to, i) => ({ fill: fills[i]!, from: ends[i - 1] ?? 0, to }));
}

/** The ways as rows of a chart. */
export const wayRows = (view: MoneyView, currency: string, f: Format): BarRow[] =>
  view.ways.list.map((way) => ({
    name: wayName(way),
    pieces: wayBar(way, view.dearest),
    said: f.money(way.total, currency),
  }));

/** What the paint money hangs on, by name and how far each is taken. */
export const INPUTS: Readonly<Record<Sensitivity['what'], readonly [name: string, range: string]>> = {
  area: ['the area', '± 5 %'],
  transfer: ['the share that lands', '50 to 65 %'],
  film: ['film per coat', '± 15 %'],
  coats: ['coats of colour', 'one less, one more'],
  price: ['prices', '± 15 %'],
  risk: ['risk of running out', '20 to 1 %'],
};

/** From the cheap end to the dear one, each on the scale of the dearest. */
export const hangRows = ({ hangsOn }: MoneyView, money: (x: number) => string): BarRow[] =>
  hangsOn.map(({ what, low, high }) => ({
    name: INPUTS[what][0],
    pieces: [{ from: low, to: high, fill: 'var(--lagoon-mid)' }],
    said: `${money(low)}–${money(high)}`,
  }));

/** From which area the gun pays. */
export function breakEvenText({ cans, gun, m2 }: NonNullable<Ways['breakEven']>, f: Format): string {
  const [guns, sprayed] = [`“${ROUTE_NAMES[gun]}”`, `“${ROUTE_NAMES[cans]}”`];
  if (m2 === null) return `Between ${guns} and ${sprayed} the cheaper one is the same at any area.`;
  return `From about ${f.area(m2)} of parts like these ${guns} costs less than ${sprayed}, paint and kit counted.`;
}

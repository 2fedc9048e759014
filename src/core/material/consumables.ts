/** What a job uses up beside paint: paper, cleaner, tape, protection, filler; with packs and prices. */
import type { Job, Part } from '@/model/job';
import { isPlastic } from '@/model/substrates';
import type { Seam } from '../seams/seam';
import type { Product } from '@/model/product';
import { cleaningPlan } from '../prep/cleaning';
import { fillerPlan } from '../prep/filler';
import { paperNeeds } from '../prep/paper';
import { totalAreaM2 } from '../surface/area';
import { RINSE_ML } from './rinse';

export const CONSUMABLE_GROUPS = ['paper', 'clean', 'mask', 'mix', 'protect'] as const;
export type ConsumableGroup = (typeof CONSUMABLE_GROUPS)[number];
export type ConsumableUnit = 'piece' | 'ml' | 'm' | 'm2' | 'pair';
export interface Consumable {
  readonly id: string;
  readonly group: ConsumableGroup;
  readonly unit: ConsumableUnit;
  readonly params: Readonly<Record<string, number>>;
  readonly need: number;
  readonly packSize: number;
  readonly packs: number;
  /** price of a pack */ readonly price: number;
  readonly cost: number;
  /** Said to be here already; costs nothing then. */
  readonly have: boolean;
}

/** Brushed into the pits alone, ml for each rusty square metre. From memory. */
const CONVERTER_ML_PER_M2 = 60;
/** Packs as usually sold and invented prices; from memory, every one editable. */
const PACKS: Readonly<Record<string, readonly [size: number, price: number]>> = {
  paper: [5, 3.4],
  degreaser: [500, 6.9],
  cloth: [25, 4.8],
  tack: [2, 2.6],
  tape: [50, 3.2],
  cover: [20, 5.9],
  guide: [400, 8.2],
  filler: [250, 8.9],
  plasticFiller: [200, 12.5],
  converter: [250, 7.5],
  strainer: [10, 2.9],
  cup: [5, 4.5],
  wash: [1000, 9.8],
  gloves: [10, 6.4],
  dust: [1, 3.2],
  cartridge: [1, 17.5],
  suit: [1, 6.8],
  goggles: [1, 7.9],
  compound: [250, 9.5],
  pad: [1, 7],
  refit: [1, 2.5],
};

export interface ConsumableContext {
  readonly seams: readonly Seam[];
  readonly products: readonly Product[];
  readonly sessions: number;
  readonly pours: number;
  readonly cleans: number;
}

/** One thing to use up: what it is, from which kind of pack, and how much of it. */
export interface Wanted {
  readonly id: string;
  readonly kind: keyof typeof PACKS & string;
  readonly group: ConsumableGroup;
  readonly unit: ConsumableUnit;
  readonly need: number;
  readonly params?: Record<string, number>;
}

/** One line with its packs and price; none where nothing of it is needed. */
function priced(job: Job, w: Wanted): Consumable[] {
  if (!(w.need > 0)) return [];
  const { id, group, unit, need, params = {} } = w;
  const [packSize, usual] = PACKS[w.kind]!;
  const packs = Math.ceil(need / packSize - 1e-9);
  const price = job.prices?.[id] ?? usual;
  const have = job.have?.includes(id) ?? false;
  return [{ id, group, unit, params, need, packSize, packs, price, cost: have ? 0 : packs * price, have }];
}

function sandingStuff(job: Job, context: ConsumableContext, areaM2: number): Wanted[] {
  const fillerMl = (is: (p: Part) => boolean): number =>
    fillerPlan(
      job.parts.filter(is).flatMap((p) => p.dents ?? []),
      20,
    )?.pasteMl ?? 0;
  const blocked = context.seams.some((s) => s.block);
  const paper = paperNeeds(job.parts, context.seams).map((n): Wanted => ({
    id: `paper-p${n.gritP}${n.wet ? '-wet' : ''}`,
    kind: 'paper',
    group: 'paper',
    unit: 'piece',
    need: n.sheets,
    params: { grit: n.gritP, wet: n.wet ? 1 : 0 },
  }));
  const guideMl = blocked ? Math.max(30, 40 * areaM2) : 0;
  return [
    ...paper,
    { id: 'guide-coat', kind: 'guide', group: 'paper', unit: 'ml', need: guideMl },
    { id: 'body-filler', kind: 'filler', group: 'paper', unit: 'ml', need: fillerMl((p) => !isPlastic(p)) },
    { id: 'plastic-filler', kind: 'plasticFiller', group: 'paper', unit: 'ml', need: fillerMl(isPlastic) },
  ];
}

/** One thing that is wanted twice is one line with both needs. */
function together(wanted: readonly Wanted[]): Wanted[] {
  const by = new Map<string, Wanted>();
  for (const w of wanted) by.set(w.id, { ...w, need: w.need + (by.get(w.id)?.need ?? 0) });
  return [...by.values()];
}

/**
 * Everything by groups, in the order it is needed.
 * @param job with its zones as parts @param context null once preparing is over @param more beside preparing and spraying
 */
export const consumablesFor = (
  job: Job,
  context: ConsumableContext | null,
  more: readonly Wanted[] = [],
): Consumable[] =>
  together([...(context ? wantedFor(job, context) : []), ...more]).flatMap((w) => priced(job, w));

function wantedFor(job: Job, context: ConsumableContext): readonly Wanted[] {
  const sessions = Math.max(1, context.sessions);
  const areaM2 = totalAreaM2(job.parts);
  const clean = cleaningPlan(job.parts, sessions);
  const rustyM2 = totalAreaM2(job.parts.filter((p) => p.condition === 'rust'));
  // One on, one off, for every half square metre of each wipe.
  const cloths = Math.ceil(2 * Math.max(1, areaM2 / 0.5)) * (sessions + 1);
  const suits = context.products.some((p) => p.isocyanate) ? 1 : 0;
  // A table stays a table: one thing a line.
  // prettier-ignore
  return [
    ...sandingStuff(job, context, areaM2),
    { id: 'degreaser', kind: 'degreaser', group: 'clean', unit: 'ml', need: clean.degreaserMl },
    { id: 'rust-converter', kind: 'converter', group: 'clean', unit: 'ml', need: CONVERTER_ML_PER_M2 * rustyM2 },
    { id: 'cloths', kind: 'cloth', group: 'clean', unit: 'piece', need: cloths },
    { id: 'tack-cloths', kind: 'tack', group: 'clean', unit: 'piece', need: clean.tackCloths },
    { id: 'tape', kind: 'tape', group: 'mask', unit: 'm', need: clean.tapeM },
    { id: 'cover', kind: 'cover', group: 'mask', unit: 'm2', need: clean.coverM2 },
    { id: 'strainers', kind: 'strainer', group: 'mix', unit: 'piece', need: context.pours },
    { id: 'cups', kind: 'cup', group: 'mix', unit: 'piece', need: context.pours },
    { id: 'gun-wash', kind: 'wash', group: 'mix', unit: 'ml', need: context.cleans * RINSE_ML },
    { id: 'gloves', kind: 'gloves', group: 'protect', unit: 'pair', need: 2 * sessions + 1 },
    { id: 'dust-mask', kind: 'dust', group: 'protect', unit: 'piece', need: 1 },
    { id: 'cartridges', kind: 'cartridge', group: 'protect', unit: 'pair', need: 1 },
    { id: 'goggles', kind: 'goggles', group: 'protect', unit: 'piece', need: 1 },
    { id: 'suit', kind: 'suit', group: 'protect', unit: 'piece', need: suits },
  ];
}

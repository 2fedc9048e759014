/** What a job uses up beside paint: paper, cleaner, tape, protection, filler; with packs and prices. */
import type { Job } from '@/model/job';
import type { Seam } from '@/model/plan';
import type { Product } from '@/model/product';
import { cleaningPlan } from '../prep/cleaning';
import { fillerPlan } from '../prep/filler';
import { paperNeeds } from '../prep/paper';
import { totalAreaM2 } from '../surface/area';

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

/** Gun wash for one clean, ml. From memory. */
export const GUN_WASH_ML = 150;
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
  strainer: [10, 2.9],
  cup: [5, 4.5],
  wash: [1000, 9.8],
  gloves: [10, 6.4],
  dust: [1, 3.2],
  cartridge: [1, 17.5],
  suit: [1, 6.8],
  goggles: [1, 7.9],
};

export interface ConsumableContext {
  readonly seams: readonly Seam[];
  readonly products: readonly Product[];
  readonly sessions: number;
  readonly pours: number;
  readonly cleans: number;
}

/** Everything by groups, in the order it is needed. @param job with its zones as parts */
export function consumablesFor(job: Job, c: ConsumableContext): Consumable[] {
  const have = new Set(job.have ?? []);
  const out: Consumable[] = [];
  const sessions = Math.max(1, c.sessions);
  const areaM2 = totalAreaM2(job.parts);
  const add = (
    id: string,
    kind: keyof typeof PACKS & string,
    group: ConsumableGroup,
    unit: ConsumableUnit,
    need: number,
    params: Record<string, number> = {},
  ): void => {
    if (!(need > 0)) return;
    const [packSize, usual] = PACKS[kind]!;
    const packs = Math.ceil(need / packSize - 1e-9);
    const price = job.prices?.[id] ?? usual;
    const here = have.has(id);
    out.push({
      id,
      group,
      unit,
      params,
      need,
      packSize,
      packs,
      price,
      cost: here ? 0 : packs * price,
      have: here,
    });
  };
  for (const n of paperNeeds(job.parts, c.seams))
    add(`paper-p${n.gritP}${n.wet ? '-wet' : ''}`, 'paper', 'paper', 'piece', n.sheets, {
      grit: n.gritP,
      wet: n.wet ? 1 : 0,
    });
  if (c.seams.some((s) => s.join === 'sanded' && !s.below.startsWith('surface:')))
    add('guide-coat', 'guide', 'paper', 'ml', Math.max(30, 40 * areaM2));
  const filler = fillerPlan(
    job.parts.flatMap((p) => p.dents ?? []),
    20,
  );
  if (filler) add('body-filler', 'filler', 'paper', 'ml', filler.pasteMl);
  const clean = cleaningPlan(job.parts, c.seams, sessions);
  add('degreaser', 'degreaser', 'clean', 'ml', clean.degreaserMl);
  // One on, one off, for every half square metre of each wipe.
  add('cloths', 'cloth', 'clean', 'piece', Math.ceil(2 * Math.max(1, areaM2 / 0.5)) * (sessions + 1));
  add('tack-cloths', 'tack', 'clean', 'piece', clean.tackCloths);
  add('tape', 'tape', 'mask', 'm', clean.tapeM);
  add('cover', 'cover', 'mask', 'm2', clean.coverM2);
  add('strainers', 'strainer', 'mix', 'piece', c.pours);
  add('cups', 'cup', 'mix', 'piece', c.pours);
  add('gun-wash', 'wash', 'mix', 'ml', c.cleans * GUN_WASH_ML);
  add('gloves', 'gloves', 'protect', 'pair', 2 * sessions + 1);
  add('dust-mask', 'dust', 'protect', 'piece', 1);
  add('cartridges', 'cartridge', 'protect', 'pair', 1);
  add('goggles', 'goggles', 'protect', 'piece', 1);
  if (c.products.some((p) => p.isocyanate)) add('suit', 'suit', 'protect', 'piece', 1);
  return out;
}

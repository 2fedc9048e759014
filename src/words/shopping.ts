/** Lines of the shopping list in words. */
import type { ShoppingGroup, ShoppingLine } from '@/model/shopping';
import { M_PER_YARD } from '@/core/units/convert';
import type { Format } from './format';

export const GROUP_NAMES: Readonly<Record<ShoppingGroup, string>> = {
  paint: 'Paint',
  mix: 'Mixing and gun',
  paper: 'Paper and filler',
  clean: 'Cleaning',
  mask: 'Masking',
  protect: 'Protection',
};
/** What a job that buys in stages does not need yet. */
export const CAN_WAIT = 'Can wait: colour and clear, until the primer stands sanded';

type Named = Pick<ShoppingLine, 'key' | 'name' | 'part' | 'params'> & { readonly colour?: string | null };
const CONSUMABLES: Readonly<Record<string, string>> = {
  'guide-coat': 'Guide coat, can',
  'body-filler': 'Body filler with cream',
  compound: 'Rubbing compound',
  'refit-new': 'Clips or gaskets, new',
  polish: 'Polish',
  'foam-pad': 'Foam pad under fine paper',
  'cutting-pad': 'Cutting pad',
  'polishing-pad': 'Polishing pad, soft',
  'plastic-filler': 'Filler for plastic, with its hardener',
  'rust-converter': 'Rust converter',
  degreaser: 'Degreaser',
  cloths: 'Cloths, lint-free',
  'tack-cloths': 'Tack cloths',
  tape: 'Masking tape, 25 mm',
  cover: 'Masking paper or sheet',
  strainers: 'Strainers',
  cups: 'Mixing cups',
  'gun-wash': 'Gun wash',
  gloves: 'Nitrile gloves',
  'dust-mask': 'Dust mask, P3',
  cartridges: 'Vapour and particle cartridges',
  goggles: 'Goggles',
  suit: 'Spray suit with hood',
};

function paintName({ part, colour }: Named, name: string): string {
  if (part === 'hardener') return `${name}, hardener`;
  if (part === 'reducer') return `${name.split(' ')[0]} reducer, grade by the day`;
  return colour ? `${name}, ${colour}` : name;
}

/** What a line is called. */
export function lineName(l: Named): string {
  if (l.name !== null) return paintName(l, l.name);
  if (l.key.startsWith('paper-')) return `Paper P${l.params.grit}${l.params.wet ? ', wet' : ', dry'}`;
  return CONSUMABLES[l.key] ?? l.key;
}

/** One pack of it. */
export function packName(pick: Pick<ShoppingLine, 'packSize' | 'unit'>, f: Format): string {
  switch (pick.unit) {
    case 'ml':
      return f.volume(pick.packSize);
    case 'm':
      return f.units === 'us' ? `${(pick.packSize / M_PER_YARD).toFixed(0)} yd` : `${pick.packSize} m`;
    case 'm2':
      return f.area(pick.packSize).replace('.00 ', ' ');
    case 'pair':
      return pick.packSize === 1 ? 'pair' : `${pick.packSize} pairs`;
    case 'piece':
      return pick.packSize === 1 ? 'one' : `pack of ${pick.packSize}`;
  }
}

/** How many packs of it: “3 × 400 ml”, “2 pairs”, “1”. */
export function countName(l: Pick<ShoppingLine, 'count' | 'packSize' | 'unit'>, f: Format): string {
  if (l.packSize === 1 && l.unit === 'piece') return String(l.count);
  if (l.packSize === 1 && l.unit === 'pair') return `${l.count} ${l.count === 1 ? 'pair' : 'pairs'}`;
  return `${l.count} × ${packName(l, f)}`;
}

/** An amount in a line's own unit. */
export function amountName(x: number, unit: ShoppingLine['unit'], f: Format): string {
  switch (unit) {
    case 'ml':
      return f.volume(x);
    case 'm':
      return f.units === 'us' ? `${(x / M_PER_YARD).toFixed(1)} yd` : `${x.toFixed(1)} m`;
    case 'm2':
      return f.area(x);
    case 'pair':
      return `${Math.ceil(x)} ${Math.ceil(x) === 1 ? 'pair' : 'pairs'}`;
    case 'piece':
      return String(Math.ceil(x));
  }
}

export const SHOPPING_TOO_LONG = 'This list took too long to work out. Choose fewer jobs.';

/** Lines of the shopping list in words. */
import type { ShoppingGroup, ShoppingLine } from '@/model/shopping';
import type { Format } from './format';

export const GROUP_NAMES: Readonly<Record<ShoppingGroup, string>> = { paint: 'Paint', mix: 'Mixing and gun', paper: 'Paper and filler', clean: 'Cleaning', mask: 'Masking', protect: 'Protection' };
type Named = Pick<ShoppingLine, 'key' | 'name' | 'part' | 'params'>;
const CONSUMABLES: Readonly<Record<string, string>> = {
  'guide-coat': 'Guide coat, can', 'body-filler': 'Body filler with cream', degreaser: 'Degreaser', cloths: 'Cloths, lint-free', 'tack-cloths': 'Tack cloths', tape: 'Masking tape, 25 mm', cover: 'Masking paper or sheet',
  strainers: 'Strainers', cups: 'Mixing cups', 'gun-wash': 'Gun wash', gloves: 'Nitrile gloves', 'dust-mask': 'Dust mask, P3', cartridges: 'Vapour and particle cartridges', goggles: 'Goggles', suit: 'Spray suit with hood',
};

/** What a line is called. */
export function lineName(l: Named): string {
  if (l.name !== null) return l.part === 'hardener' ? `${l.name}, hardener` : l.part === 'reducer' ? `${l.name.split(' ')[0]} reducer, grade by the day` : l.name;
  if (l.key.startsWith('paper-')) return `Paper P${l.params.grit}${l.params.wet ? ', wet' : ', dry'}`;
  return CONSUMABLES[l.key] ?? l.key;
}

/** One pack of it. */
export function packName(l: Pick<ShoppingLine, 'packSize' | 'unit'>, f: Format): string {
  switch (l.unit) {
    case 'ml': return f.volume(l.packSize);
    case 'm': return f.units === 'us' ? `${(l.packSize / 0.9144).toFixed(0)} yd` : `${l.packSize} m`;
    case 'm2': return f.area(l.packSize);
    case 'pair': return l.packSize === 1 ? 'pair' : `${l.packSize} pairs`;
    case 'piece': return l.packSize === 1 ? 'one' : `pack of ${l.packSize}`;
  }
}

/** An amount in a line's own unit. */
export function amountName(x: number, unit: ShoppingLine['unit'], f: Format): string {
  switch (unit) {
    case 'ml': return f.volume(x);
    case 'm': return f.units === 'us' ? `${(x / 0.9144).toFixed(1)} yd` : `${x.toFixed(1)} m`;
    case 'm2': return f.area(x);
    case 'pair': return `${Math.ceil(x)} ${Math.ceil(x) === 1 ? 'pair' : 'pairs'}`;
    case 'piece': return String(Math.ceil(x));
  }
}

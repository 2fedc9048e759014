/** Colours of the drawn paint: what a layer looks like, and which ink reads on it. */
import { candyHex } from '@/core/coating/depth';
import type { Product } from '@/model/product';
import type { Part } from '@/model/job';

export interface Paint {
  readonly fill: string;
  readonly texture: string;
  readonly alpha: number;
  /** one tone per coat, first coat first: a candy deepens */ readonly perCoat?: readonly string[];
}

const channels = (hex: string): [number, number, number] =>
  [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];

/** A colour at some strength over the panel ground. */
export function over(hex: string, alpha: number, ground = '#FBFCFA'): string {
  const a = channels(hex);
  const b = channels(ground);
  return `#${a
    .map((x, i) =>
      Math.round(x * alpha + b[i]! * (1 - alpha))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}

const luminance = (hex: string): number => {
  const [r, g, b] = channels(hex).map((v) => {
    const s = v / 255;
    return s <= 0.04045 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};

/** White or ink, by the higher contrast on the drawn colour. */
export function inkOn(hex: string): string {
  const l = luminance(hex);
  return 1.05 / (l + 0.05) > (l + 0.05) / (luminance('#1B2422') + 0.05) ? '#FFFFFF' : '#1B2422';
}

type Drawn = Pick<Product, 'kind' | 'effect' | 'coats'>;

/** Paints that look the same whatever the job's colour is. */
const OWN_PAINT: Readonly<Partial<Record<Product['kind'], Paint>>> = {
  'filler-primer': { fill: '#A3A095', texture: 'x-filler', alpha: 1 },
  'epoxy-primer': { fill: '#8A968F', texture: 'x-epoxy', alpha: 1 },
  surfacer: { fill: '#B3B2A6', texture: 'x-filler', alpha: 1 },
  'spray-filler': { fill: '#B9B59A', texture: 'x-filler', alpha: 1 },
  sealer: { fill: '#8F948F', texture: 'x-solid', alpha: 1 },
  'wood-sealer': { fill: '#D9B77E', texture: 'x-clear', alpha: 0.8 },
  'etch-primer': { fill: '#9AA07C', texture: 'x-etch', alpha: 1 },
  'adhesion-promoter': { fill: '#E4D9A4', texture: 'x-promoter', alpha: 1 },
  clear: { fill: '#A9CDD2', texture: 'x-clear', alpha: 0.62 },
};
const MOST_COATS = 8;

/** A mid-coat lets through what lies below it; a candy goes darker with every coat. */
function midCoat({ effect, coats }: Drawn, jobHex: string): Paint {
  if (effect === 'flake') return { fill: jobHex, texture: 'x-metallic', alpha: 0.5 };
  if (effect !== 'candy') return { fill: jobHex, texture: 'x-clear', alpha: 0.75 };
  const perCoat = Array.from({ length: MOST_COATS }, (_, i) => candyHex(jobHex, i + 1, coats));
  return { fill: jobHex, texture: 'x-clear', alpha: 0.85, perCoat };
}

/** How a product is drawn; the job's colour stands for base and colour coats. */
export function paintOf(product: Drawn, jobHex: string): Paint {
  if (product.kind === 'mid-coat') return midCoat(product, jobHex);
  const sparkles = product.effect === 'metallic' || product.effect === 'pearl';
  const coloured: Paint = { fill: jobHex, texture: sparkles ? 'x-metallic' : 'x-solid', alpha: 1 };
  return OWN_PAINT[product.kind] ?? coloured;
}

const PLASTIC_FILL = { fill: '#D8D0BE', hatch: 'h-plastic' } as const;

export const SUBSTRATE_FILL: Readonly<Record<Part['substrate'], { fill: string; hatch: string }>> = {
  steel: { fill: '#BAC2C4', hatch: 'h-steel' },
  galvanised: { fill: '#C4CCCB', hatch: 'h-steel' },
  stainless: { fill: '#C8CDCD', hatch: 'h-steel' },
  'cast-iron': { fill: '#A4A9A8', hatch: 'h-steel' },
  aluminium: { fill: '#CDD3D5', hatch: 'h-aluminium' },
  'cast-aluminium': { fill: '#BFC5C6', hatch: 'h-aluminium' },
  anodised: { fill: '#B9C6CC', hatch: 'h-aluminium' },
  chrome: { fill: '#D6DEE0', hatch: 'h-steel' },
  fibreglass: { fill: '#D5D3B8', hatch: 'h-plastic' },
  wood: { fill: '#C9A97A', hatch: 'h-wood' },
  mdf: { fill: '#BFA988', hatch: 'h-wood' },
  abs: PLASTIC_FILL,
  pp: PLASTIC_FILL,
  pe: PLASTIC_FILL,
  polycarbonate: PLASTIC_FILL,
  textured: { fill: '#A7A297', hatch: 'h-plastic' },
  rubber: { fill: '#7F7C78', hatch: 'h-plastic' },
};

/** Colours of the drawn paint: what a layer looks like, and which ink reads on it. */
import { candyHex } from '@/core/coating/depth';
import type { Product } from '@/model/product';
import type { Part } from '@/model/job';
import { COAT_TINT, GROUND, SUBSTRATE_TINT } from '@/ui/tokens/tints';

export interface Paint {
  readonly fill: string;
  readonly texture: string;
  readonly alpha: number;
  /** one tone per coat, first coat first: a candy deepens */ readonly perCoat?: readonly string[];
}

const channels = (hex: string): [number, number, number] =>
  [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];

/** A colour at some strength over the panel ground. */
export function over(hex: string, alpha: number, ground: string = GROUND.panel): string {
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
  return 1.05 / (l + 0.05) > (l + 0.05) / (luminance(GROUND.ink) + 0.05) ? GROUND.white : GROUND.ink;
}

type Drawn = Pick<Product, 'kind' | 'effect' | 'coats'>;

/** Paints that look the same whatever the job's colour is. */
const OWN_PAINT: Readonly<Partial<Record<Product['kind'], Paint>>> = {
  'filler-primer': { fill: COAT_TINT.filler, texture: 'x-filler', alpha: 1 },
  'epoxy-primer': { fill: COAT_TINT.epoxy, texture: 'x-epoxy', alpha: 1 },
  surfacer: { fill: COAT_TINT.surfacer, texture: 'x-filler', alpha: 1 },
  'spray-filler': { fill: COAT_TINT.sprayFiller, texture: 'x-filler', alpha: 1 },
  sealer: { fill: COAT_TINT.sealer, texture: 'x-solid', alpha: 1 },
  'wood-sealer': { fill: COAT_TINT.woodSealer, texture: 'x-clear', alpha: 0.8 },
  'etch-primer': { fill: COAT_TINT.etch, texture: 'x-etch', alpha: 1 },
  'adhesion-promoter': { fill: COAT_TINT.promoter, texture: 'x-promoter', alpha: 1 },
  clear: { fill: COAT_TINT.clear, texture: 'x-clear', alpha: 0.62 },
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

const PLASTIC_FILL = { fill: SUBSTRATE_TINT.plastic, hatch: 'h-plastic' } as const;

export const SUBSTRATE_FILL: Readonly<Record<Part['substrate'], { fill: string; hatch: string }>> = {
  steel: { fill: SUBSTRATE_TINT.steel, hatch: 'h-steel' },
  galvanised: { fill: SUBSTRATE_TINT.galvanised, hatch: 'h-steel' },
  stainless: { fill: SUBSTRATE_TINT.stainless, hatch: 'h-steel' },
  'cast-iron': { fill: SUBSTRATE_TINT.castIron, hatch: 'h-steel' },
  aluminium: { fill: SUBSTRATE_TINT.aluminium, hatch: 'h-aluminium' },
  'cast-aluminium': { fill: SUBSTRATE_TINT.castAluminium, hatch: 'h-aluminium' },
  anodised: { fill: SUBSTRATE_TINT.anodised, hatch: 'h-aluminium' },
  chrome: { fill: SUBSTRATE_TINT.chrome, hatch: 'h-steel' },
  fibreglass: { fill: SUBSTRATE_TINT.fibreglass, hatch: 'h-plastic' },
  wood: { fill: SUBSTRATE_TINT.wood, hatch: 'h-wood' },
  mdf: { fill: SUBSTRATE_TINT.mdf, hatch: 'h-wood' },
  abs: PLASTIC_FILL,
  pp: PLASTIC_FILL,
  pe: PLASTIC_FILL,
  polycarbonate: PLASTIC_FILL,
  textured: { fill: SUBSTRATE_TINT.textured, hatch: 'h-plastic' },
  rubber: { fill: SUBSTRATE_TINT.rubber, hatch: 'h-plastic' },
};

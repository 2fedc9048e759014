/** What the colour does with its coats: depth of a candy, or coats until the primer shows no more. */
import { lightnessOf } from '@/core/coating/colour';
import { candyHex, coatsToHide, PRIMER_SHADES } from '@/core/coating/depth';
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { COAT_TINT } from '@/ui/tokens/tints';

/** Steps of depth that are drawn, the ground itself included. */
const DEPTHS = 9;

export interface Swatch {
  readonly hex: string;
  readonly on: boolean;
}
export interface ShadeView {
  readonly shade: string;
  /** CSS colour of the primer. */
  readonly primer: string;
  readonly coats: number;
  readonly best: boolean;
}
export type ColourView =
  | { readonly kind: 'candy'; readonly coats: number; readonly depths: readonly Swatch[] }
  | {
      readonly kind: 'hiding';
      readonly filmUm: number;
      readonly shades: readonly ShadeView[];
      readonly hint: string;
    }
  | { readonly kind: 'none' };

const isGroundColour = (p: Product): boolean =>
  p.kind === 'basecoat' || p.kind === 'single-stage' || p.kind === 'enamel';

function primerColour(shade: string, lightness: number): string {
  return shade === 'red oxide' ? COAT_TINT.redOxide : `oklch(${lightness} 0 0)`;
}

function hintFor(hex: string): string {
  const lightness = lightnessOf(hex);
  if (lightness > 0.75) return ': white or light grey here';
  return lightness < 0.4 ? ': dark grey or black here' : '';
}

/** null where no layer is coloured. */
export function colourView(job: Job, products: readonly Product[]): ColourView | null {
  const { hex, kind } = job.purpose.colour;
  const base = products.find(isGroundColour);
  const colour = products.find((p) => p.kind === 'mid-coat') ?? base;
  if (!colour) return null;
  if (kind === 'candy' && colour.effect === 'candy') {
    const depths = Array.from({ length: DEPTHS }, (_, n) => ({
      hex: candyHex(hex, n, colour.coats),
      on: n === colour.coats,
    }));
    return { kind: 'candy', coats: colour.coats, depths };
  }
  if (kind === 'flake') return { kind: 'none' };
  const hiding = base ?? colour;
  const needs = PRIMER_SHADES.map(([shade, lightness]) => ({
    shade,
    primer: primerColour(shade, lightness),
    coats: coatsToHide(hex, lightness, hiding.filmUmPerCoat, hiding.hidesUm),
  }));
  const least = Math.min(...needs.map((x) => x.coats));
  const shades = needs.map((x) => ({ ...x, best: x.coats === least }));
  return { kind: 'hiding', filmUm: colour.filmUmPerCoat, shades, hint: hintFor(hex) };
}

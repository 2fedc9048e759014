/**
 * What a colour does with its coats, as an honest sketch: candy by a light path through its coats
 * twice over the ground (Beer–Lambert), and how many coats hide a primer of another lightness.
 */
import { converter, formatHex, parse, useMode as register, modeLrgb, modeOklab, modeRgb } from 'culori/fn';
import { lightnessOf } from './colour';
import { SILVER_HEX } from './tint';

register(modeRgb);
register(modeLrgb);
register(modeOklab);
const toLinear = converter('lrgb');

type Rgb = readonly [number, number, number];
function linear(hex: string): Rgb {
  const c = toLinear(parse(hex));
  if (!c) throw new RangeError(`no colour: ${hex}`);
  return [c.r, c.g, c.b];
}
const hexOf = (rgb: Rgb): string =>
  formatHex({
    mode: 'lrgb',
    r: Math.min(1, Math.max(0, rgb[0])),
    g: Math.min(1, Math.max(0, rgb[1])),
    b: Math.min(1, Math.max(0, rgb[2])),
  })!;

/** Least share of light a coat passes per channel and path: no pigment is perfectly black. From memory. */
const LEAST = 0.02;

/**
 * The colour after n coats: ground × T^(2n) per linear channel, T the share of light one coat
 * passes, chosen so that `nominal` coats give the named colour. Law: Beer–Lambert, light goes
 * through twice; scattering within the coat is left out.
 */
export function candyHex(
  colourHex: string,
  coats: number,
  nominal: number,
  groundHex: string = SILVER_HEX,
): string {
  if (!(coats >= 0) || !(nominal >= 1)) throw new RangeError('candyHex: coats 0 or more, nominal 1 or more');
  const want = linear(colourHex);
  const ground = linear(groundHex);
  return hexOf(
    ground.map((g, i) => {
      const perPath = Math.pow(
        Math.min(1, Math.max(LEAST, want[i]!) / Math.max(g, LEAST)),
        1 / (2 * nominal),
      );
      return g * Math.pow(perPath, 2 * coats);
    }) as unknown as Rgb,
  );
}

/** Dry film that hides black from white to the eye, µm, by kind of colour. From memory; a sheet's own figure wins. */
export function hidingUm(colourHex: string, hidesUm?: number): number {
  if (hidesUm !== undefined) return hidesUm;
  const rgb = linear(colourHex);
  const max = Math.max(...rgb);
  const min = Math.min(...rgb);
  const saturated = max > 0 && (max - min) / max > 0.75 && lightnessOf(colourHex) > 0.5;
  // Clean yellows, oranges and reds hide worst.
  return saturated && rgb[0] === max ? 34 : 20;
}
/** What the eye just sees side by side, in Oklab lightness. From memory, near one unit of CIE lightness. */
const SEEN = 0.01;

/**
 * Coats until a ground shows no more: the ground's lightness difference falls by e^(−x/k) with film
 * x; k from the film that takes black under white below what is seen.
 * @returns whole coats, 1 or more
 */
export function coatsToHide(
  colourHex: string,
  groundLightness: number,
  filmUmPerCoat: number,
  hidesUm?: number,
): number {
  if (!(filmUmPerCoat > 0) || !(groundLightness >= 0 && groundLightness <= 1))
    throw new RangeError('coatsToHide: film above 0, lightness 0 … 1');
  const k = hidingUm(colourHex, hidesUm) / Math.log(1 / SEEN);
  const difference = Math.abs(lightnessOf(colourHex) - groundLightness);
  return Math.max(1, Math.ceil((k * Math.log(Math.max(difference, SEEN) / SEEN)) / filmUmPerCoat - 1e-9));
}

/** Primer shades to be had: white, light grey, grey, dark grey, black, red oxide; lightness in Oklab. */
export const PRIMER_SHADES = [
  ['white', 0.97],
  ['light grey', 0.8],
  ['grey', 0.6],
  ['dark grey', 0.38],
  ['black', 0.18],
  ['red oxide', 0.42],
] as const;

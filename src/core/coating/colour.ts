/** Colour arithmetic for the plan, over the registry's colour package. */
import { parse, useMode as register, modeOklab, modeRgb } from 'culori/fn';

register(modeRgb);
const toOklab = register(modeOklab);

/** Perceived lightness of a hex colour, 0 black … 1 white (Oklab L). */
export function lightnessOf(hex: string): number {
  const c = toOklab(parse(hex));
  if (!c) throw new RangeError(`no colour: ${hex}`);
  return Math.min(Math.max(c.l, 0), 1);
}

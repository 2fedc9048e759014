/**
 * What lies below a seam: the part's own surface or a layer. In a plan's JSON and in a decision on
 * record it is written as a text, `surface:<substrate>/<condition>` or the layer's id; it is put
 * together and read here and nowhere else.
 */
import { CONDITIONS, SUBSTRATES } from './lists';

export interface Surface {
  readonly substrate: (typeof SUBSTRATES)[number];
  readonly condition: (typeof CONDITIONS)[number];
}
export type Ground =
  ({ readonly kind: 'surface' } & Surface) | { readonly kind: 'layer'; readonly layerId: string };

const PREFIX = 'surface:';

/** The surface of a part as the ground of its first layer. */
export function surfaceGround(part: Surface): Ground {
  return { kind: 'surface', substrate: part.substrate, condition: part.condition };
}

/** A surface without its prefix, as it stands in the params of a reason: steel/bare. */
export const surfaceText = (s: Surface): string => `${s.substrate}/${s.condition}`;

export function groundText(ground: Ground): string {
  return ground.kind === 'layer' ? ground.layerId : `${PREFIX}${surfaceText(ground)}`;
}

/** Reads steel/bare; null for a text that names no surface. */
export function surfaceOf(text: string): Surface | null {
  const [substrate, condition, more] = text.split('/');
  const known = {
    substrate: SUBSTRATES.find((s) => s === substrate),
    condition: CONDITIONS.find((c) => c === condition),
  };
  if (!known.substrate || !known.condition || more !== undefined) return null;
  return { substrate: known.substrate, condition: known.condition };
}

/** Reads what groundText wrote; a text that is no surface is a layer's id. */
export function groundOf(text: string): Ground {
  const surface = text.startsWith(PREFIX) ? surfaceOf(text.slice(PREFIX.length)) : null;
  return surface ? { kind: 'surface', ...surface } : { kind: 'layer', layerId: text };
}

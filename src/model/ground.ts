/**
 * What lies below a seam: the part's own surface or a layer. In a plan's JSON and in a decision on
 * record it is written as a text, `surface:<substrate>/<condition>` or the layer's id; it is put
 * together and read here and nowhere else.
 */
import { CONDITIONS, FILMS, SUBSTRATES } from './lists';
import { isPainted } from './substrates';

export interface Surface {
  readonly substrate: (typeof SUBSTRATES)[number];
  readonly condition: (typeof CONDITIONS)[number];
  /** What the old paint is; left out where none lies there or nobody knows. */
  readonly film?: (typeof FILMS)[number] | undefined;
}
export type Ground =
  ({ readonly kind: 'surface' } & Surface) | { readonly kind: 'layer'; readonly layerId: string };

const PREFIX = 'surface:';

/** The surface of a part: an old paint is of some kind only where there is one. */
export function surfaceAt({ substrate, condition, film }: Surface): Surface {
  const hasFilm = film !== undefined && (condition === 'e-coat' || isPainted({ condition }));
  return { substrate, condition, ...(hasFilm ? { film } : {}) };
}

/** The surface of a part as the ground of its first layer. */
export const surfaceGround = (part: Surface): Ground => ({ kind: 'surface', ...surfaceAt(part) });

/** A surface without its prefix, as it stands in the params of a reason: steel/bare, steel/chipped/lacquer. */
export const surfaceText = ({ substrate, condition, film }: Surface): string =>
  [substrate, condition, ...(film ? [film] : [])].join('/');

export function groundText(ground: Ground): string {
  return ground.kind === 'layer' ? ground.layerId : `${PREFIX}${surfaceText(ground)}`;
}

/** Reads steel/bare; null for a text that names no surface. */
export function surfaceOf(text: string): Surface | null {
  const [substrate, condition, film, more] = text.split('/');
  const known = {
    substrate: SUBSTRATES.find((s) => s === substrate),
    condition: CONDITIONS.find((c) => c === condition),
    film: FILMS.find((x) => x === film),
  };
  const isFilmOdd = film !== undefined && !known.film;
  if (!known.substrate || !known.condition || isFilmOdd || more !== undefined) return null;
  return {
    substrate: known.substrate,
    condition: known.condition,
    ...(known.film ? { film: known.film } : {}),
  };
}

/** Reads what groundText wrote; a text that is no surface is a layer's id. */
export function groundOf(text: string): Ground {
  const surface = text.startsWith(PREFIX) ? surfaceOf(text.slice(PREFIX.length)) : null;
  return surface ? { kind: 'surface', ...surface } : { kind: 'layer', layerId: text };
}

/**
 * Film as a budget with a bottom and a top, for every product on every part: the least that protects or
 * isolates, the most in one session and in all, and for a clear that is flatted what is left of it. A sheet's
 * own figures win over those of its kind.
 */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { productIn, type System } from '../seams/seam';
import { schoolOf } from './schools';
import { splitAtSeams } from './sessions';
import { COLOURED } from './tint';

interface FilmLimits {
  /** Least that does its work, dry µm; none where thin does no harm. */
  readonly leastUm?: number;
  readonly mostUm: number;
  /** Most that lets its solvent out in one session. */
  readonly sessionUm: number;
}

/** By kind, dry µm. From memory; clear and colour as the trade says: colour about 40 in all, clear about 150. */
const BY_KIND: Readonly<Record<Product['kind'], FilmLimits>> = {
  'adhesion-promoter': { mostUm: 10, sessionUm: 10 },
  'wood-sealer': { mostUm: 50, sessionUm: 50 },
  'etch-primer': { leastUm: 5, mostUm: 20, sessionUm: 20 },
  'epoxy-primer': { leastUm: 20, mostUm: 150, sessionUm: 120 },
  'spray-filler': { mostUm: 800, sessionUm: 450 },
  surfacer: { mostUm: 300, sessionUm: 200 },
  'filler-primer': { mostUm: 200, sessionUm: 120 },
  sealer: { leastUm: 10, mostUm: 50, sessionUm: 50 },
  basecoat: { mostUm: 40, sessionUm: 40 },
  'mid-coat': { mostUm: 40, sessionUm: 40 },
  enamel: { leastUm: 25, mostUm: 70, sessionUm: 60 },
  'single-stage': { leastUm: 40, mostUm: 130, sessionUm: 100 },
  'heat-paint': { mostUm: 35, sessionUm: 35 },
  clear: { leastUm: 40, mostUm: 150, sessionUm: 120 },
};
/** A one-part clear is weak at any film; this is what is called its least. From memory. */
const ONE_PART_CLEAR: Partial<FilmLimits> = { leastUm: 25, sessionUm: 80 };

export function filmLimits(product: Product): FilmLimits {
  const isOnePart = product.kind === 'clear' && product.chemistry !== '2k-urethane';
  const kind = { ...BY_KIND[product.kind], ...(isOnePart ? ONE_PART_CLEAR : {}) };
  const leastUm = product.filmLeastUm ?? kind.leastUm;
  return {
    ...(leastUm !== undefined ? { leastUm } : {}),
    mostUm: product.filmMostUm ?? kind.mostUm,
    sessionUm: product.filmSessionMostUm ?? kind.sessionUm,
  };
}

/** What flatting from P1500 and compound take, µm: 5 to 15, the safe end. From memory. */
const FLATTED_UM = 15;
/** Under this share of its least a film does not do its work at all, over this of its most it fails. From memory. */
const FAR_UNDER = 0.7;
export const FAR_OVER = 1.3;

export interface FilmLine {
  readonly code: 'film-flatted-through' | 'film-too-thin' | 'film-too-thick' | 'film-in-a-session';
  readonly verdict: 'care' | 'no';
  readonly params: Readonly<Record<string, string | number>>;
}

/** The coats of one product on one part, or of all clears on it. */
interface Pile {
  readonly product: Product;
  readonly layers: readonly PlanLayer[];
  readonly coats: number;
  readonly builtUm: number;
  /** The largest share of it that is sprayed in one session. */
  readonly inSessionUm: number;
  /** Those of them that are left to protect: of clears, those over the last colour. */
  readonly over: readonly PlanLayer[];
}

/** Film of all coats of some layers as their sheets have it, dry µm. */
export const layersUm = (layers: readonly Pick<PlanLayer, 'coats' | 'filmUmPerCoat'>[]): number =>
  layers.reduce((a, l) => a + l.coats * l.filmUmPerCoat, 0);
const coatsOf = (layers: readonly PlanLayer[]): number => layers.reduce((a, l) => a + l.coats, 0);

function pilesOn(part: Part, system: System): Pile[] {
  const mine = system.layers.filter((l) => l.partIds.includes(part.id));
  const nameOf = (l: PlanLayer): string => {
    const { kind, id } = productIn(system.products, l.productId);
    return kind === 'clear' ? kind : id;
  };
  const groups = splitAtSeams(system);
  const lastColour = mine.findLastIndex((l) => COLOURED.has(productIn(system.products, l.productId).kind));
  return [...new Set(mine.map(nameOf))].map((name): Pile => {
    const layers = mine.filter((l) => nameOf(l) === name);
    const bySession = groups.map((group) => layersUm(layers.filter((l) => group.some((g) => g.id === l.id))));
    return {
      product: productIn(system.products, layers.at(-1)!.productId),
      layers,
      coats: coatsOf(layers),
      builtUm: layersUm(layers),
      inSessionUm: Math.max(...bySession),
      over: name === 'clear' ? layers.filter((l) => mine.indexOf(l) > lastColour) : layers,
    };
  });
}

/** What stands up under the clear where tape was pulled: the tallest second tone, µm. */
function ridgeUm(part: Part, { layers }: System): number {
  const tones = layers.filter((l) => l.hex !== undefined && l.partIds.includes(part.id));
  const laidOver = tones.filter((l) => layers.some((b) => b.role === l.role && b.id !== l.id));
  return Math.max(0, ...laidOver.map((l) => layersUm([l])));
}

/** What is flatted off the top of a part, µm; nothing where it is left as it falls. */
function awayUm(job: Job, part: Part, system: System, { product }: Pile): number {
  const isFlatted = schoolOf(job, 'flatting') === 'flatted' && product.gloss === 'gloss';
  const top = system.layers.filter((l) => l.partIds.includes(part.id)).at(-1);
  if (!isFlatted || top?.productId !== product.id) return 0;
  return FLATTED_UM + ridgeUm(part, system);
}

const round = (um: number): number => Math.round(um * 10) / 10;

function tooThin(pile: Pile, limits: FilmLimits, away: number): FilmLine[] {
  const { product, over } = pile;
  const { leastUm } = limits;
  const builtUm = layersUm(over);
  const restUm = builtUm - away;
  // No clear over the last colour at all is another matter than a thin one.
  if (leastUm === undefined || over.length === 0 || restUm >= leastUm) return [];
  const enough = Math.ceil((leastUm + away) / over.at(-1)!.filmUmPerCoat);
  const params = {
    product: product.name,
    coats: coatsOf(over),
    builtUm: round(builtUm),
    awayUm: round(away),
    restUm: round(restUm),
    leastUm,
    enough,
  };
  if (away > 0) return [{ code: 'film-flatted-through', verdict: 'no', params }];
  return [{ code: 'film-too-thin', verdict: builtUm < FAR_UNDER * leastUm ? 'no' : 'care', params }];
}

/** Over its most, in all and in one session: each with its own sum. */
function tooThick({ product, coats, builtUm, inSessionUm }: Pile, limits: FilmLimits): FilmLine[] {
  const found = [
    { code: 'film-too-thick', um: builtUm, mostUm: limits.mostUm },
    { code: 'film-in-a-session', um: inSessionUm, mostUm: limits.sessionUm },
  ] as const;
  return found
    .filter(({ code, um, mostUm }) => um > mostUm && (code === 'film-too-thick' || mostUm < limits.mostUm))
    .map(({ code, um, mostUm }) => ({
      code,
      verdict: um > FAR_OVER * mostUm ? 'no' : 'care',
      params: { product: product.name, coats, builtUm: round(um), mostUm },
    }));
}

/** Everything the films of a build-up are short of or have too much of; what several parts share is said once. */
export function filmLines(job: Job, system: System): FilmLine[] {
  const all = job.parts.flatMap((part) =>
    pilesOn(part, system).flatMap((pile) => {
      const limits = filmLimits(pile.product);
      return [...tooThin(pile, limits, awayUm(job, part, system, pile)), ...tooThick(pile, limits)];
    }),
  );
  const said = new Map(all.map((line) => [JSON.stringify([line.code, line.params]), line]));
  return [...said.values()];
}

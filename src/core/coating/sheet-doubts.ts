/**
 * Figures of a sheet that may be true and mostly are slips: asked about before they are believed. What no sheet
 * can say at all is refused in sheet-faults. Usual figures by kind are those of the trade, from memory.
 */
import type { Product } from '@/model/product';

export interface SheetDoubt {
  readonly field: string;
  readonly code: string;
  /** What it says, what is usual, and what it perhaps means. */
  readonly params: Readonly<Record<string, string | number>>;
}

/** Usual dry film of one coat, µm. */
const FILM_UM: Readonly<Record<Product['kind'], readonly [low: number, high: number]>> = {
  'adhesion-promoter': [2, 6],
  'wood-sealer': [6, 25],
  'etch-primer': [4, 12],
  'epoxy-primer': [20, 45],
  'spray-filler': [60, 180],
  surfacer: [30, 70],
  'filler-primer': [12, 40],
  sealer: [12, 30],
  basecoat: [4, 12],
  'mid-coat': [3, 15],
  enamel: [10, 25],
  'single-stage': [18, 35],
  'heat-paint': [8, 20],
  clear: [7, 32],
};
/** Beyond this times the usual end nobody meant a coat. */
const FAR = 1.6;
const MM_TO_UM = 1000;

type Doubt = (p: Product) => SheetDoubt[];
const doubt = (field: string, code: string, params: SheetDoubt['params']): SheetDoubt[] => [
  { field, code, params },
];

/** Film in millimetres, in a tenth of what it is, or of the whole job taken for one coat. */
const film: Doubt = ({ kind, coats, filmUmPerCoat: um }) => {
  const [low, high] = FILM_UM[kind];
  const usual = { low, high, value: um };
  if (um < low / FAR) {
    const meant = um * MM_TO_UM;
    const isMm = meant >= low / FAR && meant <= high * FAR * coats;
    return doubt('filmUmPerCoat', isMm ? 'film-in-mm' : 'film-thin-coat', { ...usual, meant });
  }
  if (um <= high * FAR) return [];
  return doubt('filmUmPerCoat', 'film-of-all-coats', { ...usual, coats, meant: Math.round(um / coats) });
};

/** Theoretical cover of a full can in one coat, m²: a litre over a square metre is a millimetre. */
const CAN_COVERS_M2 = 9;
const cover: Doubt = ({ carrier, packs, solidsFrac, filmUmPerCoat }) => {
  if (carrier !== 'aerosol') return [];
  const ml = packs[0]!.sizeMl;
  const m2 = Math.round(((ml * solidsFrac) / filmUmPerCoat) * 10) / 10;
  return m2 > CAN_COVERS_M2 ? doubt('solidsFrac', 'can-covers', { ml, m2, most: CAN_COVERS_M2 }) : [];
};

/** More hardener than paint, or two parts of a hundred that do not say which is which. */
const ratio: Doubt = ({ kind, mix }) => {
  if (!mix || mix.hardener === 0) return [];
  const said = { base: mix.base, hardener: mix.hardener };
  if (mix.base + mix.hardener === 100 && mix.base !== mix.hardener && mix.hardener >= 10)
    return doubt('mix', 'which-is-paint', said);
  const most = kind === 'epoxy-primer' ? 1.5 : 1;
  return mix.hardener / mix.base > most ? doubt('mix', 'ratio-turned', said) : [];
};

const LEAST_RH = 0.2;
const humidity: Doubt = ({ rhMaxFrac }) =>
  rhMaxFrac >= LEAST_RH
    ? []
    : doubt('rhMaxFrac', 'humidity-frac', {
        value: rhMaxFrac * 100,
        meant: Math.min(100, rhMaxFrac * 10_000),
      });

/** Longest that is met, minutes. */
const LONGEST: readonly (readonly [
  field: 'flashMin' | 'dustFreeMin' | 'touchDryMin' | 'handleMin',
  min: number,
])[] = [
  ['flashMin', 120],
  ['dustFreeMin', 720],
  ['touchDryMin', 2880],
  ['handleMin', 10_080],
];
const waits: Doubt = (p) =>
  LONGEST.flatMap(([field, most]) =>
    p[field] > most
      ? doubt(field, 'wait-long', { value: p[field], most, meant: Math.round(p[field] / 60) })
      : [],
  );

const SHORTEST_POT_MIN = 5;
const pot: Doubt = ({ potLifeMin }) =>
  potLifeMin !== undefined && potLifeMin < SHORTEST_POT_MIN
    ? doubt('potLifeMin', 'pot-short', { value: potLifeMin, meant: potLifeMin * 60 })
    : [];

/** Solids by volume as they are met: of a can with its propellant, of a tin, of polyester. */
function usualSolids({ carrier, kind }: Product): readonly [least: number, most: number] {
  if (carrier === 'aerosol') return [0.02, 0.4];
  return kind === 'spray-filler' ? [0.3, 0.95] : [0.08, 0.75];
}
const solids: Doubt = (p) => {
  const [least, most] = usualSolids(p);
  if (p.solidsFrac >= least && p.solidsFrac <= most) return [];
  return doubt('solidsFrac', 'solids-odd', { value: p.solidsFrac * 100, low: least * 100, high: most * 100 });
};

const COLDEST_MIN_C = 25;
const temperature: Doubt = ({ tempMinC }) =>
  tempMinC > COLDEST_MIN_C
    ? doubt('tempMinC', 'warm-least', { value: tempMinC, meant: Math.round(((tempMinC - 32) * 5) / 9) })
    : [];

const ALL: readonly Doubt[] = [film, cover, ratio, humidity, waits, pot, solids, temperature];

/** What a sheet is asked about; what its owner has said is so is not asked again. */
export function sheetDoubts(p: Product): SheetDoubt[] {
  return ALL.flatMap((of) => of(p)).filter((d) => !p.sure?.includes(d.field));
}

/** What is poured when: cup marks by volume and weight, grades for the hour, pours that the pot life lets you spray. */
import type { Product } from '@/model/product';
import { limitRate } from '../drying/rate';

export interface MixMark {
  readonly part: 'base' | 'hardener' | 'reducer';
  readonly ml: number;
  /** fill the cup to here */ readonly toMl: number;
  readonly g: number;
  /** scale shows this, cup tared */ readonly toG: number;
}

/** Density of hardener and reducer, g/ml, where no sheet says. From memory. */
export const HARDENER_G_PER_ML = 1.05;
export const REDUCER_G_PER_ML = 0.87;
/** Density of a base by chemistry, g/ml. From memory; the sheet's own figure wins. */
const BASE_G_PER_ML: Partial<Record<Product['chemistry'], number>> = {
  '2k-epoxy': 1.4,
  polyester: 1.55,
  '2k-urethane': 1.1,
};
const KIND_G_PER_ML: Partial<Record<Product['kind'], number>> = { clear: 0.98, surfacer: 1.45 };
export const baseDensity = (p: Pick<Product, 'chemistry' | 'densityGPerMl' | 'kind'>): number =>
  p.densityGPerMl ?? KIND_G_PER_ML[p.kind] ?? BASE_G_PER_ML[p.chemistry] ?? 1.0;

/**
 * Cumulative cup marks: fill to a, then to a + b, then to a + b + c. Parts by volume; identity.
 * @param ml mixed, above 0
 * @throws RangeError when a part is negative, the base is 0, or ml is not above 0
 */
export function mixMarks(
  mix: { base: number; hardener: number; reducer: number },
  ml: number,
  density: { base: number; hardener?: number; reducer?: number } = { base: 1 },
): MixMark[] {
  if (!(ml > 0)) throw new RangeError('mixMarks: millilitres above 0');
  if (!(mix.base > 0) || !(mix.hardener >= 0) || !(mix.reducer >= 0))
    throw new RangeError('mixMarks: base above 0, other parts 0 or more');
  const all = mix.base + mix.hardener + mix.reducer;
  let toMl = 0;
  let toG = 0;
  return (
    [
      ['base', mix.base, density.base],
      ['hardener', mix.hardener, density.hardener ?? HARDENER_G_PER_ML],
      ['reducer', mix.reducer, density.reducer ?? REDUCER_G_PER_ML],
    ] as const
  ).flatMap(([part, parts, gPerMl]) => {
    if (parts === 0) return [];
    const m = (ml * parts) / all;
    toMl += m;
    toG += m * gPerMl;
    return [{ part, ml: m, toMl, g: m * gPerMl, toG }];
  });
}

/** Parts by volume as they are said, what is not in it left out: 4 : 1 : 1, 2 : 1. */
export const ratioText = ({ base, hardener, reducer }: NonNullable<Product['mix']>): string =>
  [base, ...[hardener, reducer].filter((x) => x > 0)].join(' : ');

export const GRADES = ['fast', 'standard', 'slow', 'very-slow'] as const;
export type ReducerGrade = (typeof GRADES)[number];
/**
 * Area from which a panel wants one grade slower, and under which one faster, m². Common practice without a
 * figure; from memory.
 */
export const LARGE_M2 = 1.5;
export const SMALL_M2 = 0.1;

/**
 * Grade of reducer and hardener by temperature through the drying time: fast below 18 °C, standard to 25,
 * slow to 30, very slow above; one slower for a large panel, faster for a small part. Common practice.
 */
export function gradeFor(tempC: number, areaM2: number): ReducerGrade {
  const byHeat = Number(tempC >= 18) + Number(tempC > 25) + Number(tempC > 30);
  const bySize = Number(areaM2 >= LARGE_M2) - Number(areaM2 < SMALL_M2);
  return GRADES[Math.min(3, Math.max(0, byHeat + bySize))]!;
}

/**
 * Pot life at a steady temperature, minutes: by the same dose as on the day, never longer than the sheet says.
 */
export function potLifeAt(potLifeMin: number, refTempC: number, tempC: number): number {
  return potLifeMin / limitRate('cure', tempC, refTempC);
}

export interface CoatToPour {
  readonly id: string;
  readonly ml: number;
  readonly minutes: number;
  /** wait before it, minutes; 0 for the first */ readonly waitMin: number;
}
export interface Pour {
  readonly ml: number;
  readonly coats: readonly string[];
  /** of so many pours of one coat, which; [1, 1] when a pour covers whole coats */ readonly part: readonly [
    number,
    number,
  ];
  /** minutes from mixing until the last of it is out */ readonly lastsMin: number;
}

/** Share of the pot life that is planned with; the rest is for a stuck needle. From memory. */
export const POT_SHARE = 0.8;

/**
 * Pours for the coats of one session, in order: as many whole coats as cup and pot life allow; a
 * coat larger than the cup is poured in equal parts.
 * @param potMin pot life at the temperature, minutes, taken as a minute and a quarter at least; null for
 * paint that keeps
 */
export function pours(coats: readonly CoatToPour[], cupMl: number, potMin: number | null): Pour[] {
  if (!(cupMl > 0)) throw new RangeError('pours: cup above 0 ml');
  const out: Pour[] = [];
  const limit = potMin === null ? Number.POSITIVE_INFINITY : Math.max(1, potMin * POT_SHARE);
  let open: { ml: number; coats: string[]; lastsMin: number } | null = null;
  const close = (): void => {
    if (open) out.push({ ...open, part: [1, 1] });
    open = null;
  };
  for (const coatToPour of coats) {
    const n = Math.ceil(Math.max(coatToPour.ml / cupMl, coatToPour.minutes / limit) - 1e-9);
    if (n > 1) {
      close();
      for (let k = 1; k <= n; k++)
        out.push({
          ml: coatToPour.ml / n,
          coats: [coatToPour.id],
          part: [k, n],
          lastsMin: coatToPour.minutes / n,
        });
      continue;
    }
    const now = open as { ml: number; coats: string[]; lastsMin: number } | null;
    if (
      now &&
      now.ml + coatToPour.ml <= cupMl + 1e-9 &&
      now.lastsMin + coatToPour.waitMin + coatToPour.minutes <= limit
    )
      open = {
        ml: now.ml + coatToPour.ml,
        coats: [...now.coats, coatToPour.id],
        lastsMin: now.lastsMin + coatToPour.waitMin + coatToPour.minutes,
      };
    else {
      close();
      open = { ml: coatToPour.ml, coats: [coatToPour.id], lastsMin: coatToPour.minutes };
    }
  }
  close();
  return out;
}

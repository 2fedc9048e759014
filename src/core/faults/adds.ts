/** What a mend adds: minutes of hands, the wait by the sheet, paint. From memory; paint by the sheet's film. */
import type { Product } from '@/model/product';
import { CHARACTER_WEIGHT } from '../coating/character';
import { TRANSFER_FRAC, usageOver } from '../material/coat-uses';
import { stageOf } from '../drying/rate';
import type { MendStep, Mending } from './steps';

/** Minutes a square metre of the whole face; and for one place. */
const FACE_MIN = { sand: 30, polish: 40, strip: 150, coat: 12, clean: 6 } as const;
const PLACE_MIN = { sand: 6, polish: 8, wipe: 15, fill: 45, nail: 5, test: 20 } as const;
/** Setting up for one more coat. */
const COAT_SETUP_MIN = 10;
/** What runs past the edges. From memory. */
const OVERRUN = 1.15;
/** A mended place with its fade, m², at most the part. */
const PLACE_M2 = 0.2;

type Coat = Extract<MendStep, { do: 'coat' }>;
/** Of a place on so much. */
export const placeM2 = (areaM2: number): number => Math.min(PLACE_M2, areaM2);
const coatedM2 = ({ isLocal }: Coat, areaM2: number): number => (isLocal ? placeM2(areaM2) : areaM2);

/** Hands, minutes. */
export function minutesOf(step: MendStep, areaM2: number): number {
  switch (step.do) {
    case 'wait':
      return 0;
    case 'sand':
      return step.isLocal ? PLACE_MIN.sand : FACE_MIN.sand * areaM2;
    case 'coat':
      return step.coats * (COAT_SETUP_MIN + FACE_MIN.coat * coatedM2(step, areaM2));
    case 'clean':
      return FACE_MIN.clean * areaM2;
    case 'polish':
      return Math.max(PLACE_MIN.polish, FACE_MIN.polish * areaM2);
    case 'strip':
      return FACE_MIN.strip * areaM2;
    default:
      return PLACE_MIN[step.do];
  }
}

export interface Poured {
  readonly product: Product;
  readonly ml: number;
}
export interface Adds {
  /** Hands, minutes. */
  readonly handsMin: number;
  /** Waiting until a film may be touched, minutes at the sheet's temperature. */
  readonly waitMin: number;
  readonly paint: readonly Poured[];
}

/** By HVLP where it is a gun: a mend does not know which. */
const transferOf = ({ carrier }: Product): number =>
  carrier === 'aerosol' ? TRANSFER_FRAC.aerosol : TRANSFER_FRAC.hvlp;

function pouredBy(steps: readonly MendStep[], areaM2: number): Poured[] {
  const ml = new Map<Product, number>();
  for (const s of steps) {
    if (s.do !== 'coat') continue;
    const coats = s.coats * (s.isDrop ? CHARACTER_WEIGHT.drop : 1);
    const lost = { transfer: transferOf(s.product), overrun: OVERRUN };
    const { sprayMl } = usageOver(s.product, coatedM2(s, areaM2), coats, lost);
    ml.set(s.product, (ml.get(s.product) ?? 0) + sprayMl);
  }
  return [...ml].map(([product, sum]) => ({ product, ml: sum }));
}

/** Waits run on the film that is on top when they begin. */
export function addsOf(steps: readonly MendStep[], { film, areaM2 }: Mending): Adds {
  let top = film.product;
  let waitMin = 0;
  for (const s of steps) {
    if (s.do === 'coat') top = s.product;
    if (s.do === 'wait') waitMin += s.times * stageOf(top, s.stage).minutes;
  }
  return {
    handsMin: steps.reduce((a, s) => a + minutesOf(s, areaM2), 0),
    waitMin,
    paint: pouredBy(steps, areaM2),
  };
}

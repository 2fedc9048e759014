/** What a mend adds: minutes of hands, the wait by the sheet, paint. From memory; paint by the sheet's film. */
import type { Product } from '@/model/product';
import { TRANSFER_FRAC } from '../material/coat-uses';
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

function minutesOf(step: MendStep, areaM2: number): number {
  switch (step.do) {
    case 'wait':
      return 0;
    case 'sand':
      return step.isLocal ? PLACE_MIN.sand : FACE_MIN.sand * areaM2;
    case 'coat':
      return (
        step.coats * (COAT_SETUP_MIN + FACE_MIN.coat * (step.isLocal ? Math.min(PLACE_M2, areaM2) : areaM2))
      );
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

/** A drop coat is a light one. */
const DROP_SHARE = 0.6;

function pouredBy(steps: readonly MendStep[], areaM2: number): Poured[] {
  const ml = new Map<Product, number>();
  for (const s of steps) {
    if (s.do !== 'coat') continue;
    const on = s.isLocal ? Math.min(PLACE_M2, areaM2) : areaM2;
    const transfer = s.product.carrier === 'aerosol' ? TRANSFER_FRAC.aerosol : TRANSFER_FRAC.hvlp;
    const filmMl = on * s.product.filmUmPerCoat * s.coats * (s.isDrop ? DROP_SHARE : 1);
    ml.set(s.product, (ml.get(s.product) ?? 0) + (filmMl / s.product.solidsFrac / transfer) * OVERRUN);
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

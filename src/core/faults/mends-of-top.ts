/** Mends of what shines: flatting, a flow coat, runs, nibs. */
import { filmLimits } from '../coating/film-budget';
import { onEnamel, onMatte, type FilmSeen } from './card';
import { colourAgain } from './mends-of-colour';
import {
  LOW_SHARE,
  POLISH_UM,
  clean,
  coat,
  keyingP,
  sand,
  untilSandable,
  wait,
  type Made,
  type MendStep,
  type Mending,
} from './steps';

const isGlossTop = ({ film }: Mending): boolean => {
  const { kind, effect = 'none' } = film.product;
  const isTop = kind === 'clear' || kind === 'enamel' || kind === 'single-stage';
  return isTop && !onMatte(film) && (kind === 'clear' || effect === 'none' || effect === 'solid');
};

/** What flatting leaves is enough to protect; the low film and the high loss decide. */
const leaves = ({ film, lowUm }: Mending, takesUm: number): boolean =>
  lowUm - takesUm - POLISH_UM >= (filmLimits(film.product).leastUm ?? 0);

const tookUm = (steps: readonly MendStep[]): number =>
  steps.reduce((a, s) => a + (s.do === 'sand' && !s.isLocal ? s.takesUm[1] : 0), 0);

/** Ladders to gloss by the film that is there, µm: the more of it, the coarser it may begin. From memory. */
const TO_GLOSS = [
  { fromUm: 80, rungs: [1000, 1500, 2000] },
  { fromUm: 60, rungs: [1200, 2000] },
  { fromUm: 50, rungs: [1500, 2000] },
  { fromUm: 0, rungs: [2000] },
] as const;

export function flatAndPolish(m: Mending): Made {
  if (!isGlossTop(m)) return null;
  for (const { fromUm, rungs } of TO_GLOSS) {
    const steps = rungs.map((p) => sand(p));
    if (m.lowUm >= fromUm && leaves(m, tookUm(steps)))
      return [...untilHard(m.film), ...steps, { do: 'polish' }];
  }
  return null;
}

/** Polished only when it is hard: the sheet's own figure, enamel for good. */
const untilHard = (film: FilmSeen, times = 1): MendStep[] =>
  onEnamel(film) ? [wait('cure')] : [wait('sand', times), wait('polish')];

/** Two coats more over dulled clear, one where the film would grow too thick; of what is no clear, its colour again. */
export function flowCoat(m: Mending): Made {
  const { product } = m.film;
  if (product.kind !== 'clear') return colourAgain(m);
  const paper = sand(keyingP(product, product, product.carrier === 'aerosol' ? 1000 : 800), { with: 'pad' });
  const room = filmLimits(product).mostUm - m.lowUm / LOW_SHARE;
  const coats = Math.min(2, Math.floor(room / product.filmUmPerCoat));
  if (coats < 1) return null;
  return [...untilHardToCoat(m.film), paper, clean('degrease'), coat(product, coats)];
}
const untilHardToCoat = (film: FilmSeen): MendStep[] =>
  onEnamel(film) ? [wait('cure')] : untilSandable(film);

export function runLadder(m: Mending): Made {
  if (!isGlossTop(m)) return null;
  const local = { isLocal: true } as const;
  return [...untilHard(m.film, 2), sand(1000, local), sand(1500, local), sand(2000, local), { do: 'polish' }];
}

export function nib(m: Mending): Made {
  if (!isGlossTop(m)) return null;
  return [...untilHard(m.film), sand(2000, { with: 'stick', isLocal: true }), { do: 'polish' }];
}

/** What was found on a film too thin to be dressed, or goes through it: levelled, dulled and coated again. */
import type { Found } from '@/model/finish';
import { liftsItself } from './drying/rate';
import { levelGrits, waitsOf } from './finish/found';
import { mendSteps } from './faults/mend';
import { sand, wait, type MendStep, type Mending } from './faults/steps';

/** Another coat of itself still bonds, by the sheet at its own temperature; a tenth is kept in hand. From memory. */
const BONDS_UNTIL = 0.9;
const stillBonds = ({ film }: Mending, sinceMin: number): boolean =>
  !liftsItself(film.product) &&
  film.product.itselfMaxMin !== undefined &&
  sinceMin < BONDS_UNTIL * film.product.itselfMaxMin;

/**
 * null where no more may go on it. Within its time to coat again a film that needs no levelling needs no paper either.
 * @param sinceMin since its last coat
 */
export function coatAgain(found: Found, m: Mending, sinceMin: number): readonly MendStep[] | null {
  const steps = mendSteps('flow-coat', m);
  if (!steps) return null;
  const level = levelGrits(found).map((p) => sand(p, { isLocal: true }));
  if (level.length === 0)
    return stillBonds(m, sinceMin) ? [wait('next'), ...steps.filter((s) => s.do === 'coat')] : steps;
  const first = steps.findIndex((s) => s.do !== 'wait');
  const waits = steps.slice(0, first);
  // A film that cures through is waited for in its own way.
  const own = waits.some((s) => s.do === 'wait' && s.stage !== 'sand')
    ? waits
    : [wait('sand', waitsOf(found))];
  return [...own, ...level, ...steps.slice(first)];
}

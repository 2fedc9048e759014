/** Every chance of a stage under every news that its look may bring; on average each stays what it is. */
import type { Quadrature } from '../../numerics/normal';
import { seenLater } from './information';
import type { Offer } from './problem';

/** How finely the news is told apart: what all blocks of a look share, and what each has of its own. */
export interface Fineness {
  readonly shared: Quadrature;
  readonly own: Quadrature;
}

/** Chances of one offer under all news, moved so that their mean is the chance it has now. */
function moved(out: Float64Array, from: number, { chance, known }: Offer, told: Told): void {
  const size = told.xi.length;
  if (known <= 0) {
    out.fill(chance, from, from + size);
    return;
  }
  const seen = seenLater(chance, known);
  let mean = 0;
  let room = 0;
  for (let i = 0; i < size; i++) {
    const p = seen(told.xi[i]!);
    out[from + i] = p;
    mean += told.w[i]! * p;
    room += told.w[i]! * p * (1 - p);
  }
  // A few nodes miss the mean by some thousandths: made good where there is room to move.
  const push = room > 1e-9 ? (chance - mean) / room : 0;
  for (let i = from; i < from + size; i++) {
    const p = out[i]!;
    out[i] = Math.min(1, Math.max(0, p + push * p * (1 - p)));
  }
}

interface Told {
  readonly xi: readonly number[];
  readonly w: readonly number[];
}

function toldOf({ shared, own }: Fineness, tie: number): Told {
  const all = Math.sqrt(tie);
  const each = Math.sqrt(1 - tie);
  return {
    xi: shared.x.flatMap((x) => own.x.map((y) => all * x + each * y)),
    w: shared.w.flatMap((a) => own.w.map((b) => a * b)),
  };
}

/** Shape [offers × shared nodes × own nodes]. @param tie correlation of the news of two blocks of one look, 0…1 */
export function newsOf(offers: readonly Offer[], fineness: Fineness, tie: number): Float64Array {
  const told = toldOf(fineness, tie);
  const size = told.xi.length;
  const out = new Float64Array(offers.length * size);
  offers.forEach((offer, i) => moved(out, i * size, offer, told));
  return out;
}

/** The pack optimum by a mixed-integer solver: one instance is kept, since making one costs tens of milliseconds. */
import loadHighs from 'highs';
import {
  basketOf,
  checkPurchase,
  covers,
  programmeOf,
  type Basket,
  type Purchase,
} from '@/core/material/purchase';

export type PackSolver = (p: Purchase) => Basket;
type Highs = Awaited<ReturnType<typeof loadHighs>>;

/** Steps of the search: a list of forty jobs takes a few hundred. */
const MOST_NODES = 20_000;

/** The optimum was not found within the steps that are allowed. */
export class PacksNotFound extends Error {
  readonly code = 'PELLUCID_TOO_LONG';
  constructor(status: string) {
    super(`the pack solver ended with: ${status}`);
  }
}

const held = globalThis as typeof globalThis & { pellucidHighs?: Promise<Highs> };

/**
 * The solver, loaded once for the process.
 * @param mostNodes steps of its search; what is not found by then throws PacksNotFound
 */
export async function packSolver(mostNodes = MOST_NODES): Promise<PackSolver> {
  held.pellucidHighs ??= loadHighs();
  const highs = await held.pellucidHighs;
  return (purchase) => {
    checkPurchase(purchase);
    if (purchase.offers.length === 0 || Object.values(purchase.needs).every((n) => n <= 1e-6))
      return basketOf(
        purchase,
        purchase.offers.map(() => 0),
      );
    // Presolve and the jumping heuristic cost more than they save on a dozen variables. The gap is closed
    // wholly: two baskets may differ by pence.
    const highsSolution = highs.solve(programmeOf(purchase), {
      output_flag: false,
      presolve: 'off',
      mip_heuristic_run_feasibility_jump: false,
      mip_rel_gap: 0,
      mip_abs_gap: 1e-7,
      mip_max_nodes: mostNodes,
    } as Parameters<typeof highs.solve>[1]);
    if (highsSolution.Status !== 'Optimal') throw new PacksNotFound(highsSolution.Status);
    const steps = purchase.offers.map((_o, i) => {
      const c = highsSolution.Columns[`x${i}`];
      return c && 'Primal' in c ? Math.round(Number(c.Primal)) : 0;
    });
    if (!covers(purchase, steps))
      throw new Error('the pack solver gave a basket that does not cover the need');
    return basketOf(purchase, steps);
  };
}

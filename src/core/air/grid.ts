/** The half-hour grid on which the air at the part is known. */
export interface Grid {
  readonly startMs: number;
  readonly stepMs: number;
}

/** The last instant of a grid of so many nodes, ms. */
export const lastNodeMs = ({ startMs, stepMs, nodes }: Grid & { readonly nodes: number }): number =>
  startMs + (nodes - 1) * stepMs;

/** The node nearest to an instant, 0…nodes − 1; before and after the grid its ends. */
export const nearestNode = ({ startMs, stepMs }: Grid, nodes: number, ms: number): number =>
  Math.min(nodes - 1, Math.max(0, Math.round((ms - startMs) / stepMs)));

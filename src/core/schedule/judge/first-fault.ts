/** What goes wrong first in one future: faults are told as they are met, the earliest counts. */
import type { AtPart } from '../../air/at-part';
import { causeAt, type Cause, type LimitStage, type LimitTable } from './limits';

export class FirstFault {
  private node = Infinity;
  cause: Cause | null = null;

  constructor(
    private readonly air: AtPart,
    private readonly row: number,
  ) {}

  private nodeAt(ms: number): number {
    return (ms - this.air.startMs) / this.air.stepMs;
  }

  private tell(cause: Cause, node: number): void {
    if (!(node < this.node)) return;
    this.node = node;
    this.cause = cause;
  }

  breaks(cause: Cause, ms: number): void {
    this.tell(cause, this.nodeAt(ms));
  }

  /** A stretch over which a stage of a product's limits must hold; an empty one holds. */
  hold(table: LimitTable, stage: LimitStage, fromMs: number, toMs: number): void {
    const { air, row } = this;
    if (toMs < fromMs) return;
    const from = Math.max(0, Math.floor(this.nodeAt(fromMs)));
    const to = Math.ceil(this.nodeAt(toMs));
    if (!(to < air.nodes)) this.tell('beyond-forecast', air.nodes - 1);
    if (from >= air.nodes) return;
    const bad = table.nextBad[stage][row * air.nodes + from]!;
    if (bad <= to && bad < air.nodes) this.tell(causeAt(table, stage, { row, node: bad }), bad);
  }
}

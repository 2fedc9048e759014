/** What can be taken back and done again: the states of a job before its edits, newest on top. */
import type { StepSide } from '@/usecases/ports';
import type { StepRow } from './job-rows';
import { stepStatements } from './job-statements';
import type { Db } from './db';

/** Steps kept per job and side; one field typed on within this time is one step. */
const STEPS_KEPT = 60;
const ONE_STEP_MS = 4000;

/** A state as it was before an edit. */
export interface Before {
  readonly what: string;
  readonly doc: string;
  /** Zero makes the next edit of the same field a step of its own. */
  readonly atMs: number;
}

export class JobSteps {
  private readonly sql: ReturnType<typeof stepStatements>;
  constructor(db: Db) {
    this.sql = stepStatements(db);
  }

  top(id: string, side: StepSide): StepRow | undefined {
    return this.sql.top.get(id, side);
  }

  push(id: string, side: StepSide, before: Before): void {
    const seq = (this.top(id, side)?.seq ?? 0) + 1;
    this.sql.push.run(id, side, seq, before.what, before.doc, before.atMs);
    this.sql.trim.run(id, side, seq - STEPS_KEPT);
  }

  /** Remembers what an edit replaced; an edit that goes on with the last one belongs to it. */
  record(id: string, before: Before): void {
    const last = this.top(id, 'undo');
    const goesOn = before.what !== '' && last?.what === before.what && before.atMs - last.at_ms < ONE_STEP_MS;
    if (goesOn) this.sql.touch.run(before.atMs, id, 'undo', last.seq);
    else this.push(id, 'undo', before);
    this.sql.clear.run(id, 'redo');
  }

  pop(id: string, side: StepSide, seq: number): void {
    this.sql.pop.run(id, side, seq);
  }
}

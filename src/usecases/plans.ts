/**
 * Plans, each made once: what was made for the same job, forecast and half hour is given again, also after
 * the server was started anew. They are made beside the event loop; whoever waits may leave.
 */
import type { Answer, PlanRequest } from '@/core/plan';
import { NOTHING_AROUND, type Around } from '@/core/schedule/around';
import { HALF_HOUR, HOUR, instantOf, MINUTE } from '@/core/time/instant';
import type { Job } from '@/model/job';
import { NO_READINGS, type JobReadings } from '@/model/reading';
import { lastRecordedMs } from './clock';
import type { AgreedShelf, CameStore, Issued, StoredJob, Weather } from './ports';

/** What a plan follows from. */
export interface PlanKey {
  readonly jobId: string;
  readonly job: Job;
  readonly issuedMs: number;
  /** What was measured, as far as the plan uses it. */
  readonly readings: JobReadings;
  /** What the jobs before it in turn take. */
  readonly around: Around;
  /** the half hour, or in the middle of work the minute, it is made for */
  readonly sinceMs: number;
}
export interface PlanShelf {
  get(key: PlanKey): Answer | null;
  keep(key: PlanKey, answer: Answer): void;
}
/** @throws AbortError when it was cancelled */
export type MakePlan = (request: PlanRequest, signal: AbortSignal) => Promise<Answer>;

/** One making that several wait for; when the last of them leaves, it is cancelled. */
class Making {
  private waiting = 0;
  private isDone = false;
  private hasFailed = false;
  private readonly stop = new AbortController();
  private readonly made: Promise<Answer>;

  /** @param job it is for: a job that was changed, or came back by a copy, is another one */
  constructor(
    readonly job: Job,
    make: (signal: AbortSignal) => Promise<Answer>,
  ) {
    this.made = make(this.stop.signal).finally(() => {
      this.isDone = true;
    });
    // Whoever waits is told; nobody need wait.
    this.made.catch(() => {
      this.hasFailed = true;
    });
  }

  /** Nothing will come of it. */
  get isLost(): boolean {
    return this.hasFailed || this.stop.signal.aborted;
  }

  async wait(signal?: AbortSignal): Promise<Answer> {
    this.waiting++;
    try {
      return await (signal ? Promise.race([this.made, leaving(signal)]) : this.made);
    } finally {
      this.waiting--;
      if (this.waiting === 0 && !this.isDone) this.stop.abort();
    }
  }
}

function leaving(signal: AbortSignal): Promise<never> {
  return new Promise((_resolve, reject) => {
    const leave = (): void => reject(new DOMException('nobody waits any more', 'AbortError'));
    if (signal.aborted) leave();
    else signal.addEventListener('abort', leave, { once: true });
  });
}

/** In the middle of work every minute counts; else a plan holds for its half hour. */
const IN_WORK_MS = 48 * HOUR;
export function sinceOf(job: Job, nowMs: number): number {
  const step = nowMs - lastRecordedMs([job]) < IN_WORK_MS ? MINUTE : HALF_HOUR;
  return Math.floor(nowMs / step) * step;
}

/** A start that has passed meanwhile is no proposal any more. */
function isOvertaken({ plan }: Answer, nowMs: number): boolean {
  const [first] = plan.sessions;
  return (
    first !== undefined && instantOf(plan.now) < nowMs - MINUTE && instantOf(first.startsAt) < nowMs - MINUTE
  );
}

/** What a plan is told of the air, and of other jobs. */
export interface ToldToPlan extends Pick<Issued, 'forecast' | 'issuedMs'> {
  readonly readings?: JobReadings;
  readonly around?: Around;
}
/** Readings that came or went make another plan. */
const readMark = ({ placeId, here, there }: JobReadings): string =>
  [placeId, ...[...here, ...there].map((r) => r.ms)].join(' ');

/** What is asked of the planner: a plan holds for its minute. */
export const requestOf = ({ job }: StoredJob, told: ToldToPlan, nowMs: number): PlanRequest => ({
  job,
  forecast: told.forecast,
  issuedMs: told.issuedMs,
  readings: told.readings ?? NO_READINGS,
  around: told.around ?? NOTHING_AROUND,
  nowMs: Math.floor(nowMs / MINUTE) * MINUTE,
});

const MOST_HELD = 80;

export class Plans {
  private readonly held = new Map<string, Making>();

  constructor(
    private readonly make: MakePlan,
    private readonly shelf: PlanShelf,
  ) {}

  async of(stored: StoredJob, told: ToldToPlan, nowMs: number, signal?: AbortSignal): Promise<Answer> {
    const { issuedMs, readings = NO_READINGS, around = NOTHING_AROUND } = told;
    const sinceMs = sinceOf(stored.job, nowMs);
    const key: PlanKey = { jobId: stored.id, job: stored.job, issuedMs, readings, around, sinceMs };
    const name = `${stored.id} ${issuedMs} ${sinceMs} ${readMark(readings)} ${JSON.stringify(around)}`;
    const request = requestOf(stored, told, nowMs);
    const held = this.held.get(name);
    if (held && !held.isLost && held.job === stored.job) {
      const answer = await held.wait(signal);
      if (!isOvertaken(answer, nowMs)) return answer;
      // Another who waited may have begun a new one already.
      if (this.held.get(name) !== held) return this.of(stored, told, nowMs, signal);
    }
    const kept = this.shelf.get(key);
    const isGood = kept !== null && !isOvertaken(kept, nowMs);
    const making = new Making(stored.job, (stop) =>
      isGood ? Promise.resolve(kept) : this.fresh(key, request, stop),
    );
    this.hold(name, making);
    return making.wait(signal);
  }

  private hold(name: string, making: Making): void {
    this.held.delete(name);
    if (this.held.size >= MOST_HELD) this.held.delete(this.held.keys().next().value!);
    this.held.set(name, making);
  }

  private async fresh(key: PlanKey, request: PlanRequest, stop: AbortSignal): Promise<Answer> {
    const answer = await this.make(request, stop);
    this.shelf.keep(key, answer);
    return answer;
  }
}

/** What a job is viewed with: the weather, and who makes its plan. */
export interface Planning {
  readonly weather: Weather;
  readonly plans: Plans;
  /** Jobs at work that are planned together, in the order of their turns. */
  inTurn(): readonly StoredJob[];
  /** Plans that the owner went on with. */
  readonly agreed: AgreedShelf;
  /** The air at the parts of each job as it came. */
  readonly came: CameStore;
  /** What was measured in the places of a job. */
  readingsFor(stored: StoredJob, nowMs: number): JobReadings;
}

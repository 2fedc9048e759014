/**
 * Saves a draft and loses nothing: waits a moment for more typing, sends one request at a time with
 * the version it started from, sends again what was typed meanwhile, tries again while the server
 * is silent, and merges what another tab changed. Only a field both changed is asked about.
 */
import { mergeThree, sameJson, type Json } from '@/core/records/three-way';
import type { Job } from '@/model/job';
import type { Steps, StepSide } from '@/usecases/ports';

export interface Fault {
  readonly path: string;
  readonly expected: string;
}
export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'offline' }
  /** The server answered, and its disk did not take it: why. Tried again. */
  | { readonly kind: 'held'; readonly message: string }
  | { readonly kind: 'refused'; readonly message: string; readonly faults: readonly Fault[] }
  | { readonly kind: 'clash'; readonly paths: readonly string[] };

export interface Reply {
  readonly status: number;
  readonly body: {
    readonly version?: number;
    readonly job?: Job;
    readonly steps?: Steps;
    readonly error?: string;
    readonly faults?: readonly Fault[];
  };
}
export interface Transport {
  put(version: number, job: Job): Promise<Reply>;
  step(version: number, side: StepSide): Promise<Reply>;
}
/** What is kept in the browser until the server has it. */
export interface Unsaved {
  readonly version: number;
  readonly base: Job;
  readonly job: Job;
}
export interface Listener {
  state(s: SaveState): void;
  /** The draft became another than what was typed: merged, taken back, recovered. */
  draft(job: Job): void;
  saved(version: number, steps: Steps): void;
  keep(unsaved: Unsaved | null): void;
}

const WAIT_MS = 300;
const RETRY_MS = 2500;
/** What the disk did not take may go later: it is full, locked or away. */
const MAY_PASS: ReadonlySet<number> = new Set([503, 507]);
/** While a draft waits to be tried again the page goes on saying why. */
const WAITING: ReadonlySet<SaveState['kind']> = new Set(['saving', 'offline', 'held']);
/** The order of layers is part of their meaning: two build-ups are never mixed. */
const ATOMIC = ['system.layers', 'freeHours.weekly'];

export class Saver {
  private base: Job;
  private version: number;
  private pending: Job | null = null;
  private theirs: { version: number; job: Job } | null = null;
  private kind: SaveState['kind'] = 'saved';
  private running: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(
    from: { version: number; job: Job },
    private readonly send: Transport,
    private readonly tell: Listener,
  ) {
    this.base = from.job;
    this.version = from.version;
  }

  /** The job as it stands on this page. */
  get draft(): Job {
    return this.pending ?? this.base;
  }
  get idle(): boolean {
    return this.pending === null && this.running === null;
  }

  private say(s: SaveState): void {
    this.kind = s.kind;
    this.tell.state(s);
  }

  change(job: Job): void {
    this.pending = job;
    this.tell.keep({ version: this.version, base: this.base, job });
    if (this.theirs) {
      this.clashOr();
      return;
    }
    if (!WAITING.has(this.kind)) this.say({ kind: 'saving' });
    this.later(WAIT_MS);
  }

  /** A newer state of the job from the server; taken when nothing of this page waits. */
  adopt(version: number, job: Job): boolean {
    if (!this.idle || version < this.version) return false;
    this.version = version;
    this.base = job;
    return true;
  }

  /** What an earlier page could not save before it closed. */
  recover(unsaved: Unsaved): void {
    if (sameJson(unsaved.job as unknown as Json, this.base as unknown as Json)) {
      this.tell.keep(null);
      return;
    }
    const newer = { version: this.version, job: this.base };
    this.base = unsaved.base;
    this.pending = unsaved.job;
    this.meet(newer);
  }

  /** Sends now what waits: on leaving the page. */
  flush(): void {
    if (this.pending !== null) void this.push();
  }
  stop(): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = null;
  }

  /** Takes back or does again, after what waits is saved. @returns a sentence when it could not */
  async step(side: StepSide): Promise<string | null> {
    this.stop();
    // A draft the server refused was never saved: taking it back is going back to what was.
    if (this.kind === 'refused' && side === 'undo' && this.pending !== null) {
      this.pending = null;
      this.tell.keep(null);
      this.takeOver(this.version, this.base);
      return null;
    }
    await this.push();
    if (this.pending !== null) return 'Not taken back: the last change is not saved yet.';
    try {
      const { status, body } = await this.send.step(this.version, side);
      if (status === 200 && body.version !== undefined && body.job && body.steps) {
        this.takeOver(body.version, body.job);
        this.tell.saved(body.version, body.steps);
        return null;
      }
      if (status === 409 && body.version !== undefined && body.job) {
        this.takeOver(body.version, body.job);
        return 'This job was changed in another tab; that change is shown now. Press again to take it back.';
      }
      return body.error ?? 'Not taken back. Try again.';
    } catch {
      return 'Not taken back: the server does not answer. Try again in a moment.';
    }
  }

  /** Decides a clash: mine for the fields both changed, or theirs for the whole job. */
  resolve(whose: 'mine' | 'theirs'): void {
    const t = this.theirs;
    if (!t) return;
    this.theirs = null;
    if (whose === 'theirs') {
      this.pending = null;
      this.tell.keep(null);
      this.takeOver(t.version, t.job);
      return;
    }
    const merged = this.mergeWith(t.job).merged;
    this.version = t.version;
    this.base = t.job;
    this.pending = merged;
    this.tell.draft(merged);
    this.say({ kind: 'saving' });
    this.later(0);
  }

  /** Shows another job than what was typed; what was typed meanwhile is merged into it. */
  private takeOver(version: number, job: Job): void {
    if (this.pending !== null) {
      this.meet({ version, job });
      return;
    }
    this.version = version;
    this.base = job;
    this.tell.draft(job);
    this.say({ kind: 'saved' });
  }

  private mergeWith(theirs: Job): { merged: Job; clashes: readonly string[] } {
    const r = mergeThree(
      this.base as unknown as Json,
      this.pending as unknown as Json,
      theirs as unknown as Json,
      ATOMIC,
    );
    return { merged: r.merged as unknown as Job, clashes: r.clashes };
  }

  /** Another tab was quicker: merge, or ask. */
  private meet(theirs: { version: number; job: Job }): void {
    this.theirs = theirs;
    this.clashOr();
  }

  private clashOr(): void {
    const t = this.theirs!;
    const { merged, clashes } = this.mergeWith(t.job);
    if (clashes.length > 0) {
      this.tell.draft(this.pending!);
      this.say({ kind: 'clash', paths: clashes });
      return;
    }
    this.theirs = null;
    this.version = t.version;
    this.base = t.job;
    this.pending = merged;
    this.tell.draft(merged);
    this.say({ kind: 'saving' });
    this.later(0);
  }

  private later(ms: number): void {
    this.stop();
    this.timer = setTimeout(() => {
      void this.push();
    }, ms);
  }

  private push(): Promise<void> {
    if (this.running) return this.running;
    if (this.pending === null || this.theirs) return Promise.resolve();
    this.running = this.pushOnce(this.pending).finally(() => {
      this.running = null;
    });
    return this.running;
  }

  private async pushOnce(sent: Job): Promise<void> {
    if (!WAITING.has(this.kind)) this.say({ kind: 'saving' });
    let reply: Reply;
    try {
      reply = await this.send.put(this.version, sent);
    } catch {
      this.say({ kind: 'offline' });
      this.later(RETRY_MS);
      return;
    }
    const { status, body } = reply;
    if (status === 200 && body.version !== undefined) {
      this.version = body.version;
      this.base = sent;
      if (body.steps) this.tell.saved(body.version, body.steps);
      if (this.pending === sent) {
        this.pending = null;
        this.tell.keep(null);
        this.say({ kind: 'saved' });
      } else {
        this.say({ kind: 'saving' });
        this.later(0);
      }
    } else if (status === 409 && body.version !== undefined && body.job)
      this.meet({ version: body.version, job: body.job });
    else if (MAY_PASS.has(status)) {
      this.say({ kind: 'held', message: body.error ?? 'Not saved: the server could not write it.' });
      this.later(RETRY_MS);
    } else {
      this.say({ kind: 'refused', message: body.error ?? 'Not saved.', faults: body.faults ?? [] });
      if (this.pending !== sent) this.later(0);
    }
  }
}

/**
 * Saves a draft: waits a moment for more typing, sends one request at a time with the version it
 * started from, sends again what was typed meanwhile, and tries again while the server is silent.
 */
import type { Job } from '@/model/job';

export interface Fault { readonly path: string; readonly expected: string }
export type SaveState =
  | { readonly kind: 'saved' } | { readonly kind: 'saving' }
  | { readonly kind: 'refused'; readonly message: string; readonly faults: readonly Fault[] }
  | { readonly kind: 'stale'; readonly message: string } | { readonly kind: 'offline' };

export type Send = (version: number, job: Job) => Promise<{ status: number; body: { version?: number; error?: string; faults?: Fault[] } }>;

const WAIT_MS = 300, RETRY_MS = 2500;

export class Saver {
  private pending: Job | null = null;
  private busy = false;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(private version: number, private readonly send: Send, private readonly onState: (s: SaveState) => void, private readonly onSaved: (version: number) => void) {}

  /** A newer version met elsewhere on the page (a tick, another stage) is the one to start from. */
  rebase(version: number): void { if (version > this.version && !this.busy) this.version = version; }

  change(job: Job): void {
    this.pending = job;
    this.later(WAIT_MS);
  }

  /** Sends now what waits: on leaving the page. */
  flush(): void { void this.push(); }

  stop(): void { if (this.timer) clearTimeout(this.timer); this.timer = null; }

  private later(ms: number): void {
    this.stop();
    this.timer = setTimeout(() => { void this.push(); }, ms);
  }

  private async push(): Promise<void> {
    if (this.busy || this.pending === null) return;
    this.busy = true;
    const sent = this.pending;
    this.onState({ kind: 'saving' });
    try {
      const { status, body } = await this.send(this.version, sent);
      if (status === 200 && body.version !== undefined) {
        this.version = body.version;
        if (this.pending === sent) { this.pending = null; this.onState({ kind: 'saved' }); this.onSaved(body.version); } else this.later(0);
      } else if (status === 409) this.onState({ kind: 'stale', message: body.error ?? 'Changed in another tab.' });
      else {
        this.onState({ kind: 'refused', message: body.error ?? 'Not saved.', faults: body.faults ?? [] });
        if (this.pending !== sent) this.later(0);
      }
    } catch {
      this.onState({ kind: 'offline' });
      this.later(RETRY_MS);
    } finally { this.busy = false; }
  }
}

/** The built app as a process of its own, on a folder of its own: begun, measured, killed. */
import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { serveArgs } from '../serve-args.mjs';

const freePort = (): Promise<number> =>
  new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const at = probe.address();
      probe.close(() => done(typeof at === 'object' && at ? at.port : 0));
    });
  });

/** Ticks of the kernel's clock a second, as Linux counts them for every program. */
const TICKS_PER_S = 100;
const NAP_MS = 50;
const MOST_NAPS = 600;
const LOOP_TOLD_MS = 100;
export const nap = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

export class Server {
  private child: ChildProcess | null = null;
  url = '';
  private readonly loopFile: string;

  constructor(
    private readonly folder: string,
    private readonly env: Record<string, string> = {},
  ) {
    this.loopFile = join(folder, 'loop.txt');
  }

  async begin(): Promise<void> {
    const port = await freePort();
    this.url = `http://127.0.0.1:${port}`;
    this.child = spawn(process.execPath, serveArgs('127.0.0.1', port), {
      detached: true,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: {
        ...process.env,
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        PELLUCID_DATA: this.folder,
        PELLUCID_NOW: '2026-05-16T07:50',
        NODE_OPTIONS: `--import ${pathToFileURL(join(process.cwd(), 'scripts', 'soak', 'loop-watch.mjs')).href}`,
        LOOP_FILE: this.loopFile,
        ...this.env,
      },
    });
    for (let i = 0; i < MOST_NAPS; i++) {
      const answer = await fetch(`${this.url}/api/own-use`).catch(() => null);
      if (answer?.ok) return;
      await nap(NAP_MS);
    }
    throw new Error('the server did not answer; is it built (npx next build)?');
  }

  /** Without a word, with all its threads. */
  async kill(): Promise<void> {
    const { child } = this;
    if (child?.pid === undefined || child.exitCode !== null) return;
    const gone = new Promise<void>((done) => child.once('exit', () => done()));
    try {
      process.kill(-child.pid, 'SIGKILL');
    } catch {
      // It is gone already.
    }
    await gone;
    this.child = null;
  }

  get isAlive(): boolean {
    return this.child !== null && this.child.exitCode === null && this.child.signalCode === null;
  }

  private stat(): string[] {
    const text = readFileSync(`/proc/${this.child!.pid}/stat`, 'utf8');
    return text.slice(text.lastIndexOf(')') + 2).split(' ');
  }

  /** Processor time of the server and its threads so far, ms. */
  cpuMs(): number {
    const at = this.stat();
    return ((Number(at[11]) + Number(at[12])) * 1000) / TICKS_PER_S;
  }

  /** The longest the event loop was held since it was last asked, ms. */
  async heldMs(): Promise<number> {
    await nap(2 * NAP_MS + LOOP_TOLD_MS);
    const text = readFileSync(this.loopFile, 'utf8');
    writeFileSync(`${this.loopFile}.reset`, '');
    await nap(LOOP_TOLD_MS + NAP_MS);
    return Number(text);
  }

  /** Resident size, MB. */
  residentMb(): number {
    const line = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${this.child!.pid}/status`, 'utf8'));
    return Number(line?.[1] ?? NaN) / 1024;
  }
}

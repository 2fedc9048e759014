/** The built app as a process of its own, on a folder of its own: begun, measured, killed. */
import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { answers, endServer, freePort, startServer } from '../server-process.mjs';

/** Ticks of the kernel's clock a second, as Linux counts them for every program. */
const TICKS_PER_S = 100;
const NAP_MS = 50;
const LOOP_TOLD_MS = 100;
export const nap = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

export class Server {
  private child: ChildProcess | null = null;
  url = '';
  private readonly loopFile: string;

  constructor(private readonly folder: string) {
    this.loopFile = join(folder, 'loop.txt');
  }

  async begin(): Promise<void> {
    const port = await freePort();
    this.url = `http://127.0.0.1:${port}`;
    this.child = startServer(port, {
      PELLUCID_DATA: this.folder,
      PELLUCID_NOW: '2026-05-16T07:50',
      NODE_OPTIONS: `--import ${pathToFileURL(join(process.cwd(), 'scripts', 'soak', 'loop-watch.mjs')).href}`,
      LOOP_FILE: this.loopFile,
    });
    if (!(await answers(`${this.url}/api/own-use`)))
      throw new Error('the server did not answer; is it built (npx next build)?');
  }

  /** Without a word, with all its threads. */
  async kill(): Promise<void> {
    if (this.child) await endServer(this.child, 'SIGKILL');
    this.child = null;
  }

  get isAlive(): boolean {
    return this.child?.exitCode === null && this.child.signalCode === null;
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

/** A server on a folder that is thrown away: filled, begun, worked on, killed. */
export async function onServer<T>(
  fill: (folder: string) => void,
  work: (server: Server) => Promise<T>,
): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'pellucid-soak-'));
  const server = new Server(folder);
  try {
    fill(folder);
    await server.begin();
    return await work(server);
  } finally {
    await server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}

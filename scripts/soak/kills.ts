/** Writers killed without a word, in the middle of whatever they write: what was acknowledged stands. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { uniform } from '@/core/numerics/random';
import { begin, dataDoors } from './data-doors';
import { httpDoors } from './http-doors';
import { Ledger } from './ledger';
import { observe } from './observe';
import { nap, Server } from './server';
import { randomWrite, type Writing } from './writes';

export interface KillFigures {
  readonly kills: number;
  readonly acknowledged: number;
  readonly lost: readonly string[];
}

/** The process that is killed: says what it begins and what is done, at once. */
export async function writeForEver(folder: string, seed: number): Promise<never> {
  const chance = uniform(seed);
  const standing = observe(folder);
  const say = (text: string): void => void writeSync(1, `${text}\n`);
  const told = {
    begin: (key: string, value: string) => say(`b\t${key}\t${value}`),
    ack: (key: string, value: string) => say(`a\t${key}\t${value}`),
  };
  const writing = { doors: dataDoors(folder), chance, standing, told };
  for (let n = 1; ; n++) await randomWrite(writing, seed * 1000 + n);
}

const LEAST_MS = 5;
const SPREAD_MS = 120;

/** How this program is begun once more, as a writer. */
type Command = readonly string[];
const AGAIN: Command = [process.argv[1]!];
interface Killed {
  readonly folder: string;
  readonly seed: number;
}

/** One writer from its start to its kill. */
function killOne(command: Command, ledger: Ledger, { folder, seed }: Killed): Promise<void> {
  const chance = uniform(seed ^ 0x5eed);
  const child = spawn(process.execPath, [...command, '--writer', folder, String(seed)], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const lines = createInterface({ input: child.stdout });
  let isMarked = false;
  lines.on('line', (line) => {
    const [what, key, value] = line.split('\t') as [string, string, string];
    if (what === 'b') ledger.begin(key, value);
    else ledger.ack(key, value);
    if (isMarked) return;
    isMarked = true;
    setTimeout(() => child.kill('SIGKILL'), LEAST_MS + chance() * SPREAD_MS);
  });
  return new Promise((done, fail) => {
    child.once('error', fail);
    lines.once('close', () => {
      if (child.signalCode === 'SIGKILL' || child.exitCode === null) done();
      else fail(new Error(`the writer of seed ${seed} ended by itself`));
    });
  });
}

const KILLS_A_FOLDER = 50;

export async function writerKills(
  kills: number,
  firstSeed: number,
  command: Command = AGAIN,
): Promise<KillFigures> {
  const ledger = new Ledger();
  const lost: string[] = [];
  let folder = '';
  for (let n = 0; n < kills; n++) {
    if (n % KILLS_A_FOLDER === 0) {
      if (folder !== '') rmSync(folder, { recursive: true, force: true });
      folder = mkdtempSync(join(tmpdir(), 'pellucid-kills-'));
      begin(folder);
    }
    ledger.start(observe(folder));
    await killOne(command, ledger, { folder, seed: firstSeed + n });
    lost.push(...ledger.lost(observe(folder)).map((what) => `seed ${firstSeed + n}: ${what}`));
  }
  rmSync(folder, { recursive: true, force: true });
  return { kills, acknowledged: ledger.acknowledged, lost };
}

/** Writes until the server is gone. @returns refusals, which are faults of the server; a broken line is the kill */
async function writeUntilKilled(server: Server, writing: Writing, seed: number): Promise<string[]> {
  const { chance } = writing;
  let killed: Promise<void> | null = null;
  for (let n = 1; ; n++) {
    try {
      await randomWrite(writing, seed * 1000 + n);
    } catch (e) {
      await (killed ?? server.kill());
      return e instanceof TypeError ? [] : [`seed ${seed}: ${String(e)}`];
    }
    killed ??= nap(LEAST_MS + chance() * 2 * SPREAD_MS).then(() => server.kill());
  }
}

/** The whole server killed while a page writes. */
export async function serverKills(kills: number, firstSeed: number): Promise<KillFigures> {
  const folder = mkdtempSync(join(tmpdir(), 'pellucid-server-kills-'));
  begin(folder);
  const ledger = new Ledger();
  const lost: string[] = [];
  for (let n = 0; n < kills; n++) {
    const seed = firstSeed + n;
    const standing = observe(folder);
    ledger.start(standing);
    const server = new Server(folder);
    await server.begin();
    const writing = { doors: httpDoors(server.url), chance: uniform(seed), standing, told: ledger };
    lost.push(...(await writeUntilKilled(server, writing, seed)));
    lost.push(...ledger.lost(observe(folder)).map((what) => `seed ${seed}: ${what}`));
  }
  rmSync(folder, { recursive: true, force: true });
  return { kills, acknowledged: ledger.acknowledged, lost };
}

/** The built app as a process: a port for it, its start, whether it answers, its end. Plain Node, no packages. */
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
/** Bounded, or garbage is let lie until the whole machine is full of it; heavy work has threads with limits of their own. */
const HEAP = '--max-old-space-size=512';
/** One helper to collect and compile: more of them on two cores keep the event loop off its own. */
const HELPERS = '--v8-pool-size=1';

/** What Node is told, then what it is. */
export const serveArgs = (host, port) => [HEAP, HELPERS, 'scripts/serve.mjs', '-H', host, '-p', String(port)];

export const freePort = () =>
  new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => done(port));
    });
  });

/** Starts it in a process group of its own; on loopback unless PELLUCID_BIND says otherwise. */
export function startServer(port, env, stdio = ['ignore', 'ignore', 'inherit']) {
  return spawn(process.execPath, serveArgs(process.env.PELLUCID_BIND ?? '127.0.0.1', port), {
    cwd: ROOT,
    stdio,
    detached: true,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production', ...env },
  });
}

export function stopServer(child, signal = 'SIGTERM') {
  if (child.exitCode !== null || child.pid === undefined) return;
  try {
    process.kill(-child.pid, signal);
  } catch {
    /* already gone */
  }
}

/** With all its threads; comes back when it is gone. */
export async function endServer(child, signal) {
  if (child.exitCode !== null || child.signalCode !== null || child.pid === undefined) return;
  const gone = new Promise((done) => child.once('exit', done));
  stopServer(child, signal);
  await gone;
}

const NAP_MS = 125;

export async function answers(url, tries = 240) {
  for (let i = 0; i < tries; i++) {
    try {
      const answer = await fetch(url);
      if (answer.ok) return true;
    } catch {
      /* not yet */
    }
    await new Promise((done) => setTimeout(done, NAP_MS));
  }
  return false;
}

/** What this device was told of alarms, and which were called: shared by its tabs, so that one of them speaks. */
import { VOICES, type Voice } from './voices';

type Shelf = Pick<Storage, 'getItem' | 'setItem'>;
const ON_KEY = 'pellucid-alarms';
const CALLED_KEY = 'pellucid-called';
/** Calls that are remembered. */
const MOST_KEPT = 80;

/** Beep and shake until somebody says otherwise. */
const USUAL: readonly Voice[] = ['beep', 'vibrate'];

function read(shelf: Shelf, key: string): unknown {
  try {
    return JSON.parse(shelf.getItem(key) ?? 'null');
  } catch {
    return null;
  }
}

/** A full or forbidden shelf loses the wish, not the page. */
function write(shelf: Shelf, key: string, value: unknown): void {
  try {
    shelf.setItem(key, JSON.stringify(value));
  } catch {
    // Nothing to be done about it here.
  }
}

export function voicesOn(shelf: Shelf): readonly Voice[] {
  const kept = read(shelf, ON_KEY);
  return Array.isArray(kept) ? VOICES.filter((v) => kept.includes(v)) : USUAL;
}
export const keepVoices = (shelf: Shelf, voices: readonly Voice[]): void => write(shelf, ON_KEY, voices);

interface Call {
  readonly atMs: number;
  readonly by: string;
}

function callsOf(shelf: Shelf): Record<string, Call> {
  const kept = read(shelf, CALLED_KEY);
  return kept !== null && typeof kept === 'object' ? (kept as Record<string, Call>) : {};
}

/** What was called on this device, by job and moment. @param jobId whose keys are wanted */
export function calledOn(shelf: Shelf, jobId: string): ReadonlyMap<string, number> {
  const own = `${jobId} `;
  const all = Object.entries(callsOf(shelf)).filter(([key]) => key.startsWith(own));
  return new Map(all.map(([key, call]) => [key.slice(own.length), call.atMs]));
}

function keepCall(shelf: Shelf, key: string, call: Call): void {
  const all = Object.entries({ ...callsOf(shelf), [key]: call });
  write(shelf, CALLED_KEY, Object.fromEntries(all.slice(-MOST_KEPT)));
}

export interface Claim {
  readonly jobId: string;
  readonly key: string;
  readonly atMs: number;
  /** This tab. */
  readonly me: string;
}

/** Whether this tab may call it: the last to write of those that wrote in the same blink. */
export async function claim(
  shelf: Shelf,
  { jobId, key, atMs, me }: Claim,
  blink: () => Promise<void>,
): Promise<boolean> {
  const whole = `${jobId} ${key}`;
  const was = callsOf(shelf)[whole];
  if (was && was.atMs >= atMs) return false;
  keepCall(shelf, whole, { atMs, by: me });
  await blink();
  return callsOf(shelf)[whole]?.by === me;
}

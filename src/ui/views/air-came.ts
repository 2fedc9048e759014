/** The air as it came while it was sprayed: points of a chart, and the same in a sentence. */
import { traceOf } from '@/core/air/came';
import { coatsOn } from '@/core/time/coats-on';
import { HOUR } from '@/core/time/instant';
import type { AirHour } from '@/model/came';
import type { Job } from '@/model/job';
import type { Format } from '@/words/format';

export interface CamePoint {
  readonly ms: number;
  readonly panelC: number | null;
  readonly gapK: number | null;
}
export interface CameView {
  readonly points: readonly CamePoint[];
  /** When coats were on, ms. */
  readonly coatsMs: readonly number[];
  readonly said: string;
}

const rangeOf = (list: readonly number[]): [number, number] => [Math.min(...list), Math.max(...list)];

/** Hours in which a coat was on its way or wet: from an hour before its end until three after. */
const isWet = ({ ms }: AirHour, endsMs: readonly number[]): boolean =>
  endsMs.some((e) => ms >= e - 2 * HOUR && ms <= e + 3 * HOUR);

function saidOf(trace: readonly AirHour[], endsMs: readonly number[], f: Format): string {
  const wet = trace.filter((h) => isWet(h, endsMs));
  const all = wet.length > 0 ? wet : trace;
  const [coldC, warmC] = rangeOf(all.map((h) => h.panelC));
  const gapK = Math.min(...all.map((h) => h.gapK));
  const windMs = Math.max(...all.map((h) => h.windMs));
  return `Panel ${f.temp(coldC)} to ${f.temp(warmC)}, dew gap at least ${f.gap(gapK)}, wind up to ${f.speed(windMs)} while it was wet.`;
}

/** Hours that nobody knows break the line. */
function pointsOf(trace: readonly AirHour[]): CamePoint[] {
  return trace.flatMap((h, i): CamePoint[] => {
    const before = trace[i - 1];
    const here = { ms: h.ms, panelC: h.panelC, gapK: h.gapK };
    const isBreak = before !== undefined && h.ms - before.ms > HOUR;
    return isBreak ? [{ ms: before.ms + HOUR, panelC: null, gapK: null }, here] : [here];
  });
}

/** Of a closed job as its record has it, else as it is known so far; null where nothing is. */
export function cameView(job: Job, came: readonly AirHour[], f: Format): CameView | null {
  const coatsMs = coatsOn(job).map((c) => c.endedMs);
  const trace = job.log?.trace ?? traceOf(came, coatsMs);
  if (trace.length < 2) return null;
  return { points: pointsOf(trace), coatsMs, said: saidOf(trace, coatsMs, f) };
}

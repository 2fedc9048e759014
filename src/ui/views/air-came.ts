/** The air as it came while it was sprayed: points of a chart, and the same in a sentence. */
import { traceOf } from '@/core/air/came';
import { coatsOn } from '@/core/time/coats-on';
import { HOUR, isoOf } from '@/core/time/instant';
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
  /** Noons and midnights, ms. */
  readonly ticksMs: readonly number[];
  readonly said: string;
}

/** A coat is wet so long for dew and cold to matter, h. From memory. */
const WET_H = 3;

const rangeOf = (list: readonly number[]): [number, number] => [Math.min(...list), Math.max(...list)];

/** Hours that touch a stretch about a coat. */
const about = (trace: readonly AirHour[], endsMs: readonly number[], hours: number): readonly AirHour[] =>
  trace.filter(({ ms }) => endsMs.some((e) => ms > e - 2 * HOUR && ms <= e + hours * HOUR));

function saidOf(trace: readonly AirHour[], endsMs: readonly number[], f: Format): string {
  const wet = about(trace, endsMs, WET_H);
  const all = wet.length > 0 ? wet : trace;
  const sprayed = about(trace, endsMs, 0);
  const [coldC, warmC] = rangeOf(all.map((h) => h.panelC));
  const gapK = Math.min(...all.map((h) => h.gapK));
  const windMs = Math.max(0, ...sprayed.map((h) => h.windMs));
  return `While it was wet the panel had ${f.temp(coldC)} to ${f.temp(warmC)} and stayed at least ${f.gap(gapK)} over the dew point; sprayed in wind up to ${f.speed(windMs)}.`;
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

/** One scale for several, whole tens, °C. @param views at least one */
export function scaleOf(views: readonly CameView[]): [number, number] {
  const all = views.flatMap((v) => v.points.flatMap((p) => [p.panelC ?? [], p.gapK ?? []].flat()));
  const [low, high] = rangeOf(all);
  return [Math.min(0, Math.floor(low / 10) * 10), Math.ceil(high / 10) * 10];
}

/** Of a closed job as its record has it, else as it is known so far; null where nothing is. */
export function cameView(job: Job, came: readonly AirHour[], f: Format): CameView | null {
  const coatsMs = coatsOn(job).map((c) => c.endedMs);
  const trace = job.log?.trace ?? traceOf(came, coatsMs);
  if (trace.length < 2) return null;
  const { tz } = job.place;
  const ticksMs = trace.map((h) => h.ms).filter((ms) => /T(00|12):/.test(isoOf(ms, tz)));
  return { points: pointsOf(trace), coatsMs, ticksMs, said: saidOf(trace, coatsMs, f) };
}

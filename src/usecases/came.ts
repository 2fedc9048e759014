/** The air at a job's parts as it came: each hour is kept once it is over, from what was told and measured nearest to it. */
import { cameSpan, CURED_MS, hoursIn, unknownIn } from '@/core/air/came';
import { airsForJob, ForecastError } from '@/core/job-air';
import { withZones } from '@/core/surface/zones';
import { coatsOn } from '@/core/time/coats-on';
import { HOUR, type Span } from '@/core/time/instant';
import type { AirHour } from '@/model/came';
import type { Job } from '@/model/job';
import type { Planning } from './plans';
import type { StoredJob } from './ports';

/** Days that are filled in at one asking, about a second of work: the rest follows at the next. */
const MOST_DAYS = 31;

/** Hours of a span from the forecast that held then; empty where nobody told one. */
async function hoursOf(stored: StoredJob, planning: Planning, span: Span, nowMs: number): Promise<AirHour[]> {
  const asOfMs = Math.min(nowMs, span.endMs);
  const { forecast, issuedMs } = await planning.weather.forecastFor(stored.job.place, asOfMs);
  if (!forecast) return [];
  const readings = planning.readingsFor(stored, asOfMs);
  try {
    return hoursIn(
      airsForJob({ job: withZones(stored.job), forecast, issuedMs, nowMs: asOfMs, readings }),
      span,
    );
  } catch (e) {
    if (e instanceof ForecastError) return [];
    throw e;
  }
}

/** Cured long ago, and its record has the hours that matter. */
const isOver = (job: Job, endsMs: readonly number[], nowMs: number): boolean =>
  job.log?.trace !== undefined && nowMs > Math.max(...endsMs) + CURED_MS;

/** What cannot be kept is worked out again the next time; the page is shown all the same. */
function keepQuietly(planning: Planning, jobId: string, fresh: readonly AirHour[]): void {
  if (fresh.length === 0) return;
  try {
    planning.came.keep(jobId, fresh);
  } catch {
    // A disk that is full is told by what the user saves, not by what is read.
  }
}

/** What is known of it, in order; empty before a coat is on. Hours that are over and not yet kept are kept now. */
export async function cameFor(
  stored: StoredJob,
  planning: Planning,
  nowMs: number,
): Promise<readonly AirHour[]> {
  const endsMs = coatsOn(stored.job).map((c) => c.endedMs);
  if (endsMs.length === 0) return [];
  const known = planning.came.of(stored.id);
  if (isOver(stored.job, endsMs, nowMs)) return known;
  const span = cameSpan(endsMs, nowMs);
  const missing = unknownIn(span, new Set(known.map((h) => h.ms))).slice(0, MOST_DAYS);
  const fresh: AirHour[] = [];
  for (const part of missing) fresh.push(...(await hoursOf(stored, planning, part, nowMs)));
  keepQuietly(planning, stored.id, fresh);
  return [...known, ...fresh].filter((h) => h.ms < span.endMs + HOUR).sort((a, b) => a.ms - b.ms);
}

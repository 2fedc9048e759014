/** Fixed probes: every Saturday at ten that is offered, whatever any policy does; stated against come true. */
import { freeSpans } from '@/core/time/free-hours';
import { DAY, HOUR } from '@/core/time/instant';
import { pooledChance } from '@/core/schedule/decide/odds';
import type { Job } from '@/model/job';
import type { Stated } from './play';
import { ALONE, attemptOn } from './seen';
import { truly } from './truly';
import { saturdaysAtTen } from './saturdays';
import { DAYS, type Sky } from './world';

/** Hours before the start at which the chance is told. */
const LEADS_H = [2, 26, 74] as const;

export function probesOf(sky: Sky, job: Job): Stated[] {
  const { startMs } = sky.world;
  const free = freeSpans(job.freeHours, job.place.tz, startMs, startMs + DAYS * DAY);
  return saturdaysAtTen(job.place.tz, startMs, startMs + DAYS * DAY).flatMap((atMs) =>
    LEADS_H.flatMap((lead): Stated[] => {
      const nowMs = atMs - lead * HOUR;
      if (nowMs < startMs) return [];
      const { live } = attemptOn({ job, sky, nowMs, free, nextLookMs: nowMs, ...ALONE }, sky.futures(nowMs));
      const first = live[0]!;
      const option = first.options.find((o) => o.startMs === atMs && o.counted);
      if (!option) return [];
      const { isWell } = truly({ sky, job, draft: first.draft, free }, atMs);
      return [{ chance: pooledChance(option.good, option.of, first.pool), came: isWell }];
    }),
  );
}

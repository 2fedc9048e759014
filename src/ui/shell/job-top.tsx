'use client';
/** What stands over every stage of a job: the bar with the air now, the name, the way through the stages. */
import { useSelectedLayoutSegment } from 'next/navigation';
import { isoOf } from '@/core/time/instant';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { JobHead } from './job-head';
import { STAGES } from '../views/stages';
import { TopBar } from './top-bar';

export function JobTop({ demoClock }: { demoClock: boolean }) {
  const f = useFormat();
  const desk = useDesk();
  const segment = useSelectedLayoutSegment();
  const stage = STAGES.find((s) => s.id === segment)?.id ?? 'surface';
  const nowIso = isoOf(desk.nowMs, desk.job.place.tz);
  return (
    <>
      <TopBar
        placeName={desk.job.place.name ?? 'Place'}
        nowIso={nowIso}
        demoClock={demoClock}
        air={desk.air.now}
        title={desk.job.name}
        under={`${STAGES.find((x) => x.id === stage)!.name}, ${f.day(nowIso)}`}
        back="/"
      />
      <JobHead id={desk.id} job={desk.job} plan={desk.plan} stage={stage} />
    </>
  );
}

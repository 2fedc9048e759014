'use client';
/** What stands over every stage of a job: the bar with the air now, the name, the way through the stages. */
import { useSelectedLayoutSegment } from 'next/navigation';
import { isoOf } from '@/core/time/instant';
import { useDesk } from '../desk/job-desk';
import { JobHead } from './job-head';
import { STAGES } from './stages';
import { TopBar } from './top-bar';

export function JobTop({ demoClock }: { demoClock: boolean }) {
  const desk = useDesk();
  const segment = useSelectedLayoutSegment();
  const stage = STAGES.find((s) => s.id === segment)?.id ?? 'surface';
  return (
    <>
      <TopBar placeName={desk.job.place.name ?? 'Place'} nowIso={isoOf(desk.nowMs, desk.job.place.tz)} demoClock={demoClock} air={desk.air.now} />
      <JobHead id={desk.id} job={desk.job} plan={desk.plan} stage={stage} />
    </>
  );
}

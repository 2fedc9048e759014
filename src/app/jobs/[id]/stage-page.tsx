/** What the five stage pages share on the server: the job's view, the head, the title. */
import 'server-only';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { cache, type ReactNode } from 'react';
import { workshop } from '@/app/workshop';
import { isoOf } from '@/core/time/instant';
import { DrawingDefs } from '@/ui/drawings/defs';
import { JobHead } from '@/ui/shell/job-head';
import { STAGES, type StageId } from '@/ui/shell/stages';
import { TopBar } from '@/ui/shell/top-bar';
import { viewJob, type JobView } from '@/usecases/view-job';

export interface StageParams { params: Promise<{ id: string }> }

export const loadView = cache(async (id: string): Promise<JobView> => {
  await connection();
  const { store, weather, clock } = workshop();
  const view = viewJob(store, weather, id, clock.nowMs());
  if (!view) notFound();
  return view;
});

export async function stageTitle({ params }: StageParams, stage: StageId): Promise<{ title: string }> {
  const view = await loadView((await params).id);
  return { title: `${STAGES.find((s) => s.id === stage)!.name}, ${view.job.name}` };
}

export function StagePage({ view, stage, children }: { view: JobView; stage: StageId; children: ReactNode }) {
  const { clock } = workshop();
  return (
    <>
      <a className="skip" href="#main">Skip to the content</a>
      <DrawingDefs />
      <TopBar placeName={view.job.place.name ?? 'Place'} nowIso={isoOf(view.nowMs, view.job.place.tz)} demoClock={clock.demo} air={view.air.now} />
      <JobHead id={view.id} job={view.job} plan={view.plan} stage={stage} />
      {children}
    </>
  );
}

import { notFound, redirect } from 'next/navigation';
import { connection } from 'next/server';
import { workshop } from '@/app/wiring';
import { currentStage } from '@/ui/views/stages';
import { viewJob } from '@/usecases/view-job';
import type { StageParams } from './stage-title';

/** A job's own address leads to the stage it is at. */
export default async function Page({ params }: StageParams) {
  await connection();
  const { store, planning, clock } = workshop();
  const view = await viewJob(store, planning, (await params).id, { nowMs: clock.nowMs() });
  if (!view) notFound();
  redirect(`/jobs/${view.id}/${currentStage(view.job, view.plan)}`);
}

import { redirect } from 'next/navigation';
import { currentStage } from '@/ui/shell/stages';
import { loadView, type StageParams } from './stage-page';

/** A job's own address leads to the stage it is at. */
export default async function Page({ params }: StageParams) {
  const view = await loadView((await params).id);
  redirect(`/jobs/${view.id}/${currentStage(view.job, view.plan)}`);
}

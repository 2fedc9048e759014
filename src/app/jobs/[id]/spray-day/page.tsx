import type { Metadata } from 'next';
import { SprayDayStage } from '@/ui/spray-day/spray-day-stage';
import { loadView, StagePage, stageTitle, type StageParams } from '../stage-page';

export const generateMetadata = (props: StageParams): Promise<Metadata> => stageTitle(props, 'spray-day');

export default async function Page({ params }: StageParams) {
  const view = await loadView((await params).id);
  return <StagePage view={view} stage="spray-day"><SprayDayStage view={view} /></StagePage>;
}

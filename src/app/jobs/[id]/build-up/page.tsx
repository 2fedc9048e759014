import type { Metadata } from 'next';
import { BuildUpStage } from '@/ui/build-up/build-up-stage';
import { loadView, StagePage, stageTitle, type StageParams } from '../stage-page';

export const generateMetadata = (props: StageParams): Promise<Metadata> => stageTitle(props, 'build-up');

export default async function Page({ params }: StageParams) {
  const view = await loadView((await params).id);
  return <StagePage view={view} stage="build-up"><BuildUpStage view={view} /></StagePage>;
}

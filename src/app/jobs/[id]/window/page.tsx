import type { Metadata } from 'next';
import { WindowStage } from '@/ui/window/window-stage';
import { loadView, StagePage, stageTitle, type StageParams } from '../stage-page';

export const generateMetadata = (props: StageParams): Promise<Metadata> => stageTitle(props, 'window');

export default async function Page({ params }: StageParams) {
  const view = await loadView((await params).id);
  return <StagePage view={view} stage="window"><WindowStage view={view} /></StagePage>;
}

import type { Metadata } from 'next';
import { SurfaceStage } from '@/ui/surface/surface-stage';
import { loadView, StagePage, stageTitle, type StageParams } from '../stage-page';

export const generateMetadata = (props: StageParams): Promise<Metadata> => stageTitle(props, 'surface');

export default async function Page({ params }: StageParams) {
  const view = await loadView((await params).id);
  return <StagePage view={view} stage="surface"><SurfaceStage view={view} /></StagePage>;
}

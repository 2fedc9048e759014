import type { Metadata } from 'next';
import { MaterialsStage } from '@/ui/materials/materials-stage';
import { loadView, StagePage, stageTitle, type StageParams } from '../stage-page';

export const generateMetadata = (props: StageParams): Promise<Metadata> => stageTitle(props, 'materials');

export default async function Page({ params }: StageParams) {
  const view = await loadView((await params).id);
  return <StagePage view={view} stage="materials"><MaterialsStage view={view} /></StagePage>;
}

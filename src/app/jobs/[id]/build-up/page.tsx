import { connection } from 'next/server';
import { BuildUpStage } from '@/ui/build-up/build-up-stage';
import { titleOf } from '../stage-title';

export const generateMetadata = titleOf('build-up');

export default async function Page() {
  await connection();
  return <BuildUpStage />;
}

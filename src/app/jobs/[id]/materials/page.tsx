import { connection } from 'next/server';
import { MaterialsStage } from '@/ui/materials/materials-stage';
import { titleOf } from '../stage-title';

export const generateMetadata = titleOf('materials');

export default async function Page() {
  await connection();
  return <MaterialsStage />;
}

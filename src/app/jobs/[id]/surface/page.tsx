import { connection } from 'next/server';
import { SurfaceStage } from '@/ui/surface/surface-stage';
import { titleOf } from '../stage-title';

export const generateMetadata = titleOf('surface');

export default async function Page() {
  await connection();
  return <SurfaceStage />;
}

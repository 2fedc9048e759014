import { connection } from 'next/server';
import { WindowStage } from '@/ui/window/window-stage';
import { titleOf } from '../stage-title';

export const generateMetadata = titleOf('window');

export default async function Page() {
  await connection();
  return <WindowStage />;
}

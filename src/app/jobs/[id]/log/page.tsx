import { connection } from 'next/server';
import { LogStage } from '@/ui/log/log-stage';
import { titleOf } from '../stage-title';

export const generateMetadata = titleOf('log');

export default async function Page() {
  await connection();
  return <LogStage />;
}

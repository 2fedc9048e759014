import { connection } from 'next/server';
import { SprayDayStage } from '@/ui/spray-day/spray-day-stage';
import { titleOf } from '../stage-title';

export const generateMetadata = titleOf('spray-day');

export default async function Page() {
  await connection();
  return <SprayDayStage />;
}

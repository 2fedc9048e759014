/** Titles of the stage pages. */
import 'server-only';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { workshop } from '@/app/wiring';
import { STAGES, type StageId } from '@/ui/views/stages';

export interface StageParams {
  params: Promise<{ id: string }>;
}

export function titleOf(stage: StageId) {
  return async ({ params }: StageParams): Promise<Metadata> => {
    await connection();
    const name = workshop().store.load((await params).id)?.job.name;
    return { title: name ? `${STAGES.find((s) => s.id === stage)!.name}, ${name}` : 'Not here' };
  };
}

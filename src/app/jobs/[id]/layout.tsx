/** A job's frame: loaded once, kept while its stages change. */
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { workshop } from '@/app/wiring';
import { Calls } from '@/ui/alarms/calls';
import { JobDesk } from '@/ui/desk/job-desk';
import { DrawingDefs } from '@/ui/drawings/defs';
import { JobTop } from '@/ui/shell/job-top';
import { viewJob } from '@/usecases/view-job';

export default async function Layout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  await connection();
  const { store, planning, clock } = workshop();
  const view = await viewJob(store, planning, (await params).id, { nowMs: clock.nowMs() });
  if (!view) notFound();
  return (
    <>
      <a className="skip" href="#main">
        Skip to the content
      </a>
      <DrawingDefs />
      <JobDesk key={view.id} initial={view} pace={clock.pace}>
        <JobTop demoClock={clock.demo} />
        <Calls />
        {children}
      </JobDesk>
    </>
  );
}

/** The stages of a job and how far each is. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';

export const STAGES = [
  { id: 'surface', name: 'Surface' },
  { id: 'build-up', name: 'Build-up' },
  { id: 'materials', name: 'Materials' },
  { id: 'window', name: 'Window' },
  { id: 'spray-day', name: 'Spray day' },
  { id: 'log', name: 'Log' },
] as const;
export type StageId = (typeof STAGES)[number]['id'];
export type StageState = 'done' | 'open' | 'stop';

/** A word for each stage: done, open or stopped. */
export function stageStates(job: Job, plan: Plan): Readonly<Record<StageId, StageState>> {
  const seamStop = plan.blockers.some((b) =>
    [
      'seam-no',
      'product-unknown',
      'part-without-layer',
      'fuel-dissolves-one-pack',
      'heat-needs-rated',
      'stack-ends-in-primer',
      'no-system',
    ].includes(b.code),
  );
  const sprayed = (job.state?.coats.length ?? 0) > 0;
  return {
    surface: 'done',
    'build-up': seamStop ? 'stop' : job.system || sprayed ? 'done' : 'open',
    materials: seamStop ? 'open' : sprayed ? 'done' : 'open',
    window: plan.kind === 'blocked' ? (seamStop ? 'open' : 'stop') : job.starts?.length ? 'done' : 'open',
    'spray-day': plan.kind === 'planned' && plan.sessions.length === 0 ? 'done' : 'open',
    log: job.log?.closedAt !== undefined ? 'done' : 'open',
  };
}

/** Where the job stands: the stage its owner should open next. */
export function currentStage(job: Job, plan: Plan): StageId {
  if (job.log?.closedAt !== undefined) return 'log';
  const s = stageStates(job, plan);
  if (s['build-up'] === 'stop') return 'build-up';
  if (s.window === 'stop') return 'window';
  if (plan.sessions.length === 0) return 'log';
  return (job.state?.coats.length ?? 0) > 0 || (job.state?.tasks?.length ?? 0) > 0
    ? 'spray-day'
    : job.system
      ? 'window'
      : 'build-up';
}

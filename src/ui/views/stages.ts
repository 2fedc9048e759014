/** The stages of a job and how far each is. */
import { isClosed, type Job } from '@/model/job';
import type { Plan } from '@/model/plan';

export const STAGES = [
  { id: 'surface', name: 'Surface' },
  { id: 'build-up', name: 'Build-up' },
  { id: 'materials', name: 'Materials' },
  { id: 'window', name: 'Window' },
  { id: 'spray-day', name: 'Spray day' },
  { id: 'log', name: 'Finish & log' },
] as const;
export type StageId = (typeof STAGES)[number]['id'];
export type StageState = 'done' | 'open' | 'stop';

export const stageName = (id: StageId): string => STAGES.find((s) => s.id === id)!.name;
/** The stage after one, and how to get there; null after the last. */
export function nextStage(jobId: string, stage: StageId): NextStage | null {
  const next = STAGES[stageIndex(stage) + 1];
  return next ? { href: `/jobs/${jobId}/${next.id}`, name: next.name, label: NEXT_LABELS[next.id] } : null;
}
export interface NextStage {
  readonly href: string;
  readonly name: string;
  /** What its link is called; the name is in it. */
  readonly label: string;
}
const NEXT_LABELS: Readonly<Record<StageId, string>> = {
  surface: 'On to the surface',
  'build-up': 'On to the build-up',
  materials: 'On to the materials',
  window: 'On to the window',
  'spray-day': 'On to the spray day',
  log: 'On to Finish & log',
};

export const stageIndex = (id: StageId): number => STAGES.findIndex((s) => s.id === id);

/** What stops at the build-up; everything else stops at the window. */
const BUILD_UP_STOPS: ReadonlySet<string> = new Set([
  'seam-no',
  'seam-unknown',
  'product-unknown',
  'part-without-layer',
  'fuel-dissolves-one-pack',
  'brake-fluid-strips',
  'heat-needs-rated',
  'candy-uneven',
  'sheet-doubted',
  'film-flatted-through',
  'film-too-thin',
  'film-too-thick',
  'film-in-a-session',
  'stack-ends-in-primer',
  'no-system',
]);

const hasCoats = (job: Job): boolean => (job.state?.coats.length ?? 0) > 0;
const hasTasks = (job: Job): boolean => (job.state?.tasks?.length ?? 0) > 0;
const doneIf = (done: boolean): StageState => (done ? 'done' : 'open');

function windowState(job: Job, plan: Plan, stoppedBefore: boolean): StageState {
  if (plan.kind !== 'blocked') return doneIf((job.starts?.length ?? 0) > 0);
  return stoppedBefore ? 'open' : 'stop';
}

/** What is said of parts and place on Surface. */
const SURFACE_STOPS: ReadonlySet<string> = new Set(['not-planned', 'place-shut', 'part-too-large']);

/** Where what is in the way can be mended. */
export function mendingStage({ blockers }: Pick<Plan, 'blockers'>): StageId {
  if (blockers.some((b) => SURFACE_STOPS.has(b.code))) return 'surface';
  return blockers.some((b) => BUILD_UP_STOPS.has(b.code)) ? 'build-up' : 'window';
}

/** A word for each stage: done, open or stopped. */
export function stageStates(job: Job, plan: Plan): Readonly<Record<StageId, StageState>> {
  const stopsAt = plan.blockers.length > 0 ? mendingStage(plan) : null;
  const stopped = stopsAt === 'build-up' || stopsAt === 'surface';
  const sprayed = hasCoats(job);
  return {
    surface: stopsAt === 'surface' ? 'stop' : 'done',
    'build-up': stopsAt === 'build-up' ? 'stop' : doneIf(job.system !== undefined || sprayed),
    materials: doneIf(!stopped && sprayed),
    window: windowState(job, plan, stopped),
    'spray-day': doneIf(plan.kind === 'planned' && plan.sessions.length === 0),
    log: doneIf(isClosed(job)),
  };
}

/** Where the job stands: the stage its owner should open next. */
export function currentStage(job: Job, plan: Plan): StageId {
  if (isClosed(job)) return 'log';
  const states = stageStates(job, plan);
  if (states.surface === 'stop') return 'surface';
  if (states['build-up'] === 'stop') return 'build-up';
  if (states.window === 'stop') return 'window';
  if (plan.sessions.length === 0) return 'log';
  if (hasCoats(job) || hasTasks(job)) return 'spray-day';
  return job.system ? 'window' : 'build-up';
}

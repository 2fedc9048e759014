/** Opens one job with its plan, its products and the air at its parts. */
import type { AirView } from '@/core/air/view';
import { CATALOGUE, productsOf } from '@/core/coating/catalogue';
import type { Beside } from '@/model/beside';
import type { AirHour } from '@/model/came';
import type { Agreed } from '@/model/agreed';
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Around } from '@/core/schedule/around';
import type { JobReadings } from '@/model/reading';
import type { Product } from '@/model/product';
import { besideFor } from './beside';
import { cameFor } from './came';
import { canUsersOf, type CanUser } from './can-users';
import type { Planning } from './plans';
import type { JobStore, Steps, StoredJob, WeatherSource } from './ports';
import { aroundFor, plannedWith, type Asked } from './turns';

export interface JobView {
  readonly id: string;
  readonly version: number;
  readonly job: Job;
  readonly plan: Plan;
  readonly steps: Steps;
  readonly products: readonly Product[];
  readonly air: AirView;
  readonly nowMs: number;
  readonly forecast: Forecast | null;
  readonly issuedMs: number;
  readonly weather: WeatherSource;
  readonly readings: JobReadings;
  /** The plan that the owner went on with last; null before. */
  readonly agreed: Agreed | null;
  /** What the jobs before it in turn take. */
  readonly around: Around;
  /** Jobs at the bench that could use a can that is activated for this one. */
  readonly canUsers: readonly CanUser[];
  /** The air at its parts as it came, while its coats cured. */
  readonly came: readonly AirHour[];
  /** What was read where it was sprayed, beside what was told for it. */
  readonly beside: readonly Beside[];
}

/** Without what only its own pages ask for. */
type PlannedView = Omit<JobView, 'canUsers' | 'came' | 'beside'>;

export async function viewOf(stored: StoredJob, planning: Planning, asked: Asked): Promise<PlannedView> {
  const { job } = stored;
  const around = await aroundFor(stored, planning, asked);
  const { issued, readings, answer } = await plannedWith(stored, planning, asked, around);
  const { plan, air } = answer;
  const products = productsOf(CATALOGUE, job.products);
  return {
    id: stored.id,
    version: stored.version,
    steps: stored.steps,
    job,
    plan,
    products: [...products.values()],
    air,
    nowMs: asked.nowMs,
    forecast: issued.forecast,
    issuedMs: issued.issuedMs,
    weather: issued.source,
    readings,
    around,
    agreed: planning.agreed.get(stored.id),
  };
}

export async function viewJob(
  store: JobStore,
  planning: Planning,
  id: string,
  asked: Asked,
): Promise<JobView | null> {
  const stored = store.load(id);
  if (!stored) return null;
  const canUsers = canUsersOf(stored, planning.inTurn());
  const came = await cameFor(stored, planning, asked.nowMs);
  const beside = await besideFor(stored, planning, asked.nowMs);
  return { ...(await viewOf(stored, planning, asked)), canUsers, came, beside };
}

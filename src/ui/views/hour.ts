/** The checklist of the hour as it is shown, and what is said of it at the first coat. */
import { isDark } from '@/core/air/dark';
import type { AirView } from '@/core/air/view';
import { hourBefore, hourTaskId, type Hour } from '@/core/cautions/hour';
import { plainTick, withTick, withoutTick } from '@/core/schedule/work/tick';
import { instantOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Plan, Session, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { counted } from '@/words/format';
import { HOUR_WORDS } from '@/words/sentences/hour';
import { inAList, uncapital } from './session-name';

export interface HourRow {
  readonly taskId: string;
  readonly head: string;
  readonly how: string;
  readonly isDone: boolean;
}
export interface HourView {
  readonly rows: readonly HourRow[];
  readonly done: number;
  /** “2 of 11 open: test card and floor quiet”; null where none is, or where that was taken on. */
  readonly open: string | null;
}

interface HourAsked {
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
  readonly air: AirView;
}

/** By the sun of the hour in which it is sprayed; where that is not known it is light. */
function darkAt({ startMs, stepMs, sunDeg }: AirView, iso: string): boolean {
  const sun = sunDeg[Math.round((instantOf(iso) - startMs) / stepMs)];
  return sun !== undefined && isDark(sun);
}

/** Names that are said; more are counted. */
const MOST_SAID = 3;

function openSaid({ items, isTaken }: Hour): string | null {
  const open = items.filter((i) => !i.isDone);
  if (open.length === 0 || isTaken) return null;
  const names = open.slice(0, MOST_SAID).map((i) => uncapital(HOUR_WORDS[i.code].head));
  const more = open.length > MOST_SAID ? [`${open.length - MOST_SAID} more`] : [];
  return `${counted(open.length, 'check')} of ${items.length} open: ${inAList([...names, ...more])}`;
}

/** null once a coat of the session is on, or where nothing is sprayed. */
export function hourView({ job, plan, products, air }: HourAsked): HourView | null {
  const session: Session | undefined = plan.sessions[0];
  const hour = hourBefore(plan, session, {
    job,
    products,
    isDark: session !== undefined && darkAt(air, session.sprayAt),
  });
  if (!hour) return null;
  return {
    rows: hour.items.map(({ code, taskId, isDone }) => ({ taskId, isDone, ...HOUR_WORDS[code] })),
    done: hour.items.filter((i) => i.isDone).length,
    open: openSaid(hour),
  };
}

/** Ticked, or the tick taken back. */
export const toggleHour = (job: Job, { taskId, isDone }: HourRow, atMs: number): Job =>
  isDone ? withoutTick(job, taskId, null) : withTick(job, plainTick(taskId, 'check', atMs));

/** What is open is taken on with the first coat of a session, and not said again. */
export function takeHourOn(job: Job, plan: Plan, task: Task, atMs: number): Job {
  const session = plan.sessions.find((s) => s.tasks.some((t) => t.id === task.id));
  if (task.kind !== 'coat' || !session) return job;
  return withTick(job, plainTick(hourTaskId(session.id, 'taken'), 'check', atMs));
}

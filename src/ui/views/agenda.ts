/** What is done when, over visits and sessions: the next thing to do, and each in words. */
import { agendaOf, type Entry } from '@/core/schedule/agenda';
import type { Plan, Session, Task, Visit } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { taskName } from '@/words/names';
import { sessionName, uncapital } from './session-name';
import { mendHead } from './still-to-mend';

/** The next thing that hands do, and what it belongs to. */
export function nextWork(plan: Pick<Plan, 'visits' | 'sessions'>): { entry: Entry; task: Task } | null {
  for (const entry of agendaOf(plan)) {
    const task = entry.of.tasks.find((t) => t.handsOn);
    if (task) return { entry, task };
  }
  return null;
}

export function visitTitle(plan: Plan, visit: Visit): string {
  if (visit.kind === 'shop') return 'To the shops';
  if (visit.kind === 'unmask') return 'Tape off';
  if (visit.kind === 'bake') return 'Bake it hard';
  if (visit.kind === 'rinse') return 'Rinse the gun';
  if (visit.kind === 'finish') return 'Flatting and polishing';
  if (visit.kind === 'mend') {
    const mend = plan.mends.find((m) => m.id === visit.sessionId);
    return mend ? `Mending: ${uncapital(mendHead(plan, mend))}` : 'Mending';
  }
  if (visit.kind === 'move') return taskName(visit.tasks[0]!);
  const session = plan.sessions.find((s) => s.id === visit.sessionId);
  return session ? `Preparing for ${uncapital(sessionName(plan, session))}` : 'Preparing';
}

export function visitLine(visit: Visit, f: Format): string {
  const left = visit.leftMin > 0 ? `; after it ${durationOf(visit.leftMin)} remains` : '';
  return `${f.day(visit.startsAt)}, ${f.time(visit.startsAt)}–${f.time(visit.endsAt)}${left}`;
}

const RESTS: Readonly<Record<NonNullable<Session['rest']>['why'], (until: string | null) => string>> = {
  sanded: () => 'Then it may rest for days; sand and degrease before going on.',
  bond: (until) =>
    until === null
      ? 'It may rest here; blow off and tack before going on.'
      : `It may rest here until ${until}; later it has to be scuffed and coated once more.`,
  scuffed: () => 'It rests past its bond: scuffed, then one more coat of it before going on.',
  again: () => 'Not another coat of it before then: it would lift. It may rest for days.',
};

/** The holding point after a session; null after the last. */
export function restLine({ rest }: Pick<Session, 'rest'>, f: Format): string | null {
  return rest && RESTS[rest.why](rest.until === null ? null : f.dayTime(rest.until));
}

/** What comes after a session that is the last on its parts. */
export const lastLine = (plan: Pick<Plan, 'sessions'>, session: Session): string =>
  plan.sessions.at(-1)?.id === session.id
    ? 'It is the last session.'
    : 'These parts are done then; the others have a session of their own.';

/** What a round takes against a flash; null where there is nothing to tell. @param parts in a round */
export function rhythmLine(
  { roundMin, flashMin, cycleMin, binds, groups }: Session['rhythm'][number],
  name: string,
  parts: number,
): string | null {
  if (groups.length > 1)
    return `${name}: all its coats belong inside its first hour, so in ${groups.length} groups, each through all of them before the next; a coat every ${cycleMin} min.`;
  if (parts < 2) return null;
  const cycle = `a coat every ${cycleMin} min`;
  if (binds === 'round')
    return `${name}: one round of ${parts} parts takes ${roundMin} min, longer than the flash: go round without waiting, ${cycle}.`;
  return `${name}: one round of ${parts} parts takes ${roundMin} min and the flash ${flashMin}: wait for the flash, ${cycle}.`;
}

/** Every layer of a session with more than one coat and more than one part. */
export function rhythmLines(plan: Plan, session: Session, products: readonly Product[]): string[] {
  return session.rhythm.flatMap((r) => {
    const productId = plan.layers.find((l) => l.id === r.layerId)?.productId;
    const name = products.find((p) => p.id === productId)?.name ?? r.layerId;
    const parts = Math.max(
      0,
      ...session.rounds.filter((x) => x.taskId.startsWith(`${r.layerId}.c`)).map((x) => x.parts.length),
    );
    return rhythmLine(r, name, parts) ?? [];
  });
}

/** The parts of a coat that may be ticked by themselves; none where there is one. */
export function partsOf(session: Session, task: Task): readonly string[] {
  const round = task.kind === 'coat' ? session.rounds.find((r) => r.taskId === task.id) : undefined;
  return round && round.parts.length > 1 ? round.parts.map((p) => p.partId) : [];
}

'use client';
/** The run sheet of one session: every task with its time, cups, rhythm, and where it may rest afterwards. */
import Button from '@mui/material/Button';
import type { Session, Task } from '@/model/plan';
import { percentOf } from '@/words/format';
import { mixLine } from '@/words/mix-line';
import { movedLine } from '@/words/moved-line';
import { useDesk } from '../desk/job-desk';
import { Anchor } from '../parts/icons';
import { useFormat } from '../theme/providers';
import { partsOf, restLine, rhythmLines } from '../views/agenda';
import { sessionName } from '../views/session-name';
import { activationLine, handleLine, nowView, startMsOf } from '../views/spray-day';
import { TaskRow } from './task-row';
import { useEvery } from './use-every';

/** How often a sheet looks whether a flash is over, ms. */
const LOOK_MS = 15_000;

export interface RunSheetProps {
  readonly session: Session;
  readonly isFirst: boolean;
  readonly nextId: string | undefined;
  /** When the flash that the next task waits for began, ms; null where it waits for none. */
  readonly sinceMs: number | null;
  readonly onTick: (task: Task) => void;
}

export function RunSheet({ session, isFirst, nextId, sinceMs, onTick }: RunSheetProps) {
  const f = useFormat();
  const { plan, clock } = useDesk();
  const nowMs = useEvery(LOOK_MS, clock);
  const name = sessionName(plan, session);
  const isFirm = (task: Task): boolean => {
    const startMs = startMsOf(task, task.id === nextId ? plan.waiting : null);
    return nowView(task, nowMs, sinceMs, startMs).firm;
  };
  return (
    <section className="panel" aria-label={`Run sheet, ${name}`}>
      <div className="hd">
        {name}{' '}
        <small>
          {f.day(session.startsAt)}, {f.time(session.startsAt)}–{f.time(session.endsAt)};{' '}
          {percentOf(session.chance)} % of futures end well
        </small>
        {isFirst && (
          <span className="r noprint">
            <Button size="small" variant="outlined" onClick={() => window.print()}>
              Print
            </Button>
          </span>
        )}
      </div>
      <Rhythm session={session} />
      <ol className="mt-8">
        {session.tasks.map((task) => (
          <TaskRow
            key={task.id}
            task={task}
            isNext={task.id === nextId}
            parts={partsOf(session, task)}
            isFirm={isFirm(task)}
            {...(isFirst && task.kind !== 'flash' ? { onTick } : {})}
          />
        ))}
        <Handled session={session} />
      </ol>
      <Pots session={session} />
    </section>
  );
}

function Rhythm({ session }: { session: Session }) {
  const { plan, products } = useDesk();
  return rhythmLines(plan, session, products).map((line) => (
    <p key={line} className="cap mt-6">
      {line}
    </p>
  ));
}

/** Handle-dry, and how it may rest after that. */
function Handled({ session }: { session: Session }) {
  const f = useFormat();
  const { plan, products, job } = useDesk();
  const rest = restLine(session, f);
  const moved = movedLine(session, job.budget.currency, f);
  return (
    <li className="task" data-wait="true">
      <span className="clock">{f.time(session.handleAt)}</span>
      <span className="icon">
        <Anchor size={22} />
      </span>
      <span className="what">
        {handleLine(session, plan, products, f)}
        {rest !== null && <span className="is-block">{rest}</span>}
        {moved !== null && <span className="is-block">{moved}</span>}
      </span>
    </li>
  );
}

function Pots({ session }: { session: Session }) {
  const f = useFormat();
  const { products } = useDesk();
  const nameOf = (id: string): string => products.find((p) => p.id === id)?.name ?? id;
  const cans = session.activations.flatMap((a, i) =>
    products.find((p) => p.id === a.productId)?.carrier === 'gun' ? [] : [i],
  );
  return (
    <>
      {session.mixes.map((m) => (
        <p key={m.taskId} className="cap mt-6">
          {mixLine(m, nameOf(m.productId), f)}
        </p>
      ))}
      {cans.map((i) => (
        <p key={i} className="cap mt-6">
          {activationLine(session, i, products, f)}
        </p>
      ))}
    </>
  );
}

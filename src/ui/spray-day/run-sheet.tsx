'use client';
/** The run sheet of one session: every task with its time, what to do, what to check, and a tick. */
import Button from '@mui/material/Button';
import { severityOf } from '@/core/cautions/shown';
import type { Session, Task } from '@/model/plan';
import { percentOf } from '@/words/format';
import { sayCheck } from '@/words/sentences/checks';
import { sayTask } from '@/words/sentences/tasks';
import { useDesk } from '../desk/job-desk';
import { CautionBox } from '../parts/caution';
import { HoldButton } from '../parts/hold-button';
import { Anchor, TaskIcon } from '../parts/icons';
import { useFormat } from '../theme/providers';
import { sessionName } from '../views/session-name';
import { activationLine, handleLine, rowButton, showsCaution, titled } from '../views/spray-day';

export interface RunSheetProps {
  readonly session: Session;
  readonly isFirst: boolean;
  readonly nextId: string | undefined;
  readonly onTick: (task: Task) => void;
}

export function RunSheet({ session, isFirst, nextId, onTick }: RunSheetProps) {
  const f = useFormat();
  const { plan, products } = useDesk();
  const name = sessionName(plan, session.layerIds);
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
      <ol style={{ marginTop: 8 }}>
        {session.tasks.map((task) => (
          <TaskRow
            key={task.id}
            task={task}
            isNext={task.id === nextId}
            {...(isFirst && task.kind !== 'flash' ? { onTick: () => onTick(task) } : {})}
          />
        ))}
        <li className="task" data-wait="true">
          <span className="clock">{f.time(session.handleAt)}</span>
          <span className="icon">
            <Anchor size={22} />
          </span>
          <span className="what">{handleLine(session, plan, products, f)}</span>
        </li>
      </ol>
      {session.activations.map((a) => (
        <p key={a.productId} className="cap" style={{ marginTop: 6 }}>
          {activationLine(session, a, products, f)}
        </p>
      ))}
    </section>
  );
}

interface TaskRowProps {
  readonly task: Task;
  readonly isNext: boolean;
  /** Left out where it cannot be ticked yet, or is only a wait. */
  readonly onTick?: () => void;
}

const NEXT_STYLE = { boxShadow: 'inset 4px 0 0 var(--lagoon)', paddingLeft: 10, marginLeft: -10 } as const;

function TaskRow({ task, isNext, onTick }: TaskRowProps) {
  const f = useFormat();
  const { plan, products } = useDesk();
  const { title, mix } = titled(plan, products, task);
  const wait = task.kind === 'flash' || task.kind === 'dry';
  return (
    <li className="task" data-wait={wait} style={isNext ? NEXT_STYLE : undefined}>
      <span className="clock">{f.time(task.startsAt)}</span>
      <span className="icon">
        <TaskIcon kind={task.kind} />
      </span>
      <div>
        <p className="what">{wait ? sayTask(task.detail, f) : title}</p>
        {!wait && <HowTo task={task} />}
      </div>
      <span className="act">
        {onTick && <TickButton task={task} title={title} mix={mix} isNext={isNext} onTick={onTick} />}
        <span className="printonly sheetbox" />
      </span>
    </li>
  );
}

function HowTo({ task }: { task: Task }) {
  const f = useFormat();
  const { plan } = useDesk();
  return (
    <>
      <p>{sayTask(task.detail, f)}</p>
      {task.checks.length > 0 && (
        <ul className="checks">
          {task.checks.map((c) => (
            <li key={c.code}>{sayCheck(c, f)}</li>
          ))}
        </ul>
      )}
      {showsCaution(task, plan) && (
        <div className="cauts" style={{ marginTop: 8, maxWidth: 460 }}>
          {task.cautions.slice(0, 1).map((code) => (
            <CautionBox key={code} caution={{ code, severity: severityOf(code), params: {} }} />
          ))}
        </div>
      )}
    </>
  );
}

interface TickButtonProps {
  readonly task: Task;
  readonly title: string;
  readonly mix: boolean;
  readonly isNext: boolean;
  readonly onTick: () => void;
}

function TickButton({ task, title, mix, isNext, onTick }: TickButtonProps) {
  const { label, confirm } = rowButton(task, mix);
  const common = {
    size: 'small',
    className: 'noprint taskdone',
    variant: isNext ? 'contained' : 'outlined',
    'aria-label': `Done: ${title}`,
  } as const;
  if (task.kind === 'activate')
    return (
      <HoldButton {...common} onConfirm={onTick} confirmText={confirm}>
        {label}
      </HoldButton>
    );
  return (
    <Button {...common} onClick={onTick}>
      {label}
    </Button>
  );
}

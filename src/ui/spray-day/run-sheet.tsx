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

export function RunSheet({ session: s, isFirst, nextId, onTick }: RunSheetProps) {
  const f = useFormat();
  const { plan, products } = useDesk();
  const name = sessionName(plan, s.layerIds);
  return (
    <section className="panel" aria-label={`Run sheet, ${name}`}>
      <div className="hd">
        {name}{' '}
        <small>
          {f.day(s.startsAt)}, {f.time(s.startsAt)}–{f.time(s.endsAt)}; {percentOf(s.chance)} % of futures end
          well
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
        {s.tasks.map((t) => (
          <TaskRow
            key={t.id}
            task={t}
            isNext={t.id === nextId}
            {...(isFirst && t.kind !== 'flash' ? { onTick: () => onTick(t) } : {})}
          />
        ))}
        <li className="task" data-wait="true">
          <span className="clock">{f.time(s.handleAt)}</span>
          <span className="icon">
            <Anchor size={22} />
          </span>
          <span className="what">{handleLine(s, plan, products, f)}</span>
        </li>
      </ol>
      {s.activations.map((a) => (
        <p key={a.productId} className="cap" style={{ marginTop: 6 }}>
          {activationLine(s, a, products, f)}
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

function TaskRow({ task: t, isNext, onTick }: TaskRowProps) {
  const f = useFormat();
  const { plan, products } = useDesk();
  const { title, mix } = titled(plan, products, t);
  const wait = t.kind === 'flash' || t.kind === 'dry';
  return (
    <li className="task" data-wait={wait} style={isNext ? NEXT_STYLE : undefined}>
      <span className="clock">{f.time(t.startsAt)}</span>
      <span className="icon">
        <TaskIcon kind={t.kind} />
      </span>
      <div>
        <p className="what">{wait ? sayTask(t.detail, f) : title}</p>
        {!wait && <HowTo task={t} />}
      </div>
      <span className="act">
        {onTick && <TickButton task={t} title={title} mix={mix} isNext={isNext} onTick={onTick} />}
        <span className="printonly sheetbox" />
      </span>
    </li>
  );
}

function HowTo({ task: t }: { task: Task }) {
  const f = useFormat();
  const { plan } = useDesk();
  return (
    <>
      <p>{sayTask(t.detail, f)}</p>
      {t.checks.length > 0 && (
        <ul className="checks">
          {t.checks.map((c) => (
            <li key={c.code}>{sayCheck(c, f)}</li>
          ))}
        </ul>
      )}
      {showsCaution(t, plan) && (
        <div className="cauts" style={{ marginTop: 8, maxWidth: 460 }}>
          {t.cautions.slice(0, 1).map((code) => (
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

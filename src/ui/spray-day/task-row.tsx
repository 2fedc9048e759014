'use client';
/** One task of the run sheet: its time, what to do, what to check, a tick for it and for parts by themselves. */
import Button from '@mui/material/Button';
import { partTaskId } from '@/core/schedule/work/tick';
import type { Task } from '@/model/plan';
import { sayCheck } from '@/words/sentences/checks';
import { sayTask } from '@/words/sentences/tasks';
import { useDesk } from '../desk/job-desk';
import { Hazards } from '../parts/hazards';
import { HoldButton } from '../parts/hold-button';
import { TaskIcon } from '../parts/icons';
import { useFormat } from '../theme/providers';
import { rowButton, titled } from '../views/spray-day';
import { partName } from '../views/part-name';

interface TaskRowProps {
  readonly task: Task;
  readonly isNext: boolean;
  /** Parts of the coat that may be ticked by themselves. */
  readonly parts?: readonly string[];
  /** Asked about before it is taken: what cannot be taken back at the bench, or comes too soon. */
  readonly isFirm?: boolean;
  /** Left out where it cannot be ticked yet, or is only a wait. */
  readonly onTick?: (task: Task) => void;
}

export function TaskRow({
  task,
  isNext,
  parts = [],
  isFirm = task.kind === 'activate',
  onTick,
}: TaskRowProps) {
  const f = useFormat();
  const { plan, products } = useDesk();
  const { title, mix } = titled(plan, products, task);
  const wait = task.kind === 'flash' || task.kind === 'dry';
  return (
    <li className="task" data-wait={wait} data-next={isNext}>
      <span className="clock">{f.time(task.startsAt)}</span>
      <span className="icon">
        <TaskIcon kind={task.kind} />
      </span>
      <div>
        <p className="what">{wait ? sayTask(task.detail, f) : title}</p>
        {!wait && <HowTo task={task} />}
        <Hazards cells={task.cautions} />
        {onTick && isNext && parts.length > 1 && <PartTicks task={task} parts={parts} onTick={onTick} />}
      </div>
      <span className="act">
        {onTick && (
          <TickButton
            task={task}
            title={title}
            mix={mix}
            isNext={isNext}
            isFirm={isFirm}
            onTick={() => onTick(task)}
          />
        )}
        <span className="printonly sheetbox" />
      </span>
    </li>
  );
}

function HowTo({ task }: { task: Task }) {
  const f = useFormat();
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
    </>
  );
}

interface PartTicksProps {
  readonly task: Task;
  readonly parts: readonly string[];
  readonly onTick: (task: Task) => void;
}

/** A part by itself: the others go on when they are ready for it. */
function PartTicks({ task, parts, onTick }: PartTicksProps) {
  const { job } = useDesk();
  const nameOf = (id: string): string => partName(job, id);
  return (
    <div className="row noprint gap-8 mt-8 wrap-wrap">
      <span className="cap">Only one part:</span>
      {parts.map((id) => (
        <Button
          key={id}
          size="small"
          variant="outlined"
          onClick={() => onTick({ ...task, id: partTaskId(task.id, id), partIds: [id] })}
        >
          {nameOf(id)} is on
        </Button>
      ))}
    </div>
  );
}

interface TickButtonProps {
  readonly task: Task;
  readonly title: string;
  readonly mix: boolean;
  readonly isNext: boolean;
  readonly isFirm: boolean;
  readonly onTick: () => void;
}

function TickButton({ task, title, mix, isNext, isFirm, onTick }: TickButtonProps) {
  const { label, confirm } = rowButton(task, mix);
  const common = {
    size: 'small',
    className: 'noprint taskdone',
    variant: isNext ? 'contained' : 'outlined',
    'aria-label': `Done: ${title}`,
  } as const;
  if (isFirm)
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

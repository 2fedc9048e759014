'use client';
/** Mends that wait until everything is on and hard, and have no hours yet: each task with its tick. */
import { plainTick, withTick } from '@/core/schedule/work/tick';
import { useDesk } from '../desk/job-desk';
import { HoldButton } from '../parts/hold-button';
import Button from '@mui/material/Button';
import { useFormat } from '../theme/providers';
import { mendsToDo, type MendToDo } from '../views/still-to-mend';

export function StillToMend() {
  const f = useFormat();
  const { plan, nowMs } = useDesk();
  const open = mendsToDo(plan, { nowMs, f }).filter((m) => !m.isPlaced);
  return open.map((m) => <MendPanel key={m.id} mend={m} />);
}

function MendPanel({ mend }: { mend: MendToDo }) {
  const { edit, clock } = useDesk();
  const tick = (task: MendToDo['tasks'][number]['task']): void =>
    edit((j) => withTick(j, plainTick(task.id, task.kind, clock())));
  return (
    <section className="panel" aria-label={`Still to mend: ${mend.head}`}>
      <div className="hd">
        Still to mend: {mend.head} <small>{mend.when}</small>
      </div>
      <ol className="mt-6">
        {mend.tasks.map(({ id, name, how, task }) => (
          <li key={id} className="row wrap-nowrap gap-10 pt-4 pb-4">
            <span className="flex-1">
              <b>{name}</b> {how}
            </span>
            <TickMend isReady={mend.isReady} name={name} onTick={() => tick(task)} />
          </li>
        ))}
      </ol>
    </section>
  );
}

interface TickMendProps {
  readonly isReady: boolean;
  readonly name: string;
  readonly onTick: () => void;
}

/** Before its time it is asked about: soft paint is spoilt by paper. */
function TickMend({ isReady, name, onTick }: TickMendProps) {
  if (isReady)
    return (
      <Button size="small" variant="outlined" onClick={onTick} aria-label={`Done: ${name}`}>
        Done
      </Button>
    );
  return (
    <HoldButton
      size="small"
      variant="outlined"
      onConfirm={onTick}
      confirmText="Yes, done"
      aria-label={`Done: ${name}`}
    >
      Done
    </HoldButton>
  );
}

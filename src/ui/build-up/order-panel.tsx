'use client';
/**
 * The order of work before each session: every task with its reason, and hands-on minutes that the owner may
 * know better.
 */
import Button from '@mui/material/Button';
import { setMinutes } from '@/core/edits/choices';
import { paceOf } from '@/core/schedule/work/own-hands';
import type { System } from '@/core/seams/seam';
import { groundOf } from '@/model/ground';
import { durationOf } from '@/words/format';
import { sayTask } from '@/words/sentences/tasks';
import type { Desk } from '../desk/job-desk';
import { TaskIcon } from '../parts/icons';
import { NumberBox } from '../parts/number-box';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { groundTitle, orderOfWork, type WorkTask } from '../views/build-up';
import { sessionName } from '../views/session-name';
import { taskTitle } from '../views/task-words';

interface OrderPanelProps {
  readonly desk: Desk;
  readonly system: System;
}

export function OrderPanel({ desk, system }: OrderPanelProps) {
  const { plan } = desk;
  const sessions = orderOfWork(plan);
  if (sessions.length === 0) return null;
  return (
    <section className="panel" aria-label="Order of work">
      <div className="hd">
        <small>
          hands-on minutes are from memory until you give your own
          <ProvenanceMark mark="M" />
        </small>
      </div>
      {sessions.map((prepOfSession) => (
        <div key={prepOfSession.id}>
          <h3 className="small fw650 mt-8 mb-2">
            {sessionName(plan, prepOfSession)}{' '}
            <span className="muted fw400">{durationOf(prepOfSession.minutes)} before the first coat</span>
          </h3>
          <ol className="loglist">
            {prepOfSession.tasks.map((t) => (
              <WorkRow key={t.id} work={t} desk={desk} system={system} />
            ))}
          </ol>
        </div>
      ))}
    </section>
  );
}

function WorkRow({ work, desk, system }: OrderPanelProps & { work: WorkTask }) {
  const f = useFormat();
  const { id, task, minutes: estimated } = work;
  const title = taskTitle(desk.plan, desk.products, task);
  const own = desk.job.minutes?.[id];
  const set = (minutes: number | null): void => desk.edit((j) => setMinutes(j, id, minutes));
  const below =
    task.kind === 'sand' ? groundTitle(system, groundOf(String(task.detail.params.below ?? ''))) : null;
  return (
    <li className="row wrap-nowrap ai-center">
      <TaskIcon kind={task.kind} />
      <p className="small flex-1 minw-0">
        <b className="fw600">{title}</b>
        {below !== null && <span className="muted"> {below}</span>}
        <br />
        <span className="muted">{sayTask(task.detail, f)}</span>
      </p>
      <NumberBox
        label="Minutes"
        value={own ?? estimated}
        min={1}
        max={600}
        step={5}
        width={96}
        onChange={(m) => {
          if (m !== estimated) set(m);
        }}
        fault={desk.faultAt(`minutes.${id}`)}
      />
      <span className="wide-64">
        {own === undefined && paceOf(desk.job, task.kind) !== 1 && <ProvenanceMark mark="own" />}
        {own !== undefined && (
          <Button size="small" aria-label={`${title}: as estimated`} onClick={() => set(null)}>
            Mine <span aria-hidden="true">×</span>
          </Button>
        )}
      </span>
    </li>
  );
}

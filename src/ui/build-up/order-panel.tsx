'use client';
/** The order of work before each session: every task with its reason, and hands-on minutes that the owner may know better. */
import Button from '@mui/material/Button';
import type { Task } from '@/model/plan';
import { durationOf } from '@/words/format';
import { say } from '@/words/say';
import type { Desk } from '../desk/job-desk';
import { TaskIcon } from '../parts/icons';
import { NumberBox } from '../parts/number-box';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { taskTitle } from '../views/task-words';
import { sessionName } from '../views/session-name';

const PREP: ReadonlySet<Task['kind']> = new Set(['strip-down', 'fill', 'sand', 'clean', 'mask', 'tack']);
const minutesOf = (t: Task): number => Math.round((Date.parse(t.endsAt) - Date.parse(t.startsAt)) / 60_000);

export function OrderPanel({ desk, nameOf }: { desk: Desk; nameOf: (id: string) => string }) {
  const f = useFormat();
  const { job, plan, products } = desk;
  const sessions = plan.sessions
    .map((s) => ({ s, tasks: s.tasks.filter((t) => PREP.has(t.kind)) }))
    .filter((x) => x.tasks.length > 0);
  if (sessions.length === 0) return null;
  const own = job.minutes ?? {};
  const set = (id: string, minutes: number | null): void =>
    desk.edit(({ minutes: was, starts: _s, ...j }) => {
      const { [id]: _gone, ...left } = was ?? {};
      const next = minutes === null ? left : { ...left, [id]: minutes };
      return { ...j, ...(Object.keys(next).length > 0 ? { minutes: next } : {}) };
    });
  return (
    <section className="panel" aria-label="Order of work">
      <div className="hd">
        Order of work{' '}
        <small>
          hands-on minutes are from memory until you give your own
          <ProvenanceMark mark="M" />
        </small>
      </div>
      {sessions.map(({ s, tasks }) => (
        <div key={s.id}>
          <h3 className="small" style={{ fontWeight: 650, margin: '8px 0 2px' }}>
            {sessionName(plan, s.layerIds)}{' '}
            <span className="muted" style={{ fontWeight: 400 }}>
              {durationOf(tasks.reduce((a, t) => a + minutesOf(t), 0))} before the first coat
            </span>
          </h3>
          <ol className="loglist">
            {tasks.map((t) => (
              <li key={t.id} className="row" style={{ flexWrap: 'nowrap', alignItems: 'center' }}>
                <TaskIcon kind={t.kind} />
                <p className="small" style={{ flex: 1, minWidth: 0 }}>
                  <b style={{ fontWeight: 600 }}>{taskTitle(plan, products, t)}</b>
                  {t.kind === 'sand' ? (
                    <span className="muted"> {nameOf(String(t.detail.params.below ?? ''))}</span>
                  ) : null}
                  <br />
                  <span className="muted">{say(t.detail, f)}</span>
                </p>
                <NumberBox
                  label="Minutes"
                  value={own[t.id] ?? minutesOf(t)}
                  min={1}
                  max={600}
                  step={5}
                  width={96}
                  onChange={(m) => {
                    if (m !== minutesOf(t)) set(t.id, m);
                  }}
                  fault={desk.faultAt(`minutes.${t.id}`)}
                />
                <span style={{ width: 64 }}>
                  {own[t.id] !== undefined ? (
                    <Button
                      size="small"
                      aria-label={`${taskTitle(plan, products, t)}: as estimated`}
                      onClick={() => set(t.id, null)}
                    >
                      Mine <span aria-hidden="true">×</span>
                    </Button>
                  ) : null}
                </span>
              </li>
            ))}
          </ol>
        </div>
      ))}
    </section>
  );
}

'use client';
/** Spray day: the run sheet with its clock times, on paper and as a checklist that records when things were really done. */
import Button from '@mui/material/Button';
import type { Plan, Task } from '@/model/plan';
import { tickIdOf, withoutTick, withTick } from '@/core/schedule/work/tick';
import { HOUR, isoOf, MINUTE, msOf } from '@/core/time/instant';
import { percentOf, type Format } from '@/words/format';
import { say } from '@/words/say';
import { CautionBox } from '../parts/caution';
import { Anchor, GoSign, TaskIcon } from '../parts/icons';
import { LinkButton } from '../parts/link-button';
import { useDesk } from '../desk/job-desk';
import { AirTiles } from '../parts/air-tiles';
import { HoldButton } from '../parts/hold-button';
import { Columns, SaveLine } from '../shell/stage-shell';
import { Spine } from '../shell/spine';
import { Verdict } from '../shell/verdict';
import { useFormat } from '../theme/providers';
import { sessionName } from '../window/session-name';
import { NowCard } from './now-card';
import { doneList, inSentence, isMix, taskTitle, type Done } from './task-words';

export function SprayDayStage() {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan, products } = desk;
  const done = doneList(job, plan, products);
  const nowIso = isoOf(desk.nowMs, job.place.tz);

  const record = (task: Pick<Task, 'id' | 'kind' | 'layerId' | 'coat'>, isDone: boolean): void => {
    const productId = task.kind === 'activate' ? (task.id.split('.activate-')[1] ?? null) : null;
    const cans =
      plan.sessions.flatMap((s) => s.activations).find((a) => a.productId === productId)?.cans ?? 0;
    desk.edit((j) =>
      isDone
        ? withTick(j, { task, atMs: desk.clock(), productId, cans })
        : withoutTick(j, task.id, productId),
    );
  };
  const takeBack = (d: Done): void => record(tickIdOf(d.id), false);
  const session = plan.sessions[0];
  const next = session?.tasks.find((t) => t.handsOn);
  // A wait under way: the last coat is on and the next task of the session is still to come.
  const lastCoat = job.state?.coats.length
    ? Math.max(...job.state.coats.map((c) => msOf(c.endedAt, job.place.tz)))
    : null;
  const sinceMs =
    next && session && lastCoat !== null && Date.parse(next.startsAt) - lastCoat < 3 * HOUR ? lastCoat : null;
  const running =
    (job.state?.activations ?? [])
      .flatMap((a) => {
        const p = products.find((x) => x.id === a.productId);
        const open = plan.layers.some(
          (l) =>
            l.productId === a.productId &&
            Array.from({ length: l.coats }, (_, i) => i + 1).some(
              (c) => !job.state?.coats.some((d) => d.layerId === l.id && d.coat === c),
            ),
        );
        return p?.potLifeMin !== undefined && open
          ? [{ atMs: msOf(a.at, job.place.tz), endMs: msOf(a.at, job.place.tz) + p.potLifeMin * MINUTE }]
          : [];
      })
      .sort((a, b) => a.endMs - b.endMs)[0] ?? null;
  const limits = products.find(
    (p) => p.id === plan.layers.find((l) => l.id === (next?.layerId ?? session?.layerIds[0]))?.productId,
  );

  return (
    <Columns kind="cols-3">
      <Spine job={job} plan={plan} products={products}>
        {next ? (
          <p>
            <b>Next: {inSentence(taskTitle(plan, products, next), next.kind)}</b> at {f.time(next.startsAt)},{' '}
            {f.day(next.startsAt)}.
          </p>
        ) : (
          <p>
            <b>Nothing left to spray.</b>
          </p>
        )}
        <p style={{ marginTop: 8 }}>
          Ticking a coat moves every time after it: the waits start from when it was really done.
        </p>
      </Spine>
      <div className="stack">
        {next && session && (
          <NowCard
            key={next.id}
            task={next}
            title={taskTitle(plan, products, next)}
            f={f}
            tz={job.place.tz}
            clock={desk.clock}
            sinceMs={sinceMs}
            activated={running}
            onDone={() => record(next, true)}
            tiles={<AirTiles air={desk.air.now} limits={limits} />}
          />
        )}
        {done.length > 0 && (
          <section className="panel noprint" aria-label="Done">
            <div className="hd">
              Done <small>actual times</small>
            </div>
            <ul style={{ columns: '260px auto', columnGap: 24, marginTop: 6 }}>
              {done.map((d) => (
                <li
                  key={d.id}
                  className="row small"
                  style={{ breakInside: 'avoid', padding: '3px 0', flexWrap: 'nowrap' }}
                >
                  <GoSign />
                  <b style={{ minWidth: 108, fontWeight: 600 }}>{f.dayTime(d.at)}</b>
                  <span style={{ flex: 1 }}>{d.label}</span>
                  <Button size="small" onClick={() => takeBack(d)} aria-label={`Take back ${d.label}`}>
                    Take back
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        )}
        <SaveLine />
        {plan.kind === 'blocked' && (
          <section className="panel" style={{ borderColor: 'var(--oxide)' }}>
            <div className="hd">No run sheet yet</div>
            <ul style={{ display: 'grid', gap: 6, margin: '8px 0' }}>
              {plan.blockers.map((b, i) => (
                <li key={i}>{say(b, f)}</li>
              ))}
            </ul>
            <LinkButton
              variant="contained"
              href={`/jobs/${desk.id}/${plan.blockers.some((b) => b.code === 'seam-no') ? 'build-up' : 'window'}`}
            >
              Go and mend it
            </LinkButton>
          </section>
        )}
        {plan.kind === 'planned' && plan.sessions.length === 0 && (
          <section className="panel">
            <div className="hd">
              <GoSign size={22} />
              All coats are on
            </div>
            <p className="cap" style={{ margin: '6px 0 12px' }}>
              Leave it under cover until handle-dry. Wax only after about 30 days.
            </p>
            <LinkButton variant="contained" href={`/jobs/${desk.id}/log`}>
              On to the log
            </LinkButton>
          </section>
        )}
        {plan.sessions.map((s, i) => (
          <section key={s.id} className="panel" aria-label={`Run sheet, ${sessionName(plan, s.layerIds)}`}>
            <div className="hd">
              {sessionName(plan, s.layerIds)}{' '}
              <small>
                {f.day(s.startsAt)}, {f.time(s.startsAt)}–{f.time(s.endsAt)}; {percentOf(s.chance)} % of
                futures end well
              </small>
              {i === 0 && (
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
                  plan={plan}
                  title={taskTitle(plan, products, t)}
                  mix={isMix(plan, products, t)}
                  f={f}
                  isNext={t.id === next?.id}
                  canTick={i === 0 && t.kind !== 'flash'}
                  onTick={() => record(t, true)}
                />
              ))}
              <li className="task" data-wait="true">
                <span className="clock">{f.time(s.handleAt)}</span>
                <span className="icon">
                  <Anchor size={22} />
                </span>
                <span className="what">
                  Handle-dry
                  {s.handleAt.slice(0, 10) !== s.startsAt.slice(0, 10) ? `, ${f.day(s.handleAt)}` : ''}. Until
                  then no rain or dew on it, and not below{' '}
                  {f.temp(
                    products.find(
                      (p) => p.id === plan.layers.find((l) => l.id === s.layerIds.at(-1))?.productId,
                    )?.tempMinC ?? 10,
                  )}
                  .{s.readyAt ? ` May be sanded from ${f.dayTime(s.readyAt)}.` : ''}
                </span>
              </li>
            </ol>
            {s.activations.map((a) => (
              <p key={a.productId} className="cap" style={{ marginTop: 6 }}>
                {s.activations.length > 1
                  ? products.find((p) => p.id === a.productId)?.name
                  : 'Activated can'}
                : prudent until {f.dayTime(a.prudentUntil)}; the label’s life ends {f.dayTime(a.usableUntil)}{' '}
                and never stretches in the cold.
              </p>
            ))}
          </section>
        ))}
        {plan.sessions.length > 0 && (
          <section className="panel" aria-label="Safety">
            <div className="hd" style={{ marginBottom: 8 }}>
              Before you spray <small>the product’s sheet and local rules come first</small>
            </div>
            <div className="wide-cauts">
              {plan.cautions
                .filter(
                  (c) =>
                    c.severity === 'stop' || ['solvent-vapour', 'night-after', 'test-card'].includes(c.code),
                )
                .map((c, i) => (
                  <CautionBox key={i} caution={c} />
                ))}
            </div>
          </section>
        )}
        <p className="printonly">
          Printed {f.dayTime(nowIso)}. Times move with the weather; check the panel before each coat.
        </p>
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage="spray-day" />
    </Columns>
  );
}

function TaskRow({
  task: t,
  plan,
  title,
  mix,
  f,
  isNext,
  canTick,
  onTick,
}: {
  task: Task;
  plan: Plan;
  title: string;
  mix: boolean;
  f: Format;
  isNext: boolean;
  canTick: boolean;
  onTick: () => void;
}) {
  const wait = t.kind === 'flash' || t.kind === 'dry';
  const shown =
    t.kind === 'activate' || (t.kind === 'sand' && plan.cautions.some((c) => c.code === 'old-paint-lead'));
  return (
    <li
      className="task"
      data-wait={wait}
      style={
        isNext ? { boxShadow: 'inset 4px 0 0 var(--lagoon)', paddingLeft: 10, marginLeft: -10 } : undefined
      }
    >
      <span className="clock">{f.time(t.startsAt)}</span>
      <span className="icon">
        <TaskIcon kind={t.kind} />
      </span>
      <div>
        <p className="what">{wait ? say(t.detail, f) : title}</p>
        {!wait && <p>{say(t.detail, f)}</p>}
        {t.checks.length > 0 && !wait && (
          <ul className="checks">
            {t.checks.map((c) => (
              <li key={c.code}>{say(c, f)}</li>
            ))}
          </ul>
        )}
        {shown && (
          <div className="cauts" style={{ marginTop: 8, maxWidth: 460 }}>
            {t.cautions.slice(0, 1).map((c) => (
              <CautionBox
                key={c}
                caution={{ code: c, severity: c === 'isocyanate' ? 'stop' : 'mind', params: {} }}
              />
            ))}
          </div>
        )}
      </div>
      <span className="act">
        {canTick &&
          (t.kind === 'activate' ? (
            <HoldButton
              size="small"
              className="noprint taskdone"
              variant={isNext ? 'contained' : 'outlined'}
              onConfirm={onTick}
              confirmText={mix ? 'Yes, mixed' : 'Yes, activated'}
              aria-label={`Done: ${title}`}
            >
              {mix ? 'Mixed' : 'Activated'}
            </HoldButton>
          ) : (
            <Button
              size="small"
              className="noprint taskdone"
              variant={isNext ? 'contained' : 'outlined'}
              onClick={onTick}
              aria-label={`Done: ${title}`}
            >
              {t.kind === 'coat' ? 'Coat is on' : 'Done'}
            </Button>
          ))}
        <span className="printonly sheetbox" />
      </span>
    </li>
  );
}

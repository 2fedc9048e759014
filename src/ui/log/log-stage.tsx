'use client';
/** Log: when things were really done, what was used, how each layer came out; then the job is closed. */
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { expectedMl, usedMl } from '@/core/material/used';
import { tickIdOf, withTick } from '@/core/schedule/work/tick';
import { isoOf, msOf } from '@/core/time/instant';
import type { Job, JobLog, Used } from '@/model/job';
import { LOG_MARKS } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { ClockBox } from '../parts/clock-box';
import { ButtonChoice } from '../parts/choice';
import { GoSign, MindSign } from '../parts/icons';
import { ProvenanceMark } from '../parts/mark';
import { NumberBox } from '../parts/number-box';
import { Columns, SaveLine } from '../shell/stage-shell';
import { Spine } from '../shell/spine';
import { Verdict } from '../shell/verdict';
import { doneList } from '../views/task-words';
import { useFormat } from '../theme/providers';
import { PhotosPanel } from '../photos/photos-panel';
import { MarkBlocks } from './mark-blocks';
import { ShelfPanel } from './shelf-panel';

const EMPTY: JobLog = { used: [], outcomes: [], note: '' };
const BY = { cans: 'by the can', weight: 'by weight' } as const;

export function LogStage() {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan, products } = desk;
  const log = job.log ?? EMPTY;
  const closed = log.closedAt !== undefined;
  const set = (change: (l: JobLog) => JobLog): void =>
    desk.edit((j): Job => ({ ...j, log: change(j.log ?? EMPTY) }));
  const setUsed = (id: string, u: Used | null): void =>
    set((l) => ({ ...l, used: [...l.used.filter((x) => x.productId !== id), ...(u ? [u] : [])] }));
  const setOutcome = (layerId: string, patch: { mark?: number; remark?: string }): void =>
    set((l) => {
      const was = l.outcomes.find((o) => o.layerId === layerId) ?? { layerId, mark: 3 };
      return { ...l, outcomes: [...l.outcomes.filter((o) => o.layerId !== layerId), { ...was, ...patch }] };
    });
  const done = doneList(job, plan, products);
  const used = [...new Set(plan.layers.map((l) => l.productId))];
  const coats = plan.layers.reduce((a, l) => a + l.coats, 0);
  const on = job.state?.coats.length ?? 0;
  const retime = (id: string, date: string, clock: string): void => {
    if (!/^\d{4}-\d\d-\d\d$/.test(date)) return;
    desk.edit((j) =>
      withTick(j, {
        task: tickIdOf(id),
        atMs: msOf(`${date}T${clock}`, j.place.tz),
        productId: id.split('.activate-')[1] ?? null,
        cans: j.state?.activations.find((a) => id.endsWith(`.activate-${a.productId}`))?.cans ?? 1,
      }),
    );
  };
  return (
    <Columns kind="cols-3">
      <Spine job={job} plan={plan} products={products}>
        <p>
          <b>Written down, it counts next time.</b> What the cans really gave stands beside what was planned.
        </p>
      </Spine>
      <div className="stack">
        {closed && (
          <section className="panel" aria-label="Closed" style={{ borderColor: 'var(--moss)' }}>
            <div className="hd">
              <GoSign size={22} />
              Closed {f.dayTime(log.closedAt!)}
              <span className="r">
                <Button size="small" variant="outlined" onClick={() => set(({ closedAt: _c, ...l }) => l)}>
                  Open it again
                </Button>
              </span>
            </div>
          </section>
        )}
        <section className="panel" aria-label="Material used">
          <div className="hd">
            Material used <small>by the can, or on the kitchen scale before and after</small>
          </div>
          {used.length === 0 && (
            <p className="cap" style={{ marginTop: 8 }}>
              No layers, so nothing to log.
            </p>
          )}
          <ul className="loglist">
            {used.map((id) => {
              const p = products.find((x) => x.id === id)!;
              const u = log.used.find((x) => x.productId === id);
              const expected = expectedMl(job, p, plan);
              const ml = u && !(u.by === 'weight' && u.afterG > u.beforeG) ? usedMl(u, p) : null;
              return (
                <li key={id} className="row">
                  <span style={{ minWidth: 170, flex: '1 1 170px' }}>
                    <b style={{ fontWeight: 600 }}>{p.name}</b>
                    <br />
                    <span className="small muted">{f.volume(expected)} expected</span>
                  </span>
                  <ButtonChoice
                    label={`${p.name}, how measured`}
                    value={u?.by ?? 'cans'}
                    options={['cans', 'weight'] as const}
                    names={BY}
                    onChange={(by) =>
                      setUsed(
                        id,
                        by === 'cans'
                          ? { by, productId: id, cans: 0 }
                          : { by, productId: id, beforeG: 0, afterG: 0 },
                      )
                    }
                  />
                  {(u?.by ?? 'cans') === 'cans' ? (
                    <NumberBox
                      label={`${p.packs[0]!.unit === 'can' ? 'Cans' : 'Tins'} emptied`}
                      width={130}
                      min={0}
                      max={100}
                      step={0.25}
                      value={u?.by === 'cans' ? u.cans : null}
                      onChange={(cans) => setUsed(id, { by: 'cans', productId: id, cans })}
                    />
                  ) : (
                    u?.by === 'weight' && (
                      <>
                        <NumberBox
                          label="Before"
                          unit="g"
                          width={112}
                          min={0}
                          max={50000}
                          value={u.beforeG}
                          onChange={(beforeG) => setUsed(id, { ...u, beforeG })}
                        />
                        <NumberBox
                          label="After"
                          unit="g"
                          width={112}
                          min={0}
                          max={50000}
                          value={u.afterG}
                          onChange={(afterG) => setUsed(id, { ...u, afterG })}
                          fault={
                            u.afterG > u.beforeG
                              ? `At most ${u.beforeG} g.`
                              : desk.faultAt(`log.used[${log.used.indexOf(u)}].afterG`)
                          }
                        />
                      </>
                    )
                  )}
                  <span className="num" style={{ minWidth: 130, marginLeft: 'auto' }}>
                    {ml === null ? (
                      <span className="muted">not logged</span>
                    ) : (
                      <>
                        <b>{f.volume(ml)}</b>
                        {expected > 0 && (
                          <span className="small muted">
                            , {Math.round((ml / expected) * 100)} % of the plan
                          </span>
                        )}
                      </>
                    )}
                  </span>
                </li>
              );
            })}
          </ul>
          <p className="cap" style={{ marginTop: 8 }}>
            Weight is turned into volume at 0.78 g/ml for a can, 1 for a tin
            <ProvenanceMark mark="M" />.
          </p>
        </section>
        <ShelfPanel desk={desk} />
        <section className="panel" aria-label="How it came out">
          <div className="hd">
            How each layer came out <small>0 to be done again, 4 as hoped</small>
          </div>
          <ul className="loglist">
            {[...plan.layers].reverse().map((l) => {
              const p = products.find((x) => x.id === l.productId)!;
              const o = log.outcomes.find((x) => x.layerId === l.id);
              return (
                <li key={l.id} className="row">
                  <span style={{ minWidth: 170, flex: '1 1 170px' }}>
                    <b style={{ fontWeight: 600 }}>{p.name}</b>
                    <br />
                    <span className="small muted">{o ? LOG_MARKS[o.mark] : 'not said yet'}</span>
                  </span>
                  <MarkBlocks
                    label={`${p.name}, how it came out`}
                    value={o?.mark ?? null}
                    words={LOG_MARKS}
                    onChange={(mark) => setOutcome(l.id, { mark })}
                  />
                  <TextField
                    size="small"
                    label="Remark"
                    value={o?.remark ?? ''}
                    onChange={(e) => setOutcome(l.id, { remark: e.target.value.slice(0, 300) })}
                    sx={{ flex: '2 1 200px' }}
                  />
                </li>
              );
            })}
          </ul>
        </section>
        <section className="panel" aria-label="Actual times">
          <div className="hd">
            Actual times <small>from the checklist; mend what was ticked late</small>
          </div>
          {done.length === 0 ? (
            <p className="cap" style={{ marginTop: 8 }}>
              Nothing ticked yet. Tick the steps on Spray day and their times stand here.
            </p>
          ) : (
            <ul className="times">
              {done.map((d) => {
                const at = isoOf(msOf(d.at, job.place.tz), job.place.tz);
                const date = at.slice(0, 10);
                const clock = at.slice(11, 16);
                return (
                  <li key={d.id} className="row">
                    <input
                      className="field"
                      type="date"
                      aria-label={`Day: ${d.label}`}
                      value={date}
                      max={isoOf(desk.nowMs, job.place.tz).slice(0, 10)}
                      onChange={(e) => retime(d.id, e.target.value, clock)}
                    />
                    <ClockBox
                      label={`Time: ${d.label}`}
                      value={clock}
                      onChange={(c) => retime(d.id, date, c)}
                    />
                    <span>{d.label}</span>
                  </li>
                );
              })}
            </ul>
          )}
        </section>
        <PhotosPanel moment="after" />
        <section className="panel" aria-label="Note">
          <div className="hd" style={{ marginBottom: 10 }}>
            Note to yourself
          </div>
          <TextField
            fullWidth
            multiline
            minRows={3}
            maxRows={12}
            label="What you would do otherwise next time"
            value={log.note}
            onChange={(e) => set((l) => ({ ...l, note: e.target.value.slice(0, 4000) }))}
          />
        </section>
        <SaveLine />
        {!closed && (
          <div className="row">
            {on < coats && (
              <p className="cap row" style={{ flexWrap: 'nowrap' }}>
                <MindSign />
                {on === 0 ? 'No coat is on yet' : `${coats - on} of ${coats} coats are not on`}. It can be
                closed all the same.
              </p>
            )}
            <span className="push" />
            <Button
              variant="contained"
              onClick={() => set((l) => ({ ...l, closedAt: isoOf(desk.clock(), job.place.tz) }))}
            >
              Close the job
            </Button>
          </div>
        )}
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage="log" />
    </Columns>
  );
}

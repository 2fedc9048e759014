'use client';
/** The clear as a budget, its tasks, what goes on again, and what it still minds while it cures. */
import Button from '@mui/material/Button';
import { setFinish } from '@/core/edits/finish';
import { plainTick, withTick, withoutTick } from '@/core/schedule/work/tick';
import { FINISH_TOOLS, PEELS, type FinishWish } from '@/model/finish';
import { useDesk } from '../desk/job-desk';
import { ClearBudget } from '../drawings/clear-budget';
import { ButtonChoice } from '../parts/button-choice';
import { CalendarButton } from '../parts/calendar-button';
import { ProvenanceMark } from '../parts/mark';
import { Tick } from '../parts/tick';
import { useFormat } from '../theme/providers';
import {
  cameSaid,
  cureRows,
  finishEntries,
  finishRows,
  finishView,
  PEEL_NAMES,
  refitRows,
  TOOL_NAMES,
  USUAL_WISH,
  type FinishView,
} from '../views/finish';

export function FinishPanel() {
  const f = useFormat();
  const { job, plan, products } = useDesk();
  const view = finishView({ job, plan, products }, f);
  if (!view)
    return (
      <section className="panel" aria-label="Finish">
        <p>Once the last coat is on, this says whether it may be flatted, from which paper, and when.</p>
      </section>
    );
  return (
    <section className="panel is-grid gap-12" aria-label="Finish">
      <div className="hd">
        {view.verdict} <small>{view.why}</small>
      </div>
      {view.least && <p>{view.least}.</p>}
      {view.weigh && <p className="cap">{view.weigh}</p>}
      <ClearBudget bars={view.bars} />
      <WishRow view={view} />
      <Tasks />
      <p className="cap">
        The thin end of the film and the most that a pass takes decide
        <ProvenanceMark mark="M" />. Tape every edge and lift the pad 10 mm short of it: there the film is
        half as thick and goes twice as fast. Wet, with gloves and goggles; compound flings. The sheet on the
        tin wins.
      </p>
    </section>
  );
}

function WishRow({ view }: { view: FinishView }) {
  const { edit } = useDesk();
  const wish = view.wish ?? USUAL_WISH;
  const set = (patch: Partial<FinishWish>): void => edit((j) => setFinish(j, { ...wish, ...patch }));
  return (
    <div className="row gap-12 noprint">
      <ButtonChoice
        label="What is to go"
        value={wish.peel}
        options={PEELS}
        names={PEEL_NAMES}
        onChange={(peel) => set({ peel })}
      />
      <ButtonChoice
        label="How"
        value={wish.tool}
        options={FINISH_TOOLS}
        names={TOOL_NAMES}
        onChange={(tool) => set({ tool })}
      />
      {view.wish === null ? (
        <Button variant="contained" disabled={!view.isWorked} onClick={() => set({})}>
          Plan it
        </Button>
      ) : (
        <Button onClick={() => edit((j) => setFinish(j, null))}>Leave it as it falls</Button>
      )}
    </div>
  );
}

function Tasks() {
  const f = useFormat();
  const { job, plan, products, edit, clock } = useDesk();
  const rows = finishRows({ job, plan, products }, f);
  if (rows.length === 0) return null;
  return (
    <ol className="loglist" aria-label="Finishing tasks">
      {rows.map(({ task, name, how, when }) => (
        <li key={task.id} className="row">
          <b className="minw-108">{name}</b>
          <span className="grow-180">
            {how}
            <br />
            <span className="small muted">{when}</span>
          </span>
          <Button
            size="small"
            variant="outlined"
            aria-label={`Done: ${name}`}
            onClick={() => edit((j) => withTick(j, plainTick(task.id, 'sand', clock())))}
          >
            Done
          </Button>
        </li>
      ))}
    </ol>
  );
}

export function RefitPanel() {
  const { job, edit, clock } = useDesk();
  const rows = refitRows(job);
  if (rows.length === 0)
    return (
      <p className="cap">Nothing was taken off: what comes off is listed under Build-up, Preparation.</p>
    );
  return (
    <section className="panel" aria-label="Refit">
      <ul className="loglist">
        {rows.map((row) => (
          <li key={row.id}>
            <Tick
              isOn={row.isDone}
              onChange={(isOn) =>
                edit((j) =>
                  isOn ? withTick(j, plainTick(row.id, 'fit', clock())) : withoutTick(j, row.id, null),
                )
              }
            >
              {row.letter}: {row.name}
              {row.isNew && ', new clips or gasket'}
            </Tick>
          </li>
        ))}
      </ul>
    </section>
  );
}

export function CurePanel() {
  const f = useFormat();
  const { id, job, plan, products, air, nowMs, known } = useDesk();
  const of = { job, plan, products, came: known.came };
  const rows = cureRows(of, air, f);
  const came = cameSaid(of, f);
  if (rows.length === 0) return <p className="cap">Dates follow once the last coat is on.</p>;
  return (
    <section className="panel" aria-label="Cure">
      <ul className="loglist">
        {rows.map((row) => (
          <li key={row.what} className="row">
            <b className="minw-160">{row.when}</b>
            <span className="grow-180">
              {row.name}
              {row.besides !== '' && <span className="small">, {row.besides}</span>}
              <br />
              <span className="small muted">{row.advice}</span>
            </span>
          </li>
        ))}
      </ul>
      {came && <p className="cap mt-6">{came}</p>}
      <div className="row mt-10 noprint">
        <CalendarButton
          name={`${job.name}, finish and cure`}
          entries={() => finishEntries(of, id, air, f)}
          stampMs={nowMs}
        />
        <span className="cap">
          “about”: past the forecast it goes on as it is forecast for the last days.
        </span>
      </div>
    </section>
  );
}

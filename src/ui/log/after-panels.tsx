'use client';
/** What goes on again, and what it still minds while it cures. */
import { plainTick, withTick, withoutTick } from '@/core/schedule/work/tick';
import { useDesk } from '../desk/job-desk';
import { CalendarButton } from '../parts/calendar-button';
import { Tick } from '../parts/tick';
import { useFormat } from '../theme/providers';
import { cameSaid, cureRows, finishEntries, refitRows } from '../views/finish';

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

'use client';
/** When each step was really done, from the checklist; what was ticked late is mended here. */
import { retime } from '@/core/edits/log';
import { civilDate } from '@/core/time/instant';
import { useDesk } from '../desk/job-desk';
import { later } from '../parts/later';
import { ClockBox } from '../parts/clock-box';
import { useFormat } from '../theme/providers';
import { cameView } from '../views/air-came';
import { timeRows, type TimeRow } from '../views/log';
import { DateBox } from '../parts/date-box';

const CameChart = later('The air as it came', () => import('../parts/came-chart').then((m) => m.CameChart), {
  heightPx: 190,
});

export function TimesPanel() {
  const f = useFormat();
  const { job, plan, products, known } = useDesk();
  const rows = timeRows(job, plan, products);
  const came = cameView(job, known.came, f);
  return (
    <section className="panel" aria-label="Actual times">
      <div className="hd">
        <small>from the checklist; mend what was ticked late</small>
      </div>
      {rows.length === 0 ? (
        <p className="cap mt-8">
          Nothing ticked yet. Tick the steps on Spray day and their times stand here.
        </p>
      ) : (
        <ul className="times">
          {rows.map((row) => (
            <TimeLine key={row.id} row={row} />
          ))}
        </ul>
      )}
      {came && <CameChart view={came} tz={job.place.tz} />}
    </section>
  );
}

function TimeLine({ row }: { row: TimeRow }) {
  const desk = useDesk();
  const { date, clock } = row;
  const set = (at: { date: string; clock: string }): void => desk.edit((j) => retime(j, row.id, at));
  return (
    <li className="row">
      <DateBox
        isNeeded
        label={`Day: ${row.label}`}
        value={date}
        max={civilDate(desk.nowMs, desk.job.place.tz)}
        onChange={(day) => set({ date: day, clock })}
      />
      <ClockBox label={`Time: ${row.label}`} value={clock} onChange={(c) => set({ date, clock: c })} />
      <span>{row.label}</span>
    </li>
  );
}

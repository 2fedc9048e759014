'use client';
/** The hour before the first coat: each check a press as large as a glove wants it. */
import { useDesk } from '../desk/job-desk';
import { GoSign } from '../parts/icons';
import { toggleHour, type HourView } from '../views/hour';

export function HourList({ view }: { view: HourView }) {
  const { edit, clock } = useDesk();
  const left = view.rows.length - view.done;
  return (
    <section className="panel noprint" aria-label="The hour before">
      <div className="hd">
        The hour before{' '}
        <small>{left === 0 ? 'all of it done' : `${view.done} of ${view.rows.length} done`}</small>
      </div>
      <ul className="hourlist">
        {view.rows.map((row) => (
          <li key={row.taskId}>
            <button
              type="button"
              aria-pressed={row.isDone}
              onClick={() => edit((j) => toggleHour(j, row, clock()))}
            >
              <span className="tickbox" aria-hidden="true">
                {row.isDone && <GoSign size={30} />}
              </span>
              <span>
                <b>{row.head}</b>
                <span className="small">{row.how}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

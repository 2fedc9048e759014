'use client';
/** All coats are on: what the film still asks for, and until when. */
import { useDesk } from '../desk/job-desk';
import { GoSign } from '../parts/icons';
import { LinkButton } from '../parts/link-button';
import { useFormat } from '../theme/providers';
import { cureRows } from '../views/finish';
import { toComeRows } from '../views/to-come';

export function ToCome() {
  const f = useFormat();
  const { id, job, plan, products, air, nowMs, known } = useDesk();
  const wax = cureRows({ job, plan, products, came: known.came }, air, f).find((r) => r.what === 'wax');
  const rows = toComeRows(plan, nowMs, f, wax);
  return (
    <section className="panel" aria-label="Still to come">
      <div className="hd">
        <GoSign size={22} />
        All coats are on <small>what is still to come</small>
      </div>
      <ul className="loglist">
        {rows.map((row) => (
          <li key={row.what} className="row wrap-nowrap">
            <span className="minw-160">{row.isPast ? <GoSign /> : <b className="fw650">{row.when}</b>}</span>
            <span>
              <b className="fw600">{row.name}</b>{' '}
              {row.isPast && <span className="muted">since {row.when}</span>}
              <br />
              <span className="small muted">{row.advice}</span>
            </span>
          </li>
        ))}
      </ul>
      <LinkButton variant="contained" href={`/jobs/${id}/log`}>
        On to Finish &amp; log
      </LinkButton>
    </section>
  );
}

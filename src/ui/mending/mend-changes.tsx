'use client';
/** What a mend changes, worked out before it is taken: hours, paint, money, sessions. */
import CircularProgress from '@mui/material/CircularProgress';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { takeView, type TakeView } from '../views/take-mend';
import { useTried, type Change } from './use-tried';

interface MendChangesProps {
  /** The job before it: what shows the fault is on. */
  readonly before: Change;
  readonly change: Change;
}

export function MendChanges({ before, change }: MendChangesProps) {
  const f = useFormat();
  const { job, nowMs, weather, known } = useDesk();
  const { tried, fault } = useTried(before, change);
  if (fault)
    return (
      <p role="alert">The plan with it could not be worked out ({fault}). It can be taken all the same.</p>
    );
  if (!tried)
    return (
      <p className="row gap-10" role="status">
        <CircularProgress size={22} /> Working out what it changes…
      </p>
    );
  const grounds = { issuedMs: weather.issuedMs, readings: known.readings, around: known.around };
  const was = { job: before(job), plan: tried.before, ...grounds };
  const view = takeView(was, { job: change(job), plan: tried.after, ...grounds }, { nowMs, f });
  return <ChangesCard view={view} />;
}

function ChangesCard({ view }: { view: TakeView }) {
  const { changes, sessions, isStuck } = view;
  return (
    <section className="panel bc-lagoon inset" aria-label="What it changes">
      <div className="hd">What it changes</div>
      <ul className="is-grid gap-4 mt-6">
        {changes.length === 0 && <li>Nothing of hours, paint or money.</li>}
        {changes.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
      {isStuck && <p className="never mt-8">No start fits any more; the Window says why and what helps.</p>}
      {sessions.length > 0 && (
        <>
          <p className="cap mt-8">Sessions then</p>
          <ol className="donow">
            {sessions.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}

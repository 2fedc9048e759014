'use client';
/** One day of the week on a phone: the ribbon upright, and its starts as a list. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { isoOf } from '@/core/time/instant';
import { DayRibbon } from '../drawings/day-ribbon';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { sessionName, sessionOf } from '../views/session-name';
import { knownUntilMs } from '../views/stretch';
import { dayOf, dayView, oddsText, type DayView, type WindowView } from '../views/window';

export interface PhoneDayProps {
  readonly view: WindowView;
  readonly onPick: (at: string) => void;
  readonly onSession: (id: string) => void;
}

export function PhoneDay({ view, onPick, onSession }: PhoneDayProps) {
  const f = useFormat();
  const { air, plan, products, job, nowMs } = useDesk();
  const { tz } = job.place;
  const { session } = view;
  const sessionDay = dayOf(session, { ms: nowMs, tz });
  // The day follows the session until another is leafed to.
  const [leafed, setLeafed] = useState<{ over: number; day: number } | null>(null);
  const shown = leafed?.over === sessionDay ? leafed.day : sessionDay;
  const day = dayView(view.options, shown, { ms: nowMs, tz }, knownUntilMs(air));
  const leaf = (to: number): void => setLeafed({ over: sessionDay, day: to });
  return (
    <section className="panel phone-only" aria-label="The day">
      {view.ids.length > 1 && <SessionTabs view={view} onSession={onSession} />}
      <div className="daybar">
        <Button
          variant="outlined"
          disabled={day.isFirst}
          onClick={() => leaf(day.before)}
          aria-label="The day before"
        >
          ‹
        </Button>
        <b>{f.day(isoOf(day.noonMs, tz))}</b>
        <Button
          variant="outlined"
          disabled={day.isLast}
          onClick={() => leaf(day.after)}
          aria-label="The day after"
        >
          ›
        </Button>
      </div>
      <DayRibbon
        air={air}
        plan={plan}
        session={session}
        suit={view.suit}
        dayStartMs={day.startMs}
        nowMs={nowMs}
        tz={tz}
        products={products}
        jobHex={job.purpose.colour.hex}
        f={f}
      />
      <DayStarts day={day} chosen={session?.startsAt} onPick={onPick} />
    </section>
  );
}

function SessionTabs({ view, onSession }: Omit<PhoneDayProps, 'onPick'>) {
  const { plan } = useDesk();
  return (
    <div className="row mb-10">
      {view.ids.map((id) => (
        <Button
          key={id}
          variant={id === view.id ? 'contained' : 'outlined'}
          aria-pressed={id === view.id}
          onClick={() => onSession(id)}
          sx={{ flex: 1, minHeight: 48 }}
        >
          {sessionName(plan, sessionOf(plan, id))}
        </Button>
      ))}
    </div>
  );
}

interface DayStartsProps {
  readonly day: DayView;
  readonly chosen: string | undefined;
  readonly onPick: (at: string) => void;
}

function DayStarts({ day, chosen, onPick }: DayStartsProps) {
  const f = useFormat();
  if (day.starts.length === 0)
    return <p className="cap mt-10">No start in your free hours suits that day.</p>;
  return (
    <>
      <h2 className="small muted fw400 mt-12 mb-6">Starts that day, your free hours</h2>
      <ul className="starts">
        {day.starts.map((o) => (
          <li key={o.at}>
            <Button
              variant={chosen === o.at ? 'contained' : 'outlined'}
              aria-pressed={chosen === o.at}
              onClick={() => onPick(o.at)}
            >
              <span>
                {f.time(o.at)}
                <small>{oddsText(o)}</small>
              </span>
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

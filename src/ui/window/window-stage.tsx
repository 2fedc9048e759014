'use client';
/** Window: when to start, each session of the chain, what it is worth and what rules the other hours out. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { pinStart, shiftStart, unpinStart, withStarts } from '@/core/edits/starts';
import { HALF_HOUR, instantOf } from '@/core/time/instant';
import type { Session } from '@/model/plan';
import { movedLine } from '@/words/moved-line';
import { useDesk } from '../desk/job-desk';
import { Anchor, StopSign } from '../parts/icons';
import { ActCard } from '../parts/act-card';
import { CalendarButton } from '../parts/calendar-button';
import { later } from '../parts/later';
import { PlanChanged } from '../shell/plan-changed';
import { Spine } from '../shell/spine';
import { StageFrame } from '../shell/stage-frame';
import { useFormat } from '../theme/providers';
import { lastLine, restLine } from '../views/agenda';
import { actView } from '../views/act';
import { calendarEntries } from '../views/calendar';
import { sessionName } from '../views/session-name';
import { blockersSaid } from '../views/verdict';
import { windowView, type WindowView } from '../views/window';
import { sourceSaid } from '../views/weather-source';
import { Decision } from './decision';
import { ForecastPanel } from './forecast-panel';
import { HowComputed } from './how-computed';
import { PhoneDay } from './phone-day';
import { StartControls } from './start-controls';
import { Week } from './week';

const RuledOut = later('What rules the other hours out', () => import('./ruled-out').then((m) => m.RuledOut));
const StakesPanel = later('Stakes', () => import('./stakes').then((m) => m.StakesPanel));
const Alternatives = later('Other ways', () => import('./alternatives').then((m) => m.Alternatives));

export function WindowStage() {
  const desk = useDesk();
  const f = useFormat();
  const { plan, products, nowMs, job, weather } = desk;
  const [picked, setPicked] = useState<string | null>(null);
  const view = windowView(plan, products, picked);
  const source = sourceSaid(weather, { nowMs, tz: job.place.tz }, f);
  const forecast = {
    id: 'forecast',
    name: 'Forecast',
    note: source.note,
    warns: source.isBad,
    node: <ForecastPanel />,
  };
  // Without weather the forecast is the decision of this page.
  if (desk.air.now === null)
    return <StageFrame stage="window" spine={<Spine />} sections={[{ ...forecast, isLead: true }]} />;
  const others = <Alternatives onTake={(starts) => desk.edit((j) => withStarts(j, starts))} />;
  return (
    <StageFrame
      stage="window"
      spine={
        <Spine>
          <SpineNote session={view.session} />
        </Spine>
      }
      sections={[
        { id: 'start', name: 'The start', isLead: true, node: <Start view={view} onSession={setPicked} /> },
        forecast,
        { id: 'others', name: 'Other ways', count: plan.alternatives.length, opens: true, node: others },
        {
          id: 'ruled-out',
          name: 'Ruled out',
          note: 'why not in the other hours',
          opens: true,
          node: <RuledOut suit={view.suit} />,
        },
        {
          id: 'stakes',
          name: 'Stakes',
          note: 'how sure, what time is worth',
          opens: true,
          node: <StakesPanel />,
        },
        { id: 'computed', name: 'How computed', note: 'what is assumed', node: <HowComputed /> },
      ]}
    />
  );
}

/** The plan as entries of the owner's own calendar. */
function ToCalendar() {
  const f = useFormat();
  const { id, job, plan, products, nowMs } = useDesk();
  const of = { id, job: job.name, place: job.place.name };
  return (
    <CalendarButton
      name={job.name}
      stampMs={nowMs}
      entries={() => calendarEntries({ plan, products, of, f })}
    />
  );
}

interface StartProps {
  readonly view: WindowView;
  readonly onSession: (id: string) => void;
}

function Start({ view, onSession }: StartProps) {
  const f = useFormat();
  const { job, plan, nowMs, edit } = useDesk();
  const { session } = view;
  const act = actView(plan, { nowMs, tz: job.place.tz }, f);
  const pin = (at: string): void => session && edit((j) => pinStart(j, session.id, instantOf(at)));
  const shift = (halfHours: number): void =>
    session && edit((j) => shiftStart(j, session, halfHours * HALF_HOUR));
  const isPinned = job.starts?.some((s) => s.sessionId === session?.id);
  return (
    <div className="stack">
      <PlanChanged />
      {act && <ActCard view={act} />}
      <PhoneDay view={view} onPick={pin} onSession={onSession} />
      {plan.kind === 'blocked' && <Blocked />}
      {session && (
        <Decision key={session.id} session={session}>
          <StartControls
            options={view.options}
            onShift={shift}
            onPick={pin}
            calendar={<ToCalendar />}
            {...(isPinned ? { onLetGo: () => edit((j) => unpinStart(j, session.id)) } : {})}
          />
        </Decision>
      )}
      <Week view={view} onSession={onSession} onShift={shift} />
    </div>
  );
}

function SpineNote({ session }: { session: Session | undefined }) {
  const f = useFormat();
  const { plan, job } = useDesk();
  const moved = session ? movedLine(session, job.budget.currency, f) : null;
  if (!session) return <p>Nothing to spray is left, or the plan is blocked.</p>;
  return (
    <>
      <p>
        <b>{sessionName(plan, session)}:</b> without a break.{' '}
        {restLine(session, f) ?? lastLine(plan, session)}
      </p>
      {moved !== null && <p className="mt-8">{moved}</p>}
      <p className="mt-8 is-flex gap-8">
        <Anchor />
        <span>Safe to stop once handle-dry, {f.dayTime(session.handleAt)}.</span>
      </p>
    </>
  );
}

function Blocked() {
  const f = useFormat();
  const { job, plan, edit } = useDesk();
  return (
    <section className="panel bc-oxide" aria-label="What is in the way">
      <div className="hd">
        <StopSign />
        No start to offer
      </div>
      <ul className="is-grid gap-6 mt-8">
        {blockersSaid(plan, f).map((said) => (
          <li key={said}>{said}</li>
        ))}
      </ul>
      {job.starts && (
        <Button sx={{ mt: 1 }} variant="contained" onClick={() => edit((j) => withStarts(j, undefined))}>
          Let the starts be chosen
        </Button>
      )}
    </section>
  );
}

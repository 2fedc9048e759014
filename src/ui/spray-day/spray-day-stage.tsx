'use client';
/**
 * Spray day: the run sheet with its clock times, on paper and as a checklist that records when things were
 * really done.
 */
import Button from '@mui/material/Button';
import { agendaOf, type Entry } from '@/core/schedule/agenda';
import { tickIdOf } from '@/core/schedule/work/tick';
import { isoOf } from '@/core/time/instant';
import type { Task } from '@/model/plan';
import { spotOf } from '@/model/reading';
import { useDesk } from '../desk/job-desk';
import { CautionList } from '../parts/caution';
import { GoSign } from '../parts/icons';
import { LinkButton } from '../parts/link-button';
import type { StageSection } from '../shell/section';
import { StageFrame } from '../shell/stage-frame';
import { actView } from '../views/act';
import { nextWork } from '../views/agenda';
import { blockersSaid } from '../views/verdict';
import { Spine } from '../shell/spine';
import { whenOf } from '@/words/format';
import { useFormat } from '../theme/providers';
import { mendingStage } from '../views/stages';
import { dayCautions, dayView, type DayView } from '../views/spray-day';
import { doneList, inSentence, taskTitle, type Done } from '../views/task-words';
import { hourView } from '../views/hour';
import { HourList } from './hour-list';
import { InHand, Lead } from './in-hand';
import { RunSheet } from './run-sheet';
import { LikelyOnPaper, NotedFaults, StillToMend, TroubleButton } from './trouble-button';
import { useTicks } from './use-ticks';
import { VisitSheet } from './visit-sheet';
import { later } from '../parts/later';

const ToCome = later('Still to come', () => import('./to-come').then((m) => m.ToCome));

const AlarmPanel = later('How you are called', () =>
  import('../alarms/alarm-panel').then((m) => m.AlarmPanel),
);

const ReadingsPanel = later('Readings', () =>
  import('../readings/readings-panel').then((m) => m.ReadingsPanel),
);

const StepPhotos = later('Photographs', () => import('../photos/step-photos').then((m) => m.StepPhotos), {
  heightPx: 124,
});

const WeightsPanel = later('Weights', () => import('./weights-panel').then((m) => m.WeightsPanel));

/** What is measured while it is sprayed, and how one is called. */
const AT_THE_PART: readonly StageSection[] = [
  {
    id: 'readings',
    name: 'Readings',
    isScreenOnly: true,
    note: 'typed in, or by sensor; used at once',
    node: <Measured />,
  },
  {
    id: 'weights',
    name: 'Weights',
    isScreenOnly: true,
    note: 'can or cup, before and after a coat',
    node: <WeightsPanel />,
  },
  { id: 'photos', name: 'Photos', isScreenOnly: true, note: 'of a step, kept with it', node: <StepPhotos /> },
  {
    id: 'calls',
    name: 'Calls',
    isScreenOnly: true,
    note: 'beep, speech, notifications',
    node: <AlarmPanel />,
  },
];

export function SprayDayStage() {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan, products } = desk;
  const day = dayView(job, plan, products);
  const agenda = agendaOf(plan);
  const sheet: StageSection = {
    id: 'sheet',
    name: 'Run sheet',
    count: agenda.length,
    isLead: true,
    node: <Sheets agenda={agenda} day={day} />,
  };
  const safety: StageSection = {
    id: 'safety',
    name: 'Before you spray',
    warns: true,
    isLead: true,
    node: <Safety />,
  };
  return (
    <StageFrame
      stage="spray-day"
      spine={
        <Spine>
          <SpineNote day={day} />
        </Spine>
      }
      sections={[
        { id: 'now', name: 'Now', isLead: true, node: <Now day={day} /> },
        ...(agenda.length > 0 ? [sheet] : []),
        ...(plan.sessions.length > 0 ? [safety] : []),
        ...AT_THE_PART,
      ]}
    >
      <p className="printonly">
        Printed {f.dayTime(isoOf(desk.nowMs, job.place.tz))}. Times move with the weather; check the panel
        before each coat.
      </p>
      <LikelyOnPaper />
    </StageFrame>
  );
}

/** What is measured at the part while it is sprayed: every time after it follows. */
function Measured() {
  const { id, job, refresh } = useDesk();
  return <ReadingsPanel spot={spotOf(id, job.placeId)} place={job.place} onChanged={refresh} />;
}

function Now({ day }: { day: DayView }) {
  const f = useFormat();
  const { job, plan, products, air, nowMs } = useDesk();
  const record = useTicks();
  const { next } = day;
  const act = day.pot ? null : actView(plan, { nowMs, tz: job.place.tz }, f);
  // While there is work to do before it the start can wait below.
  const startsNext = nextWork(plan)?.entry.kind !== 'visit';
  const done = doneList(job, plan, products);
  const hour = hourView({ job, plan, products, air });
  return (
    <div className="stack">
      <Lead day={day} act={act} startsNext={startsNext}>
        {next && <InHand key={next.id} day={day} next={next} hour={hour} />}
      </Lead>
      {hour && startsNext && <HourList view={hour} />}
      <TroubleButton />
      <StillToMend />
      <NotedFaults />
      {done.length > 0 && <DoneList done={done} onTakeBack={(d) => record(tickIdOf(d.id), false)} />}
      <NoSheet />
    </div>
  );
}

function Sheets({ agenda, day }: { agenda: readonly Entry[]; day: DayView }) {
  const { plan } = useDesk();
  const record = useTicks();
  return (
    <div className="stack">
      {agenda.map((entry) => (
        <Sheet
          key={entry.of.id}
          entry={entry}
          isFirst={entry.of === plan.sessions[0]}
          nextId={day.next?.id}
          sinceMs={day.sinceMs}
          onTick={(task) => record(task, true)}
        />
      ))}
    </div>
  );
}

interface SheetProps {
  readonly entry: Entry;
  readonly isFirst: boolean;
  readonly nextId: string | undefined;
  readonly sinceMs: number | null;
  readonly onTick: (task: Task) => void;
}

function Sheet({ entry, isFirst, nextId, sinceMs, onTick }: SheetProps) {
  if (entry.kind === 'visit') return <VisitSheet visit={entry.of} nextId={nextId} onTick={onTick} />;
  return <RunSheet session={entry.of} isFirst={isFirst} nextId={nextId} sinceMs={sinceMs} onTick={onTick} />;
}

function SpineNote({ day: { next } }: { day: DayView }) {
  const f = useFormat();
  const { plan, products } = useDesk();
  return (
    <>
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
      <p className="mt-8">
        Ticking a coat moves every time after it: the waits start from when it was really done.
      </p>
    </>
  );
}

function DoneList({ done, onTakeBack }: { done: readonly Done[]; onTakeBack: (d: Done) => void }) {
  const f = useFormat();
  const { plan } = useDesk();
  return (
    <section className="panel noprint" aria-label="Done">
      <div className="hd">
        Done <small>actual times</small>
      </div>
      <ul className="columns-260px-auto colgap-24 mt-6">
        {done.map((d) => (
          <li key={d.id} className="row small bi-avoid pt-4 pb-4 wrap-nowrap">
            <GoSign />
            <b className="minw-108 fw600">{whenOf(d.at, plan.now, f)}</b>
            <span className="flex-1">{d.label}</span>
            <Button size="small" onClick={() => onTakeBack(d)} aria-label={`Take back ${d.label}`}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Why there is no run sheet: something is in the way, or nothing is left. */
function NoSheet() {
  const f = useFormat();
  const { id, plan } = useDesk();
  if (plan.kind === 'blocked')
    return (
      <section className="panel bc-oxide">
        <div className="hd">No run sheet yet</div>
        <ul className="is-grid gap-6 mt-8 mb-8">
          {blockersSaid(plan, f).map((said) => (
            <li key={said}>{said}</li>
          ))}
        </ul>
        <LinkButton variant="contained" href={`/jobs/${id}/${mendingStage(plan)}`}>
          Go and mend it
        </LinkButton>
      </section>
    );
  return plan.sessions.length > 0 ? null : <ToCome />;
}

function Safety() {
  const { plan } = useDesk();
  return (
    <section className="panel noprint" aria-label="Safety">
      <div className="hd mb-8">
        Before you spray <small>the product’s sheet and local rules come first</small>
      </div>
      <div className="wide-cauts">
        <CautionList cautions={dayCautions(plan)} />
      </div>
    </section>
  );
}

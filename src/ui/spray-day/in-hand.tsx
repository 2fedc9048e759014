'use client';
/** The step in hand, and what stands around it: with wet paint it comes first. */
import type { ReactNode } from 'react';
import { noteSense } from '@/core/edits/senses';
import type { Task } from '@/model/plan';
import { sayCheck } from '@/words/sentences/checks';
import { sayTask } from '@/words/sentences/tasks';
import { useDesk } from '../desk/job-desk';
import { ActCard } from '../parts/act-card';
import { AirTiles } from '../parts/air-tiles';
import { PlanChanged } from '../shell/plan-changed';
import { useFormat } from '../theme/providers';
import type { ActView } from '../views/act';
import { livingLabels, openingLines } from '../views/can-life';
import { takeHourOn, type HourView } from '../views/hour';
import { layLines, meanwhile } from '../views/lay';
import { handsOnOf, type DayView } from '../views/spray-day';
import { taskTitle } from '../views/task-words';
import { NowCard } from './now-card';
import { useStart, useTicks } from './use-ticks';

interface LeadProps {
  readonly day: DayView;
  readonly act: ActView | null;
  readonly startsNext: boolean;
  readonly children: ReactNode;
}

/** What comes first: with wet paint in hand the step, whatever else there is to say. */
export function Lead({ day, act, startsNext, children }: LeadProps) {
  const { plan } = useDesk();
  const isUnderWay = plan.waiting !== null || day.pot !== null;
  const card = act && <ActCard view={act} />;
  if (isUnderWay)
    return (
      <>
        {children}
        <PlanChanged />
        {act?.act !== 'go' && card}
      </>
    );
  return (
    <>
      <PlanChanged />
      {startsNext && card}
      {children}
      {!startsNext && card}
    </>
  );
}

interface InHandProps {
  readonly day: DayView;
  readonly next: Task;
  readonly hour: HourView | null;
}

/** The step in hand: what it waits for, how it is laid, its press. */
export function InHand({ day, next, hour }: InHandProps) {
  const f = useFormat();
  const { job, plan, products, air, clock, edit, known } = useDesk();
  const record = useTicks();
  const start = useStart();
  const free = meanwhile(plan);
  const of = { job, plan, products, canUsers: known.canUsers };
  const open = next.kind === 'coat' ? (hour?.open ?? null) : null;
  const done = (): void => {
    if (open !== null) edit((j) => takeHourOn(j, plan, next, clock()));
    record(next, true);
  };
  return (
    <NowCard
      task={next}
      title={taskTitle(plan, products, next)}
      f={f}
      tz={job.place.tz}
      clock={clock}
      sinceMs={day.sinceMs}
      activated={day.pot}
      hourOpen={open}
      onDone={done}
      more={{
        film: plan.waiting,
        onFelt: (felt) => edit((j) => (plan.waiting ? noteSense(j, plan.waiting, felt, clock()) : j)),
        handsOn: handsOnOf(next, job.state?.started),
        onStart: (isBegun) => start(isBegun ? next.id : null),
        checks: next.checks.map((c) => sayCheck(c, f)),
        lay: [...openingLines(of, next, f), ...layLines(of, next, f)],
        labels: livingLabels(of, f),
        meanwhile: free && `${taskTitle(plan, products, free)}: ${sayTask(free.detail, f)}`,
        tiles: air.now && <AirTiles air={air.now} limits={day.limits} />,
      }}
    />
  );
}

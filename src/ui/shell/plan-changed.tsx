'use client';
/** Above the first decision of a stage: the plan is not the one that was agreed to. */
import { pinStart } from '@/core/edits/starts';
import { instantOf } from '@/core/time/instant';
import { useDesk } from '../desk/job-desk';
import { useAgreed } from '../desk/use-agreed';
import { ChangedCard } from '../parts/changed-card';
import { useFormat } from '../theme/providers';
import { changedView, isOwnDoing } from '../views/changed';

export function PlanChanged() {
  const f = useFormat();
  const desk = useDesk();
  const { changed, was, agree } = useAgreed(desk, isOwnDoing);
  if (!changed || !was) return null;
  const { plan, job, nowMs, edit } = desk;
  const view = changedView(changed, was, { plan, f, nowMs, tz: job.place.tz, currency: job.budget.currency });
  return (
    <ChangedCard
      view={view}
      onTake={agree}
      onKeep={(kept) => edit((j) => pinStart(j, kept.sessionId, instantOf(kept.at)))}
    />
  );
}

'use client';
/** The head of a job's stages: its name and facts, the way through the stages, the air now. */
import { useSelectedLayoutSegment } from 'next/navigation';
import { isoOf } from '@/core/time/instant';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { STAGES } from '../views/stages';
import { planAreaM2, surfacesLine } from '../views/verdict';
import { Head } from './head';
import { StagesNav } from './stages-nav';

export function JobTop({ demoClock }: { demoClock: boolean }) {
  const desk = useDesk();
  const segment = useSelectedLayoutSegment();
  const { id, job, plan } = desk;
  const nth = Math.max(
    0,
    STAGES.findIndex((s) => s.id === segment),
  );
  const stage = STAGES[nth]!;
  return (
    <Head
      placeName={job.place.name ?? 'Place'}
      nowIso={isoOf(desk.nowMs, job.place.tz)}
      demoClock={demoClock}
      air={desk.air.now}
      title={job.name}
      under={`${stage.name}, stage ${nth + 1} of ${STAGES.length}`}
      back="/"
      job={{
        facts: <Facts />,
        stages: <StagesNav key={stage.id} id={id} job={job} plan={plan} stage={stage.id} />,
      }}
    />
  );
}

function Facts() {
  const f = useFormat();
  const { job, plan } = useDesk();
  const { colour, finish } = job.purpose;
  const facts = [`${colour.name}, ${finish}`, surfacesLine(job), f.area(planAreaM2(plan))];
  return (
    <p className="meta" title={facts.join(' · ')}>
      <span className="swatch" style={{ background: colour.hex }} />
      {facts.join(' · ')}
    </p>
  );
}

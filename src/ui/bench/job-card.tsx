'use client';
/** One job on the bench: its section, how far it is, what comes next and when. */
import Link from 'next/link';
import Button from '@mui/material/Button';
import { CONDITION_NAMES, SUBSTRATE_NAMES } from '@/words/names';
import { FilmSection } from '../drawings/film-section';
import { LinkWait } from '../parts/link-wait';
import { useFormat } from '../theme/providers';
import { actShort } from '../views/act';
import { stageOf, stepLine, whenLine } from '../views/bench';
import { STAGES } from '../views/stages';
import { planAreaM2 } from '../views/verdict';
import type { Drawn } from './drawn';
import type { BenchActions } from './use-bench-actions';

const PX_PER_UM = 1.12;

interface JobCardProps {
  readonly drawn: Drawn;
  readonly actions: Pick<BenchActions, 'busy' | 'copy' | 'remove'>;
}

export function JobCard({ drawn: { job: j, stack, gaugeMax }, actions }: JobCardProps) {
  const f = useFormat();
  const stage = stageOf(j);
  const part = j.job.parts[0]!;
  const when = whenLine(j, f);
  const act = actShort(j.plan, f);
  const { name } = j.job;
  return (
    <article className="jobcard">
      <Link href={`/jobs/${j.id}`} aria-label={`${name}, open ${stage.name}`}>
        <div className="bb-2px-solid-ink pb-2 mb-10">
          <FilmSection stack={stack} pxPerUm={PX_PER_UM} width={210} gaugeMax={gaugeMax} size="bench" />
        </div>
        <h2>
          {name}
          <LinkWait />
        </h2>
      </Link>
      <p className="small muted">
        {SUBSTRATE_NAMES[part.substrate]}, {CONDITION_NAMES[part.condition]}, {f.area(planAreaM2(j.plan))}
      </p>
      <p className="row small gap-8 mt-6 mb-4">
        <StageWedge index={stage.index} />
        <b className="ink-lagoon fw600">{stage.name}</b>
      </p>
      <p className="fw600">{stepLine(j, true)}</p>
      <p className="small muted">
        {when.text}
        {when.odds !== null && (
          <>
            , <b className="ink-ink">{when.odds}</b>
          </>
        )}
      </p>
      {act !== null && <p className="small ink-amber-ink fw600">{act}</p>}
      <p>
        <Button
          size="small"
          sx={{ ml: -1, color: 'var(--ink-2)' }}
          disabled={actions.busy}
          aria-label={`Duplicate ${name}`}
          onClick={() => void actions.copy(j.id)}
        >
          Duplicate
        </Button>
        <Button
          size="small"
          sx={{ color: 'var(--ink-2)' }}
          aria-label={`Take ${name} off the bench`}
          onClick={() => void actions.remove(j.id, name)}
        >
          Take off
        </Button>
      </p>
    </article>
  );
}

const STEP_PX = 18.5;
const RISE_PX = 2.3;

/** The way through the stages: steps that rise, filled as far as the job is. */
function StageWedge({ index }: { index: number }) {
  const fill = (k: number): string => {
    if (k > index) return 'url(#p-future)';
    return k < index ? 'var(--lagoon-mid)' : 'var(--lagoon)';
  };
  return (
    <svg width={STAGES.length * STEP_PX} height="17" aria-hidden="true">
      {STAGES.map((s, k) => (
        <rect
          key={s.id}
          x={k * STEP_PX}
          y={12 - k * RISE_PX}
          width="16"
          height={5 + k * RISE_PX}
          fill={fill(k)}
          stroke={k <= index ? 'none' : 'var(--mark)'}
        />
      ))}
    </svg>
  );
}

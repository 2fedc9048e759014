'use client';
/** Name of the job, what it is, and the way through its stages: a wedge that rises from surface to spray day. */
import Link from 'next/link';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { LinkWait } from '../parts/link-wait';
import { useFormat } from '../theme/providers';
import { STAGES, stageStates, type StageId } from '../views/stages';
import { planAreaM2, surfacesLine } from '../views/verdict';

const WORD = { done: 'done', open: '', stop: 'stopped' } as const;

export function JobHead({ id, job, plan, stage }: { id: string; job: Job; plan: Plan; stage: StageId }) {
  const f = useFormat();
  const states = stageStates(job, plan);
  return (
    <div className="jobhead">
      <div>
        <h1>{job.name}</h1>
        <p className="meta">
          <span className="swatch" style={{ background: job.purpose.colour.hex }} />
          {job.purpose.colour.name}, {job.purpose.finish}
          <span aria-hidden="true">·</span>
          {surfacesLine(job)}
          <span aria-hidden="true">·</span>
          {f.area(planAreaM2(plan))}
        </p>
      </div>
      <nav className="stages" aria-label="Stages">
        <ol>
          {STAGES.map((s, i) => (
            <li key={s.id}>
              <Link
                href={`/jobs/${id}/${s.id}`}
                prefetch={true}
                aria-current={s.id === stage ? 'page' : undefined}
                data-state={states[s.id]}
              >
                <span>
                  {s.name}
                  {states[s.id] === 'done' && s.id !== stage && (
                    <svg width="11" height="11" viewBox="0 0 11 11" aria-hidden="true">
                      <path
                        d="M1 5.500l3 3.200 5.500-7"
                        fill="none"
                        stroke="var(--lagoon)"
                        strokeWidth="1.900"
                      />
                    </svg>
                  )}
                  <span className="sr">{WORD[states[s.id]]}</span>
                </span>
                <LinkWait />
                <i style={{ height: 5 + i * 2.5 }} aria-hidden="true" />
              </Link>
            </li>
          ))}
        </ol>
      </nav>
    </div>
  );
}

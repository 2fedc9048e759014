'use client';
/** The way through the stages: a wedge that rises from surface to log. On a phone one button opens it. */
import { useState } from 'react';
import ButtonBase from '@mui/material/ButtonBase';
import Link from 'next/link';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { LinkWait } from '../parts/link-wait';
import { STAGES, stageStates, type StageId, type StageState } from '../views/stages';

const WORD: Readonly<Record<StageState, string>> = { done: 'done', open: '', stop: 'stopped' };

interface StagesNavProps {
  readonly id: string;
  readonly job: Job;
  readonly plan: Plan;
  readonly stage: StageId;
}

export function StagesNav({ id, job, plan, stage }: StagesNavProps) {
  const [open, setOpen] = useState(false);
  const states = stageStates(job, plan);
  return (
    <>
      <ButtonBase className="wedges" aria-expanded={open} aria-label="Stages" onClick={() => setOpen(!open)}>
        {STAGES.map((s, i) => (
          <i
            key={s.id}
            data-state={states[s.id]}
            data-current={s.id === stage}
            style={{ height: 8 + i * 4 }}
            aria-hidden="true"
          />
        ))}
      </ButtonBase>
      <nav className="stages" aria-label="Stages" data-open={open}>
        <ol>
          {STAGES.map((s, i) => (
            <li key={s.id}>
              <Link
                href={`/jobs/${id}/${s.id}`}
                prefetch={true}
                aria-current={s.id === stage ? 'page' : undefined}
                data-state={states[s.id]}
                onClick={() => setOpen(false)}
              >
                <span>
                  {s.name}
                  {states[s.id] === 'done' && s.id !== stage && <Tick />}
                  <span className="sr">{WORD[states[s.id]]}</span>
                </span>
                <LinkWait />
                <i style={{ height: 5 + i * 1.6 }} aria-hidden="true" />
              </Link>
            </li>
          ))}
        </ol>
      </nav>
    </>
  );
}

const Tick = () => (
  <svg width="11" height="11" viewBox="0 0 11 11" aria-hidden="true">
    <path d="M1 5.500l3 3.200 5.500-7" fill="none" stroke="var(--lagoon)" strokeWidth="1.900" />
  </svg>
);

'use client';
/**
 * Preparation in full: a ladder for every seam that is sanded, the filler, what is wiped and masked, which
 * tests come first.
 */
import type { ReactNode } from 'react';
import type { Job } from '@/model/job';
import { testsNeeded } from '@/core/prep/cleaning';
import { paperNeeds } from '@/core/prep/paper';
import type { System } from '@/core/seams/seam';
import { measuredInAll } from '@/core/surface/area';
import { sayPreparation } from '@/words/sentences/preparation';
import { LadderDrawing } from '../drawings/ladder';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { stackProducts } from '../views/build-up';
import { cleaningLines, fillerLines, laddersOf } from '../views/preparation';
import { OwnPapers } from './own-papers';
import { Fittings } from './fittings';

interface PrepPanelProps {
  /** With its zones as parts. */
  readonly job: Job;
  readonly system: System;
  readonly sessions: number;
  /** °C; null where there is no weather */
  readonly panelC: number | null;
}

export function PrepPanel({ job, system, sessions, panelC }: PrepPanelProps) {
  if (!measuredInAll(job.parts).complete) return null;
  return (
    <section className="panel" aria-label="Preparation">
      <div className="hd">
        <small>a step at most twice as fine as the one before; the last is what the next layer hides</small>
      </div>
      <LadderList job={job} system={system} />
      <p className="cap">
        Blue-grey is wet. A light dusting of another colour before the last blocking shows what is still low.
        By hand on edges, never a block
        <ProvenanceMark mark="CP" />; grain sizes FEPA 43
        <ProvenanceMark mark="P" />, minutes
        <ProvenanceMark mark="M" />.
      </p>
      <Fittings />
      <div className="prepcols">
        <Filler job={job} panelC={panelC} />
        <Cleaning job={job} system={system} sessions={sessions} />
        <Paper job={job} system={system} />
        <Tests job={job} system={system} />
      </div>
    </section>
  );
}

function LadderList({ job, system }: Pick<PrepPanelProps, 'job' | 'system'>) {
  const f = useFormat();
  const { list, coarseUm, fineUm } = laddersOf(system, job.equipment, f);
  return (
    <ul className="ladders">
      {list.map((ladderView) => (
        <li key={ladderView.id}>
          <p className="small">
            <b className="fw650">{ladderView.from}</b>
            <br />
            <span className="muted">for {ladderView.to}</span>
          </p>
          <LadderDrawing
            rungs={ladderView.rungs}
            coarseUm={coarseUm}
            fineUm={fineUm}
            title={`From ${ladderView.from} to ${ladderView.to}`}
          />
          <OwnPapers view={ladderView} system={system} />
        </li>
      ))}
    </ul>
  );
}

function Column({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div>
      <h3>{title}</h3>
      <ul className="cap">{children}</ul>
    </div>
  );
}

function Filler({ job, panelC }: Pick<PrepPanelProps, 'job' | 'panelC'>) {
  const f = useFormat();
  const filler = fillerLines(job, panelC, f);
  if (!filler) return null;
  const [mix, work] = filler.lines;
  return (
    <Column title="Body filler">
      <li>{mix}</li>
      <li>
        {filler.hardener}
        <ProvenanceMark mark="CP" />.
      </li>
      <li>{work}</li>
    </Column>
  );
}

function Cleaning({ job, system, sessions }: Omit<PrepPanelProps, 'panelC'>) {
  const f = useFormat();
  const { steps, amounts } = cleaningLines(job, system, sessions, f);
  return (
    <Column title="Cleaning and masking">
      {steps.map(({ before, lines }) => (
        <li key={before}>
          <b className="fw650">Before {before}</b>
          <ol className="list-decimal pl-18 is-grid gap-4">
            {lines.map((line, i) => (
              <li key={i}>{line}</li>
            ))}
          </ol>
        </li>
      ))}
      <li>
        {amounts}
        <ProvenanceMark mark="M" />.
      </li>
    </Column>
  );
}

function Paper({ job, system }: Pick<PrepPanelProps, 'job' | 'system'>) {
  const f = useFormat();
  return (
    <Column title="Paper">
      {paperNeeds(job.parts, system.seams).map((n) => (
        <li key={`${n.gritP}${n.wet}`}>
          {n.sheets} × P{n.gritP}
          {n.wet ? ', wet' : ''}, for {f.area(n.areaM2)}
        </li>
      ))}
      <li>
        Half-sheets or 150 mm discs
        <ProvenanceMark mark="M" />.
      </li>
    </Column>
  );
}

function Tests({ job, system }: Pick<PrepPanelProps, 'job' | 'system'>) {
  const f = useFormat();
  return (
    <Column title="Tests before the day">
      {testsNeeded(job.parts, system.seams, stackProducts(system)).map((t) => (
        <li key={t.code}>{sayPreparation(t, f)}</li>
      ))}
    </Column>
  );
}

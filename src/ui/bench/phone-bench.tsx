'use client';
/** The bench in a gloved hand: the air, what comes next, the jobs in rows, one button. */
import Link from 'next/link';
import { isoOf } from '@/core/time/instant';
import type { BenchJob } from '@/usecases/bench';
import { taskName } from '@/words/names';
import { FilmSection } from '../drawings/film-section';
import { AirTiles } from '../parts/air-tiles';
import { LinkButton } from '../parts/link-button';
import { LinkWait } from '../parts/link-wait';
import { useFormat } from '../theme/providers';
import { minutesTo, nextLimits, nextStep, stepLine, whenLine } from '../views/bench';
import { oddsPct } from '../views/verdict';
import type { Drawn } from './drawn';

/** Height of the largest section in a row, px. */
const ROW_PX = 78;

interface PhoneBenchProps {
  readonly drawn: readonly Drawn[];
  readonly next: BenchJob | undefined;
  readonly nowMs: number;
  readonly tz: string;
}

export function PhoneBench({ drawn, next, nowMs, tz }: PhoneBenchProps) {
  const first = drawn[0];
  return (
    <div className="phone-only phone-bench">
      {first?.job.airNow && <AirTiles air={first.job.airNow} limits={nextLimits(next)} />}
      {next && <NextCard job={next} nowMs={nowMs} tz={tz} />}
      <ul>
        {drawn.map((d) => (
          <JobRow key={d.job.id} drawn={d} />
        ))}
      </ul>
    </div>
  );
}

function NextCard({ job, nowMs, tz }: { job: BenchJob; nowMs: number; tz: string }) {
  const f = useFormat();
  const step = nextStep(job);
  if (!step) return null;
  const { session, task } = step;
  const { name } = job.job;
  const inMin = minutesTo(task.startsAt, nowMs);
  const today = f.day(task.startsAt) === f.day(isoOf(nowMs, tz));
  return (
    <>
      <section className="nextcard" aria-label="Next">
        <p>{inMin === null ? 'Next' : `Next, in ${f.duration(inMin)}`}</p>
        <h2>
          {f.time(task.startsAt)} {taskName(task).toLowerCase()}, {name}
        </h2>
        <p>
          {f.day(task.startsAt)}; first coat {f.dayTime(session.sprayAt)}, {oddsPct(job.plan)} %
        </p>
      </section>
      <LinkButton variant="contained" href={`/jobs/${job.id}/spray-day`} className="big">
        <span>
          {today ? 'Open today’s run sheet' : 'Open the next run sheet'}
          <small className="is-block fw400 text-15">{name}</small>
        </span>
      </LinkButton>
    </>
  );
}

function JobRow({ drawn: { job: j, stack, gaugeMax } }: { drawn: Drawn }) {
  const f = useFormat();
  const session = j.plan.sessions[0];
  const { odds } = whenLine(j, f);
  return (
    <li>
      <Link href={`/jobs/${j.id}`}>
        <FilmSection stack={stack} pxPerUm={ROW_PX / gaugeMax} width={54} gaugeMax={gaugeMax} size="mini" />
        <span>
          <b>
            {j.job.name}
            <LinkWait />
          </b>
          <span>{stepLine(j, false)}</span>
          <span className="muted">{session ? f.dayTime(session.startsAt) : ''}</span>
        </span>
        {odds !== null && <b className="odds">{odds}</b>}
      </Link>
    </li>
  );
}

'use client';
/** The bench: all jobs side by side on one scale, each with its next step and its hours of the week. */
import { useState } from 'react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import type { Bench, BenchJob } from '@/usecases/bench';
import { dayStart, isoOf } from '@/core/time/instant';
import { percentOf } from '@/words/format';
import { CONDITION_NAMES, LOG_MARKS, SUBSTRATE_NAMES, TASK_NAMES } from '@/words/names';
import { say } from '@/words/say';
import { FilmSection } from '../drawings/film-section';
import { over, paintOf } from '../drawings/ink';
import { stackOf, type Stack } from '../drawings/stack';
import { AirTiles } from '../parts/air-tiles';
import { CautionBox } from '../parts/caution';
import { MindSign } from '../parts/icons';
import { LinkButton } from '../parts/link-button';
import { LinkWait } from '../parts/link-wait';
import { BudgetBar, OddsMarks, TagPlate } from '../shell/verdict';
import { currentStage, STAGES } from '../shell/stages';
import { useFormat } from '../theme/providers';
import { sessionName } from '../window/session-name';

const PX_PER_UM = 1.12;
const HOUR = 3_600_000;

export function BenchView({ bench, nowMs, tz }: { bench: Bench; nowMs: number; tz: string }) {
  const jobs = bench.open;
  const f = useFormat();
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const create = async (): Promise<void> => {
    setBusy(true);
    setMessage(null);
    try {
      const r = await fetch('/api/jobs', { method: 'POST' });
      const a = (await r.json()) as { id?: string; error?: string };
      if (r.ok && a.id) {
        router.push(`/jobs/${a.id}/surface`);
        return;
      }
      setMessage(a.error ?? 'The job was not made. Try again.');
    } catch {
      setMessage('The server does not answer. Start it again, then press New job.');
    }
    setBusy(false);
  };
  const remove = async (id: string, name: string): Promise<void> => {
    const r = await fetch(`/api/jobs/${id}`, { method: 'DELETE' }).catch(() => null);
    if (r?.ok) router.refresh();
    else setMessage(`${name} was not taken off the bench. Try again.`);
  };
  const restore = async (id: string): Promise<void> => {
    const r = await fetch(`/api/jobs/${id}/restore`, { method: 'POST' }).catch(() => null);
    if (r?.ok) router.refresh();
    else setMessage('Not put back. Try again.');
  };
  const stacks = jobs.map((j) => stackOf(j.job, j.plan, j.products));
  const max = Math.max(100, ...stacks.map((s) => Math.ceil(s.totalUm / 50) * 50));
  const next = jobs
    .filter((j) => j.plan.sessions[0])
    .sort((a, b) => Date.parse(a.plan.sessions[0]!.startsAt) - Date.parse(b.plan.sessions[0]!.startsAt))[0];
  const total = jobs.reduce((a, j) => a + j.plan.cost.total, 0);
  const budget = jobs.reduce((a, j) => a + j.plan.cost.budget, 0);
  const currency = jobs[0]?.plan.cost.currency ?? 'GBP';
  const clash = clashOf(jobs);
  const cans = jobs.reduce(
    (a, j) => a + j.plan.materials.reduce((b, m) => b + m.packs.reduce((c, p) => c + p.count, 0), 0),
    0,
  );
  return (
    <main id="main" className="body cols-2">
      <div className="stack" style={{ minWidth: 0 }}>
        <PhoneBench jobs={jobs} next={next} nowMs={nowMs} tz={tz} stacks={stacks} max={max} />
        <div className="row">
          <h1 className="sr-phone" style={{ fontSize: 20, fontWeight: 650, letterSpacing: '-.012em' }}>
            On the bench
          </h1>
          <span className="muted small desk-only">
            film to one scale; solid is sprayed, dashed is planned
          </span>
          <span className="push" />
          <Button variant="outlined" disabled={busy} onClick={() => void create()}>
            {busy ? 'Making it' : 'New job'}
          </Button>
        </div>
        <p className="status" data-kind={message ? 'bad' : 'ok'} role="status">
          {message}
        </p>
        {jobs.length === 0 && (
          <section className="panel" style={{ padding: 24 }}>
            <h2 style={{ fontSize: 16 }}>Nothing on the bench yet</h2>
            <p className="cap" style={{ margin: '8px 0 14px', maxWidth: 560 }}>
              A job is one thing to repaint: a bonnet, a set of covers, a box. Measure it, say what lies on
              it, and you get the layers, the cans, the best start of the week and the run sheet for the day.
            </p>
            <Button variant="contained" disabled={busy} onClick={() => void create()}>
              New job
            </Button>
          </section>
        )}
        <div
          className="benchgrid desk-only"
          style={{ gridTemplateColumns: `repeat(auto-fill, minmax(210px, 1fr))` }}
        >
          {jobs.map((j, i) => {
            const stage = currentStage(j.job, j.plan);
            const stageIdx = STAGES.findIndex((s) => s.id === stage);
            const s = j.plan.sessions[0];
            const task = s?.tasks.find((t) => t.handsOn);
            const p = j.job.parts[0]!;
            return (
              <article key={j.id} className="jobcard">
                <Link href={`/jobs/${j.id}`} aria-label={`${j.job.name}, open ${STAGES[stageIdx]!.name}`}>
                  <div style={{ borderBottom: '2px solid var(--ink)', paddingBottom: 2, marginBottom: 10 }}>
                    <FilmSection
                      stack={stacks[i]!}
                      pxPerUm={PX_PER_UM}
                      width={210}
                      gaugeMax={max}
                      size="bench"
                    />
                  </div>
                  <h2>
                    {j.job.name}
                    <LinkWait />
                  </h2>
                </Link>
                <p className="small muted">
                  {SUBSTRATE_NAMES[p.substrate]}, {CONDITION_NAMES[p.condition]},{' '}
                  {f.area(j.plan.parts.reduce((a, x) => a + x.areaM2, 0))}
                </p>
                <p className="row small" style={{ gap: 8, margin: '6px 0 4px' }}>
                  <svg width={STAGES.length * 18.5} height="17" aria-hidden="true">
                    {STAGES.map((x, k) => (
                      <rect
                        key={x.id}
                        x={k * 18.5}
                        y={12 - k * 2.3}
                        width="16"
                        height={5 + k * 2.3}
                        fill={
                          k < stageIdx
                            ? 'var(--lagoon-mid)'
                            : k === stageIdx
                              ? 'var(--lagoon)'
                              : 'url(#p-future)'
                        }
                        stroke={k <= stageIdx ? 'none' : 'var(--mark)'}
                      />
                    ))}
                  </svg>
                  <b style={{ color: 'var(--lagoon)', fontWeight: 600 }}>{STAGES[stageIdx]!.name}</b>
                </p>
                <p style={{ fontWeight: 600 }}>
                  {j.plan.kind === 'blocked'
                    ? 'Blocked'
                    : s && task
                      ? `${TASK_NAMES[task.kind]} first, then ${sessionName(j.plan, s.layerIds).toLowerCase()}`
                      : 'All coats are on'}
                </p>
                <p className="small muted">
                  {j.plan.kind === 'blocked' ? (
                    say(j.plan.blockers[0]!, f)
                  ) : s ? (
                    <>
                      {f.dayTime(s.startsAt)}
                      {j.plan.sessions.length > 1 ? `, ${j.plan.sessions.length} sessions` : ''},{' '}
                      <b style={{ color: 'var(--ink)' }}>{percentOf(j.plan.chance ?? 0)} %</b>
                    </>
                  ) : (
                    'Let it harden'
                  )}
                </p>
                <p>
                  <Button
                    size="small"
                    sx={{ ml: -1, color: 'var(--ink-2)' }}
                    aria-label={`Take ${j.job.name} off the bench`}
                    onClick={() => void remove(j.id, j.job.name)}
                  >
                    Take off the bench
                  </Button>
                </p>
              </article>
            );
          })}
        </div>
        {jobs.length > 0 && (
          <div className="desk-only">
            <HoursBoard jobs={jobs} nowMs={nowMs} tz={tz} />
          </div>
        )}
        {bench.finished.length > 0 && (
          <section aria-label="Finished jobs">
            <div className="hd" style={{ margin: '8px 0 6px' }}>
              Finished <small>closed with what was used and how it came out</small>
            </div>
            <ul className="finished">
              {bench.finished.map((j) => {
                const marks = j.job.log?.outcomes.map((o) => o.mark) ?? [];
                const worst = marks.length > 0 ? Math.min(...marks) : null;
                return (
                  <li key={j.id}>
                    <Link href={`/jobs/${j.id}/log`} className="row">
                      <FilmSection
                        stack={stackOf(j.job, j.plan, j.products)}
                        pxPerUm={0.26}
                        width={44}
                        gaugeMax={150}
                        size="mini"
                      />
                      <span style={{ flex: 1, minWidth: 160 }}>
                        <b style={{ fontWeight: 650 }}>{j.job.name}</b>
                        <br />
                        <span className="small muted">
                          closed {f.day(j.job.log!.closedAt!)},{' '}
                          {f.area(j.plan.parts.reduce((a, x) => a + x.areaM2, 0))}
                          {worst !== null ? `, ${LOG_MARKS[worst]}` : ''}
                        </span>
                      </span>
                    </Link>
                  </li>
                );
              })}
            </ul>
          </section>
        )}
        {bench.removed.length > 0 && (
          <details>
            <summary>Taken off the bench ({bench.removed.length})</summary>
            <ul style={{ display: 'grid', gap: 6, padding: '4px 0' }}>
              {bench.removed.map((r) => (
                <li key={r.id} className="row">
                  <span style={{ flex: '0 1 320px' }}>{r.name}</span>
                  <Button
                    size="small"
                    variant="outlined"
                    aria-label={`Put ${r.name} back`}
                    onClick={() => void restore(r.id)}
                  >
                    Put it back
                  </Button>
                </li>
              ))}
            </ul>
          </details>
        )}
      </div>
      {jobs.length > 0 && (
        <TagPlate
          bar={
            <>
              <b>{cans} cans</b> to buy, {f.money(total, currency)} of {f.money(budget, currency)}
            </>
          }
        >
          {next && (
            <div className="vsec">
              <h3>
                <span>Next good window</span>
                <span>{f.day(next.plan.sessions[0]!.startsAt)}</span>
              </h3>
              <p className="mid">
                {f.time(next.plan.sessions[0]!.startsAt)}–{f.time(next.plan.sessions[0]!.handsOffAt)},{' '}
                {next.job.name}
              </p>
              <div className="pair" style={{ margin: '8px 0 6px' }}>
                <span className="big">{percentOf(next.plan.chance ?? 0)} %</span>
                <span className="sub" style={{ textAlign: 'right' }}>
                  of futures
                  <br />
                  end well
                </span>
              </div>
              <OddsMarks
                good={next.plan.sessions.at(-1)!.oksOf[0]}
                of={next.plan.sessions.at(-1)!.oksOf[1]}
              />
            </div>
          )}
          <div className="vsec">
            <h3>
              <span>To buy, all jobs</span>
              <span>of {f.money(budget, currency)}</span>
            </h3>
            <div className="pair">
              <span className="big">{cans}</span>
              <span className="mid">{f.money(total, currency)}</span>
            </div>
            <BudgetBar total={total} budget={budget} />
            <p className="sub">
              each bought for itself; <Link href="/shopping">together it is less</Link>
            </p>
          </div>
          <div className="vsec">
            <h3>Hands-on, all jobs</h3>
            <span className="big">{f.hours(jobs.reduce((a, j) => a + j.plan.handsOnH, 0))}</span>
          </div>
          {clash && (
            <div className="vsec cauts">
              <div className="caut mind" role="note">
                <MindSign />
                <p>
                  <b>One pair of hands</b>
                  {clash.first} and {clash.second} both want {f.dayTime(clash.at)}. Move one of them.
                </p>
              </div>
            </div>
          )}
          {next && (
            <div className="vsec cauts">
              {next.plan.cautions
                .filter((c) => c.severity === 'stop')
                .slice(0, 2)
                .map((c) => (
                  <CautionBox key={c.code} caution={c} />
                ))}
            </div>
          )}
        </TagPlate>
      )}
    </main>
  );
}

/** The bench in a gloved hand: the air, what comes next, the jobs in rows, one button. */
function PhoneBench({
  jobs,
  next,
  nowMs,
  tz,
  stacks,
  max,
}: {
  jobs: readonly BenchJob[];
  next: BenchJob | undefined;
  nowMs: number;
  tz: string;
  stacks: readonly Stack[];
  max: number;
}) {
  const f = useFormat();
  const s = next?.plan.sessions[0];
  const task = s?.tasks.find((t) => t.handsOn);
  const limits = next?.products.find(
    (p) => p.id === next.plan.layers.find((l) => l.id === s?.layerIds[0])?.productId,
  );
  const left = s ? Date.parse(s.startsAt) - nowMs : 0;
  const today = s && f.day(s.startsAt) === f.day(isoOf(nowMs, tz));
  return (
    <div className="phone-only phone-bench">
      {jobs[0] && <AirTiles air={jobs[0].airNow} limits={limits} />}
      {next && s && task && (
        <section className="nextcard" aria-label="Next">
          <p>{left > 0 && left < 20 * HOUR ? `Next, in ${f.duration(left / 60_000)}` : 'Next'}</p>
          <h2>
            {f.time(task.startsAt)} {TASK_NAMES[task.kind].toLowerCase()}, {next.job.name}
          </h2>
          <p>
            {f.day(s.startsAt)}, first coat {f.time(s.sprayAt)}, {percentOf(next.plan.chance ?? 0)} %
          </p>
        </section>
      )}
      {next && s && (
        <LinkButton variant="contained" href={`/jobs/${next.id}/spray-day`} className="big">
          <span>
            {today ? 'Open today’s run sheet' : 'Open the next run sheet'}
            <small style={{ display: 'block', fontWeight: 400, fontSize: 15 }}>
              {s.tasks.filter((t) => t.handsOn).length} steps, {next.job.name}
            </small>
          </span>
        </LinkButton>
      )}
      <ul>
        {jobs.map((j, i) => {
          const q = j.plan.sessions[0];
          const t = q?.tasks.find((x) => x.handsOn);
          return (
            <li key={j.id}>
              <Link href={`/jobs/${j.id}`}>
                <FilmSection stack={stacks[i]!} pxPerUm={78 / max} width={54} gaugeMax={max} size="mini" />
                <span>
                  <b>
                    {j.job.name}
                    <LinkWait />
                  </b>
                  <span>
                    {j.plan.kind === 'blocked'
                      ? 'Blocked'
                      : q && t
                        ? `${TASK_NAMES[t.kind]}, then ${sessionName(j.plan, q.layerIds).toLowerCase()}`
                        : 'All coats are on'}
                  </span>
                  <span className="muted">{q ? f.dayTime(q.startsAt) : ''}</span>
                </span>
                {q && <b className="odds">{percentOf(j.plan.chance ?? 0)} %</b>}
              </Link>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** The first two jobs whose hands-on hours fall on one another; each job is planned for itself. */
function clashOf(jobs: readonly BenchJob[]): { first: string; second: string; at: string } | null {
  const all = jobs
    .flatMap((j) =>
      j.plan.sessions.map((s) => ({
        name: j.job.name,
        id: j.id,
        from: Date.parse(s.startsAt),
        to: Date.parse(s.handsOffAt),
        at: s.startsAt,
      })),
    )
    .sort((a, b) => a.from - b.from);
  for (const a of all) {
    const b = all.find((x) => x.id !== a.id && x.from >= a.from && x.from < a.to);
    if (b) return { first: a.name, second: b.name, at: b.at };
  }
  return null;
}

/** Suitable hours per job over seven days, for the product that goes on next. */
function HoursBoard({ jobs, nowMs, tz }: { jobs: readonly BenchJob[]; nowMs: number; tz: string }) {
  const f = useFormat();
  const W = 960;
  const LEFT = 178;
  const rowH = 44;
  const from = dayStart(nowMs, tz);
  const to = from + 7 * 24 * HOUR;
  const x = (t: number): number => LEFT + ((t - from) / (to - from)) * (W - LEFT);
  const days = Array.from({ length: 7 }, (_, i) => dayStart(from + i * 24 * HOUR + 2 * HOUR, tz));
  const nights = jobs[0]?.nights ?? [];
  const height = 28 + jobs.length * rowH;
  return (
    <section aria-label="Suitable hours">
      <div className="hd" style={{ marginBottom: 6 }}>
        Suitable hours <small>per job, for what goes on next</small>
        <span className="r row" style={{ gap: 14 }}>
          <span className="row" style={{ gap: 5 }}>
            <svg width="22" height="10" aria-hidden="true">
              <rect width="22" height="10" fill="var(--moss)" />
            </svg>
            good
          </span>
          <span className="row" style={{ gap: 5 }}>
            <svg width="22" height="10" aria-hidden="true">
              <rect width="22" height="10" fill="var(--amber)" />
              <rect width="22" height="10" fill="url(#p-warn)" />
            </svg>
            just inside
          </span>
          <span className="row" style={{ gap: 5 }}>
            <svg width="22" height="10" aria-hidden="true">
              <rect width="22" height="10" fill="var(--well)" />
            </svg>
            no
          </span>
        </span>
      </div>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Hours of the week">
        <svg
          viewBox={`0 0 ${W} ${height}`}
          width="100%"
          style={{ minWidth: 640 }}
          role="img"
          aria-label={jobs
            .map(
              (j) =>
                `${j.job.name}: ${j.plan.sessions[0] ? `session ${f.dayTime(j.plan.sessions[0].startsAt)}, ${percentOf(j.plan.sessions[0].chance)} per cent` : 'nothing planned'}`,
            )
            .join('; ')}
        >
          {nights.map(([a, b]) => (
            <rect
              key={a}
              x={x(Math.max(a, from))}
              y="24"
              width={Math.max(0, x(Math.min(b, to)) - x(Math.max(a, from)))}
              height={height - 24}
              fill="var(--night)"
              style={{ opacity: 'var(--night-o)' }}
            />
          ))}
          {days.map((d, i) => (
            <g key={d}>
              <line x1={x(d)} x2={x(d)} y1="4" y2={height} stroke="var(--line)" />
              <text x={x(d) + 6} y="16" fontSize="13" fontWeight={i === 0 ? 650 : 400} fill="var(--ink)">
                {i === 0 ? 'Today, ' : ''}
                {new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', timeZone: tz }).format(
                  d + 12 * HOUR,
                )}
              </text>
            </g>
          ))}
          {jobs.map((j, r) => {
            const y = 28 + r * rowH;
            const suit = j.plan.suits[0];
            const short = j.job.name.length > 24 ? `${j.job.name.slice(0, 23).trimEnd()}…` : j.job.name;
            return (
              <g key={j.id}>
                <text x="0" y={y + 26} fontSize="13.500" fontWeight="600" fill="var(--ink)">
                  {short}
                </text>
                <rect x={LEFT} y={y + 30} width={W - LEFT} height="7" fill="var(--well)" />
                {suit?.spans
                  .filter((s) => s.verdict !== 'no')
                  .map((s) => {
                    const a = x(Date.parse(s.startsAt));
                    const w = Math.max(0, Math.min(x(Date.parse(s.endsAt)), W) - a);
                    return (
                      <g key={s.startsAt}>
                        <rect
                          x={a}
                          y={y + 30}
                          width={w}
                          height="7"
                          fill={s.verdict === 'good' ? 'var(--moss)' : 'var(--amber)'}
                        />
                        {s.verdict === 'inside' && (
                          <rect x={a} y={y + 30} width={w} height="7" fill="url(#p-warn)" />
                        )}
                      </g>
                    );
                  })}
                {j.plan.sessions.map((s) => {
                  const a = x(Date.parse(s.startsAt));
                  const z = x(Date.parse(s.handsOffAt));
                  const l = j.plan.layers.find((q) => q.id === s.layerIds.at(-1));
                  const p = j.products.find((q) => q.id === l?.productId);
                  const base = j.plan.layers.find((q) => q.id === s.layerIds[0]);
                  const bp = j.products.find((q) => q.id === base?.productId);
                  const fill = (q: typeof p): string => {
                    if (!q) return '#999';
                    const t = paintOf(q, j.job.purpose.colour.hex);
                    return over(t.fill, Math.max(0.8, t.alpha));
                  };
                  return (
                    <g key={s.id}>
                      {s.activations[0] && (
                        <path
                          d={`M${x(Date.parse(s.activations[0].at))} ${y + 8}L${x(Date.parse(s.activations[0].usableUntil))} ${y + 28}H${x(Date.parse(s.activations[0].at))}Z`}
                          fill="var(--pot)"
                          stroke="var(--lagoon)"
                          opacity=".75"
                        />
                      )}
                      <rect
                        x={a}
                        y={y + 8}
                        width={Math.max(4, (z - a) / 2)}
                        height="20"
                        fill={fill(bp)}
                        stroke="var(--ink)"
                      />
                      <rect
                        x={a + (z - a) / 2}
                        y={y + 8}
                        width={Math.max(3, (z - a) / 2)}
                        height="20"
                        fill={fill(p)}
                        stroke="var(--ink)"
                      />
                      <text
                        x={Math.min(z + 5, W - 34)}
                        y={y + 20}
                        fontSize="13"
                        fontWeight="650"
                        fill="var(--ink)"
                        stroke="var(--ground)"
                        strokeWidth="3"
                        paintOrder="stroke"
                      >
                        {percentOf(s.chance)} %
                      </text>
                    </g>
                  );
                })}
                <line x1="0" x2={W} y1={y + rowH} y2={y + rowH} stroke="var(--line-2)" />
              </g>
            );
          })}
          <line x1={x(nowMs)} x2={x(nowMs)} y1="22" y2={height} stroke="var(--lagoon)" strokeWidth="2" />
          <path d={`M${x(nowMs) - 5} 20h10l-5 8z`} fill="var(--lagoon)" />
        </svg>
      </div>
    </section>
  );
}

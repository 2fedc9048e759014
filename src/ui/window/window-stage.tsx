'use client';
/** Window: when to start, each session of the chain, what it is worth and what rules the other hours out. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import InputLabel from '@mui/material/InputLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Slider from '@mui/material/Slider';
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import type { Plan, Session, Suit } from '@/model/plan';
import { dayStart, isoOf } from '@/core/time/instant';
import { percentOf } from '@/words/format';
import { CAUSE_LIMITS } from '@/words/names';
import { ASSUMPTIONS, say } from '@/words/say';
import { CloseUp } from '../drawings/close-up';
import { DayRibbon } from '../drawings/day-ribbon';
import { Join, Ribbon } from '../drawings/ribbon';
import { useDesk } from '../desk/job-desk';
import { Anchor, GoSign, MindSign, StopSign } from '../parts/icons';
import { LinkButton } from '../parts/link-button';
import { ProvenanceMark } from '../parts/mark';
import { Columns, SaveLine } from '../shell/stage-shell';
import { Spine } from '../shell/spine';
import { Verdict } from '../shell/verdict';
import { useFormat } from '../theme/providers';
import { sessionName } from './session-name';

const HOUR = 3_600_000;
const STEP = 30 * 60_000;
const SHOWN_H = 84;

/** Hours of the week lost to each reason, most first, by the first reason of a stretch. */
function lostHours(suit: Suit): { cause: string; hours: number }[] {
  const by = new Map<string, number>();
  for (const s of suit.spans)
    if (s.verdict === 'no' && s.reasons[0])
      by.set(
        s.reasons[0],
        (by.get(s.reasons[0]) ?? 0) + (Date.parse(s.endsAt) - Date.parse(s.startsAt)) / HOUR,
      );
  return [...by].map(([cause, hours]) => ({ cause, hours })).sort((a, b) => b.hours - a.hours);
}

export function WindowStage() {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan, products, nowMs } = desk;
  const [picked, setPicked] = useState<string | null>(null);
  const [fromH, setFromH] = useState(0);
  const ids = plan.suits.map((s) => s.sessionId);
  const id = picked !== null && ids.includes(picked) ? picked : (ids[0] ?? null);
  const session = plan.sessions.find((s) => s.id === id);
  const withStarts = ({ starts: _s, ...j }: Job, starts: Job['starts']): Job =>
    starts && starts.length > 0 ? { ...j, starts } : j;
  const setStarts = (starts: Job['starts']): void => desk.edit((j) => withStarts(j, starts));
  const others = (j: Job, sessionId: string): NonNullable<Job['starts']> =>
    (j.starts ?? []).filter((s) => s.sessionId !== sessionId);
  const pin = (sessionId: string, ms: number): void =>
    desk.edit((j) => withStarts(j, [...others(j, sessionId), { sessionId, at: isoOf(ms, j.place.tz) }]));
  // From the start in the draft, not from the plan on the screen: quick presses add up while the plan is still being made.
  const shift = (s: Session, by: number): void =>
    desk.edit((j) =>
      withStarts(j, [
        ...others(j, s.id),
        {
          sessionId: s.id,
          at: isoOf(
            Date.parse(j.starts?.find((x) => x.sessionId === s.id)?.at ?? s.startsAt) + by,
            j.place.tz,
          ),
        },
      ]),
    );
  const layerIdsOf = (sid: string): readonly string[] =>
    plan.sessions.find((s) => s.id === sid)?.layerIds ?? [sid.replace(/^s-/, '')];
  const limits =
    products.find((p) => p.id === plan.layers.find((l) => l.id === layerIdsOf(id ?? '').at(-1))?.productId) ??
    products[0]!;
  const suit = plan.suits.find((s) => s.sessionId === id);
  const options = plan.startOptions.find((o) => o.sessionId === id)?.options ?? [];
  const pinned = job.starts?.some((s) => s.sessionId === id) ?? false;

  return (
    <Columns kind="cols-3">
      <Spine job={job} plan={plan} products={products}>
        {session ? (
          <>
            <p>
              <b>{sessionName(plan, session.layerIds)}</b> go on in one stretch. Between sessions it may rest
              for days; sand and degrease before going on.
            </p>
            <p style={{ marginTop: 8, display: 'flex', gap: 8 }}>
              <Anchor />
              <span>Safe to stop once handle-dry, {f.dayTime(session.handleAt)}.</span>
            </p>
          </>
        ) : (
          <p>Nothing to spray is left, or the plan is blocked.</p>
        )}
      </Spine>
      <div className="stack">
        <PhoneDay
          plan={plan}
          session={session}
          suit={suit}
          options={options}
          onPick={(ms) => session && pin(session.id, ms)}
          onSession={setPicked}
          ids={ids}
          id={id}
          layerIdsOf={layerIdsOf}
        />
        <section
          className="panel desk-only"
          aria-label="The week"
          onKeyDown={(e) => {
            if (!session || e.target !== e.currentTarget) return;
            if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
              e.preventDefault();
              shift(session, e.key === 'ArrowLeft' ? -STEP : STEP);
            }
          }}
          tabIndex={0}
        >
          <div className="row" style={{ marginBottom: 8 }}>
            {ids.map((sid) => {
              const s = plan.sessions.find((y) => y.id === sid);
              return (
                <Button
                  key={sid}
                  size="small"
                  variant={sid === id ? 'contained' : 'outlined'}
                  aria-pressed={sid === id}
                  onClick={() => setPicked(sid)}
                >
                  {sessionName(plan, layerIdsOf(sid))}
                  {s ? `, ${f.day(s.startsAt)}` : ''}
                </Button>
              );
            })}
            <span className="push" />
            <Button
              size="small"
              variant="outlined"
              disabled={fromH <= 0}
              onClick={() => setFromH(Math.max(0, fromH - 24))}
            >
              Earlier days
            </Button>
            <Button
              size="small"
              variant="outlined"
              disabled={fromH >= 96}
              onClick={() => setFromH(Math.min(96, fromH + 24))}
            >
              Later days
            </Button>
          </div>
          {id ? (
            <div className="scroll-x" tabIndex={0} role="group" aria-label="Ribbon">
              <div className="wide">
                <Ribbon
                  air={desk.air}
                  plan={plan}
                  sessionId={id}
                  products={products}
                  jobHex={job.purpose.colour.hex}
                  nowMs={nowMs}
                  fromMs={nowMs - 5 * HOUR + fromH * HOUR}
                  hours={SHOWN_H}
                  tz={job.place.tz}
                  f={f}
                  limits={limits}
                />
              </div>
            </div>
          ) : (
            <p className="cap">The ribbon appears once the build-up holds and there is something to spray.</p>
          )}
          {session && (
            <>
              <div className="scroll-x" tabIndex={0} role="group" aria-label="Close-up">
                <div className="wide">
                  <Join session={session} fromMs={nowMs - 5 * HOUR + fromH * HOUR} hours={SHOWN_H} />
                  <CloseUp
                    plan={plan}
                    session={session}
                    products={products}
                    jobHex={job.purpose.colour.hex}
                    f={f}
                    onShift={(halfHours) => shift(session, halfHours * STEP)}
                  />
                </div>
              </div>
            </>
          )}
          {suit && (
            <details>
              <summary>The same as a table</summary>
              <div className="scroll-x" tabIndex={0} role="group" aria-label="Hours as a table">
                <table className="tbl">
                  <thead>
                    <tr>
                      <th>First coat from</th>
                      <th>to</th>
                      <th>verdict</th>
                      <th>in the way</th>
                      <th className="num">futures that end well</th>
                    </tr>
                  </thead>
                  <tbody>
                    {suit.spans.map((s) => (
                      <tr key={s.startsAt}>
                        <td>{f.dayTime(s.startsAt)}</td>
                        <td>{f.dayTime(s.endsAt)}</td>
                        <td>{s.verdict === 'inside' ? 'just inside' : s.verdict}</td>
                        <td>{s.reasons.map((r) => CAUSE_LIMITS[r] ?? r).join('; ')}</td>
                        <td className="num">{s.share === null ? '–' : f.pct(s.share)}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </div>
            </details>
          )}
        </section>
        {plan.kind === 'blocked' && (
          <section className="panel" aria-label="What is in the way" style={{ borderColor: 'var(--oxide)' }}>
            <div className="hd">
              <StopSign />
              No start to offer
            </div>
            <ul style={{ display: 'grid', gap: 6, marginTop: 8 }}>
              {plan.blockers.map((b, i) => (
                <li key={i}>{say(b, f)}</li>
              ))}
            </ul>
            {job.starts && (
              <Button sx={{ mt: 1 }} variant="contained" onClick={() => setStarts(undefined)}>
                Let the starts be chosen
              </Button>
            )}
          </section>
        )}
        {session && (
          <Decision
            key={session.id}
            session={session}
            plan={plan}
            products={products}
            limitsOk={session.feasible}
            controls={
              <>
                <Button
                  variant="outlined"
                  onClick={() => shift(session, -STEP)}
                  aria-label="Start half an hour earlier"
                >
                  Earlier
                </Button>
                <Button
                  variant="outlined"
                  onClick={() => shift(session, STEP)}
                  aria-label="Start half an hour later"
                >
                  Later
                </Button>
                <FormControl size="small" sx={{ width: 210 }}>
                  <InputLabel id="starts">Other starts</InputLabel>
                  <Select
                    labelId="starts"
                    label="Other starts"
                    value=""
                    onChange={(e) => pin(session.id, Date.parse(e.target.value))}
                  >
                    {options.map((o) => (
                      <MenuItem key={o.at} value={o.at}>
                        {f.dayTime(o.at)}, {percentOf(o.chance)} %
                        {o.verdict === 'inside' ? ', just inside' : ''}
                      </MenuItem>
                    ))}
                    {options.length === 0 && (
                      <MenuItem disabled value="none">
                        none in your free hours
                      </MenuItem>
                    )}
                  </Select>
                </FormControl>
                {pinned && (
                  <Button onClick={() => desk.edit((j) => withStarts(j, others(j, session.id)))}>
                    Let it be chosen
                  </Button>
                )}
              </>
            }
          />
        )}
        <div
          style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(260px, 1fr))', gap: 16 }}
        >
          <section className="panel" aria-label="Alternatives">
            <div className="hd">Other ways</div>
            {plan.alternatives.length === 0 && (
              <p className="cap" style={{ marginTop: 6 }}>
                No other chain of starts fits the free hours of the week.
              </p>
            )}
            {plan.alternatives.map((a) => (
              <div
                key={a.starts.map((s) => s.at).join()}
                className="row"
                style={{ padding: '9px 0', borderTop: '1px solid var(--line-2)', marginTop: 6 }}
              >
                <b style={{ fontSize: 18, fontWeight: 650, minWidth: 52 }}>{percentOf(a.chance)} %</b>
                <span className="small" style={{ flex: 1, minWidth: 130 }}>
                  {a.starts.map((s) => f.dayTime(s.at)).join(', then ')}
                  <br />
                  <span className="muted">
                    {say(a.why, f)}, handle-dry {f.dayTime(a.finishesAt)}
                  </span>
                </span>
                <Button size="small" variant="outlined" onClick={() => setStarts(a.starts)}>
                  Take this
                </Button>
              </div>
            ))}
          </section>
          <section className="panel" aria-label="Why not the other hours">
            <div className="hd">What rules the other hours out</div>
            {suit && (
              <ul className="cap" style={{ display: 'grid', gap: 5, marginTop: 8 }}>
                {lostHours(suit)
                  .slice(0, 5)
                  .map((l) => (
                    <li key={l.cause} className="row" style={{ flexWrap: 'nowrap' }}>
                      <b style={{ minWidth: 48 }}>{Math.round(l.hours)} h</b>
                      <span>{CAUSE_LIMITS[l.cause] ?? l.cause}</span>
                    </li>
                  ))}
              </ul>
            )}
            <div style={{ marginTop: 14 }}>
              <p className="small" id="rush">
                Rush or safe: how much a lost session weighs against waiting
              </p>
              <div className="row" style={{ flexWrap: 'nowrap', gap: 14 }}>
                <span className="small muted">rush</span>
                <Slider
                  aria-labelledby="rush"
                  value={job.risk.rushSafe}
                  min={0}
                  max={1}
                  step={0.1}
                  marks
                  size="small"
                  onChange={(_e, v) =>
                    desk.edit((j) => ({ ...j, risk: { ...j.risk, rushSafe: v as number } }))
                  }
                />
                <span className="small muted">safe</span>
              </div>
            </div>
          </section>
        </div>
        <SaveLine />
        <details className="how">
          <summary>How this was computed</summary>
          <p className="cap">
            Each half hour of the week is tried as a start in every future of the forecast. In each, the waits
            follow the panel temperature of that hour, and every limit is held until the film no longer minds
            it. The chance is (good futures + 1) over (futures + 2), for the whole chain at once.
          </p>
          <ul className="cap" style={{ display: 'grid', gap: 3, padding: '6px 0' }}>
            {plan.assumptions
              .filter((a) =>
                [
                  'hour-value',
                  'delay-per-day',
                  'dew-gap',
                  'members',
                  'shelter',
                  'coats-before-forecast',
                ].includes(a.what),
              )
              .map((a) => (
                <li key={a.what}>
                  {ASSUMPTIONS[a.what] ?? a.what}:{' '}
                  {a.unit === plan.cost.currency && typeof a.value === 'number'
                    ? f.money(a.value, a.unit)
                    : a.unit === 'K' && typeof a.value === 'number'
                      ? f.gap(a.value)
                      : `${a.value}`}
                  <ProvenanceMark mark={a.provenance} />
                </li>
              ))}
          </ul>
        </details>
        <div className="row noprint">
          <span className="push" />
          <LinkButton variant="contained" href={`/jobs/${desk.id}/spray-day`}>
            On to the run sheet
          </LinkButton>
        </div>
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage="window" />
    </Columns>
  );
}

/** One day of the week on a phone: the ribbon upright, and its starts as a list. */
function PhoneDay({
  plan,
  session,
  suit,
  options,
  onPick,
  onSession,
  ids,
  id,
  layerIdsOf,
}: {
  plan: Plan;
  session: Session | undefined;
  suit: Suit | undefined;
  options: Plan['startOptions'][number]['options'];
  onPick: (ms: number) => void;
  onSession: (id: string) => void;
  ids: readonly string[];
  id: string | null;
  layerIdsOf: (id: string) => readonly string[];
}) {
  const f = useFormat();
  const { air, products, job, nowMs } = useDesk();
  const tz = job.place.tz;
  const first = dayStart(nowMs, tz);
  const sessionDay = session ? dayStart(Date.parse(session.startsAt), tz) : first;
  // The day follows the session until another is leafed to.
  const [leafed, setLeafed] = useState<{ over: number; day: number } | null>(null);
  const day = leafed && leafed.over === sessionDay ? leafed.day : sessionDay;
  const to = (by: 1 | -1): void =>
    setLeafed({ over: sessionDay, day: dayStart(day + 12 * HOUR + by * 24 * HOUR, tz) });
  const starts = options.filter((o) => dayStart(Date.parse(o.at), tz) === day);
  const label = f.day(isoOf(day + 12 * HOUR, tz));
  return (
    <section className="panel phone-only" aria-label="The day">
      {ids.length > 1 && (
        <div className="row" style={{ marginBottom: 10 }}>
          {ids.map((sid) => (
            <Button
              key={sid}
              variant={sid === id ? 'contained' : 'outlined'}
              aria-pressed={sid === id}
              onClick={() => onSession(sid)}
              sx={{ flex: 1, minHeight: 48 }}
            >
              {sessionName(plan, layerIdsOf(sid))}
            </Button>
          ))}
        </div>
      )}
      <div className="daybar">
        <Button variant="outlined" disabled={day <= first} onClick={() => to(-1)} aria-label="The day before">
          ‹
        </Button>
        <b>{label}</b>
        <Button
          variant="outlined"
          disabled={day >= first + 6 * 24 * HOUR}
          onClick={() => to(1)}
          aria-label="The day after"
        >
          ›
        </Button>
      </div>
      <DayRibbon
        air={air}
        plan={plan}
        session={session}
        suit={suit}
        dayStartMs={day}
        nowMs={nowMs}
        tz={tz}
        products={products}
        jobHex={job.purpose.colour.hex}
        f={f}
      />
      {starts.length > 0 ? (
        <>
          <h2 className="small muted" style={{ fontWeight: 400, margin: '12px 0 6px' }}>
            Starts that day, your free hours
          </h2>
          <ul className="starts">
            {starts.map((o) => (
              <li key={o.at}>
                <Button
                  variant={session?.startsAt === o.at ? 'contained' : 'outlined'}
                  aria-pressed={session?.startsAt === o.at}
                  onClick={() => onPick(Date.parse(o.at))}
                >
                  <span>
                    {f.time(o.at)}
                    <small>
                      {percentOf(o.chance)} %{o.verdict === 'inside' ? ', just inside' : ''}
                    </small>
                  </span>
                </Button>
              </li>
            ))}
          </ul>
        </>
      ) : (
        <p className="cap" style={{ marginTop: 10 }}>
          No start in your free hours suits that day.
        </p>
      )}
    </section>
  );
}

function Decision({
  session: s,
  plan,
  products,
  limitsOk,
  controls,
}: {
  session: Session;
  plan: Plan;
  products: readonly Product[];
  limitsOk: boolean;
  controls: React.ReactNode;
}) {
  const f = useFormat();
  const first = s.tasks.find((t) => t.kind === 'coat');
  return (
    <section className="panel" aria-label="The start" style={{ border: '2px solid var(--lagoon)' }}>
      <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(220px, 1fr))', gap: 18 }}>
        <div>
          <p className="big" style={{ fontSize: 20 }}>
            {f.day(s.startsAt)}, start {f.time(s.startsAt)}
          </p>
          <p style={{ color: limitsOk ? 'var(--moss-ink)' : 'var(--oxide-ink)', fontWeight: 650 }}>
            {limitsOk
              ? `${s.oksOf[0]} of ${s.oksOf[1]} futures end well`
              : 'Outside a limit or your free hours'}
          </p>
          <p className="cap" style={{ marginTop: 6 }}>
            First coat {f.time(s.sprayAt)}
            {s.activations
              .map(
                (a) =>
                  `, ${products.find((p) => p.id === a.productId)?.carrier === 'gun' ? 'mix' : a.cans === 1 ? 'activate one can' : `activate ${a.cans} cans`} ${f.time(a.at)}`,
              )
              .join('')}
            , hands off {f.time(s.handsOffAt)}. At stake: {f.money(s.stakes.materials, plan.cost.currency)} of
            paint and {f.hours(s.stakes.hours)}.
          </p>
          {s.failures.length > 0 && (
            <p className="cap" style={{ marginTop: 4 }}>
              What can spoil it:{' '}
              {s.failures
                .slice(0, 2)
                .map((x) => `${CAUSE_LIMITS[x.cause] ?? x.cause} (${x.members} of ${s.oksOf[1]})`)
                .join(', ')}
              .
            </p>
          )}
        </div>
        <ul style={{ display: 'grid', gap: 5, alignContent: 'start' }}>
          {(first?.checks ?? [])
            .filter((c) => 'value' in c.params)
            .map((c) => {
              const v = Number(c.params.value);
              const ok =
                (c.params.min === undefined || v >= Number(c.params.min)) &&
                (c.params.max === undefined || v <= Number(c.params.max));
              return (
                <li key={c.code} className="row small" style={{ flexWrap: 'nowrap', gap: 8 }}>
                  {ok ? <GoSign /> : <MindSign size={20} />}
                  <span>{say(c, f)}</span>
                </li>
              );
            })}
        </ul>
      </div>
      <div className="row" style={{ marginTop: 12 }}>
        {controls}
      </div>
    </section>
  );
}

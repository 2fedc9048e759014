/** One day of the ribbon turned upright for a phone: hours run down; what suits, the coats, the life of the can. */
import { tightestPot } from './activation';
import type { AirView } from '@/core/air/view';
import { isoOf } from '@/core/time/instant';
import type { Plan, Session, Suit } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { CAUSE_WORDS } from '@/words/names';
import { over, paintOf } from './ink';

const HOUR = 3_600_000;
const PX = 27;
const W = 362;
const TOP = 24;
const ms = (iso: string): number => Date.parse(iso);

export interface DayRibbonProps {
  readonly air: AirView;
  readonly plan: Plan;
  readonly session: Session | undefined;
  readonly suit: Suit | undefined;
  readonly dayStartMs: number;
  readonly nowMs: number;
  readonly tz: string;
  readonly products: readonly Product[];
  readonly jobHex: string;
  readonly f: Format;
}

export function DayRibbon({
  air,
  plan,
  session: s,
  suit,
  dayStartMs,
  nowMs,
  tz,
  products,
  jobHex,
  f,
}: DayRibbonProps) {
  const here = s && ms(s.startsAt) >= dayStartMs && ms(s.startsAt) < dayStartMs + 24 * HOUR ? s : undefined;
  // Hours with light, and the whole session when it is that day's.
  const light = air.sunDeg.flatMap((d, i) => {
    const t = air.startMs + i * air.stepMs;
    return d > -1 && t >= dayStartMs && t < dayStartMs + 24 * HOUR ? [t] : [];
  });
  const from =
    Math.floor(Math.min(light[0] ?? dayStartMs + 6 * HOUR, here ? ms(here.startsAt) : Infinity) / HOUR) *
    HOUR;
  const to = Math.min(
    dayStartMs + 24 * HOUR,
    Math.ceil(Math.max((light.at(-1) ?? dayStartMs + 20 * HOUR) + HOUR, here ? ms(here.endsAt) : 0) / HOUR) *
      HOUR,
  );
  const y = (t: number): number => TOP + ((Math.min(to, Math.max(from, t)) - from) / HOUR) * PX;
  const hours = Array.from({ length: Math.round((to - from) / HOUR) + 1 }, (_, i) => from + i * HOUR);
  const H = y(to) + 12;
  const spans = (suit?.spans ?? []).filter((x) => ms(x.endsAt) > from && ms(x.startsAt) < to);
  const paint = (layerId: string | null): string => {
    const l = plan.layers.find((x) => x.id === layerId);
    const p = products.find((x) => x.id === l?.productId);
    if (!p) return 'var(--mark)';
    const q = paintOf(p, l?.hex ?? jobHex);
    return over(q.fill, Math.max(0.8, q.alpha));
  };
  const coats = here?.tasks.filter((t) => t.kind === 'coat') ?? [];
  const pot = tightestPot(plan, here);
  const act = pot?.act;
  const prepFrom = here ? ms(here.startsAt) : 0;
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      width="100%"
      role="img"
      aria-label={`${f.day(isoOf(dayStartMs + 12 * HOUR, tz))}: ${
        spans
          .filter((x) => x.verdict !== 'no')
          .map(
            (x) =>
              `${x.verdict === 'good' ? 'good' : 'just inside'} ${f.time(x.startsAt)} to ${f.time(x.endsAt)}`,
          )
          .join('; ') || 'no hour suits'
      }${here ? `; session from ${f.time(here.startsAt)}` : ''}`}
    >
      <text x="46" y="14" fontSize="14" fill="var(--ink-2)">
        suits
      </text>
      <text x="132" y="14" fontSize="14" fill="var(--ink-2)">
        coats
      </text>
      {act && (
        <text x="280" y="14" fontSize="14" fill="var(--ink-2)">
          pot life
        </text>
      )}
      {hours.map((t, i) => (
        <g key={t}>
          <line x1="40" x2={W} y1={y(t)} y2={y(t)} stroke="var(--line-2)" />
          {i % 2 === 0 && (
            <text x="34" y={y(t) + 5} fontSize="14" textAnchor="end" fill="var(--ink-2)">
              {f.time(isoOf(t, tz))}
            </text>
          )}
        </g>
      ))}
      {spans.map((x) => {
        const a = y(ms(x.startsAt));
        const h = y(ms(x.endsAt)) - a;
        if (h <= 0) return null;
        const word = x.verdict === 'good' ? 'good' : (CAUSE_WORDS[x.reasons[0] ?? ''] ?? '');
        return (
          <g key={x.startsAt}>
            {x.verdict === 'good' && <rect x="46" y={a} width="70" height={h} fill="var(--moss)" />}
            {x.verdict === 'inside' && (
              <>
                <rect x="46" y={a} width="52" height={h} fill="var(--amber)" />
                <rect x="46" y={a} width="52" height={h} fill="url(#p-warn)" />
              </>
            )}
            {x.verdict !== 'inside' && h > 18 && (
              <text
                x="81"
                y={a + h / 2 + 5}
                fontSize="14"
                textAnchor="middle"
                fontWeight={x.verdict === 'good' ? 650 : 400}
                fill={x.verdict === 'good' ? 'var(--on-moss)' : 'var(--ink-2)'}
              >
                {word}
              </text>
            )}
          </g>
        );
      })}
      <rect
        x="46"
        y={TOP}
        width="70"
        height={y(to) - TOP}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.400"
      />
      {here && (
        <>
          <line
            x1="166"
            x2="166"
            y1={y(prepFrom)}
            y2={Math.min(y(ms(here.handleAt)), H)}
            stroke="var(--ink-3)"
            strokeDasharray="1 4"
          />
          <rect
            x="132"
            y={y(prepFrom)}
            width="68"
            height={Math.max(2, y(ms(here.sprayAt)) - y(prepFrom))}
            fill="var(--well)"
            stroke="var(--ink-3)"
            strokeWidth=".8"
          />
          {y(ms(here.sprayAt)) - y(prepFrom) > 17 && (
            <text
              x="166"
              y={(y(prepFrom) + y(ms(here.sprayAt))) / 2 + 5}
              fontSize="14"
              textAnchor="middle"
              fill="var(--ink)"
            >
              prepare
            </text>
          )}
          {coats.map((t) => (
            <rect
              key={t.id}
              x="132"
              y={y(ms(t.startsAt))}
              width="68"
              height={Math.max(4, y(ms(t.endsAt)) - y(ms(t.startsAt)))}
              fill={paint(t.layerId)}
              stroke="var(--ink)"
              strokeDasharray="3 2"
            />
          ))}
          {ms(here.dustFreeAt) < to && (
            <g>
              <line
                x1="152"
                x2="180"
                y1={y(ms(here.dustFreeAt))}
                y2={y(ms(here.dustFreeAt))}
                stroke="var(--ink)"
                strokeWidth="2"
              />
              <text x="206" y={y(ms(here.dustFreeAt)) + 5} fontSize="14" fill="var(--ink-2)">
                dust-free
              </text>
            </g>
          )}
          {ms(here.handleAt) < to && (
            <g transform={`translate(158 ${y(ms(here.handleAt)) - 8})`}>
              <g fill="none" stroke="var(--ink)" strokeWidth="1.700">
                <circle cx="8" cy="2" r="2" />
                <path d="M8 4V14M4 7h8M1.500 9c.5 4 3 5.500 6.500 5.500s6-1.500 6.500-5.500" />
              </g>
              <text x="48" y="12" fontSize="14" fill="var(--ink-2)">
                handle-dry
              </text>
            </g>
          )}
        </>
      )}
      {pot &&
        act &&
        here &&
        (() => {
          const a = y(ms(act.at));
          const life = ms(act.usableUntil) - ms(act.at);
          const end = Math.min(ms(act.usableUntil), to);
          const shown = (end - ms(act.at)) / life;
          const last = ms(pot.last.endsAt);
          const x0 = 280;
          const w = 78;
          const at = (t: number): number => x0 + w * (1 - (t - ms(act.at)) / life);
          return (
            <g>
              <path
                d={`M${x0} ${a}H${x0 + w}L${at(end)} ${y(end)}H${x0}Z`}
                fill="var(--pot)"
                stroke="var(--lagoon)"
              />
              <path d={`M${x0} ${a}H${x0 + w}L${at(last)} ${y(last)}H${x0}Z`} fill="var(--lagoon)" />
              <text
                x={x0 + 6}
                y={Math.min(y(end) - 6, y(last) + 20)}
                fontSize="14"
                fontWeight="650"
                fill="var(--ink)"
              >
                {durationOf((last - ms(act.at)) / 60_000)}
              </text>
              {shown < 1 && (
                <text x={x0 + 6} y={Math.min(y(end) - 6, y(last) + 38)} fontSize="14" fill="var(--ink)">
                  of {durationOf(life / 60_000)}
                </text>
              )}
              <line x1="120" x2={x0 + w} y1={a} y2={a} stroke="var(--lagoon)" strokeWidth="2" />
              <circle cx="122" cy={a} r="4.500" fill="var(--lagoon)" />
            </g>
          );
        })()}
      {nowMs >= from && nowMs <= to && (
        <g>
          <line x1="0" x2={W} y1={y(nowMs)} y2={y(nowMs)} stroke="var(--lagoon)" strokeWidth="2" />
          <path d={`M0 ${y(nowMs) - 10}H38l6 10-6 10H0z`} fill="var(--lagoon)" />
          <text x="2" y={y(nowMs) + 5} fontSize="14" fontWeight="650" fill="var(--on-lagoon)">
            {f.time(isoOf(nowMs, tz))}
          </text>
        </g>
      )}
    </svg>
  );
}

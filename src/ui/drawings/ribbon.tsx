/** The week as a ribbon: the second signature. Panel, dew gap, humidity, wind and rain, gathered into what suits; then the coats. */
import type { AirView, Band } from '@/core/air/view';
import type { Plan, Session, Suit } from '@/model/plan';
import type { Product } from '@/model/product';
import { civilDate, dayStart } from '@/core/time/instant';
import { percentOf, type Format } from '@/words/format';
import { CAUSE_WORDS } from '@/words/names';
import { over, paintOf } from './ink';

export interface RibbonProps {
  readonly air: AirView;
  readonly plan: Plan;
  readonly sessionId: string;
  readonly products: readonly Product[];
  readonly jobHex: string;
  readonly nowMs: number;
  readonly fromMs: number;
  readonly hours: number;
  readonly tz: string;
  readonly f: Format;
  readonly limits: Product;
}

const W = 736;
const LEFT = 104;
const RIGHT = 8;
const HOUR = 3_600_000;
export const RIBBON = { width: W, left: LEFT, right: RIGHT } as const;

/** The trapezoid that joins a session on the ribbon to its close-up below. */
export function Join({ session, fromMs, hours }: { session: Session; fromMs: number; hours: number }) {
  const x = (t: number): number =>
    Math.min(W - RIGHT, Math.max(LEFT, LEFT + ((t - fromMs) / (hours * HOUR)) * (W - LEFT - RIGHT)));
  const a = x(ms(session.startsAt));
  const b = x(ms(session.endsAt));
  if (b - a < 1) return <div style={{ height: 8 }} />;
  return (
    <svg viewBox={`0 0 ${W} 14`} width="100%" aria-hidden="true">
      <path
        d={`M${a} 0H${b}L${W - RIGHT} 14H${LEFT}Z`}
        fill="var(--lagoon-tint)"
        stroke="var(--lagoon)"
        strokeWidth=".8"
      />
    </svg>
  );
}

const ms = (iso: string): number => Date.parse(iso);

export function Ribbon({
  air,
  plan,
  sessionId,
  products,
  jobHex,
  nowMs,
  fromMs,
  hours,
  tz,
  f,
  limits,
}: RibbonProps) {
  const toMs = fromMs + hours * HOUR;
  const x = (t: number): number => LEFT + ((t - fromMs) / (toMs - fromMs)) * (W - LEFT - RIGHT);
  const at = (i: number): number => air.startMs + i * air.stepMs;
  const idx = air.panelC.mid
    .map((_, i) => i)
    .filter((i) => at(i) >= fromMs - air.stepMs && at(i) <= toMs + air.stepMs);
  const clip = `ribbon-clip`;
  const line = (ys: readonly number[], y: (v: number) => number): string =>
    idx.map((i, k) => `${k === 0 ? 'M' : 'L'}${x(at(i)).toFixed(1)} ${y(ys[i]!).toFixed(1)}`).join('');
  const area = (b: Band, y: (v: number) => number): string =>
    `${idx.map((i, k) => `${k === 0 ? 'M' : 'L'}${x(at(i)).toFixed(1)} ${y(b.high[i]!).toFixed(1)}`).join('')}${[
      ...idx,
    ]
      .reverse()
      .map((i) => `L${x(at(i)).toFixed(1)} ${y(b.low[i]!).toFixed(1)}`)
      .join('')}Z`;
  const scale =
    (lo: number, hi: number, top: number, h: number) =>
    (v: number): number =>
      top + h - ((Math.min(hi, Math.max(lo, v)) - lo) / (hi - lo)) * h;

  // Strips, top down.
  const pTop = 28;
  const pH = 42;
  const gTop = 82;
  const gH = 40;
  const hTop = 134;
  const hH = 22;
  const wTop = 168;
  const wH = 22;
  const rTop = 200;
  const rH = 12;
  const sTop = 222;
  const sH = 26;
  const cTop = 256;
  const cH = 46;
  const yP = scale(0, 36, pTop, pH);
  const yG = scale(-3, 17, gTop, gH);
  const yH = scale(0.3, 1, hTop, hH);
  const yW = scale(0, Math.max(4, limits.windMaxMs * 1.6), wTop, wH);
  const days: number[] = [];
  for (let d = dayStart(fromMs, tz); d < toMs; d = dayStart(d + 30 * HOUR, tz)) days.push(d);
  const nights: [number, number][] = [];
  let open: number | null = null;
  for (const i of idx) {
    const dark = air.sunDeg[i]! < -1;
    if (dark && open === null) open = at(i);
    if (!dark && open !== null) {
      nights.push([open, at(i)]);
      open = null;
    }
  }
  if (open !== null) nights.push([open, toMs]);
  const suit: Suit | undefined = plan.suits.find((s) => s.sessionId === sessionId);
  const label = (text: string, y: number, sub?: string) => (
    <g>
      <text x="0" y={y} fontSize="13.500" fontWeight="600" fill="var(--ink)">
        {text}
      </text>
      {sub && (
        <text x="0" y={y + 15} fontSize="12" fill="var(--ink-2)">
          {sub}
        </text>
      )}
    </g>
  );
  const product = (id: string): Product | undefined => products.find((p) => p.id === id);
  const layerPaint = (layerId: string | null): string => {
    const l = plan.layers.find((y) => y.id === layerId);
    const p = l && product(l.productId);
    if (!p) return '#999999';
    const paint = paintOf(p, l?.hex ?? jobHex);
    return over(paint.fill, Math.max(0.8, paint.alpha));
  };
  return (
    <svg viewBox={`0 0 ${W} ${cTop + cH + 4}`} width="100%" role="img" aria-label={describe(plan, suit, f)}>
      <clipPath id={clip}>
        <rect x={LEFT} y="0" width={W - LEFT - RIGHT} height={cTop + cH + 4} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {nights.map(([a, b]) => (
          <rect
            key={a}
            x={x(a)}
            y="22"
            width={Math.max(0, x(b) - x(a))}
            height={cTop + cH - 22}
            fill="var(--night)"
            style={{ opacity: 'var(--night-o)' }}
          />
        ))}
        {days.map((d) => (
          <g key={d}>
            <line x1={x(d)} x2={x(d)} y1="6" y2={cTop + cH} stroke="var(--rule)" />
            <text
              x={Math.max(x(d) + 6, LEFT + 4)}
              y="15"
              fontSize="13"
              fontWeight={civilDate(d + HOUR, tz) === civilDate(nowMs, tz) ? 650 : 400}
              fill="var(--ink)"
            >
              {dayName(d + 12 * HOUR, tz)}
            </text>
            <text x={x(d + 12 * HOUR)} y="15" fontSize="12" textAnchor="middle" fill="var(--ink-3)">
              12:00
            </text>
          </g>
        ))}
        <rect
          x={LEFT}
          y={yP(limits.tempMaxC)}
          width={W}
          height={yP(limits.tempMinC) - yP(limits.tempMaxC)}
          fill="var(--zone)"
          opacity=".75"
        />
        <path d={area(air.panelC, yP)} fill="var(--ink-2)" opacity=".22" />
        <path d={line(air.panelC.mid, yP)} fill="none" stroke="var(--ink)" strokeWidth="2" />
        <clipPath id="gap-bad">
          <rect x={LEFT} y={yG(limits.dewGapMinK)} width={W} height="60" />
        </clipPath>
        <clipPath id="gap-good">
          <rect x={LEFT} y={gTop - 6} width={W} height={yG(limits.dewGapMinK) - gTop + 6} />
        </clipPath>
        <path
          d={`${line(air.gapK.mid, yG)}V${yG(limits.dewGapMinK)}H${x(at(idx[0] ?? 0))}Z`}
          fill="var(--lagoon)"
          opacity=".45"
          clipPath="url(#gap-good)"
        />
        <path
          d={`${line(air.gapK.mid, yG)}V${yG(limits.dewGapMinK)}H${x(at(idx[0] ?? 0))}Z`}
          fill="url(#p-no)"
          clipPath="url(#gap-bad)"
        />
        <path d={line(air.gapK.mid, yG)} fill="none" stroke="var(--lagoon)" strokeWidth="1.400" />
        <line
          x1={LEFT}
          x2={W}
          y1={yG(limits.dewGapMinK)}
          y2={yG(limits.dewGapMinK)}
          stroke="var(--oxide)"
          strokeWidth="1.300"
        />
        <path
          d={`${line(air.rhFrac.mid, yH)}V${hTop + hH}H${x(at(idx[0] ?? 0))}Z`}
          fill="var(--humid)"
          opacity=".75"
        />
        <line
          x1={LEFT}
          x2={W}
          y1={yH(limits.rhMaxFrac)}
          y2={yH(limits.rhMaxFrac)}
          stroke="var(--oxide-ink)"
          strokeWidth="1.200"
          strokeDasharray="4 3"
        />
        {idx
          .filter((_, k) => k % 2 === 0)
          .map((i) => {
            const v = air.windMs.mid[i]!;
            const worst = air.windMs.high[i]!;
            const y = yW(v);
            const px = x(at(i));
            return (
              <line
                key={i}
                x1={px - 3}
                x2={px + 1.5}
                y1={wTop + wH}
                y2={y}
                stroke={
                  v > limits.windMaxMs
                    ? 'var(--oxide-ink)'
                    : worst > limits.windMaxMs
                      ? 'var(--amber-ink)'
                      : 'var(--ink)'
                }
                strokeWidth={v > limits.windMaxMs ? 2.6 : 1.4}
              />
            );
          })}
        <line
          x1={LEFT}
          x2={W}
          y1={yW(limits.windMaxMs)}
          y2={yW(limits.windMaxMs)}
          stroke="var(--oxide-ink)"
          strokeWidth="1.200"
          strokeDasharray="2 3"
        />
        <rect x={LEFT} y={rTop} width={W} height={rH} fill="var(--well)" />
        {idx
          .filter((i) => air.rain[i]! > 0.15)
          .map((i) => (
            <g key={i}>
              <rect
                x={x(at(i))}
                y={rTop}
                width={Math.max(1, x(at(i) + air.stepMs) - x(at(i)))}
                height={rH}
                fill="var(--rain-tint)"
                opacity={Math.min(1, air.rain[i]! + 0.3)}
              />
              <rect
                x={x(at(i))}
                y={rTop}
                width={Math.max(1, x(at(i) + air.stepMs) - x(at(i)))}
                height={rH}
                fill="url(#p-rain)"
                opacity={Math.min(1, air.rain[i]! + 0.2)}
              />
            </g>
          ))}
        <rect x={LEFT} y={sTop} width={W} height={sH} fill="var(--panel)" />
        {merged(suit).map((s) => {
          const a = Math.max(x(ms(s.startsAt)), LEFT);
          const b = Math.min(x(ms(s.endsAt)), W - RIGHT);
          const w = b - a;
          if (w <= 0) return null;
          const words = s.verdict === 'good' ? ['good'] : s.reasons.map((r) => CAUSE_WORDS[r] ?? '');
          const word =
            [words.slice(0, 3).join(', '), words.slice(0, 2).join(', '), words[0] ?? ''].find(
              (t) => w > t.length * 6.5 + 6,
            ) ?? '';
          const fits = word !== '';
          return (
            <g key={s.startsAt}>
              {s.verdict === 'good' && <rect x={a} y={sTop} width={w} height={sH} fill="var(--moss)" />}
              {s.verdict === 'inside' && (
                <>
                  <rect x={a} y={sTop + 8} width={w} height={sH - 8} fill="var(--amber)" />
                  <rect x={a} y={sTop + 8} width={w} height={sH - 8} fill="url(#p-warn)" />
                </>
              )}
              {fits && s.verdict !== 'inside' && (
                <text
                  x={a + w / 2}
                  y={sTop + 17.5}
                  fontSize="12.500"
                  fontWeight={s.verdict === 'good' ? 650 : 400}
                  textAnchor="middle"
                  fill={s.verdict === 'good' ? 'var(--on-moss)' : 'var(--ink-2)'}
                >
                  {word}
                </text>
              )}
            </g>
          );
        })}
        <line x1={LEFT} x2={W} y1={cTop + cH - 8} y2={cTop + cH - 8} stroke="var(--ink-3)" />
        {plan.alternatives.map((alt) =>
          alt.starts
            .filter((s) => s.sessionId === sessionId)
            .map((s) => {
              const a = x(ms(s.at));
              const mine = plan.sessions.find((y) => y.id === sessionId);
              if (mine && Math.abs(x(ms(mine.startsAt)) - a) < 44) return null;
              return (
                <g key={s.at}>
                  <rect
                    x={a}
                    y={cTop + 16}
                    width="12"
                    height={cH - 24}
                    fill="none"
                    stroke="var(--ink-2)"
                    strokeDasharray="3 2"
                  />
                  <text x={a + 6} y={cTop + 11} fontSize="12.500" textAnchor="middle" fill="var(--ink-2)">
                    {percentOf(alt.chance)} %
                  </text>
                </g>
              );
            }),
        )}
        {plan.sessions.map((s) => (
          <SessionMarks
            key={s.id}
            session={s}
            x={x}
            top={cTop}
            h={cH}
            paint={layerPaint}
            chosen={s.id === sessionId}
          />
        ))}
        <line x1={x(nowMs)} x2={x(nowMs)} y1="20" y2={cTop + cH} stroke="var(--lagoon)" strokeWidth="2" />
        <path d={`M${x(nowMs) - 5} 18h10l-5 8z`} fill="var(--lagoon)" />
      </g>
      {label(
        'Panel',
        pTop + 13,
        f.units === 'us'
          ? `${f.temp(limits.tempMinC)} to ${f.temp(limits.tempMaxC)}`
          : `${limits.tempMinC}–${limits.tempMaxC} °C`,
      )}
      {label('Dew gap', gTop + 16, `${f.gap(limits.dewGapMinK)} or more`)}
      {label('Humidity', hTop + 10, `to ${f.pct(limits.rhMaxFrac)}`)}
      {label('Wind', wTop + 10, `to ${f.speed(limits.windMaxMs)}`)}
      {label('Rain', rTop + 11)}
      {label('Suits it', sTop + 18)}
      {label('Coats', cTop + 26)}
      <rect
        x={LEFT}
        y={sTop}
        width={W - LEFT - RIGHT}
        height={sH}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.500"
      />
    </svg>
  );
}

function SessionMarks({
  session: s,
  x,
  top,
  h,
  paint,
  chosen,
}: {
  session: Session;
  x: (t: number) => number;
  top: number;
  h: number;
  paint: (layerId: string | null) => string;
  chosen: boolean;
}) {
  const a = x(ms(s.startsAt));
  const z = x(ms(s.handleAt));
  const base = top + h - 8;
  return (
    <g>
      <line x1={a} x2={z} y1={base} y2={base} stroke="var(--ink)" strokeWidth="2.500" opacity=".7" />
      {s.activations.map((act) => {
        const p = x(ms(act.at));
        const end = x(ms(act.usableUntil));
        return (
          <path
            key={act.productId}
            d={`M${p} ${top + 18}L${end} ${base}H${p}Z`}
            fill="var(--pot)"
            stroke="var(--lagoon)"
            strokeWidth="1"
            opacity=".7"
          />
        );
      })}
      {s.tasks
        .filter((t) => t.kind === 'coat')
        .map((t) => (
          <rect
            key={t.id}
            x={x(ms(t.startsAt))}
            y={top + 18}
            width={Math.max(3, x(ms(t.endsAt)) - x(ms(t.startsAt)))}
            height={h - 26}
            fill={paint(t.layerId)}
            stroke="var(--ink)"
            strokeWidth=".8"
          />
        ))}
      <text
        x={a - 4}
        y={top + 12}
        fontSize={chosen ? 15 : 13}
        fontWeight={chosen ? 650 : 500}
        fill="var(--ink)"
      >
        {percentOf(s.chance)} %
      </text>
      <g transform={`translate(${z - 6} ${base - 16})`}>
        <g fill="none" stroke="var(--ink)" strokeWidth="1.500">
          <circle cx="6" cy="2" r="1.600" />
          <path d="M6 3.500V12M3 6h6M1 8c.4 3 2.500 4 5 4s4.600-1 5-4" />
        </g>
      </g>
    </g>
  );
}

/** Neighbouring "no" stretches drawn as one, with the reasons that rule most of it first. */
function merged(suit: Suit | undefined): Suit['spans'] {
  const out: (Suit['spans'][number] & { weight: Map<string, number> })[] = [];
  for (const s of suit?.spans ?? []) {
    const last = out.at(-1);
    const first = s.reasons[0];
    const hours = (ms(s.endsAt) - ms(s.startsAt)) / HOUR;
    const into =
      last && last.verdict === 'no' && s.verdict === 'no'
        ? last
        : { ...s, weight: new Map<string, number>() };
    if (into !== last) out.push(into);
    else into.endsAt = s.endsAt;
    if (first) into.weight.set(first, (into.weight.get(first) ?? 0) + hours);
    into.reasons = [...into.weight].sort((a, b) => b[1] - a[1]).map(([c]) => c);
  }
  return out;
}

function dayName(t: number, tz: string): string {
  return new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', timeZone: tz }).format(t);
}

function describe(plan: Plan, suit: Suit | undefined, f: Format): string {
  const good = suit?.spans
    .filter((s) => s.verdict === 'good')
    .slice(0, 5)
    .map((s) => `${f.dayTime(s.startsAt)} to ${f.time(s.endsAt)}`)
    .join('; ');
  return `Weather at the part and what suits the session. Good hours for the first coat: ${good || 'none'}. ${plan.sessions.map((s) => `Session from ${f.dayTime(s.startsAt)}, ${percentOf(s.chance)} per cent`).join('; ')}.`;
}

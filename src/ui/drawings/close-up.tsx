'use client';
/** One session close up: preparation, every coat with its wait, the activation and the life of the can. */
import { useRef, useState, type PointerEvent } from 'react';
import type { Plan, Session, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { tightestPot } from './activation';
import { inkOn, over, paintOf } from './ink';
import { RIBBON } from './ribbon';

const HOUR = 3_600_000;
const MIN = 60_000;
const ms = (iso: string): number => Date.parse(iso);
const PREP_FILL: Readonly<Record<string, string>> = {
  'strip-down': '#E4E8E2',
  fill: '#C9B79A',
  sand: '#D8C19A',
  clean: '#CFE0E6',
  mask: '#E4E8E2',
  tack: '#E4E8E2',
};
const PREP_WORD: Readonly<Record<string, string>> = {
  'strip-down': 'off',
  fill: 'fill',
  sand: 'sand',
  clean: 'clean',
  mask: 'mask',
  tack: 'tack',
};

export function CloseUp({
  plan,
  session: s,
  products,
  jobHex,
  f,
  onShift,
}: {
  plan: Plan;
  session: Session;
  products: readonly Product[];
  jobHex: string;
  f: Format;
  onShift?: (halfHours: number) => void;
}) {
  const { width: W, left: LEFT, right: RIGHT } = RIBBON;
  const from = (Math.floor(((ms(s.startsAt) - 5 * MIN) / HOUR) * 2) / 2) * HOUR;
  const to = Math.max(ms(s.endsAt) + 25 * MIN, from + 3 * HOUR);
  const x = (t: number): number => LEFT + ((t - from) / (to - from)) * (W - LEFT - RIGHT);
  // Dragging moves the whole session by half hours; buttons, arrow keys and the list of starts do the same.
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ x: number; by: number } | null>(null);
  const halfHours = (e: PointerEvent): number => {
    const box = svg.current?.getBoundingClientRect();
    if (!drag || !box || box.width === 0) return 0;
    return Math.round(
      ((((e.clientX - drag.x) * (W / box.width)) / (W - LEFT - RIGHT)) * (to - from)) / (HOUR / 2),
    );
  };
  const grab = onShift
    ? {
        onPointerDown: (e: PointerEvent<SVGGElement>) => {
          if (e.button === 0) {
            e.currentTarget.setPointerCapture(e.pointerId);
            setDrag({ x: e.clientX, by: 0 });
          }
        },
        onPointerMove: (e: PointerEvent<SVGGElement>) => {
          if (drag) {
            const by = halfHours(e);
            if (by !== drag.by) setDrag({ ...drag, by });
          }
        },
        onPointerUp: (e: PointerEvent<SVGGElement>) => {
          const by = halfHours(e);
          setDrag(null);
          if (drag && by !== 0) onShift(by);
        },
        onPointerCancel: () => setDrag(null),
        style: { cursor: drag ? 'grabbing' : 'grab', touchAction: 'pan-y' as const },
      }
    : {};
  const dx = drag ? ((drag.by * (HOUR / 2)) / (to - from)) * (W - LEFT - RIGHT) : 0;
  const hours: number[] = [];
  for (let t = Math.ceil(from / HOUR) * HOUR; t <= to; t += HOUR) hours.push(t);
  // Clock labels are read off the session's own offset, whatever zone the reader is in.
  const offset = ms(`${s.startsAt.slice(0, 19)}Z`) - ms(s.startsAt);
  const clock = (t: number): string => new Date(t + offset).toISOString().slice(11, 16);
  const coats = s.tasks.filter((t) => t.kind === 'coat');
  const paint = (t: Task): string => {
    const l = plan.layers.find((y) => y.id === t.layerId);
    const p = l && products.find((y) => y.id === l.productId);
    if (!p) return '#999999';
    const q = paintOf(p, l?.hex ?? jobHex);
    return over(q.fill, Math.max(0.85, q.alpha));
  };
  const pot = tightestPot(plan, s);
  const act = pot?.act;
  const product = (id: string): string => products.find((p) => p.id === id)?.name ?? id;
  const prep = s.tasks.filter((t) => PREP_FILL[t.kind]);
  const flashes = s.tasks.filter((t) => t.kind === 'flash');
  const last = coats.at(-1);
  const letter = (t: Task): string => `${(t.layerId ?? '').charAt(0).toUpperCase()}${t.coat}`;
  const y = 30;
  const h = 36;
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${W} ${act ? 158 : 108}`}
      width="100%"
      role="img"
      aria-label={`Session close up: ${s.tasks.map((t) => `${f.time(t.startsAt)} ${t.kind}${t.coat ? ` ${t.coat}` : ''}`).join(', ')}`}
    >
      <rect
        x={LEFT}
        y="22"
        width={W - LEFT - RIGHT}
        height={act ? 132 : 82}
        fill="var(--panel)"
        stroke="var(--lagoon)"
      />
      {hours.map((t) => (
        <g key={t}>
          <line x1={x(t)} x2={x(t)} y1="22" y2={act ? 154 : 104} stroke="var(--line-2)" />
          <text x={Math.min(x(t), W - 18)} y="16" fontSize="12.500" textAnchor="middle" fill="var(--ink-2)">
            {clock(t)}
          </text>
        </g>
      ))}
      <text x="0" y={y + 18} fontSize="13.500" fontWeight="600" fill="var(--ink)">
        {f.day(s.startsAt)}
      </text>
      <text x="0" y={y + 34} fontSize="12" fill="var(--ink-2)">
        waits in minutes
      </text>
      <clipPath id="close-up-clip">
        <rect x={LEFT} y="0" width={W - LEFT - RIGHT} height="160" />
      </clipPath>
      <g clipPath="url(#close-up-clip)">
        <g {...grab} transform={dx === 0 ? undefined : `translate(${dx} 0)`}>
          <rect
            x={x(ms(s.startsAt)) - 4}
            y={y - 6}
            width={Math.max(24, x(ms(s.endsAt)) - x(ms(s.startsAt)) + 8)}
            height={h + 26}
            fill="transparent"
          />
          <line
            x1={x(ms(s.startsAt))}
            x2={x(to)}
            y1={y + h / 2}
            y2={y + h / 2}
            stroke="var(--ink-3)"
            strokeDasharray="1 3"
          />
          {prep.map((t) => {
            const a = x(ms(t.startsAt));
            const w = x(ms(t.endsAt)) - a;
            return (
              <g key={t.id}>
                <rect
                  x={a}
                  y={y + 8}
                  width={Math.max(2, w - 1)}
                  height={h - 16}
                  fill={PREP_FILL[t.kind]}
                  stroke="var(--ink-3)"
                  strokeWidth=".8"
                />
                {w > 34 && (
                  <text
                    x={a + w / 2}
                    y={y + 24.5}
                    fontSize="12.500"
                    textAnchor="middle"
                    fill={inkOn(PREP_FILL[t.kind]!)}
                  >
                    {PREP_WORD[t.kind]}
                  </text>
                )}
              </g>
            );
          })}
          {flashes.map((t) => {
            const a = x(ms(t.startsAt));
            const b = x(ms(t.endsAt));
            return (
              <g key={t.id}>
                <line x1={a} x2={b} y1={y + h / 2} y2={y + h / 2} stroke="var(--ink)" strokeWidth="1.500" />
                {b - a > 15 && (
                  <text
                    x={(a + b) / 2}
                    y={y + h / 2 - 5}
                    fontSize="12"
                    textAnchor="middle"
                    fill="var(--ink-2)"
                  >
                    {Math.round((ms(t.endsAt) - ms(t.startsAt)) / MIN)}
                  </text>
                )}
              </g>
            );
          })}
          {coats.map((t) => {
            const a = x(ms(t.startsAt));
            const w = Math.max(4, x(ms(t.endsAt)) - a);
            const c = paint(t);
            return (
              <g key={t.id}>
                <rect
                  x={a}
                  y={y}
                  width={w}
                  height={h}
                  fill={c}
                  stroke="var(--ink)"
                  strokeWidth="1"
                  strokeDasharray="3 2"
                />
                {w > 22 ? (
                  <text
                    x={a + w / 2}
                    y={y + 25}
                    fontSize="12.500"
                    fontWeight="650"
                    textAnchor="middle"
                    fill={inkOn(c)}
                  >
                    {letter(t)}
                  </text>
                ) : (
                  <text
                    x={a + w / 2}
                    y={y + h + 15}
                    fontSize="12.500"
                    fontWeight="650"
                    textAnchor="middle"
                    fill="var(--ink)"
                  >
                    {letter(t)}
                  </text>
                )}
              </g>
            );
          })}
          {last &&
            (() => {
              // After the last coat: dust-free as a tick, and until when it stays under cover; beside the tick where there is room, else under the coats.
              const d = x(ms(s.dustFreeAt));
              const beside = d < W - 190;
              const words = [
                `dust-free ${f.time(s.dustFreeAt)}`,
                `under cover to ${f.time(s.handleAt)}${s.handleAt.slice(0, 10) !== s.startsAt.slice(0, 10) ? `, ${f.day(s.handleAt)}` : ''}`,
              ];
              return (
                <g fontSize="12.500" stroke="var(--panel)" strokeWidth="3" paintOrder="stroke">
                  <line
                    x1={d}
                    x2={d}
                    y1={y + h / 2 - 8}
                    y2={y + h / 2 + 8}
                    stroke="var(--ink)"
                    strokeWidth="2"
                  />
                  {beside ? (
                    <>
                      <text x={d + 6} y={y + 8} fill="var(--ink)">
                        {words[0]}
                      </text>
                      <text x={d + 6} y={y + h} fill="var(--ink-2)">
                        {words[1]}
                      </text>
                    </>
                  ) : (
                    <text x={W - RIGHT - 4} y={y + h + 30} textAnchor="end" fill="var(--ink)">
                      {words.join(', ')}
                    </text>
                  )}
                </g>
              );
            })()}
          {pot &&
            act &&
            (() => {
              const a = x(ms(act.at));
              const end = ms(act.usableUntil);
              const top = 104;
              const bottom = 148;
              const life = end - ms(act.at);
              const yAt = (t: number): number => top + (bottom - top) * Math.min(1, (t - ms(act.at)) / life);
              const usedTo = Math.min(ms(pot.last.endsAt), end);
              const edge = Math.min(end, to);
              return (
                <g>
                  <line x1={a} x2={a} y1={y - 6} y2={bottom} stroke="var(--lagoon)" strokeWidth="2" />
                  <circle
                    cx={a}
                    cy={y - 8}
                    r="5"
                    fill="var(--lagoon)"
                    stroke="var(--panel)"
                    strokeWidth="1.500"
                  />
                  <path
                    d={`M${a} ${top}L${x(edge)} ${yAt(edge)}V${bottom}H${a}Z`}
                    fill="var(--pot)"
                    stroke="var(--lagoon)"
                  />
                  <path d={`M${a} ${top}L${x(usedTo)} ${yAt(usedTo)}V${bottom}H${a}Z`} fill="var(--lagoon)" />
                  {(() => {
                    // Beside the wedge where there is room before it, else over its pale part.
                    const before = a - LEFT > 290;
                    const tx = before ? a - 10 : x(usedTo) + 10;
                    const anchor = before ? 'end' : 'start';
                    return (
                      <g stroke="var(--panel)" strokeWidth="3" paintOrder="stroke">
                        <text
                          x={tx}
                          y={top + 16}
                          fontSize="13"
                          fontWeight="600"
                          textAnchor={anchor}
                          fill="var(--ink)"
                        >
                          all coats in {Math.round((ms(pot.last.endsAt) - ms(act.at)) / MIN)} min, prudent to{' '}
                          {f.time(act.prudentUntil)}
                        </text>
                        <text x={tx} y={top + 33} fontSize="12.500" textAnchor={anchor} fill="var(--ink-2)">
                          {s.activations.length > 1 ? `${product(act.productId)}: ` : ''}dead{' '}
                          {f.dayTime(act.usableUntil)}
                        </text>
                      </g>
                    );
                  })()}
                </g>
              );
            })()}
        </g>
      </g>
      {act && (
        <>
          <text x="0" y="116" fontSize="13.500" fontWeight="600" fill="var(--ink)">
            Pot life
          </text>
          <text x="0" y="132" fontSize="12" fill="var(--ink-2)">
            {durationOf((ms(act.usableUntil) - ms(act.at)) / MIN)}
          </text>
          <text x="0" y="147" fontSize="12" fill="var(--ink-2)">
            from {f.time(act.at)}
          </text>
        </>
      )}
      {drag && drag.by !== 0 && (
        <text
          x={LEFT + 6}
          y="16"
          fontSize="13"
          fontWeight="650"
          fill="var(--lagoon-deep)"
          stroke="var(--panel)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          {drag.by > 0 ? 'later' : 'earlier'} by {durationOf(Math.abs(drag.by) * 30)}: start{' '}
          {clock(ms(s.startsAt) + (drag.by * HOUR) / 2)}
        </text>
      )}
    </svg>
  );
}

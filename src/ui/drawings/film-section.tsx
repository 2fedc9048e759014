'use client';
/** The cross-section to scale: the first of the two signatures. Large on Build-up, a spine elsewhere, small on the bench. */
import { useFormat } from '../theme/providers';
import { inkOn, over, SUBSTRATE_FILL } from './ink';
import { stackInWords, type Band, type SeamMark, type Stack } from './stack';

export interface FilmSectionProps {
  readonly stack: Stack;
  readonly pxPerUm: number;
  readonly width: number;
  readonly gaugeMax: number;
  readonly size: 'large' | 'phone' | 'spine' | 'bench' | 'mini';
  readonly selected?: string | null;
  readonly onSelect?: (id: string) => void;
}

const SUB_H = { large: 56, phone: 44, spine: 44, bench: 28, mini: 14 } as const;

function SawTooth({ x, y, w }: { x: number; y: number; w: number }) {
  const step = 6;
  const n = Math.floor(w / step);
  const d = `M${x} ${y}` + Array.from({ length: n }, () => `l${step / 2} -3 l${step / 2} 3`).join('');
  return <path d={d} fill="none" stroke="var(--ink)" strokeWidth="1.2" />;
}

function Halftone({ x, y, w, colour }: { x: number; y: number; w: number; colour: string }) {
  const rows = [
    [0, 2],
    [4.6, 1.5],
    [9, 0.9],
  ] as const;
  const d: { cx: number; cy: number; r: number }[] = [];
  rows.forEach(([up, r], k) => {
    for (let i = 0; i * 6 + 5 < w; i++) d.push({ cx: x + 4 + i * 6 + (k % 2) * 3, cy: y - 2 - up, r });
  });
  return (
    <g fill={colour}>
      {d
        .filter((p) => p.cx < x + w - 1)
        .map((p, i) => (
          <circle key={i} {...p} />
        ))}
    </g>
  );
}

function Body({
  band,
  x,
  w,
  top,
  pxPerUm,
  selected,
}: {
  band: Band;
  x: number;
  w: number;
  top: number;
  pxPerUm: number;
  selected: boolean;
}) {
  const h = band.um * pxPerUm;
  const doneH = band.doneCoats * band.umPerCoat * pxPerUm;
  const planH = h - doneH;
  const rect = (y: number, height: number, strength: number) =>
    height > 0 && (
      <g opacity={1}>
        <rect
          x={x}
          y={y}
          width={w}
          height={height}
          fill={over(band.paint.fill, band.paint.alpha * strength)}
        />
        <rect x={x} y={y} width={w} height={height} fill={`url(#${band.paint.texture})`} opacity={strength} />
      </g>
    );
  return (
    <g>
      {band.paint.perCoat ? (
        Array.from({ length: band.coats }, (_, i) => {
          const c = band.umPerCoat * pxPerUm;
          return (
            <rect
              key={i}
              x={x}
              y={top + h - (i + 1) * c}
              width={w}
              height={c}
              fill={over(band.paint.perCoat![i] ?? band.paint.fill, i < band.doneCoats ? 1 : 0.7)}
            />
          );
        })
      ) : (
        <>
          {rect(top + planH, doneH, 1)}
          {rect(top, planH, 0.58)}
        </>
      )}
      {Array.from({ length: band.coats - 1 }, (_, i) => {
        const y = top + h - (i + 1) * band.umPerCoat * pxPerUm;
        return (
          <line
            key={i}
            x1={x}
            x2={x + w}
            y1={y}
            y2={y}
            stroke="var(--ink)"
            strokeWidth=".8"
            strokeDasharray="1 3"
            opacity=".6"
          />
        );
      })}
      {planH > 0 && (
        <path
          d={`M${x} ${top + planH}V${top}H${x + w}V${top + planH}`}
          fill="none"
          stroke="var(--ink-2)"
          strokeWidth="1.2"
          strokeDasharray="5 3"
        />
      )}
      {doneH > 0 && (
        <path
          d={`M${x} ${top + h}V${top + planH}H${x + w}V${top + h}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
      )}
      {band.awayUm * pxPerUm > 4 && (
        <line
          x1={x}
          x2={x + w}
          y1={top + band.awayUm * pxPerUm}
          y2={top + band.awayUm * pxPerUm}
          stroke="var(--ink-2)"
          strokeWidth="1.2"
          strokeDasharray="7 4"
        />
      )}
      {selected && (
        <rect
          x={x - 3}
          y={top - 2}
          width={w + 6}
          height={h + 4}
          fill="none"
          stroke="var(--lagoon)"
          strokeWidth="2.5"
        />
      )}
    </g>
  );
}

/** Positions pushed apart so that no two are nearer than `gap`, kept above `floor`. */
export function spread(ys: readonly number[], gap: number, floor: number): number[] {
  const order = ys.map((y, i) => ({ y, i })).sort((a, b) => b.y - a.y);
  let last = floor + gap;
  for (const o of order) {
    o.y = Math.min(o.y, last - gap);
    last = o.y;
  }
  const out = new Array<number>(ys.length);
  for (const o of order) out[o.i] = o.y;
  return out;
}

function Tag({
  x,
  y,
  mark,
  active,
  size,
}: {
  x: number;
  y: number;
  mark: SeamMark;
  active: boolean;
  size: number;
}) {
  const stroke = mark.verdict === 'no' ? 'var(--oxide)' : active ? 'var(--lagoon)' : 'var(--ink)';
  return (
    <g>
      <path
        d={`M${x + 8} ${y - 20}H${x + 124}V${y + 20}H${x + 8}L${x} ${y + 11}V${y - 11}Z`}
        fill={
          mark.verdict === 'no'
            ? 'var(--oxide-tint)'
            : mark.verdict === 'care'
              ? 'var(--amber-tint)'
              : 'var(--panel)'
        }
        stroke={stroke}
        strokeWidth={active ? 2.2 : 1.1}
      />
      <circle cx={x + 9} cy={y} r="2.4" fill="var(--panel)" stroke={stroke} />
      <text x={x + 18} y={y - 3} fontSize={size} fontWeight="600" fill="var(--ink)">
        {mark.line1}
      </text>
      <text x={x + 18} y={y + 13} fontSize={size} fill="var(--ink-2)">
        {mark.line2}
      </text>
    </g>
  );
}

export function FilmSection({
  stack,
  pxPerUm,
  width,
  gaugeMax,
  size,
  selected = null,
  onSelect,
}: FilmSectionProps) {
  const f = useFormat();
  const phone = size === 'phone';
  const large = size === 'large' || phone;
  const mini = size === 'mini';
  const bench = size === 'bench' || mini;
  const gauge = bench ? 0 : phone ? 44 : 48;
  const bandW = mini
    ? width
    : bench
      ? Math.min(118, width * 0.56)
      : phone
        ? 136
        : large
          ? 222
          : width - gauge - 4;
  const x = gauge + (bench ? 0 : 2);
  const topPad = mini ? 6 : bench ? 8 : 26;
  const base = topPad + gaugeMax * pxPerUm;
  const height = base + SUB_H[size] + (bench ? 2 : 8);
  // Running base of each band, summed without changing anything while drawing.
  const bottoms = stack.bands.map(
    (_, i) => base - stack.bands.slice(0, i).reduce((a, b) => a + b.um, 0) * pxPerUm,
  );
  const sub = SUBSTRATE_FILL[stack.substrate];
  const doneY = base - stack.doneUm * pxPerUm;
  const outside = stack.bands.map((b, i) => ({
    b,
    y: bottoms[i]! - (b.um * pxPerUm) / 2,
    inside: !bench && b.um * pxPerUm >= 18,
  }));
  const labels = outside.filter((o) => !o.inside);
  const labelY = spread(
    labels.map((o) => o.y),
    17,
    base - 4,
  );
  const lead = phone ? 22 : 40;
  const tags = large
    ? stack.seams.map((m) => ({ m, y: bottoms[stack.bands.findIndex((b) => b.id === m.above)]! }))
    : [];
  const tagY = spread(
    tags.map((t) => t.y),
    46,
    base + 24,
  );
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={stackInWords(stack, f)}
      style={{ maxWidth: '100%', height: 'auto' }}
    >
      {!bench && (
        <>
          <line x1={x - 10} x2={x - 10} y1={base} y2={topPad} stroke="var(--ink-3)" />
          {Array.from({ length: gaugeMax / 10 + 1 }, (_, i) => i * 10).map((um) => {
            const y = base - um * pxPerUm;
            const major = um % 50 === 0;
            return (
              <g key={um}>
                <line
                  x1={x - (major ? 19 : 15)}
                  x2={x - 10}
                  y1={y}
                  y2={y}
                  stroke="var(--ink-3)"
                  strokeWidth={major ? 1.2 : 0.8}
                />
                {major && (
                  <text x={x - 23} y={y + 4} fontSize={phone ? 14 : 12} textAnchor="end" fill="var(--ink-2)">
                    {f.units === 'us' ? f.film(um).replace(' mil', '') : um}
                  </text>
                )}
              </g>
            );
          })}
          <text x={x - 8} y={topPad - 10} fontSize={phone ? 14 : 12} textAnchor="end" fill="var(--ink-3)">
            {f.units === 'us' ? 'mil' : 'µm'}
          </text>
        </>
      )}
      {bench &&
        !mini &&
        [50, 100, 150, 200]
          .filter((um) => um <= gaugeMax)
          .map((um) => {
            const y = base - um * pxPerUm;
            const free = labelY.every((l) => Math.abs(l - y + 6) > 13);
            return (
              <g key={um}>
                <line
                  x1={x}
                  x2={free ? width : x + bandW}
                  y1={y}
                  y2={y}
                  stroke="var(--rule)"
                  strokeWidth=".8"
                  strokeDasharray="1 4"
                />
                {free && (
                  <text x={width} y={y - 3} fontSize="12" textAnchor="end" fill="var(--ink-3)">
                    {f.film(um)}
                  </text>
                )}
              </g>
            );
          })}
      <rect x={x} y={base} width={bandW} height={SUB_H[size]} fill={sub.fill} />
      <rect x={x} y={base} width={bandW} height={SUB_H[size]} fill={`url(#${sub.hatch})`} />
      <line x1={x} x2={x + bandW} y1={base} y2={base} stroke="var(--ink)" strokeWidth="1.6" />
      {!bench && (
        <>
          <rect x={x + 8} y={base + 13} width={large ? 78 : 72} height="22" fill={sub.fill} />
          <text x={x + 14} y={base + 29} fontSize="13.5" fontWeight="650" fill={inkOn(sub.fill)}>
            {stack.substrate === 'aluminium'
              ? 'Aluminium'
              : stack.substrate === 'steel'
                ? 'Steel'
                : stack.substrate.toUpperCase()}
          </text>
        </>
      )}
      {stack.bands.map((b, i) => (
        <g
          key={b.id}
          onClick={onSelect ? () => onSelect(b.id) : undefined}
          style={onSelect ? { cursor: 'pointer' } : undefined}
        >
          <Body
            band={b}
            x={x}
            w={bandW}
            top={bottoms[i]! - b.um * pxPerUm}
            pxPerUm={pxPerUm}
            selected={selected === b.id}
          />
        </g>
      ))}
      {stack.seams.map((m) => {
        const i = stack.bands.findIndex((b) => b.id === m.above);
        if (i < 0) return null;
        const y = bottoms[i]!;
        if (m.join === 'wet-on-wet' && i > 0)
          return (
            <Halftone
              key={m.above}
              x={x}
              y={y}
              w={bandW}
              colour={over(stack.bands[i - 1]!.paint.fill, stack.bands[i - 1]!.doneCoats > 0 ? 1 : 0.7)}
            />
          );
        return m.join === 'none' ? (
          <rect key={m.above} x={x} y={y - 5} width={bandW} height="10" fill="url(#p-no)" />
        ) : (
          <SawTooth key={m.above} x={x} y={y} w={bandW} />
        );
      })}
      {outside
        .filter((o) => o.inside)
        .map(({ b, y }) => {
          const drawn = over(b.paint.fill, b.paint.alpha * (b.doneCoats > b.coats / 2 ? 1 : 0.58));
          const ink = inkOn(drawn);
          const two = b.um * pxPerUm >= 38;
          return (
            <g key={b.id} pointerEvents="none" stroke={drawn} strokeWidth="4" paintOrder="stroke">
              <text
                x={x + 12}
                y={y + (two ? -3 : 5)}
                fontSize={large ? 15 : 13.5}
                fontWeight="650"
                fill={ink}
              >
                {large && !phone ? b.name : b.role}
                {!two && (
                  <tspan fontWeight="400" fontSize="13">
                    {'  '}
                    {large ? `${b.coats} × ${f.film(b.umPerCoat)}` : f.film(b.um)}
                  </tspan>
                )}
              </text>
              {two && (
                <text x={x + 12} y={y + 14} fontSize={phone ? 14 : 13} fill={ink}>
                  {large
                    ? `${b.coats} × ${f.film(b.umPerCoat)}${b.doneCoats > 0 ? (b.doneCoats === b.coats ? ', sprayed' : `, ${b.doneCoats} sprayed`) : ''}`
                    : f.film(b.um)}
                </text>
              )}
            </g>
          );
        })}
      {bench &&
        !mini &&
        labels.map(({ b, y }, i) => (
          <g key={b.id}>
            <path
              d={`M${x + bandW} ${y}H${x + bandW + 8}L${x + bandW + 12} ${labelY[i]!}`}
              stroke="var(--ink-3)"
              fill="none"
            />
            <text
              x={x + bandW + 15}
              y={labelY[i]! + 4}
              fontSize="13"
              fontWeight={b.doneCoats > 0 ? 650 : 400}
              fill={b.doneCoats > 0 ? 'var(--ink)' : 'var(--ink-2)'}
            >
              {b.role} <tspan dx="2">{f.units === 'us' ? f.film(b.um) : b.um}</tspan>
            </text>
          </g>
        ))}
      {size === 'spine' &&
        labels.map(({ b }, i) => (
          <text
            key={b.id}
            x={x + bandW - 6}
            y={labelY[i]! + 4}
            fontSize="12"
            textAnchor="end"
            fill="var(--ink)"
            stroke="var(--panel)"
            strokeWidth="3"
            paintOrder="stroke"
          >
            {b.role} {f.film(b.um)}
          </text>
        ))}
      {large &&
        labels.map(({ b }, i) => (
          <text
            key={b.id}
            x={x + 12}
            y={labelY[i]! + 4}
            fontSize={phone ? 14 : 12.5}
            fontWeight="600"
            fill="var(--ink)"
            stroke="var(--panel)"
            strokeWidth="3.5"
            paintOrder="stroke"
            pointerEvents="none"
          >
            {phone ? b.role : b.name}, {b.coats} × {f.film(b.umPerCoat)}
          </text>
        ))}
      {tags.map(({ m, y }, i) => (
        <g key={m.above}>
          <circle cx={x + bandW} cy={y} r="2.6" fill="var(--ink)" />
          <path
            d={`M${x + bandW} ${y}H${x + bandW + lead * 0.35}L${x + bandW + lead * 0.75} ${tagY[i]!}H${x + bandW + lead}`}
            fill="none"
            stroke="var(--string)"
            strokeWidth="1.5"
          />
          <Tag
            x={x + bandW + lead}
            size={phone ? 14 : 13}
            y={tagY[i]!}
            mark={m}
            active={selected === m.above}
          />
        </g>
      ))}
      {large && (
        <g>
          <text
            x={x + bandW + 14}
            y={base - stack.totalUm * pxPerUm - 8}
            fontSize="14"
            fontWeight="650"
            fill="var(--ink)"
          >
            {f.film(stack.totalUm)} in all
          </text>
        </g>
      )}
      <g transform={`translate(${x} ${doneY})`}>
        <path d="M-16 -6h9l7 6-7 6h-9z" fill="var(--lagoon)" />
        <line
          x1="0"
          x2={bandW}
          y1="0"
          y2="0"
          stroke="var(--lagoon)"
          strokeWidth={stack.doneUm > 0 ? 2.5 : 0}
        />
      </g>
    </svg>
  );
}

/** A table of the same stack, behind a disclosure. */
export function StackTable({ stack }: { stack: Stack }) {
  const f = useFormat();
  return (
    <details>
      <summary>The same as a table</summary>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Layers as a table">
        <table className="tbl">
          <caption className="sr">Layers, top down</caption>
          <thead>
            <tr>
              <th>Layer</th>
              <th className="num">coats</th>
              <th className="num">film a coat</th>
              <th className="num">film</th>
              <th className="num">sprayed</th>
            </tr>
          </thead>
          <tbody>
            {[...stack.bands].reverse().map((b) => (
              <tr key={b.id}>
                <td>{b.name}</td>
                <td className="num">{b.coats}</td>
                <td className="num">{f.film(b.umPerCoat)}</td>
                <td className="num">{f.film(b.um)}</td>
                <td className="num">
                  {b.doneCoats} of {b.coats}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}

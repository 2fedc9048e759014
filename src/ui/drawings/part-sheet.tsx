/** The parts laid out flat to one scale: condition on the face, hidden edges hatched, posture, area. */
import type { Part } from '@/model/job';
import { partAreaM2 } from '@/core/surface/area';
import { facesOf, type Face as Side } from '@/core/surface/shape';
import type { Format } from '@/words/format';
import { CONDITION_NAMES, POSTURE_NAMES } from '@/words/names';
import { SUBSTRATE_FILL } from './ink';

/** Posture: the heavy bar is the face, the arrow the spray. */
function Posture({ x, y, posture }: { x: number; y: number; posture: Part['posture'] }) {
  const turn = { flat: 0, sloped: 45, upright: -90, underside: 180 }[posture];
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`} stroke="var(--ink)" fill="none">
      <path d="M-8 6H8" strokeWidth="3" />
      <path d="M0 -9V2M-3 -1.500L0 2.500L3 -1.500" strokeWidth="1.600" />
    </g>
  );
}

const PLATES = [
  [8, 6, 22, 14],
  [34, 3, 26, 18],
  [64, 8, 20, 16],
  [14, 26, 24, 18],
  [44, 26, 18, 14],
  [68, 30, 24, 16],
] as const;

function Face({ p, w, h, id }: { p: Part; w: number; h: number; id: string }) {
  const s = SUBSTRATE_FILL[p.substrate];
  if (p.condition === 'bare')
    return (
      <g>
        <rect width={w} height={h} fill={s.fill} />
        <rect width={w} height={h} fill={`url(#${s.hatch})`} opacity=".55" />
      </g>
    );
  if (p.condition === 'e-coat')
    return (
      <g>
        <rect width={w} height={h} fill="#3A4145" />
        <rect width={w} height={h} fill="url(#x-solid)" />
      </g>
    );
  if (p.condition === 'filled')
    return (
      <g>
        <rect width={w} height={h} fill={s.fill} />
        <rect width={w} height={h} fill="#C9B88A" opacity=".8" />
        <rect width={w} height={h} fill="url(#x-filler)" />
      </g>
    );
  if (p.condition === 'rust')
    return (
      <g>
        <rect width={w} height={h} fill={s.fill} />
        <rect width={w} height={h} fill="url(#x-rust)" />
      </g>
    );
  return (
    <g>
      <clipPath id={`${id}-c`}>
        <rect width={w} height={h} />
      </clipPath>
      <rect
        width={w}
        height={h}
        fill={
          p.condition === 'sound-paint' ? '#7B3F33' : p.condition === 'unknown-paint' ? '#6E6A63' : '#A9695A'
        }
      />
      <rect width={w} height={h} fill="url(#x-solid)" />
      {p.condition === 'failing-clear' && (
        <g clipPath={`url(#${id}-c)`} stroke="#F3E3DD" strokeWidth="1.200" fill="#C08A7C">
          {Array.from({ length: Math.ceil(w / 96) * Math.ceil(h / 50) }, (_, i) => {
            const cx = (i % Math.ceil(w / 96)) * 96;
            const cy = Math.floor(i / Math.ceil(w / 96)) * 50;
            return (
              <g key={i} transform={`translate(${cx} ${cy})`}>
                {PLATES.map(([a, b, c, d]) => (
                  <path
                    key={a}
                    d={`M${a} ${b + 4}l${c * 0.4} -4 ${c * 0.6} 3 -${c * 0.2} ${d} -${c * 0.6} 2z`}
                  />
                ))}
              </g>
            );
          })}
        </g>
      )}
    </g>
  );
}

interface Laid {
  readonly p: Part;
  readonly side: Side;
  readonly L: number;
  readonly W: number;
}

/** A face laid flat: a tube is slit open along its length, a polygon keeps its outline. */
function laidFlat(p: Part): Laid[] {
  const sides = facesOf(p);
  // A frame has many tubes of a kind: the first few stand for them, the figure counts all.
  return sides
    .slice(0, 8)
    .map((side) =>
      side.rounds > 1
        ? { p, side, L: side.lengthMm, W: (side.areaM2 * 1e6) / side.lengthMm }
        : { p, side, L: side.lengthMm, W: side.widthMm },
    );
}

export function PartSheet({
  parts,
  f,
  selected,
  onSelect,
}: {
  parts: readonly Part[];
  f: Format;
  selected: string | null;
  onSelect: (id: string) => void;
}) {
  const faces = parts.flatMap(laidFlat);
  const width = 716;
  const gap = 26;
  const most = Math.max(...faces.map((q) => q.L));
  // One scale for all: the longest face takes at most 0.45 of the width, the tallest at most 190 px.
  const tall = 190 / Math.max(...faces.map((q) => q.W));
  const row = (width - gap * (faces.length - 1)) / faces.reduce((a, q) => a + q.L, 0);
  // In one row where that leaves the parts large enough to read, else in several.
  const scale = Math.max(
    0.02,
    row * most >= 170 ? Math.min(row, tall, 0.5) : Math.min((width * 0.31) / most, tall, 0.5),
  );
  const placed: (Laid & { x: number; y: number; w: number; h: number; first: boolean })[] = [];
  let x = 0;
  let y = 24;
  let rowH = 0;
  for (const q of faces) {
    const w = q.L * scale;
    const h = Math.max(3, q.W * scale);
    if (x > 0 && x + Math.max(w, 110) > width) {
      x = 0;
      y += rowH + 66;
      rowH = 0;
    }
    placed.push({ ...q, x, y, w, h, first: placed.at(-1)?.p !== q.p });
    x += Math.max(w, 120) + gap;
    rowH = Math.max(rowH, h);
  }
  const height = y + rowH + 46;
  const bar = [100, 200, 500, 1000].find((mm) => mm * scale >= 50) ?? 1000;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={`Parts to one scale: ${parts.map((p) => `${p.name ?? p.id} ${f.length(p.lengthMm)} by ${f.length(p.widthMm)}, ${f.area(partAreaM2(p))}`).join('; ')}`}
    >
      {placed.map((q, i) => {
        const id = `face-${i}-${q.p.id}`;
        const many = facesOf(q.p).length;
        const outline = Array.isArray(q.side.outline) ? q.side.outline : null;
        const x0 = outline ? Math.min(...outline.map((c) => c[0])) : 0;
        const y0 = outline ? Math.min(...outline.map((c) => c[1])) : 0;
        const shape = outline ? (
          <polygon points={outline.map(([a, b]) => `${(a - x0) * scale},${(b - y0) * scale}`).join(' ')} />
        ) : q.side.outline === 'ellipse' ? (
          <ellipse cx={q.w / 2} cy={q.h / 2} rx={q.w / 2} ry={q.h / 2} />
        ) : (
          <rect width={q.w} height={q.h} />
        );
        const b = Math.max(3, Math.min(q.w, q.h) * (1 - 1 / Math.sqrt(1 + q.p.hiddenEdgePct / 100)));
        return (
          <g
            key={id}
            transform={`translate(${q.x} ${q.y})`}
            onClick={() => onSelect(q.p.id)}
            style={{ cursor: 'pointer' }}
          >
            <clipPath id={id}>{shape}</clipPath>
            <text x="0" y="-8" fontSize="13.500" fontWeight={q.first ? 650 : 400} fill="var(--ink)">
              {q.first
                ? `${q.p.name ?? q.p.id}${(q.p.count ?? 1) > 1 ? ` × ${q.p.count}` : ''}${many > 1 ? `, ${q.side.name}` : ''}`
                : q.side.name}
            </text>
            <g clipPath={`url(#${id})`}>
              <Face p={q.p} w={q.w} h={q.h} id={id} />
              {(q.p.zones ?? []).map((z, k) => {
                const before = (q.p.zones ?? []).slice(0, k).reduce((a, y) => a + y.sharePct, 0);
                const w = (q.w * z.sharePct) / 100;
                return (
                  <g key={k} transform={`translate(${q.w - (q.w * (before + z.sharePct)) / 100} 0)`}>
                    <Face
                      p={{ ...q.p, condition: z.condition }}
                      w={Math.max(2, w)}
                      h={q.h}
                      id={`${id}-z${k}`}
                    />
                    <line
                      x1="0"
                      x2="0"
                      y1="0"
                      y2={q.h}
                      stroke="var(--panel)"
                      strokeWidth="2"
                      strokeDasharray="4 3"
                    />
                  </g>
                );
              })}
              {q.p.hiddenEdgePct > 0 && q.h > 8 && (
                <path
                  d={`M0 0H${q.w}V${q.h}H0ZM${b} ${b}V${q.h - b}H${q.w - b}V${b}Z`}
                  fillRule="evenodd"
                  fill="url(#p-hidden)"
                />
              )}
            </g>
            <g
              fill="none"
              stroke={selected === q.p.id ? 'var(--lagoon)' : 'var(--ink)'}
              strokeWidth={selected === q.p.id ? 2.5 : 1.5}
              strokeDasharray={q.p.shape?.kind === 'known' ? '5 3' : undefined}
            >
              {shape}
            </g>
            {q.w > 96 && q.h > 44 && (
              <g>
                <rect
                  x={q.w / 2 - 48}
                  y={q.h / 2 - 15}
                  width="96"
                  height="30"
                  fill="var(--panel)"
                  opacity=".94"
                />
                <Posture x={q.w / 2 - 33} y={q.h / 2} posture={q.side.posture} />
                <text x={q.w / 2 - 16} y={q.h / 2 + 5} fontSize="13.500" fontWeight="650" fill="var(--ink)">
                  {f.area(q.side.areaM2)}
                </text>
              </g>
            )}
            <text x="0" y={q.h + 16} fontSize="12.500" fill="var(--ink-2)">
              {f.length(q.L)} × {f.length(q.W)}
            </text>
            {q.first && (
              <text x="0" y={q.h + 31} fontSize="12.500" fill="var(--ink-2)">
                {CONDITION_NAMES[q.p.condition]}, {POSTURE_NAMES[q.side.posture]}
                {many > 8 ? `; ${many} faces` : ''}
              </text>
            )}
          </g>
        );
      })}
      <g transform={`translate(${width - bar * scale - 4} ${height - 10})`}>
        <rect width={(bar * scale) / 2} height="5" fill="var(--ink)" />
        <rect x={(bar * scale) / 2} width={(bar * scale) / 2} height="5" fill="#fff" stroke="var(--ink)" />
        <text x={(bar * scale) / 2} y="-5" fontSize="12" textAnchor="middle" fill="var(--ink-2)">
          {f.length(bar)}
        </text>
      </g>
    </svg>
  );
}

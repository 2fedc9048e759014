/** Where the paint goes: steps up from the film that stays to what must be ready, each on top of the one before. */
import type { Material } from '@/model/plan';

const FILL: Readonly<Record<string, string>> = {
  film: 'var(--lagoon)',
  sanded: '#C8A777',
  carrier: '#9FC2C4',
  overspray: '#CFE0E6',
  overrun: '#D8C19A',
  habit: '#B8A7C9',
  nozzle: '#B9C7B0',
  nib: '#B9C7B0',
  purge: '#B9C7B0',
  heel: '#C9CFC9',
  margin: '#E9D3A4',
  spare: 'var(--lagoon-tint)',
};
export const CAUSE_NAMES: Readonly<Record<string, string>> = {
  film: 'stays as film',
  sanded: 'sanded off again',
  carrier: 'flies off (solvent, propellant)',
  overspray: 'misses the part',
  overrun: 'past the edges',
  habit: 'your own use against that',
  nozzle: 'test cards',
  nib: 'nibs and runs done again',
  purge: 'left in nozzle or gun',
  heel: 'left in the pack',
  margin: 'against running out',
  spare: 'spare can',
};
const SIZES = {
  wide: { row: 25, left: 190, right: 84, w: 560 },
  narrow: { row: 40, left: 2, right: 76, w: 340 },
} as const;

export function Waterfall({
  material: m,
  name,
  text,
  size = 'wide',
}: {
  material: Material;
  name: string;
  text: (ml: number) => string;
  size?: keyof typeof SIZES;
}) {
  const { row: ROW, left: LEFT, right: RIGHT, w: W } = SIZES[size];
  const wide = size === 'wide';
  const top = wide ? 0 : 18;
  const bar = wide ? ROW - 8 : ROW - 24;
  const line = wide ? 15 : top + 13;
  const steps = m.breakdown.filter((b) => Math.abs(b.ml) > 0.04);
  const total = Math.max(1, m.needMl);
  const x = (ml: number): number => LEFT + (ml / total) * (W - LEFT - RIGHT);
  const rows: { label: string; from: number; to: number; fill: string; sum: boolean }[] = [];
  let at = 0;
  steps.forEach((b) => {
    if (b.cause === 'heel')
      rows.push({ label: 'expected use', from: 0, to: at, fill: 'var(--ink-2)', sum: true });
    rows.push({
      label: CAUSE_NAMES[b.cause] ?? b.cause,
      from: at,
      to: at + b.ml,
      fill: FILL[b.cause] ?? 'var(--line)',
      sum: false,
    });
    at += b.ml;
  });
  rows.push({ label: 'to have ready', from: 0, to: at, fill: 'var(--ink)', sum: true });
  const height = rows.length * ROW + 6;
  return (
    <svg
      viewBox={`0 0 ${W} ${height}`}
      role="img"
      aria-label={`${name}: ${rows.map((r) => `${r.label} ${r.to < r.from ? 'less ' : ''}${text(Math.abs(r.to - r.from))}`).join(', ')}`}
      style={{ width: '100%', maxWidth: 680, display: 'block' }}
    >
      {rows.map((r, i) => {
        const y = i * ROW + 3;
        const less = r.to < r.from;
        const a = x(Math.min(r.from, r.to));
        const z = Math.max(x(Math.max(r.from, r.to)), a + 1.5);
        return (
          <g key={i}>
            <text
              x={wide ? LEFT - 10 : 0}
              y={wide ? y + 15 : y + 14}
              fontSize="13"
              textAnchor={wide ? 'end' : 'start'}
              fontWeight={r.sum ? 650 : 400}
              fill={r.sum ? 'var(--ink)' : 'var(--ink-2)'}
            >
              {r.label}
            </text>
            <rect
              x={a}
              y={y + top + (r.sum ? 6 : 2)}
              width={z - a}
              height={r.sum ? 6 : bar}
              fill={r.fill}
              stroke="var(--ink-3)"
              strokeWidth={r.sum ? 0 : 0.6}
            />
            {!r.sum && rows[i + 1] && !rows[i + 1]!.sum && (
              <path
                d={`M${less ? a : z} ${y + top + 2}V${y + ROW + top + 2}`}
                stroke="var(--ink-3)"
                strokeWidth="1"
                strokeDasharray="2 2"
              />
            )}
            <text x={z + 7} y={y + line} fontSize="13" fontWeight={r.sum ? 650 : 400} fill="var(--ink)">
              {less ? '−' : ''}
              {text(Math.abs(r.to - r.from))}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** Cans side by side: what each one is expected to spray, its heel, what stays sealed. */
import type { DrawnCan } from '../materials/assignment';
import { inkOn, over, type Paint } from './ink';

const W = 62;
const H = 128;
const GAP = 14;

export function Cans({
  cans,
  paint,
  name,
  text,
}: {
  cans: readonly DrawnCan[];
  paint: Paint;
  name: string;
  text: (ml: number) => string;
}) {
  const fill = over(paint.fill, Math.max(0.75, paint.alpha));
  return (
    <svg
      width={Math.max(1, cans.length) * (W + GAP)}
      height={H + 62}
      role="img"
      aria-label={`${name}: ${cans.map((c, i) => `can ${i + 1}${c.shelf ? ' from the shelf' : ''} ${c.sealed ? 'stays sealed' : `sprays ${Math.round(c.useMl)} ml: ${c.does.join('; ')}`}`).join(', ')}`}
    >
      {cans.map((c, i) => {
        const x = i * (W + GAP) + 2;
        const top = 22;
        const px = (H - 12) / c.sizeMl;
        const emptyH = (c.sizeMl - c.fullMl) * px;
        const useH = c.useMl * px;
        const heelH = Math.max(3, c.heelMl * px);
        const leftH = Math.max(0, H - 12 - emptyH - useH - heelH);
        return (
          <g key={i} transform={`translate(${x} 0)`}>
            <rect x={W / 2 - 12} y="2" width="24" height="8" fill="var(--ink)" />
            <rect x="1" y={top + 12} width={W - 2} height={emptyH} fill="var(--panel)" />
            <rect
              x="1"
              y={top + 12 + emptyH}
              width={W - 2}
              height={leftH}
              fill={c.sealed ? over(paint.fill, 0.35 * paint.alpha) : 'var(--panel-2)'}
            />
            <rect x="1" y={top + 12 + emptyH + leftH} width={W - 2} height={useH} fill={fill} />
            {useH > 0 && (
              <rect
                x="1"
                y={top + 12 + emptyH + leftH}
                width={W - 2}
                height={useH}
                fill={`url(#${paint.texture})`}
              />
            )}
            <rect x="1" y={top + H - heelH} width={W - 2} height={heelH} fill="var(--panel-2)" />
            <rect x="1" y={top + H - heelH} width={W - 2} height={heelH} fill="url(#p-heel)" />
            <path
              d={`M${W / 2 - 14} 10L${W / 2 - 14} 14C${W / 2 - 20} 20 1 22 1 ${top + 12}V${top + H}H${W - 1}V${top + 12}C${W - 1} 22 ${W / 2 + 20} 20 ${W / 2 + 14} 14V10Z`}
              fill="none"
              stroke="var(--ink)"
              strokeWidth="1.500"
            />
            {c.levels.slice(0, -1).map((l) => (
              <path
                key={`${l.coat} ${l.outMl}`}
                d={`M2 ${top + 12 + emptyH + leftH + l.outMl * px}H${W - 2}`}
                stroke={inkOn(fill)}
                strokeWidth="1"
                strokeDasharray="3 3"
                opacity=".75"
              />
            ))}
            {useH > 24 && (
              <text
                x={W / 2}
                y={top + 12 + emptyH + leftH + useH / 2 + 5}
                fontSize="13"
                fontWeight="650"
                textAnchor="middle"
                fill={inkOn(fill)}
              >
                {text(c.useMl)}
              </text>
            )}
            {c.sealed && (
              <text
                x={W / 2}
                y={top + H / 2 + 6}
                fontSize="13"
                fontWeight="650"
                textAnchor="middle"
                fill={inkOn(over(paint.fill, 0.35 * paint.alpha))}
              >
                sealed
              </text>
            )}
            {!c.sealed && leftH > 20 && (
              <text
                x={W / 2}
                y={top + 12 + emptyH + leftH / 2 + 5}
                fontSize="12.500"
                textAnchor="middle"
                fill="var(--ink-2)"
              >
                {text(c.fullMl - c.useMl - c.heelMl)} left
              </text>
            )}
            <text x={W / 2} y={H + 40} fontSize="13" fontWeight="600" textAnchor="middle" fill="var(--ink)">
              can {i + 1}
            </text>
            <text x={W / 2} y={H + 56} fontSize="12.500" textAnchor="middle" fill="var(--ink-2)">
              {c.shelf ? 'set aside' : c.spare ? 'spare' : c.sealed ? 'in reserve' : ''}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

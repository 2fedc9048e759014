'use client';
/** Where every paint goes, one bar a paint on one scale; dashes run on to what must be ready. A bar is picked. */
import type { Material } from '@/model/plan';
import { PickRow } from '../parts/pick-row';
import { useFormat } from '../theme/providers';
import { paintBar, type PaintBar } from '../views/bars';
import { lineKey } from '../views/materials';

interface PaintBarsProps {
  readonly open: readonly Material[];
  readonly picked: string;
  readonly nameOf: (m: Material) => string;
  readonly onPick: (key: string) => void;
}

export function PaintBars({ open, picked, nameOf, onPick }: PaintBarsProps) {
  const f = useFormat();
  const bars = open.map((material) => ({ material, bar: paintBar(material) }));
  const most = Math.max(...bars.map(({ bar }) => bar.readyMl), 1);
  return (
    <ul className="partrows paintbars" aria-label="Paints">
      {bars.map(({ material, bar }) => {
        const key = lineKey(material);
        return (
          <PickRow
            key={key}
            name={nameOf(material)}
            figure={f.volume(bar.readyMl)}
            isPicked={key === picked}
            onPick={() => onPick(key)}
          >
            <Bar bar={bar} most={most} />
            <span>
              expected {f.volume(bar.useMl)}, to have ready {f.volume(bar.readyMl)}
            </span>
          </PickRow>
        );
      })}
    </ul>
  );
}

function Bar({ bar, most }: { bar: PaintBar; most: number }) {
  const at = (ml: number): string => `${((ml / most) * 100).toFixed(2)}%`;
  return (
    <svg width="100%" height="16" aria-hidden="true">
      {bar.pieces.map((piece) => (
        <rect
          key={piece.from}
          x={at(piece.from)}
          width={at(piece.to - piece.from)}
          y="1"
          height="14"
          fill={piece.fill}
          stroke="var(--ink-3)"
          strokeWidth=".6"
        />
      ))}
      <line
        x1={at(bar.useMl)}
        x2={at(bar.readyMl)}
        y1="8"
        y2="8"
        stroke="var(--ink)"
        strokeWidth="2"
        strokeDasharray="4 3"
      />
    </svg>
  );
}

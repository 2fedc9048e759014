/** The grit ladder: rung height is the mean grain on a log scale, coarse on top; tan is dry paper, blue-grey wet. */
import type { Rung } from '@/core/prep/ladder';
import { GROUND, TINT } from '@/ui/tokens/tints';

/** Pixels per factor e of grain size. */
const PX = 84;

function rungInWords({ gritP, wet, ratio }: Rung): string {
  const finer = ratio === null ? '' : `, ${ratio.toFixed(1)} times finer`;
  return `P${gritP}${wet ? ' wet' : ''}${finer}`;
}

/** @param coarseUm @param fineUm the sizes all ladders of a job span, so that they stand on one scale */
export function LadderDrawing({
  rungs,
  title,
  coarseUm,
  fineUm,
}: {
  rungs: readonly Rung[];
  title: string;
  coarseUm: number;
  fineUm: number;
}) {
  const y = (um: number): number => 18 + (Math.log(coarseUm) - Math.log(um)) * PX;
  const H = y(fineUm) + 20;
  return (
    <svg
      viewBox={`0 0 190 ${H}`}
      width="190"
      height={H}
      role="img"
      aria-label={`${title}: ${rungs.map(rungInWords).join('; ')}`}
    >
      <path d={`M50 2V${H - 2}M104 2V${H - 2}`} stroke="var(--mark)" strokeWidth="3" />
      {rungs.map((rung, i) => {
        const at = y(rung.um);
        const before = rungs[i - 1];
        return (
          <g key={rung.gritP}>
            <rect
              x="42"
              y={at - 11}
              width="70"
              height="22"
              rx="2"
              fill={rung.wet ? TINT.wetPaper : TINT.dryPaper}
              stroke="var(--ink)"
            />
            <text x="77" y={at + 5} fontSize="13.5" fontWeight="650" textAnchor="middle" fill={GROUND.ink}>
              P{rung.gritP}
            </text>
            <text x="120" y={at + 5} fontSize="12.5" fill="var(--ink-2)">
              {Math.round(rung.minPerM2)} min/m²
            </text>
            {before && rung.ratio !== null && (
              <text
                x="36"
                y={(at + y(before.um)) / 2 + 4}
                fontSize="12.5"
                textAnchor="end"
                fill="var(--ink-2)"
              >
                ÷ {rung.ratio.toFixed(1)}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

/** The grit ladder: rung height is the mean grain on a log scale, coarse on top; tan is dry paper, blue-grey wet. */
import type { Rung } from '@/core/prep/ladder';

const PX = 46;

export function LadderDrawing({ rungs, title }: { rungs: readonly Rung[]; title: string }) {
  const top = Math.log(300), y = (um: number): number => 14 + (top - Math.log(um)) * PX, H = y(14) + 10;
  return (
    <svg viewBox={`0 0 150 ${H}`} width="150" height={H} role="img" aria-label={`${title}: ${rungs.map((r) => `P${r.gritP}${r.wet ? ' wet' : ''}${r.ratio ? `, ${r.ratio.toFixed(1)} times finer` : ''}`).join('; ')}`}>
      <path d={`M22 6V${H - 4}M86 6V${H - 4}`} stroke="var(--mark)" strokeWidth="3" />
      {rungs.map((r, i) => { const at = y(r.um), before = rungs[i - 1]; return (
        <g key={r.gritP}>
          <rect x="16" y={at - 10} width="76" height="20" rx="2" fill={r.wet ? '#9FB7BC' : '#D8C19A'} stroke="var(--ink)" />
          <text x="54" y={at + 5} fontSize="13.5" fontWeight="650" textAnchor="middle" fill="#1B2422">P{r.gritP}</text>
          <text x="98" y={at + 5} fontSize="12" fill="var(--ink-2)">{Math.round(r.minPerM2)} min/m²</text>
          {before && r.ratio !== null && <text x="4" y={(at + y(before.um)) / 2 + 4} fontSize="12" fill="var(--ink-2)" stroke="var(--panel)" strokeWidth="3" paintOrder="stroke">÷ {r.ratio.toFixed(1)}</text>}
        </g>
      ); })}
    </svg>
  );
}

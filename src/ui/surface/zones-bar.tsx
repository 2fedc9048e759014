/** The area of a part as one bar: its zones to scale, and all the rest as the part itself. */
import type { Part } from '@/model/job';
import { FaceSurface } from '../drawings/face-surface';
import { zoneShares } from '../views/surface';

const W = 300;
const H = 16;

export function ZonesBar({ part }: { part: Part }) {
  return (
    <svg viewBox={`0 0 ${W} ${H}`} width="100%" height={H} preserveAspectRatio="none" aria-hidden="true">
      {zoneShares(part).map(({ condition, from, to }, i) => (
        <g key={i} transform={`translate(${from * W} 0)`}>
          <FaceSurface
            part={{ substrate: part.substrate, condition }}
            w={(to - from) * W}
            h={H}
            id={`z-${part.id}-${i}`}
          />
          <rect width={(to - from) * W} height={H} fill="none" stroke="var(--ink)" strokeWidth=".8" />
        </g>
      ))}
    </svg>
  );
}

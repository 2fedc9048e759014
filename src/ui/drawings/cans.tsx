/** Cans side by side: what each one is expected to spray, its heel, what stays sealed. */
import { canInWords, canWord, type DrawnCan } from '../views/cans';
import { inkOn, over, type Paint } from '../views/ink';

const W = 62;
const H = 128;
const GAP = 14;
const TOP = 22;
/** Where the paint of a full can begins. */
const SHOULDER = TOP + 12;
const CENTRE = W / 2;

interface CansProps {
  readonly cans: readonly DrawnCan[];
  readonly paint: Paint;
  readonly name: string;
  readonly text: (ml: number) => string;
}

export function Cans({ cans, paint, name, text }: CansProps) {
  return (
    <svg
      width={Math.max(1, cans.length) * (W + GAP)}
      height={H + 62}
      role="img"
      aria-label={`${name}: ${cans.map(canInWords).join(', ')}`}
    >
      {cans.map((can, i) => (
        <g key={i} transform={`translate(${i * (W + GAP) + 2} 0)`}>
          <Can can={can} paint={paint} text={text} />
          <text x={CENTRE} y={H + 40} fontSize="13" fontWeight="600" textAnchor="middle" fill="var(--ink)">
            can {i + 1}
          </text>
          <text x={CENTRE} y={H + 56} fontSize="12.500" textAnchor="middle" fill="var(--ink-2)">
            {canWord(can)}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** Heights of what a can holds, from the top down, px. */
interface Levels {
  readonly pxPerMl: number;
  readonly leftY: number;
  readonly useY: number;
  readonly useH: number;
  readonly leftH: number;
  readonly heelH: number;
}
function levelsIn(can: DrawnCan): Levels {
  const room = H - 12;
  const pxPerMl = room / can.sizeMl;
  const emptyH = (can.sizeMl - can.fullMl) * pxPerMl;
  const useH = can.useMl * pxPerMl;
  const heelH = Math.max(3, can.heelMl * pxPerMl);
  const leftH = Math.max(0, room - emptyH - useH - heelH);
  const leftY = SHOULDER + emptyH;
  return { pxPerMl, leftY, useY: leftY + leftH, useH, leftH, heelH };
}

interface CanProps extends Pick<CansProps, 'paint' | 'text'> {
  readonly can: DrawnCan;
}

const BODY = [
  `M${CENTRE - 14} 10L${CENTRE - 14} 14`,
  `C${CENTRE - 20} 20 1 22 1 ${SHOULDER}`,
  `V${TOP + H}H${W - 1}V${SHOULDER}`,
  `C${W - 1} 22 ${CENTRE + 20} 20 ${CENTRE + 14} 14V10Z`,
].join('');

function Can({ can, paint, text }: CanProps) {
  const at = levelsIn(can);
  const fill = over(paint.fill, Math.max(0.75, paint.alpha));
  const sealedFill = over(paint.fill, 0.35 * paint.alpha);
  const bar = (y: number, height: number) => ({ x: '1', y, width: W - 2, height });
  return (
    <>
      <rect x={CENTRE - 12} y="2" width="24" height="8" fill="var(--ink)" />
      <rect {...bar(SHOULDER, at.leftY - SHOULDER)} fill="var(--panel)" />
      <rect {...bar(at.leftY, at.leftH)} fill={can.sealed ? sealedFill : 'var(--panel-2)'} />
      <rect {...bar(at.useY, at.useH)} fill={fill} />
      {at.useH > 0 && <rect {...bar(at.useY, at.useH)} fill={`url(#${paint.texture})`} />}
      <rect {...bar(TOP + H - at.heelH, at.heelH)} fill="var(--panel-2)" />
      <rect {...bar(TOP + H - at.heelH, at.heelH)} fill="url(#p-heel)" />
      <path d={BODY} fill="none" stroke="var(--ink)" strokeWidth="1.500" />
      {can.levels.slice(0, -1).map((l) => (
        <path
          key={`${l.coat} ${l.outMl}`}
          d={`M2 ${at.useY + l.outMl * at.pxPerMl}H${W - 2}`}
          stroke={inkOn(fill)}
          strokeWidth="1"
          strokeDasharray="3 3"
          opacity=".75"
        />
      ))}
      <CanWords can={can} at={at} fill={can.sealed ? sealedFill : fill} text={text} />
    </>
  );
}

interface CanWordsProps extends Pick<CanProps, 'can' | 'text'> {
  readonly at: Levels;
  readonly fill: string;
}

function CanWords({ can, at, fill, text }: CanWordsProps) {
  const bold = {
    x: CENTRE,
    fontSize: '13',
    fontWeight: '650',
    textAnchor: 'middle',
    fill: inkOn(fill),
  } as const;
  if (can.sealed)
    return (
      <text {...bold} y={TOP + H / 2 + 6}>
        sealed
      </text>
    );
  return (
    <>
      {at.useH > 24 && (
        <text {...bold} y={at.useY + at.useH / 2 + 5}>
          {text(can.useMl)}
        </text>
      )}
      {at.leftH > 20 && (
        <text
          x={CENTRE}
          y={at.leftY + at.leftH / 2 + 5}
          fontSize="12.500"
          textAnchor="middle"
          fill="var(--ink-2)"
        >
          {text(can.fullMl - can.useMl - can.heelMl)} left
        </text>
      )}
    </>
  );
}

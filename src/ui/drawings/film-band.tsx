/**
 * One layer of the section: sprayed and planned film, its coats, what blocking takes off, and how it joins
 * what lies below.
 */
import { over } from '../views/ink';
import type { PlacedBand, SectionFrame } from './section-frame';
import type { Band, SeamMark } from '../views/stack';

/** Strength of what is planned against what is sprayed. */
const PLANNED = 0.58;

interface BandProps {
  readonly placed: PlacedBand;
  readonly frame: SectionFrame;
  readonly selected: boolean;
}

export function BandBody({ placed, frame, selected }: BandProps) {
  const { band, topY, bottomY } = placed;
  const { x, bandW: w, pxPerUm } = frame;
  const h = bottomY - topY;
  const doneH = band.doneCoats * band.umPerCoat * pxPerUm;
  const planY = topY + h - doneH;
  const awayY = topY + band.awayUm * pxPerUm;
  return (
    <g>
      <Fill placed={placed} frame={frame} planY={planY} />
      <CoatLines placed={placed} frame={frame} />
      {planY > topY && (
        <path
          d={`M${x} ${planY}V${topY}H${x + w}V${planY}`}
          fill="none"
          stroke="var(--ink-2)"
          strokeWidth="1.2"
          strokeDasharray="5 3"
        />
      )}
      {doneH > 0 && (
        <path
          d={`M${x} ${bottomY}V${planY}H${x + w}V${bottomY}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
      )}
      {awayY - topY > 4 && (
        <line
          x1={x}
          x2={x + w}
          y1={awayY}
          y2={awayY}
          stroke="var(--ink-2)"
          strokeWidth="1.2"
          strokeDasharray="7 4"
        />
      )}
      {selected && (
        <rect
          x={x - 3}
          y={topY - 2}
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

type Placed = Omit<BandProps, 'selected'>;

/**
 * A candy deepens from coat to coat; any other paint is sprayed below and planned above.
 * @param planY where the sprayed film ends
 */
function Fill({ placed: { band, topY, bottomY }, frame, planY }: Placed & { planY: number }) {
  const { x, bandW: w, pxPerUm } = frame;
  const { perCoat } = band.paint;
  if (perCoat) {
    const coatH = band.umPerCoat * pxPerUm;
    return Array.from({ length: band.coats }, (_, i) => (
      <rect
        key={i}
        x={x}
        y={bottomY - (i + 1) * coatH}
        width={w}
        height={coatH}
        fill={over(perCoat[i] ?? band.paint.fill, i < band.doneCoats ? 1 : 0.7)}
      />
    ));
  }
  return (
    <>
      <Film band={band} x={x} w={w} fromY={planY} toY={bottomY} strength={1} />
      <Film band={band} x={x} w={w} fromY={topY} toY={planY} strength={PLANNED} />
    </>
  );
}

interface FilmProps {
  readonly band: Band;
  readonly x: number;
  readonly w: number;
  readonly fromY: number;
  readonly toY: number;
  readonly strength: number;
}

function Film({ band: { paint }, x, w, fromY, toY, strength }: FilmProps) {
  if (toY <= fromY) return null;
  const area = { x, y: fromY, width: w, height: toY - fromY };
  return (
    <g opacity={1}>
      <rect {...area} fill={over(paint.fill, paint.alpha * strength)} />
      <rect {...area} fill={`url(#${paint.texture})`} opacity={strength} />
    </g>
  );
}

function CoatLines({ placed: { band, bottomY }, frame: { x, bandW, pxPerUm } }: Placed) {
  return Array.from({ length: band.coats - 1 }, (_, i) => {
    const y = bottomY - (i + 1) * band.umPerCoat * pxPerUm;
    return (
      <line
        key={i}
        x1={x}
        x2={x + bandW}
        y1={y}
        y2={y}
        stroke="var(--ink)"
        strokeWidth=".8"
        strokeDasharray="1 3"
        opacity=".6"
      />
    );
  });
}

/** Sanded: saw teeth. Wet on wet: the film below fades into the one above. Refused: a warning band. */
export function JoinMark({ mark, frame }: { mark: SeamMark; frame: SectionFrame }) {
  const i = frame.bands.findIndex((b) => b.band.id === mark.above);
  const placed = frame.bands[i];
  if (!placed) return null;
  const { x, bandW: w } = frame;
  const y = placed.bottomY;
  const below = frame.bands[i - 1]?.band;
  if (mark.join === 'wet-on-wet' && below)
    return <Halftone x={x} y={y} w={w} colour={over(below.paint.fill, below.doneCoats > 0 ? 1 : 0.7)} />;
  if (mark.join === 'none') return <rect x={x} y={y - 5} width={w} height="10" fill="url(#p-no)" />;
  return <SawTooth x={x} y={y} w={w} />;
}

interface MarkProps {
  readonly x: number;
  readonly y: number;
  readonly w: number;
}

function SawTooth({ x, y, w }: MarkProps) {
  const step = 6;
  const teeth = Array.from({ length: Math.floor(w / step) }, () => `l${step / 2} -3 l${step / 2} 3`);
  return <path d={`M${x} ${y}${teeth.join('')}`} fill="none" stroke="var(--ink)" strokeWidth="1.2" />;
}

/** Rows of dots: how far up, and how large. */
const DOT_ROWS = [
  [0, 2],
  [4.6, 1.5],
  [9, 0.9],
] as const;

function Halftone({ x, y, w, colour }: MarkProps & { colour: string }) {
  const columns = Math.ceil((w - 5) / 6);
  const dots = DOT_ROWS.flatMap(([up, r], row) =>
    Array.from({ length: columns }, (_, i) => ({ cx: x + 4 + i * 6 + (row % 2) * 3, cy: y - 2 - up, r })),
  );
  return (
    <g fill={colour}>
      {dots
        .filter((d) => d.cx < x + w - 1)
        .map((d, i) => (
          <circle key={i} {...d} />
        ))}
    </g>
  );
}

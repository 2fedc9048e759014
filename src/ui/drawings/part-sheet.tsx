'use client';
/** The parts laid out flat to one scale: condition on the face, hidden edges hatched, posture, area. */
import type { Part } from '@/model/job';
import type { Format } from '@/words/format';
import { CONDITION_NAMES, POSTURE_NAMES } from '@/words/names';
import {
  edgeBand,
  faceFigureM2,
  faceTitle,
  hiddenFaces,
  sheetInWords,
  sheetLayout,
  zonesOf,
  type PlacedFace,
  type SheetLayout,
} from '../views/part-sheet';
import { FaceSurface } from './face-surface';
import { useWidth } from './use-width';
import { GROUND } from '@/ui/tokens/tints';

interface PartSheetProps {
  readonly parts: readonly Part[];
  readonly f: Format;
  readonly selected: string | null;
  readonly onSelect: (id: string) => void;
}

/** Until it is measured. */
const USUAL_W = 440;

export function PartSheet({ parts, f, selected, onSelect }: PartSheetProps) {
  const [box, width] = useWidth(USUAL_W);
  const layout = sheetLayout(parts, width);
  return (
    <div ref={box} className="minw-0 ox-clip">
      <svg
        viewBox={`0 0 ${layout.width} ${layout.height}`}
        width="100%"
        role="img"
        aria-label={sheetInWords(parts, f)}
      >
        {layout.faces.map((face, i) => (
          <g
            key={`face-${i}-${face.part.id}`}
            transform={`translate(${face.x} ${face.y})`}
            onClick={() => onSelect(face.part.id)}
            className="cur-pointer"
          >
            <DrawnFace
              face={face}
              id={`face-${i}-${face.part.id}`}
              scale={layout.scale}
              selected={selected === face.part.id}
              f={f}
            />
          </g>
        ))}
        <ScaleBar layout={layout} f={f} />
      </svg>
    </div>
  );
}

interface DrawnFaceProps {
  readonly face: PlacedFace;
  readonly id: string;
  readonly scale: number;
  readonly selected: boolean;
  readonly f: Format;
}

function DrawnFace({ face, id, scale, selected, f }: DrawnFaceProps) {
  const { part, w, h } = face;
  return (
    <>
      <clipPath id={id}>
        <Outline face={face} scale={scale} />
      </clipPath>
      <text x="0" y="-8" fontSize="13.500" fontWeight={face.first ? 650 : 400} fill="var(--ink)">
        {faceTitle(face)}
      </text>
      <g clipPath={`url(#${id})`}>
        <FaceSurface part={part} w={w} h={h} id={id} />
        <Zones face={face} id={id} />
        <HiddenEdges face={face} />
      </g>
      <g
        fill="none"
        stroke={selected ? 'var(--lagoon)' : 'var(--ink)'}
        strokeWidth={selected ? 2.5 : 1.5}
        strokeDasharray={part.shape?.kind === 'known' ? '5 3' : undefined}
      >
        <Outline face={face} scale={scale} />
      </g>
      {w > 96 && h > 44 && <AreaPlate face={face} f={f} />}
      <text x="0" y={h + 16} fontSize="12.500" fill="var(--ink-2)">
        {f.length(face.lengthMm)} × {f.length(face.widthMm)}
      </text>
      {face.first && (
        <text x="0" y={h + 31} fontSize="12.500" fill="var(--ink-2)">
          {CONDITION_NAMES[part.condition]}, {POSTURE_NAMES[face.face.posture]}
          {hiddenFaces(face)}
        </text>
      )}
    </>
  );
}

function Outline({ face: { face, w, h }, scale }: Pick<DrawnFaceProps, 'face' | 'scale'>) {
  const { outline } = face;
  if (outline === 'ellipse') return <ellipse cx={w / 2} cy={h / 2} rx={w / 2} ry={h / 2} />;
  if (!outline) return <rect width={w} height={h} />;
  const left = Math.min(...outline.map(([x]) => x));
  const top = Math.min(...outline.map(([, y]) => y));
  const points = outline.map(([x, y]) => `${(x - left) * scale},${(y - top) * scale}`);
  return <polygon points={points.join(' ')} />;
}

function Zones({ face, id }: Pick<DrawnFaceProps, 'face' | 'id'>) {
  return zonesOf(face).map((placedZone, k) => (
    <g key={k} transform={`translate(${placedZone.x} 0)`}>
      <FaceSurface
        part={{ substrate: face.part.substrate, condition: placedZone.condition }}
        w={placedZone.w}
        h={face.h}
        id={`${id}-z${k}`}
      />
      <line x1="0" x2="0" y1="0" y2={face.h} stroke="var(--panel)" strokeWidth="2" strokeDasharray="4 3" />
    </g>
  ));
}

function HiddenEdges({ face }: Pick<DrawnFaceProps, 'face'>) {
  const { w, h } = face;
  if (face.part.hiddenEdgePct <= 0 || h <= 8) return null;
  const b = edgeBand(face);
  return (
    <path
      d={`M0 0H${w}V${h}H0ZM${b} ${b}V${h - b}H${w - b}V${b}Z`}
      fillRule="evenodd"
      fill="url(#p-hidden)"
    />
  );
}

function AreaPlate({ face: placed, f }: Pick<DrawnFaceProps, 'face' | 'f'>) {
  const { face, w, h } = placed;
  return (
    <g>
      <rect x={w / 2 - 48} y={h / 2 - 15} width="96" height="30" fill="var(--panel)" opacity=".94" />
      <PostureSign x={w / 2 - 33} y={h / 2} posture={face.posture} />
      <text x={w / 2 - 16} y={h / 2 + 5} fontSize="13.500" fontWeight="650" fill="var(--ink)">
        {f.area(faceFigureM2(placed))}
      </text>
    </g>
  );
}

const TURNS: Readonly<Record<Part['posture'], number>> = {
  flat: 0,
  sloped: 45,
  upright: -90,
  underside: 180,
};

/** The heavy bar is the face, the arrow the spray. */
function PostureSign({ x, y, posture }: { x: number; y: number; posture: Part['posture'] }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${TURNS[posture]})`} stroke="var(--ink)" fill="none">
      <path d="M-8 6H8" strokeWidth="3" />
      <path d="M0 -9V2M-3 -1.500L0 2.500L3 -1.500" strokeWidth="1.600" />
    </g>
  );
}

function ScaleBar({ layout: { barMm, scale, height, width }, f }: { layout: SheetLayout; f: Format }) {
  const half = (barMm * scale) / 2;
  return (
    <g transform={`translate(${width - 2 * half - 4} ${height - 10})`}>
      <rect width={half} height="5" fill="var(--ink)" />
      <rect x={half} width={half} height="5" fill={GROUND.white} stroke="var(--ink)" />
      <text x={half} y="-5" fontSize="12" textAnchor="middle" fill="var(--ink-2)">
        {f.length(barMm)}
      </text>
    </g>
  );
}

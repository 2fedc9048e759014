/** A place cut through, to scale: walls, roof, the part, the sun that reaches it and the wind that does. */
import { SECTION, type PlaceSection, type Point, type SunMark, type Wall } from '../views/place-section';

const FILLS: Readonly<Record<Wall['of'], string>> = {
  brick: 'url(#p-brick)',
  board: 'var(--plank)',
  cloth: 'var(--water)',
  post: 'var(--plank)',
  earth: 'url(#p-earth)',
  leaf: 'var(--moss)',
};
const pointsOf = (list: readonly Point[]): string =>
  list.map((p) => `${p.x.toFixed(1)},${p.y.toFixed(1)}`).join(' ');

interface PlaceDrawingProps {
  readonly section: PlaceSection;
  /** What it shows, in a sentence. */
  readonly label: string;
  /** “2.0 m/s outside”; null without weather. */
  readonly windOutside: string | null;
  readonly windAtPart: string | null;
  readonly facingSaid: string | null;
  readonly metreSaid: string;
}

export function PlaceDrawing(props: PlaceDrawingProps) {
  const { section, label, facingSaid, metreSaid } = props;
  return (
    <svg
      viewBox={`0 ${section.top} ${SECTION.width} ${SECTION.height - section.top}`}
      className="placecut"
      role="img"
      aria-label={label}
      fontSize="13"
    >
      <Patterns />
      <rect x="0" y={SECTION.ground} width={SECTION.width} height="14" fill="url(#p-earth)" />
      <path d={`M0 ${SECTION.ground}H${SECTION.width}`} stroke="var(--ink)" strokeWidth="1.5" />
      {section.beam && (
        <polygon
          points={pointsOf(section.beam)}
          fill="var(--amber-tint)"
          stroke="var(--amber)"
          strokeDasharray="5 4"
        />
      )}
      <Building section={section} />
      <Part part={section.part} />
      <Fittings section={section} />
      {section.sun.map((m) => (
        <Sun key={`${m.x} ${m.y}`} mark={m} />
      ))}
      <Wind {...props} />
      <path
        d={`M${section.metre[0].x} ${section.metre[0].y - 4}v8M${section.metre[0].x} ${section.metre[0].y}H${section.metre[1].x}M${section.metre[1].x} ${section.metre[1].y - 4}v8`}
        stroke="var(--ink)"
        fill="none"
      />
      <text x={section.metre[1].x + 8} y={section.metre[1].y + 5} fill="var(--ink-2)">
        {metreSaid}
      </text>
      {facingSaid !== null && (
        <text x={SECTION.width - 4} y={section.metre[0].y + 5} textAnchor="end" fill="var(--ink-2)">
          {facingSaid}
        </text>
      )}
    </svg>
  );
}

function Patterns() {
  return (
    <defs>
      <pattern id="p-brick" width="16" height="12" patternUnits="userSpaceOnUse">
        <rect width="16" height="12" fill="var(--well)" />
        <path d="M0 0H16M0 6H16M4 0V6M12 6V12" stroke="var(--rule)" strokeWidth="1" />
      </pattern>
      <pattern id="p-earth" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="8" height="8" fill="var(--well)" />
        <path d="M0 0V8" stroke="var(--rule)" strokeWidth="1.2" />
      </pattern>
    </defs>
  );
}

function Building({ section: { walls, roof, opposite } }: { section: PlaceSection }) {
  return (
    <>
      {walls.map((w) => (
        <rect
          key={`${w.x} ${w.y}`}
          x={w.x}
          y={w.y}
          width={w.w}
          height={w.h}
          rx={w.of === 'leaf' ? w.w / 2 : 0}
          fill={FILLS[w.of]}
          stroke="var(--ink)"
          strokeWidth="1.2"
        />
      ))}
      {roof && <polygon points={pointsOf(roof)} fill="var(--mark)" stroke="var(--ink)" strokeWidth="1.2" />}
      {opposite && (
        <>
          <rect
            x={opposite.x}
            y={opposite.y}
            width={opposite.w}
            height={opposite.h}
            fill="var(--plank)"
            stroke="var(--ink)"
          />
          <text x={opposite.x + 4} y={opposite.y - 6} textAnchor="middle" fill="var(--ink-2)">
            {opposite.deg}°
          </text>
        </>
      )}
    </>
  );
}

function Part({ part }: { part: PlaceSection['part'] }) {
  return (
    <g stroke="var(--ink)" strokeWidth="1.6" fill="none">
      {part.legs.map(([a, b]) => (
        <path key={`${a.x} ${b.x}`} d={`M${a.x} ${a.y}L${b.x} ${b.y}`} />
      ))}
      <path
        d={`M${part.x} ${part.y + part.h}q${part.w * 0.04} ${-part.h * 3.4} ${part.w / 2} ${-part.h * 3.4}t${part.w / 2} ${part.h * 3.4}z`}
        fill="var(--lagoon-tint)"
      />
    </g>
  );
}

/** Heater, lamp and fan where they hang or stand. */
function Fittings({ section: { heater, lamp, fan } }: { section: PlaceSection }) {
  return (
    <g stroke="var(--ink)" strokeWidth="1.4" fill="none">
      {heater && (
        <>
          <rect x={heater.x - 11} y={heater.y - 20} width="22" height="18" fill="var(--oxide-tint)" />
          <path
            d={`M${heater.x - 6} ${heater.y - 24}q3-4 0-8M${heater.x + 4} ${heater.y - 24}q3-4 0-8`}
            stroke="var(--oxide)"
          />
        </>
      )}
      {lamp && (
        <>
          <path d={`M${lamp.x} ${lamp.y - 8}v5`} />
          <path d={`M${lamp.x - 8} ${lamp.y + 3}l4-6h8l4 6z`} fill="var(--amber)" />
        </>
      )}
      {fan && (
        <>
          <circle cx={fan.x} cy={fan.y} r="9" fill="var(--panel)" />
          <path d={`M${fan.x} ${fan.y}q7-5 2-8M${fan.x} ${fan.y}q2 8 8 4M${fan.x} ${fan.y}q-9 0-7 6`} />
        </>
      )}
    </g>
  );
}

function Sun({ mark: { x, y, label, isIn } }: { mark: SunMark }) {
  return (
    <>
      <circle
        cx={x}
        cy={y}
        r="6"
        fill={isIn ? 'var(--amber)' : 'var(--panel)'}
        stroke="var(--amber-ink)"
        strokeWidth="1.3"
      />
      {label !== '' && (
        <text x={x + 11} y={y + 5} fill="var(--ink-2)">
          {label}
        </text>
      )}
    </>
  );
}

const ARROW = 74;
function Wind({ section, windOutside, windAtPart }: PlaceDrawingProps) {
  if (windOutside === null || windAtPart === null) return null;
  const { outside, inside, part } = section;
  const x = Math.min(outside.x + ARROW, SECTION.width - 4);
  return (
    <g stroke="var(--water)" fill="none" strokeWidth="2.6">
      <path d={`M${x} ${outside.y}h${-ARROW + 12}m9-5l-10 5 10 5`} />
      <path d={`M${x} ${outside.y + 26}h${-ARROW + 12}m9-5l-10 5 10 5`} />
      <path d={`M${part.x + part.w + 34} ${inside.y - 26}h-22m8-5l-9 5 9 5`} strokeWidth="2" />
      <g stroke="none" fill="var(--ink)" fontWeight="650">
        <text x={outside.x} y={outside.y + 17}>
          {windOutside}
        </text>
        <text x={section.metre[1].x + 48} y={section.metre[1].y + 5}>
          {windAtPart}
        </text>
      </g>
    </g>
  );
}

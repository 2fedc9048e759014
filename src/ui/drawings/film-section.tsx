'use client';
/**
 * The cross-section to scale: the first of the two signatures. Large on Build-up, a spine elsewhere, small on
 * the bench.
 */
import { rem } from '../tokens/rem';
import { useFormat } from '../theme/providers';
import { inkOn, SUBSTRATE_FILL } from '../views/ink';
import { BandBody, JoinMark } from './film-band';
import { BandLabels, SeamTags } from './film-labels';
import { sectionFrame, type SectionAsk, type SectionFrame } from './section-frame';
import { stackInWords, type Stack } from '../views/stack';

export interface FilmSectionProps extends SectionAsk {
  readonly selected?: string | null;
  readonly onSelect?: (id: string) => void;
}

export function FilmSection({ selected = null, onSelect, ...ask }: FilmSectionProps) {
  const f = useFormat();
  const { stack } = ask;
  const frame = sectionFrame(ask);
  const { card, size, width, height } = frame;
  return (
    <svg
      width={rem(width)}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={stackInWords(stack, f)}
      className="maxw-100 high-auto"
    >
      {!card.onBench && <Gauge frame={frame} />}
      {size === 'bench' && <Rules frame={frame} />}
      <GroundBlock stack={stack} frame={frame} />
      {frame.bands.map((placed) => (
        <g
          key={placed.band.id}
          onClick={onSelect ? () => onSelect(placed.band.id) : undefined}
          className={onSelect ? 'cur-pointer' : undefined}
        >
          <BandBody placed={placed} frame={frame} selected={selected === placed.band.id} />
        </g>
      ))}
      {stack.seams.map((m) => (
        <JoinMark key={m.above} mark={m} frame={frame} />
      ))}
      <BandLabels frame={frame} />
      <SeamTags frame={frame} selected={selected} />
      {card.full && (
        <text
          x={frame.x + frame.bandW + 14}
          y={frame.baseY - stack.totalUm * frame.pxPerUm - 8}
          fontSize="14"
          fontWeight="650"
          fill="var(--ink)"
        >
          {f.film(stack.totalUm)} in all
        </text>
      )}
      <g transform={`translate(${frame.x} ${frame.doneY})`}>
        <path d="M-16 -6h9l7 6-7 6h-9z" fill="var(--lagoon)" />
        <line
          x1="0"
          x2={frame.bandW}
          y1="0"
          y2="0"
          stroke="var(--lagoon)"
          strokeWidth={stack.doneUm > 0 ? 2.5 : 0}
        />
      </g>
    </svg>
  );
}

/** The scale at the left: a tick every 10 µm, a figure every 50. */
function Gauge({ frame }: { frame: SectionFrame }) {
  const f = useFormat();
  const { x, baseY, gaugeMax, pxPerUm, card } = frame;
  const figure = (um: number): string => (f.units === 'us' ? f.film(um).replace(' mil', '') : String(um));
  const ticks = Array.from({ length: gaugeMax / 10 + 1 }, (_, i) => i * 10);
  return (
    <>
      <line x1={x - 10} x2={x - 10} y1={baseY} y2={card.top} stroke="var(--ink-3)" />
      {ticks.map((um) => {
        const y = baseY - um * pxPerUm;
        const major = um % 50 === 0;
        return (
          <g key={um}>
            <line
              x1={x - (major ? 19 : 15)}
              x2={x - 10}
              y1={y}
              y2={y}
              stroke="var(--ink-3)"
              strokeWidth={major ? 1.2 : 0.8}
            />
            {major && (
              <text x={x - 23} y={y + 4} fontSize={card.font} textAnchor="end" fill="var(--ink-2)">
                {figure(um)}
              </text>
            )}
          </g>
        );
      })}
      <text x={x - 8} y={card.top - 10} fontSize={card.font} textAnchor="end" fill="var(--ink-3)">
        {f.units === 'us' ? 'mil' : 'µm'}
      </text>
    </>
  );
}

const RULES_UM = [50, 100, 150, 200] as const;

/** Rules behind a section of the bench; one under a label stops at the band. */
function Rules({ frame }: { frame: SectionFrame }) {
  const f = useFormat();
  const { x, bandW, width, baseY, gaugeMax, pxPerUm, labels } = frame;
  return RULES_UM.filter((um) => um <= gaugeMax).map((um) => {
    const y = baseY - um * pxPerUm;
    const free = labels.every((l) => Math.abs(l.labelY - y + 6) > 13);
    return (
      <g key={um}>
        <line
          x1={x}
          x2={free ? width : x + bandW}
          y1={y}
          y2={y}
          stroke="var(--rule)"
          strokeWidth=".8"
          strokeDasharray="1 4"
        />
        {free && (
          <text x={width} y={y - 3} fontSize="12" textAnchor="end" fill="var(--ink-3)">
            {f.film(um)}
          </text>
        )}
      </g>
    );
  });
}

const GROUND_NAMES: Partial<Record<Stack['substrate'], string>> = { aluminium: 'Aluminium', steel: 'Steel' };

function GroundBlock({ stack, frame }: { stack: Stack; frame: SectionFrame }) {
  const { x, baseY, bandW, card } = frame;
  const ground = SUBSTRATE_FILL[stack.substrate];
  const block = { x, y: baseY, width: bandW, height: card.groundH };
  return (
    <>
      <rect {...block} fill={ground.fill} />
      <rect {...block} fill={`url(#${ground.hatch})`} />
      <line x1={x} x2={x + bandW} y1={baseY} y2={baseY} stroke="var(--ink)" strokeWidth="1.6" />
      {!card.onBench && (
        <>
          <rect x={x + 8} y={baseY + 13} width={card.full ? 78 : 72} height="22" fill={ground.fill} />
          <text x={x + 14} y={baseY + 29} fontSize="13.5" fontWeight="650" fill={inkOn(ground.fill)}>
            {GROUND_NAMES[stack.substrate] ?? stack.substrate.toUpperCase()}
          </text>
        </>
      )}
    </>
  );
}

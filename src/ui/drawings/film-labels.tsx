'use client';
/** The words of a section: names and films in the bands or beside them, and the tags at the seams. */
import { shortName } from '@/words/cut';
import { useFormat } from '../theme/providers';
import { inkOn, over } from '../views/ink';
import type { PlacedBand, PlacedLabel, PlacedTag, SectionFrame } from './section-frame';
import type { Band, SeamMark } from '../views/stack';

/** Letters of a name beside a band. */
const MOST_LETTERS = 25;
/** Width of a letter of a name inside a band, about, and of its film behind it, px. */
const LETTER_W = 8.3;
const FILM_W = 66;

interface FrameProps {
  readonly frame: SectionFrame;
}

export function BandLabels({ frame }: FrameProps) {
  const { size, card } = frame;
  return (
    <>
      {frame.bands
        .filter((b) => b.inside)
        .map((b) => (
          <InsideLabel key={b.band.id} placed={b} frame={frame} />
        ))}
      {size === 'bench' && frame.labels.map((l) => <BesideLabel key={l.band.id} label={l} frame={frame} />)}
      {size === 'spine' && frame.labels.map((l) => <SpineLabel key={l.band.id} label={l} frame={frame} />)}
      {card.full && frame.labels.map((l) => <OverLabel key={l.band.id} label={l} frame={frame} />)}
    </>
  );
}

/** How many of the coats are on. */
function sprayedText({ doneCoats, coats }: Band): string {
  if (doneCoats === 0) return '';
  return doneCoats === coats ? ', sprayed' : `, ${doneCoats} sprayed`;
}

function InsideLabel({ placed, frame }: FrameProps & { placed: PlacedBand }) {
  const f = useFormat();
  const { band, middleY: y } = placed;
  const { card, size, x, pxPerUm } = frame;
  const strength = band.doneCoats > band.coats / 2 ? 1 : 0.58;
  const drawn = over(band.paint.fill, band.paint.alpha * strength);
  const ink = inkOn(drawn);
  const twoLines = band.um * pxPerUm >= 38;
  const room = frame.bandW - 20 - (twoLines ? 0 : FILM_W);
  const letters = Math.max(8, Math.floor(room / LETTER_W));
  const film = card.full ? `${band.coatsText} × ${f.film(band.umPerCoat)}` : f.film(band.um);
  return (
    <g pointerEvents="none" stroke={drawn} strokeWidth="4" paintOrder="stroke">
      <text
        x={x + 12}
        y={y + (twoLines ? -3 : 5)}
        fontSize={card.full ? 15 : 13.5}
        fontWeight="650"
        fill={ink}
      >
        {size === 'large' ? shortName(band.name, letters) : band.role}
        {!twoLines && (
          <tspan fontWeight="400" fontSize="13">
            {'  '}
            {film}
          </tspan>
        )}
      </text>
      {twoLines && (
        <text x={x + 12} y={y + 14} fontSize={size === 'phone' ? 14 : 13} fill={ink}>
          {film}
          {card.full ? sprayedText(band) : ''}
        </text>
      )}
    </g>
  );
}

interface LabelProps extends FrameProps {
  readonly label: PlacedLabel;
}

function BesideLabel({ label: { band, middleY, labelY }, frame: { x, bandW } }: LabelProps) {
  const f = useFormat();
  const right = x + bandW;
  const sprayed = band.doneCoats > 0;
  return (
    <g>
      <path
        d={`M${right} ${middleY}H${right + 8}L${right + 12} ${labelY}`}
        stroke="var(--ink-3)"
        fill="none"
      />
      <text
        x={right + 15}
        y={labelY + 4}
        fontSize="13"
        fontWeight={sprayed ? 650 : 400}
        fill={sprayed ? 'var(--ink)' : 'var(--ink-2)'}
      >
        {band.role} <tspan dx="2">{f.units === 'us' ? f.film(band.um) : band.um}</tspan>
      </text>
    </g>
  );
}

function SpineLabel({ label: { band, labelY }, frame: { x, bandW } }: LabelProps) {
  const f = useFormat();
  return (
    <text
      x={x + bandW - 6}
      y={labelY + 4}
      fontSize="12"
      textAnchor="end"
      fill="var(--ink)"
      stroke="var(--panel)"
      strokeWidth="3"
      paintOrder="stroke"
    >
      {band.role} {f.film(band.um)}
    </text>
  );
}

function OverLabel({ label: { band, labelY }, frame: { x, size } }: LabelProps) {
  const f = useFormat();
  const phone = size === 'phone';
  return (
    <text
      x={x + 12}
      y={labelY + 4}
      fontSize={phone ? 14 : 12.5}
      fontWeight="600"
      fill="var(--ink)"
      stroke="var(--panel)"
      strokeWidth="3.5"
      paintOrder="stroke"
      pointerEvents="none"
    >
      {phone ? band.role : shortName(band.name, MOST_LETTERS)}, {band.coatsText} × {f.film(band.umPerCoat)}
    </text>
  );
}

export function SeamTags({ frame, selected }: FrameProps & { selected: string | null }) {
  return frame.tags.map((t) => (
    <SeamTag key={t.mark.above} tag={t} frame={frame} active={selected === t.mark.above} />
  ));
}

function SeamTag({ tag, frame, active }: FrameProps & { tag: PlacedTag; active: boolean }) {
  const { card, size } = frame;
  const right = frame.x + frame.bandW;
  const { lead } = card;
  const string = `M${right} ${tag.y}H${right + lead * 0.35}L${right + lead * 0.75} ${tag.tagY}H${right + lead}`;
  return (
    <g>
      <circle cx={right} cy={tag.y} r="2.6" fill="var(--ink)" />
      <path d={string} fill="none" stroke="var(--string)" strokeWidth="1.5" />
      <TagPlate
        x={right + lead}
        y={tag.tagY}
        mark={tag.mark}
        active={active}
        font={size === 'phone' ? 14 : 13}
      />
    </g>
  );
}

const TINTS = {
  ok: 'var(--panel)',
  care: 'var(--amber-tint)',
  unknown: 'var(--oxide-tint)',
  no: 'var(--oxide-tint)',
} as const;

function tagStroke({ verdict }: SeamMark, active: boolean): string {
  if (verdict === 'no' || verdict === 'unknown') return 'var(--oxide)';
  return active ? 'var(--lagoon)' : 'var(--ink)';
}

interface TagPlateProps {
  readonly x: number;
  readonly y: number;
  readonly mark: SeamMark;
  readonly active: boolean;
  readonly font: number;
}

function TagPlate({ x, y, mark, active, font }: TagPlateProps) {
  const stroke = tagStroke(mark, active);
  return (
    <g>
      <path
        d={`M${x + 8} ${y - 20}H${x + 124}V${y + 20}H${x + 8}L${x} ${y + 11}V${y - 11}Z`}
        fill={TINTS[mark.verdict]}
        stroke={stroke}
        strokeWidth={active ? 2.2 : 1.1}
      />
      <circle cx={x + 9} cy={y} r="2.4" fill="var(--panel)" stroke={stroke} />
      <text x={x + 18} y={y - 3} fontSize={font} fontWeight="600" fill="var(--ink)">
        {mark.line1}
      </text>
      <text x={x + 18} y={y + 13} fontSize={font} fill="var(--ink-2)">
        {mark.line2}
      </text>
    </g>
  );
}

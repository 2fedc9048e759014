'use client';
/** The wait of a film as an arc: a gloved glance at the hand is enough; the times stand under it. */
import type { DialView, DialZone } from '../views/dial';

const R = 150;
const CX = 180;
const CY = 168;
const BAND = 46;

/** A point on the arc: 0 at the left, 1 at the right. */
function pointAt(share: number, radius: number): readonly [number, number] {
  const angle = Math.PI * (1 - share);
  return [CX + radius * Math.cos(angle), CY - radius * Math.sin(angle)];
}

function bandPath(from: number, to: number): string {
  const [x1, y1] = pointAt(from, R);
  const [x2, y2] = pointAt(to, R);
  const [x3, y3] = pointAt(to, R - BAND);
  const [x4, y4] = pointAt(from, R - BAND);
  return `M${x1} ${y1}A${R} ${R} 0 0 1 ${x2} ${y2}L${x3} ${y3}A${R - BAND} ${R - BAND} 0 0 0 ${x4} ${y4}Z`;
}

const FILLS: Readonly<Record<DialZone, string>> = {
  early: 'var(--pot)',
  best: 'var(--lagoon)',
  bonds: 'url(#p-future)',
  late: 'url(#p-no)',
};

export function FilmDial({ view }: { view: DialView }) {
  const [tipX, tipY] = pointAt(view.hand, R + 10);
  return (
    <div className="filmdial">
      <svg viewBox="0 0 360 180" width="100%" role="img" aria-label={view.said}>
        {view.zones.map(({ zone, from, to }) => (
          <path key={zone} d={bandPath(from, to)} fill={FILLS[zone]} stroke="var(--ink)" strokeWidth="1.5" />
        ))}
        <line x1={CX} y1={CY} x2={tipX} y2={tipY} stroke="var(--ink)" strokeWidth="7" strokeLinecap="round" />
        <circle cx={CX} cy={CY} r="11" fill="var(--ink)" />
      </svg>
      <ul aria-hidden="true">
        {view.marks.map((m) => (
          <li key={m.word}>
            <b>{m.time}</b> {m.word}
          </li>
        ))}
      </ul>
    </div>
  );
}

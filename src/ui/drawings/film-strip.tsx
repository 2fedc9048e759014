'use client';
/** The build-up lying on its side: the spine of a phone. Ground at the left, top coat at the right, to scale. */
import { useWidth } from './use-width';
import { useFormat } from '../theme/providers';
import { over, SUBSTRATE_FILL } from '../views/ink';
import { stackInWords, type Stack } from '../views/stack';

export function FilmStrip({ stack }: { stack: Stack }) {
  const f = useFormat();
  const [box, W] = useWidth(362);
  const H = 40;
  const ground = 22;
  const scale = (W - ground - 4) / Math.max(60, stack.totalUm);
  const sub = SUBSTRATE_FILL[stack.substrate];
  const lefts = stack.bands.map(
    (_, i) => ground + stack.bands.slice(0, i).reduce((a, b) => a + b.um, 0) * scale,
  );
  return (
    <div ref={box}>
      <svg viewBox={`0 0 ${W} ${H + 20}`} width="100%" role="img" aria-label={stackInWords(stack, f)}>
        <rect x="0" y="0" width={ground} height={H} fill={sub.fill} />
        <rect x="0" y="0" width={ground} height={H} fill={`url(#${sub.hatch})`} />
        {stack.bands.map((band, i) => {
          const w = band.um * scale;
          const done = (w * band.doneCoats) / band.coats;
          const x = lefts[i]!;
          return (
            <g key={band.id}>
              <rect x={x} y="0" width={w} height={H} fill={over(band.paint.fill, band.paint.alpha * 0.58)} />
              <rect x={x} y="0" width={done} height={H} fill={over(band.paint.fill, band.paint.alpha)} />
              <rect
                x={x}
                y="0"
                width={w}
                height={H}
                fill={`url(#${band.paint.texture})`}
                opacity={band.doneCoats > 0 ? 1 : 0.6}
              />
              <rect
                x={x + 0.5}
                y="0.5"
                width={Math.max(1, w - 1)}
                height={H - 1}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={band.doneCoats === band.coats ? 1.6 : 1}
                strokeDasharray={band.doneCoats === band.coats ? undefined : '4 3'}
              />
              <BandText
                text={`${band.role} ${f.units === 'us' ? f.film(band.um) : Math.round(band.um)}`}
                x={x}
                w={w}
              />
            </g>
          );
        })}
        {stack.doneUm > 0 && (
          <g transform={`translate(${ground + stack.doneUm * scale} 0)`}>
            <line x1="0" x2="0" y1="0" y2={H} stroke="var(--lagoon)" strokeWidth="3" />
            <path d="M-6 -4h12l-6 7z" fill="var(--lagoon)" />
          </g>
        )}
      </svg>
    </div>
  );
}

/** Width of a letter under a band, about, px. */
const LETTER_W = 7.6;

/** Under its band where there is room for it. */
function BandText({ text, x, w }: { text: string; x: number; w: number }) {
  if (w < text.length * LETTER_W) return null;
  return (
    <text x={x + w / 2} y={56} fontSize="14" textAnchor="middle" fill="var(--ink-2)">
      {text}
    </text>
  );
}

/** A fault as the film shows it: the window is the ground, the strokes are what differs. */
import type { FaultCode } from '@/model/fault';
import { FACE_H, FACE_W, faultFace, type Stroke } from '../views/fault-faces';

const FILLS: Readonly<Record<Stroke['fill'], string>> = {
  open: 'none',
  ink: 'var(--ink)',
  bare: 'var(--panel)',
};

export function FaultFace({ code }: { code: FaultCode }) {
  return (
    <svg className="faultface" viewBox={`0 0 ${FACE_W} ${FACE_H}`} aria-hidden="true">
      <rect width={FACE_W} height={FACE_H} fill="var(--well)" />
      {faultFace(code).map((s, i) => (
        <path
          key={i}
          d={s.d}
          fill={FILLS[s.fill]}
          stroke={s.weight > 0 ? 'var(--ink)' : 'none'}
          strokeWidth={s.weight}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}

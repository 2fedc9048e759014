'use client';
/** A part face by face: laid flat, its area, and how sure that is. */
import type { Measured } from '@/core/surface/area';
import { laidWidthMm } from '@/core/surface/shape';
import type { Part } from '@/model/job';
import { POSTURE_NAMES } from '@/words/names';
import { useFormat } from '../theme/providers';

interface FacesTableProps {
  readonly part: Part;
  readonly measured: Measured;
}

export function FacesTable({ part, measured: m }: FacesTableProps) {
  const f = useFormat();
  const pieces = (part.count ?? 1) > 1 ? `, ${part.count} pieces` : '';
  return (
    <details>
      <summary>Face by face</summary>
      <div className="scroll-x" tabIndex={0} role="group" aria-label={`Faces of ${part.name ?? part.id}`}>
        <table className="tbl">
          <thead>
            <tr>
              <th>Face</th>
              <th>posture</th>
              <th className="num">laid flat</th>
              <th className="num">area</th>
              <th className="num">give or take</th>
            </tr>
          </thead>
          <tbody>
            {m.faces.map((q, k) => (
              <tr key={k}>
                <td>{q.name}</td>
                <td>{POSTURE_NAMES[q.posture]}</td>
                <td className="num">
                  {f.length(q.lengthMm)} × {f.length(laidWidthMm(q))}
                </td>
                <td className="num">{f.area(q.areaM2)}</td>
                <td className="num">{f.area(q.areaM2 * q.sdFrac)}</td>
              </tr>
            ))}
            <tr>
              <td colSpan={3}>
                hidden edges {part.hiddenEdgePct} %{pieces}
              </td>
              <td className="num">
                <b>{f.area(m.areaM2)}</b>
              </td>
              <td className="num">{f.area(m.sdM2)}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </details>
  );
}

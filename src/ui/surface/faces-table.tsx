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

export function FacesTable({ part, measured }: FacesTableProps) {
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
            {measured.faces.map((face, k) => (
              <tr key={k}>
                <td>{face.name}</td>
                <td>{POSTURE_NAMES[face.posture]}</td>
                <td className="num">
                  {f.length(face.lengthMm)} × {f.length(laidWidthMm(face))}
                </td>
                <td className="num">{f.area(face.areaM2 * (face.pieces ?? 1))}</td>
                <td className="num">{f.area(face.areaM2 * face.sdFrac * (face.pieces ?? 1))}</td>
              </tr>
            ))}
            <tr>
              <td colSpan={3}>
                hidden edges {part.hiddenEdgePct} %{pieces}
              </td>
              <td className="num">
                <b>{f.area(measured.areaM2)}</b>
              </td>
              <td className="num">{f.area(measured.sdM2)}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </details>
  );
}

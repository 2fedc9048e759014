'use client';
/** A part face by face: laid flat, its area, and how sure that is. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Measured } from '@/core/surface/area';
import { laidWidthMm } from '@/core/surface/shape';
import type { Part } from '@/model/job';
import { POSTURE_NAMES } from '@/words/names';
import { useFormat } from '../theme/providers';
import { Fold } from '@/ui/parts/fold';

interface FacesTableProps {
  readonly part: Part;
  readonly measured: Measured;
}

export function FacesTable({ part, measured }: FacesTableProps) {
  const f = useFormat();
  const pieces = (part.count ?? 1) > 1 ? `, ${part.count} pieces` : '';
  return (
    <Fold summary="Face by face">
      <div className="scroll-x" tabIndex={0} role="group" aria-label={`Faces of ${part.name ?? part.id}`}>
        <Table className="tbl">
          <TableHead>
            <TableRow>
              <TableCell>Face</TableCell>
              <TableCell>posture</TableCell>
              <TableCell className="num">laid flat</TableCell>
              <TableCell className="num">area</TableCell>
              <TableCell className="num">give or take</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {measured.faces.map((face, k) => (
              <TableRow key={k}>
                <TableCell>{face.name}</TableCell>
                <TableCell>{POSTURE_NAMES[face.posture]}</TableCell>
                <TableCell className="num">
                  {f.length(face.lengthMm)} × {f.length(laidWidthMm(face))}
                </TableCell>
                <TableCell className="num">{f.area(face.areaM2 * (face.pieces ?? 1))}</TableCell>
                <TableCell className="num">
                  {f.area(face.areaM2 * face.sdFrac * (face.pieces ?? 1))}
                </TableCell>
              </TableRow>
            ))}
            <TableRow>
              <TableCell colSpan={3}>
                hidden edges {part.hiddenEdgePct} %{pieces}
              </TableCell>
              <TableCell className="num">
                <b>{f.area(measured.areaM2)}</b>
              </TableCell>
              <TableCell className="num">{f.area(measured.sdM2)}</TableCell>
            </TableRow>
          </TableBody>
        </Table>
      </div>
    </Fold>
  );
}

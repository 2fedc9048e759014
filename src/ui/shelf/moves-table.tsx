'use client';
/** Every change to the shelf, the newest first. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { ShelfView } from '@/usecases/shelf';
import { useFormat } from '../theme/providers';
import { moveRows } from '../views/shelf';

export function MovesTable({ view, tz }: { view: ShelfView; tz: string }) {
  const f = useFormat();
  return (
    <div className="scroll-x" tabIndex={0} role="group" aria-label="Changes to the shelf">
      <Table className="tbl cards">
        <TableBody>
          {moveRows(view, tz, f).map((moveRow) => (
            <TableRow key={moveRow.seq}>
              <TableCell className="ws-nowrap">{moveRow.when}</TableCell>
              <TableCell>{moveRow.name}</TableCell>
              <TableCell>{moveRow.what}</TableCell>
              <TableCell className="num" data-label="before">
                {f.volume(moveRow.beforeMl)}
              </TableCell>
              <TableCell className="num" data-label="after">
                {f.volume(moveRow.afterMl)}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}

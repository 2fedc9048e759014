'use client';
/** A table of the same stack as the section, behind a disclosure. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useFormat } from '../theme/providers';
import type { Stack } from '../views/stack';
import { Fold } from '@/ui/parts/fold';

export function StackTable({ stack }: { stack: Stack }) {
  const f = useFormat();
  return (
    <Fold summary="The same as a table">
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Layers as a table">
        <Table className="tbl">
          <caption className="sr">Layers, top down</caption>
          <TableHead>
            <TableRow>
              <TableCell>Layer</TableCell>
              <TableCell className="num">coats</TableCell>
              <TableCell className="num">film a coat</TableCell>
              <TableCell className="num">film</TableCell>
              <TableCell className="num">sprayed</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {[...stack.bands].reverse().map((band) => (
              <TableRow key={band.id}>
                <TableCell>{band.name}</TableCell>
                <TableCell className="num">{band.coatsText}</TableCell>
                <TableCell className="num">{f.film(band.umPerCoat)}</TableCell>
                <TableCell className="num">{f.film(band.um)}</TableCell>
                <TableCell className="num">
                  {band.doneCoats} of {band.coats}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </div>
    </Fold>
  );
}

'use client';
/** How the sum was computed, and every figure of it. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Material, Plan } from '@/model/plan';
import { ASSUMPTIONS } from '@/words/assumptions';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { assumedFigure, cellVolume, lineKey, pctText, sumAssumptions } from '../views/materials';
import { CAUSE_NAMES } from '../views/waterfall';
import { Fold } from '@/ui/parts/fold';

interface SumFiguresProps {
  readonly plan: Plan;
  readonly open: readonly Material[];
  readonly nameOf: (m: Material) => string;
}

export function SumFigures({ plan, open, nameOf }: SumFiguresProps) {
  const f = useFormat();
  return (
    <Fold summary="How this was computed, and every figure of it" className="how">
      <p className="cap">
        Film in millilitres is area times film. Divided by the solids of the can it is what must land; divided
        by the share that lands it is what must leave the nozzle over the part; times the overrun it is what
        leaves the nozzle. Coats differ: a mist or tack coat lays less, a full one more. A painter’s habit is
        the same in every coat and his luck is not, so three coats spread less than one. The margin is what a
        lognormal of that spread exceeds with the chance you allow.
      </p>
      <FigureTable open={open} nameOf={nameOf} />
      <ul className="cap is-grid gap-4 pt-8 pb-8">
        {sumAssumptions(plan).map((a, i) => (
          <li key={i}>
            {ASSUMPTIONS[a.what] ?? a.what}: {assumedFigure(a, f)}
            <ProvenanceMark mark={a.provenance} />
          </li>
        ))}
      </ul>
    </Fold>
  );
}

function FigureTable({ open, nameOf }: Omit<SumFiguresProps, 'plan'>) {
  const heads = ['area', 'solids', 'lands', 'overrun', ...Object.values(CAUSE_NAMES), 'sum'];
  return (
    <div className="scroll-x" tabIndex={0} role="group" aria-label="Every figure">
      <Table className="tbl">
        <TableHead>
          <TableRow>
            <TableCell>Product</TableCell>
            {heads.map((n) => (
              <TableCell key={n} className="num">
                {n}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {open.map((m) => (
            <FigureRow key={lineKey(m)} material={m} name={nameOf(m)} />
          ))}
        </TableBody>
      </Table>
    </div>
  );
}

function FigureRow({ material, name }: { material: Material; name: string }) {
  const f = useFormat();
  const cells = [
    f.area(material.areaM2),
    pctText(material.factors.solidsFrac),
    pctText(material.factors.transferFrac),
    material.factors.overrun.toFixed(2),
    ...material.breakdown.map((b) => cellVolume(b.ml, f)),
  ];
  return (
    <TableRow>
      <TableCell>{name}</TableCell>
      {cells.map((text, i) => (
        <TableCell key={i} className="num">
          {text}
        </TableCell>
      ))}
      <TableCell className="num">
        <b>{cellVolume(material.needMl, f)}</b>
      </TableCell>
    </TableRow>
  );
}

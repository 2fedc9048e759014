'use client';
/** What to buy for this job: paint by packs, what it is mixed with, and what the work uses up. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { setStaged } from '@/core/edits/in-hand';
import type { Consumable } from '@/core/material/consumables';
import type { Desk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/button-choice';
import { LinkButton } from '../parts/link-button';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { stagesSaid, type ProductOf } from '../views/materials';
import { ConsumableRows, PaintRows } from './buy-rows';

interface BuyPanelProps {
  readonly desk: Desk;
  readonly productOf: ProductOf;
  readonly consumables: readonly Consumable[];
}

export function BuyPanel({ desk, productOf, consumables }: BuyPanelProps) {
  return (
    <section className="panel" aria-label="To buy">
      <div className="hd">
        <small>packs, each, in all</small>
        <span className="r row noprint">
          <Button size="small" variant="outlined" onClick={() => window.print()}>
            Print the list
          </Button>
          <LinkButton size="small" variant="outlined" href={`/shopping?jobs=${desk.id}`}>
            Shopping list
          </LinkButton>
        </span>
      </div>
      <Stages desk={desk} />
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Packs">
        <Table className="tbl cards">
          <TableHead>
            <TableRow>
              <TableCell>Paint</TableCell>
              <TableCell>Here already</TableCell>
              <TableCell className="num">packs</TableCell>
              <TableCell className="num">each</TableCell>
              <TableCell className="num">in all</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            <PaintRows desk={desk} productOf={productOf} trip="first" />
            <ConsumableRows desk={desk} consumables={consumables} />
            {desk.plan.buying.isStaged && (
              <TableRow>
                <TableCell colSpan={5} className="small muted pt-14">
                  On the second trip
                </TableCell>
              </TableRow>
            )}
            <PaintRows desk={desk} productOf={productOf} trip="later" />
            <SumRows desk={desk} />
          </TableBody>
        </Table>
      </div>
      <p className="cap mt-8">
        Prices are invented examples until you give yours
        <ProvenanceMark mark="M" />; one spare can of colour is counted, since a spitting nozzle costs a coat
        and the shade cannot be had again on the day
        <ProvenanceMark mark="CP" />.
      </p>
    </section>
  );
}

const STAGE_NAMES = { once: 'All at once', staged: 'Paper and primer first' };

/** In one trip or in two, with what that costs and keeps in the pocket. */
function Stages({ desk }: { desk: Desk }) {
  const f = useFormat();
  const { buying, cost } = desk.plan;
  if (buying.later === 0) return null;
  return (
    <div className="row noprint gap-12 mt-8 mb-8">
      <ButtonChoice
        label="How it is bought"
        value={buying.isStaged ? 'staged' : 'once'}
        options={['once', 'staged']}
        names={STAGE_NAMES}
        onChange={(v) => desk.edit((j) => setStaged(j, v === 'staged'))}
      />
      <span className="small muted flex-1 minw-240">
        {stagesSaid({ buying, currency: cost.currency }, f)}
      </span>
    </div>
  );
}

function SumRows({ desk }: { desk: Desk }) {
  const f = useFormat();
  const { cost } = desk.plan;
  const money = (x: number): string => f.money(x, cost.currency);
  return (
    <>
      {cost.tax > 0 && (
        <TableRow>
          <TableCell colSpan={4}>Tax, {desk.job.budget.taxPct} %</TableCell>
          <TableCell className="num">{money(cost.tax)}</TableCell>
        </TableRow>
      )}
      <TableRow>
        <TableCell colSpan={4}>
          <b className="fw650">In all</b>{' '}
          <span className="small muted">
            paint {money(cost.paint)}, the rest {money(cost.prep)}; budget {money(cost.budget)}
          </span>
        </TableCell>
        <TableCell className="num">
          <b className="text-16">{money(cost.total)}</b>
        </TableCell>
      </TableRow>
    </>
  );
}

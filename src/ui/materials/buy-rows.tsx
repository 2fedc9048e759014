'use client';
/** Rows of the buying list: every ingredient with what is in hand of it, and every consumable. */
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Checkbox from '@mui/material/Checkbox';
import { looseMl, setHave, setLoose, setPrice } from '@/core/edits/in-hand';
import { CONSUMABLE_GROUPS, type Consumable, type ConsumableGroup } from '@/core/material/consumables';
import { priceKey } from '@/core/material/ingredients';
import type { Material } from '@/model/plan';
import { durationOf } from '@/words/format';
import { amountName, countName, GROUP_NAMES, lineName } from '@/words/shopping';
import type { Desk } from '../desk/job-desk';
import { useShelf } from '../parts/use-shelf';
import { MeasureBox } from '../parts/measure-box';
import { PriceBox } from '../parts/price-box';
import { useFormat } from '../theme/providers';
import { ingredientLines, packsText, type IngredientLine, type ProductOf } from '../views/materials';
import { StockPick } from './stock-pick';

interface PaintRowsProps {
  readonly desk: Desk;
  readonly productOf: ProductOf;
  readonly trip: Material['trip'];
}

export function PaintRows({ desk, productOf, trip }: PaintRowsProps) {
  const rows = useShelf();
  const lines = ingredientLines(desk.plan, productOf).filter((l) => l.material.trip === trip);
  return lines.map((line) => (
    <TableRow key={line.id}>
      <TableCell>
        <b className="fw600">{line.name}</b>
        {line.lifeMin !== undefined && (
          <span className="small muted">
            , dies {durationOf(line.lifeMin)} after activation: leave spares sealed
          </span>
        )}
        <StockPick desk={desk} wanted={line.wanted} needMl={line.ingredient.needMl} rows={rows} />
      </TableCell>
      <PaintCells desk={desk} line={line} />
    </TableRow>
  ));
}

function PaintCells({ desk, line }: { desk: Desk; line: IngredientLine }) {
  const f = useFormat();
  const { ingredient, wanted, name } = line;
  const { currency } = desk.plan.cost;
  return (
    <>
      <TableCell className="wide-150">
        <MeasureBox
          kind="volume"
          label="In hand"
          width={138}
          min={0}
          max={20000}
          step={50}
          value={looseMl(desk.job, wanted)}
          onChange={(ml) => desk.edit((j) => setLoose(j, wanted, ml))}
          fault={desk.faultAt(`shelf.${ingredient.id}`)}
        />
      </TableCell>
      <TableCell className="num" data-label="packs">
        {packsText(line.material, ingredient.packs, f)}
      </TableCell>
      <TableCell className="num" data-label="each">
        {ingredient.packs.map((k) => (
          <PriceBox
            key={k.size}
            label={`Price of ${name}, ${f.volume(k.size)}`}
            value={k.price}
            currency={currency}
            onChange={(v) => desk.edit((j) => setPrice(j, priceKey(ingredient.id, k.size), v))}
          />
        ))}
      </TableCell>
      <TableCell className="num" data-label="in all">
        <b>{f.money(ingredient.cost, currency)}</b>
      </TableCell>
    </>
  );
}

interface ConsumableRowsProps {
  readonly desk: Desk;
  readonly consumables: readonly Consumable[];
}

export function ConsumableRows({ desk, consumables }: ConsumableRowsProps) {
  return CONSUMABLE_GROUPS.map((group) => (
    <GroupRows key={group} desk={desk} group={group} list={consumables.filter((c) => c.group === group)} />
  ));
}

interface GroupRowsProps {
  readonly desk: Desk;
  readonly group: ConsumableGroup;
  readonly list: readonly Consumable[];
}

function GroupRows({ desk, group, list }: GroupRowsProps) {
  if (list.length === 0) return null;
  return (
    <>
      <TableRow>
        <TableCell colSpan={5} className="small muted pt-14">
          {GROUP_NAMES[group]}
        </TableCell>
      </TableRow>
      {list.map((c) => (
        <ConsumableRow key={c.id} desk={desk} consumable={c} />
      ))}
    </>
  );
}

function ConsumableRow({ desk, consumable }: { desk: Desk; consumable: Consumable }) {
  const f = useFormat();
  const { currency } = desk.plan.cost;
  const name = lineName({ key: consumable.id, name: null, part: null, params: consumable.params });
  return (
    <TableRow className={consumable.have ? 'ink-ink-3' : ''}>
      <TableCell>
        <b className="fw600">{name}</b>
        <span className="small muted">, {amountName(consumable.need, consumable.unit, f)}</span>
      </TableCell>
      <TableCell>
        <label className="row small noprint gap-2">
          <Checkbox
            size="small"
            checked={consumable.have}
            onChange={(_e, on) => desk.edit((j) => setHave(j, consumable.id, on))}
            slotProps={{ input: { 'aria-label': `${name} is here already` } }}
            sx={{ p: 0.5 }}
          />
          have it
        </label>
      </TableCell>
      <TableCell className="num" data-label="packs">
        {consumable.have ? 'none' : countName({ ...consumable, count: consumable.packs }, f)}
      </TableCell>
      <TableCell className="num desk-cell" data-label="each">
        <PriceBox
          label={`Price of ${name}`}
          value={consumable.price}
          currency={currency}
          onChange={(v) => desk.edit((j) => setPrice(j, consumable.id, v))}
        />
      </TableCell>
      <TableCell className="num" data-label="in all">
        <b>{f.money(consumable.cost, currency)}</b>
      </TableCell>
    </TableRow>
  );
}

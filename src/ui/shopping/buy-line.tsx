'use client';
/** One line of the shopping list: ticked off, with its price. */
import Checkbox from '@mui/material/Checkbox';
import type { ShoppingLine } from '@/model/shopping';
import { countName, lineName, packName } from '@/words/shopping';
import { PriceBox } from '../parts/price-box';
import { useFormat } from '../theme/providers';

interface BuyLineProps {
  readonly line: ShoppingLine;
  readonly currency: string;
  readonly on: boolean;
  readonly onTick: (on: boolean) => void;
  readonly onPrice: (price: number) => void;
}

export function BuyLine({ line, currency, on, onTick, onPrice }: BuyLineProps) {
  const f = useFormat();
  const name = lineName(line);
  const count = countName(line, f);
  return (
    <li data-on={on}>
      <label>
        <Checkbox
          checked={on}
          onChange={(_e, v) => onTick(v)}
          slotProps={{ input: { 'aria-label': `${count} ${name}` } }}
          sx={{ p: 1 }}
        />
        <span>
          <b>{count}</b> {name}
        </span>
      </label>
      <span className="price noprint">
        <PriceBox
          label={`Price of ${name}, ${packName(line, f)}`}
          value={line.price}
          currency={currency}
          onChange={onPrice}
        />
      </span>
      <b className="num">{f.money(line.cost, currency)}</b>
    </li>
  );
}

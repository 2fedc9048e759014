'use client';
/** An item of the shelf as a form: new, or one that is there. */
import Button from '@mui/material/Button';
import type { StockItem } from '@/model/stock';
import type { ShelfView } from '@/usecases/shelf';
import { Said } from '../parts/said';
import { draftOf, freshItem, productOf } from '../views/shelf';
import { AmountFields } from './amount-fields';
import { DateFields, NameFields, ProductFields } from './item-fields';
import { useItemForm } from './use-item-form';

interface ItemFormProps {
  readonly view: ShelfView;
  /** null for a new one */
  readonly item: StockItem | null;
  readonly today: string;
  /** the clock of the workshop, ms */
  readonly now: () => number;
  readonly onDone: (said: string | null) => void;
}

export function ItemForm({ view, item, today, now, onDone }: ItemFormProps) {
  const form = useItemForm({ start: item ? draftOf(item) : freshItem(view, today), item, onDone });
  const { draft, how, weight, faultAt } = form;
  const fields = {
    draft,
    product: productOf(view, draft),
    onChange: form.change,
    onPatch: form.patch,
    faultAt,
    now,
  };
  return (
    <form
      aria-label={item ? `Change ${item.name}` : 'Put something on the shelf'}
      noValidate
      onSubmit={(e) => void form.keep(e)}
      className="is-grid gap-12 pt-10 pb-10"
    >
      {!item && <ProductFields {...fields} products={view.products} />}
      <NameFields {...fields} />
      <AmountFields {...fields} how={how} onHow={form.setHow} weight={weight} onWeight={form.reweigh} />
      <DateFields {...fields} />
      <div className="row">
        <Button type="submit" variant="contained" disabled={form.isSubmitting || draft.name.trim() === ''}>
          {item ? 'Keep it' : 'Put it on the shelf'}
        </Button>
        <Button onClick={() => onDone(null)}>Cancel</Button>
        <Said>{form.error}</Said>
      </div>
    </form>
  );
}

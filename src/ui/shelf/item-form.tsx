'use client';
/** An item of the shelf as a form: new, or one that is there. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { EMPTY_CAN_G } from '@/core/material/shelf';
import { CAN_G_PER_ML } from '@/core/material/used';
import type { StockDraft, StockItem } from '@/model/stock';
import type { ShelfView } from '@/usecases/shelf';
import { send, type Faults } from '../parts/send';
import {
  bodyOf,
  draftOf,
  freshItem,
  patchDraft,
  productOf,
  type HowKnown,
  type Weight,
} from '../views/shelf';
import { AmountFields } from './amount-fields';
import { DateFields, NameFields, ProductFields } from './item-fields';
import { Said } from '@/ui/parts/said';

interface ItemFormProps {
  readonly view: ShelfView;
  /** null for a new one */
  readonly item: StockItem | null;
  readonly today: string;
  /** the clock of the workshop, ms */
  readonly now: () => number;
  readonly onDone: (said: string | null) => void;
}

/** The state of the form; what the server refused stays marked until something is changed. */
function useItemForm({ view, item, today, onDone }: ItemFormProps) {
  const [draft, setDraft] = useState<StockDraft>(() => (item ? draftOf(item) : freshItem(view, today)));
  const [how, setHow] = useState<HowKnown>('feel');
  const [weight, setWeight] = useState<Weight>({ grossG: 300, tareG: EMPTY_CAN_G, gPerMl: CAN_G_PER_ML });
  const [faults, setFaults] = useState<Faults>([]);
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<string | null>(null);
  const change = (to: (draft: StockDraft) => StockDraft): void => {
    setFaults([]);
    setDraft(to);
  };
  const reweigh = (to: Weight): void => {
    setFaults([]);
    setWeight(to);
  };
  const keep = async (): Promise<void> => {
    setBusy(true);
    setError(null);
    const body = bodyOf(draft, item, how === 'weight' ? weight : null);
    const sent = await send(item ? `/api/stock/${item.id}` : '/api/stock', item ? 'PUT' : 'POST', body);
    setBusy(false);
    if (sent.ok) {
      onDone(item ? `${draft.name}: kept.` : `${draft.name} is on the shelf.`);
      return;
    }
    setFaults(sent.faults);
    setError(sent.error);
  };
  const faultAt = (path: string): string | null => {
    const fault = faults.find((x) => x.path === path);
    return fault ? `Expected ${fault.expected}.` : null;
  };
  return { draft, change, how, setHow, weight, reweigh, busy, error, keep, faultAt };
}

export function ItemForm(props: ItemFormProps) {
  const { view, item, now, onDone } = props;
  const { draft, change, how, setHow, weight, reweigh, busy, error, keep, faultAt } = useItemForm(props);
  const fields = {
    draft,
    product: productOf(view, draft),
    onChange: change,
    onPatch: (patch: Partial<StockDraft>) => change((d) => patchDraft(d, patch)),
    faultAt,
    now,
  };
  return (
    <form
      aria-label={item ? `Change ${item.name}` : 'Put something on the shelf'}
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        void keep();
      }}
      className="is-grid gap-12 pt-10 pb-10"
    >
      {!item && <ProductFields {...fields} products={view.products} />}
      <NameFields {...fields} />
      <AmountFields {...fields} how={how} onHow={setHow} weight={weight} onWeight={reweigh} />
      <DateFields {...fields} />
      <div className="row">
        <Button type="submit" variant="contained" disabled={busy || draft.name.trim() === ''}>
          {item ? 'Keep it' : 'Put it on the shelf'}
        </Button>
        <Button onClick={() => onDone(null)}>Cancel</Button>
        <Said>{error}</Said>
      </div>
    </form>
  );
}

'use client';
/** The fields of an item: what it is, its name and pack, its dates. */
import Button from '@mui/material/Button';
import type { Product } from '@/model/product';
import { STOCK_PARTS, type StockDraft } from '@/model/stock';
import { ListChoice } from '../parts/list-choice';
import { MeasureBox } from '../parts/measure-box';
import { activatedAtMs, asPartOf, canBeActivated, PART_NAMES, takesColour } from '../views/shelf';
import { TextBox } from '../parts/text-box';
import { DateBox } from '../parts/date-box';

export interface ItemFieldsProps {
  readonly draft: StockDraft;
  /** undefined for what belongs to no product */
  readonly product: Product | undefined;
  readonly onChange: (to: (draft: StockDraft) => StockDraft) => void;
  readonly onPatch: (patch: Partial<StockDraft>) => void;
  readonly faultAt: (path: string) => string | null;
  /** the clock of the workshop, ms */
  readonly now: () => number;
}

interface ProductFieldsProps extends ItemFieldsProps {
  readonly products: readonly Product[];
}

export function ProductFields({ draft, product, products, onChange, onPatch }: ProductFieldsProps) {
  const pick = (p: Product, part: StockDraft['part']): void => onChange((d) => asPartOf(d, p, part));
  return (
    <div className="row">
      <ListChoice
        label="Product"
        value={product?.id ?? ''}
        options={products.map((p) => p.id)}
        names={Object.fromEntries(products.map((p) => [p.id, p.name]))}
        width={250}
        onChange={(id) =>
          pick(
            products.find((p) => p.id === id)!,
            draft.part,
          )
        }
      />
      <ListChoice
        label="It is"
        value={draft.part}
        options={STOCK_PARTS}
        names={PART_NAMES}
        width={170}
        onChange={(part) => (product ? pick(product, part) : onPatch({ part }))}
      />
    </div>
  );
}

export function NameFields({ draft, product, onPatch, faultAt }: ItemFieldsProps) {
  return (
    <div className="row">
      <TextBox
        label="Name"
        value={draft.name}
        most={80}
        fault={faultAt('name')}
        onChange={(name) => onPatch({ name })}
        sx={{ width: 250 }}
      />
      {takesColour(product, draft.part) && (
        <TextBox
          label="Colour, by name"
          value={draft.colour ?? ''}
          most={60}
          onChange={(colour) => onPatch({ colour })}
          hint="as on the job, or it is not used"
          sx={{ width: 200 }}
        />
      )}
      <TextBox
        label="Batch"
        value={draft.batch ?? ''}
        most={40}
        onChange={(batch) => onPatch({ batch })}
        sx={{ width: 120 }}
      />
      <MeasureBox
        kind="volume"
        label="Full pack"
        value={draft.sizeMl}
        min={1}
        max={20_000}
        step={50}
        width={132}
        onChange={(sizeMl) => onPatch({ sizeMl })}
        fault={faultAt('sizeMl')}
      />
    </div>
  );
}

const DATES = [
  ['Bought', 'boughtOn'],
  ['Opened', 'openedOn'],
  ['Use by, as printed', 'expiresOn'],
] as const;

export function DateFields({ draft, product, onPatch, onChange, faultAt, now }: ItemFieldsProps) {
  return (
    <div className="row">
      {DATES.map(([label, key]) => (
        <DateBox
          key={key}
          label={label}
          value={draft[key] ?? ''}
          fault={faultAt(key)}
          onChange={(day) => onPatch({ [key]: day })}
        />
      ))}
      {canBeActivated(product, draft.part) && <ActivatedButton draft={draft} onChange={onChange} now={now} />}
      <TextBox
        label="Note"
        value={draft.note ?? ''}
        most={200}
        onChange={(note) => onPatch({ note })}
        sx={{ width: 220 }}
      />
    </div>
  );
}

function ActivatedButton({ draft, onChange, now }: Pick<ItemFieldsProps, 'draft' | 'onChange' | 'now'>) {
  if (draft.activatedAt === undefined)
    return (
      <Button size="small" onClick={() => onChange((d) => activatedAtMs(d, now()))}>
        Activated just now
      </Button>
    );
  return (
    <Button size="small" onClick={() => onChange(({ activatedAt: _was, ...d }) => d)}>
      Not activated after all
    </Button>
  );
}

'use client';
/** The state of an item's form: judged by its schema before it is sent, and by the server once more. */
import { useState } from 'react';
import { get, useForm, useWatch, type FieldPath } from 'react-hook-form';
import { zodResolver } from '@hookform/resolvers/zod';
import { EMPTY_CAN_G } from '@/core/material/shelf';
import { CAN_G_PER_ML } from '@/core/material/used';
import { issueSaid } from '@/formats/faults';
import type { StockDraft, StockItem } from '@/model/stock';
import { send, type Faults } from '../parts/send';
import { bodyOf, patchDraft, type HowKnown, type Weight } from '../views/shelf';
import { itemFormSchema, type ItemFormValues } from '../views/shelf-form';

/** Of a field as it is sent: those of the item have no prefix there. */
const inForm = (path: string): FieldPath<ItemFormValues> =>
  (path.startsWith('weight.') ? path : `item.${path}`) as FieldPath<ItemFormValues>;
const LOOK = 'Look at the marked fields.';

interface ItemFormGiven {
  readonly start: StockDraft;
  /** null for a new one */
  readonly item: StockItem | null;
  readonly onDone: (said: string | null) => void;
}

export function useItemForm({ start, item, onDone }: ItemFormGiven) {
  const form = useForm<ItemFormValues>({
    resolver: zodResolver(itemFormSchema, { error: issueSaid }),
    defaultValues: {
      item: start,
      how: 'feel',
      weight: { grossG: 300, tareG: EMPTY_CAN_G, gPerMl: CAN_G_PER_ML },
    },
  });
  const { item: draft, how, weight } = useWatch({ control: form.control }) as ItemFormValues;
  const [error, setError] = useState<string | null>(null);
  const { errors, isSubmitting } = form.formState;
  const set: typeof form.setValue = (...given) => {
    form.setValue(...given);
    form.clearErrors();
    setError(null);
  };
  const change = (to: (was: StockDraft) => StockDraft): void => set('item', to(form.getValues('item')));
  const refuse = (words: string, faults: Faults): void => {
    setError(words);
    for (const { path, expected } of faults) form.setError(inForm(path), { message: expected });
  };
  const submit = async (values: ItemFormValues): Promise<void> => {
    const body = bodyOf(values.item, item, values.how === 'weight' ? values.weight : null);
    const sent = await send(item ? `/api/stock/${item.id}` : '/api/stock', item ? 'PUT' : 'POST', body);
    if (!sent.ok) return refuse(sent.error, sent.faults);
    onDone(item ? `${values.item.name}: kept.` : `${values.item.name} is on the shelf.`);
  };
  const faultAt = (path: string): string | null => {
    const message = (get(errors, inForm(path)) as { message?: string } | undefined)?.message;
    return message === undefined ? null : `Expected ${message}.`;
  };
  return {
    draft,
    how,
    weight,
    error,
    isSubmitting,
    faultAt,
    change,
    patch: (part: Partial<StockDraft>) => change((d) => patchDraft(d, part)),
    setHow: (to: HowKnown) => set('how', to),
    reweigh: (to: Weight) => set('weight', to),
    keep: form.handleSubmit(submit, () => setError(LOOK)),
  };
}

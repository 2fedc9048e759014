'use client';
/** The state of a week that is typed in: judged by its schema before it is sent, and by the server once more. */
import { useState } from 'react';
import { get, useForm, useWatch, type FieldPath, type Resolver } from 'react-hook-form';
import { parseDays } from '@/formats/days';
import { useFormat } from '../theme/providers';
import { daysOf, faultSaid, fieldOfFault, type DayRow, type WeekValues } from '../views/days-form';
import { send, type Faults } from '../parts/send';
import type { Spot } from '@/model/weather';

type Path = FieldPath<WeekValues>;
const LOOK = 'Look at the marked fields.';
/** A field that was left empty. */
const EMPTY = / \(got null\)$/;
const told = (expected: string): string => (EMPTY.test(expected) ? 'a figure' : expected);

/** The same judge as the server's: a fault stands at its field. */
const resolverAt =
  (spot: Spot): Resolver<WeekValues> =>
  (values) => {
    const parsed = parseDays({ ...spot, days: daysOf(values) });
    if (parsed.ok) return { values, errors: {} };
    const errors: Record<string, unknown> = { root: { type: 'custom', message: LOOK } };
    const rows: Record<string, Record<string, { type: string; message: string }>> = {};
    for (const { path, expected } of parsed.faults) {
      const [, row, field] = fieldOfFault(path)?.split('.') ?? [];
      if (row === undefined || field === undefined) continue;
      rows[row] = { [field]: { type: 'custom', message: told(expected) }, ...rows[row] };
    }
    return { values: {}, errors: { ...errors, rows } } as Awaited<ReturnType<Resolver<WeekValues>>>;
  };

interface DaysFormGiven {
  readonly start: WeekValues;
  readonly spot: Spot;
  readonly onDone: (id: string) => void;
}

export function useDaysForm({ start, spot, onDone }: DaysFormGiven) {
  const f = useFormat();
  const form = useForm<WeekValues>({ resolver: resolverAt(spot), defaultValues: start });
  const values = useWatch({ control: form.control }) as WeekValues;
  const [error, setError] = useState<string | null>(null);
  const { errors, isSubmitting } = form.formState;
  const change = (to: (was: WeekValues) => WeekValues): void => {
    const next = to(form.getValues());
    form.setValue('moistKind', next.moistKind);
    form.setValue('hasGusts', next.hasGusts);
    form.setValue('rows', next.rows as DayRow[]);
    form.clearErrors();
    setError(null);
  };
  const refuse = (words: string, faults: Faults): void => {
    setError(words);
    for (const { path, expected } of faults) {
      const field = fieldOfFault(path);
      if (field !== null) form.setError(field as Path, { message: told(expected) });
    }
  };
  const submit = async (week: WeekValues): Promise<void> => {
    const sent = await send<{ id: string }>('/api/weather/days', 'PUT', { ...spot, days: daysOf(week) });
    if (!sent.ok) return refuse(sent.error, sent.faults);
    onDone(sent.answer.id ?? '');
  };
  return {
    values,
    error,
    isSubmitting,
    change,
    patchRow: (i: number, patch: Partial<DayRow>): void =>
      change((w) => ({ ...w, rows: w.rows.map((r, k) => (k === i ? { ...r, ...patch } : r)) })),
    faultAt: (i: number, field: keyof DayRow): string | null => {
      const message = (get(errors, `rows.${i}.${field}`) as { message?: string } | undefined)?.message;
      return message === undefined ? null : `Expected ${faultSaid(message, f)}.`;
    },
    keep: form.handleSubmit(submit, () => setError(LOOK)),
  };
}

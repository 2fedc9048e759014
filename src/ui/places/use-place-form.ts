'use client';
/** The state of a place's form: judged by its schema before it is sent, and by the server once more. */
import { useState } from 'react';
import { get, useForm, useWatch, type FieldPath } from 'react-hook-form';
import { zodResolver } from '@hookform/resolvers/zod';
import * as z from 'zod';
import type { PlaceEdit } from '@/core/edits/place';
import { issueSaid } from '@/formats/faults';
import { placeSchema, type Place } from '@/model/place';
import { send } from '../parts/send';
import { placeName } from '../views/places';

const formSchema = z.object({ place: placeSchema });
type Values = z.infer<typeof formSchema>;
const LOOK = 'Look at the marked fields.';

interface PlaceFormGiven {
  readonly start: Place;
  /** null for a new one */
  readonly id: string | null;
  /** Once it is kept. @param id of it @param jobs that take it from here */
  readonly onKept: (id: string, said: string) => void;
}

const jobsSaid = (n: number): string => {
  if (n === 0) return '';
  return n === 1 ? ' One job has it so from now on.' : ` ${n} jobs have it so from now on.`;
};

export function usePlaceForm({ start, id, onKept }: PlaceFormGiven) {
  const form = useForm<Values>({
    resolver: zodResolver(formSchema, { error: issueSaid }),
    defaultValues: { place: start },
  });
  const { place } = useWatch({ control: form.control }) as Values;
  const [error, setError] = useState<string | null>(null);
  const { errors, isSubmitting } = form.formState;
  const [isChanged, setChanged] = useState(id === null);
  const edit = (to: PlaceEdit): void => {
    form.setValue('place', to(form.getValues('place')));
    form.clearErrors();
    setError(null);
    setChanged(true);
  };
  const submit = async ({ place: kept }: Values): Promise<void> => {
    const url = id === null ? '/api/places' : `/api/places/${id}`;
    const sent = await send<{ id: string; jobs: number }>(url, id === null ? 'POST' : 'PUT', { place: kept });
    if (!sent.ok) {
      setError(sent.error);
      for (const f of sent.faults)
        form.setError(`place.${f.path}` as FieldPath<Values>, { message: f.expected });
      return;
    }
    setChanged(false);
    onKept(id ?? sent.answer.id ?? '', `${placeName(kept)} is kept.${jobsSaid(sent.answer.jobs ?? 0)}`);
  };
  const faultAt = (path: string): string | null => {
    const message = (get(errors, `place.${path}`) as { message?: string } | undefined)?.message;
    return message === undefined ? null : `Expected ${message}.`;
  };
  return {
    place,
    edit,
    error,
    isChanged,
    isSubmitting,
    faultAt,
    /** Back to what is kept. */
    reset: () => {
      form.reset({ place: start });
      setChanged(false);
    },
    keep: form.handleSubmit(submit, () => setError(LOOK)),
  };
}

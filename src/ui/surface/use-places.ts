'use client';
/** The workshop's places, for a job to choose from; and the job's own, kept among them. */
import { useState } from 'react';
import { takePlace } from '@/core/edits/place';
import type { Job } from '@/model/job';
import type { KeptPlace } from '@/usecases/ports';
import { useDesk } from '../desk/job-desk';
import { send } from '../parts/send';
import { useFetched } from '../parts/use-fetched';
import { placeName } from '../views/places';

const NONE: readonly KeptPlace[] = [];

export function usePlaces() {
  const desk = useDesk();
  const [more, setMore] = useState<readonly KeptPlace[]>(NONE);
  const [said, setSaid] = useState<string | null>(null);
  const fetched = useFetched<{ rows: KeptPlace[] }>('/api/places')?.rows ?? NONE;
  const keep = async ({ place }: Job): Promise<void> => {
    const sent = await send<{ id: string }>('/api/places', 'POST', { place });
    const { id } = sent.answer;
    if (!sent.ok || id === undefined) return setSaid(sent.error);
    setMore((was) => [...was, { id, place }]);
    setSaid(`${placeName(place)} is kept.`);
    desk.edit((j) => takePlace(j, id, place));
  };
  return { rows: [...fetched, ...more], keep, said };
}

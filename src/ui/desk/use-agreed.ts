'use client';
/** The plan that was agreed to beside the one there is; what the owner did himself is agreed to by itself. */
import { useEffect, useMemo, useRef, useState } from 'react';
import { agreedOf, changedSince, type Changed } from '@/core/agreed';
import type { Agreed } from '@/model/agreed';
import type { Desk } from './job-desk';

export interface AgreedNow {
  /** null where nothing that would be noticed is otherwise */
  readonly changed: Changed | null;
  readonly was: Agreed | null;
  /** Goes on with the plan as it is. */
  agree(): void;
}

/** @param isOwnDoing what needs no telling */
export function useAgreed(desk: Desk, isOwnDoing: (changed: Changed) => boolean): AgreedNow {
  const { id, job, plan, known, weather, state, nowMs, refresh } = desk;
  const [taken, setTaken] = useState<Agreed | null>(null);
  const sent = useRef('');
  const was = taken ?? known.agreed;
  const grounded = useMemo(
    () => ({ job, plan, issuedMs: weather.issuedMs, readings: known.readings, around: known.around }),
    [job, plan, weather.issuedMs, known.readings, known.around],
  );
  const changed = useMemo(() => (was ? changedSince(was, grounded, nowMs) : null), [was, grounded, nowMs]);
  const agree = (): void => {
    const next = agreedOf(grounded, nowMs);
    setTaken(next);
    void fetch(`/api/jobs/${id}/agreed`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(next),
    })
      .then(refresh)
      .catch(() => undefined);
  };
  const isQuiet = was === null ? plan.sessions.length > 0 : changed !== null && isOwnDoing(changed);
  const mark = isQuiet && state.kind === 'saved' ? JSON.stringify(agreedOf(grounded, 0)) : '';
  useEffect(() => {
    if (mark === '' || sent.current === mark) return;
    sent.current = mark;
    agree();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each plan that needs no telling; agree is new with every render
  }, [mark]);
  return { changed: isQuiet ? null : changed, was, agree };
}

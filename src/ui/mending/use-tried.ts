'use client';
/** A change tried before it is made: the plan without it and the plan with it. */
import { useEffect, useState } from 'react';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { useDesk } from '../desk/job-desk';

interface Tried {
  /** With the coat ticked that shows the fault, and nothing mended. */
  readonly before: Plan;
  readonly after: Plan;
}
export type Change = (job: Job) => Job;

/** The plans without and with it, once they are worked out; null until then. */
export function useTried(before: Change, after: Change): { tried: Tried | null; fault: string | null } {
  const { attempt } = useDesk();
  const [state, setState] = useState<{ tried: Tried | null; fault: string | null }>({
    tried: null,
    fault: null,
  });
  useEffect(() => {
    let over = false;
    Promise.all([attempt(before), attempt(after)]).then(
      ([b, a]) => over || (b && a && setState({ tried: { before: b, after: a }, fault: null })),
      (e: Error) => over || setState({ tried: null, fault: e.message }),
    );
    return () => {
      over = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each choice of parts: the element has a key of them
  }, []);
  return state;
}

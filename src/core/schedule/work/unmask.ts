/** Tape off: a short visit of its own once the last coat has had its hour. */
import type { Notice } from '@/model/marks';
import { UNMASK_AFTER_MIN, UNMASK_MIN, type Draft, type PrepStep } from './draft';

/** Within the hour after that it comes off clean; later it is cut along the edge, minutes. */
const SOON_MIN = UNMASK_AFTER_MIN + 60;

/** @param afterMin minutes after the last coat */
const detailOf = (afterMin: number): Notice =>
  afterMin <= SOON_MIN
    ? { code: 'unmask', params: { minutes: UNMASK_AFTER_MIN } }
    : { code: 'unmask-cut', params: {} };

/** @param afterMin minutes after the last coat at which it is done */
export function unmaskStep(draft: Pick<Draft, 'id' | 'steps'>, afterMin: number): PrepStep {
  return {
    id: `${draft.id}.unmask`,
    kind: 'unmask',
    minutes: UNMASK_MIN,
    detail: detailOf(afterMin),
    partIds: [...new Set(draft.steps.flatMap((s) => s.partIds))],
    needs: 'hands',
    canSplit: false,
  };
}

/** The paper a session is drawn on close up. */
import type { Session } from '@/model/plan';
import type { CloseUpView } from '../views/close-up';

/** A session on its paper. */
export interface CloseUpFrame extends CloseUpView {
  readonly s: Session;
  readonly x: (ms: number) => number;
}

/** Where the tasks stand. */
export const TASKS = { y: 30, h: 36 } as const;

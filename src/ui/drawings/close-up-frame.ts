/** The paper a session is drawn on close up. */
import type { Session } from '@/model/plan';
import type { CloseUpView } from '../views/close-up';
import type { Paper } from './ribbon-frame';

/** A session on its paper. */
export interface CloseUpFrame extends CloseUpView {
  readonly s: Session;
  readonly x: (ms: number) => number;
  readonly paper: Paper;
}

/** Where the tasks stand. */
export const TASKS = { y: 30, h: 36 } as const;

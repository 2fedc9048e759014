/** What tests of hours shown share: instants by the hour, suitable spans, a session of a plan at other hours. */
import { HOUR } from '@/core/time/instant';
import type { Plan, Session } from '@/model/plan';
import type { Suit } from '@/model/starts';

export const at = (h: number): string => new Date(h * HOUR).toISOString();
export const span = (from: number, to: number, verdict: string, reason?: string): Suit['spans'][number] =>
  ({ startsAt: at(from), endsAt: at(to), verdict, reasons: reason ? [reason] : [] }) as never;
export const sessionOf = (plan: Plan, from: number, to: number, over: Partial<Session> = {}): Session => ({
  ...plan.sessions[0]!,
  startsAt: at(from),
  handsOffAt: at(to),
  ...over,
});

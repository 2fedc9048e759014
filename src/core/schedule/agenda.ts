/** Visits and sessions of a plan in the order they begin: the screen and the command line tell them so. */
import type { Plan, Session, Visit } from '@/model/plan';
import { instantOf } from '../time/instant';

export type Entry =
  { readonly kind: 'visit'; readonly of: Visit } | { readonly kind: 'session'; readonly of: Session };

export function agendaOf({ visits, sessions }: Pick<Plan, 'visits' | 'sessions'>): Entry[] {
  const all: Entry[] = [
    ...visits.map((of): Entry => ({ kind: 'visit', of })),
    ...sessions.map((of): Entry => ({ kind: 'session', of })),
  ];
  return all.sort((a, b) => instantOf(a.of.startsAt) - instantOf(b.of.startsAt));
}

'use client';
/** What rules the other hours out. */
import type { Suit } from '@/model/starts';
import { causeName, hoursText, lostHours } from '../views/window';

export function RuledOut({ suit }: { suit: Suit | undefined }) {
  return (
    <section className="panel" aria-label="Why not the other hours">
      {suit && (
        <ul className="cap is-grid gap-6 mt-8">
          {lostHours(suit).map((l) => (
            <li key={l.cause} className="row wrap-nowrap">
              <b className="minw-48">{hoursText(l.hours)}</b>
              <span>{causeName(l.cause)}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

'use client';
/** What readings of closed jobs taught of a place; nothing before they did. */
import type { Place } from '@/model/place';
import { useFormat } from '../theme/providers';
import { ownSaid } from '../views/places';
import { ProvenanceMark } from './mark';

export function OwnShelter({ place }: { readonly place: Place }) {
  const said = ownSaid(place, useFormat());
  if (said === null) return null;
  return (
    <p className="cap mb-8">
      From readings of closed jobs: {said} <ProvenanceMark mark="own" />. Reset on Logbook.
    </p>
  );
}

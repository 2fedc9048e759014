/** What is looked for in the logbook, as it stands in an address. */
import type { LogbookAsked } from '@/model/logbook-asked';

const MOST_WORDS = 200;
const some = (text: string | null): string | undefined =>
  text === null || text.trim() === '' ? undefined : text.trim().slice(0, MOST_WORDS);

export function askedIn(query: URLSearchParams): LogbookAsked {
  const [words, year, sprayer] = ['q', 'year', 'with'].map((key) => some(query.get(key)));
  const faults = query.get('faults');
  return {
    ...(words !== undefined && { words }),
    ...(year !== undefined && /^\d{4}$/.test(year) && { year }),
    ...(sprayer !== undefined && { sprayer }),
    ...((faults === 'some' || faults === 'none') && { faults }),
  };
}

/** Empty where everything is asked. */
export function queryOf({ words, year, sprayer, faults }: LogbookAsked): string {
  const query = new URLSearchParams({
    ...(words && { q: words }),
    ...(year && { year }),
    ...(sprayer && { with: sprayer }),
    ...(faults && { faults }),
  });
  return query.toString();
}

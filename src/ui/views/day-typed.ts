/** What a date field makes of what is typed into it. Pure. */

export type DayTyped =
  { readonly kind: 'day'; readonly day: string } | { readonly kind: 'held'; readonly words: string };

interface Around {
  /** the browser says that something stands there that is no date yet */
  readonly isHalf: boolean;
  readonly isNeeded: boolean;
  /** the day that counts meanwhile, '' for none */
  readonly stays: string;
}

const FIRST_YEAR = 2000;
const LAST_YEAR = 2100;

/** @param text yyyy-mm-dd, or '' */
export function dayTyped(text: string, { isHalf, isNeeded, stays }: Around): DayTyped {
  const until = stays === '' ? '' : ` ${stays} stays until then.`;
  if (text === '') {
    if (isHalf || isNeeded) return { kind: 'held', words: `Not a whole date yet.${until}` };
    return { kind: 'day', day: '' };
  }
  const year = Number(/^(\d{4,6})-/.exec(text)?.[1]);
  if (year >= FIRST_YEAR && year <= LAST_YEAR) return { kind: 'day', day: text };
  return { kind: 'held', words: `A year from ${FIRST_YEAR} to ${LAST_YEAR}.${until}` };
}

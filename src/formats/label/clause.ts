/** A label cut into clauses, each with the times and temperatures that stand in it. */
import { anyOf, tempsIn, timesIn, type TempSpan, type TimeSpan } from './quantities';

export interface Clause {
  readonly text: string;
  readonly low: string;
  readonly times: readonly TimeSpan[];
  readonly heat: readonly TempSpan[];
}

/** Words that name the next layer or coat. */
export const NEXT = anyOf([
  /over-?coat|top-?coat|re-?coat|clear-?coat/,
  /lacquered over|paint(?:ed)? over/,
  /next (?:layer|product)|follow(?:ed)? (?:with|by)|second coat/,
]);

/** Longer texts are cut: no label holds more. */
const MOST_CHARACTERS = 20_000;

/** What reads a clause looks back and forth in it: one without end is cut at a space, so that its price stays bounded. */
const MOST_CLAUSE_CHARACTERS = 300;
const PIECE = new RegExp(`.{1,${MOST_CLAUSE_CHARACTERS}}(?:\\s|$)|.{1,${MOST_CLAUSE_CHARACTERS}}`, 'gs');
const inPieces = (clause: string): string[] =>
  clause.length <= MOST_CLAUSE_CHARACTERS ? [clause] : (clause.match(PIECE) ?? []);

/** Several waits in one sentence stand between its commas. */
function atCommas(sentence: string): string[] {
  const several = timesIn(sentence).length >= 2 && !NEXT.test(sentence.toLowerCase());
  return several ? sentence.split(/,\s+(?=[a-zA-Z])/) : [sentence];
}

export function clausesOf(text: string): Clause[] {
  return (
    text
      .slice(0, MOST_CHARACTERS)
      .replace(/\u00a0/g, ' ')
      // A dot ends a sentence only before a space and a capital; figures and units keep theirs.
      .split(/\n|;|•|\||(?<=[a-z%)0-9°CF])\.\s+(?=[A-Z])/)
      .flatMap(inPieces)
      .flatMap(atCommas)
      .map((c) => c.trim())
      .filter((c) => c !== '')
      .map((c) => ({ text: c, low: c.toLowerCase(), times: timesIn(c), heat: tempsIn(c) }))
  );
}

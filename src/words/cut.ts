/** A text cut to a length on a whole character: an emoji or an accent is never halved. Pure. */
const characters = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** @param most letters as the saved form counts them (UTF-16 units), 0 or more */
export function cutTo(text: string, most: number): string {
  if (text.length <= most) return text;
  let end = 0;
  // A character is under 100 units unless somebody plays with accents; those are cut off whole.
  for (const { index, segment } of characters.segment(text.slice(0, most + 100))) {
    if (index + segment.length > most) break;
    end = index + segment.length;
  }
  return text.slice(0, end);
}

/** A name that fits into so many letters, with a sign that it goes on. */
export const shortName = (name: string, most: number): string =>
  name.length > most ? `${cutTo(name, most - 1).trimEnd()}…` : name;

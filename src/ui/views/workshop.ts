/** What came of bringing a copy back, in words. */
export interface BringAnswer {
  readonly added?: number;
  readonly same?: number;
  readonly putAside?: number;
  readonly photos?: number;
}

export function broughtBack({ added = 0, same = 0, putAside = 0, photos = 0 }: BringAnswer): string {
  const pictures = photos > 0 ? ` Photographs: ${photos}.` : '';
  const aside = putAside > 0 ? ` Taken off the bench, to be put back there: ${putAside}.` : '';
  return `Brought in: ${added}. Here already, the same: ${same}.${pictures}${aside}`;
}

/** The ways to do it, by name, and what each is good for. */

export const ROUTE_NAMES: Readonly<Record<string, string>> = {
  'cans-1k': 'All in cans, one part',
  'cans-2k': 'Cans, two-part clear',
  'cans-enamel': 'Cans, plain enamel',
  blend: 'Mend the spot, clear the whole',
  'gun-1k': 'Gun, one part',
  'gun-2k': 'Gun, two-part',
  'gun-single': 'Gun, colour and gloss in one',
};
/** What a route is good for and what it cannot do. Common practice, no source. */
export const ROUTE_WORDS: Readonly<Record<string, readonly [string, string]>> = {
  'cans-1k': ['no isocyanate, no mixing, any small part', 'soft; petrol dissolves it; a few years outdoors'],
  'cans-2k': ['hard and fuel-proof without a gun', 'isocyanate; dies a day or two after activation'],
  'cans-enamel': [
    'fewest cans, no clear, easily touched in',
    'soft for weeks; nothing goes over it for a month',
  ],
  blend: [
    'colour only where it is mended',
    'colour must match; a fade shows in metallics; clear goes to the panel’s edge, never fades',
  ],
  'gun-1k': [
    'covers large parts evenly, no isocyanate',
    'needs gun, compressor and dry air; clear stays one-part',
  ],
  'gun-2k': ['levels and lasts like a shop’s', 'isocyanate all through; everything mixed dies in hours'],
  'gun-single': ['fewest coats and sessions', 'solid gloss only; isocyanate; no clear to polish'],
};

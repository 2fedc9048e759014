/** Paths of a job's fields as a person says them: "the length of a part", "the build-up". */

const FIELDS: Readonly<Record<string, string>> = {
  name: 'the name',
  place: 'the place',
  placeId: 'the place',
  dryIn: 'where it dries',
  purpose: 'the purpose',
  equipment: 'the kit',
  parts: 'the parts',
  system: 'the build-up',
  products: 'a data sheet',
  shelf: 'what is on the shelf',
  freeHours: 'the free hours',
  budget: 'the budget',
  risk: 'rush or safe',
  starts: 'a start',
  turn: 'the turn at the bench',
  state: 'the checklist',
  log: 'the log',
  schools: 'a school',
  overrides: 'what was taken on',
  fittings: 'what comes off',
};
const LEAVES: Readonly<Record<string, string>> = {
  lengthMm: 'the length',
  widthMm: 'the width',
  hiddenEdgePct: 'the hidden edges',
  sides: 'the sides',
  posture: 'the posture',
  substrate: 'what it is made of',
  condition: 'what lies on it',
  name: 'the name',
  shape: 'the shape',
  count: 'the pieces',
  dents: 'the dents',
  zones: 'the zones',
  sharePct: 'the share',
  deadline: 'the day to be ready by',
  deadlineHour: 'the hour to be ready by',
  readyFrom: 'the day a part is here from',
  tz: 'the time zone',
  lat: 'the latitude',
  lon: 'the longitude',
  shelter: 'the shelter',
  door: 'the door',
  facing: 'the way it looks',
  windFrac: 'the wind that gets in',
  heightM: 'the height',
  grade: 'the grade',
  finish: 'the finish',
  colour: 'the colour',
  hex: 'the colour',
  kind: 'the kind of colour',
  exposure: 'what it meets',
  suppliedAir: 'the air-fed mask',
  sander: 'the sander',
  coats: 'the coats',
  productId: 'the product',
  amount: 'the amount',
  remainingMl: 'what is left',
  rushSafe: 'rush or safe',
};

/** A field by its path; what it belongs to stands after it. */
export function fieldName(path: string): string {
  const parts = path
    .replace(/\[[^\]]*\]/g, '')
    .split('.')
    .filter((p) => p !== '');
  const root = FIELDS[parts[0] ?? ''] ?? (path === '' || path === '(the whole)' ? 'the job' : path);
  // Its fields are named as others are and mean something else.
  const isWhole = parts[0] === 'dryIn' || parts[1] === 'heater';
  const leaf = parts.length > 1 && !isWhole ? LEAVES[parts.at(-1)!] : undefined;
  if (!leaf || leaf === root) return root;
  if (parts[0] === 'parts') return `${leaf} of a part`;
  return parts[0] === 'system' ? `${leaf} in the build-up` : leaf;
}

/** What a step changed, '' for several fields at once. */
export function stepName(what: string): string {
  return what === '' ? 'several changes' : `the change of ${fieldName(what)}`;
}

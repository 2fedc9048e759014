/** Structured nonsense: a good document or text with a few things in it made wrong. */
import { pick, type Chance } from './chance';

const LONG = 20_000;
const DEEP = 200;
const nested = (): unknown => {
  let at: unknown = 1;
  for (let i = 0; i < DEEP; i++) at = [at];
  return at;
};
/** What people, programs and attackers put where something else belongs. */
const JUNK: readonly (() => unknown)[] = [
  () => null,
  () => true,
  () => -1,
  () => 0,
  () => 0.1 + 0.2,
  () => 1e308,
  () => -1e-300,
  () => 2 ** 53,
  () => '',
  () => ' ',
  () => 'NaN',
  () => '1,200',
  () => '=1+1',
  () => '\ufeff',
  () => '\ud800',
  () => '👩‍👩‍👧',
  () => 'x'.repeat(LONG),
  () => '2026-02-30T25:61',
  () => '2026-05-16',
  () => '__proto__',
  () => '../../etc/passwd',
  () => "'; DROP TABLE jobs; --",
  () => '<script>alert(1)</script>',
  () => 'Europe/Ber',
  () => '#zzzzzz',
  () => [],
  () => ({}),
  () => ({ kind: 'frame' }),
  nested,
  () => Array.from({ length: 600 }, (_, i) => i),
];

type Tree = Record<string, unknown> | unknown[];
const isTree = (x: unknown): x is Tree => typeof x === 'object' && x !== null;

/** A place in the tree, found by walking down at random. */
function somewhere(chance: Chance, root: Tree): { readonly at: Tree; readonly key: string } | null {
  let at: Tree = root;
  for (let depth = 0; depth < 12; depth++) {
    const keys = Object.keys(at);
    if (keys.length === 0) return null;
    const key = pick(chance, keys);
    const below = (at as Record<string, unknown>)[key];
    if (!isTree(below) || chance() < 0.2) return { at, key };
    at = below;
  }
  return null;
}

function spoil(chance: Chance, root: Tree): void {
  const place = somewhere(chance, root);
  if (!place) return;
  const at = place.at as Record<string, unknown>;
  const what = chance();
  if (what < 0.6) at[place.key] = pick(chance, JUNK)();
  else if (what < 0.75) delete at[place.key];
  else if (what < 0.85)
    at[`${place.key}${pick(chance, ['', ' ', '2', 'constructor'])}x`] = pick(chance, JUNK)();
  else if (Array.isArray(place.at)) place.at.push(place.at[Number(place.key)]);
  else at[place.key] = [at[place.key]];
}

const MOST_SPOILS = 4;

/** A copy of a good document with one to four things made wrong. */
export function junkDocument(chance: Chance, good: unknown): unknown {
  const root = structuredClone(good);
  if (!isTree(root) || chance() < 0.02) return pick(chance, JUNK)();
  for (let n = 1 + Math.floor(chance() * MOST_SPOILS); n > 0; n--) spoil(chance, root);
  return root;
}

const BITS: readonly string[] = [
  '"',
  ',',
  ';',
  '\n',
  '\r\n',
  '\t',
  '\0',
  '\ufeff',
  '=',
  '-',
  '–',
  '%',
  '°C',
  '999999999999',
  '1,5',
  '½',
  '１２',
  '\u202e',
  '"".""',
  '#',
  '{',
  ']',
  'min',
  'ml',
  '’',
  '\ud83c',
];

/** A copy of a good text with bits put in, taken out, doubled or swapped. */
export function junkText(chance: Chance, good: string): string {
  let text = good;
  for (let n = 1 + Math.floor(chance() * MOST_SPOILS); n > 0; n--) {
    const at = Math.floor(chance() * (text.length + 1));
    const to = Math.min(text.length, at + Math.floor(chance() * 40));
    const what = chance();
    if (what < 0.4)
      text = text.slice(0, at) + pick(chance, BITS).repeat(1 + Math.floor(chance() * 3)) + text.slice(at);
    else if (what < 0.6) text = text.slice(0, at) + text.slice(to);
    else if (what < 0.8) text = text.slice(0, to) + text.slice(at, to).repeat(30) + text.slice(to);
    else text = text.slice(to) + text.slice(0, at);
  }
  return text;
}

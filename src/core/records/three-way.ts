/**
 * Three-way merge of plain JSON records: what I changed and what another changed, both since one
 * base. Fields that only one of the two touched merge by themselves; a field that both changed
 * differently is a clash, named by its path, and keeps mine until somebody decides. Pure data, no
 * word of the trade.
 */

export type Json =
  null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json | undefined };
type Obj = { readonly [key: string]: Json | undefined };
export interface Merged {
  readonly merged: Json;
  /** paths both changed, for instance parts[0].lengthMm */ readonly clashes: readonly string[];
}

const isObj = (x: Json | undefined): x is Obj => typeof x === 'object' && x !== null && !Array.isArray(x);

/** Deep equality of JSON values; key order does not count, an undefined field is an absent one. */
export function sameJson(a: Json | undefined, b: Json | undefined): boolean {
  if (a === b) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((x, i) => sameJson(x as Json, b[i] as Json));
  if (!isObj(a) || !isObj(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  for (const k of keys) if (!sameJson(a[k], b[k])) return false;
  return true;
}

/** What a list entry is known by; null when it has no name of its own. */
function keyOf(x: Json): string | null {
  if (!isObj(x)) return null;
  if (typeof x.layerId === 'string' && typeof x.coat === 'number') return `${x.layerId}#${x.coat}`;
  for (const k of ['id', 'taskId', 'sessionId', 'productId', 'date'])
    if (typeof x[k] === 'string') return `${k}:${x[k]}`;
  return null;
}

function keyed(list: readonly Json[]): Map<string, Json> | null {
  const out = new Map<string, Json>();
  for (const x of list) {
    const k = keyOf(x);
    if (k === null || out.has(k)) return null;
    out.set(k, x);
  }
  return out;
}

const join = (path: string, key: string): string => (path === '' ? key : `${path}.${key}`);

/** One place of the three records. */
interface Spot {
  readonly base: Json | undefined;
  readonly mine: Json | undefined;
  readonly theirs: Json | undefined;
  readonly path: string;
}
/** What merges as one thing, and the clashes met so far. */
interface Merging {
  readonly atomic: ReadonlySet<string>;
  readonly clashes: string[];
}

function mergeFields(base: Obj, mine: Obj, theirs: Obj, at: { path: string; merging: Merging }): Json {
  const out: Record<string, Json> = {};
  for (const k of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const spot = { base: base[k], mine: mine[k], theirs: theirs[k], path: join(at.path, k) };
    const v = step(spot, at.merging);
    if (v !== undefined) out[k] = v;
  }
  return out;
}

/** Lists whose entries all have a name of their own merge entry by entry; null for any other. */
function mergeEntries({ base, mine, theirs, path }: Spot, merging: Merging): Json | null {
  const m = keyed(mine as readonly Json[]);
  const t = keyed(theirs as readonly Json[]);
  const b = keyed(Array.isArray(base) ? base : []);
  if (!m || !t || !b) return null;
  const out: Json[] = [];
  for (const k of new Set([...t.keys(), ...m.keys()])) {
    const at = `${path}[${k.replace(/^[a-zA-Z]+:/, '')}]`;
    const v = step({ base: b.get(k), mine: m.get(k), theirs: t.get(k), path: at }, merging);
    if (v !== undefined) out.push(v);
  }
  return out;
}

/** What both changed, merged from within; null where it cannot be. */
function mergeWithin(spot: Spot, merging: Merging): Json | null {
  const { base, mine, theirs, path } = spot;
  if (merging.atomic.has(path)) return null;
  if (isObj(mine) && isObj(theirs))
    return mergeFields(isObj(base) ? base : {}, mine, theirs, { path, merging });
  return Array.isArray(mine) && Array.isArray(theirs) ? mergeEntries(spot, merging) : null;
}

function step(spot: Spot, merging: Merging): Json | undefined {
  const { base, mine, theirs, path } = spot;
  if (sameJson(mine, theirs) || sameJson(base, theirs)) return mine;
  if (sameJson(base, mine)) return theirs;
  const within = mergeWithin(spot, merging);
  if (within !== null) return within;
  merging.clashes.push(path === '' ? '(the whole)' : path);
  return mine ?? theirs;
}

/**
 * @param atomic paths that merge as one thing (an ordered list, say), never entry by entry
 * @returns the merged record and the paths where both changed differently (mine is kept there)
 */
export function mergeThree(base: Json, mine: Json, theirs: Json, atomic: readonly string[] = []): Merged {
  const clashes: string[] = [];
  const merged = step({ base, mine, theirs, path: '' }, { atomic: new Set(atomic), clashes });
  return { merged: merged ?? null, clashes };
}

/**
 * The one path under which all differences of two records lie; '' when they differ in more than one field or
 * not at all.
 */
export function changedPath(a: Json | undefined, b: Json | undefined, path = ''): string {
  const differing = (
    keys: readonly string[],
    get: (x: Json | undefined, k: string) => Json | undefined,
  ): string[] => keys.filter((k) => !sameJson(get(a, k), get(b, k)));
  if (isObj(a) && isObj(b)) {
    const d = differing([...new Set([...Object.keys(a), ...Object.keys(b)])], (x, k) => (x as Obj)[k]);
    return d.length === 1 ? changedPath(a[d[0]!], b[d[0]!], join(path, d[0]!)) : path;
  }
  if (Array.isArray(a) && Array.isArray(b) && a.length === b.length) {
    const d = a.map((_x, i) => i).filter((i) => !sameJson(a[i] as Json, b[i] as Json));
    return d.length === 1 ? changedPath(a[d[0]!] as Json, b[d[0]!] as Json, `${path}[${d[0]}]`) : path;
  }
  return path;
}

/** Variants of a thing, the same one each time: what was worked out with it is known again. */
export function variants<T extends object, K>(): (of: T, key: K, make: () => T) => T {
  const made = new WeakMap<T, Map<K, T>>();
  return (of, key, make) => {
    const known = made.get(of) ?? new Map<K, T>();
    made.set(of, known);
    const variant = known.get(key) ?? make();
    known.set(key, variant);
    return variant;
  };
}

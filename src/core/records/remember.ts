/** A bounded memory: what was made for a key is given again, the oldest key goes when there are too many. */
export function remember<K, V>(made: Map<K, V>, key: K, most: number, make: () => V): V {
  const known = made.get(key);
  if (known !== undefined) return known;
  const fresh = make();
  if (made.size >= most) made.delete(made.keys().next().value!);
  made.set(key, fresh);
  return fresh;
}

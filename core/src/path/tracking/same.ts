/** Whether two values read the same: lists, maps, sets and plain objects by what they hold, all else by identity. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  const kind = Object.getPrototypeOf(a);
  if (kind !== Object.getPrototypeOf(b)) return false;
  if (Array.isArray(a))
    return a.length === (b as unknown[]).length && a.every((one, at) => same(one, (b as unknown[])[at]));
  if (a instanceof Map) {
    const other = b as Map<unknown, unknown>;
    if (a.size !== other.size) return false;
    // The order counts: it is the order in which people see it.
    const entries = other.entries();
    for (const [key, value] of a) {
      const [otherKey, otherValue] = entries.next().value!;
      if (!same(key, otherKey) || !same(value, otherValue)) return false;
    }
    return true;
  }
  if (a instanceof Set) return same([...a], [...(b as Set<unknown>)]);
  if (kind !== Object.prototype && kind !== null) return false;
  const keys = Object.keys(a);
  if (keys.length !== Object.keys(b).length) return false;
  return keys.every((key) => key in b && same((a as never)[key], (b as never)[key]));
}

/**
 * Keeps what was computed from an object for as long as everything else that it was computed from is the very same. While she drags, one
 * placement of a hundred and fifty is another: the rest of the plan is looked up. Nothing is told apart by its contents, so what was changed
 * in place would not be seen; nothing in core changes in place.
 *
 * @example const kept = keep<Session, Caution[]>(); kept(session, [plan.materials], () => find(session))
 */
export function keep<K extends object, V>(): (key: K, from: readonly unknown[], make: () => V) => V {
  const all = new WeakMap<K, { from: readonly unknown[]; value: V }>()
  return (key, from, make) => {
    const known = all.get(key)
    if (known && known.from.length === from.length && known.from.every((one, i) => one === from[i])) return known.value
    const value = make()
    all.set(key, { from, value })
    return value
  }
}

/**
 * Keeps what was computed from an object for as long as everything else that it was computed from is the very same.
 * While she drags, one placement of a hundred and fifty is another: the rest of the plan is looked up. Nothing is told
 * apart by its contents, so what was changed in place would not be seen; nothing in core changes in place.
 *
 * @example const kept = keep<Session, Caution[]>(); kept(session, [plan.materials], () => find(session))
 */
export function keep<K extends object, V>(): (key: K, from: readonly unknown[], make: () => V) => V {
  const all = new WeakMap<K, { from: readonly unknown[]; value: V }>()
  return (key, from, make) => {
    const known = all.get(key)
    if (known && isSame(known.from, from)) return known.value
    const value = make()
    all.set(key, { from, value })
    return value
  }
}

/** Whether two lists hold the very same. A loop, since it runs thousands of times while she drags. */
function isSame(a: readonly unknown[], b: readonly unknown[]): boolean {
  if (a.length !== b.length) return false
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false
  return true
}

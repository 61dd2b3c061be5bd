/** The few parts of a browser that stores touch, for tests that run without one. */
export function withBrowserParts(): Map<string, string> {
  const kept = new Map<string, string>()
  globalThis.localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  } as unknown as Storage
  return kept
}

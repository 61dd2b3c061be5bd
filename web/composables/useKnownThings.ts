import { onMounted, shallowRef } from 'vue'
import type { KnownThings } from '@core/ideas'

/** What is commonly known of things, fetched when a view opens; without it, names are taken as they are typed. */
export function useKnownThings() {
  const known = shallowRef<KnownThings>(new Map())
  onMounted(async () => {
    known.value = await import('@core/library/things').then(
      (module) => module.KNOWN_THINGS,
      () => new Map(),
    )
  })
  return known
}

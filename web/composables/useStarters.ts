import { refDebounced } from '@vueuse/core'
import { computed, onMounted, shallowRef, type Ref } from 'vue'
import type { ThemeStarter } from '@core/library/starters'

/** How long after the last key themes are looked for, in milliseconds. */
const LOOK_AFTER = 150

/** Themes that Kobby can begin with, by what is typed; fetched when a view opens, and none without a connection. */
export function useStarters(text: Ref<string>) {
  const find = shallowRef<(text: string) => ThemeStarter[]>(() => [])
  onMounted(async () => {
    const found = await import('@core/library/starters').catch(() => null)
    if (found) find.value = found.startersFor
  })
  const typed = refDebounced(text, LOOK_AFTER)
  return computed(() => find.value(typed.value))
}

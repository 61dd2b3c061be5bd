import { readonly, ref, watch, type Ref } from 'vue'

/** The longest that what may wait waits for a page that is busy, in milliseconds. */
const LONGEST = 1500

/** Waits until the page has come to rest; where it does not, no longer than {@link LONGEST}. */
export const whenCalm = (): Promise<void> =>
  new Promise((rest) => {
    if ('requestIdleCallback' in window) requestIdleCallback(() => rest(), { timeout: LONGEST })
    else setTimeout(rest, LONGEST / 2)
  })

/**
 * Whether the page has come to rest after something is there for the first time: what she asked for is drawn before what
 * only stands beside it is worked out.
 */
export function useCalm(isThere: () => boolean): Readonly<Ref<boolean>> {
  const calm = ref(false)
  watch(
    isThere,
    (there) => {
      if (there && !calm.value) void whenCalm().then(() => (calm.value = true))
    },
    { immediate: true, flush: 'post' },
  )
  return readonly(calm)
}

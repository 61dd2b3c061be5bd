import { useResizeObserver } from '@vueuse/core'
import { nextTick, watch, type Ref, type WatchSource } from 'vue'

/** Pixels of a letter, the largest first: what is read from three meters, down to what is read from the hand. */
const SIZES = [76, 68, 60, 54, 48, 42, 36, 31, 27] as const

/**
 * The largest size at which a box does not scroll: words that are few stand larger.
 *
 * @param box what must not scroll; its words take their size from the custom property `--fit`
 * @param of what its words depend on
 */
export function useFitText(box: Readonly<Ref<HTMLElement | null | undefined>>, of: WatchSource[]): void {
  async function fit(): Promise<void> {
    await nextTick()
    const element = box.value
    if (!element || !element.clientHeight) return
    const fits = (px: number) => {
      element.style.setProperty('--fit', `${px}px`)
      return element.scrollHeight <= element.clientHeight && element.scrollWidth <= element.clientWidth
    }
    // Trying sets it; where none fits, the smallest was tried last, and the box scrolls.
    SIZES.find(fits)
  }
  watch([box, ...of], () => void fit(), { immediate: true, flush: 'post' })
  useResizeObserver(box as Ref<HTMLElement | null | undefined>, () => void fit())
}

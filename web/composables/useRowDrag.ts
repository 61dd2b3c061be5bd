import type Sortable from 'sortablejs'
import { onBeforeUnmount, watch, type Ref } from 'vue'
import { DRAGS, sortableLater } from './sortableLater'

/**
 * Makes the rows of a list draggable by mouse and finger. Nothing in the page moves by itself: where a row was dropped is
 * told, and whoever owns the list moves it.
 *
 * @param draggable selector of the rows
 * @param handle selector of what they are held by; the whole row where it is left out
 */
export function useRowDrag(
  list: Readonly<Ref<HTMLElement | null | undefined>>,
  moved: (from: number, to: number) => void,
  { draggable, handle }: { draggable: string; handle?: string },
): void {
  let sortable: Sortable | undefined
  watch(
    list,
    async (element) => {
      sortable?.destroy()
      sortable = undefined
      const { create } = await sortableLater
      // Another list may stand there by now, or none.
      if (!element || element !== list.value) return
      sortable = create(element, {
        handle,
        draggable,
        animation: 0,
        forceFallback: true,
        fallbackTolerance: 4,
        delay: 150,
        delayOnTouchOnly: true,
        onEnd: ({ oldDraggableIndex: from, newDraggableIndex: to, item }) => {
          if (from === undefined || to === undefined) return
          // The page is Vue's: the row goes back where it was, and moves by the list.
          const others = [...element.children].filter((child) => child !== item)
          element.insertBefore(item, others[from] ?? null)
          moved(from, to)
        },
      })
      element.toggleAttribute(DRAGS, true)
    },
    { immediate: true, flush: 'post' },
  )
  onBeforeUnmount(() => sortable?.destroy())
}

import type Sortable from 'sortablejs'
import { onBeforeUnmount, ref, watch, type Ref } from 'vue'
import { DRAGS, sortableLater } from './sortableLater'

/** What the pointer is dragging and the slot it is over, by their data attributes. */
export interface DragState {
  item: HTMLElement
  slot: HTMLElement | null
}

const slotAt = (x: number, y: number): HTMLElement | null =>
  document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-slot]') ?? null

/**
 * Makes the cards inside the given lists draggable by mouse and finger. Nothing in the page moves by itself: the drop
 * is only reported, and the plan decides what happens.
 *
 * @param lists elements whose children `[data-drag]` can be dragged
 * @param onDrop called with the dragged element and the slot it was let go over
 */
export function useCardDrag(
  lists: Ref<readonly HTMLElement[]>,
  onDrop: (item: HTMLElement, slot: HTMLElement) => void,
) {
  const dragging = ref<DragState | null>(null)
  let sortables: (Sortable | undefined)[] = []
  const follow = (event: PointerEvent | MouseEvent | TouchEvent) => {
    const point = 'touches' in event ? event.touches[0] : event
    if (!dragging.value || !point) return
    const slot = slotAt(point.clientX, point.clientY)
    // Only another slot is news: what follows from it is computed once for each, not for every step of the pointer.
    if (slot !== dragging.value.slot) dragging.value = { ...dragging.value, slot }
  }
  let gone = false
  const events = ['pointermove', 'mousemove', 'touchmove'] as const
  const stop = () => {
    for (const name of events) window.removeEventListener(name, follow as EventListener)
  }
  const clear = () => {
    for (const one of sortables) one?.destroy()
    sortables = []
  }
  watch(
    lists,
    async (elements) => {
      clear()
      const { create } = await sortableLater
      // Other lists may stand there by now, or none.
      if (gone || elements !== lists.value) return
      sortables = elements.map((element) =>
        create(element, {
          group: 'plan',
          draggable: '[data-drag]',
          sort: false,
          forceFallback: true,
          fallbackOnBody: true,
          fallbackTolerance: 4,
          animation: 0,
          delay: 180,
          delayOnTouchOnly: true,
          ghostClass: 'drag-source',
          fallbackClass: 'drag-copy',
          onStart: ({ item }) => {
            dragging.value = { item, slot: null }
            for (const name of events) window.addEventListener(name, follow as EventListener, { passive: true })
          },
          onMove: () => false,
          onEnd: ({ item }) => {
            stop()
            const slot = dragging.value?.slot
            dragging.value = null
            // SortableJS swallows the click that follows a drag. Where the page changed under the pointer none follows,
            // and her next real click would be lost: this one is swallowed in its place.
            setTimeout(() => document.dispatchEvent(new MouseEvent('click')))
            if (slot) onDrop(item, slot)
          },
        }),
      )
      for (const element of elements) element.toggleAttribute(DRAGS, true)
    },
    { flush: 'post', immediate: true },
  )
  onBeforeUnmount(() => {
    gone = true
    stop()
    clear()
  })
  return { dragging }
}

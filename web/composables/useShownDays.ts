import { useMediaQuery, useResizeObserver } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'

/** Pixels of the names of the rows, and of the narrowest column that reads well. */
const LABELS = 80
const COLUMN = 156
/** Pixels of what stands beside the board: the path and the pocket, and what is left free around it. */
const BESIDE = 536

/** As many days of the unit as fit beside each other, from the one that is looked at. */
export function useShownDays(grid: Ref<HTMLElement | undefined>) {
  const store = useUnit()
  const board = useBoard()
  const phone = useMediaQuery('(max-width: 720px)')
  // Guessed until it is measured: to measure it on the way would lay the whole page out twice.
  const width = ref(window.innerWidth - BESIDE)
  useResizeObserver(grid, ([entry]) => (width.value = entry.contentRect.width))

  const columns = computed(() => (phone.value ? 1 : Math.max(2, Math.floor((width.value - LABELS) / COLUMN))))
  const firstDay = computed(() => Math.max(1, Math.min(board.day, store.days.length - columns.value + 1)))
  const shown = computed(() =>
    store.days.filter((day) => day.number >= firstDay.value && day.number < firstDay.value + columns.value),
  )
  const nextDay = computed(() => store.days.find((day) => day.number === firstDay.value + columns.value))
  const previousDay = computed(() =>
    firstDay.value > 1 ? store.days.find((day) => day.number === firstDay.value - 1) : undefined,
  )
  return { phone, columns, firstDay, shown, nextDay, previousDay }
}

import { useElementSize, useMediaQuery } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'

/** Pixels of the names of the rows, and of the narrowest column that reads well. */
const LABELS = 80
const COLUMN = 156

/** As many days of the unit as fit beside each other, from the one that is looked at. */
export function useShownDays(grid: Ref<HTMLElement | undefined>) {
  const store = useUnit()
  const board = useBoard()
  const phone = useMediaQuery('(max-width: 720px)')
  const { width } = useElementSize(grid)

  const columns = computed(() => (phone.value ? 1 : Math.max(2, Math.floor((width.value - LABELS) / COLUMN) || 4)))
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

import { computed, nextTick, ref, watch, type Ref } from 'vue'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'
import { carriedOf, OUT, whereFor } from './boardWhere'
import { useHotkeys } from './useHotkeys'
import { useOthers } from './useOthers'

/** Where the arrows stand on the board: a card or an empty cubby of a cell. */
export interface Spot {
  day: number
  block: string
  index: number
}

interface Looks {
  grid: Ref<HTMLElement | undefined>
  /** The first day that is looked at, and how many are. */
  firstDay: Ref<number>
  columns: Ref<number>
  /** Rows that the arrows go through, from the top. */
  blockIds: Ref<readonly string[]>
  /** The slot of each spot of a cell, in order: of a special day they are its parts. */
  spotsOf: (block: string, day: number) => readonly string[]
  /** Shows beside the board what was chosen or refused. */
  open: () => void
}

const spotOf = (element: HTMLElement | null | undefined): Spot | null => {
  const [day, block, index] = element?.dataset.spot?.split(' ') ?? []
  return day ? { day: Number(day), block, index: Number(index) } : null
}

/** The keyboard path over the board: one spot is in the tab order, arrows move it, m picks up and puts down. */
export function useBoardKeys({ grid, firstDay, columns, blockIds, spotsOf, open }: Looks) {
  const store = useUnit()
  const board = useBoard()
  const { next } = useOthers()
  const active = ref<Spot | null>(null)
  const order = computed(() => [...blockIds.value, OUT])
  const now = (): Spot => active.value ?? { day: firstDay.value, block: order.value[0], index: 0 }
  const countIn = (block: string, day: number) => (block === OUT ? 1 : spotsOf(block, day).length)
  const slotAt = ({ block, day, index }: Spot) => (block === OUT ? OUT : (spotsOf(block, day)[index] ?? block))
  /** What lies under the arrows, on the plan. */
  const activeWhere = computed(() =>
    active.value ? whereFor(active.value.day, slotAt(active.value), store.days.length) : null,
  )

  async function focusSpot(spot: Spot) {
    active.value = spot
    if (spot.day < firstDay.value || spot.day >= firstDay.value + columns.value)
      board.day = spot.day < firstDay.value ? spot.day : Math.max(1, spot.day - columns.value + 1)
    await nextTick()
    grid.value?.querySelector<HTMLElement>(`[data-spot="${spot.day} ${spot.block} ${spot.index}"]`)?.focus()
  }
  const onBoard = () => grid.value?.contains(document.activeElement) ?? false

  function toDay(by: number): boolean {
    if (!onBoard()) return false
    const from = now()
    void focusSpot({ day: Math.max(1, Math.min(store.days.length, from.day + by)), block: from.block, index: 0 })
    return true
  }
  /** While something is carried the arrows go from cubby to cubby, else from card to card. */
  function within(from: Spot, by: 1 | -1): number | null {
    const slots = spotsOf(from.block, from.day)
    if (!board.carried) return slots[from.index + by] === undefined ? null : from.index + by
    const next = slots.findIndex((slot, i) => (by > 0 ? i > from.index : i < from.index) && slot !== slotAt(from))
    return next < 0 ? null : next
  }
  function toBlock(by: 1 | -1): boolean {
    if (!onBoard()) return false
    const from = now()
    const index = within(from, by)
    if (index !== null) {
      void focusSpot({ ...from, index })
      return true
    }
    // A row that a special day has swallowed has nothing to stand on.
    for (let i = order.value.indexOf(from.block) + by; order.value[i]; i += by) {
      const count = countIn(order.value[i], from.day)
      if (!count) continue
      void focusSpot({ day: from.day, block: order.value[i], index: by < 0 && !board.carried ? count - 1 : 0 })
      break
    }
    return true
  }

  function focusPlacement() {
    const id = board.placement?.id
    const element = id ? grid.value?.querySelector<HTMLElement>(`[data-placement="${id}"]`) : null
    active.value = spotOf(element) ?? active.value
    element?.focus()
  }
  function pickUpOrPutDown(): boolean {
    if (board.carried) {
      if (!activeWhere.value) return false
      if (board.drop(board.carried, activeWhere.value)) void nextTick(focusPlacement)
      else open()
      return true
    }
    const item = (document.activeElement as HTMLElement | null)?.closest<HTMLElement>('[data-activity]')
    if (!item) return false
    board.carried = carriedOf(item)
    board.said = `${board.titleOf(board.carried.activityId)} picked up. Choose a cubby with the arrows, m puts it down, Escape lets go`
    return true
  }
  const focused = () =>
    store.placements.find((one) => one.id === (document.activeElement as HTMLElement | null)?.dataset.placement) ??
    board.placement
  /** A copy of the card with the focus, to put down elsewhere with all that was said about it. */
  function copy(): boolean {
    const one = focused()
    if (!one || board.carried) return false
    board.carried = { placementId: null, activityId: one.activityId, copyOf: one.id }
    board.said = `A copy of ${board.titleOf(one.activityId)} picked up. Choose a cubby with the arrows, m puts it down`
    return true
  }
  function letLie(): boolean {
    if (board.carried) board.carried = null
    else if (board.selected || board.refused) {
      board.selected = null
      board.refused = null
    } else return false
    return true
  }
  useHotkeys({
    ArrowLeft: () => toDay(-1),
    ArrowRight: () => toDay(1),
    ArrowUp: () => toBlock(-1),
    ArrowDown: () => toBlock(1),
    m: pickUpOrPutDown,
    c: copy,
    Escape: letLie,
    Enter: () => (board.carried ? pickUpOrPutDown() : false),
    s: () => {
      const one = focused()
      if (!one || one.status !== 'planned') return false
      void next(one).catch(() => (board.said = 'The ideas could not be fetched. Nothing was changed.'))
      return true
    },
    p: () => (focused() ? board.pin(focused()!) : false),
    Delete: () => (focused() ? board.remove(focused()!) : false),
  })
  // What is picked up in the pocket is carried on the board.
  watch(
    () => board.carried,
    (carried) => {
      if (carried && !onBoard()) void focusSpot(now())
    },
  )

  return {
    activeWhere,
    pickUpOrPutDown,
    /** Which spot of a cell is in the tab order; null where that is in another cell. */
    activeIndex: (day: number, block: string): number | null => {
      const at = now()
      return at.day === day && at.block === block ? at.index : null
    },
    /** The focus has come to an element of the board by itself. */
    follow: (element: HTMLElement | null) => void (active.value = spotOf(element) ?? active.value),
  }
}

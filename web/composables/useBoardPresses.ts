import { watch } from 'vue'
import type { Where } from '@core/domain'
import { useBoard } from '../stores/board'

/** What a press on the board does: it opens what lies there, or puts down there what she carries. */
export function useBoardPresses(on: {
  open: () => void
  pickUpOrPutDown: () => void
  follow: (spot: HTMLElement | null) => void
  whereOn: (day: number, slot: string) => Where
}) {
  const board = useBoard()
  function select(next: typeof board.selected) {
    if (board.carried) return
    board.selected = next
    on.open()
  }
  const openCard = (id: string) => select({ kind: 'placement', id })
  // Cards have no listeners of their own: a move then leaves as they are drawn all that it does not touch.
  const cardOf = (event: Event) => (event.target as HTMLElement).closest<HTMLElement>('.plan-card[data-placement]')
  watch(
    () => board.refused,
    (now) => {
      if (now) on.open()
    },
  )
  return {
    openCard,
    openSlot(day: number, slot: string) {
      if (board.carried) board.drop(board.carried, on.whereOn(day, slot))
      else select({ kind: 'slot', where: on.whereOn(day, slot) })
    },
    cardClicked(event: MouseEvent) {
      const card = cardOf(event)
      if (card) openCard(card.dataset.placement!)
    },
    cardEntered(event: KeyboardEvent) {
      const card = cardOf(event)
      if (!card) return
      event.preventDefault()
      event.stopPropagation()
      if (board.carried) on.pickUpOrPutDown()
      else openCard(card.dataset.placement!)
    },
    cardFocused: (event: FocusEvent) => on.follow((event.target as HTMLElement).closest<HTMLElement>('[data-spot]')),
  }
}

import { computed, onBeforeUnmount, watch, type Ref } from 'vue'
import type { Where } from '@core/domain'
import { useBoard, type Carried } from '../stores/board'
import { carriedOf, OUT, whereFor } from './boardWhere'

/** The plan's place of a slot that a card is dragged over. */
export function whereOf(element: HTMLElement, lastDay: number): Where {
  const [day, slot] = element.dataset.slot!.split(' ')
  return whereFor(Number(day), slot, lastDay)
}

/**
 * A card that is held over the board, by pointer or by keys: where, whether it could lie there, and what it would
 * change.
 *
 * @param dragging what the pointer drags, and the slot that it is over
 * @param activeWhere the place that the arrows stand on
 * @param lastDay the unit's last program day
 */
export function useHeldCard(
  dragging: Readonly<Ref<{ item: HTMLElement; slot: HTMLElement | null } | null>>,
  activeWhere: Readonly<Ref<Where | null>>,
  lastDay: () => number,
) {
  const board = useBoard()
  const moving = computed<Carried | null>(() => (dragging.value ? carriedOf(dragging.value.item) : board.carried))
  const over = computed(() =>
    dragging.value?.slot ? whereOf(dragging.value.slot, lastDay()) : board.carried ? activeWhere.value : null,
  )
  const verdict = computed(() =>
    moving.value && over.value ? board.verdict(moving.value, over.value, null, false) : null,
  )
  const hint = computed(() => {
    if (!moving.value) return ''
    const title = board.titleOf(moving.value.activityId)
    if (!verdict.value) return `${title}: choose a cubby`
    return verdict.value.ok ? `${title} fits here` : verdict.value.refusal.reason
  })
  const refused = computed(() => verdict.value !== null && !verdict.value.ok)
  /** Whether it is held over a slot of a day, and whether it could lie there. */
  const overOf = (day: number, slot: string): 'fits' | 'no' | null => {
    const where = over.value
    const here =
      where !== null &&
      (where.kind === 'moment' ? where.day === day && where.blockId === slot : slot === OUT && where.fromDay === day)
    return here ? (refused.value ? 'no' : 'fits') : null
  }
  watch([moving, over], ([what, where]) => board.look(what, where))
  onBeforeUnmount(() => board.look(null, null))
  return { hint, refused, overOf }
}

import { watchDebounced } from '@vueuse/core'
import { computed, shallowRef, type Ref } from 'vue'
import type { ProgramDay } from '@core/base'
import type { RhythmBlock } from '@core/domain'
import { SKELETONS } from '@core/ideas'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'
import { whereFor } from './boardWhere'
import type { Cubby } from './useDayCells'

/** After a move the cards come first. */
const COUNT_AFTER = 120

/**
 * What an empty cubby says: what the unit's style would put there, and how many ideas of the basket suit it. Counted
 * only for what is shown, and not while something moves.
 */
export function useEmptyWords(
  shown: Ref<readonly ProgramDay[]>,
  blocks: Ref<readonly RhythmBlock[]>,
  cubbiesOf: (blockId: string, day: number) => readonly Cubby[],
  busy: Ref<boolean>,
) {
  const store = useUnit()
  const board = useBoard()
  const suiting = shallowRef<ReadonlyMap<string, number>>(new Map())
  function countSuiting(): void {
    if (busy.value) return
    const found = new Map<string, number>()
    const ids = store.unplaced.flatMap((idea) => (idea.activityId ? [idea.activityId] : []))
    const suits = (day: number, slot: string) =>
      ids.filter(
        (activityId) =>
          board.verdict({ placementId: null, activityId }, whereFor(day, slot, store.days.length), null, false)?.ok,
      ).length
    for (const block of blocks.value)
      for (const day of shown.value)
        for (const one of cubbiesOf(block.id, day.number))
          if (day.held && !one.sessions.length) found.set(`${one.slot} ${day.number}`, suits(day.number, one.slot))
    suiting.value = found
  }
  watchDebounced([() => store.readings, shown, busy], countSuiting, { debounce: COUNT_AFTER, immediate: true })
  const hints = computed(() => SKELETONS[store.unit!.style].hints)
  return ({ slot, block, part }: Cubby, day: number): string => {
    const count = suiting.value.get(`${slot} ${day}`) ?? 0
    const first = part
      ? 'Nothing planned in it'
      : (hints.value[block.kind] ??
        (block.kind === 'nap'
          ? 'Quiet time'
          : block.kind === 'after' || block.kind === 'outdoors'
            ? 'Free play'
            : `No ${block.name.toLowerCase()} yet`))
    return count ? `${first}. ${count} ${count === 1 ? 'idea suits' : 'ideas suit'}` : first
  }
}

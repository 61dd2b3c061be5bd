import { computed, shallowRef, watch, type ComputedRef, type Ref } from 'vue'
import { useUnit } from '../stores/unit'
import type { StepName } from '../router'
import type { pathFiguresOf } from './pathFigures'

export type PathFigures = Record<StepName, { words: string; late?: boolean }>

const none = { words: '' }
const NONE: PathFigures = {
  spark: none,
  gather: none,
  'lay-out': none,
  'get-ready': none,
  'hand-over': none,
  run: none,
  'look-back': none,
}

/** The figures of the path, once they are wanted: what works them out is fetched then. */
export function usePathFigures(wanted: Readonly<Ref<boolean>>): ComputedRef<PathFigures> {
  const store = useUnit()
  const workOut = shallowRef<typeof pathFiguresOf>()
  watch(
    wanted,
    async (are) => {
      if (are) workOut.value ??= (await import('./pathFigures').catch(() => undefined))?.pathFiguresOf
    },
    { immediate: true },
  )
  return computed(() => (wanted.value && workOut.value?.(store)) || NONE)
}

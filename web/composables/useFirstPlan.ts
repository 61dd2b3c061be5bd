import { useLocalStorage } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import { KEPT } from './kept'

const kept = useLocalStorage<{ unitId: string; words: string[] } | null>(KEPT.firstPlan, null, {
  serializer: { read: (text) => (text ? JSON.parse(text) : null), write: (value) => JSON.stringify(value) },
})

/** Keeps what a first plan said that it did, until it is closed or another one is made. */
export const tellFirstPlan = (unitId: string, words: string[]): void => void (kept.value = { unitId, words })

/** What the first plan of a unit said that it did; nothing where it was closed. */
export const useFirstPlan = (unitId: Ref<string | null>) => ({
  words: computed(() => (kept.value && kept.value.unitId === unitId.value ? kept.value.words : [])),
  close: () => void (kept.value = null),
})

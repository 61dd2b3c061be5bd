import { useLocalStorage } from '@vueuse/core'
import type { Mixing } from '@core/making'
import { KEPT } from './kept'

/** What is being mixed on this device: it outlasts a reload, and a phone that locks. Every page has the same. */
export const useGoing = () => useLocalStorage<Mixing[]>(KEPT.mixing, [])

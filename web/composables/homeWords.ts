import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue'

/** What a home says its amounts, its money and its children with. */
export interface HomeWords {
  measures: 'metric' | 'us'
  currency: string
  /** Names of the children of the home, to make marks that differ. */
  childNames: readonly string[]
}
const KEY: InjectionKey<ComputedRef<HomeWords>> = Symbol('words of the home')
const BEFORE_A_HOME = computed<HomeWords>(() => ({ measures: 'metric', currency: 'USD', childNames: [] }))

/** Given once by the application, so that fields and marks need no store. */
export const provideHomeWords = (words: ComputedRef<HomeWords>) => provide(KEY, words)
export const useHomeWords = () => inject(KEY, BEFORE_A_HOME)

import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Tick } from '@core/domain'
import { isSame, withTick } from './tickOps'

/** The ticks of the open unit. */
export const useTicks = defineStore('ticks', () => {
  const all = ref<Tick[]>([])
  const take = (tick: Tick) => void (all.value = withTick(all.value, tick))
  const drop = (tick: Pick<Tick, 'placementId' | 'step'>) =>
    void (all.value = all.value.filter((one) => !isSame(one, tick)))
  const replace = (ticks: Tick[]) => void (all.value = ticks)
  return { all, take, drop, replace }
})

import { computed } from 'vue'
import { spanWords, listWords } from '@core/base'
import { useHouse } from '../stores/house'

/** The line of the nap: when, who sleeps then, and what that makes possible. */
export function useNapWords() {
  const house = useHouse()
  return computed(() => {
    const nap = house.thisHome.rhythm.find((block) => block.kind === 'nap')
    if (!nap) return ''
    const asleep = house.children
      .filter((child) => child.naps.some((one) => one.from < nap.to && one.to > nap.from))
      .map((child) => child.name)
    const who = asleep.length ? `${listWords(asleep)} asleep: small pieces are possible then` : 'Nobody sleeps here'
    return `${nap.name}, ${spanWords(nap)}. ${who}`
  })
}

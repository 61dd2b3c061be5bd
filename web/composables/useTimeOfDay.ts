import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { minutesOf, timeOf } from '@core/base'
import type { TimeOfDay } from '@core/domain'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'

/** How often the time of day is looked at, and how finely it is told: what hangs on it is reckoned anew each time. */
const EVERY_MINUTES = 5
const LOOK_MS = 30_000

/** A time of day in a time zone. */
export const timeIn = (timeZone: string, instant: Date): TimeOfDay =>
  new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(instant)

/** The time of day in the home; null where its day stands still, as in a demo. */
export function useTimeOfDay() {
  const session = useSession()
  const house = useHouse()
  const instant = ref(new Date())
  useIntervalFn(() => (instant.value = new Date()), LOOK_MS)
  return computed<TimeOfDay | null>(() => {
    if (session.todayStands || !house.home) return null
    const minute = minutesOf(timeIn(house.home.timeZone, instant.value))
    return timeOf(minute - (minute % EVERY_MINUTES))
  })
}

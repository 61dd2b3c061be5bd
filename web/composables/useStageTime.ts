import { useNow } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { clockWords } from '@core/base'
import { minutesHeld } from '@core/circle'
import type { CircleScript, ScriptPart } from '@core/domain'

const MINUTE = 60_000
const share = (minutes: number, of: number) => Math.min(100, (100 * minutes) / Math.max(1, of))

/**
 * The clock of a circle that is led: how long it has been, how long they have sat without a break, and what each part
 * took.
 *
 * @param paused whether it is over for now; no part goes on taking time
 */
export function useStageTime(script: () => CircleScript, part: () => ScriptPart, paused: () => boolean | undefined) {
  const now = useNow({ interval: 1000 })
  const started = Date.now()
  let begun = started
  const took: Record<string, number> = {}
  function count(partId: string): void {
    took[partId] = (took[partId] ?? 0) + (Date.now() - begun)
    begun = Date.now()
  }
  watch(
    () => part().id,
    (_, was) => count(was),
  )
  watch(paused, () => (begun = Date.now()))

  /** Since when they sit without a break; null while they are up. */
  const satSince = ref<number | null>(null)
  watch(
    () => part().seated,
    (sits) => (satSince.value = sits ? (satSince.value ?? Date.now()) : null),
    { immediate: true },
  )
  const sat = computed(() =>
    satSince.value === null ? 0 : Math.max(0, (now.value.getTime() - satSince.value) / MINUTE),
  )
  const limit = computed(() => script().sitting)
  const elapsed = computed(() => Math.max(0, (now.value.getTime() - started) / MINUTE))
  return {
    limit,
    /** Shares of the time that there is, in percent. */
    elapsedShare: computed(() => share(elapsed.value, script().window)),
    satShare: computed(() => (limit.value === null ? 0 : share(sat.value, limit.value))),
    satTooLong: computed(() => limit.value !== null && sat.value > limit.value),
    satWords: computed(() =>
      limit.value === null || satSince.value === null
        ? ''
        : `sitting ${Math.floor(sat.value)} min, the youngest sit about ${limit.value}`,
    ),
    clock: computed(() =>
      clockWords(`${String(now.value.getHours()).padStart(2, '0')}:${String(now.value.getMinutes()).padStart(2, '0')}`),
    ),
    /** Minutes of each part that was held, with the one that is on. */
    end(): Record<string, number> {
      count(part().id)
      return Object.fromEntries(Object.entries(took).map(([id, ms]) => [id, minutesHeld(ms)]))
    },
  }
}

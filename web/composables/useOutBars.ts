import { computed, type Ref } from 'vue'
import type { ProgramDay } from '@core/base'
import type { Session } from '@core/plan'

/** A set-up as a bar over the days that are looked at. */
export interface OutBar {
  session: Session
  from: number
  /** Whether it stands out before the first and after the last of them. */
  before: boolean
  after: boolean
  lane: number
  column: number
  span: number
}

/** Set-ups in lanes, so that those that do not overlap share one. */
export function useOutBars(shown: Ref<readonly ProgramDay[]>, sessions: Ref<readonly Session[]>) {
  const bars = computed<OutBar[]>(() => {
    const first = shown.value[0]?.number ?? 1
    const last = shown.value[shown.value.length - 1]?.number ?? 1
    const ends: number[] = []
    return sessions.value.flatMap((session): OutBar[] => {
      const { where } = session.placement
      if (where.kind !== 'set-up' || where.toDay < first || where.fromDay > last) return []
      const [from, to] = [Math.max(where.fromDay, first), Math.min(where.toDay, last)]
      const free = ends.findIndex((end) => end < from)
      const lane = free < 0 ? ends.length : free
      ends[lane] = to
      return [
        {
          session,
          from,
          before: where.fromDay < first,
          after: where.toDay > last,
          lane,
          column: from - first,
          span: to - from + 1,
        },
      ]
    })
  })
  return { bars, laneCount: computed(() => Math.max(0, ...bars.value.map((bar) => bar.lane + 1))) }
}

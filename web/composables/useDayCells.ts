import { computed, type Ref } from 'vue'
import { minutesOf, type ProgramDay, spanWords } from '@core/base'
import type { RhythmBlock } from '@core/domain'
import { eventBlocks, eventOn, lanesOf, plannableBlocks, replacedOn, type Session } from '@core/plan'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** One cubby of a cell: a block of the rhythm, or a part of a special day that takes its place. */
export interface Cubby {
  /** Id of the block or the part. */
  slot: string
  block: RhythmBlock
  part: RhythmBlock | null
  sessions: Session[]
}

/** A thing that lies in a cubby, drawn to its times. */
export interface RailPart {
  id: string
  lane: number
  /** Lanes of what goes on with it. */
  of: number
  /** Shares of the block, in percent. */
  top: number
  height: number
  words: string
}

/**
 * What each cell of the board holds, and in which order the arrows go through it.
 *
 * @param shown days that are looked at
 */
export function useDayCells(shown: Ref<readonly ProgramDay[]>, sessions: Ref<readonly Session[]>) {
  const store = useUnit()
  const house = useHouse()
  /** By block and day: `${blockId} ${day}`. */
  const moments = computed(() => {
    const by = new Map<string, Session[]>()
    for (const session of sessions.value) {
      if (!session.block) continue
      const key = `${session.block.id} ${session.days[0].number}`
      by.set(key, [...(by.get(key) ?? []), session])
    }
    return by
  })
  const at = (slot: string, day: number) => moments.value.get(`${slot} ${day}`) ?? []

  /**
   * The parts of a special day that stand in the row of a block: those that begin in it, or before the first row that
   * gives way.
   */
  function cubbies(block: RhythmBlock, day: number): Cubby[] {
    const { unit } = store
    const event = unit && eventOn(unit, day)
    const replaced = event ? replacedOn(house.thisHome, unit, day) : []
    if (!event || !replaced.includes(block)) return [{ slot: block.id, block, part: null, sessions: at(block.id, day) }]
    const rows = plannableBlocks({ rhythm: replaced })
    return eventBlocks(event)
      .filter((part) => (rows.findLast((row) => row.from <= part.from) ?? rows[0]) === block)
      .map((part) => ({ slot: part.id, block, part, sessions: at(part.id, day) }))
  }
  const cells = computed(
    () =>
      new Map(
        plannableBlocks(house.thisHome).flatMap((block) =>
          shown.value.map((day) => {
            const found = cubbies(block, day.number)
            return [
              `${block.id} ${day.number}`,
              {
                cubbies: found,
                spots: found.flatMap((one) => (one.sessions.length ? one.sessions.map(() => one.slot) : [one.slot])),
              },
            ] as const
          }),
        ),
      ),
  )
  const cell = (blockId: string, day: number) => cells.value.get(`${blockId} ${day}`)

  /** Nap is a line between the rows until something lies in it or is about to. */
  const rowsOf = (busy: Ref<boolean>) =>
    computed(() =>
      plannableBlocks(house.thisHome).map((block) => ({
        block,
        thin:
          block.kind === 'nap' &&
          !busy.value &&
          shown.value.every(
            (day) => !cell(block.id, day.number)?.cubbies.some((one) => one.part || one.sessions.length),
          ),
      })),
    )

  return {
    cell,
    rowsOf,
    /** Where in its cell the arrows find a card, or the empty cubby. */
    spotOf: (blockId: string, day: number, cubby: Cubby, i = 0): number => {
      const found = cell(blockId, day)?.cubbies ?? []
      return found.slice(0, found.indexOf(cubby)).reduce((sum, one) => sum + Math.max(1, one.sessions.length), 0) + i
    },
  }
}

/** What lies in a cubby, drawn to its times: share of the block from the top, and a lane for what goes on at once. */
export function railOf(cubby: Cubby): RailPart[] {
  const { from, to } = cubby.part ?? cubby.block
  const [start, length] = [minutesOf(from), minutesOf(to) - minutesOf(from)]
  return lanesOf(
    cubby.sessions.map((session) => ({ session, start: minutesOf(session.from), end: minutesOf(session.to) })),
  ).map(({ item, lane, of }) => ({
    id: item.session.placement.id,
    lane,
    of,
    top: ((item.start - start) / length) * 100,
    height: (Math.min(item.end - item.start, length) / length) * 100,
    words: `${item.session.activity.title}, ${spanWords(item.session)}`,
  }))
}

import type { Where } from '@core/domain'
import type { Carried } from '../stores/board'

/** The row below the rhythm: what stands out at the centers. */
export const OUT = 'out'
/** Days that a set-up stays when it is put out, where the unit is long enough: a working week. */
const STAYS = 5

/** What a slot of the board is on the plan: a day and a block, or a set-up from that day on. */
export const whereFor = (day: number, slot: string, lastDay: number): Where =>
  slot === OUT
    ? { kind: 'set-up', fromDay: day, toDay: Math.min(lastDay, day + STAYS - 1) }
    : { kind: 'moment', day, blockId: slot, from: null }

/** What the element of a card carries. */
export const carriedOf = (item: HTMLElement): Carried => ({
  placementId: item.dataset.placement ?? null,
  activityId: item.dataset.activity!,
})

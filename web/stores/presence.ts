import { defineStore } from 'pinia'
import { shortDate } from '@core/base'
import type { CalendarDate, TimeSpan } from '@core/domain'
import { withHours, type AdultRemedy } from '@core/readings'
import { useBoard } from './board'
import { useHouse } from './house'
import { useUnit } from './unit'

/** Who is here on one date, other than in a usual week. */
export const usePresence = defineStore('presence', () => {
  const unit = useUnit()
  const house = useHouse()
  const board = useBoard()

  /** Other hours of an adult on one date: the provider's word for that day. */
  function setHours(adultId: string, date: CalendarDate, here: TimeSpan | null): void {
    const adult = house.adults.find((one) => one.id === adultId)
    if (adult)
      void unit.commit(`${adult.name} on ${shortDate(date)}`, [{ put: 'adult', value: withHours(adult, date, here) }])
  }
  /** A child away on one date, or here at other hours; undefined as usual. */
  function setChild(childId: string, date: CalendarDate, here: TimeSpan | null | undefined): void {
    const child = house.children.find((one) => one.id === childId)
    if (!child) return
    const rest = child.exceptions.filter((one) => one.date !== date)
    void unit.commit(`${child.name} on ${shortDate(date)}`, [
      { put: 'child', value: { ...child, exceptions: here === undefined ? rest : [...rest, { date, here }] } },
    ])
  }
  /** Does what a reading of the adults offers: somebody comes, or somebody else leads. */
  function mend(what: AdultRemedy): void {
    if (what.kind === 'come') setHours(what.adultId, what.date, what.here)
    else board.lead(what.placementId, what.leadId, what.words)
  }

  return { setHours, setChild, mend }
})

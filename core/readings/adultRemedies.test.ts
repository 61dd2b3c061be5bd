import { describe, expect, it } from 'vitest'
import type { Adult, UnitSnapshot } from '../domain'
import { resolvePlan } from '../plan'
import { aChild, anActivity, aPlacement, aSnapshot, aUnit, children, moment } from '../testing/build'
import { attentionRemedies, coverRemedies, withHours } from './adultRemedies'
import { coverOf } from './adultCover'

const adult = (id: string, role: Adult['role'], from: string, to: string, over: Partial<Adult> = {}): Adult => ({
  id,
  name: id,
  role,
  hours: { wed: { from, to } },
  exceptions: [],
  prepWindows: [],
  prepDays: [],
  note: '',
  ...over,
})
const WEDNESDAY = '2026-03-04'
const mo = adult('Mo', 'provider', '08:00', '17:00')
const ti = adult('Ti', 'assistant', '08:00', '14:00')
const ya = adult('Ya', 'substitute', '08:00', '12:00', { hours: {} })
const cover = (over: Partial<UnitSnapshot>) => {
  const snapshot = aSnapshot({ adults: [mo, ti, ya], children: [], unit: aUnit({ days: 5 }), ...over })
  return { snapshot, cover: coverOf(resolvePlan(snapshot), snapshot, WEDNESDAY) }
}

describe('where an adult is missing', () => {
  // Thirteen preschoolers at one to ten ask for two adults; Ti leaves at 14:00.
  const crowd = children(13, { attendance: { wed: { from: '09:00', to: '16:00' } } })
  it('someone stays or comes, assistants before substitutes', () => {
    const { snapshot, cover: found } = cover({ children: crowd })
    const short = found.intervals.filter((one) => one.short)
    expect(short.map((one) => [one.from, one.to])).toEqual([['14:00', '16:00']])
    expect(coverRemedies(short[0], snapshot.adults).map((one) => one.words)).toEqual([
      'Ti stays until 4:00 PM',
      'Ya comes 2 to 4',
    ])
  })
  it('and then nobody is', () => {
    const { snapshot, cover: found } = cover({ children: crowd })
    for (const remedy of coverRemedies(
      found.intervals.find((one) => one.short)!,
      snapshot.adults,
    )) {
      if (remedy.kind !== 'come') throw new Error('it should be someone who comes')
      const adults = snapshot.adults.map((one) =>
        one.id === remedy.adultId ? withHours(one, remedy.date, remedy.here) : one,
      )
      expect(cover({ children: crowd, adults }).cover.intervals.some((one) => one.short)).toBe(false)
    }
  })
})

describe('where hands clash', () => {
  const bake = anActivity({ id: 'bake', title: 'Bake', attention: 'hands-on' })
  const cut = anActivity({ id: 'cut', title: 'Cut', attention: 'hands-on' })
  const both = (leads: [string | null, string | null], adults = [mo, ti, ya]) =>
    cover({
      adults,
      children: [aChild()],
      activities: [bake, cut],
      placements: [
        aPlacement(moment(1, 'choice'), { id: 'a', activityId: 'bake', leadId: leads[0] }),
        aPlacement(moment(1, 'choice', '09:40'), { id: 'b', activityId: 'cut', leadId: leads[1] }),
      ],
    })
  const words = ({ snapshot, cover: found }: ReturnType<typeof both>) =>
    found.clashes.map((clash) => [clash.kind, attentionRemedies(clash, snapshot.adults).map((one) => one.words)])
  it('of one who leads two things, another leads one of them', () =>
    expect(words(both(['Mo', 'Mo']))).toEqual([['lead-twice', ['Ti leads Cut']]]))
  it('of two things and one adult, somebody comes', () =>
    expect(words(both([null, null], [mo, ya]))).toEqual([['hands', ['Ya comes 9:40 to 9:50']]]))
  it('of one who is not there, another leads, or the one comes after all', () => {
    expect(words(both(['Ya', 'Mo']))).toEqual([
      ['lead-away', ['Mo leads Bake', 'Ti leads Bake', 'Ya comes 9:30 to 9:50']],
    ])
  })
})

it('other hours on a date are an exception, and the usual ones are none', () => {
  const later = withHours(mo, WEDNESDAY, { from: '09:00', to: '17:00' })
  expect(later.exceptions).toEqual([{ date: WEDNESDAY, here: { from: '09:00', to: '17:00' } }])
  expect(withHours(later, WEDNESDAY, { from: '08:00', to: '17:00' }).exceptions).toEqual([])
  expect(withHours(mo, '2026-03-05', null).exceptions).toEqual([])
  expect(withHours(mo, WEDNESDAY, null).exceptions).toEqual([{ date: WEDNESDAY, here: null }])
})

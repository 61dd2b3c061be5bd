import { describe, expect, it } from 'vitest'
import { resolvePlan } from '../plan'
import { anActivity, aPlacement, aSnapshot, aUnit, moment, setUp } from '../testing/build'
import { weekSheet, weeksOf } from './weekSheet'

describe('a week for the fridge', () => {
  // Day 1 is a Wednesday.
  const snapshot = aSnapshot({
    unit: aUnit({ days: 6, focus: { letter: 'K', number: 'five', shape: '', colour: '' } }),
    activities: [anActivity({ id: 'kite', title: 'Kite tails' }), anActivity({ id: 'oats', title: 'Fields of oats' })],
    placements: [
      aPlacement(moment(2), { id: 'a', activityId: 'kite' }),
      aPlacement(setUp(2, 4), { id: 'b', activityId: 'oats' }),
    ],
  })
  const plan = resolvePlan(snapshot)
  const weeks = weeksOf(plan)
  it('begins on a Monday, and holds the days of the unit that lie in it', () => {
    expect(weeks.map((week) => week.numbers)).toEqual([
      [1, 2, 3],
      [4, 5, 6],
    ])
    expect(weekSheet(snapshot, plan, weeks[0].from).days.map((day) => day.number)).toEqual([1, 2, 3])
  })
  it('has what is planned where it is planned, and what stands out with its days', () => {
    const sheet = weekSheet(snapshot, plan, weeks[0].from)
    const filled = sheet.rows.filter((row) => row.cells.some((cell) => cell?.length))
    expect(filled.map((row) => row.cells)).toEqual([[[], ['Kite tails'], []]])
    expect(sheet.standing.map((one) => [one.title, one.days])).toEqual([['Fields of oats', [2, 3]]])
    expect(weekSheet(snapshot, plan, weeks[1].from).standing.map((one) => one.days)).toEqual([[4]])
    expect(sheet.focus).toBe('Letter K · five')
  })
  it('keeps parts of the day in order', () => {
    const { rows } = weekSheet(snapshot, plan, weeks[0].from)
    expect(rows.map((row) => row.from)).toEqual([...rows.map((row) => row.from)].sort())
    expect(rows.length).toBeGreaterThan(2)
  })
  it('names no child, and says which week there is none of', () => {
    const text = JSON.stringify(weekSheet(snapshot, plan, weeks[0].from))
    for (const child of snapshot.children) expect(text).not.toContain(`"${child.name}"`)
    expect(() => weekSheet(snapshot, plan, '2020-01-06')).toThrow(
      expect.objectContaining({ faults: [expect.objectContaining({ field: 'week' })] }),
    )
  })
})

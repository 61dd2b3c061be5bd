import { describe, expect, it } from 'vitest'
import { newCircle } from '../circle'
import { newCirclePart } from '../domain'
import { PIECES } from '../library/repertoire'
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
  it('has what is sung and read in the circle, and none of her own lines', () => {
    const circle = { id: 'circle', name: 'Circle', kind: 'circle' as const, from: '09:00', to: '09:20' }
    const own = { title: 'Ann is four', kind: 'talk' as const, minutes: 3, seated: true, energy: 0 }
    const parts = [
      newCirclePart('a', { pieceId: 'hello-around' }),
      newCirclePart('b', { pieceId: 'on-the-hill' }),
      newCirclePart('c', { own }),
    ]
    const with_ = {
      ...snapshot,
      home: { ...snapshot.home, rhythm: [circle, ...snapshot.home.rhythm.filter((one) => one.kind !== 'circle')] },
      pieces: [...PIECES],
      circles: [{ ...newCircle('unit', 2), parts }],
    }
    const sheet = weekSheet(with_, resolvePlan(with_), weeks[0].from)
    expect(sheet.rows.find((row) => row.name === 'Circle')!.cells).toEqual([[], ['Five on the hill'], []])
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

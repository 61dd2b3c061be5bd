import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { labelSpots, labelWords, LABEL_SHEETS, MOST_LABELS } from '.'

const sheet = (id: string) => LABEL_SHEETS.find((one) => one.id === id)!

describe('labels on a sheet', () => {
  it('lie where the sheet of 30 has them: an inch apart, the second column 2 3/4 inches on', () => {
    const spots = labelSpots(sheet('letter-30'), 31)
    expect(spots[0]).toEqual({ page: 0, x: 13.5, y: 36 })
    expect(spots[1]).toEqual({ page: 0, x: 13.5 + 198, y: 36 })
    expect(spots[3]).toEqual({ page: 0, x: 13.5, y: 36 + 72 })
    expect(spots[30]).toEqual({ page: 1, x: 13.5, y: 36 })
  })
  it('begin with the first that is still on the sheet', () =>
    expect(labelSpots(sheet('letter-10'), 2, 10).map((one) => one.page)).toEqual([0, 1]))
  it.each(LABEL_SHEETS.map((one) => [one.name, one] as const))(
    '%s: none runs over the paper or into another',
    (_, one) => {
      const spots = labelSpots(one, one.columns * one.rows)
      for (const spot of spots) {
        expect(spot.x + one.label[0]).toBeLessThanOrEqual(one.paper[0] + 0.01)
        expect(spot.y + one.label[1]).toBeLessThanOrEqual(one.paper[1] + 0.01)
      }
      expect(one.step[0]).toBeGreaterThanOrEqual(one.label[0])
      expect(one.step[1]).toBeGreaterThanOrEqual(one.label[1])
      expect(new Set(spots.map((spot) => `${spot.x} ${spot.y}`)).size).toBe(spots.length)
    },
  )
  it('never prints two on one spot', () =>
    fc.assert(
      fc.property(fc.constantFrom(...LABEL_SHEETS), fc.integer({ min: 1, max: MOST_LABELS }), (one, count) => {
        const spots = labelSpots(one, count)
        expect(new Set(spots.map((spot) => `${spot.page} ${spot.x} ${spot.y}`)).size).toBe(count)
      }),
    ))
  it.each([
    [0, 1, 'count: Print at least one label'],
    [1.5, 1, 'count: Print at least one label'],
    [201, 1, 'count: At most 200 labels at once'],
    [1, 31, 'first: This sheet has 30 labels: choose one from 1 to 30'],
    [1, 0, 'first: This sheet has 30 labels: choose one from 1 to 30'],
  ])('%d from %d is said at its field', (count, first, message) =>
    expect(() => labelSpots(sheet('letter-30'), count, first)).toThrow(message),
  )
})

describe('what stands on a label', () => {
  const batch = { name: 'Dough', madeOn: '2026-03-10', throwOn: '2026-03-24', allergens: ['wheat'], tasteSafe: false }
  it('says what, when, until when, what is in it and whether it may be tasted', () =>
    expect(labelWords(batch)).toEqual({
      title: 'Dough',
      made: 'Made Tue, Mar 10',
      toss: 'Toss by Tue, Mar 24',
      contains: 'Contains wheat',
      tasting: 'Not for eating',
    }))
  it('says so where it is for one day, or nothing is in it', () =>
    expect(labelWords({ ...batch, throwOn: '2026-03-10', allergens: [], tasteSafe: true })).toMatchObject({
      toss: 'For today only',
      contains: 'No allergen that this home watches',
      tasting: 'A taste does no harm',
    }))
})

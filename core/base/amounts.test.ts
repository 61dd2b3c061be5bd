import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { UNITS } from '../domain'
import { countStep, entryText, entryUnit, readNumber, readQuantity } from './amounts'

const g = { unit: 'g' as const }
const ml = { unit: 'ml' as const }
const cm = { unit: 'cm' as const }
const each = { unit: 'each' as const }
const sheet = { unit: 'sheet' as const }

describe('an amount as people write it', () => {
  it.each([
    ['40', each, 'metric', 40],
    ['2 dozen', each, 'us', 24],
    ['3 pieces', each, 'us', 3],
    ['1/2', each, 'us', 0.5],
    ['150 sheets', sheet, 'us', 150],
    ['2.5 kg', g, 'metric', 2500],
    ['2,5 kg', g, 'us', 2500],
    ['1,500', g, 'metric', 1500],
    ['1,500.5', g, 'metric', 1500.5],
    ['2 lb 4 oz', g, 'metric', 1020.584],
    ['1 lb, 1 oz', g, 'us', 481.942],
    ['16', g, 'us', 453.6],
    ['1 1/2 cups', ml, 'us', 354.882],
    ['1½ cups', ml, 'us', 354.882],
    ['1 1/2 cups', ml, 'metric', 375],
    ['½ cup', ml, 'us', 118.294],
    ['3 tbsp and 1 tsp', ml, 'us', 49.29],
    ['8 oz', ml, 'us', 236.592],
    ['8 fl. oz.', ml, 'us', 236.592],
    ['1 gal', ml, 'us', 3785.408],
    ['2', ml, 'us', 473.176],
    ['6 ft', cm, 'us', 182.88],
    ['5\' 4"', cm, 'us', 162.56],
    ['25 mm', cm, 'metric', 2.5],
    ['12', cm, 'us', 30.48],
    ['2 yards', cm, 'metric', 182.88],
    ['-3', each, 'us', -3],
    ['−3', each, 'us', -3],
    ['  7  ', each, 'us', 7],
    ['.5 kg', g, 'metric', 500],
  ] as const)('“%s” is what it says', (text, of, measures, quantity) => {
    expect(readQuantity(text, of, measures)).toEqual({ quantity })
  })
  it('meets weight and volume through the density of what it is of, and not without', () => {
    // Corn starch: 128 g a cup of 236.588 ml.
    const starch = { unit: 'g' as const, density: 128 / 236.588 }
    expect(readQuantity('2 cups', starch, 'us')).toEqual({ quantity: 256 })
    expect(readQuantity('256 g', { unit: 'ml', density: 128 / 236.588 }, 'metric')).toEqual({ quantity: 473.176 })
    expect(readQuantity('2 cups', { unit: 'g', density: null }, 'us')).toEqual({
      fault: 'This is counted by weight, not in cups',
    })
  })
  it.each([
    ['', each, 'Write a number'],
    ['some', each, 'Write a number'],
    ['1/0', each, 'Write a number'],
    ['1 500', each, 'Write a number'],
    ['1.000,5', g, 'Write a number'],
    ['2 lb 4', g, 'Write a number'],
    ['-', each, 'Write a number'],
    ['3 bags', g, '“bags” is not a unit Kobby knows'],
    ['12 oz', sheet, 'This is counted in sheets, not in oz'],
    ['3 kg', each, 'This is counted one by one, not in kg'],
    ['2 cups', cm, 'This is counted by length, not in cups'],
  ] as const)('“%s” is refused, and says why', (text, of, fault) => {
    expect(readQuantity(text, of, 'us')).toEqual({ fault })
  })
  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 40 }),
        fc.constantFrom(...UNITS),
        fc.constantFrom('metric' as const, 'us' as const),
        (text, unit, measures) => {
          const { quantity, fault } = readQuantity(text, { unit }, measures)
          expect((fault === undefined) === Number.isFinite(quantity)).toBe(true)
        },
      ),
    )
  })
})

describe('what stands in a field', () => {
  it('is a bare number of the unit behind it, near what was written before', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e6, noNaN: true }),
        fc.constantFrom(...UNITS),
        fc.constantFrom('metric' as const, 'us' as const),
        (rough, unit, measures) => {
          const quantity = Number(rough.toFixed(3))
          const text = entryText(quantity, unit, measures)
          const behind = entryUnit(quantity || null, unit, measures)
          const again = readQuantity(text, { unit }, measures, behind).quantity!
          // In US measures half of the last place shown: a two-hundredth, or a twentieth from a hundred on.
          const one = readQuantity(`1 ${behind || 'each'}`, { unit }, measures).quantity!
          const slack =
            measures === 'metric' || unit === 'each' || unit === 'sheet' ? 0 : one / (Number(text) < 100 ? 200 : 20)
          expect(Math.abs(again - quantity)).toBeLessThanOrEqual(slack + 0.001)
        },
      ),
    )
  })
  it('is in the unit in which so much is spoken', () => {
    const inField = (quantity: number | null, unit: 'g' | 'ml' | 'cm' | 'sheet' | 'each', measures: 'metric' | 'us') =>
      [quantity === null ? '' : entryText(quantity, unit, measures), entryUnit(quantity, unit, measures)].join(' ')
    expect([
      inField(907.184, 'g', 'us'),
      inField(400, 'g', 'us'),
      inField(946, 'ml', 'us'),
      inField(20, 'ml', 'us'),
      inField(900, 'cm', 'us'),
      inField(60, 'cm', 'us'),
      inField(14, 'sheet', 'us'),
      inField(4, 'each', 'us'),
    ]).toEqual(['2 lb', '14.11 oz', '4 cups', '1.35 tbsp', '29.53 ft', '23.62 in', '14 sheets', '4 '])
    expect([
      inField(4600, 'g', 'metric'),
      inField(946, 'ml', 'metric'),
      inField(null, 'g', 'us'),
      inField(null, 'ml', 'us'),
      inField(0, 'g', 'us'),
    ]).toEqual(['4600 g', '946 ml', ' oz', ' cups', '0 oz'])
    expect([
      countStep(3, 'each', 'us'),
      countStep(3, 'g', 'metric'),
      countStep(3, 'g', 'us'),
      countStep(4600, 'g', 'us'),
      countStep(null, 'ml', 'us'),
    ]).toEqual([1, 50, 28.35, 113.398, 59.147])
  })
})

it('a comma is at the thousands where three digits follow, and the point otherwise', () => {
  expect(['1,500', '1,5', '12,50', '1,234,567', '1500', ',5', '1.5'].map(readNumber)).toEqual([
    1500, 1.5, 12.5, 1234567, 1500, 0.5, 1.5,
  ])
  expect(['', 'x', '1,2,3', '1.2.3', '--1'].map((text) => Number.isNaN(readNumber(text)))).toEqual([
    true,
    true,
    true,
    true,
    true,
  ])
})

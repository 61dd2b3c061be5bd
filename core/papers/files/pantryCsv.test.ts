import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { MATERIALS } from '../../library'
import { aMaterial } from '../../testing/build'
import { PANTRY_COLUMNS, pantryRows, readPantryRows } from './pantryCsv'

const stick = aMaterial({
  id: 'stick',
  name: 'craft sticks',
  onHand: 20,
  place: 'blue box',
  packs: [{ size: 50, price: 125, shop: 'the dollar aisle', seen: '2026-03-01' }],
  par: 10,
  expires: '2027-01-31',
  keepsDays: 30,
})
let count = 0
const read = (rows: string[][], materials = [stick]) =>
  readPantryRows(rows, { materials, measures: 'us', newId: () => `new-${++count}` })

describe('the pantry as a table', () => {
  it('comes back as it went out, the whole shipped library too', () => {
    for (const materials of [[stick], [...MATERIALS]])
      expect(readPantryRows(pantryRows(materials), { materials, measures: 'us', newId: () => 'x' })).toEqual({
        materials,
      })
  })
  it('changes what its columns name, and leaves the rest', () => {
    expect(
      read([
        ['Name', 'On Hand'],
        ['Craft  Sticks', '12'],
      ]).materials,
    ).toEqual([{ ...stick, onHand: 12 }])
    expect(
      read([
        ['name', 'least', 'good until'],
        ['craft sticks', '', ''],
      ]).materials,
    ).toEqual([{ ...stick, par: null, expires: null }])
  })
  it('adds what is not known, as something that is still to be measured', () => {
    const [added] = read([
      ['name', 'unit', 'on hand', 'packs'],
      ['oats', 'g', '1,5', '500 for 1,90 at the grocer; 1000 for 3.50 at the grocer'],
    ]).materials!
    expect(added).toMatchObject({
      name: 'oats',
      unit: 'g',
      onHand: 1.5,
      packs: [
        { size: 500, price: 190, shop: 'the grocer', seen: null },
        { size: 1000, price: 350 },
      ],
      safety: { partMm: null, measured: false },
    })
  })
  it('reads amounts as people write them, a bare number in the unit of its column', () => {
    const amounts = read([
      ['name', 'unit', 'on hand', 'least'],
      ['oats', 'g', '2 lb', '1,500'],
      ['paint', 'ml', '1 1/2 cups', ''],
    ]).materials!
    expect(amounts.map(({ onHand, par }) => [onHand, par])).toEqual([
      [907.184, 1500],
      [354.882, null],
    ])
  })
  it.each([
    [['name', 'on hand'], ['craft sticks', '2 lb'], 'on hand', 'counted one by one, not in lb'],
    [['name', 'on hand'], ['craft sticks', 'many'], 'on hand', 'is not a number'],
    [['name', 'on hand'], ['craft sticks', '-3'], 'on hand', 'cannot be negative'],
    [['name', 'unit'], ['craft sticks', 'g'], 'unit', 'counted in each'],
    [['name', 'packs'], ['craft sticks', '0 for 1.00 at x'], 'packs', 'hold something'],
    [['name', 'packs'], ['craft sticks', 'fifty'], 'packs', 'not understood'],
    [['name', 'good until'], ['craft sticks', '2026-02-30'], 'good until', 'exists'],
    [['name', 'when short'], ['craft sticks', 'steal it'], 'when short', 'not one of'],
    [['name'], [''], 'name', 'below the first line'],
    [['what'], ['x'], 'name', 'no such column'],
  ])('names line and column of what is wrong: %j %j', (header, row, column, part) => {
    const { faults } = read([header, row])
    expect(faults).toMatchObject([{ column, message: expect.stringContaining(part) as string }])
  })
  it('refuses one thing twice, and reads nothing where one row is wrong', () => {
    expect(
      read([
        ['name', 'on hand'],
        ['craft sticks', '1'],
        ['Craft sticks', '2'],
      ]).faults,
    ).toMatchObject([{ line: 3, column: 'name', message: 'Line 2 is of the same thing' }])
    expect(
      read([
        ['name', 'on hand'],
        ['craft sticks', '1'],
        ['oats', 'x'],
      ]).materials,
    ).toBeUndefined()
  })
  it('never throws, whatever the cells', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string(), { maxLength: 6 }), { maxLength: 6 }), (cells) => {
        const result = read([[...PANTRY_COLUMNS], ...cells])
        expect(Boolean(result.faults) !== Boolean(result.materials)).toBe(true)
      }),
    )
  })
})

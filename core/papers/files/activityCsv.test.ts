import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ACTIVITIES, MATERIALS } from '../../library'
import { byId } from '../../base'
import { ACTIVITY_COLUMNS, activityRows, readActivityRows } from './activityCsv'
import { neutralised, plainCell, separatorOf } from './csv'

const context = (activities = ACTIVITIES) => {
  let count = 0
  return { materials: MATERIALS, activities, newId: () => `new-${++count}` }
}
const HEADER = [
  'title',
  'aim',
  'centers',
  'domains',
  'do minutes',
  'steps',
  'preschool',
  'infant',
  'materials',
  'preparation',
]
const GOOD = [
  'Leaf boats',
  'See what floats.',
  'Discovery shelf; Yard',
  'Science and discovery',
  '15',
  'Find a leaf.\nSet it down.',
  'Load it with one stone after another.',
  'beside: Touch a large leaf.',
  '1 fallen leaves per child +10% (only preschool)\n2000 ml water for the set-up',
  '5 min, then overnight: Press the leaves (in pieces) (uses leaf)',
]
const read = (rows: string[][], activities = ACTIVITIES) => readActivityRows([HEADER, ...rows], context(activities))
const faults = (row: string[]) => read([row]).faults?.map((fault) => `${fault.line} ${fault.column}: ${fault.message}`)
const withCell = (column: string, cell: string) => GOOD.map((old, i) => (HEADER[i] === column ? cell : old))

describe('activities as a table', () => {
  it('come back as they went out: all that ship', () => {
    const rows = activityRows(ACTIVITIES, byId(MATERIALS))
    expect(readActivityRows(rows, context()).activities).toEqual(ACTIVITIES)
  })
  it('come back the same with their columns moved, and with columns that nobody knows', () => {
    const rows = activityRows(ACTIVITIES.slice(0, 5), byId(MATERIALS))
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...ACTIVITY_COLUMNS.keys()], { minLength: ACTIVITY_COLUMNS.length }),
        (order) => {
          const moved = rows.map((row, i) => [...order.map((at) => row[at]), i ? 'x' : 'My own column'])
          expect(readActivityRows(moved, context()).activities).toEqual(ACTIVITIES.slice(0, 5))
        },
      ),
      { numRuns: 20 },
    )
  })
  it('are read from what someone wrote by hand', () => {
    const [activity] = read([GOOD]).activities!
    expect(activity).toMatchObject({
      id: 'new-1',
      source: 'own',
      centers: ['discovery', 'outdoors'],
      domains: ['science'],
      minutes: { setUp: 0, do: 15, clear: 0 },
      steps: ['Find a leaf.', 'Set it down.'],
    })
    expect(activity.variants).toEqual([
      { id: 'beside-infant', stages: ['infant'], kind: 'beside', how: 'Touch a large leaf.' },
      { id: 'preschool', stages: ['preschool'], kind: 'does', how: 'Load it with one stone after another.' },
    ])
    expect(activity.requirements[0]).toMatchObject({
      materialId: 'leaf',
      quantity: 1,
      spare: 0.1,
      variants: ['preschool'],
      basis: { by: 'child' },
    })
    expect(activity.prep).toEqual([
      {
        id: 'prep-1',
        text: 'Press the leaves',
        minutes: 5,
        wait: 'overnight',
        splits: true,
        uses: ['leaf'],
        kind: null,
        per: null,
      },
    ])
  })
})

describe('a table with mistakes', () => {
  it('names line and column of each, and gives nothing', () => {
    const result = read([
      GOOD,
      withCell('do minutes', 'See what floats.').map((cell, i) => (i === 0 ? 'Other' : cell)),
      withCell('title', 'Third').map((cell, i) => (i === 2 ? 'Balcony' : cell)),
    ])
    expect(result.activities).toBeUndefined()
    expect(result.faults!.map((fault) => [fault.line, fault.column])).toEqual([
      [3, 'do minutes'],
      [4, 'centers'],
    ])
    expect(result.faults![0].message).toBe('“See what floats.” is not a number of minutes')
  })
  it('says which columns a first line lacks', () => {
    expect(
      readActivityRows(
        [
          ['name', 'aim'],
          ['x', 'y'],
        ],
        context(),
      ).faults,
    ).toMatchObject([{ line: 1, column: 'title, centers, domains, do minutes, steps' }])
    expect(readActivityRows([], context()).faults).toHaveLength(1)
    expect(readActivityRows([HEADER], context()).faults).toMatchObject([{ line: 2 }])
  })
  it('wants a variant for someone', () => {
    expect(
      faults(
        withCell('preschool', '').map((cell, i) =>
          HEADER[i] === 'infant' ? '' : HEADER[i] === 'materials' || HEADER[i] === 'preparation' ? '' : cell,
        ),
      ),
    ).toEqual(['2 infant to school-age: Write at least one variant'])
  })
  it('knows materials only by their names, and their units', () => {
    expect(faults(withCell('materials', '2 moon dust per child'))![0]).toContain(
      '2 materials: There is no material “moon dust”',
    )
    expect(faults(withCell('materials', '2 g water for the set-up'))![0]).toBe(
      '2 materials: water is counted in ml, not in g',
    )
    expect(faults(withCell('materials', 'some water'))![0]).toContain('is not understood')
    expect(faults(withCell('materials', '1 water for the set-up (only school-age)'))![0]).toContain(
      'no variant is for that stage',
    )
  })
  it('refuses two activities of one name, and the name of one that ships', () => {
    expect(read([GOOD, GOOD]).faults).toMatchObject([
      { line: 3, column: 'title', message: 'Line 2 has the same title' },
    ])
    expect(faults(withCell('title', ACTIVITIES[0].title.toUpperCase()))![0]).toContain(
      'An activity of the library has this title',
    )
  })
  it('replaces an activity of one’s own by its name', () => {
    const own = { ...read([GOOD]).activities![0], id: 'mine' }
    expect(read([withCell('aim', 'Another aim.')], [...ACTIVITIES, own]).activities![0]).toMatchObject({
      id: 'mine',
      aim: 'Another aim.',
    })
  })
  it('takes a formula for the text that it is, and 10,001 rows for too many', () => {
    expect(read([withCell('aim', '=1+1')]).activities![0].aim).toBe('=1+1')
    expect(read(Array.from({ length: 10_001 }, () => GOOD)).faults![0].message).toContain('at most 10000')
  })
  it('never throws, whatever stands in the cells', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string(), { maxLength: 12 }), { maxLength: 6 }), (rows) => {
        const result = read(rows)
        expect(Boolean(result.activities) !== Boolean(result.faults)).toBe(true)
      }),
    )
  })
})

describe('cells', () => {
  it('are neutralised where a spreadsheet would run them, and come back', () => {
    expect(['=SUM(A1)', '+1', '-2', '@x', 'plain', "'quoted"].map(neutralised)).toEqual([
      "'=SUM(A1)",
      "'+1",
      "'-2",
      "'@x",
      'plain',
      "'quoted",
    ])
    fc.assert(
      fc.property(fc.string(), (text) => {
        if (!/^'[=+\-@\t\r]/.test(text)) expect(plainCell(neutralised(text))).toBe(text)
      }),
    )
  })
  it('are parted by what the header uses', () =>
    expect(['a,b,c', 'a;b;c\n1,2;3', '"a;b;c",d', 'a\tb', 'alone'].map(separatorOf)).toEqual([
      ',',
      ';',
      ',',
      '\t',
      ',',
    ]))
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ACTIVITIES, MATERIALS } from '../../library'
import { byId } from '../../base'
import { Activity, Material, STAGES, type Row } from '../../domain'
import { aChild, aHome, aMaterial, anActivity, aNeed } from '../../testing/build'
import { activityRows, readActivityRows } from './activityCsv'
import { neutralised, plainCell } from './csv'
import { pantryRows, readPantryRows } from './pantryCsv'
import { PlanFile, planImport, writePlanFile } from './planFile'
import { inBrackets, quoted, splitOutside, unquoted } from './quoted'

/** Text that is out to be misread: what lines of the tables are made of, in any order. */
const parts = fc.constantFrom(
  '(',
  ')',
  ';',
  '|',
  ' | ',
  '"',
  '""',
  '[',
  ']',
  '[x-1]',
  '+5%',
  ' per child',
  'per group of 3',
  ' for the set-up',
  '(adult)',
  '(or x)',
  '(only infant)',
  '(uses x)',
  '(in pieces)',
  'beside: ',
  ', then overnight',
  '10 min: ',
  '2 each ',
  '=1+1',
  "'",
  ',',
  'a',
  'é',
  '🙂',
  ' ',
  ' (2026-03-10)',
  ' at ',
  '<img src=x>',
)
const nasty = (most: number) =>
  fc
    .array(parts, { minLength: 1, maxLength: 7 })
    .map((all) => all.join('').trim().slice(0, most).trim())
    .filter((text) => text.length > 0)
/** Sentences may even run over several lines. */
const sentence = fc.oneof(
  nasty(200),
  fc.tuple(nasty(60), nasty(60)).map((two) => two.join('\n')),
)
const context = (materials: Material[], activities: Activity[]) => {
  let count = 0
  return { materials, activities, newId: () => `new-${++count}` }
}
/** Through the cells of a file and back. */
const throughCells = (rows: string[][]) => rows.map((row) => row.map((cell) => plainCell(neutralised(cell))))

const amount = fc.oneof(
  fc.integer({ min: 1, max: 5000 }),
  fc.double({ min: 0.001, max: 10_000, noNaN: true, noDefaultInfinity: true }),
  fc.constant(1e-7),
)
const needs = fc.record({
  quantity: amount,
  basis: fc.oneof(
    fc.constant({ by: 'child' as const }),
    fc.constant({ by: 'set-up' as const }),
    fc.integer({ min: 1, max: 30 }).map((of) => ({ by: 'group' as const, of })),
  ),
  spare: fc.oneof(
    fc.integer({ min: 0, max: 200 }).map((n) => n / 100),
    fc.double({ min: 0.0001, max: 2, noNaN: true }),
  ),
  reach: fc.constantFrom('children' as const, 'adult' as const),
  only: fc.boolean(),
  ownId: fc.boolean(),
})

describe('every export comes back as it went out, whatever things are called', () => {
  it('activities', () => {
    fc.assert(
      fc.property(
        fc.tuple(nasty(100), nasty(100), nasty(100)),
        fc.array(needs, { minLength: 1, maxLength: 3 }),
        fc.array(sentence, { minLength: 1, maxLength: 4 }),
        fc.tuple(sentence, sentence, sentence),
        nasty(100),
        (names, wanted, steps, [how, beside, prepText], title) => {
          fc.pre(how !== beside)
          const materials = names.map((name, i) =>
            aMaterial({ id: `thing-${i}`, name, unit: (['each', 'ml', 'g'] as const)[i] }),
          )
          const variants = [
            { id: 'all', stages: STAGES.slice(2), kind: 'does' as const, how },
            { id: 'beside-infant', stages: STAGES.slice(0, 1), kind: 'beside' as const, how: beside },
          ]
          const requirements = wanted.map(({ only, ownId, ...one }, i) =>
            aNeed(`thing-${i}`, {
              ...one,
              id: ownId ? `need-${i}` : `thing-${i}`,
              variants: only ? ['all'] : null,
              alternatives: materials.filter((_, j) => j !== i).map((other) => other.id),
            }),
          )
          const activity = anActivity({
            title,
            variants,
            requirements,
            steps,
            say: steps.slice(0, 2),
            prep: [
              {
                id: 'cut',
                text: prepText,
                minutes: 10,
                wait: 'overnight',
                splits: true,
                uses: [requirements[0].id],
                kind: 'cut',
                per: 6,
              },
              { id: 'mix', text: prepText, minutes: 3, wait: 20, splits: false, uses: [], kind: null, per: null },
            ],
          })
          fc.pre(Activity.safeParse(activity).success && materials.every((one) => Material.safeParse(one).success))
          const rows = throughCells(activityRows([activity], byId(materials)))
          expect(readActivityRows(rows, context(materials, [activity]))).toEqual({ activities: [activity] })
        },
      ),
      { numRuns: 400 },
    )
  })
  it.each(['beside: ', '"beside: "', '"""beside: """'])('what begins like another way of taking part: %s', (how) => {
    const activity = anActivity({ variants: [{ id: 'all', stages: STAGES.slice(2), kind: 'does' as const, how }] })
    const rows = throughCells(activityRows([activity], byId([])))
    expect(readActivityRows(rows, context([], [activity]))).toEqual({ activities: [activity] })
  })
  it('the pantry', () => {
    const pack = fc.record({
      size: fc.integer({ min: 1, max: 500 }),
      price: fc.integer({ min: 0, max: 9999 }),
      shop: nasty(60),
      seen: fc.constantFrom(null, '2026-03-01'),
    })
    fc.assert(
      fc.property(nasty(100), fc.array(pack, { maxLength: 3 }), amount, nasty(60), (name, packs, onHand, place) => {
        const material = aMaterial({ name, packs, onHand, place })
        fc.pre(Material.safeParse(material).success)
        expect(
          readPantryRows(throughCells(pantryRows([material])), { ...context([material], []), measures: 'us' }),
        ).toEqual({ materials: [material] })
      }),
      { numRuns: 300 },
    )
  })
  it('a whole home as a plan file: nothing of it would be changed by reading it back', () => {
    fc.assert(
      fc.property(nasty(100), nasty(100), nasty(100), sentence, amount, (child, thing, title, step, onHand) => {
        const values = {
          children: [aChild({ name: child, note: step })],
          materials: [aMaterial({ name: thing, onHand })],
          activities: [anActivity({ title, steps: [step], requirements: [aNeed('thing')] })],
        }
        const home = aHome()
        const none = {
          adults: [],
          centers: [],
          units: [],
          ideas: [],
          placements: [],
          purchases: [],
          promises: [],
          prepMarks: [],
          printSets: [],
          circles: [],
          pieces: [],
          circleLogs: [],
          books: [],
          recipes: [],
          stock: [],
          batches: [],
        }
        const read = PlanFile.safeParse(JSON.parse(JSON.stringify(writePlanFile({ ...none, ...values, home }))))
        fc.pre(read.success)
        const rows: Row[] = [
          { kind: 'home', version: 1, value: home },
          { kind: 'child', version: 1, value: values.children[0] },
          { kind: 'material', version: 1, value: values.materials[0] },
          { kind: 'activity', version: 1, value: values.activities[0] },
        ]
        const found = (kind: string, id: string) => rows.find((row) => row.kind === kind && row.value.id === id)
        const plan = planImport(read.data!, found, rows[0] as Row<'home'>, true)
        expect('entries' in plan && plan.entries.map((entry) => entry.does)).toEqual(['same', 'same', 'same', 'same'])
      }),
      { numRuns: 200 },
    )
  })
  it('activities of a home that has two things of one name, and one that is called as another is numbered', () => {
    const materials = [
      aMaterial({ id: 'one', name: 'Clay' }),
      aMaterial({ id: 'two', name: 'clay' }),
      aMaterial({ id: 'three', name: 'one' }),
    ]
    const activity = anActivity({
      requirements: [aNeed('one', { alternatives: ['two'] }), aNeed('two'), aNeed('three')],
    })
    expect(readActivityRows(activityRows([activity], byId(materials)), context(materials, [activity]))).toEqual({
      activities: [activity],
    })
  })
  it('and what ships still reads as it did: no name of the library needs marks', () => {
    expect(
      activityRows(ACTIVITIES, byId(MATERIALS))
        .slice(1)
        .flat()
        .filter((cell) => /(^|\n|: |or )"/.test(cell)),
    ).toEqual([])
  })
})

describe('names in quotation marks', () => {
  it('come back as they were', () => {
    fc.assert(
      fc.property(fc.string(), (name) => {
        expect(unquoted(quoted(name, /[^a-z]/))).toBe(name)
      }),
    )
  })
  it('are not parted, and are marked only where a part begins', () => {
    expect(splitOutside('a; "b; c" ;6" plates; "d""; e"', /;/y)).toEqual(['a', '"b; c"', '6" plates', '"d""; e"'])
    expect(splitOutside('"never closed; b', /;/y)).toEqual(['"never closed', 'b'])
    expect(inBrackets('x (or chalk; "clay (gray)" ; 6" plates) (adult)', 'or')).toEqual([
      'chalk',
      'clay (gray)',
      '6" plates',
    ])
    expect(inBrackets('x (adult)', 'or')).toBeNull()
  })
})

import { describe, expect, it } from 'vitest'
import { aBatch, aCenter, aChild, aMaterial, anActivity, aNeed, aPlacement, aUnit, moment } from '../../testing/build'
import { newIdea, type Row, referencesOf, thingName } from '../../domain'
import { canonical } from '../../base'
import { MATERIALS, RECIPES } from '../../library'
import { PlanFile, planImport, unitPlanFile, writePlanFile } from './planFile'

const nothing = {
  home: null,
  children: [],
  adults: [],
  centers: [],
  materials: [],
  activities: [],
  recipes: [],
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
  stock: [],
  batches: [],
}
const file = (over: Partial<PlanFile> = {}) => writePlanFile({ ...nothing, ...over })
const store =
  (...rows: Row[]) =>
  (kind: string, id: string) =>
    rows.find((row) => row.kind === kind && row.value.id === id)

describe('an import', () => {
  it('adds, replaces from the version that is there, and leaves what is the same', () => {
    const rows: Row[] = [
      { kind: 'center', version: 3, value: aCenter() },
      { kind: 'child', version: 5, value: aChild({ name: 'Old name' }) },
    ]
    const plan = planImport(
      file({ centers: [aCenter()], children: [aChild(), aChild({ id: 'bo', name: 'Bo' })] }),
      store(...rows),
      undefined,
    )
    if ('faults' in plan) throw new Error('was refused')
    expect(plan.entries.map((entry) => [entry.id, entry.does])).toEqual([
      ['ann', 'replace'],
      ['bo', 'add'],
      ['art', 'same'],
    ])
    expect(plan.ops.map((op) => (op as { base: number }).base)).toEqual([5, 0])
  })
  it('names references that lead nowhere, and two things of one id', () => {
    const placement = aPlacement(moment(1), { centerId: 'gone', keptOut: ['ann', 'nobody'], swaps: { thing: 'ghost' } })
    const plan = planImport(
      file({
        children: [aChild()],
        units: [aUnit(), aUnit()],
        activities: [anActivity({ requirements: [aNeed('no-material', { alternatives: ['none'] })] })],
        placements: [placement],
      }),
      () => undefined,
      undefined,
    )
    expect('faults' in plan && plan.faults.map((fault) => fault.field).sort()).toEqual([
      'activities.0.requirements.0.alternatives.0',
      'activities.0.requirements.0.materialId',
      'placements.0.centerId',
      'placements.0.keptOut.1',
      'placements.0.swaps.thing',
      'units.1.id',
    ])
  })
  it('may refer to what is in the store already', () => {
    const plan = planImport(
      file({ units: [aUnit()], placements: [aPlacement(moment(1))] }),
      store({ kind: 'activity', version: 1, value: anActivity() }),
      undefined,
    )
    expect('faults' in plan).toBe(false)
  })
})

describe('the file of one unit', () => {
  it('takes along what it uses, alternatives and swaps too, and no person', () => {
    const materials = ['used', 'instead', 'swapped', 'other'].map((id) => aMaterial({ id }))
    const all = {
      ...nothing,
      children: [aChild()],
      centers: [aCenter(), aCenter({ id: 'easel' })],
      materials,
      activities: [
        anActivity({ requirements: [aNeed('used', { alternatives: ['instead'] })] }),
        anActivity({ id: 'unused' }),
      ],
      units: [aUnit(), aUnit({ id: 'second' })],
      placements: [
        aPlacement(moment(1), { centerId: 'art', leadId: 'teo', keptOut: ['ann'], swaps: { used: 'swapped' } }),
        aPlacement(moment(1), { id: 'else', unitId: 'second' }),
      ],
    }
    const one = unitPlanFile(all, 'unit')
    expect([
      one.children,
      one.adults,
      one.units.map((unit) => unit.id),
      one.activities.map((a) => a.id),
      one.centers.map((c) => c.id),
    ]).toEqual([[], [], ['unit'], ['act'], ['art']])
    expect(one.materials.map((material) => material.id)).toEqual(['used', 'instead', 'swapped'])
    expect(one.placements).toMatchObject([{ leadId: null, keptOut: [] }])
    expect(PlanFile.parse(one)).toEqual(one)
  })
  it('takes along the recipes and fillers of its placements, with what goes into them', () => {
    const oobleck = RECIPES.find((one) => one.id === 'oobleck')!
    const salt = RECIPES.find((one) => one.id === 'colored-salt')!
    const container = { id: 'tub', name: 'tub', lengthMm: 580, widthMm: 410, heightMm: 150 }
    const bin = { container, fillerId: 'rice', depthMm: 50, taken: 0.1, tools: [], hidden: [], filledOn: null }
    const all = {
      ...nothing,
      materials: [...MATERIALS],
      recipes: [oobleck, salt],
      activities: [anActivity()],
      units: [aUnit()],
      placements: [
        aPlacement(moment(1), { mix: { recipeId: 'oobleck', swapIds: [], before: false } }),
        aPlacement(moment(2), { id: 'bin', bin }),
      ],
      batches: [aBatch()],
    }
    const one = unitPlanFile(all, 'unit')
    expect(one.recipes.map((recipe) => recipe.id)).toEqual(['oobleck'])
    expect(one.materials.map((material) => material.id)).toEqual(
      expect.arrayContaining(['rice', ...oobleck.ingredients.map((part) => part.materialId)]),
    )
    expect([one.batches, one.materials.some((material) => material.id === 'fine-salt')]).toEqual([[], false])
    expect(PlanFile.parse(one)).toEqual(one)
  })
})

it('reads two equal values alike, whatever the order of their keys', () => {
  expect(canonical({ b: [{ d: 1, c: 2 }], a: null })).toBe(canonical({ a: null, b: [{ c: 2, d: 1 }] }))
  expect(canonical([1, 2])).not.toBe(canonical([2, 1]))
})
it('calls things by what she calls them', () => {
  expect([
    thingName('child', aChild()),
    thingName('activity', anActivity()),
    thingName('idea', newIdea('i', 'u', null, 'A jar')),
  ]).toEqual(['Ann', 'An activity', 'A jar'])
  expect(referencesOf('child', aChild())).toEqual([])
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sessionCautions } from '../../cautions'
import { Activity, Material, newThemeObject, STAGES, type ThemeObject } from '../../domain'
import { KNOWN_THINGS } from '../../library/things'
import { MATERIALS } from '../../library'
import { byId } from '../../base'
import { resolvePlan } from '../../plan'
import { aCenter, aChild, aPlacement, aSnapshot, aUnit, moment } from '../../testing/build'
import { readThings, themeOf } from '../theme'
import { applyAll, PATTERNS } from './index'

const shipped = byId(MATERIALS)
const options = { paper: 'letter' as const, shipped }
const FOCUS = { letter: '', number: '', shape: '', colour: '' }
const theme = (name: string, words: string, objects: ThemeObject[]) =>
  themeOf({ name, words: words.split(', '), objects, focus: FOCUS })
const typed = (name: string, words: string, things: string) => theme(name, words, readThings(things, KNOWN_THINGS))
const made = (results: ReturnType<typeof applyAll>) => results.flatMap((result) => (result.made ? [result.made] : []))
const result = (results: ReturnType<typeof applyAll>, id: string) => results.find((one) => one.pattern.id === id)!
const texts = (activity: Activity) => [
  activity.title,
  activity.aim,
  ...activity.steps,
  ...activity.say,
  ...activity.lookFor,
  activity.easier,
  activity.harder,
  activity.tidy,
  ...activity.variants.map((one) => one.how),
  ...activity.prep.map((one) => one.text),
]

/** Themes far apart, as they would be typed. */
const THEMES: [string, string, string][] = [
  ['Bakers', 'knead, crust, rise', 'bread, roll, oven, flour, 4 aprons, 3 rolling pins, pretzel, 2 whisks'],
  [
    'Thunderstorms',
    'rumble, puddle, flash',
    'thunder, lightning, cloud, rain, puddle, 2 umbrellas, 6 rubber boots, hail',
  ],
  ['At the dentist', 'brush, gum, rinse', 'tooth, 4 toothbrushes, mirror, chair, floss, crocodile, apple, cup'],
  ['Volcanoes', 'lava, ash, crater', 'volcano, lava, rock, mountain, ash, 3 dinosaurs, island, smoke'],
  ['Under the ground', 'burrow, root, soil', 'worm, mole, root, 10 stones, ant, potato, fox, tunnel'],
  ['Robots', 'circuit, bolt, signal', 'robot, gear, antenna, wheel, cable, lamp, claw, sensor'],
]

describe.each(THEMES)('%s, typed in by hand', (name, words, things) => {
  const all = made(applyAll(typed(name, words, things), options))
  it('has 20 ideas or more, each with a title of its own', () => {
    expect(all.length).toBeGreaterThanOrEqual(20)
    expect(new Set(all.map((one) => one.activity.title)).size).toBe(all.length)
  })
  it('has them whole: something for every stage, steps, two questions, quantities and materials that it names', () => {
    for (const { activity, materials } of all) {
      expect(Activity.parse(activity)).toEqual(activity)
      expect([activity.id, activity.variants.flatMap((variant) => variant.stages).sort()]).toEqual([
        activity.id,
        [...STAGES].sort(),
      ])
      expect(activity.steps.length).toBeGreaterThanOrEqual(3)
      expect(activity.say).toHaveLength(2)
      const ids = new Set(materials.map((material) => material.id))
      for (const requirement of activity.requirements) {
        expect([activity.id, requirement.materialId, ids.has(requirement.materialId)]).toEqual([
          activity.id,
          requirement.materialId,
          true,
        ])
        for (const id of requirement.alternatives) expect(ids).toContain(id)
      }
      for (const material of materials) expect(Material.parse(material)).toEqual(material)
    }
  })
  it('leaves no gap in a sentence and says nothing twice in one idea', () => {
    for (const { activity } of all) {
      const said = texts(activity)
      for (const text of said) expect(text).not.toMatch(/undefined|null|NaN|\{|\}| {2}|\ba [aeio]|, \.|\( ?\)/)
      expect(new Set(said).size).toBe(said.length)
    }
  })
  it('takes nothing shapeless for a thing with an outline, and nothing of cloth into sand, ice or paint', () => {
    for (const { activity } of all) {
      if (['match-shadow', 'match-halves', 'model-it'].includes(activity.pattern!))
        expect(`${activity.title} ${activity.variants.map((one) => one.how).join(' ')}`).not.toMatch(
          /\b(thunder|lightning|rain|hail|lava|ash|smoke|floss|flour)\b/,
        )
      if (['dig-sand', 'dig-ice', 'dig-baked', 'print-with'].includes(activity.pattern!))
        expect(activity.requirements.map((one) => one.materialId)).not.toEqual(
          expect.arrayContaining([expect.stringMatching(/thing-(apron|umbrella|rubber-boot)/)]),
        )
    }
  })
})

describe('what a pattern asks for', () => {
  it('says what is missing instead of making nonsense: no object', () => {
    for (const one of applyAll(theme('Nothing', 'a', []), options)) expect(one.missing).toMatch(/^Needs /)
  })
  it('one object: nothing that needs a second', () => {
    const results = applyAll(typed('One', '', '3 kites'), options)
    const ids = made(results).map((one) => one.activity.pattern)
    expect(ids).toEqual(expect.arrayContaining(['add-take-away', 'count-clip', 'play-place', 'bin-world']))
    for (const id of ['match', 'vote', 'sort-kind', 'compare-two', 'trace-path', 'felt-story', 'play-museum'])
      expect(ids).not.toContain(id)
    expect(result(results, 'match').missing).toBe('Needs at least three objects; the theme has only one.')
  })
  it('500 objects: as many as hands can manage', () => {
    const objects = Array.from({ length: 500 }, (_, i) => ({
      ...newThemeObject(`gizmo ${i}x`, 3),
      colours: [['red', 'blue', 'green'][i % 3]],
      category: `kind ${i % 9}`,
      size: (['small', 'medium', 'large'] as const)[i % 3],
    }))
    for (const { activity } of made(applyAll(theme('Many', 'a, b', objects), options))) {
      expect(activity.requirements.length).toBeLessThanOrEqual(16)
      for (const text of texts(activity)) expect(text.length).toBeLessThanOrEqual(400)
    }
  })
  it('colors: three or more, and names those that there are', () => {
    const two = [
      { ...newThemeObject('car'), colours: ['red'] },
      { ...newThemeObject('bus'), colours: ['blue', 'red'] },
      { ...newThemeObject('van'), colours: ['blue'] },
    ]
    expect(result(applyAll(theme('Cars', 'a', two), options), 'sort-colour').missing).toBe(
      'Needs at least three colors; the theme has only red and blue. Write colors beside the objects in Spark.',
    )
  })
  it('sizes that differ', () => {
    const same = ['car', 'bus', 'van'].map((name) => ({ ...newThemeObject(name), size: 'small' as const }))
    expect(result(applyAll(theme('Cars', 'a', same), options), 'order-size').missing).toBe(
      'Needs sizes that differ; all of these are small.',
    )
  })
  it('a sequence, and tells the stages in their order', () => {
    const results = applyAll(typed('Pond', 'a', 'frog, reed, duck'), options)
    expect(result(results, 'stages-sequence').made!.activity.aim).toBe(
      'Put in order what becomes of a frog: frogspawn, then tadpole, then froglet, then frog.',
    )
    expect(result(applyAll(typed('Cars', 'a', 'car, bus, van'), options), 'stages-sequence').missing).toContain(
      'three stages or more',
    )
  })
  it('what may get wet: fruit yes, bread no', () => {
    const washed = (things: string) =>
      result(applyAll(typed('Food', 'a', things), options), 'wash-it').made?.activity.title
    expect([washed('2 apples, 2 carrots'), washed('2 rolls, 2 pretzels')]).toEqual(['Wash the apples', undefined])
  })
  it('a shape for each thing that lies in a row', () => {
    expect(
      result(applyAll(typed('Bakers', 'a', 'flour, roll, pretzel'), options), 'lay-a-row').made!.activity.title,
    ).toBe('Roll, pretzel, roll, pretzel')
  })
  it('things in the house for what hands do, so many as there are', () => {
    const results = applyAll(typed('Sea', 'a', '4 shells, 3 stones, 2 crabs'), options)
    const dig = result(results, 'dig-sand').made!.activity
    expect(
      dig.requirements
        .filter((one) => one.materialId.startsWith('thing-'))
        .map((one) => [one.materialId, one.quantity]),
    ).toEqual([
      ['thing-shell', 3],
      ['thing-stone', 3],
      ['thing-crab', 2],
    ])
    expect(result(applyAll(typed('Sea', 'a', 'shell, stone, crab'), options), 'dig-sand').missing).toContain(
      'in the house',
    )
  })
})

describe('quantities', () => {
  it('cuts two cards of each of eight things from two sheets, nine a sheet', () => {
    const { activity } = result(
      applyAll(typed('Farm', 'a', 'cow, pig, hen, goat, duck, dog, cat, horse'), options),
      'match',
    ).made!
    expect(activity.requirements.find((one) => one.materialId === 'card-stock')!.quantity).toBe(2)
    expect(activity.prep.map((step) => step.minutes)).toEqual([16, 3, 3])
  })
  it('never takes more of a thing than there is', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 1, maxLength: 9 }), (counts) => {
        const objects = counts.map((count, i) => ({
          ...newThemeObject(`part${String.fromCharCode(97 + i)}o`, count),
          madeOf: 'hard' as const,
          pieceMm: [80, 60, 50] as [number, number, number],
        }))
        for (const { activity, materials } of made(applyAll(theme('Parts', 'a', objects), options))) {
          const onHand = new Map(materials.map((material) => [material.id, material.onHand]))
          for (const one of activity.requirements)
            if (one.materialId.startsWith('thing-'))
              expect(one.quantity).toBeLessThanOrEqual(onHand.get(one.materialId)!)
        }
      }),
    )
  })
})

describe('what patterns make of what is known', () => {
  const BAKERY = 'loaf, croissant, oven, 4 aprons, 3 rolling pins, moon, flour sack, 2 timers'
  it('keeps the name of the theme out of its sentences: whatever she calls it, they read well', () => {
    for (const { activity } of made(applyAll(typed('A bakery at night', 'knead, crust', BAKERY), options)))
      expect([
        activity.id,
        texts(activity)
          .slice(1)
          .filter((text) => text.includes('A bakery at night')),
      ]).toEqual([activity.id, []])
  })
  it('orders things by how large they are in life, each plainly larger than the one before', () => {
    const { activity } = result(
      applyAll(typed('Sizes', 'a', 'whale, ant, cat, mouse, moose'), options),
      'order-size',
    ).made!
    expect(activity.title).toBe('From ant to whale')
    expect(activity.steps).toContain('Find the smallest together: an ant.')
  })
  it('sorts by kind only where two things share one, into as many baskets as there are', () => {
    const sorted = (things: string) => result(applyAll(typed('Kinds', 'a', things), options), 'sort-kind')
    expect(sorted('frog, drum, apple, bus').missing).toContain('Needs two objects that share one of their kinds')
    const { activity } = sorted('bear, fox, drum, apple, bus, coin, pear').made!
    expect(activity.requirements.find((one) => one.materialId === 'basket')!.quantity).toBe(4)
    expect(activity.aim).toBe('Find out what things have in common: forest animal, instrument, fruit and vehicle.')
  })
  it('washes and buries only what is known to bear it', () => {
    const all = (things: string) =>
      made(applyAll(typed('Tub', 'a', things), options)).map((one) => one.activity.pattern)
    expect(all('4 gizmos, 4 widgets, 4 whatsits')).not.toContain('wash-it')
    expect(all('4 gizmos, 4 widgets, 4 whatsits')).not.toContain('dig-sand')
    expect(all('4 ducks, 4 cups, 4 boats')).toContain('wash-it')
    expect(all('4 drums, 4 letters, 4 icicles')).not.toContain('wash-it')
  })
  it('lays out no more numbers than there are pieces', () => {
    const { activity } = result(applyAll(typed('Shells', 'a', '6 shells, crab'), options), 'number-quantity').made!
    expect(texts(activity).join(' ')).toContain('cards from one to three')
  })
})

describe('cautions from the objects’ own properties', () => {
  const tray = (things: string, mm: [number, number, number] | null) => {
    const objects = readThings(things, KNOWN_THINGS).map((thing) => ({ ...thing, pieceMm: mm }))
    const { activity, materials } = result(applyAll(theme('Finds', 'a', objects), options), 'weigh-compare').made!
    const snapshot = aSnapshot({
      children: [
        aChild({ id: 'old', name: 'Old', born: '2020-01-01' }),
        aChild({ id: 'small', name: 'Small', born: '2024-12-01', mouths: true }),
      ],
      centers: [aCenter({ id: 'shelf', kind: 'discovery' })],
      materials: materials.map((material) => ({ ...material })),
      activities: [activity],
      unit: aUnit(),
      placements: [aPlacement(moment(1), { activityId: activity.id, centerId: 'shelf' })],
    })
    const plan = resolvePlan(snapshot)
    return sessionCautions(plan.sessions[0], plan)
      .filter((one) => one.rule.id === 'small-parts' || one.rule.id === 'unmeasured')
      .map((one) => `${one.severity} ${one.childIds.join()}`)
  }
  it('stops what is small, measured or as it usually is, where a mouthing child is about', () => {
    expect(tray('4 gizmos, 4 widgets', [25, 20, 20])).toEqual(['stop small', 'stop small'])
    expect(tray('4 acorns, 4 buttons', null)).toEqual(['stop small', 'stop small'])
  })
  it('asks for the size of what nobody knows', () =>
    expect(tray('4 gizmos, 4 acorns', null)).toEqual(['stop small', 'change small']))
  it('lets what is large pass, measured or as it usually is', () => {
    expect(tray('4 gizmos, 4 widgets', [80, 60, 50])).toEqual([])
    expect(tray('4 rolling pins, 4 benches', null)).toEqual([])
  })
})

it('has 24 patterns or more, each named once', () => {
  expect(PATTERNS.length).toBeGreaterThanOrEqual(24)
  expect(new Set(PATTERNS.map((one) => one.id)).size).toBe(PATTERNS.length)
  expect(new Set(PATTERNS.map((one) => one.title)).size).toBe(PATTERNS.length)
})

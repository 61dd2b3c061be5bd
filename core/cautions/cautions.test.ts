import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { resolvePlan } from '../plan'
import { countCautions } from '../readings'
import {
  aCenter,
  aChild,
  aHome,
  aMaterial,
  anActivity,
  aNeed,
  aPlacement,
  aSnapshot,
  moment,
  setUp,
} from '../testing/build'
import type { Activity, Center, Child, Home, Material, Placement } from '../domain'
import { planCautions, remediesOf } from './engine'
import { CAUTION_RULES, fitsSmallPartsCylinder } from './rules'

const born = (months: number) => {
  const at = new Date(Date.UTC(2026, 2 - months, 1))
  return at.toISOString().slice(0, 10)
}
const aged = (months: number, over: Partial<Child> = {}) => aChild({ born: born(months), ...over })
const safe = aMaterial().safety

interface Case {
  safety?: Partial<Material['safety']>
  children?: Child[]
  activity?: Partial<Activity>
  need?: Parameters<typeof aNeed>[1]
  placement?: Partial<Placement>
  center?: Partial<Center>
  home?: Partial<Home>
}
const cautionsOf = ({
  safety = {},
  children = [aged(30)],
  activity = {},
  need = {},
  placement = {},
  center = {},
  home = {},
}: Case) => {
  const materials = [aMaterial({ safety: { ...safe, ...safety } }), aMaterial({ id: 'large', name: 'large things' })]
  const snapshot = aSnapshot({
    home: aHome(home),
    centers: [aCenter(center)],
    materials,
    children,
    activities: [anActivity({ requirements: [aNeed('thing', need)], ...activity })],
    placements: [aPlacement(moment(1), { centerId: 'art', ...placement })],
  })
  const plan = resolvePlan(snapshot)
  return { snapshot, plan, cautions: planCautions(plan) }
}
const rulesOf = (one: Case) => cautionsOf(one).cautions.map((caution) => caution.rule.id)

const NAPS: Partial<Child> = { naps: [{ from: '12:30', to: '14:30' }] }
const BEAD: Partial<Material['safety']> = { partMm: [15, 15, 3] }
/** Each rule in both directions: where it fires, and the nearest case in which it does not. */
const CASES: Record<string, { fires: Case; quiet: Case }> = {
  'small-parts': { fires: { safety: BEAD, children: [aged(35)] }, quiet: { safety: BEAD, children: [aged(36)] } },
  unmeasured: {
    fires: { safety: { measured: false }, children: [aged(35)] },
    quiet: { safety: { measured: false, partMm: [80, 60, 50] }, children: [aged(35)] },
  },
  'small-balls': {
    fires: { safety: { ballMm: 44.4, partMm: [44.4, 44.4, 44.4] }, children: [aged(35)] },
    quiet: { safety: { ballMm: 44.5, partMm: [44.5, 44.5, 44.5] }, children: [aged(35)] },
  },
  'loose-magnets': {
    fires: { safety: { hazards: ['loose-magnet'], partMm: [20, 20, 5] }, children: [aged(80)] },
    quiet: { safety: { hazards: ['loose-magnet'], partMm: [70, 70, 70] }, children: [aged(80)] },
  },
  expanding: { fires: { safety: { hazards: ['expands'] }, children: [aged(100)] }, quiet: { children: [aged(10)] } },
  'button-cells': {
    fires: { safety: { hazards: ['button-cell'] }, need: { reach: 'adult' } },
    quiet: { need: { reach: 'adult' } },
  },
  allergens: {
    fires: {
      safety: { allergens: ['egg'] },
      children: [aged(30), aged(40, { id: 'bo', name: 'Bo', allergens: ['egg'] })],
    },
    quiet: { safety: { allergens: ['egg'] }, children: [aged(30, { allergens: ['milk'] })] },
  },
  honey: {
    fires: { safety: { hazards: ['honey'] }, children: [aged(11)] },
    quiet: { safety: { hazards: ['honey'] }, children: [aged(12)] },
  },
  'choking-food': {
    fires: { safety: { hazards: ['choking-food'] }, children: [aged(47)] },
    quiet: { safety: { hazards: ['choking-food'] }, children: [aged(48)] },
  },
  'raw-legumes': {
    fires: { safety: { hazards: ['raw-legume'] }, children: [aged(40, { mouths: true })] },
    quiet: { safety: { hazards: ['raw-legume'] }, children: [aged(30)] },
  },
  'animals-under-five': {
    fires: { safety: { hazards: ['reptile-amphibian-poultry'] }, children: [aged(59)] },
    quiet: { safety: { hazards: ['reptile-amphibian-poultry'] }, children: [aged(60)] },
  },
  film: {
    fires: { safety: { hazards: ['film'] }, children: [aged(95)] },
    quiet: { safety: { hazards: ['film'] }, children: [aged(96)] },
  },
  cords: {
    fires: { safety: { cordMm: 221 }, children: [aged(35)] },
    quiet: { safety: { cordMm: 220 }, children: [aged(35)] },
  },
  'long-cords': {
    fires: { safety: { cordMm: 301 }, children: [aged(60)], activity: { attention: 'nearby' } },
    quiet: { safety: { cordMm: 301 }, children: [aged(60)], activity: { attention: 'watching' } },
  },
  'raw-flour': {
    fires: { safety: { hazards: ['raw-flour'] }, children: [aged(40, { mouths: true })] },
    quiet: { safety: { hazards: ['raw-flour'] }, children: [aged(20)] },
  },
  hot: {
    fires: { safety: { hazards: ['hot'] }, need: { reach: 'adult' } },
    quiet: {
      safety: { hazards: ['hot'] },
      need: { reach: 'adult' },
      activity: {
        prep: [
          { id: 'melt', text: 'Melt', minutes: 5, wait: 0, splits: false, uses: ['thing'], kind: null, per: null },
        ],
      },
    },
  },
  sharp: {
    fires: { safety: { hazards: ['sharp'] }, children: [aged(50)] },
    quiet: { safety: { hazards: ['sharp'] }, children: [aged(48)], activity: { attention: 'one-to-one' } },
  },
  chemicals: {
    fires: { safety: { hazards: ['chemical'] } },
    quiet: { safety: { hazards: ['chemical'] }, need: { reach: 'adult' } },
  },
  'loose-powder': {
    fires: { safety: { hazards: ['loose-powder'] }, children: [aged(35)] },
    quiet: { safety: { hazards: ['loose-powder'] }, children: [aged(36)] },
  },
  'gathered-plants': { fires: { safety: { hazards: ['gathered-plant'] } }, quiet: {} },
  water: {
    fires: { safety: { hazards: ['water'] }, children: [aged(70)] },
    quiet: { safety: { hazards: ['water'] }, need: { reach: 'adult' } },
  },
  'sleep-space': {
    fires: {
      safety: { hazards: ['soft-prop'] },
      center: { sleeps: true },
      children: [aged(11, NAPS), aged(40)],
      placement: { where: moment(1, 'nap') },
    },
    quiet: {
      safety: { hazards: ['soft-prop'] },
      center: { sleeps: true },
      children: [aged(12, NAPS), aged(40)],
      placement: { where: moment(1, 'nap') },
    },
  },
  illness: {
    fires: { safety: { hazards: ['shared-food'] }, home: { illness: { from: '2026-03-01', to: '2026-03-04' } } },
    quiet: { safety: { hazards: ['shared-food'] }, home: { illness: { from: '2026-03-01', to: '2026-03-03' } } },
  },
  ice: { fires: { safety: { hazards: ['ice'] } }, quiet: { safety: { hazards: ['ice'] }, need: { reach: 'adult' } } },
  'sun-and-cold': { fires: { center: { where: 'outdoors' } }, quiet: { center: { where: 'indoors' } } },
  'fixed-magnets': {
    fires: { safety: { hazards: ['fixed-magnet'] }, children: [aged(35)] },
    quiet: { safety: { hazards: ['fixed-magnet'] }, children: [aged(36)] },
  },
  irritants: {
    fires: { safety: { hazards: ['irritant'] } },
    quiet: { safety: { hazards: ['irritant'] }, need: { reach: 'adult' } },
  },
  'live-animals': { fires: { safety: { hazards: ['live-animal'] } }, quiet: {} },
  hygiene: { fires: { safety: { hazards: ['shared-food'] } }, quiet: {} },
  'allergens-in-hand': {
    fires: { safety: { allergens: ['egg'] }, need: { reach: 'adult' }, children: [aged(40, { allergens: ['egg'] })] },
    quiet: { safety: { allergens: ['egg'] }, need: { reach: 'adult' }, children: [aged(40, { allergens: ['milk'] })] },
  },
}

describe('each rule', () => {
  it('stands in the table of cases', () =>
    expect(Object.keys(CASES).sort()).toEqual(CAUTION_RULES.map((rule) => rule.id).sort()))
  it.each(CAUTION_RULES.map((rule) => [rule.id]))('%s fires where it must', (id) => {
    const { cautions } = cautionsOf(CASES[id].fires)
    const caution = cautions.find((one) => one.rule.id === id)
    expect(caution?.childIds.length).toBeGreaterThan(0)
    expect(caution?.why).not.toMatch(/undefined|null|NaN|\$\{/)
  })
  it.each(CAUTION_RULES.map((rule) => [rule.id]))('%s is quiet where it need not', (id) =>
    expect(rulesOf(CASES[id].quiet)).not.toContain(id),
  )
  it.each(CAUTION_RULES.map((rule) => [rule.id, rule] as const))('%s names its source and what to do', (_, rule) => {
    expect(rule.source.length).toBeGreaterThan(3)
    expect(rule.advice.length).toBeGreaterThan(8)
    expect(rule.when.length).toBeGreaterThan(8)
  })
})

describe('an allergen that stays in adult hands', () => {
  it('leaves the child in, and is said', () => {
    const { plan, cautions } = cautionsOf({
      safety: { allergens: ['egg'] },
      need: { reach: 'adult' },
      children: [aged(40, { allergens: ['egg'] })],
    })
    expect(plan.sessions[0].parts[0].does).toBe('takes-part')
    expect(cautions.map((one) => [one.rule.id, one.severity])).toEqual([['allergens-in-hand', 'watch']])
    expect(cautions[0].why).toBe(
      'Ann has an allergy to egg: things stays in adult hands, which are washed before they touch anything of theirs.',
    )
  })
  it('is a stop, and leaves the child out, as soon as children handle it too', () => {
    const { plan, cautions } = cautionsOf({
      safety: { allergens: ['egg'] },
      children: [aged(40, { allergens: ['egg'] }), aged(50, { id: 'bo', name: 'Bo' })],
    })
    expect(plan.sessions[0].parts.map((part) => [part.child.id, part.does])).toEqual([
      ['ann', 'out'],
      ['bo', 'takes-part'],
    ])
    expect(cautions.map((one) => one.rule.id)).toEqual(['allergens'])
  })
})

describe('age', () => {
  const days = (fromDay: number, toDay: number) => ({ placement: { where: setUp(fromDay, toDay) } })
  // The unit runs from Wednesday, March 4 to Tuesday 17.
  it('of one who is born while a set-up stands counts from the first day here', () => {
    const unborn = aChild({ id: 'bo', name: 'Bo', born: '2026-03-09' })
    const { cautions } = cautionsOf({ safety: BEAD, children: [aged(40), unborn], ...days(1, 8) })
    expect(cautions.map((one) => [one.rule.id, one.childIds])).toEqual([['small-parts', ['bo']]])
    expect(
      cautionsOf({ safety: BEAD, children: [aged(40), { ...unborn, born: '2026-04-01' }], ...days(1, 8) }).cautions,
    ).toEqual([])
  })
  it('of one who is three by the first day here is three, though not when the set-up began', () => {
    const monday = aChild({ born: '2023-03-06', attendance: { mon: { from: '08:00', to: '17:00' } } })
    expect(cautionsOf({ safety: BEAD, children: [monday], ...days(1, 8) }).cautions).toEqual([])
    expect(
      cautionsOf({ safety: BEAD, children: [aChild({ born: '2023-03-06' })], ...days(1, 8) }).cautions.map(
        (one) => one.rule.id,
      ),
    ).toEqual(['small-parts'])
  })
})

describe('a child with asthma', () => {
  it('counts for powder at any age', () => {
    const powder = { safety: { hazards: ['loose-powder' as const] } }
    expect([
      rulesOf({ ...powder, children: [aged(60, { asthma: true })] }),
      rulesOf({ ...powder, children: [aged(60)] }),
    ]).toEqual([['loose-powder'], []])
  })
})

describe('where someone sleeps', () => {
  const soft = {
    safety: { hazards: ['soft-prop' as const] },
    children: [aged(10, NAPS), aged(40)],
    activity: { centers: ['art-table' as const, 'book-nook' as const], standing: true },
  }
  it('a set-up stands in the sleep space of a baby on every day on which the baby naps', () => {
    expect(rulesOf({ ...soft, center: { sleeps: true }, placement: { where: setUp(1, 3) } })).toEqual(['sleep-space'])
    expect(rulesOf({ ...soft, center: { sleeps: true }, placement: { where: moment(1) } })).toEqual([])
  })
  it('is free of one who has gone home, though the nap would go on', () => {
    const until = (to: string) => [aged(10, { ...NAPS, attendance: { wed: { from: '08:00', to } } }), aged(40)]
    const atNap = { ...soft, center: { sleeps: true }, placement: { where: moment(1, 'nap', '13:30') } }
    expect([rulesOf({ ...atNap, children: until('13:30') }), rulesOf({ ...atNap, children: until('14:00') })]).toEqual([
      [],
      ['sleep-space'],
    ])
    const standing = { ...soft, center: { sleeps: true }, placement: { where: setUp(1, 3) } }
    expect([
      rulesOf({ ...standing, children: until('12:00') }),
      rulesOf({ ...standing, children: until('12:45') }),
    ]).toEqual([[], ['sleep-space']])
  })
  it('another center that does the same is offered, and solves it', () => {
    const { snapshot } = cautionsOf({ ...soft, center: { sleeps: true }, placement: { where: setUp(1, 3) } })
    const house = {
      ...snapshot,
      centers: [...snapshot.centers, aCenter({ id: 'nook', name: 'Book nook', kind: 'book-nook' })],
    }
    const plan = resolvePlan(house)
    expect(remediesOf(planCautions(plan)[0], house, plan)[0]).toEqual({
      kind: 'center',
      centerId: 'nook',
      words: 'Do it at Book nook',
    })
    expect(planCautions(resolvePlan({ ...house, placements: [{ ...house.placements[0], centerId: 'nook' }] }))).toEqual(
      [],
    )
  })
})

describe('the small-parts cylinder', () => {
  it.each([
    [[15, 15, 3], true],
    [[31.7, 31.7, 57.1], true],
    [[31.8, 31.8, 3], false],
    [[57.2, 10, 10], false],
    [[114, 10, 2], false],
    [[38, 38, 3], false],
  ] as [[number, number, number], boolean][])('of %j is %s, in any order', (part, fits) => {
    expect(fitsSmallPartsCylinder(part)).toBe(fits)
    expect(fitsSmallPartsCylinder([part[2], part[0], part[1]])).toBe(fits)
  })
})

describe('who can reach it', () => {
  const baby = aged(10, { id: 'pip', name: 'Pip', mouths: true, naps: [{ from: '12:45', to: '15:00' }] })
  const big = aged(60, { id: 'ravi', name: 'Ravi' })
  const forBig = { variants: [{ id: 'old', stages: ['school-age' as const], kind: 'does' as const, how: 'Do it.' }] }

  it('includes a baby in the room who does not take part', () => {
    expect(cautionsOf({ safety: BEAD, children: [baby, big], activity: forBig }).cautions[0]).toMatchObject({
      rule: { id: 'small-parts' },
      childIds: ['pip'],
    })
  })
  it('does not include a baby who sleeps all the while', () => {
    expect(
      rulesOf({
        safety: BEAD,
        children: [baby, big],
        activity: forBig,
        placement: { where: moment(1, 'nap', '13:00') },
      }),
    ).toEqual([])
  })
  it('includes a baby who wakes up before it ends', () => {
    expect(
      rulesOf({
        safety: BEAD,
        children: [baby, big],
        activity: forBig,
        placement: { where: moment(1, 'nap', '14:50') },
      }),
    ).toEqual(['small-parts'])
  })
  it('does not look at what nobody uses that day', () => {
    expect(
      rulesOf({
        safety: BEAD,
        children: [baby, big],
        need: { variants: ['young'] },
        activity: { variants: [...forBig.variants, { id: 'young', stages: ['preschool'], kind: 'does', how: 'x' }] },
      }),
    ).toEqual([])
  })
  it('includes everyone who comes on any day of a set-up', () => {
    expect(
      rulesOf({
        safety: BEAD,
        children: [aged(30, { attendance: { fri: { from: '08:00', to: '12:00' } } }), big],
        activity: { standing: true },
        placement: { where: setUp(1, 5) },
      }),
    ).toContain('small-parts')
  })
})

describe('remedies', () => {
  const oona = aged(19, { id: 'oona', name: 'Oona', mouths: true, naps: [{ from: '12:30', to: '15:00' }] })
  const calla = aged(58, { id: 'calla', name: 'Calla' })
  const stop = (over: Case = {}) => {
    const { snapshot, plan, cautions } = cautionsOf({
      safety: BEAD,
      children: [oona, calla],
      need: { alternatives: ['large'] },
      ...over,
    })
    return { snapshot, plan, caution: cautions[0], remedies: remediesOf(cautions[0], snapshot, plan) }
  }
  it('offer the larger material, the time when she sleeps, and leaving her out behind the gate', () => {
    expect(stop().remedies.map((one) => one.words)).toEqual([
      'Use large things',
      'Do it 12:30 to 3',
      'Keep Oona out, behind the gate',
      'Use larger pieces, wait for nap time, or work at a higher table behind a gate.',
    ])
  })
  it('solve it: none of them leaves the stop standing', () => {
    const { snapshot, remedies } = stop()
    for (const remedy of remedies) {
      const [placement] = snapshot.placements
      const solved =
        remedy.kind === 'swap'
          ? { ...placement, swaps: { [remedy.requirementId]: remedy.materialId } }
          : remedy.kind === 'move'
            ? { ...placement, where: moment(1, remedy.blockId, remedy.from) }
            : remedy.kind === 'keep-out'
              ? { ...placement, keptOut: remedy.childIds, apart: true }
              : placement
      if (remedy.kind !== 'advice') expect(planCautions(resolvePlan({ ...snapshot, placements: [solved] }))).toEqual([])
    }
  })
  it('do not offer a material that brings another stop', () => {
    const { snapshot, caution } = stop()
    const materials = snapshot.materials.map((one) =>
      one.id === 'large' ? { ...one, safety: { ...safe, ballMm: 40 } } : one,
    )
    const plan = resolvePlan({ ...snapshot, materials })
    expect(remediesOf(caution, { ...snapshot, materials }, plan).some((one) => one.kind === 'swap')).toBe(false)
  })
  it('do not offer a gate against an allergy', () => {
    const { remedies } = stop({ safety: { allergens: ['egg'] }, children: [aged(40, { allergens: ['egg'] }), calla] })
    expect(remedies.some((one) => one.kind === 'apart' || one.kind === 'keep-out')).toBe(false)
  })
})

describe('setting aside', () => {
  const setAside = [
    { ruleId: 'cords', reason: 'I hold it' },
    { ruleId: 'small-parts', reason: 'no' },
  ]
  it('works for a change, with its reason, and counts apart', () => {
    const { cautions } = cautionsOf({ safety: { cordMm: 900 }, placement: { setAside } })
    expect(cautions[0].setAside).toBe('I hold it')
    expect(countCautions(cautions)).toEqual({ stop: 0, change: 0, watch: 0, setAside: 1 })
  })
  it('never works for a stop', () => {
    const { cautions } = cautionsOf({ safety: BEAD, placement: { setAside } })
    expect(cautions[0].setAside).toBeNull()
    expect(countCautions(cautions).stop).toBe(1)
  })
})

describe('a live animal', () => {
  it('is watched also where it is a reptile and nobody named it alive, beside the stop for the youngest', () => {
    const turtle = { safety: { hazards: ['reptile-amphibian-poultry' as const] } }
    expect(rulesOf({ ...turtle, children: [aged(70)] })).toEqual(['live-animals'])
    expect(rulesOf({ ...turtle, children: [aged(50)] })).toEqual(['animals-under-five', 'live-animals'])
    expect(
      rulesOf({ safety: { hazards: ['reptile-amphibian-poultry', 'live-animal'] }, children: [aged(70)] }),
    ).toEqual(['live-animals'])
  })
})

describe('the small-parts cylinder', () => {
  const fits = (...mm: [number, number, number]) => fitsSmallPartsCylinder(mm)
  it('takes a stick that lies across it, longer than it is deep', () => {
    expect([fits(60, 3, 3), fits(3, 60, 3), fits(65, 0.1, 0.1)]).toEqual([true, true, true])
    // Its corners lie 65.3 mm apart: sqrt(31.7² + 57.1²).
    expect([fits(65.4, 0.1, 0.1), fits(65, 3, 3), fits(60, 20, 3), fits(57.2, 10, 10)]).toEqual([
      false,
      false,
      false,
      false,
    ])
  })
  it('takes whatever stands upright in it, and nothing that is wider either way', () => {
    expect([fits(57.1, 31.7, 31.7), fits(57.2, 31.7, 31.7), fits(31.8, 31.8, 5), fits(32, 31.7, 31.7)]).toEqual([
      true,
      false,
      false,
      true,
    ])
  })
  it('takes every piece that is smaller than one it takes', () => {
    const side = fc.double({ min: 0.5, max: 70, noNaN: true })
    fc.assert(
      fc.property(side, side, side, fc.double({ min: 0.1, max: 1, noNaN: true }), (a, b, c, share) => {
        if (fits(a, b, c)) expect(fits(a * share, b, c)).toBe(true)
        expect(fits(b, c, a)).toBe(fits(a, b, c))
      }),
      { numRuns: 3000 },
    )
  })
})

import { describe, expect, it } from 'vitest'
import { snapshotOf } from '@core/ideas'
import { resolvePlan } from '@core/plan'
import { fillersFor, type FillerRank } from '@core/readings'
import { newPlacement, type BinSetUp } from '@core/domain'
import { demoHome } from './home'

/** Who can reach a bin on each weekday of the demo, and for whom each filler is not: worked out by hand from 8-demo. */
const TODAY = '2026-03-10'
const DAYS = { 5: 'Wed', 6: 'Thu', 7: 'Fri', 8: 'Mon', 9: 'Tue' } as const
type Day = keyof typeof DAYS
const THERE: Record<Day, string> = {
  5: 'P O I T J B R',
  6: 'P O T J B C R',
  7: 'O I T J B R',
  8: 'P O I T B C R',
  9: 'P O T J B C R',
}
/** Under three, or still mouthing: Pip, Oona, Idris, Tamsin. */
const SMALL: Record<Day, string> = { 5: 'P O I T', 6: 'P O T', 7: 'O I T', 8: 'P O I T', 9: 'P O T' }
/** Still mouthing: Pip, Oona, Idris. */
const MOUTHS: Record<Day, string> = { 5: 'P O I', 6: 'P O', 7: 'O I', 8: 'P O I', 9: 'P O' }
/** No wheat, also on the hands: Juno, who does not come on Mondays. */
const WHEAT: Record<Day, string> = { 5: 'J', 6: 'J', 7: 'J', 8: '', 9: 'J' }
const NOT_FOR: Record<string, Record<Day, string>> = {
  rice: SMALL,
  'dry-chickpea': SMALL,
  'pom-pom': SMALL,
  'coarse-salt': MOUTHS,
  mud: MOUTHS,
  'large-pasta': WHEAT,
}

const file = demoHome(TODAY)
const { children, adults, centers, materials, activities, recipes, units } = file
const unit = units.find((one) => one.id === 'wind-and-kites')!
const snapshot = snapshotOf(
  {
    home: file.home!,
    children,
    adults,
    centers,
    materials,
    activities,
    recipes,
    pieces: [],
    books: [],
    circleLogs: [],
  },
  units,
  unit,
  { placements: [], ideas: [], purchases: [], promises: [], prepMarks: [], printSets: [], circles: [] },
  TODAY,
)
const plan = resolvePlan(snapshot)
const bin: BinSetUp = {
  container: { id: 'tub', name: 'long tub', lengthMm: 580, widthMm: 410, heightMm: 150 },
  fillerId: 'rolled-oats',
  depthMm: 50,
  taken: 0.1,
  tools: [],
  hidden: [],
  filledOn: null,
}
const on = (day: number): FillerRank[] =>
  fillersFor(
    snapshot,
    plan,
    newPlacement('bin', unit.id, 'oat-fields', { kind: 'set-up', fromDay: day, toDay: day }, 'sensory-bin'),
    bin,
  )
const initials = (all: FillerRank['children']) =>
  all
    .map((one) => one.child.name[0])
    .sort()
    .join(' ')
const sorted = (words: string) => words.split(' ').filter(Boolean).sort().join(' ')

describe('which filler for these kids', () => {
  describe.each(Object.entries(DAYS).map(([day, name]) => [name, Number(day) as Day] as const))('on %s', (_, day) => {
    const ranks = on(day)
    it('looks at everyone who can reach it', () => {
      for (const one of ranks) expect(initials(one.children), one.material.id).toBe(sorted(THERE[day]))
    })
    it('rules out what is not for someone, and says for whom', () => {
      for (const one of ranks) {
        const notFor = sorted(NOT_FOR[one.material.id]?.[day] ?? '')
        expect([one.material.id, initials(one.children.filter((child) => !child.safe))]).toEqual([
          one.material.id,
          notFor,
        ])
        expect(one.ruledOut).toBe(notFor !== '')
      }
    })
    it('ranks what clings before what scatters and pours, since someone there is new to bins', () => {
      const order = ranks.filter((one) => !one.ruledOut).map((one) => one.material.id)
      expect(order[0]).toBe('crinkle-paper')
      for (const fine of ['corn-meal', 'coarse-salt', 'play-sand'].filter((id) => order.includes(id)))
        expect(order.indexOf(fine)).toBeGreaterThan(order.indexOf('rolled-oats'))
    })
  })
  it('says when rice can be out: while those who could choke sleep', () => {
    const rice = (day: number) => on(day).find((one) => one.material.id === 'rice')!
    // Pip sleeps from 13:00, Tamsin until 14:30.
    expect(rice(5).time).toEqual({ from: '13:00', to: '14:30' })
    // On Friday there is no Pip: Oona, Idris and Tamsin sleep from 12:45.
    expect(rice(7).time).toEqual({ from: '12:45', to: '14:30' })
    expect(rice(7).reasons[0]).toBe('Only 12:45 to 2:30, while Oona, Idris and Tamsin are asleep or away')
  })
  it('offers water as another way in for who is new to bins', () =>
    expect(on(5).find((one) => one.material.id === 'water')!.reasons[0]).toBe(
      'In a tub it is another way in for Pip and Oona',
    ))
  it('offers no time for wheat: it stays behind in the bin', () =>
    expect(on(5).find((one) => one.material.id === 'large-pasta')!.time).toBeNull())
  it('reckons what it takes and what has to be bought', () => {
    const of = (id: string) => on(5).find((one) => one.material.id === id)!
    expect(of('rolled-oats').quantity! / 1000).toBeCloseTo(4.39, 2)
    expect(of('rolled-oats').cost).toBe(0)
    // 321 g of strips, six packs of 60 g at $1.25.
    expect([Math.round(of('crinkle-paper').quantity!), of('crinkle-paper').cost]).toEqual([321, 750])
    // No density: not weighed, and no price is made up.
    expect([of('cooked-noodle').quantity, of('cooked-noodle').cost]).toEqual([null, null])
  })
})

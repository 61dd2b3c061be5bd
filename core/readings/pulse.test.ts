import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Placement, UnitSnapshot } from '../domain'
import { aMaterial, anActivity, aNeed, aPlacement, aSnapshot, aUnit, children, moment } from '../testing/build'
import { pulseChange, pulseOf, quietOf } from './pulse'
import { readingsOf } from './readings'

const BEAD = {
  partMm: [10, 10, 10] as [number, number, number],
  ballMm: null,
  cordMm: null,
  allergens: [],
  hazards: [],
  measured: true,
}
const craft = anActivity({
  id: 'craft',
  title: 'Craft',
  domains: ['fine-motor', 'early-math'],
  requirements: [aNeed('bead', { quantity: 5, basis: { by: 'child' } })],
  prep: [{ id: 'cut', text: 'Cut', minutes: 15, wait: 0, splits: false, uses: [], kind: null, per: null }],
})
const world = (placements: Placement[], over: Partial<UnitSnapshot> = {}): UnitSnapshot =>
  aSnapshot({
    children: children(3, { born: '2023-08-01' }),
    unit: aUnit({ days: 5, budget: 500 }),
    activities: [craft],
    adults: [
      {
        id: 'mo',
        name: 'Mo',
        role: 'provider',
        hours: Object.fromEntries(
          ['mon', 'tue', 'wed', 'thu', 'fri'].map((day) => [day, { from: '08:00', to: '17:00' }]),
        ),
        exceptions: [],
        prepWindows: [{ weekday: 'wed', name: 'Nap', from: '13:00', to: '14:00', naps: false }],
        prepDays: [],
        note: '',
      },
    ],
    materials: [
      aMaterial({
        id: 'bead',
        name: 'beads',
        packs: [{ size: 10, price: 300, shop: 'the craft shop', seen: null }],
        safety: BEAD,
      }),
    ],
    placements,
    ...over,
  })
const pulse = (snapshot: UnitSnapshot) => pulseOf(readingsOf(snapshot))

describe('the pulse', () => {
  it('has one figure for each reading, as its page adds up', () => {
    // Fifteen beads for three children: two packs, 6.00 of 5.00. Fifteen minutes of hands before Thursday, in an hour
    // of Wednesday's nap. All three are 31 months old: beads of 10 mm are one stop. Fine motor and early math are met
    // by three children in the first week, nine domains are not; of the second week the unit holds too little for gaps.
    const now = pulse(world([aPlacement(moment(2), { activityId: 'craft', centerId: 'art' })]))
    expect(now).toMatchObject({
      money: { total: 600, over: 100 },
      preparation: { due: 15, over: 0 },
      adults: { minutes: 0, clashes: 0 },
      cautions: { stop: 1, change: 0 },
    })
    expect([now.rounded.gaps, now.rounded.children, now.rounded.met]).toEqual([3 * 9, 3, 6])
    expect(quietOf(now)).toEqual({ money: false, preparation: true, rounded: false, adults: true, cautions: false })
  })
  it('is quiet where a home aims at nothing and plans nothing', () => {
    const targets = Object.fromEntries(
      Object.keys({
        language: 0,
        'early-math': 0,
        science: 0,
        'creative-arts': 0,
        'music-movement': 0,
        sensory: 0,
        'fine-motor': 0,
        'gross-motor': 0,
        'practical-life': 0,
        'social-emotional': 0,
        world: 0,
      }).map((domain) => [domain, 0]),
    )
    const snapshot = world([])
    expect(Object.values(quietOf(pulse({ ...snapshot, home: { ...snapshot.home, targets } })))).toEqual([
      true,
      true,
      true,
      true,
      true,
    ])
  })
})

describe('what a move changes', () => {
  const empty = pulse(world([]))
  const laid = pulse(world([aPlacement(moment(2), { activityId: 'craft', centerId: 'art' })]))
  it('is said reading by reading, and for the better or not', () => {
    const change = pulseChange(empty, laid, 'USD')
    expect(change.money).toEqual({ words: '$6.00 more', better: false })
    expect(change.preparation).toEqual({ words: '15 min to do more', better: false })
    expect(change.rounded).toEqual({ words: '6 gaps less, 6 touches more', better: true })
    expect(change.adults).toBeNull()
    expect(change.cautions).toEqual({ words: '1 stop more', better: false })
  })
  it('backward is the opposite, and of nothing is nothing', () => {
    const back = pulseChange(laid, empty, 'USD')
    expect([back.money, back.cautions!.words, back.rounded!.better]).toEqual([
      { words: '$6.00 less', better: true },
      '1 stop less',
      false,
    ])
    expect(Object.values(pulseChange(laid, laid, 'USD'))).toEqual([null, null, null, null, null])
  })
})

it(
  'computed after each of many moves is what is computed from the plan at the end, and the plan ' +
    'before comes back with its readings',
  () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            day: fc.integer({ min: 1, max: 5 }),
            block: fc.constantFrom('circle', 'choice', 'nap', 'after'),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        (moves) => {
          const seen: [UnitSnapshot, string][] = []
          let placements: Placement[] = []
          for (const [i, { day, block }] of moves.entries()) {
            placements = [
              ...placements,
              aPlacement(moment(day, block), { id: `p${i}`, activityId: 'craft', centerId: 'art' }),
            ]
            const snapshot = world(placements)
            seen.push([snapshot, JSON.stringify(pulse(snapshot))])
          }
          // No reading may lean on one before it: each snapshot, read again in any order and from a copy, says the same.
          for (const [snapshot, words] of [...seen].reverse())
            expect(JSON.stringify(pulse(JSON.parse(JSON.stringify(snapshot)) as UnitSnapshot))).toBe(words)
        },
      ),
    )
  },
)

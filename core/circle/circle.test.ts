import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../base'
import { PIECE_KINDS, type PieceKind } from '../domain'
import {
  calmestOrder,
  closes,
  endsWell,
  energyLine,
  fitCircle,
  groupSitting,
  inCircleOrder,
  longestStretch,
  opens,
  partsOfCircle,
  sittingOf,
  stretchesOf,
  TRIM_ORDER,
  turnOrder,
  whoGetsUp,
  type CircleItem,
  type Turn,
} from '.'

const item = (kind: PieceKind, planned: number, over: Partial<CircleItem> = {}): CircleItem => ({
  id: kind,
  kind,
  shortest: planned,
  planned,
  longest: planned,
  energy: 0,
  seated: false,
  ...over,
})
/** Section 10's circle: 23 minutes as planned. */
const CIRCLE = [
  item('gather', 1),
  item('greet', 2),
  item('rhyme', 4, { shortest: 2, longest: 5 }),
  item('story', 7, { shortest: 5, longest: 8 }),
  item('movement', 4, { shortest: 2, longest: 6 }),
  item('talk', 3, { shortest: 1, longest: 4 }),
  item('goodbye', 2),
]
const taken = (items: readonly CircleItem[], window: number) => {
  const fit = fitCircle(items, window)
  return { ...fit, minutes: items.map((one) => fit.minutes.get(one.id)) }
}

describe('a circle in its window', () => {
  it('of 23 minutes in 20 shortens the talk to 1 and the rhyme to 3', () => {
    expect(taken(CIRCLE, 20)).toEqual({ minutes: [1, 2, 3, 7, 4, 1, 2], over: 0, leaveOut: null, left: 0 })
  })
  it('of 23 in 17 goes on with movement and story, each as far as needed', () => {
    // 6 less: talk 2, rhyme 2, movement 2.
    expect(taken(CIRCLE, 17).minutes).toEqual([1, 2, 2, 7, 2, 1, 2])
    // 8 less: and the story 2.
    expect(taken(CIRCLE, 15).minutes).toEqual([1, 2, 2, 5, 2, 1, 2])
  })
  it('of 23 in 12 says by how much it goes over, and what alone would mend it', () => {
    // At the shortest 15: three over; the story's five are enough, and nothing smaller is.
    expect(taken(CIRCLE, 12)).toMatchObject({ over: 3, leaveOut: 'story', left: 0 })
    // One over: the talk's minute is enough.
    expect(taken(CIRCLE, 14)).toMatchObject({ over: 1, leaveOut: 'talk' })
    // Nine over: nothing alone is enough, and what opens and closes stays.
    expect(taken(CIRCLE, 6)).toMatchObject({ over: 9, leaveOut: null })
  })
  it('of 23 in 26 is drawn out in the reverse order: the story, then the movement', () => {
    expect(taken(CIRCLE, 26)).toEqual({ minutes: [1, 2, 4, 8, 6, 3, 2], over: 0, leaveOut: null, left: 0 })
  })
  it('of 23 in 40 leaves minutes for something more', () => {
    expect(taken(CIRCLE, 40)).toMatchObject({ minutes: [1, 2, 5, 8, 6, 4, 2], left: 12 })
  })
  it('has a plain answer for a window of 0, 3 and 120 minutes, and for an opening longer than it', () => {
    expect(taken(CIRCLE, 0)).toMatchObject({ over: 15, leaveOut: null })
    expect(taken(CIRCLE, 3)).toMatchObject({ over: 12, leaveOut: null })
    expect(taken(CIRCLE, 120)).toMatchObject({ over: 0, left: 92 })
    expect(taken([item('gather', 9), item('goodbye', 1)], 5)).toMatchObject({ over: 5, leaveOut: null })
    expect(taken([], 5)).toMatchObject({ over: 0, left: 5 })
    expect(() => fitCircle(CIRCLE, -1)).toThrow(/0 minutes or more/)
    expect(() => fitCircle([item('talk', 3, { shortest: 4 })], 9)).toThrow(/shortest/)
  })
})

const MINUTES = fc.integer({ min: 0, max: 16 }).map((quarter) => quarter / 2)
const ITEM = fc
  .tuple(
    fc.constantFrom(...PIECE_KINDS),
    fc.tuple(MINUTES, MINUTES, MINUTES),
    fc.boolean(),
    fc.integer({ min: -1, max: 2 }),
  )
  .map(([kind, lengths, seated, energy]): Omit<CircleItem, 'id'> => {
    const [shortest, planned, longest] = [...lengths].sort((a, b) => a - b)
    return { kind, shortest, planned, longest, seated, energy }
  })
const ITEMS = (most: number) =>
  fc.array(ITEM, { maxLength: most }).map((list) => list.map((one, i): CircleItem => ({ ...one, id: `i${i}` })))
const sumOf = (minutes: ReadonlyMap<string, number>) => [...minutes.values()].reduce((sum, one) => sum + one, 0)

describe('whatever is in it', () => {
  it('nothing is shorter or longer than it can be, and the window is kept or what is over is said', () => {
    fc.assert(
      fc.property(ITEMS(12), fc.integer({ min: 0, max: 60 }), (items, window) => {
        const { minutes, over, left, leaveOut } = fitCircle(items, window)
        for (const one of items) {
          expect(minutes.get(one.id)).toBeGreaterThanOrEqual(one.shortest)
          expect(minutes.get(one.id)).toBeLessThanOrEqual(one.longest)
        }
        expect(sumOf(minutes)).toBeCloseTo(window + over - left, 6)
        expect(over === 0 || left === 0).toBe(true)
        // It goes over only where everything that can be trimmed is as short as it can be.
        if (over > 0)
          for (const one of items)
            expect(minutes.get(one.id)).toBe(TRIM_ORDER.includes(one.kind) ? one.shortest : one.planned)
        if (leaveOut) {
          const gone = items.find((one) => one.id === leaveOut)!
          expect(opens(gone.kind) || closes(gone.kind)).toBe(false)
          expect(
            fitCircle(
              items.filter((one) => one !== gone),
              window,
            ).over,
          ).toBe(0)
        }
      }),
    )
  })
  it('what opens stands first and what closes last', () => {
    fc.assert(
      fc.property(ITEMS(12), (items) => {
        const rank = inCircleOrder(items).map(({ kind }) => (opens(kind) ? 0 : closes(kind) ? 2 : 1))
        expect(rank).toEqual([...rank].sort((a, b) => a - b))
      }),
    )
  })
})

/** Every order, tried one after another. */
function permutations<T>(list: readonly T[]): T[][] {
  if (list.length < 2) return [[...list]]
  return list.flatMap((one, i) =>
    permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]),
  )
}

describe('sitting', () => {
  const seated = [
    item('rhyme', 3, { seated: true }),
    item('story', 5, { seated: true }),
    item('talk', 1, { seated: true }),
    item('movement', 4),
  ]
  const minutesOf = (items: readonly CircleItem[]) => new Map(items.map((one) => [one.id, one.planned]))
  it('goes 9 minutes in her order, and 5 at best: rhyme, talk, movement, story', () => {
    const minutes = minutesOf(seated)
    expect(longestStretch(seated, minutes)).toBe(9)
    const { items, swapped } = calmestOrder(seated, minutes)
    expect(items.map((one) => one.kind)).toEqual(['rhyme', 'talk', 'movement', 'story'])
    expect([longestStretch(items, minutes), swapped]).toEqual([5, 2])
  })
  it('counts what is sat through at the opening too', () => {
    const items = [item('greet', 2, { seated: true }), ...seated]
    const found = calmestOrder(items, minutesOf(items)).items
    // Two of greeting: the story after the movement, and three and one before it are six; or one and one are best.
    expect(longestStretch(found, minutesOf(items))).toBe(6)
  })
  it('leaves in its place what is pinned', () => {
    const items = seated.map((one) => (one.kind === 'story' ? { ...one, pinned: true } : one))
    const found = calmestOrder(items, minutesOf(items)).items
    expect(found[1].kind).toBe('story')
    // The story second: movement before it, and the talk after, or the rhyme.
    expect(longestStretch(found, minutesOf(items))).toBe(6)
  })
  it('is as short as in the best of all orders, with fewest pairs changed, up to seven in the middle', () => {
    fc.assert(
      fc.property(ITEMS(7), (items) => {
        const minutes = minutesOf(items)
        const { open, middle, close } = partsOfCircle(items)
        const found = calmestOrder(items, minutes)
        let [least, fewest] = [Infinity, Infinity]
        for (const order of permutations(middle)) {
          const long = longestStretch([...open, ...order, ...close], minutes)
          const at = order.map((one) => middle.indexOf(one))
          const pairs = at.reduce((sum, a, i) => sum + at.slice(i + 1).filter((b) => b < a).length, 0)
          if (long < least - 1e-9) [least, fewest] = [long, pairs]
          else if (long < least + 1e-9) fewest = Math.min(fewest, pairs)
        }
        expect(longestStretch(found.items, minutes)).toBeCloseTo(least, 9)
        expect(found.swapped).toBe(fewest)
        expect(new Set(found.items)).toEqual(new Set(items))
      }),
      { numRuns: 60 },
    )
  })
  it('is no longer than in her order where there are more than nine, and loses nothing', () => {
    fc.assert(
      fc.property(ITEMS(16), (items) => {
        const minutes = minutesOf(items)
        const found = calmestOrder(items, minutes).items
        expect(longestStretch(found, minutes)).toBeLessThanOrEqual(longestStretch(inCircleOrder(items), minutes) + 1e-9)
        expect(new Set(found)).toEqual(new Set(items))
      }),
      { numRuns: 40 },
    )
  })
  it('is parted by what they stand up for, and not by what takes no time', () => {
    const items = [
      item('rhyme', 3, { seated: true }),
      item('movement', 0),
      item('talk', 2, { seated: true }),
      item('game', 1),
      item('story', 4, { seated: true }),
    ]
    expect(stretchesOf(items, minutesOf(items))).toEqual([
      { from: 0, minutes: 5, ids: ['rhyme', 'talk'] },
      { from: 6, minutes: 4, ids: ['story'] },
    ])
  })
})

const DAY = '2026-03-10'
const aged = (id: string, months: number) => {
  const at = new Date(`${DAY}T00:00:00Z`)
  at.setUTCMonth(at.getUTCMonth() - months)
  return { id, born: at.toISOString().slice(0, 10) }
}

describe('how long the youngest can sit', () => {
  it('is 4, 7, 10, 14 and 18 minutes, and nothing is asked of a baby', () => {
    expect([11, 12, 23, 24, 36, 48, 60, 100].map((months) => sittingOf(months))).toEqual([
      null,
      4,
      4,
      7,
      10,
      14,
      18,
      18,
    ])
    expect(groupSitting([aged('a', 8), aged('b', 30), aged('c', 50)], DAY)).toBe(7)
    expect([groupSitting([aged('a', 8)], DAY), groupSitting([], DAY)]).toEqual([null, null])
  })
  it('says who gets up when: after 7 minutes the two-year-olds', () => {
    const items = [item('rhyme', 3), item('story', 9, { seated: true }), item('calm', 2, { seated: true })]
    const children = [aged('pip', 8), aged('idris', 28), aged('tamsin', 30), aged('juno', 50)]
    const minutes = new Map(items.map((one) => [one.id, one.planned]))
    expect(whoGetsUp(items, minutes, children, DAY)).toEqual([
      { at: 10, minutes: 7, children: [children[1], children[2]] },
    ])
    expect(whoGetsUp(items.slice(0, 1), minutes, children, DAY)).toEqual([])
  })
})

describe('energy', () => {
  it('runs from 0 and is held between -2 and 3', () => {
    expect(energyLine([1, 2, 2, -1, -1, -1])).toEqual([1, 3, 3, 2, 1, 0])
    expect(energyLine([-1, -1, -1, 2])).toEqual([-1, -2, -2, 0])
    expect(energyLine([])).toEqual([])
  })
  it('ends calm before a meal, sleep or the table, and as lively as it likes before going out', () => {
    expect((['meal', 'nap', 'table', 'outdoors', 'other'] as const).map((after) => endsWell([2, 1], after))).toEqual([
      false,
      false,
      false,
      true,
      true,
    ])
    expect(endsWell([2, 0], 'nap')).toBe(true)
    expect(endsWell([], 'meal')).toBe(true)
  })
})

describe('turns', () => {
  const kids = [aged('calla', 58), aged('bodhi', 50), aged('juno', 48)]
  const days = Array.from({ length: 40 }, (_, i) => addDays('2026-01-05', i))
  const next = (turns: Turn[], here = kids) => turnOrder('bell', here, turns, days).map((one) => one.child.id)
  it('go to whoever had fewest, then to whose was longest ago, then to the older', () => {
    expect(next([])).toEqual(['calla', 'bodhi', 'juno'])
    const had = (childId: string, at: number): Turn => ({ kind: 'bell', childId, date: days[at] })
    expect(next([had('calla', 35), had('calla', 36), had('bodhi', 37), had('juno', 34)])).toEqual([
      'juno',
      'bodhi',
      'calla',
    ])
    // Turns of another kind, and those before the last thirty days, do not count.
    expect(next([{ ...had('calla', 38), kind: 'opens' }, had('calla', 2), had('bodhi', 30)])).toEqual([
      'juno',
      'calla',
      'bodhi',
    ])
  })
  it('wait for whoever is away', () => {
    const turns: Turn[] = []
    for (let day = 0; day < 6; day++) {
      const here = kids.filter((child) => day >= 3 || child.id !== 'juno')
      turns.push({
        kind: 'bell',
        childId: turnOrder('bell', here, turns, days.slice(0, day))[0].child.id,
        date: days[day],
      })
    }
    expect(turns.map((turn) => turn.childId)).toEqual(['calla', 'bodhi', 'calla', 'juno', 'bodhi', 'juno'])
  })
  it('are fair over any months: nobody is behind another by more than one, except by being away', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 9 }), fc.integer({ min: 1, max: 90 }), (count, length) => {
        const group = Array.from({ length: count }, (_, i) => aged(`k${i}`, 20 + 5 * i))
        const dates = Array.from({ length }, (_, i) => addDays('2026-01-05', i))
        const turns: Turn[] = []
        dates.forEach((date, i) =>
          turns.push({ kind: 'bell', childId: turnOrder('bell', group, turns, dates.slice(0, i))[0].child.id, date }),
        )
        const times = group.map((child) => turns.filter((turn) => turn.childId === child.id).length)
        expect(Math.max(...times) - Math.min(...times)).toBeLessThanOrEqual(1)
      }),
      { numRuns: 40 },
    )
  })
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { planMinute } from '../base'
import { Network, shiftsOf } from './flow'
import { forward } from './forward'
import { prepared } from './instance'
import type { Job, Stretch } from './jobs'
import { schedule } from './schedule'
import { finishFor, offsetOf, readyAfter } from './waits'

const job = (id: string, minutes: number, due: number, over: Partial<Job> = {}): Job => ({
  id,
  minutes,
  release: 0,
  due,
  splits: true,
  after: [],
  setUp: null,
  may: () => true,
  ...over,
})
const window = (from: number, to: number, adultId = 'm'): Stretch => ({ adultId, from, to })

describe('work in windows', () => {
  it('fills ice boats at Wednesday’s nap, since the evening is too late for Thursday', () => {
    const at = (date: string, time: string) => planMinute(date, time)
    const days = ['2026-03-10', '2026-03-11', '2026-03-12']
    const windows = days.flatMap((date) => [
      window(at(date, '07:30'), at(date, '07:50')),
      window(at(date, '13:15'), at(date, '14:45')),
      window(at(date, '20:00'), at(date, '20:40')),
    ])
    const due = at('2026-03-12', '10:00')
    const jobs = [
      job('fill', 15, due, { splits: false, release: at('2026-03-10', '00:00') }),
      job('unmould', 10, due, { splits: false, after: [{ id: 'fill', wait: 720 }] }),
    ]
    const late = schedule(jobs, windows, { style: 'just-in-time' })
    expect(late.pieces.map(({ job: id, from, to }) => [id, from, to])).toEqual([
      ['fill', at('2026-03-11', '14:30'), at('2026-03-11', '14:45')],
      ['unmould', at('2026-03-12', '07:40'), at('2026-03-12', '07:50')],
    ])
    // Only the evening of Wednesday: it would freeze until 8:15.
    const evening = schedule(jobs, windows.slice(5))
    expect([evening.over, evening.overs.map((one) => one.job), evening.proof]).toEqual([10, ['unmould'], 'cannot'])
  })
  it('names what does not fit, by how much, and in which window', () => {
    const result = schedule([job('rice', 35, 90), job('tags', 30, 90), job('kites', 50, 90)], [window(0, 90)])
    expect([result.over, result.proof, result.least]).toEqual([25, 'cannot', 25])
    expect(result.overs).toEqual(
      [{ job: 'kites', minutes: 25, window: 0 }].map((one) =>
        expect.objectContaining({ minutes: one.minutes, window: 0 }),
      ),
    )
  })
  it('pays for what is got out once in a window', () => {
    const paint = { kind: 'paint', minutes: 5 }
    const jobs = [job('sky', 10, 100, { setUp: paint }), job('fold', 10, 100), job('sea', 10, 100, { setUp: paint })]
    expect(schedule(jobs, [window(0, 35)])).toMatchObject({ over: 0, setUps: 1 })
    const [first] = schedule(jobs, [window(0, 35)]).pieces.filter((one) => one.setUp)
    expect(first.to - first.from).toBe(15)
    // Two windows of 20 take two sets of paint, and then it does not fit.
    expect(schedule(jobs, [window(0, 20), window(50, 65)]).over).toBeGreaterThan(0)
  })
  it('leaves what needs the evening for the evening, though something else is due sooner', () => {
    const jobs = [job('dye', 20, 200, { may: (i) => i === 0 }), job('cut', 20, 150)]
    expect(schedule(jobs, [window(0, 20), window(100, 120)])).toMatchObject({ over: 0, proof: 'fits' })
  })
  it('says that two adults can do what one cannot, and puts nobody on two things', () => {
    const jobs = ['a', 'b', 'c'].map((id) => job(id, 20, 30))
    expect(schedule(jobs, [window(0, 30)]).over).toBe(30)
    const both = schedule(jobs, [window(0, 30), window(0, 30, 't')])
    // Three of twenty in two times thirty only fit where one is passed on and never done by both at once.
    expect([both.over, both.proof]).toEqual([0, 'fits'])
  })
  it.each<[string, Job[], Stretch[], string]>([
    ['a window that ends before it starts', [], [window(10, 10)], 'windows'],
    ['windows of one adult that overlap', [], [window(0, 20), window(10, 30)], 'windows'],
    ['a job without minutes', [job('a', 0, 10)], [], 'jobs'],
    ['a job that is due at no time', [job('a', 5, NaN)], [], 'jobs'],
    ['a job after one that is not there', [job('a', 5, 10, { after: [{ id: 'x', wait: 0 }] })], [], 'jobs'],
    ['two of one name', [job('a', 5, 10), job('a', 5, 10)], [], 'jobs'],
    [
      'jobs that wait for each other',
      [job('a', 5, 10, { after: [{ id: 'b', wait: 0 }] }), job('b', 5, 10, { after: [{ id: 'a', wait: 0 }] })],
      [],
      'jobs',
    ],
  ])('names %s', (_, jobs, windows, field) => {
    expect(() => schedule(jobs, windows)).toThrow(
      expect.objectContaining({ faults: [expect.objectContaining({ field })] }),
    )
  })
  it('leaves over what is longer than every window, what is due before it can begin, and what has no window at all', () => {
    const windows = [window(0, 30), window(50, 80)]
    expect(schedule([job('long', 40, 100, { splits: false })], windows).overs).toEqual([
      { job: 'long', minutes: 40, window: 1 },
    ])
    expect(schedule([job('past', 10, -5)], windows).overs).toEqual([{ job: 'past', minutes: 10, window: null }])
    expect(schedule([job('late', 10, 40, { release: 45 })], windows).over).toBe(10)
    expect(schedule([job('none', 10, 40)], []).overs).toEqual([{ job: 'none', minutes: 10, window: null }])
  })
  it('goes on after a step that did not fit, and after a wait longer than everything', () => {
    const jobs = [job('a', 40, 30), job('b', 10, 100, { after: [{ id: 'a', wait: 0 }] })]
    expect(schedule(jobs, [window(0, 30), window(50, 80)]).overs).toEqual([{ job: 'a', minutes: 10, window: 0 }])
    const press = [job('press', 10, 100), job('glue', 10, 100, { after: [{ id: 'press', wait: 30_000 }] })]
    expect(schedule(press, [window(0, 30), window(50, 80)]).overs.map((one) => one.job)).toEqual(['glue'])
  })
})

describe('a search that finds no way', () => {
  /** Each wants the one slot in the middle that three others may take too, in one piece, after something that dries. */
  const tangled = (count: number): [Job[], Stretch[]] => [
    Array.from({ length: count }, (_, i) => [
      job(`a${i}`, 13, 100 * count, { splits: false }),
      job(`b${i}`, 17, 100 * count, { splits: false, after: [{ id: `a${i}`, wait: 45 }] }),
    ]).flat(),
    Array.from({ length: count * 2 }, (_, i) => window(i * 40, i * 40 + 16)),
  ]
  it('stops at its bound, says that it only searched, and leaves over by name what did not fit', () => {
    const [jobs, windows] = tangled(12)
    const result = schedule(jobs, windows)
    expect(result.proof).toBe('searched')
    expect(result.overs.length).toBeGreaterThan(0)
    expect(result.least).toBeLessThanOrEqual(result.over)
    expect(schedule(jobs, windows)).toEqual(result)
  })
  it('tries fewer orders, the more there is to lay out, and none beyond the rules without tries', () => {
    const [jobs, windows] = tangled(12)
    expect(schedule(jobs, windows, { tries: 0 }).over).toBeGreaterThanOrEqual(schedule(jobs, windows).over)
    const [many, slots] = tangled(700)
    const result = schedule(many, slots)
    expect(result.proof).toBe('searched')
    expect(result.over).toBe(result.overs.reduce((sum, one) => sum + one.minutes, 0))
  })
})

describe('more windows than any home has', () => {
  it('are left after a bound, which is said, and what was not reached is over', () => {
    const windows = Array.from({ length: 50_010 }, (_, i) => window(i * 2, i * 2 + 1))
    const last = windows[windows.length - 1]
    const never = forward(
      prepared([job('late', 1, last.to, { release: last.from })], windows, () => 0),
      { by: 'due' },
    )
    expect([never.stopped, never.over]).toEqual([true, 1])
    const few = windows.slice(-20)
    expect(
      forward(
        prepared([job('late', 1, last.to, { release: last.from })], few, () => 0),
        { by: 'due' },
      ),
    ).toMatchObject({ stopped: false, over: 0 })
  })
})

describe('waits', () => {
  const zone = offsetOf('America/New_York')
  it('dry as long as they dry, though the clocks change in the night', () => {
    // Clocks go forward in the night to Sunday, March 8, 2026, and back in the night to November 1.
    expect(readyAfter(planMinute('2026-03-07', '20:00'), 720, zone)).toBe(planMinute('2026-03-08', '09:00'))
    expect(finishFor(planMinute('2026-03-08', '09:00'), 720, zone)).toBe(planMinute('2026-03-07', '20:00'))
    expect(readyAfter(planMinute('2026-10-31', '20:00'), 720, zone)).toBe(planMinute('2026-11-01', '07:00'))
    expect(readyAfter(planMinute('2026-03-10', '20:00'), 720, zone)).toBe(planMinute('2026-03-11', '08:00'))
  })
  it('are over in the morning where they last overnight, unless it was late', () => {
    expect(readyAfter(planMinute('2026-03-10', '20:40'), 'overnight')).toBe(planMinute('2026-03-11', '00:00'))
    expect(readyAfter(planMinute('2026-03-10', '22:10'), 'overnight')).toBe(planMinute('2026-03-12', '00:00'))
    expect(finishFor(planMinute('2026-03-11', '07:30'), 'overnight')).toBe(planMinute('2026-03-10', '21:00'))
  })
})

const anyWait = fc.constantFrom<Job['after'][number]['wait']>(0, 15, 60, 'overnight')
const anyJobs = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 50 }),
      release: fc.integer({ min: 0, max: 400 }),
      length: fc.integer({ min: 1, max: 3000 }),
      splits: fc.boolean(),
      after: fc.nat(8),
      wait: anyWait,
      kind: fc.constantFrom(null, 'paint', 'heat'),
      quiet: fc.boolean(),
    }),
    { maxLength: 8 },
  )
  .map((list) =>
    list.map((one, i): Job => ({
      id: `j${i}`,
      minutes: one.minutes,
      release: one.release,
      due: one.release + one.length,
      splits: one.splits,
      after: one.after < i ? [{ id: `j${one.after}`, wait: one.wait }] : [],
      setUp: one.kind ? { kind: one.kind, minutes: 4 } : null,
      may: (window) => one.quiet || window % 2 === 0,
    })),
  )
const anyWindows = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 120 }), fc.integer({ min: 5, max: 90 }), fc.constantFrom('m', 't')), {
    maxLength: 8,
  })
  .map((list) => {
    const end: Record<string, number> = { m: 0, t: 0 }
    return list.map(([gap, length, adultId]): Stretch => {
      const from = end[adultId] + gap
      end[adultId] = from + length + (gap % 3 === 0 ? 1200 : 0)
      return { adultId, from, to: from + length }
    })
  })

describe('every schedule', () => {
  it('keeps to what comes before, to what is due, to its windows and to one thing at a time, and adds up', () => {
    fc.assert(
      fc.property(
        anyJobs,
        anyWindows,
        fc.constantFrom('early' as const, 'just-in-time' as const),
        (jobs, windows, style) => {
          const { pieces, overs, over, least } = schedule(jobs, windows, { style, tries: 5 })
          const overOf = new Map(overs.map((one) => [one.job, one.minutes]))
          const byJob = new Map(jobs.map((one) => [one.id, pieces.filter((piece) => piece.job === one.id)]))
          for (const one of jobs) {
            const own = byJob.get(one.id)!
            expect(
              own.reduce((sum, piece) => sum + piece.to - piece.from - piece.setUp, 0) + (overOf.get(one.id) ?? 0),
            ).toBe(one.minutes)
            if (!one.splits) expect(own.length).toBeLessThanOrEqual(1)
            for (const piece of own) {
              expect(piece.from).toBeGreaterThanOrEqual(one.release)
              expect(piece.to).toBeLessThanOrEqual(one.due)
              expect(one.may(piece.window)).toBe(true)
              expect(piece.from).toBeGreaterThanOrEqual(windows[piece.window].from)
              expect(piece.to).toBeLessThanOrEqual(windows[piece.window].to)
            }
            for (const { id, wait } of one.after) {
              const first = jobs.find((other) => other.id === id)!
              if (overOf.has(id) || !own.length) continue
              const end = Math.max(...byJob.get(id)!.map((piece) => piece.to))
              expect(own[0].from, first.id).toBeGreaterThanOrEqual(readyAfter(end, wait))
            }
          }
          for (const list of [
            ...byJob.values(),
            ...['m', 't'].map((id) => pieces.filter((piece) => windows[piece.window].adultId === id)),
          ])
            list.forEach((piece, i) => expect(i ? list[i - 1].to : 0).toBeLessThanOrEqual(piece.from))
          expect(overs.reduce((sum, one) => sum + one.minutes, 0)).toBe(over)
          expect(least).toBeLessThanOrEqual(over)
        },
      ),
      { numRuns: 300 },
    )
  })
  it('fits whatever can fit, where work splits and nothing waits: as by trying every way', () => {
    const TEN = 10
    const small = fc.record({
      jobs: fc.array(
        fc.record({
          parts: fc.integer({ min: 1, max: 3 }),
          release: fc.integer({ min: 0, max: 5 }),
          length: fc.integer({ min: 1, max: 8 }),
          quiet: fc.boolean(),
        }),
        { minLength: 1, maxLength: 4 },
      ),
      slots: fc.array(fc.record({ at: fc.nat(9), adultId: fc.constantFrom('m', 't'), noisy: fc.boolean() }), {
        minLength: 1,
        maxLength: 7,
      }),
    })
    let fitted = 0
    fc.assert(
      fc.property(small, ({ jobs: drawn, slots: all }) => {
        const slots = all.filter(
          (one, i) => all.findIndex((other) => other.at === one.at && other.adultId === one.adultId) === i,
        )
        const windows = slots.map((one) => window(one.at * TEN, one.at * TEN + TEN, one.adultId))
        const may = (job: (typeof drawn)[number], slot: number) => job.quiet || slots[slot].noisy
        const jobs = drawn.map((one, i) =>
          job(`j${i}`, one.parts * TEN, (one.release + one.length) * TEN, {
            release: one.release * TEN,
            may: (slot) => may(one, slot),
          }),
        )
        // Every way of giving slots to jobs: none gets two slots of one time.
        const tryFrom = (slot: number, left: number[], taken: Set<string>): boolean => {
          if (left.every((one) => one === 0)) return true
          if (slot === slots.length) return false
          if (tryFrom(slot + 1, left, taken)) return true
          return drawn.some((one, i) => {
            const key = `${i} ${slots[slot].at}`
            if (
              !left[i] ||
              taken.has(key) ||
              !may(one, slot) ||
              slots[slot].at < one.release ||
              slots[slot].at >= one.release + one.length
            )
              return false
            return tryFrom(
              slot + 1,
              left.map((count, k) => count - Number(k === i)),
              new Set([...taken, key]),
            )
          })
        }
        const can = tryFrom(
          0,
          drawn.map((one) => one.parts),
          new Set(),
        )
        const result = schedule(jobs, windows)
        fitted += Number(can)
        expect(result.proof).toBe(can ? 'fits' : 'cannot')
        expect(result.over).toBe(result.least)
      }),
      { numRuns: 400 },
    )
    expect(fitted).toBeGreaterThan(20)
  })
  it('parts any stretch so that rows and columns come out', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(20), fc.nat(20), fc.nat(20)), { minLength: 1, maxLength: 5 }), (rows) => {
        const length = Math.max(
          1,
          ...rows.map((row) => row[0] + row[1] + row[2]),
          ...[0, 1, 2].map((i) => rows.reduce((sum, row) => sum + row[i], 0)),
        )
        const shifts = shiftsOf(rows, length)
        expect(shifts.reduce((sum, shift) => sum + shift.minutes, 0)).toBe(length)
        rows.forEach((row, i) =>
          row.forEach((minutes, k) =>
            expect(shifts.reduce((sum, shift) => sum + (shift.jobs[k] === i ? shift.minutes : 0), 0)).toBe(minutes),
          ),
        )
        for (const shift of shifts) {
          const busy = shift.jobs.filter((one) => one >= 0)
          expect(new Set(busy).size).toBe(busy.length)
        }
      }),
    )
  })
  it('gives no job to two adults at once, where work had to give way to other work', () => {
    // What one could do in either window gave way to what only one of them takes.
    const noisy = [true, false, false, true]
    const windows = [window(20, 30), window(40, 50, 't'), window(40, 50), window(50, 60)]
    const jobs = [
      job('quiet', 20, 60, { release: 10 }),
      job('loud', 20, 60, { release: 20, may: (slot) => noisy[slot] }),
      job('early', 10, 10, { may: (slot) => noisy[slot] }),
    ]
    const { pieces, over } = schedule(jobs, windows)
    expect(over).toBe(20)
    const of = pieces.filter((piece) => piece.job === 'quiet')
    of.forEach((piece, i) => expect(piece.from).toBeGreaterThanOrEqual(i ? of[i - 1].to : 0))
  })
})

describe('the largest flow', () => {
  it('is the smallest cut, and what comes into a node goes out of it', () => {
    // As work and time are: what there is to do, where it may be done, how much goes there.
    const [JOBS, PLACES] = [4, 4]
    const NODES = 2 + JOBS + PLACES
    const room = fc.integer({ min: 1, max: 3 })
    const network = fc.record({
      work: fc.array(room, { minLength: JOBS, maxLength: JOBS }),
      may: fc.array(fc.record({ job: fc.nat(JOBS - 1), place: fc.nat(PLACES - 1), capacity: room }), { maxLength: 14 }),
      time: fc.array(room, { minLength: PLACES, maxLength: PLACES }),
    })
    fc.assert(
      fc.property(network, ({ work, may, time }) => {
        const drawn = [
          ...work.map((capacity, i) => ({ from: 0, to: 2 + i, capacity })),
          ...may.map((one) => ({ from: 2 + one.job, to: 2 + JOBS + one.place, capacity: one.capacity })),
          ...time.map((capacity, i) => ({ from: 2 + JOBS + i, to: 1, capacity })),
        ]
        const flow = new Network(NODES)
        const edges = drawn.map((one) => ({ ...one, number: flow.edge(one.from, one.to, one.capacity) }))
        const most = flow.most()
        // Every way of parting the nodes with the source on one side and the sink on the other.
        const cuts = Array.from({ length: 2 ** (NODES - 2) }, (_, bits) => {
          const near = (node: number) => node === 0 || (node !== 1 && Boolean(bits & (1 << (node - 2))))
          return edges.reduce((sum, one) => sum + (near(one.from) && !near(one.to) ? one.capacity : 0), 0)
        })
        expect(most).toBe(Math.min(...cuts))
        for (const { number, capacity } of edges) {
          expect(flow.through(number)).toBeGreaterThanOrEqual(0)
          expect(flow.through(number)).toBeLessThanOrEqual(capacity)
        }
        const net = (node: number) =>
          edges.reduce(
            (sum, one) => sum + flow.through(one.number) * (Number(one.to === node) - Number(one.from === node)),
            0,
          )
        expect(Array.from({ length: NODES }, (_, node) => net(node))).toEqual([
          0 - most,
          most,
          ...new Array<number>(NODES - 2).fill(0),
        ])
      }),
      { numRuns: 2000 },
    )
  })
})

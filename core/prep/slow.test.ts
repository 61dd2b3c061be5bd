import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../base'
import { newSlowProject, SlowProject, SlowStage } from '../domain'
import { SLOW_KINDS, slowKind } from '../library'
import { aHome } from '../testing/build'
import { beginBy, careDuties, forecast, lengthOf, likelihoodOf, slowState, startsFor } from './slow'

const sunflowers = slowKind('sunflowers')!.stages
const stage = (id: string, shortest: number, longest: number): SlowStage => ({
  id,
  name: id,
  shortest,
  longest,
  look: '',
})

describe('a chain of stages', () => {
  it('has sunflowers that are sown on Monday, March 2, planted out between March 16 and 28', () => {
    const all = forecast(sunflowers, '2026-03-02')
    expect(all.map((one) => [one.stage.id, one.over.earliest, one.over.latest])).toEqual([
      ['sprout', '2026-03-08', '2026-03-12'],
      ['leaf', '2026-03-15', '2026-03-24'],
      ['plant-out', '2026-03-16', '2026-03-28'],
    ])
  })
  it('moves the rest by the day on which one stage was really over', () => {
    const [, leaf, out] = forecast(sunflowers, '2026-03-02', { sprout: '2026-03-13' })
    expect([leaf.over, out.over]).toEqual([
      { earliest: '2026-03-20', latest: '2026-03-25' },
      { earliest: '2026-03-21', latest: '2026-03-29' },
    ])
  })
  it('expects nothing in the past that did not happen', () => {
    const [sprout, leaf] = forecast(sunflowers, '2026-03-02', {}, '2026-03-14')
    expect([sprout.over, leaf.over]).toEqual([
      { earliest: '2026-03-14', latest: '2026-03-14' },
      { earliest: '2026-03-21', latest: '2026-03-26' },
    ])
  })
  it('has caterpillars fly three to five weeks after they were ordered', () => {
    expect(lengthOf(slowKind('caterpillars')!.stages)).toEqual([21, 38])
  })
  it('takes no stage that was over before the one before it', () => {
    expect(() => forecast(sunflowers, '2026-03-02', { sprout: '2026-03-01' })).toThrow('Sprouting')
    expect(() => forecast(sunflowers, '2026-03-02', { sprout: '2026-03-10', leaf: '2026-03-09' })).toThrow('first true')
  })
})

describe('backward from when it should happen', () => {
  // One stage of 4 to 6 days, wanted from the 10th to the 13th: begun on the 6th it ends from the 10th to the 12th.
  const one = [stage('a', 4, 6)]
  const wanted = { from: '2026-03-10', to: '2026-03-13' }
  it('names the starts that make it certain, and those that make it likely', () => {
    expect(startsFor(one, wanted)).toEqual({
      certain: { from: '2026-03-06', to: '2026-03-07' },
      likely: { from: '2026-03-05', to: '2026-03-08' },
    })
  })
  it.each([
    ['2026-03-06', 'certain'],
    ['2026-03-08', 'likely'],
    ['2026-03-09', 'unlikely'],
    ['2026-03-10', 'impossible'],
    ['2026-03-03', 'impossible'],
  ])('begun on %s it is %s', (start, how) => {
    expect(likelihoodOf({ earliest: addDays(start, 4), latest: addDays(start, 6) }, wanted)).toBe(how)
  })
  it('says by when to begin at the latest', () => {
    // 9 to 18 days: sown on February 27 it is over on March 17 at the latest; sown on March 4, on 5 of its 10 days.
    expect(beginBy(slowKind('grass-tray')!.stages, '2026-03-17')).toEqual({
      surely: '2026-02-27',
      likely: '2026-03-04',
    })
  })
  it('has no certain start where the ranges are wider than what is meant', () => {
    expect(startsFor(sunflowers, { from: '2026-03-16', to: '2026-03-19' }).certain).toBeNull()
  })
  it('takes nothing that ends before it starts', () =>
    expect(() => startsFor(one, { from: '2026-03-10', to: '2026-03-09' })).toThrow('start'))
  it('agrees with the forecast from every start', () => {
    const chain = fc.array(fc.tuple(fc.nat(8), fc.nat(6)), { minLength: 1, maxLength: 4 })
    fc.assert(
      fc.property(chain, fc.nat(12), fc.integer({ min: -40, max: 20 }), (drawn, length, shift) => {
        const stages = drawn.map(([shortest, more], i) => stage(`s${i}`, shortest, shortest + more))
        const meant = { from: '2026-03-10', to: addDays('2026-03-10', length) }
        const start = addDays('2026-03-10', shift)
        const { over } = forecast(stages, start).at(-1)!
        const how = likelihoodOf(over, meant)
        const { certain, likely } = startsFor(stages, meant)
        const within = (span: typeof certain) => span !== null && start >= span.from && start <= span.to
        expect(within(certain)).toBe(how === 'certain')
        expect(within(likely)).toBe(how === 'certain' || how === 'likely')
      }),
    )
  })
})

describe('caring for it', () => {
  const grass = { ...newSlowProject('grass', 'Grass', 1, 9), care: 'Mist it', careBy: { '2026-03-07': 'Maren' } }
  it('names every day, and on closed days who does it', () => {
    const duties = careDuties(grass, aHome(), '2026-03-05', '2026-03-10', '2026-03-06', '2026-03-20')
    expect(duties.map((one) => [one.date, one.closed, one.by])).toEqual([
      ['2026-03-06', false, ''],
      ['2026-03-07', true, 'Maren'],
      ['2026-03-08', true, ''],
      ['2026-03-09', false, ''],
      ['2026-03-10', false, ''],
    ])
  })
  it('goes by every so many days, and asks for nothing where there is nothing to do', () => {
    const days = (over: Partial<SlowProject>) =>
      careDuties({ ...grass, ...over }, aHome(), '2026-03-02', '2026-03-20', '2026-03-03', '2026-03-14').map(
        (one) => one.date,
      )
    expect(days({ careEvery: 7 })).toEqual(['2026-03-09'])
    expect(days({ care: ' ' })).toEqual([])
  })
  it('says in which stage it is, and by how many days it is behind', () => {
    const stages = forecast(slowKind('grass-tray')!.stages, '2026-03-02')
    expect(slowState(stages, '2026-03-02', '2026-03-01')).toEqual({ is: 'ahead', startsOn: '2026-03-02' })
    expect(slowState(stages, '2026-03-02', '2026-03-10')).toMatchObject({ is: 'going', lateDays: 0 })
    expect(slowState(stages, '2026-03-02', '2026-03-13')).toMatchObject({ is: 'going', lateDays: 3 })
    expect(slowState([], '2026-03-02', '2026-03-13')).toEqual({ is: 'over' })
  })
})

describe('the slow projects of the library', () => {
  it('are whole, each with its care, its end and its cautions', () => {
    expect(SLOW_KINDS.length).toBeGreaterThanOrEqual(12)
    expect(new Set(SLOW_KINDS.map((one) => one.id)).size).toBe(SLOW_KINDS.length)
    for (const { id, about: _, name, stages, ...rest } of SLOW_KINDS) {
      const project = { ...newSlowProject(id, name, 1, 5), stages: [...stages], ...rest, cautions: [...rest.cautions] }
      expect(SlowProject.safeParse(project).error?.issues, id).toBeUndefined()
      expect([rest.ends.length > 0, rest.cautions.length > 0, stages.length > 0], id).toEqual([true, true, true])
    }
  })
})

import { describe, expect, it } from 'vitest'
import type { Activity } from '../../domain'
import { ACTIVITIES } from '../../library'
import { byId } from '../../base'
import {
  aCenter,
  aChild,
  aHome,
  aMaterial,
  anActivity,
  aNeed,
  aPlacement,
  aUnit,
  moment,
  setUp,
} from '../../testing/build'
import { fitOf, leadMinutes, timesFor, trialCautions, type FitContext } from './fit'
import { getWords, leadWords, timeWords, usedWords, whomWords } from './fitWords'
import { NO_FILTERS, passes } from './filters'
import { usedBefore } from './usedBefore'

const SPAN = { from: '08:00', to: '17:00' }
const sleeper = aChild({
  id: 'bo',
  name: 'Bo',
  born: '2024-06-01',
  naps: [
    { from: '09:00', to: '11:00' },
    { from: '12:30', to: '15:00' },
  ],
})
const context: FitContext = {
  home: aHome(),
  children: [aChild(), sleeper],
  centers: [aCenter()],
  materials: byId([aMaterial({ id: 'thing', onHand: 1, packs: [{ size: 4, price: 200, shop: 'here', seen: null }] })]),
  dates: ['2026-03-02', '2026-03-03'],
}
const prep = (minutes: number, wait: Activity['prep'][number]['wait']) => ({
  id: `p${minutes}`,
  text: 'Do.',
  minutes,
  wait,
  splits: false,
  uses: [],
  kind: null,
  per: null,
})

describe('how an idea fits', () => {
  it('adds up hands and waits until it can begin', () => {
    expect(leadMinutes(anActivity({ prep: [prep(10, 30), prep(5, 0)] }))).toBe(50)
    expect(leadMinutes(anActivity({ prep: [prep(15, 'overnight')] }))).toBe(5 + 15 + 720)
  })
  it('says for whom it is, what it takes beyond the house, and what that costs', () => {
    const fit = fitOf(anActivity({ requirements: [aNeed('thing', { quantity: 1, basis: { by: 'child' } })] }), context)
    expect([fit.everyone, fit.get.materials.map((one) => one.id), fit.get.cost]).toEqual([true, ['thing'], 200])
  })
  it('expects nobody without a day', () =>
    expect(fitOf(anActivity(), { ...context, dates: [] })).toMatchObject({ parts: [], everyone: false }))
})

describe('the time of day', () => {
  it('goes first to the block in which nobody is left out, then to the fewest', () => {
    const times = timesFor(anActivity(), context)
    expect(times.map((one) => [one.block.id, one.without.map((child) => child.name)])).toEqual([
      ['after', []],
      ['circle', ['Bo']],
      ['choice', ['Bo']],
      ['nap', ['Bo']],
    ])
  })
  it('leaves out blocks that are too short, and homes without the center', () => {
    expect(
      timesFor(anActivity({ minutes: { setUp: 0, do: 70, clear: 0 } }), context).map((one) => one.block.id),
    ).toEqual(['after', 'nap'])
    expect(timesFor(anActivity({ centers: ['easel'] }), context)).toEqual([])
  })
  it('counts a child only on the days on which that child comes', () => {
    const tuesday = { ...sleeper, attendance: { tue: SPAN } }
    expect(
      timesFor(anActivity(), { ...context, children: [aChild(), tuesday], dates: ['2026-03-02'] })[0].block.id,
    ).toBe('circle')
  })
})

describe('cautions before there is a day', () => {
  const bead = aMaterial({
    id: 'bead',
    name: 'beads',
    onHand: 9,
    safety: { partMm: [12, 12, 12], ballMm: null, cordMm: null, allergens: [], hazards: [], measured: true },
  })
  const stringing = anActivity({ requirements: [aNeed('bead', { basis: { by: 'child' } })] })
  const at = (dates: string[], born: string) => {
    const trial = {
      ...context,
      dates,
      children: [aChild(), aChild({ id: 'bo', name: 'Bo', born, naps: [{ from: '08:00', to: '17:00' }] })],
      materials: byId([bead]),
    }
    return trialCautions(fitOf(stringing, trial), trial).map((one) => [one.rule.severity, one.childIds])
  }
  it('look at everyone who comes, as if nobody slept', () =>
    expect(at(['2026-03-02'], '2024-06-01')).toEqual([['stop', ['bo']]]))
  it('find none for those who are old enough, nor without a day', () => {
    expect(at(['2026-03-02'], '2020-06-01')).toEqual([])
    expect(at([], '2024-06-01')).toEqual([])
  })
})

describe('used before', () => {
  const unit = aUnit({ start: '2026-03-04', days: 5 })
  it('knows the dates on which something was done and how it went, the latest first', () => {
    const went = { liked: 3, note: 'asked for more' }
    const used = usedBefore(
      aHome(),
      [unit],
      [
        aPlacement(moment(1), { id: 'a', status: 'done' }),
        aPlacement(moment(3), { id: 'b', status: 'done', went }),
        aPlacement(moment(2), { id: 'c' }),
        aPlacement(setUp(1, 2), { id: 'd', activityId: 'other', status: 'done' }),
      ],
    )
    expect(used.get('act')).toEqual([
      { unitId: 'unit', unit: 'A unit', date: '2026-03-06', went },
      { unitId: 'unit', unit: 'A unit', date: '2026-03-04', went: null },
    ])
    expect(used.get('other')![0].date).toBe('2026-03-05')
  })
  it('leaves out what the calendar no longer has', () =>
    expect(usedBefore(aHome(), [unit], [aPlacement(moment(9), { status: 'done' })]).size).toBe(0))
})

it('gives every child of a mixed-age group something to do in every idea of the library', () => {
  const group = ['2025-06-01', '2024-08-01', '2023-11-01', '2022-05-01', '2019-12-01'].map((born, i) =>
    aChild({ id: `c${i}`, name: `C${i}`, born }),
  )
  const left = ACTIVITIES.flatMap((activity) =>
    fitOf(activity, { ...context, children: group })
      .parts.filter((part) => part.does === 'out')
      .map((part) => `${activity.id}: ${part.child.name} ${part.does === 'out' ? part.reason : ''}`),
  )
  expect(left).toEqual([])
})

describe('narrowing down', () => {
  const fit = (one: Activity) => fitOf(one, context)
  const idea = anActivity({
    centers: ['easel'],
    domains: ['creative-arts', 'fine-motor', 'language'],
    mess: 2,
    energy: 1,
    attention: 'hands-on',
    requirements: [aNeed('thing', { basis: { by: 'child' } })],
    prep: [prep(20, 0)],
  })
  it('leaves everything where nothing is wanted, without asking how it fits', () => {
    const ask = () => {
      throw new Error('asked')
    }
    expect(passes(idea, NO_FILTERS, ask)).toBe(true)
    expect(passes(idea, { ...NO_FILTERS, everyone: true, center: 'blocks' }, ask)).toBe(false)
  })
  it.each<[string, Partial<typeof NO_FILTERS>, boolean]>([
    ['its center', { center: 'easel' }, true],
    ['another center', { center: 'blocks' }, false],
    ['its second domain', { domains: ['fine-motor', 'world'] }, true],
    ['its third domain', { domains: ['language'] }, false],
    ['as very messy', { messMost: 2 }, true],
    ['less mess', { messMost: 1 }, false],
    ['its energy', { energy: 1 }, true],
    ['quiet', { energy: 0 }, false],
    ['as much of an adult', { attentionMost: 'hands-on' }, true],
    ['less of an adult', { attentionMost: 'watching' }, false],
    ['everyone', { everyone: true }, true],
    ['nothing to get', { nothingToGet: true }, false],
    ['ready in ten minutes', { quick: true }, false],
    ['a lead that is enough', { leadMost: 25 }, true],
    ['a lead that is not', { leadMost: 24 }, false],
    ['an interest', { interest: ['do'] }, true],
    ['another interest', { interest: ['train'] }, false],
    ['our own', { sources: ['own'] }, true],
    ['the library', { sources: ['shipped'] }, false],
  ])('by %s', (_, over, expected) => expect(passes(idea, { ...NO_FILTERS, ...over }, fit)).toBe(expected))
})

describe('in words', () => {
  it.each([
    [0, 'ready at once'],
    [59, '59 min ahead'],
    [90, '2 h ahead'],
    [740, 'the day before'],
    [4320, '3 days ahead'],
  ])('a lead of %i minutes', (minutes, words) => expect(leadWords(minutes)).toBe(words))
  it('what is missing, and what that costs', () => {
    expect(getWords({ materials: [], cost: 0 }, 'USD')).toBe('all in the house')
    expect(getWords({ materials: [aMaterial(), aMaterial()], cost: 350 }, 'USD')).toBe('2 things to get, $3.50')
  })
  it('the best time of day', () => {
    expect(timeWords(timesFor(anActivity(), context))).toBe('works for everyone in After, 3:00 PM')
    const four = ['Di', 'Ed', 'Flo', 'Gus'].map((name) => aChild({ id: name, name }))
    expect(timeWords([{ block: aHome().rhythm[0], from: '09:00', without: four }])).toBe(
      'best in Circle, 9:00 AM, without Di, Ed and 2 more',
    )
    expect(timeWords([])).toBe('no block is long enough')
  })
  it('that nobody who is expected can do it', () => {
    const infants = anActivity({ variants: [{ id: 'i', stages: ['infant'], kind: 'does', how: 'Pat.' }] })
    const fit = fitOf(infants, context)
    expect([fit.everyone, timesFor(infants, context), whomWords(fit, timesFor(infants, context))]).toEqual([
      false,
      [],
      'none of your children can do this',
    ])
    expect(whomWords(fitOf(anActivity(), context), timesFor(anActivity(), context))).toBe(
      'works for everyone in After, 3:00 PM',
    )
  })
  it('when it was done', () => {
    const once = { unitId: 'u', unit: 'Wheels', date: '2025-03-12', went: null }
    expect([
      usedWords([]),
      usedWords([once]),
      usedWords([{ ...once, went: { liked: 3, note: 'twice over' } }, once]),
    ]).toEqual([
      '',
      'Used March 12, 2025 in Wheels',
      'Used March 12, 2025 in Wheels: they asked for more (twice over); 2 times in all',
    ])
  })
})

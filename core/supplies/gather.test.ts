import { describe, expect, it } from 'vitest'
import { suits, suitsEveryone, resolvePlan } from '../plan'
import { byId } from '../base'
import type { Material } from '../domain'
import {
  aChild,
  aHome,
  aMaterial,
  anActivity,
  aNeed,
  aPlacement,
  aSnapshot,
  children,
  moment,
  setUp,
} from '../testing/build'
import { freeMaterials } from './spokenFor'
import { supplyList } from './supplyList'
import { toGet } from './toGet'
import { getByWords, needWords, packWords } from './words'

const trial = (kids = [aChild()], materials = [aMaterial()]) => ({
  home: aHome(),
  children: kids,
  materials: byId(materials),
  dates: ['2026-03-04', '2026-03-05'],
})

describe('for whom an idea is, before it has a day', () => {
  it('looks past naps and hours, but not at who never comes', () => {
    const kids = [
      aChild({ id: 'sleeper', naps: [{ from: '08:00', to: '17:00' }] }),
      aChild({ id: 'late', attendance: { thu: { from: '15:15', to: '17:00' } } }),
      aChild({ id: 'friday', attendance: { fri: { from: '08:00', to: '17:00' } } }),
    ]
    const parts = suits(anActivity(), trial(kids))
    expect(parts.map((part) => [part.child.id, part.does])).toEqual([
      ['sleeper', 'takes-part'],
      ['late', 'takes-part'],
    ])
    // The children come back as they are, not as they were tried.
    expect(parts.map((part) => part.child)).toEqual(kids.slice(0, 2))
  })
  it('says who has nothing, by stage or allergy', () => {
    const wheat = aMaterial({ safety: { ...aMaterial().safety, allergens: ['wheat'] } })
    const forOld = anActivity({
      variants: [{ id: 'old', stages: ['preschool'], kind: 'does', how: 'x' }],
      requirements: [aNeed('thing')],
    })
    const parts = suits(
      forOld,
      trial(
        [aChild({ id: 'baby', born: '2025-09-01' }), aChild({ id: 'coeliac', allergens: ['wheat'] }), aChild()],
        [wheat],
      ),
    )
    expect(parts.map((part) => (part.does === 'out' ? part.reason : part.does))).toEqual([
      'too-young',
      'allergy',
      'takes-part',
    ])
    expect(suitsEveryone(parts)).toBe(false)
    expect(suitsEveryone(suits(anActivity(), trial()))).toBe(true)
    expect(suitsEveryone([])).toBe(false)
  })
})

describe('what an idea would take beyond the house', () => {
  it('counts what is short, and prices what is bought', () => {
    const materials = [
      aMaterial({ onHand: 4, packs: [{ size: 5, price: 120, shop: 'the grocer', seen: null }] }),
      aMaterial({ id: 'ring', onHand: 9 }),
      aMaterial({ id: 'tube', way: 'ask' }),
    ]
    const activity = anActivity({
      requirements: [aNeed('thing', { basis: { by: 'child' }, quantity: 2 }), aNeed('ring'), aNeed('tube')],
    })
    const parts = suits(activity, trial(children(3), materials))
    expect(toGet(activity, parts, byId(materials))).toMatchObject({
      cost: 120,
      materials: [{ id: 'thing' }, { id: 'tube' }],
    })
  })
  it('does not count on what the unit before will use up', () => {
    const spoken = (materialId: string, quantity: number) => ({
      materialId,
      unitId: 'before',
      unit: 'Before',
      quantity,
    })
    const materials = [
      aMaterial({ onHand: 6 }),
      aMaterial({ id: 'ring', onHand: 9 }),
      aMaterial({ id: 'sand', way: 'have' }),
    ]
    const free = freeMaterials(materials, [spoken('thing', 4), spoken('ring', 20), spoken('sand', 5)])
    expect(free.map((one) => one.onHand)).toEqual([2, 0, 0])
    const activity = anActivity({ requirements: [aNeed('thing', { quantity: 3 }), aNeed('sand')] })
    const short = (list: readonly Material[]) =>
      toGet(activity, suits(activity, trial([aChild()], [...list])), byId(list)).materials.map((one) => one.id)
    expect([short(materials), short(free)]).toEqual([[], ['thing']])
  })
})

describe('why a number is what it is', () => {
  const lineOf = (need: Parameters<typeof aNeed>[1], where = moment(4), material = {}, today = '2026-03-02') => {
    const snapshot = aSnapshot({
      today,
      children: children(7),
      materials: [aMaterial({ packs: [{ size: 10, price: 100, shop: 'the grocer', seen: null }], ...material })],
      activities: [anActivity({ standing: true, requirements: [aNeed('thing', need)] })],
      placements: [aPlacement(where)],
    })
    return supplyList(snapshot, resolvePlan(snapshot))[0]
  }
  it.each([
    [{ quantity: 3, basis: { by: 'child' as const }, spare: 0.1 }, moment(4), '3 × 7 children on day 4, 10 % spare'],
    [{ quantity: 1, basis: { by: 'group' as const, of: 3 } }, moment(4), '1 × 3 groups of 3 on day 4'],
    [{ quantity: 24 }, setUp(1, 10), '24 for the set-up, day 1 to 10'],
  ])('%j', (need, where, words) => expect(needWords(lineOf(need, where).needs[0], 'metric')).toBe(words))
  it('says the packs, and by when to get them', () => {
    const line = lineOf({ quantity: 23 })
    expect([packWords(line.cover!.packs, line.material.unit, 'metric'), getByWords(line)]).toEqual([
      '3 × 10',
      'by Sat 7',
    ])
    expect(getByWords(lineOf({ quantity: 23 }, moment(4), { keepsDays: 1 }))).toBe(
      'by Sat 7, and again: it will not keep',
    )
    expect(getByWords(lineOf({ quantity: 23 }, moment(4), {}, '2026-03-08'))).toBe('late by 6 days: next trip Sat 14')
    // Brought on Friday 6, so that Saturday's trip can still make up for it; asked five days before.
    expect(getByWords(lineOf({ quantity: 23 }, moment(4), { way: 'ask' }, '2026-02-27'))).toBe('ask by Sun 1')
    expect(getByWords(lineOf({ quantity: 23 }, moment(4), { onHand: 30 }))).toBe('')
  })
})

import { describe, expect, it } from 'vitest'
import type { Activity } from '../domain'
import { ACTIVITIES } from '../library'
import { byId } from '../plan'
import { aCenter, aChild, aHome, aMaterial, anActivity, aNeed, aPlacement, aUnit, moment, setUp } from '../testing/build'
import { fitOf, leadMinutes, timesFor, usedBefore, type FitContext } from '.'

const SPAN = { from: '08:00', to: '17:00' }
const sleeper = aChild({ id: 'bo', name: 'Bo', born: '2024-06-01', naps: [{ from: '09:00', to: '11:00' }, { from: '12:30', to: '15:00' }] })
const context: FitContext = { home: aHome(), children: [aChild(), sleeper], centers: [aCenter()], materials: byId([aMaterial({ id: 'thing', onHand: 1, packs: [{ size: 4, price: 200, shop: 'here' }] })]), dates: ['2026-03-02', '2026-03-03'] }
const prep = (minutes: number, wait: Activity['prep'][number]['wait']) => ({ id: `p${minutes}`, text: 'Do.', minutes, wait, splits: false, uses: [] })

describe('how an idea fits', () => {
  it('adds up hands and waits until it can begin', () => {
    expect(leadMinutes(anActivity({ prep: [prep(10, 30), prep(5, 0)] }))).toBe(50)
    expect(leadMinutes(anActivity({ prep: [prep(15, 'overnight')] }))).toBe(5 + 15 + 720)
  })
  it('says for whom it is, what it takes beyond the house, and what that costs', () => {
    const fit = fitOf(anActivity({ requirements: [aNeed('thing', { quantity: 1, basis: { by: 'child' } })] }), context)
    expect([fit.everyone, fit.get.materials.map((one) => one.id), fit.get.cost]).toEqual([true, ['thing'], 200])
  })
  it('expects nobody without a day', () => expect(fitOf(anActivity(), { ...context, dates: [] })).toMatchObject({ parts: [], everyone: false }))
})

describe('the time of day', () => {
  it('goes first to the block in which nobody is left out, then to the fewest', () => {
    const times = timesFor(anActivity(), context)
    expect(times.map((one) => [one.block.id, one.without.map((child) => child.name)])).toEqual([['after', []], ['circle', ['Bo']], ['choice', ['Bo']], ['nap', ['Bo']]])
  })
  it('leaves out blocks that are too short, and homes without the center', () => {
    expect(timesFor(anActivity({ minutes: { setUp: 0, do: 70, clear: 0 } }), context).map((one) => one.block.id)).toEqual(['after', 'nap'])
    expect(timesFor(anActivity({ centers: ['easel'] }), context)).toEqual([])
  })
  it('counts a child only on the days on which that child comes', () => {
    const tuesday = { ...sleeper, attendance: { tue: SPAN } }
    expect(timesFor(anActivity(), { ...context, children: [aChild(), tuesday], dates: ['2026-03-02'] })[0].block.id).toBe('circle')
  })
})

describe('used before', () => {
  const unit = aUnit({ start: '2026-03-04', days: 5 })
  it('knows the dates on which something was done and how it went, the latest first', () => {
    const went = { liked: 3, note: 'asked for more' }
    const used = usedBefore(aHome(), [unit], [
      aPlacement(moment(1), { id: 'a', status: 'done' }), aPlacement(moment(3), { id: 'b', status: 'done', went }), aPlacement(moment(2), { id: 'c' }), aPlacement(setUp(1, 2), { id: 'd', activityId: 'other', status: 'done' }),
    ])
    expect(used.get('act')).toEqual([{ unitId: 'unit', unit: 'A unit', date: '2026-03-06', went }, { unitId: 'unit', unit: 'A unit', date: '2026-03-04', went: null }])
    expect(used.get('other')![0].date).toBe('2026-03-05')
  })
  it('leaves out what the calendar no longer has', () => expect(usedBefore(aHome(), [unit], [aPlacement(moment(9), { status: 'done' })]).size).toBe(0))
})

it('gives every child of a mixed-age group something to do in every idea of the library', () => {
  const group = ['2025-06-01', '2024-08-01', '2023-11-01', '2022-05-01', '2019-12-01'].map((born, i) => aChild({ id: `c${i}`, name: `C${i}`, born }))
  const left = ACTIVITIES.flatMap((activity) => fitOf(activity, { ...context, children: group }).parts.filter((part) => part.does === 'out').map((part) => `${activity.id}: ${part.child.name} ${part.does === 'out' ? part.reason : ''}`))
  expect(left).toEqual([])
})

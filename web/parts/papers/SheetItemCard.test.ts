// @vitest-environment happy-dom
import { afterEach, describe, expect, it } from 'vitest'
import type { SheetItem, Tick } from '@core/domain'
import { mountPart } from '../../testing/mountPart'
import SheetItemCard from './SheetItemCard.vue'

const ITEM: SheetItem = {
  placementId: 'kites-1',
  title: 'Kite tails',
  aim: 'Ties ribbon to a tail.',
  from: '09:40',
  to: '10:10',
  standing: false,
  center: 'Art table',
  lead: 'Teo',
  attention: 'hands on',
  status: 'planned',
  marks: [],
  cautions: [],
  materials: [],
  steps: [
    { id: 'step-1', text: 'Cut the ribbon', who: '' },
    { id: 'step-2', text: 'Tie it on', who: 'Pip' },
  ],
  say: ['What pulls it up?'],
  tidy: 'ribbons into the blue box',
  apart: false,
}
const TICKED: Tick = {
  placementId: 'kites-1',
  step: 'step-2',
  done: true,
  by: 'Teo',
  at: '2026-03-10T09:50:00.000Z',
}
const card = (over: Partial<SheetItem> = {}, ticks: Tick[] = [], canTick = true) =>
  mountPart(SheetItemCard, { props: { item: { ...ITEM, ...over }, ticks, canTick } })
afterEach(() => {
  document.body.replaceChildren()
})

describe('one thing of the day', () => {
  it('says when, where, who leads it and what to say', () => {
    const text = card().text()
    for (const words of ['Kite tails', '9:40', 'Art table · Teo leads · hands on', 'Ask: What pulls it up?'])
      expect(text).toContain(words)
    expect(text).toContain('Clean up: ribbons into the blue box')
  })
  it('says what a step is for whom, and tells the tick with its words', async () => {
    const part = card()
    const boxes = part.findAll<HTMLInputElement>('input[type=checkbox]')
    expect(part.findAll('label').map((one) => one.text())).toEqual(['Cut the ribbon', 'Pip: Tie it on'])
    await boxes[1].setValue(true)
    expect(part.emitted('tick')).toEqual([['step-2', true, 'Tie it on']])
  })
  it('shows whose tick it is, and how many of how many', () => {
    const part = card({}, [TICKED])
    expect(part.findAll<HTMLInputElement>('input').map((one) => one.element.checked)).toEqual([false, true])
    expect(part.get('[data-ticked]').text()).toContain('Teo')
    expect(part.text()).toContain('1 of 2')
  })
  it('is only read where nobody may tick, and says a tick in words', () => {
    const part = card({}, [TICKED], false)
    expect(part.find('input').exists()).toBe(false)
    expect(part.get('[data-ticked]').text()).toContain('Ticked:')
  })
  it('says a stop before all else, and why one was set aside', () => {
    const caution = { severity: 'stop' as const, title: 'Small parts', why: 'Beads of 12 mm.', setAside: null }
    const part = card({ cautions: [caution, { ...caution, severity: 'change', setAside: 'They are strung.' }] })
    const [stop, change] = part.findAll('div > b').map((one) => one.element.parentElement!.textContent!)
    expect(stop).toMatch(/Stop:\s*Beads of 12 mm\./)
    expect(change).toContain('Set aside: They are strung.')
  })
  it('says what became of it in place of its hour', () => {
    expect(card({ status: 'skipped' }).text()).toContain('skipped')
    expect(card({ status: 'skipped' }).text()).not.toContain('9:40')
  })
})

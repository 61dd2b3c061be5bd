// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest'
import { readingsOf } from '@core/readings'
import { aHome, aMaterial, anActivity, aNeed, aPlacement, aSnapshot, aUnit, moment } from '@core/testing/build'
import { mountPart } from '../../testing/mountPart'
import PulseBar from './PulseBar.vue'

/** A unit whose one idea takes three sheets of felt; a dollar each, and none in the house. */
function bar(budget: number | null, preview: object | null = null) {
  const felt = aMaterial({
    id: 'felt',
    unit: 'each',
    onHand: 0,
    packs: [{ size: 1, price: 100, shop: 'craft', seen: null }],
  })
  const snapshot = aSnapshot({
    home: aHome({ currency: 'USD' }),
    unit: aUnit({ budget }),
    materials: [felt],
    activities: [anActivity({ id: 'felt-kites', requirements: [aNeed('felt', { quantity: 3 })] })],
    placements: [aPlacement(moment(1), { activityId: 'felt-kites' })],
  })
  return mountPart(PulseBar, { props: { readings: readingsOf(snapshot), snapshot, preview } as never })
}
const words = (part: ReturnType<typeof bar>, name: string) => part.get(`[data-reading=${name}]`).text()

describe('the readings below the plan', () => {
  it('are five, each a button that opens its page', async () => {
    const part = bar(5000)
    const buttons = part.findAll('button')
    expect(buttons.map((one) => one.attributes('data-reading'))).toEqual([
      'money',
      'preparation',
      'rounded',
      'adults',
      'cautions',
    ])
    await buttons[3].trigger('click')
    expect(part.emitted('open')).toEqual([['adults']])
  })
  it('say what it costs of the budget, and what is over in a tone of its own', () => {
    expect(words(bar(5000), 'money')).toContain('$3.00 of $50.00')
    expect(bar(5000).get('[data-reading=money] b').attributes('data-tone')).toBe('')
    const over = bar(100)
    expect(words(over, 'money')).toContain('$2.00 over')
    expect(over.get('[data-reading=money] b').attributes('data-tone')).toBe('brick')
  })
  it('speak of no budget where there is none', () => {
    expect(words(bar(null), 'money')).not.toContain(' of $')
  })
  it('say what a drop would change while a card is held over a slot, in place of the rest', () => {
    const held = bar(5000, { money: { words: '$6.00', better: false } })
    expect(words(held, 'money')).toContain('→ $6.00')
    expect(words(held, 'money')).not.toContain('to get')
  })
})

import { effectScope, nextTick, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { entryText, readQuantity } from '@core/base'
import { useWritten } from './useWritten'

/** A field of grams in a home whose measures can change. */
function open(grams: number | null) {
  const model = ref<number | null>(grams)
  const measures = ref<'metric' | 'us'>('us')
  const field = effectScope().run(() =>
    useWritten(
      model,
      (value) => entryText(value, 'g', measures.value),
      (text) => {
        const { quantity, fault } = readQuantity(
          text,
          { unit: 'g' },
          measures.value,
          measures.value === 'us' ? 'lb' : 'g',
        )
        return { value: quantity ?? NaN, fault: fault ?? '' }
      },
    ),
  )!
  return { model, measures, field }
}

describe('a number written as text', () => {
  it('keeps its exact value while nothing is changed, however it is shown', async () => {
    const { model, field } = open(4600)
    expect(field.text.value).toBe('10.14')
    field.type('10.1')
    expect(model.value).toBeCloseTo(4581.279, 3)
    field.type('10.14')
    await nextTick()
    field.leave()
    expect([model.value, field.text.value]).toEqual([4600, '10.14'])
  })
  it('tells what is typed as it is typed, and shows it in its usual form once the field is left', async () => {
    const { model, field } = open(4600)
    field.type('2 lb 8 oz')
    await nextTick()
    expect([model.value, field.text.value]).toEqual([1133.984, '2 lb 8 oz'])
    field.leave()
    expect(field.text.value).toBe('2.5')
  })
  it('keeps what cannot be read as it was typed, and says what is wrong', async () => {
    const { model, field } = open(4600)
    field.type('two')
    await nextTick()
    field.leave()
    expect([model.value, field.text.value, field.fault.value]).toEqual([NaN, 'two', 'Write a number'])
    field.type('2')
    expect(field.fault.value).toBe('')
  })
  it('follows what is changed elsewhere, and the measures of the home', async () => {
    const { model, measures, field } = open(null)
    expect(field.text.value).toBe('')
    model.value = 907.184
    await nextTick()
    expect(field.text.value).toBe('2')
    measures.value = 'metric'
    await nextTick()
    expect([field.text.value, model.value]).toEqual(['907.184', 907.184])
  })
})

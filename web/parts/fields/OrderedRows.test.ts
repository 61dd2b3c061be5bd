// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest'
import { h, type Component } from 'vue'
import { mountPart } from '../../testing/mountPart'
import OrderedRows from './OrderedRows.vue'

interface Step {
  id: string
  text: string
}
const STEPS: Step[] = ['Pour', 'Stir', 'Knead'].map((text) => ({ id: text.toLowerCase(), text }))
const list = () => {
  // A part that is generic in its rows is any part to whom mounts it.
  const part = mountPart(OrderedRows as Component, {
    props: {
      what: 'Step',
      modelValue: STEPS,
      'onUpdate:modelValue': (value: { id: string }[]) => part.setProps({ modelValue: value }),
    },
    slots: { row: ({ row }: { row: Step }) => h('b', row.text) },
  })
  return part
}
afterEach(() => {
  document.body.replaceChildren()
})
const order = (part: ReturnType<typeof list>) => part.findAll('b').map((one) => one.text())

it('moves a row by the arrows on its handle, says so, and keeps the focus on it', async () => {
  const part = list()
  await part.get('[aria-label^="Move step 1"]').trigger('keydown', { key: 'ArrowDown' })
  expect(order(part)).toEqual(['Stir', 'Pour', 'Knead'])
  expect(part.get('[role=status]').text()).toBe('Step 1 is now 2 of 3')
  await expect.poll(() => document.activeElement?.getAttribute('aria-label')).toMatch(/^Move step 2/)
})
it('leaves the first where it is when it is to go further up, and the last further down', async () => {
  const part = list()
  await part.get('[aria-label^="Move step 1"]').trigger('keydown', { key: 'ArrowUp' })
  await part.get('[aria-label^="Move step 3"]').trigger('keydown', { key: 'ArrowDown' })
  expect(order(part)).toEqual(['Pour', 'Stir', 'Knead'])
})
it('takes a row off', async () => {
  const part = list()
  await part.get('[aria-label="Remove step 2"]').trigger('click')
  expect(order(part)).toEqual(['Pour', 'Knead'])
})

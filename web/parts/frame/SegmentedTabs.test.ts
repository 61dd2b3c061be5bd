// @vitest-environment happy-dom
import { afterEach, expect, it, vi } from 'vitest'
import { mountPart } from '../../testing/mountPart'
import SegmentedTabs from './SegmentedTabs.vue'

const TABS = [
  { value: 'library', title: 'Library' },
  { value: 'patterns', title: 'Patterns', figure: '24' },
  { value: 'notebook', title: 'Notebook' },
]
const opened = () => {
  const part = mountPart(SegmentedTabs, {
    props: {
      tabs: TABS,
      label: 'Where ideas come from',
      panel: 'ideas',
      modelValue: 'library',
      'onUpdate:modelValue': (value: string) => part.setProps({ modelValue: value }),
    },
  })
  return part
}
afterEach(() => {
  document.body.replaceChildren()
})

it('is a list of tabs with a name, of which one is chosen and takes Tab', () => {
  const part = opened()
  expect(part.get('[role=tablist]').attributes('aria-label')).toBe('Where ideas come from')
  const tabs = part.findAll('[role=tab]')
  expect(tabs.map((tab) => [tab.text(), tab.attributes('aria-selected'), tab.attributes('tabindex')])).toEqual([
    ['Library', 'true', '0'],
    ['Patterns\u00a024', 'false', '-1'],
    ['Notebook', 'false', '-1'],
  ])
  expect(tabs[1].attributes()).toMatchObject({ id: 'ideas-patterns', 'aria-controls': 'ideas' })
})
it('goes round by arrows, and the focus with it', async () => {
  const part = opened()
  await part.get('[role=tab]').trigger('keydown', { key: 'ArrowLeft' })
  expect(part.get('[aria-selected=true]').text()).toBe('Notebook')
  expect(document.activeElement?.textContent).toContain('Notebook')
  await part.get('[role=tab]').trigger('keydown', { key: 'ArrowRight' })
  expect(part.get('[aria-selected=true]').text()).toBe('Library')
})
it('brings the chosen one into sight', async () => {
  const shown = vi.spyOn(Element.prototype, 'scrollIntoView').mockImplementation(() => undefined)
  const part = opened()
  await part.findAll('[role=tab]')[2].trigger('click')
  await vi.waitFor(() => expect((shown.mock.contexts.at(-1) as HTMLElement).textContent).toContain('Notebook'))
  shown.mockRestore()
})

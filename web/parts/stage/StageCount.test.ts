// @vitest-environment happy-dom
import { expect, it } from 'vitest'
import type { ScriptPart, ScriptVerse } from '@core/domain'
import { mountPart } from '../../testing/mountPart'
import StageCount from './StageCount.vue'

const PART: ScriptPart = {
  id: 'part-1',
  title: 'Five on the hill',
  kind: 'finger-play',
  minutes: 2,
  seated: true,
  props: [],
  verses: [],
  counted: 5,
  picture: 'kite',
  turn: null,
  say: '',
  grows: 'counted',
}
const VERSE: ScriptVerse = { count: 3, word: 'three', lines: ['Three little kites'], moves: '', ask: '' }
const shown = (part: Partial<ScriptPart> = {}, verse: Partial<ScriptVerse> = {}, hidden = false) =>
  mountPart(StageCount, { props: { part: { ...PART, ...part }, verse: { ...VERSE, ...verse }, hidden } })

it('shows how many there are as a numeral, in a word and on one hand', () => {
  const part = shown()
  expect(part.get('output').text()).toBe('3')
  expect(part.text()).toContain('three')
  expect(part.findAll('svg rect')).toHaveLength(5)
})
it('takes both hands from six on, and none where fingers end', () => {
  expect(shown({ counted: 8 }, { count: 7 }).findAll('svg rect')).toHaveLength(10)
  expect(shown({ counted: 20 }, { count: 17 }).find('svg').exists()).toBe(false)
})
it('tells nothing while it is asked how many there are', () => {
  const part = shown({}, {}, true)
  expect(part.text()).toBe('')
  expect(part.find('output').exists()).toBe(false)
})

import { nextTick, ref } from 'vue'
import { expect, it } from 'vitest'
import { Unit } from '@core/domain'
import { aUnit } from '@core/testing/build'
import { useDraft } from './useDraft'

function open(unit = aUnit({ name: 'Wind' })) {
  const source = ref<Unit | undefined>(unit)
  const savedUnits: Unit[] = []
  return { source, savedUnits, ...useDraft(source, Unit, (value) => savedUnits.push(value)) }
}

it('saves what was changed deep inside, not what was there before', () => {
  const { draft, commit, savedUnits } = open()
  draft.value!.words.push('gust')
  commit()
  draft.value!.focus.letter = 'K'
  commit()
  expect(savedUnits.map((unit) => [unit.words, unit.focus.letter])).toEqual([
    [['gust'], ''],
    [['gust'], 'K'],
  ])
})

it('names the field that is wrong, keeps what was typed, and saves nothing', () => {
  const { draft, errors, commit, savedUnits } = open()
  draft.value!.days = 0
  draft.value!.name = ''
  commit()
  expect(Object.keys(errors.value).sort()).toEqual(['days', 'name'])
  expect(draft.value!.days).toBe(0)
  expect(savedUnits).toEqual([])
})

it('saves nothing when nothing changed', () => {
  const { commit, savedUnits } = open()
  commit()
  expect(savedUnits).toEqual([])
})

it('takes what came from elsewhere, but not over what is being typed', async () => {
  const { source, draft } = open()
  source.value = aUnit({ name: 'Wind and Kites' })
  await nextTick()
  expect(draft.value!.name).toBe('Wind and Kites')
  draft.value!.name = 'Half typed'
  source.value = aUnit({ name: 'From elsewhere' })
  await nextTick()
  expect(draft.value!.name).toBe('Half typed')
  source.value = aUnit({ id: 'another', name: 'Another' })
  await nextTick()
  expect(draft.value!.name).toBe('Another')
})

import { effectScope, nextTick, ref, shallowRef } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import { ACTIVITIES } from '@core/library'
import { anActivity } from '@core/testing/build'
import { useLibrarySearch } from './useLibrarySearch'

const open = (list = ref([...ACTIVITIES])) => {
  const text = ref<string | null>('')
  const { hits, reading } = effectScope().run(() => useLibrarySearch(list, text))!
  const search = (words: string | null) => {
    text.value = words
    return hits.value
  }
  return { search, reading }
}

describe('search', () => {
  const { search } = open()
  it('has nothing to say while nothing is typed, or all of it was cleared', () =>
    expect([search('  '), search(null)]).toEqual([null, null]))
  it('finds the title first, by the beginning of a word', () => expect(search('kite ta')![0]).toBe('kite-tails'))
  it('finds by any word of how it is done', () => expect(search('harbour')).toEqual(['sail-a-cork']))
  it('finds by center and domain, as they are called', () => {
    expect(search('glow table')).toContain('glow-shapes')
    expect(search('practical life')).toContain('snack-sails')
  })
  it('finds titles by the first letters of their words, and by words that stand everywhere', () => {
    const titles = (words: string) => search(words)!.map((id) => ACTIVITIES.find((one) => one.id === id)!.title)
    expect(titles('gl').every((title) => /\bgl/i.test(title))).toBe(true)
    expect(titles('gl')).toContain('Glowing shapes')
    expect(titles('the').every((title) => /\bthe/i.test(title))).toBe(true)
    expect(search('will')).toBeNull()
    expect(search('qx')).toEqual([])
    expect(titles('with the wheels')).toContain('Print with wheels')
  })
  it('forgives a slip of the finger', () => expect(search('statuas')).toContain('freeze-dance'))
  it('wants all words, and says when none has them', () => expect(search('kite submarine')).toEqual([]))
})

describe('a library that changes', () => {
  const idea = (id: string, title: string) => anActivity({ id, title, aim: 'Do it.' })
  it('is read again only where it changed', async () => {
    const list = shallowRef([idea('a', 'Mud pies'), idea('b', 'Sandbags'), idea('c', 'Lanterns')])
    const { search } = open(list as never)
    expect(search('sandbags')).toEqual(['b'])
    list.value = [list.value[0], idea('b', 'Whistles'), idea('d', 'Feathers')]
    await nextTick()
    expect(['mud', 'sandbags', 'whistles', 'lanterns', 'feathers'].map(search)).toEqual([['a'], [], ['b'], [], ['d']])
  })
  it('of thousands is read in pieces, and found once it is read', async () => {
    vi.useFakeTimers()
    const { search, reading } = open(
      shallowRef([
        ...Array.from({ length: 1999 }, (_, i) => idea(`a${i}`, 'Mud pies')),
        idea('last', 'Zephyrs'),
      ]) as never,
    )
    expect([reading.value, search('zephyrs')]).toEqual([true, []])
    await vi.runAllTimersAsync()
    expect([reading.value, search('zephyrs')]).toEqual([false, ['last']])
    vi.useRealTimers()
  })
})

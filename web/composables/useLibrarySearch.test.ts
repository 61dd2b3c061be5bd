import { ref } from 'vue'
import { expect, it } from 'vitest'
import { ACTIVITIES } from '@core/library'
import { useLibrarySearch } from './useLibrarySearch'

const text = ref('')
const hits = useLibrarySearch(ref(ACTIVITIES), text)
const search = (words: string) => {
  text.value = words
  return hits.value
}

it('has nothing to say while nothing is typed', () => expect(search('  ')).toBeNull())
it('finds the title first, by the beginning of a word', () => expect(search('kite ta')![0]).toBe('kite-tails'))
it('finds by any word of how it is done', () => expect(search('harbour')).toEqual(['sail-a-cork']))
it('finds by center and domain, as they are called', () => {
  expect(search('glow table')).toContain('glow-shapes')
  expect(search('practical life')).toContain('snack-sails')
})
it('forgives a slip of the finger', () => expect(search('statuas')).toContain('freeze-dance'))
it('wants all words, and says when none has them', () => expect(search('kite submarine')).toEqual([]))

import { expect, it } from 'vitest'
import { createVuetify } from 'vuetify'
import { en } from 'vuetify/locale'
import { english } from './english'

type Words = { [key: string]: string | Words }
const keysOf = (words: Words, at = '$vuetify'): string[] =>
  Object.entries(words).flatMap(([key, value]) =>
    typeof value === 'string' ? [`${at}.${key}`] : keysOf(value, `${at}.${key}`),
  )

it('says of every key what the component library says of it by itself', () => {
  const { locale } = createVuetify()
  const keys = keysOf(en as unknown as Words)
  expect(keys.length).toBeGreaterThan(80)
  for (const key of keys) expect([key, english.t(key, 7, 'x', true)]).toEqual([key, locale.t(key, 7, 'x', true)])
  expect(english.t('plain {0} words', 3)).toBe(locale.t('plain {0} words', 3))
  expect([english.decimalSeparator.value, english.numericGroupSeparator.value]).toEqual([
    locale.decimalSeparator.value,
    locale.numericGroupSeparator.value,
  ])
  expect(english.n(12345.5)).toBe(locale.n(12345.5))
})
it('says a key back that it does not know', () => expect(english.t('$vuetify.no.such')).toBe('$vuetify.no.such'))

import { afterEach, expect, it, vi } from 'vitest'
import { Id } from '@core/domain'
import { newId } from './newId'

afterEach(() => vi.unstubAllGlobals())

it('makes an id where the page came without a certificate and the browser has no maker of its own', () => {
  const { getRandomValues } = crypto
  vi.stubGlobal('crypto', { getRandomValues: getRandomValues.bind(crypto) })
  const ids = Array.from({ length: 200 }, newId)
  for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
  expect(ids.every((id) => Id.safeParse(id).success)).toBe(true)
  expect(new Set(ids).size).toBe(200)
})

import type { Child } from '../domain'

/** Children in one order everywhere: by age, the youngest first, then by name. */
export const byAge = (children: readonly Child[]): Child[] =>
  [...children].sort((a, b) => (a.born === b.born ? a.name.localeCompare(b.name, 'en') : a.born < b.born ? 1 : -1))

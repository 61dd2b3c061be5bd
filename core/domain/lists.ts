/** Plain lists and numbers of the domain, apart from the schemas: the page of a link needs these and no schema. */

export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const

/** The nine major food allergens of US law (FASTER Act, 2021); a home may add its own in the same form. */
export const MAJOR_ALLERGENS = [
  'milk',
  'egg',
  'fish',
  'shellfish',
  'tree-nuts',
  'peanuts',
  'wheat',
  'soy',
  'sesame',
] as const

/** The longest that a tick can have waited for a network, in milliseconds: thirty days. */
export const LONGEST_WAIT_MS = 30 * 86_400_000

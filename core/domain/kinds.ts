/** The kinds of rows by name, apart from their schemas: whoever only sorts rows does not need what checks them. */

/** Kinds that belong to the home rather than to one unit. */
export const HOUSE_KINDS = [
  'home',
  'child',
  'adult',
  'center',
  'material',
  'activity',
  'recipe',
  'piece',
  'circleLog',
  'book',
] as const
type HouseKind = (typeof HOUSE_KINDS)[number]
/** Those of them that make up its library: nearly all of a home by size, and nothing that a list of units shows. */
export const LIBRARY_KINDS: readonly HouseKind[] = ['material', 'activity', 'recipe', 'piece']
/** The home without its library. */
export const HOME_KINDS: readonly HouseKind[] = HOUSE_KINDS.filter((kind) => !LIBRARY_KINDS.includes(kind))
/** Kinds that belong to one unit and go when it goes. */
export const UNIT_KINDS = [
  'unit',
  'idea',
  'placement',
  'purchase',
  'promise',
  'prepMark',
  'printSet',
  'circle',
] as const
/** Kinds that only grow: read by what they are about, and never all at once. */
export const LOG_KINDS = ['stock', 'batch'] as const

export const THING_KINDS = [...HOUSE_KINDS, ...UNIT_KINDS, ...LOG_KINDS] as const
export type ThingKind = (typeof THING_KINDS)[number]

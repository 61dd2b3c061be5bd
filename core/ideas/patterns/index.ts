/** Patterns: ideas that make themselves of what a theme has. */
import type { Material } from '../../domain'
import type { Theme } from '../theme'
import { finish, type MadeActivity, type Paper, type Pattern } from './kit'
import { worldOf, type ThemeWorld } from './world'
import { CENTER_PATTERNS } from './centers'
import { HAND_PATTERNS } from './hands'
import { NUMBER_PATTERNS } from './numbers'
import { PICTURE_PATTERNS } from './pictures'
import { SORTING_PATTERNS } from './sorting'

export type { MadeActivity, Paper, Pattern } from './kit'

/** Every pattern, in the order in which it is offered. */
export const PATTERNS: readonly Pattern[] = [
  ...CENTER_PATTERNS,
  ...PICTURE_PATTERNS,
  ...SORTING_PATTERNS,
  ...NUMBER_PATTERNS,
  ...HAND_PATTERNS,
]

/** What a pattern answers to a theme: a whole activity, or what the theme lacks for it. */
export type PatternResult =
  | { pattern: Pattern; made: MadeActivity; missing?: undefined }
  | { pattern: Pattern; made?: undefined; missing: string }

/**
 * Applies a pattern to a theme. The activity's id is given by the caller; what a home may lack of its materials comes
 * with it.
 */
export function applyPattern(
  pattern: Pattern,
  theme: Theme,
  options: { id: string; paper: Paper; shipped: ReadonlyMap<string, Material>; world?: ThemeWorld },
): PatternResult {
  if (!theme.things.length && pattern.id !== 'clap-words')
    return { pattern, missing: 'Needs objects of the theme. Write them in Spark, with commas between.' }
  const found = pattern.choose(theme)
  if (!found.things) return { pattern, missing: found.missing }
  const kit = { theme, things: found.things, paper: options.paper, world: options.world ?? worldOf(theme) }
  return { pattern, made: finish(pattern, options.id, pattern.make(kit), kit, options.shipped) }
}

/** Every pattern applied to a theme, each under an id of its own. */
export const applyAll = (
  theme: Theme,
  options: { paper: Paper; shipped: ReadonlyMap<string, Material> },
): PatternResult[] => {
  const world = worldOf(theme)
  return PATTERNS.map((pattern) => applyPattern(pattern, theme, { ...options, world, id: `pattern-${pattern.id}` }))
}

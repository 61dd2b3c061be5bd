/** Patterns by center: what each corner of the house becomes for a theme. */
import type { Theme } from '../../theme'
import type { Pattern } from '../kit'
import { ART_PATTERNS } from './art'
import { BLOCK_PATTERNS } from './blocks'
import { BOOK_PATTERNS } from './books'
import { CIRCLE_PATTERNS } from './circleTime'
import { DISCOVERY_PATTERNS } from './discovery'
import { DOUGH_PATTERNS } from './dough'
import { EASEL_PATTERNS } from './easel'
import { GLOW_PATTERNS } from './glow'
import { MARK_PATTERNS } from './marks'
import { OUTDOOR_PATTERNS } from './outdoors'
import { PRETEND_PATTERNS } from './pretend'
import { BIN_PATTERNS } from './sensoryBin'

/** Things of a theme that may lead a pattern: the first few that were written are what it is most about. */
const MAY_LEAD = 4
/** Patterns take turns in which thing leads, so that a plan is not about the first one alone. */
const turned = (theme: Theme, turn: number): Theme => {
  const from = turn % Math.max(1, Math.min(MAY_LEAD, theme.things.length))
  return from ? { ...theme, things: [...theme.things.slice(from), ...theme.things.slice(0, from)] } : theme
}

export const CENTER_PATTERNS: Pattern[] = [
  ...PRETEND_PATTERNS,
  ...BIN_PATTERNS,
  ...DOUGH_PATTERNS,
  ...EASEL_PATTERNS,
  ...BLOCK_PATTERNS,
  ...DISCOVERY_PATTERNS,
  ...MARK_PATTERNS,
  ...GLOW_PATTERNS,
  ...ART_PATTERNS,
  ...BOOK_PATTERNS,
  ...CIRCLE_PATTERNS,
  ...OUTDOOR_PATTERNS,
].map((pattern, turn) => ({ ...pattern, choose: (theme: Theme) => pattern.choose(turned(theme, turn)) }))

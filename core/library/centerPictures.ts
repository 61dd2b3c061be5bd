import type { CenterKind } from '../domain'

/** A drawing for each kind of center, where an idea is not about a thing that has one. */
export const CENTER_PICTURES: Record<CenterKind, string> = {
  blocks: 'brick',
  pretend: 'performing-arts',
  discovery: 'magnifying-glass-tilted-left',
  'mark-making': 'pencil',
  'glow-table': 'light-bulb',
  easel: 'artist-palette',
  'sensory-bin': 'bucket',
  'tray-shelf': 'puzzle-piece',
  'art-table': 'crayon',
  'dough-table': 'cookie',
  'book-nook': 'open-book',
  circle: 'musical-notes',
  outdoors: 'deciduous-tree',
}

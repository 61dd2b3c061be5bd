/**
 * What becomes of what is made: how long it must lie or hang before it can be put away, and which ideas leave a piece for each child's
 * folder. Minutes are for a dry room: thin paint an hour or two, glue and thick paint half a day, salt dough and clay two days.
 */
const THIN = 90
const THICK = 240
const OVERNIGHT = 720
const TWO_DAYS = 2880

const DRIES: Readonly<Record<string, number>> = {
  'kite-tails': THICK, 'print-with-wheels': THIN, 'straw-blowing': THICK, 'easel-sky': THIN, 'easel-spray': THIN, 'easel-tape': THIN, 'salt-dough-tags': TWO_DAYS, 'torn-paper-picture': THIN,
  'coffee-filter-blooms': THIN, 'stamp-with-vegetables': THIN, 'box-creature': THICK, 'salt-paint-lines': OVERNIGHT, 'sun-catcher-wax': THIN, 'hand-print-year': THIN, 'fabric-collage': THICK,
  'string-pull': THICK, 'clay-tiles': TWO_DAYS, 'gift-paper': THIN, 'nature-frame': THIN, 'easel-roller': THIN, 'easel-self': THIN, 'easel-big-dots': THIN, 'easel-magnet-tracks': THIN, 'secret-wax': THIN,
  'easel-music-lines': THIN, 'easel-skin-tones': THIN, 'easel-window': THIN, 'easel-tape-resist': THIN, 'easel-two-brushes': THIN, 'easel-story-weather': THIN,
}

const FOLDER: ReadonlySet<string> = new Set([
  'kite-tails', 'print-with-wheels', 'tissue-windows', 'straw-blowing', 'folded-fans', 'name-kites', 'torn-paper-picture', 'coffee-filter-blooms', 'weave-a-strip', 'stamp-with-vegetables', 'paper-plate-faces',
  'salt-paint-lines', 'hand-print-year', 'bag-puppet', 'fabric-collage', 'string-pull', 'nature-frame', 'story-strip', 'secret-wax', 'easel-tape', 'easel-magnet-tracks', 'easel-skin-tones', 'easel-window',
])

/** For a shipped idea, by its id. What is not named is dry, and nobody takes a piece home. */
export const keeping = (id: string): { dries: number; folder: boolean } => ({ dries: DRIES[id] ?? 0, folder: FOLDER.has(id) })
/** Every id that is named here. */
export const KEPT_IDS: readonly string[] = [...new Set([...Object.keys(DRIES), ...FOLDER])]

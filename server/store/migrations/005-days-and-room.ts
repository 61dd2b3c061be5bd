import { fill, type Migration } from './migration'

/**
 * What becomes of what is made, as the library had it when this shipped: minutes to dry, and what leaves a piece for
 * the folder.
 */
const THIN = 90
const THICK = 240
const OVERNIGHT = 720
const TWO_DAYS = 2880

const DRIES: Readonly<Record<string, number>> = {
  'kite-tails': THICK,
  'print-with-wheels': THIN,
  'straw-blowing': THICK,
  'easel-sky': THIN,
  'easel-spray': THIN,
  'easel-tape': THIN,
  'salt-dough-tags': TWO_DAYS,
  'torn-paper-picture': THIN,
  'coffee-filter-blooms': THIN,
  'stamp-with-vegetables': THIN,
  'box-creature': THICK,
  'salt-paint-lines': OVERNIGHT,
  'sun-catcher-wax': THIN,
  'hand-print-year': THIN,
  'fabric-collage': THICK,
  'string-pull': THICK,
  'clay-tiles': TWO_DAYS,
  'gift-paper': THIN,
  'nature-frame': THIN,
  'easel-roller': THIN,
  'easel-self': THIN,
  'easel-big-dots': THIN,
  'easel-magnet-tracks': THIN,
  'secret-wax': THIN,
}

const FOLDER: ReadonlySet<string> = new Set([
  'kite-tails',
  'print-with-wheels',
  'tissue-windows',
  'straw-blowing',
  'folded-fans',
  'name-kites',
  'torn-paper-picture',
  'coffee-filter-blooms',
  'weave-a-strip',
  'stamp-with-vegetables',
  'paper-plate-faces',
  'salt-paint-lines',
  'hand-print-year',
  'bag-puppet',
  'fabric-collage',
  'string-pull',
  'nature-frame',
  'story-strip',
  'secret-wax',
  'easel-tape',
  'easel-magnet-tracks',
])
const keeping = (id: string) => ({ dries: DRIES[id] ?? 0, folder: FOLDER.has(id) })

const withHazard = (body: Record<string, unknown>, hazard: string | undefined): object => {
  const safety = body.safety as { hazards: string[] }
  return hazard && !safety.hazards.includes(hazard)
    ? { ...body, safety: { ...safety, hazards: [...safety.hazards, hazard] } }
    : body
}

export const daysAndRoom: Migration = {
  name: '005-days-and-room',
  async up(db) {
    await fill(db, 'homes', (body) => ({ targets: {}, dryingPlaces: 2, illness: null, ...body }))
    await fill(db, 'children', (body) => ({ asthma: false, ...body }))
    await fill(db, 'centers', (body) => ({ spot: null, sleeps: false, ...body }))
    await fill(db, 'placements', (body) => ({ quantities: {}, ...body }))
    await fill(db, 'materials', (body) =>
      withHazard(
        body,
        {
          'ice-cube': 'ice',
          snow: 'ice',
          scarf: 'soft-prop',
          'baby-blanket': 'soft-prop',
          cushion: 'soft-prop',
          'tent-cloth': 'soft-prop',
        }[String(body.id)],
      ),
    )
    await fill(db, 'activities', (body) => ({ ...keeping(body.source === 'shipped' ? String(body.id) : ''), ...body }))
    await fill(db, 'units', (body) => ({
      ...body,
      events: (body.events as object[]).map((one) => ({ parts: [], bring: [], inviteOn: null, ...one })),
    }))
    await db('changes').update({ state: 'dead' })
  },
}

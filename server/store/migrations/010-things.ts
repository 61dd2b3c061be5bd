import { fill, type Migration } from './migration'

/** Sides in mm that stood for "nobody has measured it" before that could be said. */
const GUESS = '[30,25,25]'

const NEW_FACTS = {
  usualMm: null,
  realMm: null,
  cordMm: null,
  known: false,
  form: 'thing',
  plural: '',
  living: null,
  parts: [],
  needs: '',
  sound: '',
  moves: '',
  shows: [],
  allergens: [],
  hazards: [],
  asked: false,
}

export const things: Migration = {
  name: '010-things',
  async up(db) {
    await fill(db, 'units', (body) => ({
      ...body,
      objects: (body.objects as Record<string, unknown>[]).map((one) => ({
        ...NEW_FACTS,
        // What has a kind was known by its name, or somebody said what it is.
        known: one.category !== '',
        ...one,
      })),
    }))
    await fill(db, 'materials', (body) => {
      const safety = body.safety as Record<string, unknown>
      const guessed = JSON.stringify(safety.partMm) === GUESS
      return { ...body, safety: { measured: !guessed, ...safety, ...(guessed ? { partMm: null } : {}) } }
    })
  },
}

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { checkHouse } from '@core/plan/checkHouse'
import { byAge, type Flag } from '@core/plan'
import { byId } from '@core/base'
import { HOME_KINDS, LIBRARY_KINDS, type House } from '@core/domain'
import { api } from '../api/client'
import { whenCalm } from '../composables/useCalm'
import { useRows } from './rows'
import { useSession } from './session'
import { useWriter } from './writer'

/** The home and everything that belongs to it rather than to one unit. */
export const useHouse = defineStore('house', () => {
  const rows = useRows()
  const session = useSession()
  const writer = useWriter()
  /** The home is there, and its units; its library may not be yet. */
  const opened = ref(false)
  /** All of it is there. */
  const loaded = ref(false)

  const home = computed(() => rows.list('home')[0])
  /** The home below the gate: whatever is shown behind a frame is shown once it is there. */
  const thisHome = computed(() => {
    if (!home.value) throw new Error('The home is asked for before it is there')
    return home.value
  })
  const children = computed(() => byAge(rows.list('child')))
  const adults = computed(() => rows.list('adult'))
  const centers = computed(() => rows.list('center'))
  const materials = computed(() => rows.list('material'))
  const materialsById = computed(() => byId(materials.value))
  const activities = computed(() => rows.list('activity'))
  const activitiesById = computed(() => byId(activities.value))
  const recipes = computed(() => rows.list('recipe'))
  /** Pieces of the home's own; and circles that were held. */
  const pieces = computed(() => rows.list('piece'))
  const circleLogs = computed(() => rows.list('circleLog'))
  const books = computed(() => [...rows.list('book')].sort((a, b) => (a.title < b.title ? -1 : 1)))
  const units = computed(() => [...rows.list('unit')].sort((a, b) => (a.start < b.start ? -1 : 1)))

  /** All of it, as computations take it. */
  const house = computed<House>(() => ({
    home: thisHome.value,
    children: children.value,
    adults: adults.value,
    centers: centers.value,
    materials: materials.value,
    activities: activities.value,
    recipes: recipes.value,
    pieces: pieces.value,
    books: books.value,
    circleLogs: circleLogs.value,
  }))

  const check = shallowRef<typeof checkHouse>()
  let fetching: Promise<void> | null = null
  /** What checks the home, with every schema, or nothing until it is here: whoever asks first has it fetched. */
  function checking() {
    if (!check.value)
      fetching ??= import('@core/plan/checkHouse').then(
        (module) => void (check.value = module.checkHouse),
        () => void (fetching = null),
      )
    return check.value
  }
  /** What does not fit together in the home and its units. */
  const flags = computed<Flag[]>(
    () =>
      (home.value && checking()?.({ ...house.value, materials: [], activities: [] }, units.value, session.today)) || [],
  )

  async function readHome(): Promise<void> {
    const [read, units, steps] = await writer.readPast(() =>
      Promise.all([api.house('home'), api.units(), api.steps(null)]),
    )
    session.today = read.today
    rows.replace(HOME_KINDS, read.rows)
    rows.replace(['unit'], units.rows)
    writer.setSteps(null, steps)
    opened.value = true
    writer.resume(['unit', ...HOME_KINDS])
  }
  async function readLibrary(): Promise<void> {
    const { rows: read } = await writer.readPast(() => api.house('library'))
    rows.replace(LIBRARY_KINDS, read)
    writer.resume(LIBRARY_KINDS)
  }
  /** @param inTurn whether a view that does without the library is to be drawn before that is asked for */
  async function load(inTurn = false): Promise<void> {
    if (inTurn) {
      await readHome()
      await whenCalm()
      await readLibrary()
    } else await Promise.all([readHome(), readLibrary()])
    loaded.value = true
  }
  /** Writes on the home. */
  const commit = (label: string, writes: Parameters<typeof writer.commit>[2]) => writer.commit(null, label, writes)

  return {
    opened,
    loaded,
    house,
    home,
    thisHome,
    children,
    adults,
    centers,
    materials,
    materialsById,
    activities,
    activitiesById,
    recipes,
    pieces,
    circleLogs,
    books,
    units,
    flags,
    load,
    commit,
  }
})

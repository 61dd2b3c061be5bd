import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { checkHouse } from '@core/plan/checkHouse'
import { byAge, type Flag } from '@core/plan'
import { byId } from '@core/base'
import { HOUSE_KINDS, type House } from '@core/domain'
import { api } from '../api/client'
import { useCalm } from '../composables/useCalm'
import { useRows } from './rows'
import { useSession } from './session'
import { useWriter } from './writer'

/** The home and everything that belongs to it rather than to one unit. */
export const useHouse = defineStore('house', () => {
  const rows = useRows()
  const session = useSession()
  const writer = useWriter()
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

  /** What does not fit together in the home and its units; none until what checks it, with every schema, is here. */
  const flags = computed<Flag[]>(() =>
    home.value && check.value
      ? check.value({ ...house.value, materials: [], activities: [] }, units.value, session.today)
      : [],
  )
  const check = shallowRef<typeof checkHouse>()
  const calm = useCalm(() => loaded.value)
  watch(calm, async () => {
    check.value = await import('@core/plan/checkHouse').then(
      (module) => module.checkHouse,
      () => undefined,
    )
  })

  async function load(): Promise<void> {
    const [read, units, steps] = await writer.readPast(() => Promise.all([api.house(), api.units(), api.steps(null)]))
    session.today = read.today
    rows.replaceHouse(read.rows)
    rows.replace(['unit'], units.rows)
    writer.setSteps(null, steps)
    loaded.value = true
    writer.resume(['unit', ...HOUSE_KINDS])
  }
  /** Writes on the home. */
  const commit = (label: string, writes: Parameters<typeof writer.commit>[2]) => writer.commit(null, label, writes)

  return {
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

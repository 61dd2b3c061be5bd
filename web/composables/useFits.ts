import { computed, onMounted, ref } from 'vue'
import type { Activity, Material, UsedBefore } from '@core/domain'
import { fitOf, timesFor, type Fit, type FitContext, type TimeFit } from '@core/ideas'
import { isOpen, addDays, byId } from '@core/base'
import { freeMaterials } from '@core/supplies'
import { api } from '../api/client'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { useUnit } from '../stores/unit'

/** Open days that an idea is tried on where no unit is open. */
const TRIAL_DAYS = 5

/**
 * How ideas fit this home on the days of the open unit, each computed when it is first asked for and kept until
 * something changes.
 */
export function useFits(more: () => readonly Material[] = () => []) {
  const store = useUnit()
  const house = useHouse()
  const session = useSession()
  const dates = computed(() => {
    const held = store.days.filter((day) => day.held).map((day) => day.date)
    if (held.length || !house.home) return held
    const found: string[] = []
    for (let i = 0; found.length < TRIAL_DAYS && i < 60; i++)
      if (isOpen(house.home, addDays(session.today, i))) found.push(addDays(session.today, i))
    return found
  })
  const context = computed<FitContext | null>(() =>
    house.home
      ? {
          home: house.home,
          children: house.children,
          centers: house.centers,
          materials: byId([...more(), ...freeMaterials(house.materials, store.spokenFor)]),
          dates: dates.value,
        }
      : null,
  )
  const fits = computed(() => (void context.value, new WeakMap<Activity, Fit>()))
  const times = computed(() => (void context.value, new WeakMap<Activity, TimeFit[]>()))
  const kept = <T>(map: WeakMap<Activity, T>, activity: Activity, make: () => T): T => {
    let value = map.get(activity)
    if (value === undefined) map.set(activity, (value = make()))
    return value
  }
  const fit = (activity: Activity): Fit => kept(fits.value, activity, () => fitOf(activity, context.value!))
  return {
    context,
    fit,
    /** Null where there is no home yet that it could suit. */
    fitIfHome: (activity: Activity): Fit | null => (context.value ? fit(activity) : null),
    timesOf: (activity: Activity): TimeFit[] => kept(times.value, activity, () => timesFor(activity, context.value!)),
  }
}

/** When each activity was done before, by its id. Not knowing it stands in nobody's way: the line is left out then. */
export function useUsedBefore() {
  const used = ref<Record<string, UsedBefore[]>>({})
  onMounted(async () => {
    try {
      used.value = (await api.usedBefore()).used
    } catch {
      used.value = {}
    }
  })
  return used
}

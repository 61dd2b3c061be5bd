import { onMounted, shallowRef, watch } from 'vue'
import { countWords } from '@core/base'
import type { Activity, Material } from '@core/domain'
import { useHouse } from '../stores/house'

/** Ideas that came with a newer version and that this home has not taken in yet. */
export function useFreshIdeas() {
  const house = useHouse()
  const fresh = shallowRef<{ activities: Activity[]; materials: Material[] }>({ activities: [], materials: [] })
  onMounted(async () => {
    // Without a connection there is nothing new to offer.
    const shipped = await import('@core/library').catch(() => null)
    if (!shipped) return
    watch(
      () => [house.loaded, house.activities.length],
      () => {
        if (!house.loaded) return
        const activities = shipped.ACTIVITIES.filter((one) => !house.activitiesById.has(one.id))
        const needed = new Set(
          activities.flatMap((one) => one.requirements.flatMap((need) => [need.materialId, ...need.alternatives])),
        )
        fresh.value = {
          activities,
          materials: shipped.MATERIALS.filter((one) => needed.has(one.id) && !house.materialsById.has(one.id)),
        }
      },
      { immediate: true },
    )
  })
  const takeFresh = () =>
    void house.commit(`Add ${countWords(fresh.value.activities.length, 'idea')} that come with Kobby`, [
      ...fresh.value.materials.map((value) => ({ put: 'material' as const, value })),
      ...fresh.value.activities.map((value) => ({ put: 'activity' as const, value: value as Activity })),
    ])
  return { fresh, takeFresh }
}

import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { Material } from '@core/domain'
import type { PatternResult } from '@core/ideas'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/**
 * Every pattern applied to the open unit. They are fetched when they are first wanted, with the materials that ship.
 *
 * @param wanted whether they are looked at
 */
export function usePatterns(wanted: Ref<boolean>) {
  const store = useUnit()
  const house = useHouse()
  const kit = shallowRef<{
    apply: typeof import('@core/ideas/patterns').applyAll
    shipped: ReadonlyMap<string, Material>
  } | null>(null)
  const failed = ref(false)
  async function fetchKit(): Promise<void> {
    failed.value = false
    try {
      const [{ applyAll }, { MATERIALS }] = await Promise.all([
        import('@core/ideas/patterns'),
        import('@core/library/materials'),
      ])
      kit.value = { apply: applyAll, shipped: new Map(MATERIALS.map((one) => [one.id, one])) }
    } catch {
      failed.value = true
    }
  }
  watch(
    wanted,
    (now) => {
      if (now && !kit.value) void fetchKit()
    },
    { immediate: true },
  )
  const results = computed<PatternResult[]>(() =>
    kit.value && store.theme
      ? kit.value.apply(store.theme, { paper: paperOf(house.home?.measures), shipped: kit.value.shipped })
      : [],
  )
  const materials = computed(() =>
    results.value.flatMap((one) => one.made?.materials ?? []).filter((one) => !house.materialsById.has(one.id)),
  )
  return { results, materials, ready: computed(() => kit.value !== null), failed, fetchKit }
}

/** The paper of a home, by the measures it counts in. */
export const paperOf = (measures: 'metric' | 'us' | undefined) => (measures === 'us' ? 'letter' : 'a4')

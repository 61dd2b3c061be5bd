import { computed, ref } from 'vue'
import type { Carried } from '@core/domain'
import { api } from '../api/client'
import { useUnit } from '../stores/unit'

const known = ref<{ unitId: string; list: Carried[] } | null>(null)

/** What still stood at the centers when the unit before the open one ended. Not knowing it stands in nobody's way. */
export function useCarried() {
  const store = useUnit()
  async function load(): Promise<void> {
    const unitId = store.id
    if (!unitId || known.value?.unitId === unitId) return
    try {
      known.value = { unitId, list: (await api.before(unitId)).carried }
    } catch {
      known.value = null
    }
  }
  return {
    list: computed<Carried[]>(() => (known.value && known.value.unitId === store.id ? known.value.list : [])),
    load,
  }
}

import { computed, type Ref } from 'vue'
import type { ThingKind } from '@core/domain'
import { useHouse } from '../stores/house'

/** What does not fit together about one thing, by field: shown where the field is, beside what its schema refuses. */
export function useFlags(kind: ThingKind, id: Ref<string | undefined>) {
  const house = useHouse()
  return computed<Record<string, string>>(() =>
    Object.fromEntries(
      house.flags
        .filter((flag) => flag.kind === kind && flag.id === id.value)
        .map((flag) => [flag.field, flag.message]),
    ),
  )
}

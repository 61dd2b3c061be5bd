import { computed, ref, toRaw, watch, type Ref } from 'vue'
import { z } from 'zod'
import { canonical } from '@core/base'

/**
 * A copy of a thing to edit, checked by its schema as it changes. What is valid is saved when the field is left; what
 * is not stays with its error until it is mended, so nothing typed is lost.
 *
 * @param source the thing as it is saved
 * @param schema the thing's schema
 * @param save called with the checked thing when it differs
 * @param flags what does not fit together about the thing as it is saved: shown at its field, and no hindrance to
 *   saving
 */
export function useDraft<T extends object>(
  source: Ref<T | undefined>,
  schema: z.ZodType,
  save: (value: T) => void,
  flags?: Ref<Record<string, string>>,
) {
  const copy = (value: T | undefined) => (value === undefined ? undefined : (structuredClone(toRaw(value)) as T))
  const draft = ref(copy(source.value)) as Ref<T | undefined>
  const base = ref(canonical(source.value ?? null))
  watch(source, (now) => {
    // What came from elsewhere replaces the draft only where nothing unsaved stands in it.
    if (
      canonical(draft.value ?? null) === base.value ||
      (now as { id?: string } | undefined)?.id !== (draft.value as { id?: string } | undefined)?.id
    )
      draft.value = copy(now)
    base.value = canonical(now ?? null)
  })
  const checked = computed(() => (draft.value === undefined ? null : schema.safeParse(draft.value)))
  const errors = computed(() => {
    const found: Record<string, string> = { ...flags?.value }
    const refused = new Set<string>()
    for (const issue of checked.value?.error?.issues ?? []) {
      const field = issue.path.join('.')
      // What is refused goes before what only does not fit.
      if (!refused.has(field)) found[field] = issue.message
      refused.add(field)
    }
    return found
  })
  const dirty = computed(() => canonical(draft.value ?? null) !== base.value)
  function commit(): void {
    if (!dirty.value || !checked.value?.success) return
    save(checked.value.data as T)
  }
  return { draft, errors, dirty, commit }
}

import MiniSearch from 'minisearch'
import { computed, shallowRef, watch, type Ref } from 'vue'
import type { Activity } from '@core/domain'
import { CENTER_NAMES, DOMAIN_NAMES } from '@core/format'

/**
 * Search over activities by any word of theirs, the title first. Returns ids in order of fit; null while nothing is typed.
 *
 * @param activities the library
 * @param text what was typed
 */
export function useLibrarySearch(activities: Ref<readonly Activity[]>, text: Ref<string>) {
  const index = shallowRef<MiniSearch>()
  watch(activities, (list) => {
    const next = new MiniSearch({ fields: ['title', 'aim', 'places', 'words'], searchOptions: { prefix: true, fuzzy: 0.15, boost: { title: 4, aim: 2 }, combineWith: 'AND' } })
    next.addAll(list.map((one) => ({
      id: one.id, title: one.title, aim: one.aim,
      places: [...one.centers.map((kind) => CENTER_NAMES[kind]), ...one.domains.map((domain) => DOMAIN_NAMES[domain])].join(' '),
      words: [...one.steps, ...one.variants.map((variant) => variant.how)].join(' '),
    })))
    index.value = next
  }, { immediate: true })
  return computed(() => (text.value.trim() ? (index.value?.search(text.value).map((hit) => hit.id as string) ?? []) : null))
}

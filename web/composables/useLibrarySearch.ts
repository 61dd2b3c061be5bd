import MiniSearch from 'minisearch'
import { computed, onScopeDispose, ref, watch, type Ref } from 'vue'
import type { Activity } from '@core/domain'
import { CENTER_NAMES, DOMAIN_NAMES } from '@core/base'

interface Doc {
  id: string
  title: string
  aim: string
  places: string
  words: string
}

/**
 * Words of nearly every idea. Looking for them would find all and take long: they are left out of the index and of what
 * is looked for.
 */
const EVERYWHERE = new Set(
  (
    'a an and are as at be by child children do each for from has have hand hands how in into is it ' +
    'its let make of on one or out own put so take that the their them then they this to two until ' +
    'up what when where which who will with you your'
  ).split(' '),
)
/** Shorter pieces of words are looked for at the beginnings of the titles' words only. */
const SHORTEST = 3
const wordsOf = (text: string) =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
const beginsWords = (title: string, pieces: readonly string[]) => {
  const words = wordsOf(title)
  return pieces.every((piece) => words.some((word) => word.startsWith(piece)))
}

/** Ideas that are read into the index at once; more are read in pieces, so that nothing stands still meanwhile. */
const PIECE = 400

const docs = new WeakMap<Activity, Doc>()
function docOf(one: Activity): Doc {
  let doc = docs.get(one)
  if (!doc) {
    doc = {
      id: one.id,
      title: one.title,
      aim: one.aim,
      places: [
        ...one.centers.map((kind) => CENTER_NAMES[kind]),
        ...one.domains.map((domain) => DOMAIN_NAMES[domain]),
      ].join(' '),
      words: [...one.steps, ...one.variants.map((variant) => variant.how)].join(' '),
    }
    docs.set(one, doc)
  }
  return doc
}
const same = (a: Doc, b: Doc) => a.title === b.title && a.aim === b.aim && a.places === b.places && a.words === b.words

/**
 * Search over activities by any word of theirs, the title first. Only what changed is read again.
 *
 * @param activities the library
 * @param text what was typed
 * @returns `hits`: ids in order of fit, null while nothing is typed; `reading` while a large library is still being
 *   read
 */
export function useLibrarySearch(activities: Ref<readonly Activity[]>, text: Ref<string | null>) {
  const index = new MiniSearch<Doc>({
    fields: ['title', 'aim', 'places', 'words'],
    processTerm: (term) => (EVERYWHERE.has(term.toLowerCase()) ? null : term.toLowerCase()),
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > 3 ? 0.15 : false),
      boost: { title: 4, aim: 2 },
      combineWith: 'AND',
    },
  })
  const known = new Map<string, Doc>()
  const read = ref(0)
  const reading = ref(false)
  let run = 0
  onScopeDispose(() => void run++)

  function take(piece: readonly Doc[]): void {
    for (const doc of piece) {
      if (known.has(doc.id)) index.replace(doc)
      else index.add(doc)
      known.set(doc.id, doc)
    }
    read.value++
  }
  watch(
    activities,
    (list) => {
      const mine = ++run
      const now = list.map(docOf)
      const ids = new Set(now.map((doc) => doc.id))
      for (const id of [...known.keys()]) {
        if (ids.has(id)) continue
        index.discard(id)
        known.delete(id)
      }
      const changed = now.filter((doc) => {
        const old = known.get(doc.id)
        return !old || (old !== doc && !same(old, doc))
      })
      take(changed.slice(0, PIECE))
      reading.value = changed.length > PIECE
      const next = (at: number) => {
        if (mine !== run) return
        take(changed.slice(at, at + PIECE))
        reading.value = at + PIECE < changed.length
        if (reading.value) setTimeout(next, 0, at + PIECE)
      }
      if (reading.value) setTimeout(next, 0, PIECE)
    },
    { immediate: true },
  )

  const hits = computed(() => {
    void read.value
    const typed = wordsOf(text.value ?? '')
    if (!typed.length) return null
    const telling = typed.filter((word) => word.length >= SHORTEST && !EVERYWHERE.has(word))
    if (telling.length) return index.search(telling.join(' ')).map((hit) => hit.id as string)
    const begun = [...known.values()]
      .filter((doc) => beginsWords(doc.title, typed))
      .sort((a, b) => a.title.localeCompare(b.title, 'en'))
      .map((doc) => doc.id)
    // A word of nearly every idea narrows nothing down.
    return begun.length || typed.some((word) => !EVERYWHERE.has(word)) ? begun : null
  })
  return { hits, reading }
}

import { computed, ref } from 'vue'
import { countWords, longDate, programDays } from '@core/base'
import { Unit, type PlanningStyle } from '@core/domain'
import { readThings, SKELETONS } from '@core/ideas'
import type { ThemeStarter } from '@core/library/starters'
import { firstStart, nextStart } from '@core/newHome'
import { newId } from '../api/newId'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { useKnownThings } from './useKnownThings'
import { useStarters } from './useStarters'

/** What is written down of a new unit, the unit that it makes, and what of it does not hold. */
export function useNewUnit() {
  const house = useHouse()
  const session = useSession()

  /** A first unit leaves time for a shopping trip. */
  const usualStart = () =>
    !house.home
      ? session.today
      : house.units.length
        ? nextStart(house.home, session.today)
        : firstStart(house.home, session.today)
  const style = ref<PlanningStyle>(house.home?.style ?? 'centers')
  const draft = ref({
    name: '',
    start: usualStart(),
    days: SKELETONS[style.value].days as number,
    interest: '',
    words: [] as string[],
    objects: '',
  })
  function choose(next: PlanningStyle) {
    if (draft.value.days === SKELETONS[style.value].days) draft.value.days = SKELETONS[next].days
    style.value = next
  }
  const known = useKnownThings()
  const objects = computed(() => readThings(draft.value.objects, known.value))
  const starters = useStarters(computed(() => draft.value.name))
  /** What was taken over from a theme that Kobby knows, and what stood there before. */
  const taken = ref<{ starter: ThemeStarter; before: { objects: string; words: string[] } } | null>(null)
  function take(starter: ThemeStarter) {
    const { objects, words } = draft.value
    taken.value = { starter, before: { objects, words } }
    draft.value.objects = [objects.trim(), ...starter.objects].filter(Boolean).join(', ')
    draft.value.words = [...new Set([...words, ...starter.words])]
  }
  function dropTaken() {
    if (taken.value) Object.assign(draft.value, taken.value.before)
    taken.value = null
  }
  const interests = computed(() => [...new Set(house.children.flatMap((child) => child.interests))])

  const unitId = newId()
  const unit = computed<Unit>(() => ({
    id: unitId,
    name: draft.value.name.trim(),
    start: draft.value.start,
    days: draft.value.days,
    style: style.value,
    bigIdea: taken.value?.starter.bigIdea ?? '',
    questions: [...(taken.value?.starter.questions ?? [])],
    words: draft.value.words,
    objects: objects.value,
    books: [],
    focus: {
      letter: taken.value?.starter.letter ?? '',
      number: taken.value ? String(taken.value.starter.number) : '',
      shape: '',
      colour: '',
    },
    interest: (draft.value.interest ?? '').trim(),
    budget: null,
    asked: {},
    closureHandling: {},
    events: [],
    slowProjects: [],
    note: '',
  }))
  const errors = computed(() => {
    const found: Record<string, string> = {}
    for (const issue of Unit.safeParse(unit.value).error?.issues ?? []) found[String(issue.path[0])] ??= issue.message
    return found
  })
  const covers = computed(() => {
    if (errors.value.start || errors.value.days || !house.home) return ''
    try {
      const { days, closures } = programDays(house.home, unit.value)
      return (
        `${longDate(days[0].date)} to ` +
        `${longDate(days[days.length - 1].date)}${closures.length ? `, past ${countWords(closures.length, 'closure')}` : ''}`
      )
    } catch (error) {
      return error instanceof Error ? error.message : ''
    }
  })
  const objectWords = computed(() => {
    const list = objects.value
    if (!list.length) return 'With commas between; a number before one is how many are in the house.'
    const knowledge = list.filter((one) => one.category).length
    return `${countWords(list.length, 'object')}: ${list
      .slice(0, 6)
      .map((one) => `${one.name}${one.onHand ? ` (${one.onHand})` : ''}`)
      .join(', ')}${list.length > 6 ? ' and more' : ''}. ${
      knowledge
        ? `What is commonly known of ${knowledge === list.length ? 'them' : knowledge} is filled in; ` +
          'change it in Spark.'
        : ''
    }`
  })

  return { draft, style, choose, known, objectWords, starters, taken, take, dropTaken, interests, unit, errors, covers }
}

import { computed, ref } from 'vue'
import type { Activity, Idea, Placement } from '@core/domain'
import { activityFrom, draftOf, emptyDraft, inTheme, type ActivityDraft } from '@core/ideas'
import { newId } from '../api/newId'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'
import type { Write } from '../stores/writer'
import { useKeptDraft } from './useKeptDraft'

/** What the parts of the form are called where something in them is wrong. */
const FIELDS: Record<string, string> = {
  title: 'the name',
  aim: 'the aim',
  centers: 'the center',
  domains: 'what it is for',
  variants: 'who does what',
  steps: 'the steps',
  needs: 'the materials',
  prep: 'the preparation',
  minutes: 'the minutes',
  say: 'what to ask',
  lookFor: 'what to look for',
  easier: 'easier',
  harder: 'harder',
  tidy: 'tidy up',
}

/** A draft that begins with what a half idea says: its first line, and its sketch as steps. */
function fromHalf(idea: Idea): ActivityDraft {
  return {
    ...emptyDraft(),
    title: idea.text
      .split('\n')[0]
      .replace(/https?:\/\/\S+/g, '')
      .trim()
      .slice(0, 120),
    steps: idea.sketch
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean)
      .slice(0, 9)
      .map((text, i) => ({ id: `s${i}`, text: text.slice(0, 400) })),
  }
}

/**
 * What is being written: one of the home's own ideas, a copy of one, a half idea made whole, or a new one.
 *
 * @param of where it begins, and the unit that it is written for
 */
export function useActivityDraft(of: {
  activityId: string | null
  copyOf: string | null
  ideaId: string | null
  unitId: string | null
}) {
  const house = useHouse()
  const store = useUnit()
  const known = house.activitiesById.get(of.activityId ?? '')
  // What ships is never changed in place: a later version would not know whose words they are.
  const copied = house.activitiesById.get(of.copyOf ?? '') ?? (known?.source === 'shipped' ? known : undefined)
  const own = known && known !== copied ? known : undefined
  const idea: Idea | undefined = [...store.ideas, ...store.loose].find((one) => one.id === of.ideaId)
  const lost = Boolean((of.activityId && !known) || (of.copyOf && !copied) || (of.ideaId && !idea))

  function begin(): ActivityDraft {
    if (own) return draftOf(own)
    // For a unit, the slots are filled in: what is changed is what was read there.
    if (copied) return draftOf(of.unitId && store.unit ? inTheme([copied], store.unit)[0] : copied)
    return idea ? fromHalf(idea) : emptyDraft()
  }
  const kept = useKeptDraft(`idea-${own?.id ?? copied?.id ?? idea?.id ?? 'new'}`, begin)
  const { draft } = kept

  const ownId = newId()
  const written = computed(() =>
    activityFrom(
      draft.value,
      own
        ? {
            id: own.id,
            source: own.source,
            pattern: own.pattern,
            origin: own.origin,
            archived: own.archived,
            variants: own.variants,
          }
        : {
            id: ownId,
            source: 'own',
            pattern: null,
            origin: copied ? { id: copied.id, title: draftOf(copied).title } : null,
            archived: false,
            variants: copied?.variants,
          },
    ),
  )
  const tried = ref(false)
  const errors = computed<Record<string, string>>(() => (tried.value ? (written.value.errors ?? {}) : {}))
  const faulty = computed(() => [
    ...new Set(Object.keys(errors.value).map((field) => FIELDS[field.split('.')[0]] ?? field)),
  ])

  /**
   * Everything that goes with saving: the idea takes its place in the basket, and on the plan where it was copied for
   * this unit.
   */
  function writesFor(activity: Activity): Write[] {
    const unitId = of.unitId && store.unit ? store.id : null
    const writes: Write[] = [{ put: 'activity', value: activity }]
    if (!unitId) return writes
    if (idea) return [...writes, { put: 'idea', value: { ...idea, unitId, activityId: activity.id } }]
    const gathered = copied && store.ideas.find((one) => one.activityId === copied.id)
    if (!gathered || !copied) return writes
    const planned = store.placements.filter((one) => one.activityId === copied.id && one.status === 'planned')
    return [
      ...writes,
      { put: 'idea', value: { ...gathered, activityId: activity.id } },
      ...planned.map((value) => ({
        put: 'placement' as const,
        value: { ...value, activityId: activity.id } as Placement,
      })),
    ]
  }

  return { own, copied, idea, lost, draft, written, kept, tried, errors, faulty, writesFor }
}

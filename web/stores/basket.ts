import { defineStore } from 'pinia'
import { canonical } from '@core/base'
import { newIdea, type Activity, type Idea } from '@core/domain'
import type { MadeActivity } from '@core/ideas'
import { newId } from '../api/newId'
import { useHouse } from './house'
import { useUnit } from './unit'

/** Characters that the address of an idea may have. */
const MOST_LINK = 500

/** The basket of the open unit: ideas that were gathered for it, whole or half. */
export const useBasket = defineStore('basket', () => {
  const unit = useUnit()
  const house = useHouse()
  const { titleOf } = unit

  function gather(activityId: string): void {
    void unit.commit(`Gather ${titleOf(activityId)}`, [{ put: 'idea', value: newIdea(newId(), unit.id, activityId) }])
  }

  /**
   * Gathers what a pattern made. Made before in the same words, it is taken from the library; else it goes in, with
   * what the home lacks of its materials.
   */
  function gatherMade({ activity, materials }: MadeActivity): void {
    const written = (one: Activity) => canonical({ ...one, id: '' })
    const known = house.activities.find((one) => one.pattern === activity.pattern && written(one) === written(activity))
    const id = known?.id ?? newId()
    void unit.commit(`Gather ${activity.title}`, [
      ...(known
        ? []
        : [
            ...materials
              .filter((one) => !house.materialsById.has(one.id))
              .map((value) => ({ put: 'material' as const, value })),
            { put: 'activity' as const, value: { ...activity, id } },
          ]),
      { put: 'idea', value: newIdea(newId(), unit.id, id) },
    ])
  }
  /**
   * Keeps half an idea, in the open unit's basket; what looks like an address in it is its link. False where nothing
   * was written.
   */
  function keepHalf(text: string): boolean {
    const words = text.trim()
    if (!words) return false
    const link = (/https?:\/\/\S+/i.exec(words)?.[0] ?? '').slice(0, MOST_LINK)
    void unit.commit('Keep an idea', [{ put: 'idea', value: { ...newIdea(newId(), unit.id, null, words), link } }])
    return true
  }
  const ideaOf = (activityId: string): Idea | undefined => unit.ideas.find((idea) => idea.activityId === activityId)
  /** Puts an idea out of the basket. Its place on the plan, where it has one, stays. */
  function leave(idea: Idea): void {
    void unit.commit(`Leave ${idea.activityId ? titleOf(idea.activityId) : 'an idea'}`, [
      { remove: 'idea', id: idea.id },
    ])
  }
  /** Gathers an idea in place of another one, in one step. */
  function exchange(activityId: string, otherId: string): void {
    const idea = ideaOf(activityId)
    if (!idea) return
    void unit.commit(`${titleOf(otherId)} in place of ${titleOf(activityId)}`, [
      { remove: 'idea', id: idea.id },
      ...(ideaOf(otherId) ? [] : [{ put: 'idea' as const, value: newIdea(newId(), unit.id, otherId) }]),
    ])
  }
  /** Takes a stretch of the unit's focus into an idea, or leaves it; null asks again. */
  function stretch(idea: Idea, id: string, answer: Idea['stretches'][string] | null): void {
    const { [id]: _, ...rest } = idea.stretches
    void unit.commit(
      `${titleOf(idea.activityId!)}: ${answer === 'taken' ? 'take' : answer === 'left' ? 'leave' : 'ask again about'} the ${id}`,
      [{ put: 'idea', value: { ...idea, stretches: answer ? { ...rest, [id]: answer } : rest } }],
    )
  }

  return { gather, gatherMade, keepHalf, ideaOf, leave, exchange, stretch }
})

import type { Activity } from './activity'

/**
 * What a tick calls the steps of an activity, in their order: by what they were named, else by where they first stood.
 */
export const stepIdsOf = ({ steps, stepIds }: Pick<Activity, 'steps' | 'stepIds'>): string[] =>
  steps.map((_, i) => stepIds[i] ?? `step-${i + 1}`)
/** The ids to keep with steps, from what each is to be called: none while each stands where it first stood. */
export const keptStepIds = (ids: readonly string[]): string[] =>
  ids.every((id, i) => id === `step-${i + 1}`) ? [] : [...ids]
/**
 * Ids for steps that were written anew, as in a table: a step that says the same is the same step, all others are new
 * ones.
 *
 * @param known the activity as it was, if it was there
 */
export function stepIdsFor(steps: readonly string[], known: Pick<Activity, 'steps' | 'stepIds'> | undefined): string[] {
  const before = new Map<string, string[]>()
  const had = known ? stepIdsOf(known) : []
  known?.steps.forEach((text, i) => before.set(text, [...(before.get(text) ?? []), had[i]]))
  const taken = new Set(had)
  let next = 0
  const fresh = () => {
    do next++
    while (taken.has(`step-${next}`))
    return `step-${next}`
  }
  return keptStepIds(steps.map((text) => before.get(text)?.shift() ?? fresh()))
}
/** What a tick calls that which one stage does. */
export const variantStepId = (variantId: string): string => `variant-${variantId}`

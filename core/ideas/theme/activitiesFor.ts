import type { Activity, Idea, Material, Unit } from '../../domain'
import { inTheme } from './slots'
import { stretched } from './stretch'
import { themeOf } from './theme'

/**
 * The library as one unit sees it: slots filled from its theme, and the stretches that were taken. Every computation
 * and every sheet of the unit starts from this, so that what is read is what is counted.
 */
export function activitiesFor(
  unit: Unit,
  ideas: readonly Idea[],
  activities: readonly Activity[],
  materials: ReadonlyMap<string, Material>,
): Activity[] {
  const answers = new Map(
    ideas.flatMap((idea) =>
      idea.activityId && Object.values(idea.stretches).includes('taken')
        ? [[idea.activityId, idea.stretches] as const]
        : [],
    ),
  )
  const themed = inTheme(activities, unit)
  if (!answers.size) return themed
  const theme = themeOf(unit)
  return themed.map((activity) => {
    const answer = answers.get(activity.id)
    return answer ? stretched(activity, theme, materials, answer) : activity
  })
}

import type { Activity } from '../../domain'
import type { Fit } from './fit'

/** What ideas can be ordered by: what fits the theme first is what she gathers by. */
export const IDEA_ORDERS = ['theme', 'fit', 'ready', 'cost', 'name'] as const
export type IdeaOrder = (typeof IDEA_ORDERS)[number]
export const ORDER_NAMES: Record<IdeaOrder, string> = {
  theme: 'Our theme first',
  fit: 'Suits the most children',
  ready: 'Ready the soonest',
  cost: 'Costs the least',
  name: 'By name',
}

interface Known {
  /** The thing or word of the theme that an idea is about; empty where it is about something else. */
  aboutOf: (activity: Activity) => string
  /** Asked only where the order is by how ideas fit. */
  fitOf: (activity: Activity) => Fit
}

const byName = (a: Activity, b: Activity) => a.title.localeCompare(b.title, 'en')
const takingPart = (fit: Fit) => fit.parts.filter((part) => part.does === 'takes-part').length

/** What names it in its title before what is about it otherwise, and that before the rest. */
const aboutRank = (title: string, about: string): number =>
  !about ? 2 : title.toLowerCase().includes(about.toLowerCase()) ? 0 : 1

/** Ideas in an order, by name among equals. The list that is given stays as it is. */
export function inOrder(activities: readonly Activity[], order: IdeaOrder, { aboutOf, fitOf }: Known): Activity[] {
  const keys: Record<IdeaOrder, (activity: Activity) => readonly number[]> = {
    theme: (one) => [aboutRank(one.title, aboutOf(one))],
    fit: (one) => [fitOf(one).everyone ? 0 : 1, -takingPart(fitOf(one))],
    ready: (one) => [fitOf(one).lead],
    cost: (one) => [fitOf(one).get.cost, fitOf(one).get.materials.length],
    name: () => [],
  }
  const keyed = activities.map((activity) => ({ activity, key: keys[order](activity) }))
  return keyed
    .sort((a, b) => {
      const differs = a.key.findIndex((value, i) => value !== b.key[i])
      return differs < 0 ? byName(a.activity, b.activity) : a.key[differs] - b.key[differs]
    })
    .map(({ activity }) => activity)
}

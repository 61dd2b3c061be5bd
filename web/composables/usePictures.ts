import type { Activity } from '@core/domain'
import { aboutTheme, type Theme } from '@core/ideas'
import { CENTER_PICTURES } from '@core/library/centerPictures'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** What each idea is about, by theme: every card asks. */
const abouts = new WeakMap<Theme, WeakMap<Activity, string>>()

/** What ideas are about in the open unit, and the small drawing that shows it. */
export function usePictures() {
  const store = useUnit()
  const house = useHouse()
  function aboutOf(activity: Activity): string {
    const { theme } = store
    if (!theme) return ''
    const known = abouts.get(theme) ?? new WeakMap<Activity, string>()
    abouts.set(theme, known)
    let about = known.get(activity)
    if (about === undefined) known.set(activity, (about = aboutTheme(activity, theme, house.materialsById)))
    return about
  }
  const ofTheme = (activity: Activity): string => {
    const about = aboutOf(activity)
    return (about && store.theme?.things.find((thing) => thing.one === about)?.picture) || ''
  }
  return {
    aboutOf,
    /** What it is about as it is said: a kite and a kite are kites, words stay as they are. */
    aboutWords: (activity: Activity): string => {
      const about = aboutOf(activity)
      return store.theme?.things.find((thing) => thing.one === about)?.many ?? about
    },
    /** The drawing of the thing that it is about; empty where that has none. */
    ofTheme,
    /** The same, else that of its center. */
    pictureOf: (activity: Activity): string => ofTheme(activity) || CENTER_PICTURES[activity.centers[0]],
  }
}

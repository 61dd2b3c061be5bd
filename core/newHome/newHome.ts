import {
  DEFAULT_STAGE_BOUNDS,
  EXAMPLE_RULES,
  NEW_HOME_RULES,
  newCenter,
  newChild,
  type Activity,
  type CalendarDate,
  type CenterKind,
  type Child,
  type Home,
  type LicenseRule,
  type Material,
  type PrepWindow,
  type TimeSpan,
  type WeeklyHours,
} from '../domain'
import { writePlanFile, type PlanFile } from '../papers'
import { CENTER_NAMES } from '../base'
import { stockedCupboard } from './cupboard'

/** What is asked of a child at the start: who, when born, and what changes what is safe. */
export interface FirstChild {
  name: string
  born: CalendarDate
  naps: TimeSpan[]
  allergens: Child['allergens']
  mouths: boolean
}

/** The answers that a home is made of. */
export interface FirstAnswers {
  name: string
  timeZone: string
  /** The first name of whoever answers. */
  provider: string
  children: FirstChild[]
  open: WeeklyHours
  centers: CenterKind[]
  /** Ids of what is in the house. */
  cupboard: readonly string[]
  license: { children: number; rule: LicenseRule['kind'] }
  prepWindows: PrepWindow[]
}

/** The order of a day in most homes; it is changed in Home. */
const FIRST_RHYTHM: Home['rhythm'] = [
  { id: 'circle', name: 'Circle', kind: 'circle', from: '09:15', to: '09:40' },
  { id: 'choice', name: 'Choice', kind: 'choice', from: '09:40', to: '10:30' },
  { id: 'outdoors', name: 'Outdoors', kind: 'outdoors', from: '10:30', to: '11:30' },
  { id: 'lunch', name: 'Lunch', kind: 'meal', from: '11:30', to: '12:45' },
  { id: 'nap', name: 'Nap', kind: 'nap', from: '12:45', to: '15:00' },
  { id: 'after', name: 'After', kind: 'after', from: '15:15', to: '16:30' },
]

/** How many fit at a center until she says: everyone on the rug and in the yard. */
const placesAt = (kind: CenterKind): number => (kind === 'circle' || kind === 'outdoors' ? 12 : 4)

/**
 * A home as its answers make it, with the shipped library moved in.
 *
 * @param library what ships
 * @param newId a new id, one each time
 */
export function newHome(
  answers: FirstAnswers,
  library: { materials: readonly Material[]; activities: readonly Activity[] },
  newId: () => string,
): PlanFile {
  const home: Home = {
    id: newId(),
    name: answers.name.trim() || 'My home',
    timeZone: answers.timeZone,
    currency: 'USD',
    measures: 'us',
    clock: '12h',
    dates: 'month-first',
    open: answers.open,
    closures: [],
    rhythm: FIRST_RHYTHM,
    stageBounds: DEFAULT_STAGE_BOUNDS,
    shoppingDays: ['sat'],
    askDaysAhead: 5,
    style: 'centers',
    moreAllergens: [],
    ...NEW_HOME_RULES,
    // What her license says is nobody’s to guess: the numbers stay an example until she says that they are hers.
    license: {
      children: answers.license.children,
      underTwo: null,
      example: true,
      rule: EXAMPLE_RULES[answers.license.rule],
    },
  }
  return writePlanFile({
    home,
    children: answers.children.map(({ name, born, naps, allergens, mouths }) => ({
      ...newChild(newId(), name.trim(), born, answers.open),
      naps,
      allergens,
      mouths,
    })),
    adults: [
      {
        id: newId(),
        name: answers.provider,
        role: 'provider',
        hours: answers.open,
        exceptions: [],
        prepWindows: answers.prepWindows,
        prepDays: [],
        note: '',
      },
    ],
    centers: answers.centers.map((kind) => ({ ...newCenter(kind, CENTER_NAMES[kind], kind), atOnce: placesAt(kind) })),
    materials: stockedCupboard(library.materials, new Set(answers.cupboard)),
    activities: [...library.activities],
    recipes: [],
    units: [],
    ideas: [],
    placements: [],
    purchases: [],
    promises: [],
    prepMarks: [],
    printSets: [],
    circles: [],
    pieces: [],
    circleLogs: [],
    books: [],
    stock: [],
    batches: [],
  })
}

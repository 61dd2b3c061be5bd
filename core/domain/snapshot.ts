import type { Activity } from './activity'
import type { Adult } from './adult'
import type { Book } from './book'
import type { Center } from './center'
import type { Child } from './child'
import type { Circle, CircleLog, Piece } from './circle'
import type { Home } from './home'
import type { Material } from './material'
import type { Placement } from './placement'
import type { PrepMark } from './prep'
import type { PrintSet } from './printSet'
import type { CalendarDate, TimeOfDay } from './primitives'
import type { Recipe } from './recipe'
import type { SpokenFor } from './spokenFor'
import type { FamilyPromise, Idea, Purchase, Unit } from './unit'

/** All that belongs to the home rather than to one unit. */
export interface House {
  home: Home
  children: Child[]
  adults: Adult[]
  centers: Center[]
  materials: Material[]
  activities: Activity[]
  /** Recipes of the home's own, and those of the library that its plans use. */
  recipes: Recipe[]
  /** Pieces of the repertoire: the home's own, and in a snapshot those that ship and are used as well. */
  pieces: Piece[]
  books: Book[]
  /** Circles that were held. */
  circleLogs: CircleLog[]
}

/** A unit with everything it refers to, and today: what every computation on a plan starts from. */
export interface UnitSnapshot extends House {
  unit: Unit
  placements: Placement[]
  ideas: Idea[]
  purchases: Purchase[]
  promises: FamilyPromise[]
  prepMarks: PrepMark[]
  printSets: PrintSet[]
  circles: Circle[]
  today: CalendarDate
  /** What of today is over; null where all of it counts as still to come. */
  now: TimeOfDay | null
  /** Last day of the unit that runs before this one; null where there is none. */
  lastDayBefore: CalendarDate | null
  /** What units that began before this one, and are not over, will still use up. */
  spokenFor: SpokenFor[]
}

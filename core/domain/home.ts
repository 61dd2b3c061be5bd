import { z } from 'zod'
import { BLOCK_KINDS } from './lists'
import { EXAMPLE_LICENSE, NEW_BIN_RULES, NEW_CIRCLE_RULES, NEW_PREP_RULES, NEW_PRINT_RULES } from './newRules'
import { BinContainer, BinRules } from './bin'
import { CircleRules } from './circle'
import { License } from './license'
import { PrepRules } from './prep'
import { PrintRules } from './printSet'
import {
  Allergen,
  CalendarDate,
  Id,
  LearningDomain,
  Line,
  OptionalLine,
  PlanningStyle,
  TimeOfDay,
  Weekday,
  WeeklyHours,
} from './primitives'

export const BlockKind = z.enum(BLOCK_KINDS)
export type BlockKind = z.infer<typeof BlockKind>

/** One block of the home's rhythm. */
export const RhythmBlock = z
  .strictObject({ id: Id, name: Line, kind: BlockKind, from: TimeOfDay, to: TimeOfDay })
  .refine((block) => block.from < block.to, { message: 'The end must come after the start', path: ['to'] })
export type RhythmBlock = z.infer<typeof RhythmBlock>

/** A date on which the home is closed. */
export const Closure = z.strictObject({ date: CalendarDate, reason: OptionalLine })
export type Closure = z.infer<typeof Closure>

/** From a date to a date, both in it. */
export const DateSpan = z
  .strictObject({ from: CalendarDate, to: CalendarDate })
  .refine((span) => span.from <= span.to, { message: 'It cannot end before it starts', path: ['to'] })

/** First age in completed months of each stage above infant; must rise. */
export const StageBounds = z
  .strictObject({
    youngToddler: z.number().int().min(1).max(240),
    olderToddler: z.number().int().min(1).max(240),
    preschool: z.number().int().min(1).max(240),
    schoolAge: z.number().int().min(1).max(240),
  })
  .refine((b) => b.youngToddler < b.olderToddler && b.olderToddler < b.preschool && b.preschool < b.schoolAge, {
    message: 'Each stage must start later than the one before',
    path: ['schoolAge'],
  })
export type StageBounds = z.infer<typeof StageBounds>
/** Stage bounds in completed months that a new home starts with. */
export const DEFAULT_STAGE_BOUNDS: StageBounds = { youngToddler: 12, olderToddler: 24, preschool: 36, schoolAge: 60 }

/** What a new home counts by until it says otherwise. */
export const NEW_HOME_RULES = {
  license: EXAMPLE_LICENSE,
  targets: {},
  dryingPlaces: 2,
  illness: null,
  shops: [],
  containers: [],
  binRules: NEW_BIN_RULES,
  prep: NEW_PREP_RULES,
  print: NEW_PRINT_RULES,
  circle: NEW_CIRCLE_RULES,
}

/** A shop, when someone goes there, and how long what is ordered there is on its way. */
export const Shop = z.strictObject({
  name: Line,
  /** None: on any of the home's shopping days. */
  weekdays: z.array(Weekday).max(7),
  /** Days from the order until it is in the house; 0 for what is carried home. */
  deliveryDays: z.number().int('Whole days').min(0).max(60, 'At most 60 days').default(0),
})
export type Shop = z.infer<typeof Shop>

/** The licensed family child care home and its settings. */
export const Home = z.strictObject({
  id: Id,
  name: Line,
  timeZone: z
    .string()
    .max(64)
    .refine((zone) => {
      try {
        return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }))
      } catch {
        return false
      }
    }, 'Use a time zone name such as America/New_York'),
  currency: z.string().regex(/^[A-Z]{3}$/, 'Use a currency code such as USD'),
  measures: z.enum(['metric', 'us']),
  /** How times of day are said. */
  clock: z.enum(['12h', '24h']).default('12h'),
  /** How dates are said: March 10, or 10 March. */
  dates: z.enum(['month-first', 'day-first']).default('month-first'),
  open: WeeklyHours,
  closures: z.array(Closure).max(1000),
  rhythm: z.array(RhythmBlock).max(40),
  stageBounds: StageBounds,
  /** Weekdays on which someone goes shopping. */
  shoppingDays: z.array(Weekday).max(7),
  /** Shops with days of their own, or that send. A shop that is not here is visited on any shopping day. */
  shops: z.array(Shop).max(40).default([]),
  /** How many days ahead an ask goes out to families. */
  askDaysAhead: z.number().int().min(0).max(60),
  style: PlanningStyle,
  /** Allergens that this home tracks besides the nine major ones. */
  moreAllergens: z.array(Allergen).max(40),
  license: License.default(EXAMPLE_LICENSE),
  /** Touches that each child should have in a full week, where they differ from the usual two; 0 is not aimed at. */
  targets: z.partialRecord(LearningDomain, z.number().int('Touches are whole').min(0).max(20)).default({}),
  /** Places on which wet work can lie or hang at once, each for one activity. */
  dryingPlaces: z.number().int().min(0).max(20).default(2),
  /** A stomach illness in the home, first to last day; null while there is none. */
  illness: DateSpan.nullable().default(null),
  /** Bins, tubs and trays of the house. */
  containers: z.array(BinContainer).max(40).default([]),
  binRules: BinRules.default(NEW_BIN_RULES),
  prep: PrepRules.default(NEW_PREP_RULES),
  print: PrintRules.default(NEW_PRINT_RULES),
  circle: CircleRules.default(NEW_CIRCLE_RULES),
})
export type Home = z.infer<typeof Home>

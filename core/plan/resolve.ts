import { byAge } from './byAge'
import { participants, partOf, type Occasion, type Part } from './participants'
import {
  byId,
  minutesOf,
  planMinute,
  timeOf,
  placeDates,
  programDays,
  type DateProblem,
  type ProgramDay,
  type ProgramDays,
  keep,
} from '../base'
import { hoursOn } from './presence'
import { withBin, withMix } from '../making'
import { unitPrints, withPrints } from '../printing'
import { blockOn, blocksOn, eventOn } from './blocks'
import { circleAsPlaced } from './circles'
import {
  takesPlacements,
  type Activity,
  type Center,
  type Child,
  type Circle,
  type Home,
  type Material,
  type Placement,
  type PrintSet,
  type Recipe,
  type RhythmBlock,
  type TimeOfDay,
  type Unit,
  type UnitSnapshot,
} from '../domain'

/**
 * A placement with its dates, its times and everyone's part in it: what needs, cautions and sheets are computed from.
 */
export interface Session {
  placement: Placement
  activity: Activity
  center: Center | null
  /** The block it lies in; null for a set-up. */
  block: RhythmBlock | null
  /** Every held day it covers, in order; at least one. */
  days: ProgramDay[]
  /** On its first day, and until when on its last. */
  from: TimeOfDay
  to: TimeOfDay
  /** Start, end, and end with tidying, as plan minutes. */
  start: number
  end: number
  freeAgain: number
  parts: Part[]
  /** Whether what it is mixed of is cooked, so that raw flour is raw no longer. */
  cooked: boolean
  /** What lies in its basket and is not of the pantry, in words. */
  besides?: readonly string[]
}

export interface ResolvedPlan {
  program: ProgramDays
  /** In order of start. */
  sessions: Session[]
  /** Circles of held days, each as if it were an idea on the plan; in order of time. */
  circles: Session[]
  problems: DateProblem[]
  materials: ReadonlyMap<string, Material>
  activities: ReadonlyMap<string, Activity>
  recipes: ReadonlyMap<string, Recipe>
  /** A stomach illness in the home. */
  illness: Home['illness']
  /** Placements whose end lies before today, or that are done or skipped, are behind us. */
  isBehind: (session: Session) => boolean
}
/** What stands on a plan under an id: an idea, or the circle of a day. */
export const sessionOf = (plan: Pick<ResolvedPlan, 'sessions' | 'circles'>, id: string | null): Session | undefined =>
  plan.sessions.find((one) => one.placement.id === id) ?? plan.circles.find((one) => one.placement.id === id)

const keptPrograms = keep<Unit, ProgramDays>()
const keptSessions = keep<Placement, Session | DateProblem | null>()
const keptMaterials = keep<readonly Material[], Map<string, Material>>()
const keptActivities = keep<readonly Activity[], Map<string, Activity>>()
const keptRecipes = keep<readonly Recipe[], Map<string, Recipe>>()
const keptCenters = keep<readonly Center[], Map<string, Center>>()

const RANK = { 'takes-part': 2, beside: 1, out: 0 } as const

/**
 * Blocks in which children use what stands at the centers, none of a special day's own; the whole opening time where
 * there are none.
 */
function freeBlocks(home: Home, unit: Pick<Unit, 'events'>, day: ProgramDay): { from: TimeOfDay; to: TimeOfDay }[] {
  const own = eventOn(unit, day.number)?.parts.map((part) => part.id) ?? []
  const all = own.length ? blocksOn(home, unit, day.number) : home.rhythm
  const blocks = all.filter(
    (block) =>
      (block.kind === 'choice' || block.kind === 'after' || block.kind === 'outdoors') && !own.includes(block.id),
  )
  const open = hoursOn({ pattern: home.open, exceptions: [] }, day.date)
  return blocks.length ? blocks : open ? [open] : []
}

/** Start and end of a moment: from its own start or the block's, for as long as the activity takes. */
export function momentSpan(
  activity: Pick<Activity, 'minutes'>,
  block: Pick<RhythmBlock, 'from'>,
  from: TimeOfDay | null,
) {
  const start = from ?? block.from
  return { from: start, to: timeOf(minutesOf(start) + activity.minutes.do) }
}

/**
 * The parts of every child in a placement, were it to lie there: used for what is placed and for what is only tried.
 */
export function partsOf(
  house: { home: Home; children: Child[]; unit: Pick<Unit, 'events'> },
  materials: ReadonlyMap<string, Material>,
  activity: Activity,
  placement: Pick<Placement, 'where' | 'keptOut' | 'swaps'>,
  days: ProgramDay[],
  span: { from: TimeOfDay; to: TimeOfDay },
): Part[] {
  const { home, children, unit } = house
  const common = { home, children, materials, keptOut: placement.keptOut, swaps: placement.swaps }
  if (placement.where.kind === 'moment') return participants(activity, { ...common, date: days[0].date, ...span })
  const occasions = days.flatMap((day) =>
    freeBlocks(home, unit, day).map((block): Occasion => ({
      ...common,
      date: day.date,
      from: block.from,
      to: block.to,
    })),
  )
  return byAge(children).map((child) => bestPart(activity, child, occasions))
}

/** A child's best part over several occasions: someone who takes part on one day of a set-up takes part in it. */
function bestPart(activity: Activity, child: Child, occasions: readonly Occasion[]): Part {
  let best: Part | null = null
  for (const occasion of occasions) {
    const part = partOf(activity, child, occasion)
    if (part.does === 'takes-part') return part
    if (!best || RANK[part.does] > RANK[best.does]) best = part
  }
  return best ?? { child, stage: null, does: 'out', variant: null, reason: 'not-here' }
}

/** What resolving one placement looks things up in. */
interface Lookups {
  materials: ReadonlyMap<string, Material>
  activities: ReadonlyMap<string, Activity>
  centers: ReadonlyMap<string, Center>
  recipes: ReadonlyMap<string, Recipe>
}

/**
 * An activity with its recipe, and everyone's part in it. Who takes part follows from what goes in, and how much goes in
 * from who takes part: what goes in is settled first, whatever the amount.
 */
function mixed(
  snapshot: UnitSnapshot,
  activity: Activity,
  recipe: Recipe,
  materials: ReadonlyMap<string, Material>,
  placement: Placement,
  days: ProgramDay[],
  span: { from: TimeOfDay; to: TimeOfDay },
): { activity: Activity; parts: Part[] } {
  const kitchen = { materials, measures: snapshot.home.measures }
  const partsIn = (one: Activity) => partsOf(snapshot, materials, one, placement, days, span)
  const parts = partsIn(withMix(activity, placement.mix!, recipe, recipe.stages, kitchen))
  const stages = parts.flatMap((part) => (part.does === 'takes-part' ? [part.stage] : []))
  return { activity: withMix(activity, placement.mix!, recipe, stages, kitchen), parts }
}

/**
 * One placement on its dates; the problem where it has no block then, and null where its activity is gone or it has no
 * date.
 */
function sessionOn(
  snapshot: UnitSnapshot,
  { materials, activities, centers, recipes }: Lookups,
  placement: Placement,
  days: ProgramDay[],
  ofUnit: readonly PrintSet[] = [],
): Session | DateProblem | null {
  const { home, unit } = snapshot
  const { where } = placement
  const idea = activities.get(placement.activityId)
  if (!idea || !days.length) return null
  const filled = placement.bin ? withBin(idea, placement.bin, materials) : idea
  const prints = [...snapshot.printSets.filter((one) => one.placementId === placement.id), ...ofUnit]
  const activity = prints.length ? withPrints(filled, prints, (id) => materials.has(id)) : filled
  const [first, last] = [days[0], days[days.length - 1]]
  const center = placement.centerId === null ? null : (centers.get(placement.centerId) ?? null)
  const block = where.kind === 'moment' ? (blockOn(home, unit, first.number, where.blockId) ?? null) : null
  if (where.kind === 'moment' && !block) {
    const event = eventOn(unit, first.number)
    return {
      placementId: placement.id,
      kind: 'no-block',
      message: event
        ? `${event.name} takes its place on day ${first.number}`
        : 'Its block is no longer in the rhythm of the day',
    }
  }
  const span =
    where.kind === 'moment'
      ? momentSpan(activity, block!, where.from)
      : {
          from: hoursOn({ pattern: home.open, exceptions: [] }, first.date)?.from ?? '00:00',
          to: hoursOn({ pattern: home.open, exceptions: [] }, last.date)?.to ?? '23:59',
        }
  const end = planMinute(last.date, span.to)
  const recipe = placement.mix && recipes.get(placement.mix.recipeId)
  const whole = recipe ? mixed(snapshot, activity, recipe, materials, placement, days, span) : { activity, parts: null }
  return {
    placement,
    activity: whole.activity,
    center,
    block,
    days,
    ...span,
    parts: whole.parts ?? partsOf(snapshot, materials, activity, placement, days, span),
    cooked: Boolean(recipe?.cooked && placement.mix?.before),
    start: planMinute(first.date, span.from),
    end,
    freeAgain: end + activity.minutes.clear,
  }
}

const keptCircles = keep<Circle, Session | null>()

/** The circles of a unit as sessions: of days that are held and have a block for it. */
function circlesOn(snapshot: UnitSnapshot, program: ProgramDays, materials: ReadonlyMap<string, Material>): Session[] {
  const { home, unit, pieces, books, centers, children } = snapshot
  const from = [home, unit, children, centers, materials, snapshot.printSets, ...books, ...pieces]
  return snapshot.circles
    .flatMap((circle) => {
      const day = program.days.find((one) => one.number === circle.day && one.held)
      const block = day && blocksOn(home, unit, day.number).find((one) => one.kind === 'circle')
      if (!day || !block) return []
      const isOver = snapshot.circleLogs.some((log) => log.date === day.date)
      return (
        keptCircles(circle, [...from, isOver], (): Session | null => {
          const held = circleAsPlaced(circle, block, snapshot, materials, isOver)
          if (!held) return null
          const prints = snapshot.printSets.filter((one) => one.placementId === circle.id)
          const placed = { ...held, activity: withPrints(held.activity, prints, (id) => materials.has(id)) }
          const span = { from: block.from, to: block.to }
          const [start, end] = [planMinute(day.date, span.from), planMinute(day.date, span.to)]
          return {
            ...placed,
            center: centers.find((one) => one.id === placed.placement.centerId) ?? null,
            block,
            days: [day],
            ...span,
            parts: partsOf(snapshot, materials, placed.activity, placed.placement, [day], span),
            cooked: false,
            start,
            end,
            freeAgain: end,
          }
        }) ?? []
      )
    })
    .sort((a, b) => a.start - b.start)
}

/**
 * Resolves a snapshot once: dates, times and parts of every placement. A placement that cannot be resolved (dropped
 * day, block gone from the rhythm) is not lost: it stands in `problems`.
 */
export function resolvePlan(snapshot: UnitSnapshot): ResolvedPlan {
  const { home, unit, today } = snapshot
  const program = keptPrograms(unit, [home], () => programDays(home, unit))
  const { materials, activities, centers, children, recipes } = snapshot
  const lookups = {
    materials: keptMaterials(materials, [], () => byId(materials)),
    activities: keptActivities(activities, [], () => byId(activities)),
    centers: keptCenters(centers, [], () => byId(centers)),
    recipes: keptRecipes(recipes, [], () => byId(recipes)),
  }
  const from = [
    home,
    unit,
    children,
    snapshot.printSets,
    lookups.materials,
    lookups.activities,
    lookups.centers,
    lookups.recipes,
  ]
  const sessions: Session[] = []
  const problems: DateProblem[] = []
  const dated = placeDates(snapshot.placements, program)
  const shared = unitPrints(
    snapshot.printSets,
    dated.flatMap(({ placement, days }) =>
      days.length ? [{ id: placement.id, date: days[0].date, open: placement.status === 'planned' }] : [],
    ),
    today,
  )
  for (const { placement, days, problem } of dated) {
    if (problem) problems.push(problem)
    const ofUnit = shared.get(placement.id) ?? []
    const marked = [...from, ofUnit.map((set) => set.id).join(' ')]
    const found = keptSessions(placement, marked, () => sessionOn(snapshot, lookups, placement, days, ofUnit))
    if (!found) continue
    if ('placementId' in found) problems.push(found)
    else sessions.push(found)
  }
  sessions.sort((a, b) => a.start - b.start || (a.placement.id < b.placement.id ? -1 : 1))
  const isBehind = (session: Session) =>
    session.placement.status !== 'planned' || session.days[session.days.length - 1].date < today
  return {
    program,
    sessions,
    circles: circlesOn(snapshot, program, lookups.materials),
    problems,
    materials: lookups.materials,
    activities: lookups.activities,
    recipes: lookups.recipes,
    illness: home.illness,
    isBehind,
  }
}

/** A placement as it would be, were it on the plan; null where it would have no date or no block. */
export function trySession(snapshot: UnitSnapshot, plan: ResolvedPlan, placement: Placement): Session | null {
  const [{ days }] = placeDates([placement], plan.program)
  const found = sessionOn(
    snapshot,
    {
      materials: plan.materials,
      activities: plan.activities,
      recipes: plan.recipes,
      centers: byId(snapshot.centers),
    },
    placement,
    days,
  )
  return found && !('placementId' in found) ? found : null
}

/** Blocks of the rhythm that take placements, in order of time. */
export const plannableBlocks = (home: Pick<Home, 'rhythm'>): RhythmBlock[] =>
  home.rhythm.filter((block) => takesPlacements(block.kind)).sort((a, b) => (a.from < b.from ? -1 : 1))
/** Blocks of one program day that take placements, in order of time. */
export const plannableOn = (home: Pick<Home, 'rhythm'>, unit: Pick<Unit, 'events'>, day: number): RhythmBlock[] =>
  blocksOn(home, unit, day).filter((block) => takesPlacements(block.kind))

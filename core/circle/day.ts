import { completedMonths, minutesOf } from '../base'
import {
  rangeOf,
  type Adult,
  type CalendarDate,
  type Child,
  type Circle,
  type CircleRules,
  type Piece,
  type RhythmBlock,
  type UnitSnapshot,
} from '../domain'
import { blocksOn, presentAt, stageOn, type ResolvedPlan, type Session } from '../plan'
import { adultHours } from '../readings'
import {
  groupSitting,
  sittingOf,
  stretchesOf,
  whoGetsUp,
  type GetsUp,
  type SittingLimits,
  type Stretch,
} from './attention'
import type { Listeners } from './books'
import { endsWell, energyLine, type ComesAfter } from './energy'
import { fitCircle, type CircleFit } from './fit'
import { inCircleOrder } from './items'
import { partsOn, thingsFor, type PartOn } from './plan'
import { pieceTitle } from './rhymes'
import { turnOrder, type NextTurn, type Turn } from './turns'

/** Birthdays, in months, from which on each of the home's minutes holds. */
const FROM_MONTHS = [12, 24, 36, 48, 60]
/** How long children sit, as the home says. */
export const sittingLimits = (rules: CircleRules): SittingLimits =>
  rules.sitting.map((minutes, i) => ({ fromMonths: FROM_MONTHS[i], minutes }))

/** Turns that a new circle has. */
export const USUAL_TURNS = ['Opens the circle', 'Takes one away']
/** A circle of a day on which nothing is planned yet. */
export const newCircle = (unitId: string, day: number): Circle => ({
  id: `circle-${unitId}-${day}`.slice(0, 64),
  unitId,
  day,
  parts: [],
  turns: USUAL_TURNS.map((what) => ({ what, childId: null })),
  setAside: [],
})

/** Whose turn it is for one special thing, and all who could have it, the next first. */
export interface TurnOn {
  what: string
  /** As she chose; null as it comes out fair. */
  childId: string | null
  order: NextTurn<Child>[]
  next: NextTurn<Child> | null
}

/** When and for whom a circle is held. */
export interface CircleDay {
  number: number
  date: string
  block: RhythmBlock
  /** What is planned in its block beside it, and takes its time of it. */
  planned: Session[]
  /** Minutes that it has. */
  window: number
  /** Who is there and awake meanwhile. */
  expected: Child[]
  /** Those who can have a turn: babies lie beside. */
  able: Child[]
  listeners: Listeners
  limits: SittingLimits
  /** Adults who are there for all of it beside whoever leads: with them goes who cannot sit any longer. */
  helpers: Adult[]
  after: ComesAfter
}

/** Adults on duty for all of a block, without the one who leads: the provider, where there is one. */
function helpersOf(adults: readonly Adult[], date: CalendarDate, block: RhythmBlock): Adult[] {
  const here = adults.filter((adult) => {
    const hours = adultHours(adult, date)
    return hours !== null && hours.from <= block.from && hours.to >= block.to
  })
  const leads = here.find((adult) => adult.role === 'provider') ?? here[0]
  return here.filter((adult) => adult !== leads)
}

/** The circle of a program day: its time and who is there; null where the day is not held or has no circle. */
export function circleDay(snapshot: UnitSnapshot, plan: ResolvedPlan, number: number): CircleDay | null {
  const { home, unit, children } = snapshot
  const day = plan.program.days.find((one) => one.number === number && one.held)
  if (!day) return null
  const blocks = blocksOn(home, unit, number)
  const at = blocks.findIndex((one) => one.kind === 'circle')
  if (at < 0) return null
  const block = blocks[at]
  const { date } = day
  const planned = plan.sessions.filter((one) => one.block?.id === block.id && one.days[0].number === number)
  const taken = planned.reduce((sum, one) => sum + one.activity.minutes.do, 0)
  const limits = sittingLimits(home.circle)
  const expected = children.filter(
    (child) => child.born <= date && presentAt(child, date, block.from, block.to) === 'here',
  )
  const able = expected.filter((child) => sittingOf(completedMonths(child.born, date), limits) !== null)
  const next = (blocks[at + 1] as RhythmBlock | undefined)?.kind
  return {
    number,
    date,
    block,
    planned,
    window: Math.max(0, minutesOf(block.to) - minutesOf(block.from) - taken),
    expected,
    able,
    listeners: {
      sitting: groupSitting(expected, date, limits),
      stages: able.map((child) => stageOn(child, date, home.stageBounds)),
    },
    limits,
    helpers: helpersOf(snapshot.adults, date, block),
    after: next === 'meal' || next === 'nap' || next === 'outdoors' ? next : next === 'choice' ? 'table' : 'other',
  }
}

/** A circle as it will go: what it is made of, how it fits, who sits how long, and whose turn it is. */
export interface CircleShown {
  parts: PartOn[]
  fit: CircleFit
  line: number[]
  stretches: Stretch[]
  getsUp: GetsUp<Child>[]
  calmEnd: boolean
  turns: TurnOn[]
}

/** Whose turn it is for each special thing: as she chose, else fair among those who are there, nobody twice. */
export function turnsOn(turns: Circle['turns'], able: readonly Child[], logs: UnitSnapshot['circleLogs']): TurnOn[] {
  const had = logs.flatMap((log) =>
    log.turns.map((turn): Turn => ({ kind: turn.what, childId: turn.childId, date: log.date })),
  )
  const held = logs.map((log) => log.date)
  const taken = new Set<string>()
  return turns.map((turn) => {
    const order = turnOrder(turn.what, able, had, held)
    const chosen = order.find((one) => one.child.id === turn.childId)
    const next = chosen ?? order.find((one) => !taken.has(one.child.id)) ?? order[0] ?? null
    if (next as NextTurn<Child> | null) taken.add(next.child.id)
    return { ...turn, order, next: next as NextTurn<Child> | null }
  })
}

/** The title of a piece as a part names it: with the thing and the number that it counts. */
export function partTitle(
  piece: Piece,
  part: Circle['parts'][number],
  objects: UnitSnapshot['unit']['objects'],
): string {
  const range = rangeOf(piece, part)
  return pieceTitle(piece, thingsFor(part, objects)[0], range ? Math.max(range.from, range.to) : 1)
}

/** What a circle comes to on its day. */
export function circleShown(
  circle: Circle,
  on: CircleDay,
  { pieces, books, circleLogs, unit }: Pick<UnitSnapshot, 'pieces' | 'books' | 'circleLogs' | 'unit'>,
): CircleShown {
  const byId = new Map(pieces.map((one) => [one.id, one]))
  const titled = partsOn(circle, byId, (piece, part) => partTitle(piece, part, unit.objects), {
    books,
    listeners: on.listeners,
  })
  const parts = inCircleOrder(titled.map((one) => ({ kind: one.item.kind, one }))).map(({ one }) => one)
  const items = parts.map((one) => one.item)
  const fit = fitCircle(items, on.window)
  const line = energyLine(items.map((one) => one.energy))
  return {
    parts,
    fit,
    line,
    stretches: stretchesOf(items, fit.minutes),
    getsUp: whoGetsUp(items, fit.minutes, on.expected, on.date, on.limits),
    calmEnd: endsWell(line, on.after),
    turns: turnsOn(circle.turns, on.able, circleLogs),
  }
}

/** The circle that is planned for a program day, as it will go; null where none is, or nothing is in it. */
export function circleOn(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  number: number,
): { on: CircleDay; shown: CircleShown } | null {
  const circle = snapshot.circles.find((one) => one.day === number)
  const on = circle && circleDay(snapshot, plan, number)
  if (!on) return null
  const shown = circleShown(circle, on, snapshot)
  return shown.parts.length ? { on, shown } : null
}

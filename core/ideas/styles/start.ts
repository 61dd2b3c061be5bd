import { programDays, byId } from '../../base'
import {
  newIdea,
  type Activity,
  type House,
  type Idea,
  type Material,
  type Placement,
  type Unit,
  type UnitSnapshot,
  type Where,
} from '../../domain'
import { fitOf, trialCautions } from '../fit'
import { applyAll, type Paper } from '../patterns'
import { resolvePlan, canPlace, newPlacement } from '../../plan'
import { interestWords, inTheme, speaksOf, takesTheme, themeOf } from '../theme'
import { SKELETONS, type Slot } from './skeleton'

/** What a unit begins with: ideas in the basket and on the plan, and what patterns made for it. */
export interface Start {
  ideas: Idea[]
  placements: Placement[]
  activities: Activity[]
  materials: Material[]
}

export interface StartOptions {
  paper: Paper
  shipped: ReadonlyMap<string, Material>
  /** A new id, one each time. */
  newId: () => string
}

/**
 * Points of an idea for a slot: on the theme, for everyone, all in the house, nothing to be careful of. Higher is
 * better.
 */
const POINTS = {
  theme: 8,
  interest: 12,
  everyone: 4,
  inHouse: 3,
  perMissing: -1.5,
  stop: -8,
  change: -5,
  perPlace: -0.01,
}

/** Ideas of a start that no slot takes, so that the basket has more to choose from. */
const MORE_PATTERNS = 6

/**
 * Fills the skeleton of a unit's style: for each slot the idea that suits best, none twice, and only where it can lie.
 * The same unit, home and library give the same start.
 *
 * @param unit new, with its theme, start, length and style
 */
export function startOf(unit: Unit, house: House, today: string, options: StartOptions): Start {
  const skeleton = SKELETONS[unit.style]
  const theme = themeOf(unit)
  const made = applyAll(theme, options).flatMap((result) => (result.made ? [result.made] : []))
  const patterns = made.map((one) => ({ ...one, activity: { ...one.activity, id: options.newId() } }))
  const known = new Set(house.materials.map((material) => material.id))
  const start: Start = { ideas: [], placements: [], activities: [], materials: [] }
  const materials = byId([
    ...house.materials,
    ...patterns.flatMap((one) => one.materials.filter((material) => !known.has(material.id))),
  ])
  const library = house.activities.filter((activity) => !activity.archived)
  const days = programDays(house.home, unit).days.filter((day) => day.held)
  const dates = days.map((day) => day.date)
  const wanted = interestWords(unit.interest)

  const context = { home: house.home, children: house.children, centers: house.centers, materials, dates }
  const points = new Map(
    library.map((activity, i) => {
      const fit = fitOf(activity, context)
      const severities = new Set(trialCautions(fit, context).map((one) => one.severity))
      const text = `${activity.title} ${activity.aim}`.toLowerCase()
      const sum =
        (takesTheme(activity) || theme.things.some((thing) => text.includes(thing.one.toLowerCase()))
          ? POINTS.theme
          : 0) +
        (speaksOf(activity, wanted) ? POINTS.interest : 0) +
        (fit.everyone ? POINTS.everyone : 0) +
        (fit.get.materials.length ? fit.get.materials.length * POINTS.perMissing : POINTS.inHouse) +
        (severities.has('stop') ? POINTS.stop : severities.has('change') ? POINTS.change : 0) +
        i * POINTS.perPlace
      return [activity.id, fit.parts.some((part) => part.does === 'takes-part') ? sum : -Infinity] as const
    }),
  )
  const used = new Set<string>()
  const all = [...inTheme(library, unit), ...patterns.map((one) => one.activity)]
  // The plan so far decides what still fits; it is resolved anew only when something was laid down.
  const snapshot = (): UnitSnapshot => ({
    ...house,
    materials: [...materials.values()],
    activities: all,
    unit,
    placements: start.placements,
    ideas: [],
    purchases: [],
    promises: [],
    today,
    lastDayBefore: null,
    spokenFor: [],
  })
  let plan = resolvePlan(snapshot())

  const lay = (activityId: string, where: Where): boolean => {
    const verdict = canPlace(snapshot(), plan, { activityId, where })
    if (!verdict.ok) return false
    start.placements.push(newPlacement(options.newId(), unit.id, activityId, where, verdict.centerId))
    plan = resolvePlan(snapshot())
    return true
  }
  const gather = (activityId: string): void => {
    if (used.has(activityId)) return
    used.add(activityId)
    start.ideas.push(newIdea(options.newId(), unit.id, activityId))
    const pattern = patterns.find((one) => one.activity.id === activityId)
    if (!pattern) return
    start.activities.push(pattern.activity)
    for (const material of pattern.materials) {
      if (known.has(material.id)) continue
      known.add(material.id)
      start.materials.push(material)
    }
  }
  const candidates = (slot: Extract<Slot, { centers: unknown }>): Activity[] =>
    library
      .filter(
        (one) =>
          slot.centers.includes(one.centers[0]) &&
          !used.has(one.id) &&
          points.get(one.id)! > -Infinity &&
          (slot.kind !== 'set-up' || one.standing),
      )
      .sort((a, b) => points.get(b.id)! - points.get(a.id)!)
  const ownTrays = patterns.filter((one) => one.activity.standing && one.activity.centers[0] === 'tray-shelf')

  for (const slot of skeleton.slots) {
    if (slot.kind === 'set-up') {
      const trays =
        slot.centers[0] === 'tray-shelf' ? ownTrays.slice(0, Math.floor(slot.count / 2)).map((one) => one.activity) : []
      let count = 0
      for (const activity of [...trays, ...candidates(slot)]) {
        if (count >= slot.count) break
        if (!lay(activity.id, { kind: 'set-up', fromDay: 1, toDay: unit.days })) continue
        gather(activity.id)
        count++
      }
    } else {
      const blocks = house.home.rhythm.filter((block) => block.kind === slot.block)
      const pool = slot.kind === 'pattern' ? patterns.map((one) => one.activity) : candidates(slot)
      const runs = slot.kind === 'pattern' ? 1 : slot.daysEach
      let next = 0
      for (let i = 0; i < days.length && blocks.length; i += runs) {
        for (let laid = false; !laid && next < pool.length; next++) {
          for (const day of days.slice(i, i + runs))
            laid = lay(pool[next].id, { kind: 'moment', day: day.number, blockId: blocks[0].id, from: null }) || laid
          if (laid) gather(pool[next].id)
        }
      }
    }
  }
  for (const one of patterns.slice(0, MORE_PATTERNS)) gather(one.activity.id)
  return start
}

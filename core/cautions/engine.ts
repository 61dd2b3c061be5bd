import { isCircle } from '../plan'
import {
  awakeDuring,
  childHours,
  napsDuring,
  byAge,
  centersFor,
  standingAt,
  partsOf,
  plannableOn,
  type ResolvedPlan,
  type Session,
  usersOf,
} from '../plan'
import { completedMonths, minutesOf, timeOf, spanWords, listWords, keep } from '../base'
import type { Material, TimeOfDay, UnitSnapshot } from '../domain'
import {
  CAUTION_RULES,
  UNMEASURED,
  type CautionRule,
  type Exposure,
  type MaterialRule,
  type Occurrence,
  type Reaching,
  type Severity,
} from './rules'

/** Something that can be done about a caution. All but `advice` are one click. */
export type CautionRemedy =
  | { kind: 'swap'; requirementId: string; materialId: string; words: string }
  | { kind: 'move'; blockId: string; from: TimeOfDay; words: string }
  | { kind: 'center'; centerId: string; words: string }
  | { kind: 'apart'; words: string }
  | { kind: 'keep-out'; childIds: string[]; words: string }
  | { kind: 'measure'; materialId: string; goesThrough: boolean; words: string }
  | { kind: 'advice'; words: string }

/** A caution that stands on a placement. */
export interface Caution {
  rule: CautionRule
  severity: Severity
  session: Session
  /** Null where the caution is about where and when it is done. */
  material: Material | null
  /** Empty where there is no material. */
  requirementId: string
  childIds: string[]
  why: string
  /** The provider's reason, where a `change` was set aside. */
  setAside: string | null
}

/** The rule that heat makes an end of. */
const RAW_FLOUR = 'raw-flour'

/** How finely other times are tried, and how finely the end of a safe time is found, in minutes. */
const TRY_EVERY = 15
const EXTEND_BY = 5

/**
 * Children who are awake in the house at some time of the session and can come near it, as old as on their first day
 * there.
 */
function childrenInReach(session: Session): Reaching[] {
  const { placement, days, from, to, parts } = session
  return parts.flatMap(({ child, does }) => {
    const day = days.find(({ date }) =>
      placement.where.kind === 'moment' ? awakeDuring(child, date, from, to) : childHours(child, date) !== null,
    )
    return day ? [{ child, months: completedMonths(child.born, day.date), takesPart: does === 'takes-part' }] : []
  })
}

/** Children who sleep where the session is, while it is there. */
function childrenAsleep(session: Session): Reaching[] {
  const { days, placement, parts } = session
  return parts.flatMap(({ child }) => {
    const span = placement.where.kind === 'moment' ? { from: session.from, to: session.to } : null
    const day = days.find(({ date }) => napsDuring(child, date, span))
    return day ? [{ child, months: completedMonths(child.born, day.date), takesPart: false }] : []
  })
}

function riskyFor(rule: MaterialRule, exposure: Exposure, reach: readonly Reaching[]): Reaching[] {
  if (!rule.concerns(exposure)) return []
  const near = exposure.placement.apart && rule.apartHelps ? reach.filter((one) => one.takesPart) : reach
  return near.filter((one) => rule.atRisk(one, exposure))
}

function occurrenceOf(
  session: Pick<Session, 'activity' | 'placement' | 'center' | 'block' | 'days'>,
  illness: ResolvedPlan['illness'],
): Occurrence {
  const { activity, placement, center, block, days } = session
  return {
    activity,
    placement,
    center,
    outdoors: center?.where === 'outdoors' || block?.kind === 'outdoors',
    illness: illness !== null && days.some((day) => day.date >= illness.from && day.date <= illness.to),
  }
}

/** The first time of the same day at which it can be done with nobody at risk awake, and how long that lasts. */
function saferTime(
  rule: MaterialRule,
  exposure: Exposure,
  session: Session,
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
) {
  const { activity, placement } = exposure
  const day = session.days[0]
  const risky = (from: TimeOfDay, to: TimeOfDay) =>
    snapshot.children.some((child) => {
      if (!awakeDuring(child, day.date, from, to)) return false
      return rule.atRisk({ child, months: completedMonths(child.born, day.date), takesPart: false }, exposure)
    })
  for (const block of plannableOn(snapshot.home, snapshot.unit, day.number)) {
    const last = minutesOf(block.to) - activity.minutes.do
    for (let start = minutesOf(block.from); start <= last; start += TRY_EVERY) {
      const span = { from: timeOf(start), to: timeOf(start + activity.minutes.do) }
      if (risky(span.from, span.to)) continue
      const where = { kind: 'moment' as const, day: day.number, blockId: block.id, from: span.from }
      const parts = partsOf(snapshot, plan.materials, activity, { ...placement, where }, [day], span)
      if (!parts.some((part) => part.does === 'takes-part')) continue
      let end = minutesOf(span.to)
      while (end + EXTEND_BY <= minutesOf(block.to) && !risky(span.from, timeOf(end + EXTEND_BY))) end += EXTEND_BY
      return { blockId: block.id, from: span.from, to: timeOf(end) }
    }
  }
  return null
}

/**
 * What can be done about a caution: another material, another time, a gate, leaving out those at risk. Each is tried
 * before it is offered, so that none brings a new stop. Computed when it is shown, since trying other times costs more
 * than finding cautions.
 */
export function remediesOf(caution: Caution, snapshot: UnitSnapshot, plan: ResolvedPlan): CautionRemedy[] {
  const { rule, session, material } = caution
  if (rule.about === 'occasion' || !material) return [{ kind: 'advice', words: rule.advice }]
  if (isCircle(session))
    return [
      { kind: 'advice', words: `Leave what takes ${material.name} out of the circle.` },
      { kind: 'advice', words: rule.advice },
    ]
  const requirement = session.activity.requirements.find((one) => one.id === caution.requirementId)!
  const exposure: Exposure = { ...occurrenceOf(session, plan.illness), requirement, material }
  const risky = (rule.asleep ? childrenAsleep(session) : childrenInReach(session)).filter((one) =>
    caution.childIds.includes(one.child.id),
  )
  const remedies: CautionRemedy[] =
    rule.id === UNMEASURED
      ? [
          { kind: 'measure', materialId: material.id, goesThrough: false, words: 'It is too big to go through' },
          { kind: 'measure', materialId: material.id, goesThrough: true, words: 'It goes through' },
        ]
      : []
  for (const id of [...requirement.alternatives, requirement.materialId]) {
    const other = plan.materials.get(id)
    if (!other || id === material.id) continue
    const swapped = { ...exposure, material: other }
    const safe = CAUTION_RULES.every(
      (one) =>
        one.about === 'occasion' ||
        (one.severity !== 'stop' && one.id !== rule.id) ||
        riskyFor(one, swapped, risky).length === 0,
    )
    if (safe) remedies.push({ kind: 'swap', requirementId: requirement.id, materialId: id, words: `Use ${other.name}` })
  }
  if (rule.asleep) {
    const other = centersFor(session.activity, snapshot.centers).find(
      (center) => !center.sleeps && !standingAt(center.id, session.placement.where, snapshot, session.placement.id),
    )
    if (other) remedies.push({ kind: 'center', centerId: other.id, words: `Do it at ${other.name}` })
  } else if (session.placement.where.kind === 'moment' && rule.severity !== 'watch') {
    const time = saferTime(rule, exposure, session, snapshot, plan)
    if (time)
      remedies.push({
        kind: 'move',
        blockId: time.blockId,
        from: time.from,
        words: `Do it ${spanWords(time)}`,
      })
  }
  if (rule.apartHelps && rule.severity !== 'watch') {
    const inIt = risky.filter((one) => one.takesPart)
    const others = session.parts.some(
      (part) => part.does === 'takes-part' && !inIt.some((one) => one.child.id === part.child.id),
    )
    if (!inIt.length) remedies.push({ kind: 'apart', words: 'Do it behind the gate or at the high table' })
    else if (others) {
      const names = listWords(inIt.map((one) => one.child.name))
      remedies.push({
        kind: 'keep-out',
        childIds: inIt.map((one) => one.child.id),
        words: `Keep ${names} out, behind the gate`,
      })
    }
  }
  remedies.push({ kind: 'advice', words: rule.advice })
  return remedies
}

const kept = keep<Session, Caution[]>()

/** Cautions of one session, in the order of the rules. */
export const sessionCautions = (session: Session, plan: Pick<ResolvedPlan, 'materials' | 'illness'>): Caution[] =>
  kept(session, [plan.materials, plan.illness], () => findCautions(session, plan))

function findCautions(session: Session, plan: Pick<ResolvedPlan, 'materials' | 'illness'>): Caution[] {
  const occurrence = occurrenceOf(session, plan.illness)
  const exposures: Exposure[] = []
  for (const requirement of session.activity.requirements) {
    const material = plan.materials.get(session.placement.swaps[requirement.id] ?? requirement.materialId)
    // Most materials have nothing that a rule asks about: they are left out before any rule is asked.
    if (material && isTelling(material) && usersOf(requirement, session.parts) > 0)
      exposures.push({ ...occurrence, requirement, material })
  }
  if (!exposures.length && !occurrence.outdoors) return []
  const reach = childrenInReach(session)
  const asleep = session.center?.sleeps ? childrenAsleep(session) : []
  const found: Caution[] = []
  const add = (rule: CautionRule, risky: readonly Reaching[], exposure: Exposure | null): void => {
    if (!risky.length) return
    const children = byAge(risky.map((one) => one.child))
    const [names, many] = [listWords(children.map((child) => child.name)), children.length > 1]
    const aside =
      rule.severity === 'change' ? session.placement.setAside.find((one) => one.ruleId === rule.id) : undefined
    found.push({
      rule,
      session,
      severity: rule.severity,
      material: exposure?.material ?? null,
      requirementId: exposure?.requirement.id ?? '',
      childIds: children.map((child) => child.id),
      why:
        rule.about === 'occasion'
          ? rule.why(names, occurrence, many)
          : rule.why(names, exposure!.material, exposure!, many),
      setAside: aside?.reason ?? null,
    })
  }
  for (const rule of CAUTION_RULES) {
    if (rule.about === 'occasion') {
      if (rule.concerns(occurrence))
        add(
          rule,
          reach.filter((one) => rule.atRisk(one, occurrence)),
          null,
        )
      continue
    }
    for (const exposure of exposures) {
      if (exposure.requirement.reach === 'adult' && !rule.adultHands) continue
      if (session.cooked && rule.id === RAW_FLOUR) continue
      if (rule.concerns(exposure)) add(rule, riskyFor(rule, exposure, rule.asleep ? asleep : reach), exposure)
    }
  }
  return found
}

/** Whether a material has anything that a rule could ask about. */
const isTelling = ({ safety }: Material): boolean =>
  safety.hazards.length > 0 ||
  safety.allergens.length > 0 ||
  safety.partMm !== null ||
  safety.ballMm !== null ||
  safety.cordMm !== null ||
  !safety.measured

/** Cautions of every session that is still to come, stops first, then in order of time. */
export function planCautions(plan: ResolvedPlan): Caution[] {
  const order: Severity[] = ['stop', 'change', 'watch']
  return [...plan.sessions, ...plan.circles]
    .filter((session) => !plan.isBehind(session))
    .flatMap((session) => sessionCautions(session, plan))
    .sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity) || a.session.start - b.session.start)
}

import { shortDate, moneyWords, quantityWords } from '../base'
import type { Material, Placement, UnitSnapshot, Where } from '../domain'
import { canPlace, plannableOn, trySession, type ResolvedPlan, type Session } from '../plan'
import { needsOf, peakInUse, quantityFor, type Need, type Use } from './needs'
import { coverByPacks } from './packs'

/** The same reusable material wanted in two places at once, more than there is. */
export interface MaterialClash {
  material: Material
  /** How many are missing while the most is in use. */
  short: number
  need: number
  /** Dates of the first stretch in which that is so: plan minutes. */
  from: number
  to: number
  /** Who wants it then, in order of time. */
  wants: Need[]
}

/** What can be done about a clash. All but `buy` change one placement. */
export type ClashRemedy =
  | { kind: 'later'; placementId: string; where: Where; words: string }
  | { kind: 'fewer'; placementId: string; requirementId: string; quantity: number; words: string }
  | { kind: 'swap'; placementId: string; requirementId: string; materialId: string; words: string }
  | { kind: 'buy'; materialId: string; cents: number | null; words: string }

const useOf = (need: Need): Use => ({ from: need.session.start, to: need.session.freeAgain, quantity: need.quantity })
const ahead = (plan: ResolvedPlan): Need[] =>
  needsOf(plan).filter(
    (need) => need.material.use === 'reusable' && need.material.way !== 'have' && !plan.isBehind(need.session),
  )

/** Needs of each reusable material, by its id. */
function byMaterial(needs: readonly Need[]): Map<string, Need[]> {
  const found = new Map<string, Need[]>()
  for (const need of needs) found.set(need.material.id, [...(found.get(need.material.id) ?? []), need])
  return found
}

/**
 * Every clash of the plan ahead, the earliest first. One place alone that wants more than there is stands on the list
 * and is no clash.
 */
export function materialClashes(plan: ResolvedPlan): MaterialClash[] {
  return [...byMaterial(ahead(plan)).values()]
    .flatMap((needs): MaterialClash[] => {
      const { material } = needs[0]
      const peak = peakInUse(needs.map(useOf))
      if (peak.quantity <= material.onHand) return []
      const wants = needs.filter((need) => need.session.start < peak.to && need.session.freeAgain > peak.from)
      if (new Set(wants.map((need) => need.session.placement.id)).size < 2) return []
      return [
        { material, short: peak.quantity - material.onHand, need: peak.quantity, from: peak.from, to: peak.to, wants },
      ]
    })
    .sort((a, b) => a.from - b.from)
}

/** Peak of a material were one session elsewhere, or its need another. */
const peakWith = (needs: readonly Need[], placementId: string, instead: Use[]): number =>
  peakInUse([...needs.filter((need) => need.session.placement.id !== placementId).map(useOf), ...instead]).quantity

/** Other times at which a moment could lie with enough of the material, the nearest first. */
function laterMoment(
  session: Session,
  clash: MaterialClash,
  needs: readonly Need[],
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
): ClashRemedy | null {
  const { placement, activity } = session
  const quantity = clash.wants.filter((need) => need.session === session).reduce((sum, need) => sum + need.quantity, 0)
  const days = plan.program.days
    .filter((day) => day.held && day.date >= snapshot.today)
    .sort((a, b) => Math.abs(a.number - session.days[0].number) - Math.abs(b.number - session.days[0].number))
  for (const day of days) {
    for (const block of plannableOn(snapshot.home, snapshot.unit, day.number)) {
      const where: Where = { kind: 'moment', day: day.number, blockId: block.id, from: null }
      if (
        !canPlace(
          snapshot,
          plan,
          { activityId: activity.id, where, centerId: placement.centerId, movingId: placement.id },
          false,
        ).ok
      )
        continue
      const moved = trySession(snapshot, plan, { ...placement, where, pinnedDate: null })
      if (
        moved &&
        peakWith(needs, placement.id, [{ from: moved.start, to: moved.freeAgain, quantity }]) <= clash.material.onHand
      ) {
        return {
          kind: 'later',
          placementId: placement.id,
          where,
          words: `${activity.title} on ${shortDate(day.date)}, ${block.name.toLowerCase()} (day ${day.number})`,
        }
      }
    }
  }
  return null
}

/** A set-up that waits until the other is put away, or is put away before it. */
function laterSetUp(
  session: Session,
  clash: MaterialClash,
  needs: readonly Need[],
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
): ClashRemedy | null {
  const { placement, activity } = session
  if (placement.where.kind !== 'set-up') return null
  const { fromDay, toDay } = placement.where
  const quantity = clash.wants.filter((need) => need.session === session).reduce((sum, need) => sum + need.quantity, 0)
  const spans: [number, number][] = []
  for (let length = toDay - fromDay; length >= 1; length--)
    spans.push([fromDay, fromDay + length - 1], [toDay - length + 1, toDay])
  for (const [from, to] of spans) {
    const where: Where = { kind: 'set-up', fromDay: from, toDay: to }
    const shorter = trySession(snapshot, plan, { ...placement, where })
    if (!shorter || shorter.days[shorter.days.length - 1].date < snapshot.today) continue
    if (
      peakWith(needs, placement.id, [{ from: shorter.start, to: shorter.freeAgain, quantity }]) > clash.material.onHand
    )
      continue
    return {
      kind: 'later',
      placementId: placement.id,
      where,
      words: to < toDay ? `Put ${activity.title} away after day ${to}` : `Put ${activity.title} out from day ${from}`,
    }
  }
  return null
}

/** The quantity of a requirement with which a need takes no more than `most`; null where not even one would do. */
function fewerOf(need: Need, most: number): number | null {
  for (let quantity = Math.ceil(need.requirement.quantity) - 1; quantity >= 1; quantity--) {
    if (quantityFor({ ...need.requirement, quantity }, need.users, need.material.unit).quantity <= most) return quantity
  }
  return null
}

/**
 * What can be done about a clash: later, fewer, another material that is in the house, or buying what is missing. Each
 * was tried: none leaves the clash as it is.
 */
export function clashRemedies(clash: MaterialClash, snapshot: UnitSnapshot, plan: ResolvedPlan): ClashRemedy[] {
  const { material } = clash
  const all = byMaterial(ahead(plan))
  const needs = all.get(material.id) ?? []
  const measures = snapshot.home.measures
  const sessions = [...new Set(clash.wants.map((need) => need.session))]
  const later = sessions.flatMap(
    (session) => (session.block ? laterMoment : laterSetUp)(session, clash, needs, snapshot, plan) ?? [],
  )
  const fewer = clash.wants.flatMap((need): ClashRemedy[] => {
    const quantity = fewerOf(need, need.quantity - clash.short)
    return quantity === null
      ? []
      : [
          {
            kind: 'fewer',
            placementId: need.session.placement.id,
            requirementId: need.requirement.id,
            quantity,
            words:
              `${need.session.activity.title} with ` +
              `${quantityWords(quantity, material.unit, measures)}${need.requirement.basis.by === 'child' ? ' each' : ''}`,
          },
        ]
  })
  const swaps = clash.wants.flatMap((need): ClashRemedy[] =>
    need.requirement.alternatives.flatMap((id): ClashRemedy[] => {
      const other = plan.materials.get(id)
      if (!other || other.id === material.id) return []
      const inUse = other.use === 'reusable' ? peakWith(all.get(id) ?? [], '', [useOf(need)]) : need.quantity
      return inUse <= other.onHand
        ? [
            {
              kind: 'swap',
              placementId: need.session.placement.id,
              requirementId: need.requirement.id,
              materialId: id,
              words: `${other.name} for ${need.session.activity.title}`,
            },
          ]
        : []
    }),
  )
  const cents = material.packs.length ? coverByPacks(clash.short, material.packs).cost : null
  const buy: ClashRemedy = {
    kind: 'buy',
    materialId: material.id,
    cents,
    words:
      cents === null
        ? `Find ${quantityWords(clash.short, material.unit, measures)} more`
        : `Buy ${quantityWords(clash.short, material.unit, measures)} more, ${moneyWords(cents, snapshot.home.currency)}`,
  }
  return [...later, ...fewer, ...swaps, buy]
}

/** A placement as a remedy leaves it; null for `buy`, which changes the list and not the plan. */
export function remedied(placement: Placement, remedy: ClashRemedy): Placement | null {
  if (remedy.kind === 'buy') return null
  if (remedy.kind === 'later') return { ...placement, where: remedy.where, pinnedDate: null }
  if (remedy.kind === 'fewer')
    return { ...placement, quantities: { ...placement.quantities, [remedy.requirementId]: remedy.quantity } }
  return { ...placement, swaps: { ...placement.swaps, [remedy.requirementId]: remedy.materialId } }
}

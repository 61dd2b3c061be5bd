import type { CenterKind, House, UnitSnapshot } from '../../domain'
import { canPlace, type ResolvedPlan, type Session } from '../../plan'
import type { MadeActivity } from '../patterns'
import { candidatesFor, type Candidate } from './judge'
import { touchLedger, type When } from './ledger'
import { SKELETONS } from './skeleton'
import { byId } from '../../base'

/** Points for each touch that somebody still lacks. */
const TOUCH_POINTS = 0.5

/** Kinds of center from which an idea for the same place would come. */
function centersFor(session: Session, snapshot: UnitSnapshot): readonly CenterKind[] {
  const slots = SKELETONS[snapshot.unit.style].slots
  const ofBlock = slots.find((slot) => slot.kind === 'moment' && slot.block === session.block?.kind)
  const own = session.activity.centers[0]
  if (session.block && ofBlock?.kind === 'moment' && ofBlock.centers.includes(own)) return ofBlock.centers
  return [session.center?.kind ?? own]
}

/** When a session is, as touches are counted by. */
const whenOf = ({ block, days, from, to }: Session): When =>
  block ? { date: days[0].date, from, to } : { dates: days.map((day) => day.date) }

/**
 * The best other ideas for the place of one card, with the rest of the plan as it is: what is of the same kind, can lie
 * there and is not on the plan yet, theme first.
 *
 * @param house the library and the home, without the unit's own names filled in
 * @param made what patterns make of the theme now
 * @param most ideas to give, 1 or more
 */
export function othersFor(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  placementId: string,
  { house, made, most = 2 }: { house: House; made: readonly MadeActivity[]; most?: number },
): Candidate[] {
  const session = plan.sessions.find((one) => one.placement.id === placementId)
  if (!session) return []
  const placed = new Set(plan.sessions.flatMap(({ activity }) => [activity.id, activity.pattern ?? '']))
  const inHouse = new Set(house.materials.map((material) => material.id))
  const brought = made.flatMap((one) => one.materials).filter((material) => !inHouse.has(material.id))
  const materials = byId([...house.materials, ...brought])
  const dates = plan.program.days.flatMap((day) => (day.held ? [day.date] : []))
  const ledger = touchLedger(plan, { home: house.home, children: house.children, materials })
  for (const other of plan.sessions) if (other !== session) ledger.add(ledger.touched(other.activity, whenOf(other)))
  const when = whenOf(session)
  const centers = centersFor(session, snapshot)
  const ranked = candidatesFor(snapshot.unit, house, made, materials, dates)
    .filter(
      ({ activity }) =>
        !placed.has(activity.id) &&
        !placed.has(activity.pattern ?? activity.id) &&
        centers.includes(activity.centers[0]) &&
        (session.block !== null || activity.standing),
    )
    .map((one) => ({ one, points: one.points + ledger.worth(ledger.touched(one.activity, when)) * TOUCH_POINTS }))
    .sort((a, b) => b.points - a.points)
    .map(({ one }) => one)
  const found: Candidate[] = []
  for (const candidate of ranked) {
    if (found.length >= most) break
    const trial = {
      ...plan,
      materials,
      activities: new Map([...plan.activities, [candidate.activity.id, candidate.activity]]),
    }
    const { where } = session.placement
    const verdict = canPlace(
      snapshot,
      trial,
      { activityId: candidate.activity.id, where, movingId: placementId },
      false,
    )
    if (verdict.ok) found.push(candidate)
  }
  return found
}

import { mondayOf, countWords, listWords } from '../base'
import type { Material, UnitSnapshot } from '../domain'
import { isCircle, type ResolvedPlan, type Session } from '../plan'
import { supplyListOf, type SupplyLine } from './supplyList'
import type { ListSource, SupplyNeed } from './give'
import { isSafe } from './lend'

/** Something that would save money, and what it would cost the children. */
export interface Saving {
  kind: 'leave-out' | 'swap'
  /** Cents. */
  saves: number
  /**
   * Touches of children that would be lost, and how many of them are the child's only one of that domain in its week.
   */
  touches: number
  onlyOnes: number
  /** What is left out, or what gets another material. */
  title: string
  words: string
  /** To be taken off the plan. */
  placementIds: string[]
  /** Another material, by placement. */
  swap: { placementId: string; requirementId: string; material: Material }[]
}

/**
 * Less than this share of what is planned, or than this many cents, is no saving that anyone would give something up
 * for.
 */
const LEAST_SHARE = 0.02
const LEAST_CENTS = 25
/** A child's only touch of a domain in a week weighs as much as this many others. */
const ONLY_ONE = 3
/** Savings that are shown. */
const MOST = 3

/** What is lost with an activity, in words. */
function lostWords({ touches, onlyOnes }: { touches: number; onlyOnes: number }): string {
  if (!touches) return 'no child loses an area'
  const only = onlyOnes ? `, ${onlyOnes} of them the only one of the week` : ''
  return `${countWords(touches, 'touch', 'touches')} fewer${only}`
}

/** Touches that an activity gives, and those of them that a child has from nothing else in that week. */
function touchesLost(session: Session, plan: ResolvedPlan): { touches: number; onlyOnes: number } {
  const lost = { touches: 0, onlyOnes: 0 }
  const [monday] = session.days.map((day) => mondayOf(day.date))
  const same = [...plan.sessions, ...plan.circles].filter(
    (one) =>
      one !== session && one.placement.status !== 'skipped' && one.days.some((day) => mondayOf(day.date) === monday),
  )
  for (const part of session.parts) {
    if (part.does !== 'takes-part') continue
    for (const domain of session.activity.domains.slice(0, 2)) {
      lost.touches++
      const elsewhere = same.some(
        (one) =>
          one.activity.domains.slice(0, 2).includes(domain) &&
          one.parts.some((other) => other.child.id === part.child.id && other.does === 'takes-part'),
      )
      if (!elsewhere) lost.onlyOnes++
    }
  }
  return lost
}

const plannedOf = (lines: readonly SupplyLine[]) => lines.reduce((sum, line) => sum + line.planCost, 0)

/** What the plan would cost less, in cents, were each of its sessions changed or left out. */
type Without = (leave: (session: Session) => Session | null) => number

function leaveOutSaving(session: Session, plan: ResolvedPlan, without: Without): Saving {
  const lost = touchesLost(session, plan)
  return {
    kind: 'leave-out',
    saves: without((one) => (one === session ? null : one)),
    ...lost,
    title: session.activity.title,
    placementIds: [session.placement.id],
    swap: [],
    words: `Leave out ${session.activity.title}: ${lostWords(lost)}`,
  }
}

/** One material in place of another wherever an idea names it: nothing is lost. */
function swapSaving({ needs, other }: { needs: SupplyNeed[]; other: Material }, without: Without): Saving {
  const swap = needs.map((need) => ({
    placementId: need.session.placement.id,
    requirementId: need.requirement.id,
    material: other,
  }))
  const swapped = (session: Session): Session => {
    const mine = swap.filter((one) => one.placementId === session.placement.id)
    return mine.length
      ? {
          ...session,
          placement: {
            ...session.placement,
            swaps: {
              ...session.placement.swaps,
              ...Object.fromEntries(mine.map((one) => [one.requirementId, one.material.id])),
            },
          },
        }
      : session
  }
  const titles = listWords([...new Set(needs.map((need) => need.session.activity.title))])
  return {
    kind: 'swap',
    saves: without(swapped),
    touches: 0,
    onlyOnes: 0,
    title: titles,
    words: `${other.name} instead of ${needs[0].material.name} for ${titles}: nothing is lost`,
    placementIds: [],
    swap,
  }
}

/**
 * The savings that cost least in what is lost: another material that an idea names and that is cheaper, which loses
 * nothing; or leaving an activity out. Each is tried: the list is made anew without it, so that packs shared with
 * others are counted right. Ranked by the touches lost for each cent saved, a child's only touch of a week weighing
 * three.
 *
 * @param most savings to give, 1 or more
 */
export function savingsOf(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  lines: readonly SupplyLine[],
  most = MOST,
): Saving[] {
  const planned = plannedOf(lines)
  const least = Math.max(LEAST_CENTS, planned * LEAST_SHARE)
  const costly = lines
    .filter((line) => line.planCost > 0)
    .flatMap((line) => line.needs.filter((need) => need.short > 0))
  // A circle is more than what it takes: what is dear is left out of it, not all of it.
  const sessions = [...new Set(costly.map((need) => need.session))].filter((session) => !isCircle(session))
  const without: Without = (leave) =>
    planned -
    plannedOf(
      supplyListOf([{ snapshot, plan: { ...plan, sessions: plan.sessions.flatMap((one) => leave(one) ?? []) } }]),
    )
  const price = (one: Saving) => (one.touches + one.onlyOnes * (ONLY_ONE - 1)) / one.saves
  const swaps = swapGroups(costly, { snapshot, plan }).map((group) => swapSaving(group, without))
  const leaveOut = sessions.map((session) => leaveOutSaving(session, plan, without))
  return [...swaps, ...leaveOut]
    .filter((one) => one.saves >= least)
    .sort((a, b) => price(a) - price(b) || b.saves - a.saves)
    .slice(0, most)
}

/** Needs of one material that the same other material could meet without harm. */
function swapGroups(costly: readonly SupplyNeed[], source: ListSource): { needs: SupplyNeed[]; other: Material }[] {
  const groups = new Map<string, { needs: SupplyNeed[]; other: Material }>()
  for (const need of costly) {
    for (const id of need.requirement.alternatives) {
      const other = source.plan.materials.get(id)
      if (!other || other.unit !== need.material.unit || id === need.material.id || !isSafe(need, other, source))
        continue
      const key = `${need.material.id} ${id}`
      groups.set(key, { other, needs: [...(groups.get(key)?.needs ?? []), need] })
    }
  }
  return [...groups.values()]
}

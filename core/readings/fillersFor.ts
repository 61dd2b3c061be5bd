import { listWords, minutesOf, spanWords, timeOf } from '../base'
import { sessionCautions, type Caution } from '../cautions'
import type { BinSetUp, Child, Material, Placement, TimeSpan, UnitSnapshot } from '../domain'
import { BIN_FILLER, binMl, EXPERIENCE, FILLERS, fillerOf, fillerQuantity, GRAINS, type Filler } from '../making'
import { awakeDuring, childHours, trySession, type ResolvedPlan } from '../plan'
import { coverByPacks } from '../supplies'

/** A filler for the children who can reach a bin, with all that speaks for and against it. */
export interface FillerRank {
  material: Material
  filler: Filler | null
  /** Children who can reach it: for whom it is safe, and for whom it is not. */
  children: { child: Child; safe: boolean }[]
  /** Whether it is unsafe for someone: it is ruled out for that time, and not only worse. */
  ruledOut: boolean
  /** When those for whom it is not are asleep or not there, and others are awake; null where there is no such time. */
  time: TimeSpan | null
  /** How much it takes, in the base unit of the material; null where nobody knows how much room it takes. */
  quantity: number | null
  /** Cents to buy what is short; null where no price is known. */
  cost: number | null
  /** Lower is better; of no meaning where it is ruled out. */
  score: number
  /** Why, what weighs most first. */
  reasons: string[]
}

const ALLERGEN = 'allergens'
/** Weights of the ranking: a filler that is too fine for someone is worst, then work, then money. */
const TOO_FINE = 6
const TOO_COARSE = 1
const A_CHANGE = 2
const WAY_IN = 10
const IN_MOUTHS = 4
const SWEEP = 0.6
const ONE_DAY = 1.2
const PER_DOLLAR = 0.05

const names = (children: readonly Child[]) => listWords(children.map((child) => child.name))
const isAre = (children: readonly Child[]) => (children.length > 1 ? 'are' : 'is')

/** Cautions of a bin with one filler. */
function cautionsWith(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  placement: Placement,
  bin: BinSetUp,
  fillerId: string,
): { session: NonNullable<ReturnType<typeof trySession>>; cautions: Caution[] } | null {
  const tried = { ...placement, id: `${placement.id}-${fillerId}`, bin: { ...bin, fillerId, filledOn: null } }
  const session = trySession(snapshot, plan, tried)
  if (!session) return null
  return { session, cautions: sessionCautions(session, plan).filter((one) => one.requirementId === BIN_FILLER) }
}

/** How finely a free stretch is looked for, and how long it must be, in minutes. */
const STEP = 5
const LEAST = 30

/** The longest stretch of a day in which none of some children is awake in the house and somebody else is. */
function timeWithout(without: readonly Child[], others: readonly Child[], date: string): TimeSpan | null {
  const awake = (children: readonly Child[], from: number) =>
    children.some((child) => awakeDuring(child, date, timeOf(from), timeOf(from + STEP)))
  const hours = [...without, ...others].flatMap((child) => childHours(child, date) ?? [])
  if (!hours.length) return null
  const [open, close] = [
    Math.min(...hours.map((one) => minutesOf(one.from))),
    Math.max(...hours.map((one) => minutesOf(one.to))),
  ]
  let best: [number, number] | null = null
  let start: number | null = null
  for (let at = open; at <= close; at += STEP) {
    const free = at + STEP <= close && !awake(without, at) && awake(others, at)
    if (free) start ??= at
    if (free || start === null) continue
    if (!best || at - start > best[1] - best[0]) best = [start, at]
    start = null
  }
  return best && best[1] - best[0] >= LEAST ? { from: timeOf(best[0]), to: timeOf(best[1]) } : null
}

/** Cents for what is short of it, in whole packs. */
function costOf(quantity: number | null, material: Material): number | null {
  if (material.way === 'have' || quantity === null) return material.way === 'have' ? 0 : null
  const short = quantity - material.onHand
  if (short <= 0) return 0
  if (!material.packs.length) return material.way === 'gather' ? 0 : null
  return coverByPacks(short, material.packs).cost
}

/** How a filler suits how far the children are, as a penalty and in words. */
function suits(filler: Filler, children: readonly Child[]): { score: number; reasons: string[] } {
  const fresh = children.filter((child) => child.sensory === 'new')
  if (filler.wayIn && fresh.length)
    return { score: WAY_IN, reasons: [`In a tub it is another way in for ${names(fresh)}`] }
  const grain = GRAINS.indexOf(filler.grain)
  const level = (child: Child) => EXPERIENCE.indexOf(child.sensory)
  const notYet = children.filter((child) => level(child) < grain)
  const past = children.filter((child) => level(child) > grain)
  const score =
    notYet.reduce((sum, child) => sum + TOO_FINE * (grain - level(child)), 0) +
    past.reduce((sum, child) => sum + TOO_COARSE * (level(child) - grain), 0)
  const reasons: string[] = []
  if (notYet.length)
    reasons.push(
      fresh.length
        ? `It ${filler.grain === 'fine' ? 'pours' : 'scatters'}, and ${names(fresh)} ${isAre(fresh)} new to bins`
        : `It pours, and ${names(notYet)} ${isAre(notYet)} still practicing`,
    )
  else if (filler.grain === 'large' && fresh.length)
    reasons.push(`Large pieces that stay put: best for ${names(fresh)}, new to bins`)
  else if (!past.length) reasons.push('Right for how far everyone is')
  else reasons.push(`Safe for all; ${names(past)} ${isAre(past)} ready for more`)
  return { score, reasons }
}

const SWEEP_WORDS = ['', '', 'Takes a broom', 'Takes a broom twice'] as const

/**
 * Every filler that the house knows, for a bin on the plan: what is safe for all who can reach it first, best first;
 * then what is ruled out, with the time at which it could be done.
 *
 * @param placement the bin's placement
 * @param bin its container and depth; its filler is left open
 */
export function fillersFor(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  placement: Placement,
  bin: BinSetUp,
): FillerRank[] {
  const ml = binMl(bin)
  const known = FILLERS.map((one) => one.materialId)
  const ids = known.includes(bin.fillerId) ? known : [bin.fillerId, ...known]
  const ranks = ids.flatMap((id): FillerRank[] => {
    const material = plan.materials.get(id)
    const found = material && cautionsWith(snapshot, plan, placement, bin, id)
    return found ? [rankOf(material, found, ml)] : []
  })
  return ranks.sort((a, b) => Number(a.ruledOut) - Number(b.ruledOut) || a.score - b.score)
}

function rankOf(
  material: Material,
  { session, cautions }: NonNullable<ReturnType<typeof cautionsWith>>,
  ml: number | null,
): FillerRank {
  const filler = fillerOf(material.id) ?? null
  const date = session.days[0].date
  const near = session.parts
    .map((part) => part.child)
    .filter((child) => session.days.some((day) => childHours(child, day.date)))
  const stops = cautions.filter((one) => one.severity === 'stop')
  const mouthing = filler?.mouthing ? near.filter((child) => child.mouths) : []
  const mouthingOut = filler?.mouthing?.out ? mouthing : []
  const unsafe = near.filter(
    (child) => mouthingOut.includes(child) || stops.some((one) => one.childIds.includes(child.id)),
  )
  const others = near.filter((child) => !unsafe.includes(child))
  // What a child is allergic to stays behind in the bin and on the floor: another time does not make it safe.
  const stays = stops.some((one) => one.rule.id === ALLERGEN)
  const time = unsafe.length && !stays ? timeWithout(unsafe, others, date) : null
  const quantity = ml === null ? null : fillerQuantity(ml, material)
  const cost = costOf(quantity, material)
  const changes = cautions.filter((one) => one.severity === 'change' && one.setAside === null)
  const takesPart = session.parts.flatMap((part) => (part.does === 'takes-part' ? [part.child] : []))
  const suit = filler ? suits(filler, takesPart) : { score: TOO_FINE, reasons: ['Nobody has said yet how fine it is'] }
  const reasons = [
    ...(time ? [`Only ${spanWords(time)}, while ${names(unsafe)} ${isAre(unsafe)} asleep or away`] : []),
    ...stops.map((one) => one.why),
    ...(mouthingOut.length ? [`${filler!.mouthing!.why}: ${names(mouthingOut)}`] : []),
    ...(unsafe.length ? [] : suit.reasons),
    ...(mouthing.length && !mouthingOut.length ? [`${filler!.mouthing!.why}: stay beside ${names(mouthing)}`] : []),
    ...changes.map((one) => one.why),
    ...(filler?.days ? ['For one day only'] : []),
    ...(filler && SWEEP_WORDS[filler.sweep] ? [SWEEP_WORDS[filler.sweep]] : []),
  ]
  return {
    material,
    filler,
    children: near.map((child) => ({ child, safe: !unsafe.includes(child) })),
    ruledOut: unsafe.length > 0,
    time,
    quantity,
    cost,
    score:
      suit.score +
      changes.length * A_CHANGE +
      (mouthing.length ? IN_MOUTHS : 0) +
      (filler?.sweep ?? 2) * SWEEP +
      (filler?.days ? ONE_DAY : 0) +
      ((cost ?? 0) / 100) * PER_DOLLAR,
    reasons,
  }
}

import { isToGet, supplyList } from '../../supplies'
import { fitsSlot, MOST_TO_GET, type Draft, type Laid } from './draft'
import type { Candidate } from './judge'

/** How much of what is done at a time of day must stay on the theme while gaps are closed. */
const LEAST_ABOUT = 2 / 3

const momentsOf = (draft: Draft): Laid[] => draft.laid.filter((one) => one.placement.where.kind === 'moment')

/** Whether a moment may be given to something that is not about the theme. */
function mayLeaveTheme(draft: Draft, old: Laid): boolean {
  const moments = momentsOf(draft)
  const about = moments.filter((one) => one !== old && one.candidate.about).length
  return about / Math.max(1, moments.length) >= LEAST_ABOUT
}

/** Gaps that there would be, were one thing done in place of another. */
function gapsAfter(draft: Draft, old: Laid, touched: readonly string[]): number {
  draft.ledger.take(old.touched)
  draft.ledger.add(touched)
  const gaps = draft.ledger.gaps().length
  draft.ledger.take(touched)
  draft.ledger.add(old.touched)
  return gaps
}

/** Trades one moment so that a gap closes and no other opens. */
function closeGap(draft: Draft, gap: string, candidates: readonly Candidate[]): boolean {
  const before = draft.ledger.gaps().length
  for (const old of momentsOf(draft).reverse()) {
    const { where } = old.placement
    for (const candidate of candidates) {
      if (!draft.isFree(candidate) || !fitsSlot(old.slot, candidate)) continue
      if (!candidate.about && !mayLeaveTheme(draft, old)) continue
      const touched = draft.touchedBy(candidate, where)
      if (!touched.includes(gap) || gapsAfter(draft, old, touched) >= before) continue
      if (draft.lay(candidate, where, old.slot, old)) return true
    }
  }
  return false
}

/** Trades moments, so that nobody goes without a domain in a week; the theme gives way to that only so far. */
export function closeGaps(draft: Draft, candidates: readonly Candidate[]): void {
  for (const gap of draft.ledger.gaps()) {
    if (!draft.ledger.gaps().includes(gap)) continue
    const domain = gap.split(' ')[2]
    closeGap(
      draft,
      gap,
      candidates
        .filter((one) => one.activity.domains.slice(0, 2).some((each) => each === domain))
        .sort(
          (a, b) =>
            Number(b.about !== '') - Number(a.about !== '') || a.fit.get.materials.length - b.fit.get.materials.length,
        ),
    )
  }
}

/** Trades what asks for the most that nothing else asks for, until the list fits one trip. */
export function shortenList(draft: Draft): void {
  const linesNow = () => supplyList(draft.snapshot(), draft.plan()).filter(isToGet)
  for (let tries = 0, lines = linesNow(); lines.length > MOST_TO_GET && tries < MOST_TO_GET; tries++) {
    const alone = (one: Laid) =>
      lines.filter((line) => line.needs.every((need) => need.session.placement.id === one.placement.id)).length
    const short = new Set(lines.map((line) => line.material.id))
    const adds = (one: Candidate) => one.fit.get.materials.filter((material) => !short.has(material.id)).length
    const traded = [...draft.laid]
      .filter((one) => alone(one) > 0)
      .sort((a, b) => alone(b) - alone(a))
      .some((old) =>
        draft
          .ranked(old.slot, old.placement.where)
          .filter(
            (one) =>
              adds(one) < alone(old) &&
              (one.about !== '' || old.candidate.about === '') &&
              gapsAfter(draft, old, draft.touchedBy(one, old.placement.where)) <= draft.ledger.gaps().length,
          )
          .some((one) => draft.lay(one, old.placement.where, old.slot, old)),
      )
    const before = lines.length
    lines = linesNow()
    if (!traded || lines.length >= before) return
  }
}

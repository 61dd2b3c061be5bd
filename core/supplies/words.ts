import { countWords, listWords, moneyWords, quantityWords, shortDate } from '../base'
import type { BaseUnit } from '../domain'
import type { Buy } from './buys'
import type { SupplyNeed } from './give'
import type { Estimate } from './money'
import type { SupplyLine } from './supplyList'

/** One need in words, down to its parts: "3 x 7 children on day 4, 10 % spare". */
export function needWords(need: SupplyNeed, measures: 'metric' | 'us'): string {
  const { requirement, material, users, times, session, insteadOf, lent } = need
  const each = quantityWords(requirement.quantity, material.unit, measures)
  const days = session.days
  const when = days.length > 1 ? `day ${days[0].number} to ${days[days.length - 1].number}` : `day ${days[0].number}`
  if (insteadOf) return `instead of ${insteadOf.name} on ${when}, which are short`
  const spare = requirement.spare ? `, ${Math.round(requirement.spare * 100)} % spare` : ''
  const others = lent
    .map(
      (one) =>
        `, ${quantityWords(one.quantity, one.material.unit, measures)} of it ${one.material.name} from the house`,
    )
    .join('')
  if (requirement.basis.by === 'child')
    return `${each} × ${countWords(users, 'child', 'children')} on ${when}${spare}${others}`
  if (requirement.basis.by === 'group')
    return `${each} × ${countWords(times, 'group')} of ${requirement.basis.of} on ${when}${spare}${others}`
  return `${each} for the set-up, ${when}${spare}${others}`
}

/** Packs in words: "3 x 50 and 1 x 120"; empty where nothing is bought. */
export const packWords = (packs: Buy['packs'], unit: BaseUnit, measures: 'metric' | 'us'): string =>
  packs.map(({ pack, count }) => `${count} × ${quantityWords(pack.size, unit, measures)}`).join(' and ')

/**
 * When to get a line, and whether that is too late: "by Sat 7", "late by 2 days: next trip Wed 11", "ask by Tue 3,
 * bring by Fri 6".
 */
export function getByWords(line: SupplyLine): string {
  if (line.ask && !line.fellBack) {
    const { on, bringBy, asked } = line.ask
    if (asked !== null) return `asked, due ${shortDate(bringBy)}`
    return `${line.late ? 'late: ask was due' : 'ask by'} ${shortDate(on)}`
  }
  if (!line.getBy) return line.topUp > 0 ? 'when you next go' : ''
  if (line.getBy.lateDays > 0)
    return `late by ${countWords(line.getBy.lateDays, 'day')}: next trip ${shortDate(line.getBy.date)}`
  if (!line.firstUse) return `on ${shortDate(line.getBy.date)}`
  const dates = [...new Set(line.buys.map((buy) => buy.trip.date))].sort()
  if (dates.length > 1 && line.material.keepsDays !== null)
    return `by ${dates.map(shortDate).join(' and ')}: it does not keep`
  const order =
    line.getBy.here === line.getBy.date ? '' : `order ${shortDate(line.getBy.date)}, here ${shortDate(line.getBy.here)}`
  return `${order || `by ${shortDate(line.getBy.date)}`}${line.getBy.spoils ? ', and again: it will not keep' : ''}`
}

/** What else stands on a line: why it is bought after all, or that it also fills up the house. */
export function besidesWords(line: SupplyLine, measures: 'metric' | 'us'): string {
  const amount = (quantity: number) => quantityWords(quantity, line.material.unit, measures)
  return [
    line.fellBack ? `families were asked and ${amount(line.shortage)} did not come` : '',
    line.coming > 0 ? `${amount(line.coming)} promised` : '',
    line.spokenFor.length
      ? `${listWords(line.spokenFor.map((one) => `${amount(one.quantity)} kept for ${one.unit}`))}`
      : '',
    line.topUp > 0
      ? `${line.shortage > 0 ? `${amount(line.topUp)} of it ` : ''}to have ${amount(line.material.par ?? 0)} in the house`
      : '',
    !line.material.counted && line.material.onHand > 0 ? 'a usual amount, not counted yet' : '',
    line.material.condition === 'mend' && line.material.onHand > 0
      ? `${amount(line.material.onHand)} in the house to fix first`
      : '',
  ]
    .filter(Boolean)
    .join('; ')
}

/** How sure a sum is: "$12.40", or "$12.40, likely $11.00 to $13.80: $9.00 of it is a guess". */
export function estimateWords(estimate: Estimate, currency: string): string {
  const money = (cents: number) => moneyWords(cents, currency)
  const total = estimate.seen + estimate.old + estimate.guess
  if (!total || estimate.low === estimate.high)
    return total ? `${money(total)}, all at prices you paid lately` : money(0)
  const parts = [
    estimate.old ? `${money(estimate.old)} at older prices` : '',
    estimate.guess ? `${money(estimate.guess)} at example prices` : '',
  ]
    .filter(Boolean)
    .join(', ')
  return `${money(total)}, likely ${money(estimate.low)} to ${money(estimate.high)}: ${parts}`
}

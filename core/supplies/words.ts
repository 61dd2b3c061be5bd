import { countWords, quantityWords, shortDate } from '../format/words'
import type { Need } from './needs'
import type { SupplyLine } from './supplyList'

/** One need in words, down to its parts: "3 x 7 children on day 4, 10 % spare". */
export function needWords(need: Need, measures: 'metric' | 'us'): string {
  const { requirement, material, users, times, session } = need
  const each = quantityWords(requirement.quantity, material.unit, measures)
  const days = session.days
  const when = days.length > 1 ? `day ${days[0].number} to ${days[days.length - 1].number}` : `day ${days[0].number}`
  const spare = requirement.spare ? `, ${Math.round(requirement.spare * 100)} % spare` : ''
  if (requirement.basis.by === 'child') return `${each} × ${countWords(users, 'child', 'children')} on ${when}${spare}`
  if (requirement.basis.by === 'group') return `${each} × ${countWords(times, 'group')} of ${requirement.basis.of} on ${when}${spare}`
  return `${each} for the set-up, ${when}${spare}`
}

/** The packs of a line in words: "3 x 50 from the dollar aisle"; empty where nothing is bought. */
export function packWords(line: SupplyLine, measures: 'metric' | 'us'): string {
  return line.cover ? line.cover.packs.map(({ pack, count }) => `${count} × ${quantityWords(pack.size, line.material.unit, measures)}`).join(' and ') : ''
}

/** When to get a line, and whether that is too late: "by Sat 7", "late by 2 days: next trip Wed 11". */
export function getByWords(line: SupplyLine): string {
  if (line.askOn) return `${line.late ? 'late: ask was due' : 'ask by'} ${shortDate(line.askOn)}`
  if (!line.getBy) return ''
  if (line.getBy.lateDays > 0) return `late by ${countWords(line.getBy.lateDays, 'day')}: next trip ${shortDate(line.getBy.date)}`
  return `by ${shortDate(line.getBy.date)}${line.getBy.spoils ? ', and again: it will not keep' : ''}`
}

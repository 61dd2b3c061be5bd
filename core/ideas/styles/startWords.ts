import { countWords, DOMAIN_NAMES, listWords, longDate } from '../../base'
import type { CalendarDate, Home, LearningDomain, Where } from '../../domain'
import { gapsOf, touchesOf } from '../../readings'
import { getBy, isToGet, shopDays, supplyList } from '../../supplies'
import type { Draft } from './draft'

/** Groups of children that are named, each with what is missing for them. */
const MOST_NAMED = 3

/** What each child meets, or what is missing for whom. */
function roundedWords(draft: Draft): string {
  const missing = new Map<string, Set<LearningDomain>>()
  for (const gap of gapsOf(touchesOf(draft.plan(), draft.house)))
    missing.set(gap.child.name, (missing.get(gap.child.name) ?? new Set()).add(gap.domain))
  if (!missing.size) return 'Each child gets to every learning area every week.'
  const groups = new Map<string, string[]>()
  for (const [name, domains] of missing) {
    const what = listWords([...domains].map((domain) => DOMAIN_NAMES[domain].toLowerCase()))
    groups.set(what, [...(groups.get(what) ?? []), name])
  }
  const said = [...groups].map(([what, names]) => `${listWords(names)}: ${what}`)
  const rest = said.length > MOST_NAMED ? `; and ${said.length - MOST_NAMED} more` : ''
  return `Still missing in some week for ${said.slice(0, MOST_NAMED).join('; ')}${rest}.`
}
function folderWords(draft: Draft): string {
  const folder = draft.laid.find((one) => one.candidate.activity.folder && 'date' in one.when)
  if (!folder || !('date' in folder.when)) return 'No planned activity makes a piece for the folders.'
  const { date } = folder.when
  const here = countWords(draft.hereOn(date), 'child', 'children')
  return (
    `${folder.candidate.activity.title} makes a piece for each folder on ${longDate(date)}, ` + `when ${here} are here.`
  )
}
/** Which of the sentences says what there is to get: it goes on counting while the plan changes. */
export const LIST_SENTENCE = 3
/**
 * What there is to get, and on which trip.
 *
 * @param count lines of the list that are short
 */
export function listSentence(count: number, home: Home, start: CalendarDate, today: CalendarDate): string {
  if (!count) return 'Everything it takes is in the house.'
  const trip = getBy(shopDays(home, ''), start, start, null, today)
  return `${countWords(count, 'thing')} to get${trip.lateDays ? '' : `, all on one trip on ${longDate(trip.date)}`}.`
}

/** What a first plan did, in five plain sentences. */
export function startWords(draft: Draft, today: CalendarDate): string[] {
  const count = (kind: Where['kind']) => {
    const all = draft.laid.filter((one) => one.placement.where.kind === kind)
    return { all: all.length, about: all.filter((one) => one.candidate.about).length }
  }
  const [out, done] = [count('set-up'), count('moment')]
  const parts = [
    out.all ? `${out.about} of ${countWords(out.all, 'set-up')}` : '',
    done.all ? `${done.about} of ${countWords(done.all, 'planned activity', 'planned activities')}` : '',
  ].filter(Boolean)
  return [
    parts.length ? `${listWords(parts)} are about “${draft.unit.name}”.` : 'Nothing could be laid out yet.',
    roundedWords(draft),
    folderWords(draft),
    listSentence(
      supplyList(draft.snapshot(), draft.plan()).filter(isToGet).length,
      draft.house.home,
      draft.unit.start,
      today,
    ),
    'Every place has two more ideas that fit: choose a card to see them, and press S to swap.',
  ]
}

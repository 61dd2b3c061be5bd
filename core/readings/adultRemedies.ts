import { hoursOn } from '../plan'
import type { Adult, CalendarDate, TimeSpan } from '../domain'
import { clockWords, spanWords } from '../base'
import { adultHours, type Clash, type CoverInterval } from './adultCover'

/** What can be done where adults are missing: someone comes or stays, or someone else leads. */
export type AdultRemedy =
  | { kind: 'come'; adultId: string; date: CalendarDate; here: TimeSpan; words: string }
  | { kind: 'lead'; placementId: string; leadId: string; words: string }

const ORDER: Record<Adult['role'], number> = { provider: 0, assistant: 1, substitute: 2 }
const later = (a: string, b: string) => (a > b ? a : b)
const earlier = (a: string, b: string) => (a < b ? a : b)

/** Someone who is not there for all of a stretch, there for it: staying longer, coming earlier, or coming for it. */
function comes(adult: Adult, date: CalendarDate, span: TimeSpan): AdultRemedy {
  const now = adultHours(adult, date)
  const here = now ? { from: earlier(now.from, span.from), to: later(now.to, span.to) } : span
  const words = !now
    ? `${adult.name} comes ${spanWords(span)}`
    : now.to < here.to && now.from === here.from
      ? `${adult.name} stays until ${clockWords(here.to)}`
      : now.to === here.to
        ? `${adult.name} comes at ${clockWords(here.from)}`
        : `${adult.name} is here ${spanWords(here)}`
  return { kind: 'come', adultId: adult.id, date, here, words }
}

const away = (adults: readonly Adult[], date: CalendarDate, span: TimeSpan): Adult[] =>
  adults
    .filter((adult) => {
      const now = adultHours(adult, date)
      return !now || now.from > span.from || now.to < span.to
    })
    .sort((a, b) => ORDER[a.role] - ORDER[b.role] || a.name.localeCompare(b.name, 'en'))

/** Who could come or stay so that a stretch has one adult more. Too many children are not mended by it. */
export const coverRemedies = (
  interval: Pick<CoverInterval, 'date' | 'from' | 'to' | 'short'>,
  adults: readonly Adult[],
): AdultRemedy[] =>
  interval.short ? away(adults, interval.date, interval).map((adult) => comes(adult, interval.date, interval)) : []

/**
 * What would settle a clash: someone else who is there leads it, or someone comes. Another time for one of them is for
 * `bestSlots` to find.
 */
export function attentionRemedies(clash: Clash, adults: readonly Adult[]): AdultRemedy[] {
  const span = { from: clash.from, to: clash.to }
  const here = adults.filter((adult) => !away([adult], clash.date, span).length)
  const busy = new Set(clash.sessions.map((one) => one.placement.leadId))
  const free = here.filter((adult) => !busy.has(adult.id))
  const moved = clash.sessions[clash.sessions.length - 1]
  const leads =
    clash.kind === 'hands'
      ? []
      : free.map((adult): AdultRemedy => ({
          kind: 'lead',
          placementId: moved.placement.id,
          leadId: adult.id,
          words: `${adult.name} leads ${moved.activity.title}`,
        }))
  const come =
    clash.kind === 'lead-twice'
      ? []
      : clash.kind === 'lead-away'
        ? clash.adult
          ? [comes(clash.adult, clash.date, span)]
          : []
        : away(adults, clash.date, span).map((adult) => comes(adult, clash.date, span))
  return [...leads, ...come]
}

/** An adult with other hours on one date. The weekly hours again are no exception. */
export function withHours(adult: Adult, date: CalendarDate, here: TimeSpan | null): Adult {
  const rest = adult.exceptions.filter((one) => one.date !== date)
  const usual = hoursOn({ pattern: adult.hours, exceptions: [] }, date)
  const same = usual === here || (usual !== null && here !== null && usual.from === here.from && usual.to === here.to)
  return { ...adult, exceptions: same ? rest : [...rest, { date, here }].sort((a, b) => (a.date < b.date ? -1 : 1)) }
}

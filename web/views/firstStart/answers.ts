import { CalendarDate, type CenterKind, type Child, type LicenseRule, type TimeSpan, type Weekday } from '@core/domain'
import { NAP_HABITS, usualNaps, usuallyMouths, type FirstChild, type NapHabit } from '@core/newHome'

/** A child as it is being written down. What nobody has touched yet follows the age. */
export interface ChildDraft {
  name: string
  born: string
  naps: NapHabit | 'own' | null
  ownNap: TimeSpan
  allergens: Child['allergens']
  mouths: boolean | null
}
export const newChildDraft = (): ChildDraft => ({
  name: '',
  born: '',
  naps: null,
  ownNap: { from: '12:30', to: '14:30' },
  allergens: [],
  mouths: null,
})

/** Everything that is asked at the start, as it is being answered. */
export interface Answers {
  homeName: string
  kids: ChildDraft[]
  days: Weekday[]
  hours: TimeSpan
  centers: CenterKind[]
  cupboard: string[]
  license: { children: number | null; rule: LicenseRule['kind'] }
  /** Prep windows that are not wanted, by weekday. */
  noPrep: Weekday[]
}
export const newAnswers = (): Answers => ({
  homeName: 'My home',
  kids: [newChildDraft(), newChildDraft(), newChildDraft()],
  days: ['mon', 'tue', 'wed', 'thu', 'fri'],
  hours: { from: '07:45', to: '17:30' },
  centers: ['blocks', 'pretend', 'art-table', 'sensory-bin', 'book-nook', 'circle', 'outdoors'],
  cupboard: [],
  license: { children: 8, rule: 'ratios' },
  noPrep: [],
})

const isDate = (text: string) => CalendarDate.safeParse(text).success

/** How a child naps: as was answered, else as the age proposes; null while no date of birth is known. */
export const napsOf = (kid: ChildDraft, today: CalendarDate): NapHabit | 'own' | null =>
  kid.naps ?? (isDate(kid.born) ? usualNaps(kid.born, today) : null)
/** Whether a child mouths things: as was answered, else as the age proposes. */
export const mouthsOf = (kid: ChildDraft, today: CalendarDate): boolean =>
  kid.mouths ?? (isDate(kid.born) && usuallyMouths(kid.born, today))

/** What is wrong with a child’s line, by field. */
export function faultsOf(kid: ChildDraft, today: CalendarDate): { name?: string; born?: string; nap?: string } {
  const empty = !kid.name.trim() && !kid.born
  return {
    name: !empty && !kid.name.trim() ? 'Write a first name' : undefined,
    born:
      empty || !kid.name.trim()
        ? undefined
        : !isDate(kid.born)
          ? 'Write the birth date'
          : kid.born > today
            ? 'This date is still to come'
            : undefined,
    nap: napsOf(kid, today) === 'own' && kid.ownNap.from >= kid.ownNap.to ? 'The nap ends before it begins' : undefined,
  }
}

/** The child that a line makes. */
export function childOf(kid: ChildDraft, today: CalendarDate): FirstChild {
  const habit = napsOf(kid, today)
  return {
    name: kid.name.trim(),
    born: kid.born,
    naps: habit === 'own' ? [{ ...kid.ownNap }] : habit ? NAP_HABITS[habit].map((nap) => ({ ...nap })) : [],
    allergens: [...kid.allergens],
    mouths: mouthsOf(kid, today),
  }
}

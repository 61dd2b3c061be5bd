import { demand } from '../base'
import type { PieceKind } from '../domain'
import { closes, opens, type CircleItem } from './items'

/** What is shortened first where time is short (3-computations, section 10); it is drawn out the other way around. */
export const TRIM_ORDER: readonly PieceKind[] = ['talk', 'rhyme', 'game', 'movement', 'story', 'finger-play']
/** Hundredths of a minute are finer than any clock of hers. */
const tidy = (minutes: number): number => Math.round(minutes * 100) / 100

export interface CircleFit {
  /** Minutes that each item takes, by its id. */
  minutes: ReadonlyMap<string, number>
  /** Minutes by which even the shortest lengths go over; 0 where it fits. */
  over: number
  /** The one item that, left out, would mend it; null where none alone does, or nothing must be left out. */
  leaveOut: string | null
  /** Minutes that are left when everything is as long as it can be. */
  left: number
}

/** Items that are trimmed, the first first: by kind, and of a kind the later before the earlier. */
function inTrimOrder(items: readonly CircleItem[]): CircleItem[] {
  return TRIM_ORDER.flatMap((kind) => items.filter((one) => one.kind === kind).reverse())
}

/**
 * Fits a circle into its window: what is too long is trimmed kind by kind, each down to its shortest before the next;
 * what is too short is drawn out in the reverse order. What opens and what closes keeps its length, and is never left out.
 *
 * @param window minutes, 0 or more
 * @throws InputError naming `window`, or `minutes` where an item's lengths are no lengths
 * @example gather 1, greet 2, rhyme 4 (2), story 7 (5), movement 4 (2), talk 3 (1), goodbye 2 in 20: talk 1, rhyme 3
 */
export function fitCircle(items: readonly CircleItem[], window: number): CircleFit {
  demand(Number.isFinite(window) && window >= 0, 'window', 'A circle takes 0 minutes or more')
  for (const { shortest, planned, longest } of items)
    demand(
      shortest >= 0 && shortest <= planned && planned <= longest && Number.isFinite(longest),
      'minutes',
      'The shortest is at most as long as planned, and that at most as long as the longest',
    )
  const minutes = new Map(items.map((one) => [one.id, one.planned]))
  const sum = () => tidy([...minutes.values()].reduce((total, one) => total + one, 0))
  const order = inTrimOrder(items)
  let more = tidy(sum() - window)
  for (const one of order) {
    if (more <= 0) break
    const taken = Math.min(more, one.planned - one.shortest)
    minutes.set(one.id, tidy(one.planned - taken))
    more = tidy(more - taken)
  }
  if (more > 0) return { minutes, over: more, leaveOut: mends(items, minutes, more), left: 0 }
  let left = tidy(window - sum())
  for (const one of [...order].reverse()) {
    if (left <= 0) break
    const now = minutes.get(one.id)!
    const given = Math.min(left, tidy(one.longest - now))
    minutes.set(one.id, tidy(now + given))
    left = tidy(left - given)
  }
  return { minutes, over: 0, leaveOut: null, left }
}

/** The item that is enough when it is left out, and takes least with it; among equals what is trimmed first. */
function mends(items: readonly CircleItem[], minutes: ReadonlyMap<string, number>, over: number): string | null {
  const rank = ({ kind }: CircleItem) => TRIM_ORDER.indexOf(kind)
  const enough = items.filter((one) => !opens(one.kind) && !closes(one.kind) && minutes.get(one.id)! >= over)
  enough.sort((a, b) => minutes.get(a.id)! - minutes.get(b.id)! || rank(a) - rank(b))
  return (enough[0] as CircleItem | undefined)?.id ?? null
}

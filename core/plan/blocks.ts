import type { Home, RhythmBlock, SpecialEvent, Unit } from '../domain'

const overlaps = (a: { from: string; to: string }, b: { from: string; to: string }) => a.from < b.to && a.to > b.from

/** The special day of a program day, where it has a list of its own. */
export const eventOn = (unit: Pick<Unit, 'events'>, day: number): SpecialEvent | undefined =>
  unit.events.find((event) => event.day === day && event.parts.length > 0)

/** What of the rhythm a special day replaces: blocks whose cards have no place on that day. */
export function replacedOn(home: Pick<Home, 'rhythm'>, unit: Pick<Unit, 'events'>, day: number): RhythmBlock[] {
  const event = eventOn(unit, day)
  return event ? home.rhythm.filter((block) => event.parts.some((part) => overlaps(part, block))) : []
}

/** The parts of a special day as blocks that take placements. */
export const eventBlocks = (event: SpecialEvent): RhythmBlock[] =>
  event.parts.map(({ id, name, from, to }) => ({ id, name, from, to, kind: 'choice' }))

/**
 * The blocks of a program day in order of time: the home's rhythm, or, on a special day with a list of its own, that
 * list in place of every block that it overlaps. Lunch and nap stay where the list leaves them room.
 */
export function blocksOn(home: Pick<Home, 'rhythm'>, unit: Pick<Unit, 'events'>, day: number): RhythmBlock[] {
  const event = eventOn(unit, day)
  const replaced = replacedOn(home, unit, day)
  return [...home.rhythm.filter((block) => !replaced.includes(block)), ...(event ? eventBlocks(event) : [])].sort(
    (a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : 0),
  )
}

/** A block of one program day by its id; undefined where that day has none of that id. */
export const blockOn = (
  home: Pick<Home, 'rhythm'>,
  unit: Pick<Unit, 'events'>,
  day: number,
  blockId: string,
): RhythmBlock | undefined =>
  (eventOn(unit, day) ? blocksOn(home, unit, day) : home.rhythm).find((block) => block.id === blockId)

import type { CircleScript, ScriptPart, ScriptVerse, UnitSnapshot } from '../domain'
import { numberWord } from '../ideas'
import { pictureOf } from '../library/pictures'
import { WAY_WORDS } from './books'
import type { CircleDay, CircleShown, TurnOn } from './day'
import { versesFor, type PartOn } from './plan'

/** What each part is held for: the first turn opens, the others come where something is counted, then in order. */
function turnsOf(parts: readonly PartOn[], turns: readonly TurnOn[]): Map<string, TurnOn> {
  const out = new Map<string, TurnOn>()
  const [first, ...rest] = turns.filter((one) => one.next)
  if (!(first as TurnOn | undefined) || !parts.length) return out
  out.set(parts[0].part.id, first)
  const counting = parts.filter((one) => one.piece && one.piece.form !== 'text')
  const places = [...counting, ...parts.filter((one) => !counting.includes(one))].filter((one) => !out.has(one.part.id))
  rest.slice(0, places.length).forEach((turn, i) => out.set(places[i].part.id, turn))
  return out
}

/** How a verse more comes about: the children name a thing, it counts one further, or the same is said again. */
function growsBy(one: PartOn): ScriptPart['grows'] {
  if (!one.piece) return 'again'
  const { form, text } = one.piece
  if (form === 'list' || (form === 'each' && !/\{(move|lives)\}/.test(text))) return 'named'
  return form === 'up' || form === 'back' ? 'counted' : 'again'
}

/** A circle as it is led, all of it in words: what the stage shows, here or on a helper's phone. Of no child but a name. */
export function scriptOf(on: CircleDay, shown: CircleShown, { unit }: Pick<UnitSnapshot, 'unit'>): CircleScript {
  const turns = turnsOf(shown.parts, shown.turns)
  return {
    from: on.block.from,
    to: on.block.to,
    window: on.window,
    sitting: on.listeners.sitting,
    turns: shown.turns.flatMap(({ what, next }) => (next ? [{ what, name: next.child.name }] : [])),
    parts: shown.parts.map((one): ScriptPart => {
      const { part, piece, book, item } = one
      const verses: ScriptVerse[] = piece
        ? versesFor(part, piece, unit.objects).map((verse) => ({
            ...verse,
            word: verse.count === null ? '' : numberWord(verse.count),
            lines: [...verse.lines],
          }))
        : []
      const counted = Math.max(0, ...verses.map((verse) => verse.count ?? 0))
      const name = part.thing || unit.objects.find((object) => object.form === 'thing')?.name || ''
      const turn = turns.get(part.id)
      return {
        id: part.id,
        title: one.title,
        kind: item.kind,
        minutes: shown.fit.minutes.get(part.id) ?? 0,
        seated: item.seated,
        props: [...(piece?.props ?? []), ...(piece?.figures ?? [])],
        verses,
        counted,
        picture: counted ? unit.objects.find((object) => object.name === name)?.picture || pictureOf(name) || '' : '',
        turn: turn?.next ? { what: turn.what, name: turn.next.child.name } : null,
        say:
          book && one.telling ? `${book.author ? `By ${book.author}. ` : ''}To be ${WAY_WORDS[one.telling.way]}.` : '',
        grows: growsBy(one),
      }
    }),
  }
}

/** One thing to show on stage: a verse of a part, or a part without words. */
export interface StageStep {
  part: ScriptPart
  verse: ScriptVerse | null
  /** Which verse of how many. */
  at: number
  of: number
}
export const verseKey = (partId: string, verse: number): string => `${partId} ${verse}`

/**
 * A circle step by step.
 *
 * @param again how often a verse is said once more, by {@link verseKey}
 */
export function stageSteps(
  script: Pick<CircleScript, 'parts'>,
  again: Readonly<Record<string, number>> = {},
): StageStep[] {
  return script.parts.flatMap((part): StageStep[] => {
    if (!part.verses.length) return [{ part, verse: null, at: 1, of: 1 }]
    return part.verses.flatMap((verse, i) =>
      Array.from({ length: 1 + (again[verseKey(part.id, i)] ?? 0) }, () => ({
        part,
        verse,
        at: i + 1,
        of: part.verses.length,
      })),
    )
  })
}
/** The first step of the next part; null where this is the last. */
export function nextPart(steps: readonly StageStep[], at: number): number | null {
  const found = steps.findIndex((one, i) => i > at && one.part.id !== steps[at]?.part.id)
  return found < 0 ? null : found
}
/** The last step of this part, where it is further on: a shorter way to its end. */
export function endOfPart(steps: readonly StageStep[], at: number): number | null {
  const next = nextPart(steps, at) ?? steps.length
  return next - 1 > at ? next - 1 : null
}
/** Whether the count of a step is asked for before it is shown: it is another than that of the verse before. */
export function isAskedFirst(from: StageStep | undefined, to: StageStep | undefined): boolean {
  if (!from?.verse || !to?.verse || from.part.id !== to.part.id || !from.verse.ask) return false
  return to.verse.count !== null && to.verse.count !== from.verse.count
}

/** Minutes by the clock as they are written down: to half a minute, half a minute at least, two hours at most. */
export const minutesHeld = (milliseconds: number): number =>
  Math.min(120, Math.max(0.5, Math.round(milliseconds / 30_000) / 2))

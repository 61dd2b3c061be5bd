import type { CalendarDate, Child, FamilyPromise, Material } from '../domain'
import { coverByPacks } from './packs'
import { isToGet, type SupplyLine } from './supplyList'

/** A family that can be asked: one child, or brothers and sisters. */
export interface Family {
  /** The name that they share, or the child's id. */
  key: string
  children: Child[]
}

/** Families of the home, in the order of their youngest. */
export function familiesOf(children: readonly Child[]): Family[] {
  const found = new Map<string, Family>()
  for (const child of children) {
    const key = child.family.trim().toLowerCase() || child.id
    found.set(key, { key, children: [...(found.get(key)?.children ?? []), child] })
  }
  return [...found.values()]
}

/**
 * Families in the order in which they are asked for this unit: with each unit another comes first, so that the same are
 * not always asked.
 */
export function inTurn(families: readonly Family[], unitsBefore: number): Family[] {
  const first = families.length ? unitsBefore % families.length : 0
  return [...families.slice(first), ...families.slice(0, first)]
}

/** Something that families are asked for, and how much of it nobody has promised. */
export interface AskLine {
  material: Material
  /** Asked for in all, promises included. */
  quantity: number
  open: number
  bringBy: CalendarDate
  promises: FamilyPromise[]
}

/**
 * What families are asked for: every line that is got that way and has not fallen back to the shop. What was promised
 * and is still coming is part of what is asked for.
 */
export function asksOf(lines: readonly SupplyLine[], promises: readonly FamilyPromise[]): AskLine[] {
  return lines.flatMap((line): AskLine[] => {
    const coming = promises.filter((one) => one.materialId === line.material.id && one.state === 'coming')
    if (line.material.way !== 'ask' || line.fellBack || (!isToGet(line) && !coming.length)) return []
    const bringBy = line.ask?.bringBy ?? coming[0]?.by
    return bringBy
      ? [
          {
            material: line.material,
            quantity: line.shortage + line.coming,
            open: line.shortage,
            bringBy,
            promises: coming,
          },
        ]
      : []
  })
}

/** A share of an ask for one family. */
export interface FamilyAsk {
  material: Material
  quantity: number
  /** What it would cost in a shop, in cents; 0 where no price is known: what a household saves anyway. */
  worth: number
  bringBy: CalendarDate
}

export interface FamilyNote {
  family: Family
  asks: FamilyAsk[]
}

/** From this worth on, in cents, an ask is dear: no family gets two. A judgement: about a packet of coffee. */
export const DEAR_CENTS = 300
/** Pieces that one family is asked for of one thing, where there are families enough. A judgement: a handful. */
const HANDFUL = 6

const worthOf = (material: Material, quantity: number): number =>
  material.packs.length ? coverByPacks(quantity, material.packs).cost : 0

/**
 * Parts of an ask: handfuls of what is counted in pieces, where there are families enough; the whole of anything else.
 */
function partsOf(ask: AskLine, families: number): number[] {
  if (ask.material.unit !== 'each' && ask.material.unit !== 'sheet') return [ask.open]
  const count = Math.min(families, Math.ceil(ask.open / HANDFUL))
  return Array.from({ length: count }, (_, i) => Math.floor(ask.open / count) + (i < ask.open % count ? 1 : 0)).filter(
    (part) => part > 0,
  )
}

/** What nobody could be asked for without asking a family for two dear things. */
export interface Spread {
  notes: FamilyNote[]
  /** Asks that are left, because every family has a dear thing already. */
  left: FamilyAsk[]
}

/**
 * Spreads what is asked over the families: the dearest first, each to the family that is asked for least so far, the
 * first in turn among equals. No family is asked for two dear things, nor twice for the same.
 *
 * @param families in the order of their turn, see {@link inTurn}
 * @returns a note for every family, those without an ask too
 */
export function spreadAsks(asks: readonly AskLine[], families: readonly Family[]): Spread {
  const notes = families.map((family): FamilyNote & { burden: number; dear: number } => ({
    family,
    asks: [],
    burden: 0,
    dear: 0,
  }))
  const parts = asks.flatMap((ask) =>
    partsOf(ask, families.length).map((quantity): FamilyAsk => ({
      material: ask.material,
      quantity,
      worth: worthOf(ask.material, quantity),
      bringBy: ask.bringBy,
    })),
  )
  const left: FamilyAsk[] = []
  for (const part of parts.sort(
    (a, b) => b.worth - a.worth || b.quantity - a.quantity || (a.material.id < b.material.id ? -1 : 1),
  )) {
    const isDear = part.worth >= DEAR_CENTS
    const free = notes.filter(
      (note) => !(isDear && note.dear) && !note.asks.some((ask) => ask.material.id === part.material.id),
    )
    if (!free.length) {
      left.push(part)
      continue
    }
    const to = free.reduce((least, note) =>
      note.burden < least.burden || (note.burden === least.burden && note.asks.length < least.asks.length)
        ? note
        : least,
    )
    to.asks.push(part)
    to.burden += part.worth
    if (isDear) to.dear++
  }
  return { notes: notes.map(({ family, asks: mine }) => ({ family, asks: mine })), left }
}

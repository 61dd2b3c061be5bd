import type { PieceKind } from '../domain'

/** One thing of a circle, with how long it can take. */
export interface CircleItem {
  id: string
  kind: PieceKind
  /** Minutes, 0 or more: it is never shorter, it is as planned where there is room, and it can be drawn out so far. */
  shortest: number
  planned: number
  longest: number
  /** What it adds to how lively they are: -2 to +2. */
  energy: number
  seated: boolean
  /** It stays where it is among the middle. */
  pinned?: boolean
}

/** What opens a circle and what closes it, in their order; everything else is the middle, which is hers to order. */
const OPENING: readonly PieceKind[] = ['gather', 'greet']
const CLOSING: readonly PieceKind[] = ['calm', 'goodbye']
export const opens = (kind: PieceKind): boolean => OPENING.includes(kind)
export const closes = (kind: PieceKind): boolean => CLOSING.includes(kind)

/** A circle as it goes: what opens it, the middle, what closes it. Within each she keeps her order. */
export function partsOfCircle<T extends { kind: PieceKind }>(
  items: readonly T[],
): { open: T[]; middle: T[]; close: T[] } {
  const rank = (order: readonly PieceKind[]) => (a: T, b: T) => order.indexOf(a.kind) - order.indexOf(b.kind)
  return {
    open: items.filter((one) => opens(one.kind)).sort(rank(OPENING)),
    middle: items.filter((one) => !opens(one.kind) && !closes(one.kind)),
    close: items.filter((one) => closes(one.kind)).sort(rank(CLOSING)),
  }
}
/** All of it in the order in which it goes. */
export function inCircleOrder<T extends { kind: PieceKind }>(items: readonly T[]): T[] {
  const { open, middle, close } = partsOfCircle(items)
  return [...open, ...middle, ...close]
}

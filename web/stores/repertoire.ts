import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Circle, Piece } from '@core/domain'
import { useHouse } from './house'

const NONE: readonly Piece[] = []

/** The pieces that ship. Those that circles of a unit name come with that unit; all of them are fetched to choose from. */
export const useRepertoire = defineStore('repertoire', () => {
  const house = useHouse()
  /** What came with units. */
  const known = shallowRef<readonly Piece[]>(NONE)
  const shipped = shallowRef<readonly Piece[]>(NONE)
  /** They could not be fetched: without a network, on a page that never had them. */
  const failed = ref(false)
  let asked: Promise<void> | null = null
  /** Fetches them once; after a fault the next who asks tries again. */
  const load = (): Promise<void> =>
    (asked ??= import('@core/library/repertoire').then(
      ({ PIECES }) => {
        shipped.value = PIECES
        failed.value = false
      },
      () => {
        asked = null
        failed.value = true
      },
    ))
  /** Takes what came with a unit; an answer that was kept by an earlier form of the page brings nothing. */
  function take(pieces: readonly Piece[] = NONE): void {
    const more = pieces.filter((piece) => !known.value.some((one) => one.id === piece.id))
    if (more.length) known.value = [...known.value, ...more]
  }
  /** What ships, where circles name any of it: what came with units as long as that is enough. */
  function forCircles(circles: readonly Circle[]): readonly Piece[] {
    const there = new Set([...known.value, ...house.pieces].map((piece) => piece.id))
    const named = circles.flatMap((circle) => circle.parts.flatMap((part) => part.pieceId ?? []))
    if (named.every((id) => there.has(id))) return named.length ? known.value : NONE
    void load()
    return shipped.value
  }
  return { shipped, known, failed, load, take, forCircles }
})

import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Circle, Piece } from '@core/domain'

const NONE: readonly Piece[] = []

/** The pieces that ship, fetched with what computes on a unit: a list of units does without. */
export const useRepertoire = defineStore('repertoire', () => {
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
  /** What ships, where circles use any of it; until it is there, nothing. */
  function forCircles(circles: readonly Circle[]): readonly Piece[] {
    if (!circles.some((circle) => circle.parts.some((part) => part.pieceId))) return NONE
    void load()
    return shipped.value
  }
  return { shipped, failed, load, forCircles }
})

import type { BinSetUp } from '../domain'

/** A rectangle in whole pixels, its upper left corner first. */
export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** A bin cut lengthwise, true to its proportions. */
export interface Section {
  /** Pixels to a millimeter. */
  scale: number
  /** The room inside the walls. */
  inside: Box
  /** What it is filled with. */
  fill: Box
}

/**
 * The section of a bin in a space: as large as fits, its length across, its depth as deep as it is. Each edge lies on
 * the pixel nearest to where it is.
 *
 * @param bin its inner measures and its depth, in mm
 * @param space width and height to draw in, in pixels, each above 0
 */
export function sectionOf(
  { container, depthMm }: Pick<BinSetUp, 'container' | 'depthMm'>,
  space: { width: number; height: number },
): Section {
  const scale = Math.min(space.width / container.lengthMm, space.height / container.heightMm)
  const width = Math.round(container.lengthMm * scale)
  const height = Math.round(container.heightMm * scale)
  const x = Math.round((space.width - width) / 2)
  const y = space.height - height
  const deep = Math.round(Math.min(depthMm, container.heightMm) * scale)
  return { scale, inside: { x, y, width, height }, fill: { x, y: y + height - deep, width, height: deep } }
}

/**
 * Where hidden things lie in the filler, spread evenly: their middles, in pixels. Only as many as can be told apart.
 *
 * @param count 0 or more
 */
export function hiddenSpots(fill: Box, count: number): { x: number; y: number }[] {
  const shown = Math.min(count, 24)
  return Array.from({ length: shown }, (_, i) => ({
    x: Math.round(fill.x + (fill.width * (i + 0.5)) / shown),
    y: Math.round(fill.y + fill.height * (i % 2 ? 0.66 : 0.4)),
  }))
}

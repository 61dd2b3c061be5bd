import { demand } from '../base'

/** A container, by what it measures inside. */
export interface Container {
  lengthCm: number
  widthCm: number
  /** Height of its walls. */
  heightCm: number
}

/** Share of a bin that tools and hidden things take, where nobody says otherwise (3-computations, section 6). */
export const SHARE_TAKEN = 0.1
/** Room along the edge that one child needs, in cm (3-computations, section 6). */
export const EDGE_CM = 50
/** What one adult lifts without strain; a bin that is heavier is filled where it stands (3-computations, section 6). */
export const LIFT_G = 10_000

const isAbove = (value: number, field: string, message: string) =>
  demand(Number.isFinite(value) && value > 0, field, message)

/**
 * How much filler goes into a bin, in ml.
 *
 * @param container measures in cm, each above 0
 * @param depthCm how deep it is filled, above 0 and at most as high as its walls
 * @param taken share that tools and hidden things take, 0 to less than 1
 * @throws InputError naming `lengthCm`, `widthCm`, `heightCm`, `depthCm` or `taken`
 * @example fillerMl({ lengthCm: 58, widthCm: 41, heightCm: 15 }, 5) // 10,701: 10.7 liters
 */
export function fillerMl(container: Container, depthCm: number, taken = SHARE_TAKEN): number {
  isAbove(container.lengthCm, 'lengthCm', 'A bin has a length')
  isAbove(container.widthCm, 'widthCm', 'A bin has a width')
  isAbove(container.heightCm, 'heightCm', 'A bin has walls')
  isAbove(depthCm, 'depthCm', 'Fill it with something')
  demand(depthCm <= container.heightCm, 'depthCm', 'That is deeper than its walls are high')
  demand(taken >= 0 && taken < 1, 'taken', 'Tools and hidden things take less than all of it')
  return container.lengthCm * container.widthCm * depthCm * (1 - taken)
}

/**
 * How many children reach into a bin at once: half a meter of edge for each, no more than the center takes, and one in
 * any case.
 *
 * @param atOnce how many the center takes, 1 or more
 */
export function childrenAtBin(container: Pick<Container, 'lengthCm' | 'widthCm'>, atOnce: number): number {
  const edge = 2 * (container.lengthCm + container.widthCm)
  return Math.max(1, Math.min(Math.floor(edge / EDGE_CM), atOnce))
}

/** What coloring a dry filler takes, by 240 ml of it, and how it dries (3-computations, section 6). */
const DYE = { perMl: 240, vinegarMl: 5, colorMl: 1, thickCm: 1.5, hours: [8, 12] } as const

export interface Dyeing {
  vinegarMl: number
  colorMl: number
  /** Trays of this size that it is spread on, no thicker than 1.5 cm. */
  trays: number
  /** Hours to dry, at the least and at the most. */
  hours: readonly [number, number]
}

/**
 * What coloring rice or pasta takes.
 *
 * @param ml of filler, above 0
 * @param trayCm inner length and width of one tray
 * @throws InputError naming `ml` or `trayCm`
 */
export function dyeing(ml: number, trayCm: readonly [number, number]): Dyeing {
  isAbove(ml, 'ml', 'Color something')
  isAbove(trayCm[0] * trayCm[1], 'trayCm', 'A tray has a length and a width')
  const batches = ml / DYE.perMl
  return {
    vinegarMl: batches * DYE.vinegarMl,
    colorMl: batches * DYE.colorMl,
    trays: Math.ceil(ml / (trayCm[0] * trayCm[1] * DYE.thickCm) - 1e-9),
    hours: DYE.hours,
  }
}

import { addDays } from '../base'
import type { BinSetUp, CalendarDate, Material } from '../domain'
import { childrenAtBin, dyeing, LIFT_G, type Dyeing } from './bin'
import { fillerOf, fillerQuantity, fillerWeight } from './fillers'
import { binMl, fillMinutes } from './placed'

/** Inner length and width of a tray on which colored filler dries, in cm: a baking sheet. */
export const DRYING_TRAY_CM = [43, 30] as const
/** Minutes of sweeping up after, by the work of the filler. */
const SWEEP_MINUTES = [1, 3, 5, 8] as const

/** What a bin comes to. */
export interface BinFacts {
  ml: number
  /** In g; null where nobody knows how dense the filler is. */
  weight: number | null
  /** In the base unit of the filler; null where nobody knows. */
  quantity: number | null
  /** Children who reach into it at once. */
  atOnce: number
  /** Whether it is too heavy to be carried when it is full. */
  inPlace: boolean
  fillMinutes: number
  sweepMinutes: number
  /** Whether a sheet goes under it: what falls is more than a few pieces. */
  needsSheet: boolean
  /** Things hidden in it, to be counted back. */
  hidden: number
  /** Coloring it; null where it takes no color. */
  dye: Dyeing | null
}

/**
 * What a bin comes to: how much goes in, how heavy that is, how many reach into it, how long it takes.
 *
 * @param atOnce how many children its center takes
 * @returns null where its measures do not fit together
 */
export function binFacts(bin: BinSetUp, material: Material, atOnce: number): BinFacts | null {
  const ml = binMl(bin)
  if (ml === null) return null
  const weight = fillerWeight(ml, material)
  const filler = fillerOf(material.id)
  const { lengthMm, widthMm } = bin.container
  return {
    ml,
    weight,
    quantity: fillerQuantity(ml, material),
    atOnce: childrenAtBin({ lengthCm: lengthMm / 10, widthCm: widthMm / 10 }, atOnce),
    inPlace: weight !== null && weight > LIFT_G,
    fillMinutes: fillMinutes(weight),
    sweepMinutes: SWEEP_MINUTES[filler?.sweep ?? 2],
    needsSheet: (filler?.sweep ?? 2) >= 2 || (filler?.days ?? 0) > 0,
    hidden: bin.hidden.reduce((sum, one) => sum + one.count, 0),
    dye: filler?.dyes ? dyeing(ml, DRYING_TRAY_CM) : null,
  }
}

/**
 * The last day of a filling: a wet one or food is for its days, a dry one stays until the unit ends.
 *
 * @param unitEnd last day of the unit
 */
export function outBy(bin: Pick<BinSetUp, 'filledOn' | 'fillerId'>, unitEnd: CalendarDate): CalendarDate | null {
  if (bin.filledOn === null) return null
  const days = fillerOf(bin.fillerId)?.days ?? null
  return days === null ? unitEnd : addDays(bin.filledOn, days - 1)
}

const HIDDEN = /^\s*(?:(\d{1,3})\s+)?(.+?)\s*$/

/** Hidden things as they are typed: "8 figures, shell". More than 200 of one, or 12 kinds, are not read. */
export const readHidden = (text: string): BinSetUp['hidden'] =>
  text
    .split(',')
    .flatMap((part) => {
      const [, count, name] = HIDDEN.exec(part) ?? []
      return name ? [{ name: name.slice(0, 120), count: Math.min(200, Math.max(1, Number(count ?? 1))) }] : []
    })
    .slice(0, 12)

/** The same as it is typed. */
export const hiddenText = (hidden: BinSetUp['hidden']): string =>
  hidden.map((one) => (one.count === 1 ? one.name : `${one.count} ${one.name}`)).join(', ')

import type { Material } from '../domain'

/** How fine a filler is: large pieces that stay put, some that pour and some that do not, or all of it pours. */
export const GRAINS = ['large', 'mixed', 'fine'] as const
export type Grain = (typeof GRAINS)[number]

/** What is known of a bin's filler beyond what the pantry knows of it. */
export interface Filler {
  materialId: string
  grain: Grain
  /** Work of sweeping it up: 0 by hand, 1 a few pieces, 2 a broom, 3 a broom and again. */
  sweep: 0 | 1 | 2 | 3
  /** Days that it is used once it was put in; null where it is dry and stays until the unit ends. */
  days: number | null
  /** Loose room that one piece takes, in ml, for what is counted. */
  pieceMl?: number
  /** Whether it can be colored. */
  dyes: boolean
  /** Whether a child who is new to bins can begin with it all the same: it is known from the tub. */
  wayIn?: boolean
  /** What speaks against it where a child still puts things in the mouth; `out` rules it out. */
  mouthing?: { out: boolean; why: string }
}

const filler = (
  materialId: string,
  grain: Grain,
  sweep: Filler['sweep'],
  over: Partial<Omit<Filler, 'materialId' | 'grain' | 'sweep'>> = {},
): Filler => ({ materialId, grain, sweep, days: null, dyes: false, ...over })

/** Fillers from the coarse to the fine. Wet ones and food are for one day (3-computations, section 6). */
export const FILLERS: readonly Filler[] = [
  filler('crinkle-paper', 'large', 0),
  filler('large-pom-pom', 'large', 0, { pieceMl: 110 }),
  filler('cotton-ball', 'large', 0, { pieceMl: 45, mouthing: { out: false, why: 'Cotton pulls apart in a mouth' } }),
  filler('large-pasta', 'large', 1, { dyes: true }),
  filler('corn-pasta', 'large', 1, { dyes: true }),
  filler('cooked-noodle', 'mixed', 2, { days: 1 }),
  filler('rolled-oats', 'mixed', 2),
  filler('dry-chickpea', 'mixed', 2),
  filler('pom-pom', 'mixed', 1, { pieceMl: 7 }),
  filler('rice', 'fine', 3, { dyes: true }),
  filler('corn-meal', 'fine', 3),
  filler('coarse-salt', 'fine', 3, {
    dyes: true,
    mouthing: { out: true, why: 'A mouthful of salt makes a small child ill' },
  }),
  filler('play-sand', 'fine', 3, { mouthing: { out: false, why: 'Sand is not for mouths' } }),
  filler('water', 'fine', 1, { days: 1, wayIn: true }),
  filler('snow', 'mixed', 1, { days: 1 }),
  filler('mud', 'mixed', 3, { days: 1, mouthing: { out: true, why: 'Soil is not for mouths' } }),
]

const KNOWN = new Map(FILLERS.map((one) => [one.materialId, one]))

/** What is known of a filler; nothing of one that the home thought of itself. */
export const fillerOf = (materialId: string): Filler | undefined => KNOWN.get(materialId)

/**
 * How much of a filler fills a volume, in the base unit of its material; null where nobody knows how much room it takes.
 *
 * @param ml 0 or more
 */
export function fillerQuantity(ml: number, material: Pick<Material, 'id' | 'unit' | 'density'>): number | null {
  if (material.unit === 'ml') return ml
  if (material.unit === 'g') return material.density === null ? null : ml * material.density
  const piece = fillerOf(material.id)?.pieceMl
  return material.unit === 'each' && piece ? Math.ceil(ml / piece - 1e-9) : null
}

/** What a filling weighs in g; null where nobody knows how dense it is. */
export const fillerWeight = (ml: number, material: Pick<Material, 'density'>): number | null =>
  material.density === null ? null : ml * material.density

import type { Material, Unit } from '../../domain'
import { thingMaterial, themeOf } from './theme'

/**
 * Materials of theme objects that must follow what was changed about the objects: measured ones lose their guess,
 * counted ones their old count. What the pantry says of a thing that was not changed stays as it is.
 *
 * @param materials by id, as they are now
 */
export function thingUpdates(before: Unit, after: Unit, materials: ReadonlyMap<string, Material>): Material[] {
  const old = new Map(themeOf(before).things.map((thing) => [thingMaterial(thing).id, thing]))
  return themeOf(after).things.flatMap((thing): Material[] => {
    const now = thingMaterial(thing)
    const [was, material] = [old.get(now.id), materials.get(now.id)]
    if (!material || !was) return []
    const measured = JSON.stringify(was.pieceMm) !== JSON.stringify(thing.pieceMm) || was.madeOf !== thing.madeOf
    const counted = was.onHand !== thing.onHand
    if (!measured && !counted) return []
    return [
      {
        ...material,
        ...(counted ? { onHand: thing.onHand } : {}),
        ...(measured
          ? {
              safety: {
                ...material.safety,
                partMm: now.safety.partMm,
                ballMm: now.safety.ballMm,
                hazards: now.safety.hazards,
              },
            }
          : {}),
      },
    ]
  })
}

import { canonical } from '../../base'
import type { Material, MaterialSafety, Unit } from '../../domain'
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
    const before = thingMaterial(was).safety
    const said = canonical(before) !== canonical(now.safety)
    const counted = was.onHand !== thing.onHand
    if (!said && !counted) return []
    return [
      {
        ...material,
        ...(counted ? { onHand: thing.onHand } : {}),
        ...(said ? { safety: { ...material.safety, ...changedIn(before, now.safety) } } : {}),
      },
    ]
  })
}

/** What is new of what the cautions look at: the rest may be what somebody said in the pantry. */
const changedIn = (before: MaterialSafety, now: MaterialSafety): Partial<MaterialSafety> =>
  Object.fromEntries(
    Object.entries(now).filter(([key, value]) => canonical(before[key as keyof MaterialSafety]) !== canonical(value)),
  )

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Child, Material } from '../domain'
import { resolvePlan } from '../plan'
import { aChild, aMaterial, anActivity, aNeed, aPlacement, aSnapshot, children, moment } from '../testing/build'
import { savingsOf } from './savings'
import { supplyList } from './supplyList'

const safety = aMaterial().safety
const dyed = aMaterial({
  id: 'dyed',
  name: 'dyed shells',
  onHand: 1,
  packs: [{ size: 10, price: 900, shop: 'the grocer', seen: null }],
  safety: { ...safety, allergens: ['egg'] },
})
const whey = aMaterial({
  id: 'whey',
  name: 'milk pieces',
  onHand: 20,
  packs: [{ size: 10, price: 100, shop: 'the grocer', seen: null }],
  safety: { ...safety, allergens: ['milk'] },
})
const world = (
  kids: Child[],
  materials: Material[],
  needs = [aNeed('dyed', { quantity: 4, alternatives: ['whey'] })],
) => {
  const snapshot = aSnapshot({
    children: kids,
    materials,
    activities: [anActivity({ requirements: needs })],
    placements: [aPlacement(moment(2))],
  })
  const plan = resolvePlan(snapshot)
  return { snapshot, plan, lines: supplyList(snapshot, plan) }
}
const lentOf = (lines: ReturnType<typeof supplyList>) =>
  lines.flatMap((line) => line.needs).flatMap((need) => need.lent.map((one) => one.material.id))

describe('an alternative is lent', () => {
  const [ann, bo, cy] = [
    aChild({ allergens: ['egg'] }),
    aChild({ id: 'bo', name: 'Bo', allergens: ['milk'] }),
    aChild({ id: 'cy', name: 'Cy' }),
  ]
  it('to nobody in whose hands it is an allergen, though as many take part as before', () => {
    const { lines } = world([ann, bo, cy], [dyed, whey])
    expect([lentOf(lines), lines[0].shortage]).toEqual([[], 3])
  })
  it('where only those are left out who were left out before, for the same', () => {
    expect(lentOf(world([ann, cy], [dyed, { ...whey, safety: { ...safety, allergens: ['egg'] } }]).lines)).toEqual([
      'whey',
    ])
    expect(lentOf(world([ann, cy], [dyed, whey]).lines)).toEqual(['whey'])
  })
  it('to no other need than the one for which the danger stands already', () => {
    const plain = aMaterial({ id: 'plain', name: 'plain shells', packs: dyed.packs })
    const { lines } = world(
      [ann, cy],
      [dyed, plain, { ...whey, safety: { ...safety, allergens: ['egg'] } }],
      [aNeed('dyed', { quantity: 1 }), aNeed('plain', { quantity: 2, alternatives: ['whey'] })],
    )
    expect(lentOf(lines)).toEqual([])
  })
  it('as a saving only where it would be lent as well: what is cheaper is not what is safe', () => {
    const short = { ...dyed, onHand: 0 }
    const swapsOf = (kids: Child[]) => {
      const { snapshot, plan, lines } = world(kids, [short, { ...whey, onHand: 0 }])
      return savingsOf(snapshot, plan, lines).filter((one) => one.kind === 'swap').length
    }
    expect([swapsOf([cy]), swapsOf([ann, bo, cy])]).toEqual([1, 0])
  })
})

it('puts no allergen before a child that the first material does not bring as well, in any home', () => {
  const allergens = ['egg', 'milk', 'wheat'] as const
  const some = fc.subarray([...allergens])
  fc.assert(
    fc.property(
      fc.array(some, { minLength: 1, maxLength: 5 }),
      fc.array(
        fc.record({ holds: some, part: fc.constantFrom(null, 10, 80), onHand: fc.integer({ min: 0, max: 6 }) }),
        { minLength: 2, maxLength: 4 },
      ),
      fc.boolean(),
      (kids, things, mouths) => {
        const materials = things.map((one, i) =>
          aMaterial({
            id: `m-${i}`,
            name: `m ${i}`,
            onHand: one.onHand,
            safety: { ...safety, allergens: one.holds, partMm: one.part && [one.part, one.part, one.part] },
          }),
        )
        const [first, ...others] = materials
        const group = children(kids.length, { mouths }).map((child, i) => ({ ...child, allergens: kids[i] }))
        const { lines } = world(group, materials, [
          aNeed(first.id, { quantity: 7, alternatives: others.map((one) => one.id) }),
          aNeed(others[0].id, { quantity: 1 }),
        ])
        for (const need of lines.flatMap((line) => line.needs).filter((one) => one.insteadOf)) {
          const [lent, instead] = [need.material.safety, need.insteadOf!.safety]
          for (const child of group) {
            const hit = (one: Material['safety']) =>
              one.allergens.some((allergen) => (child.allergens as readonly string[]).includes(allergen))
            if (hit(lent)) expect(hit(instead)).toBe(true)
          }
          if (mouths && lent.partMm?.[0] === 10) expect(instead.partMm?.[0]).toBe(10)
        }
      },
    ),
    { numRuns: 300 },
  )
})

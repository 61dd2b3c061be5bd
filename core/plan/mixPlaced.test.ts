import { describe, expect, it } from 'vitest'
import { sessionCautions } from '../cautions'
import type { BinSetUp, Mix, UnitSnapshot } from '../domain'
import { ACTIVITIES, MATERIALS, RECIPES } from '../library'
import { RECIPES_OF_IDEAS } from '../library/recipes/ideas'
import { asksFor } from '../making'
import { sessionNeeds } from '../supplies'
import { aChild, aNeed, anActivity, aPlacement, aSnapshot, moment } from '../testing/build'
import { resolvePlan } from '.'

const recipe = (id: string) => RECIPES.find((one) => one.id === id)!
const SIX = Array.from({ length: 6 }, (_, i) => aChild({ id: `c${i}`, name: `C${i}`, born: '2021-05-01' }))
/** One placement on day 1, with what is tested of it. */
function placed(
  over: Partial<UnitSnapshot>,
  { mix = null, bin = null }: { mix?: Mix | null; bin?: BinSetUp | null },
  requirements = [aNeed('spoon')],
) {
  const snapshot = aSnapshot({
    children: SIX,
    materials: [...MATERIALS],
    recipes: mix ? [recipe(mix.recipeId)] : [],
    activities: [anActivity({ requirements })],
    placements: [aPlacement(moment(1), { mix, bin })],
    ...over,
  })
  const plan = resolvePlan(snapshot)
  const [session] = plan.sessions
  return {
    session,
    needs: new Map(sessionNeeds(session, plan.materials).map((need) => [need.material.id, need.quantity])),
    rules: sessionCautions(session, plan).map((one) => `${one.rule.id} ${one.material?.id}`),
  }
}
const mix = (recipeId: string, over: Partial<Mix> = {}): Mix => ({ recipeId, swapIds: [], before: false, ...over })

describe('a placement that is mixed', () => {
  it('needs what goes in for who takes part: oobleck for six, 467 g of starch', () => {
    const { needs } = placed({}, { mix: mix('oobleck') })
    // The worked example is of six portions of 150 g; here each is what the recipe gives a preschooler.
    const portion = recipe('oobleck').portion.byStage.preschool ?? recipe('oobleck').portion.usual
    expect(Math.abs(needs.get('corn-starch')! - (467 * portion) / 150)).toBeLessThan(2)
  })
  it('needs half of it for half of them', () => {
    const all = placed({}, { mix: mix('oobleck') }).needs.get('corn-starch')!
    expect(placed({ children: SIX.slice(0, 3) }, { mix: mix('oobleck') }).needs.get('corn-starch')).toBeCloseTo(
      all / 2,
      2,
    )
  })
  it('needs no longer what the recipe makes', () => {
    const made = recipe('cooked-dough').makes!
    const needs = [aNeed(made, { quantity: 150, basis: { by: 'child' } })]
    expect([...placed({}, {}, needs).needs.keys()]).toEqual([made])
    const { needs: after } = placed({}, { mix: mix('cooked-dough', { before: true }) }, needs)
    expect(after.has(made)).toBe(false)
    expect(after.get('wheat-flour')).toBeGreaterThan(100)
  })
  it('takes the place of what the idea itself would mix, and of its mixing', () => {
    const tags = ACTIVITIES.find((one) => one.id === 'salt-dough-tags')!
    const { session, needs } = placed({ activities: [{ ...tags, id: 'act' }] }, { mix: mix('salt-dough') })
    expect(session.activity.requirements.filter((one) => one.materialId === 'wheat-flour').length).toBe(1)
    expect(session.activity.prep.map((step) => step.id)).not.toContain('mix-salt-dough')
    // Six tags of 35 g: half of the worked example, 68 g of flour and 78 g of salt.
    expect(Math.abs(needs.get('wheat-flour')! - 135 / 2)).toBeLessThan(1)
    expect(Math.abs(needs.get('fine-salt')! - 156 / 2)).toBeLessThan(1)
    expect(needs.has('rolling-pin')).toBe(true)
  })
  it('is asked for by what it makes, or by name, also by a copy', () => {
    const idea = (id: string) => ACTIVITIES.find((one) => one.id === id)!
    expect(asksFor(idea('salt-dough-tags'), recipe('salt-dough'))).toBe(true)
    expect(asksFor(idea('dough-diamonds'), recipe('cooked-dough-wheat-free'))).toBe(true)
    expect(asksFor(idea('dough-diamonds'), recipe('oobleck'))).toBe(false)
    const copy = anActivity({ id: 'mine', origin: { id: 'salt-dough-tags', title: 'Salt dough tags' } as never })
    expect(asksFor(copy, recipe('salt-dough'))).toBe(true)
  })
  it.each(Object.entries(RECIPES_OF_IDEAS))('%s is an idea of the library, and so is each recipe', (id, recipes) => {
    expect(ACTIVITIES.some((one) => one.id === id)).toBe(true)
    for (const one of recipes) expect(RECIPES.some((other) => other.id === one)).toBe(true)
  })
  it('prepares all of it where it is mixed before, and what an adult does first where the children mix', () => {
    expect(
      placed({}, { mix: mix('cooked-dough', { before: true }) }).session.activity.prep.map((one) => one.text),
    ).toEqual(recipe('cooked-dough').steps.map((step) => step.text))
    expect(placed({}, { mix: mix('cooked-dough') }).session.activity.prep).toEqual([])
  })
  it('warns of raw flour where hands go to the mouth, but not once it is cooked', () => {
    const mouthing = [...SIX.slice(1), aChild({ id: 'm', name: 'M', born: '2021-05-01', mouths: true })]
    expect(placed({ children: mouthing }, { mix: mix('no-cook-dough') }).rules).toContain('raw-flour wheat-flour')
    expect(placed({ children: mouthing }, { mix: mix('cooked-dough', { before: true }) }).rules).not.toContain(
      'raw-flour wheat-flour',
    )
  })
  it('keeps a child with the allergy out, and takes the child in with the swap', () => {
    const allergic = [...SIX.slice(1), aChild({ id: 'a', name: 'A', born: '2021-05-01', allergens: ['wheat'] })]
    const does = (swapIds: string[]) =>
      placed({ children: allergic }, { mix: mix('no-cook-dough', { swapIds }) }).session.parts.find(
        (part) => part.child.id === 'a',
      )!.does
    expect([does([]), does(['rice-flour'])]).toEqual(['out', 'takes-part'])
  })
  it('stays as it is where the recipe is gone, nobody takes part, or nobody knows how dense something is', () => {
    const plain = [...placed({}, {}).needs.keys()]
    expect([...placed({ recipes: [] }, { mix: mix('oobleck') }).needs.keys()]).toEqual(plain)
    expect([...placed({ children: [] }, { mix: mix('oobleck') }).needs.keys()]).toEqual([])
    const unknown = MATERIALS.map((one) => (one.id === 'corn-starch' ? { ...one, density: null } : one))
    expect([...placed({ materials: unknown }, { mix: mix('oobleck') }).needs.keys()]).toEqual(plain)
  })
})

describe('a placement that is a bin', () => {
  const tub = { id: 'tub', name: 'the long tub', lengthMm: 580, widthMm: 410, heightMm: 150 }
  const bin = (over: Partial<BinSetUp> = {}): BinSetUp => ({
    container: tub,
    fillerId: 'rolled-oats',
    depthMm: 50,
    taken: 0.1,
    tools: [],
    hidden: [],
    filledOn: null,
    ...over,
  })
  it('needs its filler by weight: 58 x 41 cm at 5 cm take 4.4 kg of oats, or 9.1 kg of rice', () => {
    expect(placed({}, { bin: bin() }).needs.get('rolled-oats')! / 1000).toBeCloseTo(4.4, 1)
    expect(placed({}, { bin: bin({ fillerId: 'rice' }) }).needs.get('rice')! / 1000).toBeCloseTo(9.1, 1)
    expect(placed({}, { bin: bin({ fillerId: 'rice', depthMm: 100 }) }).needs.get('rice')! / 1000).toBeCloseTo(18.2, 1)
  })
  it('takes the place of the filler that the idea speaks of, and leaves the tools', () => {
    const { needs } = placed({}, { bin: bin() }, [
      aNeed('corn-pasta', { basis: { by: 'set-up' }, quantity: 3000 }),
      aNeed('scoop', { id: 'scoop', basis: { by: 'child' } }),
    ])
    expect([...needs.keys()].sort()).toEqual(['rolled-oats', 'scoop'])
  })
  it('is filled before, until it was; two minutes more where it is too heavy to be carried', () => {
    const fill = (over: Partial<BinSetUp>) =>
      placed({}, { bin: bin(over) }).session.activity.prep.map((one) => [one.text, one.minutes])
    expect(fill({})).toEqual([['Fill the long tub with rolled oats labeled gluten-free', 4]])
    expect(fill({ fillerId: 'rice', depthMm: 100 })).toEqual([['Fill the long tub with uncooked rice', 6]])
    expect(fill({ filledOn: '2026-03-05' })).toEqual([])
  })
  it('says at cleanup what is counted back', () =>
    expect(placed({}, { bin: bin({ hidden: [{ name: 'figures', count: 8 }] }) }).session.activity.tidy).toContain(
      'Count back 8 figures.',
    ))
  it('warns of grains that choke whoever still mouths', () => {
    const mouthing = [aChild({ id: 'm', name: 'M', born: '2021-05-01', mouths: true })]
    expect(placed({ children: mouthing }, { bin: bin({ fillerId: 'rice' }) }).rules).toContain('small-parts rice')
    expect(placed({ children: mouthing }, { bin: bin({ fillerId: 'crinkle-paper' }) }).rules).not.toContain(
      'small-parts crinkle-paper',
    )
  })
})

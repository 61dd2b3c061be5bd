import { describe, expect, it } from 'vitest'
import { Activity, CENTER_KINDS, DOMAINS, Material, newThemeObject, STAGES, ThemeObject, type Variant } from '../domain'
import { inTheme, notForPlay, readThings, SLOTS, slotsIn, themeOf } from '../ideas'
import { aUnit } from '../testing/build'
import { KEPT_IDS } from './keeping'
import { KNOWN_THINGS } from './things'
import { ACTIVITIES } from './index'
import { MATERIALS } from './materials'

const materialIds = new Set(MATERIALS.map((material) => material.id))
const sentences = (activity: Activity) => [
  activity.aim,
  ...activity.steps,
  ...activity.say,
  ...activity.lookFor,
  activity.easier,
  activity.harder,
  activity.tidy,
  ...activity.prep.map((step) => step.text),
  ...activity.variants.map((one) => one.how),
]
const words = (text: string) => text.toLowerCase().match(/[a-z’']+/g) ?? []
const at = (kind: string) =>
  ACTIVITIES.filter((one) => one.centers.slice(0, 2).includes(kind as Activity['centers'][number])).length

/** Syllables by their vowel groups, a silent e at the end left out. */
const syllables = (word: string) => Math.max(1, (word.replace(/e$/, '').match(/[aeiouy]+/g) ?? []).length)
/** Flesch reading ease: 100 is very easy, 60 plain English. */
function readingEase(texts: string[]): number {
  const all = texts.flatMap(words)
  return (
    206.835 -
    1.015 * (all.length / texts.length) -
    84.6 * (all.reduce((sum, word) => sum + syllables(word), 0) / all.length)
  )
}

describe('the library', () => {
  it('holds 220 activities or more, in about the numbers that a week needs at each center', () => {
    expect(ACTIVITIES.length).toBeGreaterThanOrEqual(220)
    expect(MATERIALS.length).toBeGreaterThanOrEqual(250)
    const least = {
      'sensory-bin': 18,
      'art-table': 24,
      easel: 14,
      'dough-table': 12,
      discovery: 24,
      blocks: 10,
      pretend: 14,
      'mark-making': 12,
      'glow-table': 14,
      'tray-shelf': 24,
      circle: 16,
      outdoors: 12,
      'book-nook': 14,
    }
    for (const kind of CENTER_KINDS) expect([kind, at(kind) >= least[kind]]).toEqual([kind, true])
  })
  it('has ten or more for every learning domain as its first or second, and fourteen of music and of the world', () => {
    const least = (domain: string) => (['music-movement', 'world'].includes(domain) ? 14 : 10)
    for (const domain of DOMAINS) {
      const many = ACTIVITIES.filter((one) => one.domains.slice(0, 2).includes(domain)).length
      expect([domain, many >= least(domain)]).toEqual([domain, true])
    }
  })
  it('lets infants take part in more than half of the ideas, with what they do themselves or have of their own', () => {
    const takesPart = ACTIVITIES.filter((one) => {
      const theirs = one.variants.find((variant) => variant.stages.includes('infant'))!
      return theirs.kind === 'does' || one.requirements.some((requirement) => requirement.variants?.includes(theirs.id))
    })
    expect(takesPart.length / ACTIVITIES.length).toBeGreaterThan(0.5)
  })
  it.each(MATERIALS.map((one) => [one.id, one] as const))('states all of %s', (_, material) => {
    expect(Material.parse(material)).toEqual(material)
    if (material.way === 'buy') expect(material.packs.length).toBeGreaterThan(0)
    if (material.safety.ballMm !== null) expect(material.safety.partMm).not.toBeNull()
  })
  it('knows the size of everything that a hand can pick up, and the hazards of what has no size', () => {
    const loose = MATERIALS.filter(
      (one) =>
        one.use === 'reusable' && one.unit === 'each' && one.shopPart === 'craft pieces' && one.safety.partMm === null,
    )
    expect(loose.map((one) => one.id)).toEqual([])
  })
  it.each(ACTIVITIES.map((one) => [one.id, one] as const))('has all of %s', (_, activity) => {
    expect(Activity.parse(activity)).toEqual(activity)
    for (const requirement of activity.requirements)
      for (const id of [requirement.materialId, ...requirement.alternatives]) expect(materialIds).toContain(id)
    expect(activity.steps.length).toBeGreaterThanOrEqual(3)
    expect(activity.steps.length).toBeLessThanOrEqual(7)
    expect(activity.say).toHaveLength(2)
    for (const question of activity.say) expect(question).toMatch(/\?$/)
    expect(activity.lookFor.length).toBeGreaterThanOrEqual(2)
    expect([activity.easier, activity.harder, activity.tidy].every(Boolean)).toBe(true)
    expect(activity.requirements.length).toBeGreaterThan(0)
    for (const slot of [activity.title, ...sentences(activity)].flatMap(slotsIn)) expect(SLOTS).toContain(slot)
    expect(JSON.stringify(inTheme([activity], null))).not.toMatch(/[{]\s*[a-z]+[}]/)
  })
  it.each(ACTIVITIES.map((one) => [one.id, one] as const))(
    'gives every stage something in %s: a variant or a beside, and none of either twice',
    (_, activity) => {
      const named = activity.variants.flatMap((variant) => variant.stages.map((stage) => `${variant.kind} ${stage}`))
      expect(new Set(named).size).toBe(named.length)
      expect(
        activity.variants.filter((one) => one.kind === 'does').length >= 3 ||
          activity.variants.some((one) => one.kind === 'beside'),
      ).toBe(true)
      expect(STAGES.filter((stage) => !activity.variants.some((variant) => variant.stages.includes(stage)))).toEqual([])
    },
  )
  it('has variants that really differ: no two of one idea share most of their words', () => {
    const alike = ACTIVITIES.flatMap((activity) =>
      activity.variants.flatMap((a, i) =>
        activity.variants.slice(i + 1).flatMap((b) => {
          const [left, right] = [new Set(words(a.how)), new Set(words(b.how))]
          const shared = [...left].filter((word) => right.has(word)).length
          return shared / (left.size + right.size - shared) > 0.6 ? [`${activity.id}: ${a.how} / ${b.how}`] : []
        }),
      ),
    )
    expect(alike).toEqual([])
  })
  it('has something without the allergen for those who must not touch it', () => {
    const allergens = new Map(MATERIALS.map((one) => [one.id, one.safety.allergens.length]))
    const usedBy = (one: Activity, variant: Variant) =>
      one.requirements.some(
        (requirement) =>
          allergens.get(requirement.materialId) &&
          (requirement.variants === null ? variant.kind === 'does' : requirement.variants.includes(variant.id)),
      )
    for (const one of ACTIVITIES) {
      const free = new Set(
        one.variants
          .filter((variant) => variant.kind === 'beside' && !usedBy(one, variant))
          .flatMap((variant) => variant.stages),
      )
      expect([
        one.id,
        one.variants
          .filter((variant) => variant.kind === 'does' && usedBy(one, variant))
          .flatMap((variant) => variant.stages)
          .filter((stage) => !free.has(stage)),
      ]).toEqual([one.id, []])
    }
  })
  it('says nothing twice', () => {
    const all = ACTIVITIES.flatMap(sentences)
    expect(all.filter((text, i) => all.indexOf(text) !== i)).toEqual([])
  })
  it('reads easily: each idea at 60 or more by Flesch, and no sentence of over 30 words', () => {
    expect(
      ACTIVITIES.map((one) => [one.id, Math.round(readingEase(sentences(one)))] as const).filter(
        ([, ease]) => ease < 60,
      ),
    ).toEqual([])
    expect(ACTIVITIES.flatMap(sentences).filter((text) => words(text).length > 30)).toEqual([])
  })
  it('names nobody and no brand: no word inside a sentence has a capital', () => {
    const capitals = ACTIVITIES.flatMap((one) =>
      [one.title, ...sentences(one)].flatMap(
        (text) => text.replace(/[.:?!“”]\s*“?\p{Lu}/gu, '').match(/(?<=[\p{Ll},;] )\p{Lu}\p{L}+/gu) ?? [],
      ),
    )
    expect([...new Set(capitals)].filter((word) => word !== 'I' && word !== 'Saturday')).toEqual([])
  })
  it('uses each of its materials somewhere, or keeps it for what a home has besides', () => {
    const used = new Set(
      ACTIVITIES.flatMap((one) =>
        one.requirements.flatMap((requirement) => [requirement.materialId, ...requirement.alternatives]),
      ),
    )
    expect(MATERIALS.filter((one) => !used.has(one.id)).length / MATERIALS.length).toBeLessThan(0.2)
  })
  it('names each thing once', () => {
    expect(materialIds.size).toBe(MATERIALS.length)
    expect(new Set(MATERIALS.map((one) => one.name)).size).toBe(MATERIALS.length)
    expect(new Set(ACTIVITIES.map((one) => one.id)).size).toBe(ACTIVITIES.length)
    expect(new Set(ACTIVITIES.map((one) => one.title)).size).toBe(ACTIVITIES.length)
  })
})

describe('what becomes of what is made', () => {
  it('is said of ideas that are in the library, and only of things that leave something to dry or to keep', () => {
    const ids = new Set(ACTIVITIES.map((one) => one.id))
    expect(KEPT_IDS.filter((id) => !ids.has(id))).toEqual([])
    for (const one of ACTIVITIES.filter((activity) => activity.dries > 0))
      expect([
        one.id,
        one.requirements.some((requirement) =>
          /paint|glue|clay|dough|salt|water|wax|marker|food-colour/.test(requirement.materialId),
        ),
      ]).toEqual([one.id, true])
    expect(ACTIVITIES.filter((one) => one.folder && one.form === 'whole-group')).toEqual([])
  })
  it('names wet work at the art table and the easel', () => {
    const paints = ACTIVITIES.filter(
      (one) =>
        ['art-table', 'easel'].includes(one.centers[0]) &&
        one.requirements.some(
          (requirement) => requirement.materialId === 'tempera-paint' && requirement.reach === 'children',
        ),
    )
    expect(paints.filter((one) => one.dries === 0).map((one) => one.id)).toEqual([])
  })
})

describe('what is commonly known of things', () => {
  it.each([...KNOWN_THINGS])('holds for %s', (name, facts) => {
    expect(ThemeObject.parse({ ...newThemeObject(name), ...facts })).toMatchObject({ name })
    const [thing] = themeOf(aUnit({ objects: [{ ...newThemeObject(name), ...facts }] })).things
    expect(thing.one).toBe(name)
    expect(facts.colours!.length).toBeGreaterThan(0)
    expect(facts.stages!.length === 0 || facts.stages!.length >= 3).toBe(true)
    expect(facts.parts!.length).toBeLessThanOrEqual(7)
    // A place is a place: one can go there, or put something there.
    expect(facts.lives).toMatch(/^(the|an?) [a-z']+|^(space|long ago|under the bed)$/)
    // What can be held has a size; what is poured, felt or done has none.
    expect(facts.usualMm !== null || facts.form !== 'thing' || /^(food|drink)$/.test(facts.category!)).toBe(true)
    expect(readThings(name, KNOWN_THINGS)[0]?.name.toLowerCase() ?? 'left out').toBe(
      notForPlay(name) ? 'left out' : name,
    )
  })
  it('is wide, and knows the parts of many', () => {
    expect(KNOWN_THINGS.size).toBeGreaterThanOrEqual(800)
    expect([...KNOWN_THINGS.values()].filter(({ parts }) => parts!.length >= 3).length).toBeGreaterThanOrEqual(250)
  })
})

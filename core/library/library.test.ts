import { describe, expect, it } from 'vitest'
import { Activity, CENTER_KINDS, Material, STAGES } from '../domain'
import { ACTIVITIES, MATERIALS } from '.'

const materialIds = new Set(MATERIALS.map((material) => material.id))
const sentences = (activity: Activity) => [activity.aim, ...activity.steps, ...activity.say, ...activity.lookFor, activity.easier, activity.harder, activity.tidy, ...activity.variants.map((one) => one.how)]

describe('the library', () => {
  it('holds 40 activities or more, over all thirteen centers', () => {
    expect(ACTIVITIES.length).toBeGreaterThanOrEqual(40)
    expect(new Set(ACTIVITIES.map((one) => one.centers[0])).size).toBe(CENTER_KINDS.length)
  })
  it.each(MATERIALS.map((one) => [one.id, one] as const))('states all of %s', (_, material) => {
    expect(Material.parse(material)).toEqual(material)
    if (material.way === 'buy') expect(material.packs.length).toBeGreaterThan(0)
  })
  it.each(ACTIVITIES.map((one) => [one.id, one] as const))('has all of %s', (_, activity) => {
    expect(Activity.parse(activity)).toEqual(activity)
    for (const requirement of activity.requirements) for (const id of [requirement.materialId, ...requirement.alternatives]) expect(materialIds).toContain(id)
    expect(activity.steps.length).toBeGreaterThanOrEqual(3)
    expect(activity.steps.length).toBeLessThanOrEqual(7)
    expect(activity.say).toHaveLength(2)
    for (const question of activity.say) expect(question).toMatch(/\?$/)
    expect([activity.easier, activity.harder, activity.tidy].every(Boolean)).toBe(true)
    expect(new Set(activity.variants.map((one) => one.how)).size).toBe(activity.variants.length)
  })
  it.each(ACTIVITIES.map((one) => [one.id, one] as const))('gives every stage something in %s: once, a variant or a beside', (_, activity) => {
    const named = activity.variants.flatMap((variant) => variant.stages)
    expect([...named].sort()).toEqual([...new Set(named)].sort())
    expect(STAGES.filter((stage) => !named.includes(stage))).toEqual([])
  })
  it('says nothing twice', () => {
    const all = ACTIVITIES.flatMap(sentences)
    const twice = all.filter((text, i) => all.indexOf(text) !== i)
    expect(twice).toEqual([])
  })
  it('names each thing once', () => {
    expect(materialIds.size).toBe(MATERIALS.length)
    expect(new Set(ACTIVITIES.map((one) => one.id)).size).toBe(ACTIVITIES.length)
    expect(new Set(ACTIVITIES.map((one) => one.title)).size).toBe(ACTIVITIES.length)
  })
})

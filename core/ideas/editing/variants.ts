import { STAGES, type Stage, type Variant } from '../../domain'

/** What one stage does, or does beside it, in words. */
export interface StageText {
  stage: Stage
  kind: Variant['kind']
  how: string
}

/** More than an activity has: puts what was not there before to the end. */
const MOST_VARIANTS = 13
const sameStages = (a: readonly Stage[], b: readonly Stage[]) => [...a].sort().join() === [...b].sort().join()

/** The texts of variants, one for each stage and kind, youngest first. */
export const textsOf = (variants: readonly Variant[]): StageText[] =>
  STAGES.flatMap((stage) =>
    variants.filter((variant) => variant.stages.includes(stage)).map(({ kind, how }) => ({ stage, kind, how })),
  )

/**
 * One variant for each text, over all stages that share it. A variant keeps the id that it had before where it is for
 * the same stages; a new one is called after its youngest stage.
 *
 * @param texts youngest stage first; blank ones are left out
 * @param known the variants before, whose ids and order are kept
 */
export function variantsFrom(texts: readonly StageText[], known: readonly Variant[] = []): Variant[] {
  const found = new Map<string, Variant>()
  for (const { stage, kind, how } of texts) {
    if (!how.trim()) continue
    const same = found.get(`${kind} ${how}`)
    if (same) same.stages.push(stage)
    else found.set(`${kind} ${how}`, { id: kind === 'beside' ? `beside-${stage}` : stage, stages: [stage], kind, how })
  }
  const kept = [...found.values()].map((variant) =>
    known.find((old) => old.kind === variant.kind && sameStages(old.stages, variant.stages)),
  )
  const taken = new Set(kept.flatMap((old) => old?.id ?? []))
  const orderOf = (id: string) =>
    known.length ? (known.findIndex((one) => one.id === id) + MOST_VARIANTS) % MOST_VARIANTS : 0
  return [...found.values()]
    .map((variant, i) => {
      const old = kept[i]
      if (old) return { ...variant, id: old.id, stages: old.stages }
      let { id } = variant
      for (let count = 2; taken.has(id); count++) id = `${variant.id}-${count}`
      taken.add(id)
      return { ...variant, id }
    })
    .sort((a, b) => orderOf(a.id) - orderOf(b.id))
}

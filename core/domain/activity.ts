import { z } from 'zod'
import { ATTENTIONS } from './lists'
import { PrepKind } from './prep'
import { CenterKind, Id, LearningDomain, Line, Minutes, PositiveAmount, Sentence, Stage } from './primitives'

/** Who does an activity together. */
export const GroupForm = z.enum(['whole-group', 'small-group', 'one-to-one', 'tray'])
export type GroupForm = z.infer<typeof GroupForm>

export const Attention = z.enum(ATTENTIONS)
export type Attention = z.infer<typeof Attention>

/** How one or more stages do the activity. `beside` is a parallel thing for those too young for it. */
export const Variant = z.strictObject({
  id: Id,
  stages: z.array(Stage).min(1, 'Name at least one stage').max(5),
  kind: z.enum(['does', 'beside']),
  /** What they do, for whoever helps: starts with a verb. */
  how: Sentence,
})
export type Variant = z.infer<typeof Variant>

/** What a quantity is counted by. */
export const Basis = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('child') }),
  z.strictObject({ by: z.literal('group'), of: z.number().int().min(1).max(30) }),
  z.strictObject({ by: z.literal('set-up') }),
])
export type Basis = z.infer<typeof Basis>

/** A material that the activity takes. */
export const Requirement = z.strictObject({
  id: Id,
  materialId: Id,
  quantity: PositiveAmount,
  basis: Basis,
  /** Added for spills and second tries: 0.1 is ten percent. */
  spare: z.number().min(0).max(2),
  /** Variants that use it; null is every variant that takes part. */
  variants: z.array(Id).min(1).max(12).nullable(),
  /** `adult` stays in adult hands, out of the children's reach. */
  reach: z.enum(['children', 'adult']),
  /** Materials that serve as well, one for one. */
  alternatives: z.array(Id).max(8),
})
export type Requirement = z.infer<typeof Requirement>

/** A wait after a preparation step: minutes up to 60 days, or until the next morning. */
export const Wait = z.union([z.number().int().min(0).max(86_400), z.literal('overnight')])

/** Work before the activity, in order; each step follows the one before. */
export const PrepStep = z.strictObject({
  id: Id,
  text: Sentence,
  /** Hands-on minutes. */
  minutes: Minutes,
  wait: Wait,
  /** Can be done in pieces of ten minutes or more. */
  splits: z.boolean(),
  /** Requirements it already uses up or needs. */
  uses: z.array(Id).max(20),
  /** The kind of work; null is what its words say. */
  kind: PrepKind.nullable().default(null),
  /** The minutes are for so many children, and grow with them; null where any number takes as long. */
  per: z.number().int('Children are whole').min(1).max(60, 'At most 60').nullable().default(null),
})
export type PrepStep = z.infer<typeof PrepStep>

/** A thing or a word that an idea is about: "bread". They are written in one line, with commas between. */
export const Topic = Line.max(60, 'Use at most 60 characters').regex(/^[^,;|]*$/, 'Write one thing or word')

/** One idea, complete enough for someone who has never seen it. */
export const Activity = z
  .strictObject({
    id: Id,
    title: Line,
    aim: Sentence,
    /** What it is about, the main thing first; nothing where it is made of whatever a theme is. */
    topics: z.array(Topic).max(12, 'Name at most 12').default([]),
    /** Where it can be done, best place first. */
    centers: z.array(CenterKind).min(1, 'Name at least one center').max(6),
    /** Learning areas, main one first; the first two count as a touch. */
    domains: z.array(LearningDomain).min(1, 'Name at least one domain').max(6),
    form: GroupForm,
    minutes: z.strictObject({ setUp: Minutes, do: Minutes.min(1), clear: Minutes }),
    /** -1 settles, 0 quiet, 1 lively, 2 wild. */
    energy: z.number().int().min(-1).max(2),
    /** 0 none, 1 wipe, 2 cloth and floor, 3 clothes and hose. */
    mess: z.number().int().min(0).max(3),
    attention: Attention,
    /** Minutes for which what was made must lie or hang before it can be put away; 0 where nothing is wet. */
    dries: z.number().int().min(0).max(10_080).default(0),
    /** Leaves a piece for each child's folder. */
    folder: z.boolean().default(false),
    /** Can stay out at its center for days. */
    standing: z.boolean(),
    variants: z.array(Variant).min(1, 'Write at least one variant').max(12),
    requirements: z.array(Requirement).max(40),
    prep: z.array(PrepStep).max(20),
    steps: z.array(Sentence).min(1, 'Write at least one step').max(9),
    /**
     * A name for each step that stays with it when they are put in another order; empty while they are as they were
     * first written.
     */
    stepIds: z.array(Id).max(9).default([]),
    say: z.array(Sentence).max(4),
    lookFor: z.array(Sentence).max(4),
    easier: Sentence.or(z.literal('')),
    harder: Sentence.or(z.literal('')),
    tidy: Sentence.or(z.literal('')),
    /** Where it comes from: the shipped library, someone's own head, or a pattern applied to a theme. */
    source: z.enum(['shipped', 'own', 'pattern']),
    /** The pattern that made it. */
    pattern: Id.nullable().default(null),
    /** The activity that it was copied from, as it was called then. */
    origin: z.strictObject({ id: Id, title: Line }).nullable().default(null),
    /** Archive: kept for what was planned with it, and offered no more. */
    archived: z.boolean().default(false),
  })
  .superRefine((activity, ctx) => {
    const seen = new Set<string>()
    if (
      activity.stepIds.length &&
      (activity.stepIds.length !== activity.steps.length || new Set(activity.stepIds).size < activity.stepIds.length)
    ) {
      ctx.addIssue({ code: 'custom', path: ['stepIds'], message: 'Each step has one id of its own' })
    }
    activity.variants.forEach((variant, i) => {
      if (seen.has(variant.id))
        ctx.addIssue({ code: 'custom', path: ['variants', i, 'id'], message: 'Two variants have this id' })
      seen.add(variant.id)
    })
    const requirementIds = new Set(activity.requirements.map((r) => r.id))
    if (requirementIds.size < activity.requirements.length) {
      ctx.addIssue({ code: 'custom', path: ['requirements'], message: 'Two requirements have one id' })
    }
    activity.requirements.forEach((requirement, i) => {
      requirement.variants?.forEach((id, j) => {
        if (!seen.has(id))
          ctx.addIssue({ code: 'custom', path: ['requirements', i, 'variants', j], message: 'No variant has this id' })
      })
    })
    activity.prep.forEach((step, i) =>
      step.uses.forEach((id, j) => {
        if (!requirementIds.has(id))
          ctx.addIssue({ code: 'custom', path: ['prep', i, 'uses', j], message: 'No requirement has this id' })
      }),
    )
  })
export type Activity = z.infer<typeof Activity>

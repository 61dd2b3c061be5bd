import {
  Activity,
  keptStepIds,
  STAGES,
  stepIdsOf,
  type Attention,
  type Basis,
  type CenterKind,
  type GroupForm,
  type LearningDomain,
  type PrepKind,
  type PrepStep,
  type Requirement,
  type Stage,
  type Variant,
} from '../../domain'
import { textsOf, variantsFrom } from './variants'

/** A variant as a form names it before it has an id: "does preschool", "beside infant". */
export type VariantKey = `${Variant['kind']} ${Stage}`
/** A number that may still be missing while someone types. */
export type Typed = number | null

export interface NeedDraft {
  id: string
  materialId: string | null
  quantity: Typed
  by: Basis['by']
  /** Children to a group, where it is counted by groups. */
  of: Typed
  sparePercent: Typed
  /** Those whose way of doing it takes this; nobody named is everyone who takes part. */
  only: VariantKey[]
  adult: boolean
  alternatives: string[]
}
export interface PrepDraft {
  id: string
  text: string
  minutes: Typed
  wait: Typed
  overnight: boolean
  splits: boolean
  uses: string[]
  kind: PrepKind | null
  /** Children for whom the minutes are; null where any number takes as long. */
  per: Typed
}
export interface LineDraft {
  id: string
  text: string
}

/** An activity while it is written: everything may still be missing, and each stage has a text of its own. */
export interface ActivityDraft {
  title: string
  aim: string
  /** With commas between. */
  topics: string
  centers: CenterKind[]
  domains: LearningDomain[]
  form: GroupForm
  minutes: { setUp: Typed; do: Typed; clear: Typed }
  energy: number
  mess: number
  attention: Attention
  standing: boolean
  dries: Typed
  folder: boolean
  does: Record<Stage, string>
  beside: Record<Stage, string>
  needs: NeedDraft[]
  prep: PrepDraft[]
  steps: LineDraft[]
  /** One to a line. */
  say: string
  lookFor: string
  easier: string
  harder: string
  tidy: string
}

/** Things and words as they are written in one line: each once. */
export const topicsIn = (text: string): string[] => [
  ...new Map(
    text
      .split(/[,;]/)
      .map((one) => one.trim())
      .filter(Boolean)
      .map((one) => [one.toLowerCase(), one]),
  ).values(),
]

const noText = (): Record<Stage, string> =>
  Object.fromEntries(STAGES.map((stage) => [stage, ''])) as Record<Stage, string>
const lines = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)

/** Nothing written yet. */
export const emptyDraft = (): ActivityDraft => ({
  title: '',
  aim: '',
  topics: '',
  centers: [],
  domains: [],
  form: 'small-group',
  minutes: { setUp: 5, do: 20, clear: 5 },
  energy: 0,
  mess: 0,
  attention: 'nearby',
  standing: false,
  dries: null,
  folder: false,
  does: noText(),
  beside: noText(),
  needs: [],
  prep: [],
  steps: [],
  say: '',
  lookFor: '',
  easier: '',
  harder: '',
  tidy: '',
})

/**
 * An activity to be changed. Of two variants of one kind for one stage the first is kept: it is the one that is used.
 */
export function draftOf(activity: Activity): ActivityDraft {
  const [does, beside] = [noText(), noText()]
  for (const { stage, kind, how } of textsOf(activity.variants)) (kind === 'does' ? does : beside)[stage] ||= how
  const keys = (ids: readonly string[] | null): VariantKey[] =>
    activity.variants
      .filter((variant) => ids?.includes(variant.id))
      .flatMap((variant) => variant.stages.map((stage): VariantKey => `${variant.kind} ${stage}`))
  return {
    title: activity.title,
    aim: activity.aim,
    topics: activity.topics.join(', '),
    centers: [...activity.centers],
    domains: [...activity.domains],
    form: activity.form,
    minutes: { ...activity.minutes },
    energy: activity.energy,
    mess: activity.mess,
    attention: activity.attention,
    standing: activity.standing,
    dries: activity.dries || null,
    folder: activity.folder,
    does,
    beside,
    needs: activity.requirements.map((one) => ({
      id: one.id,
      materialId: one.materialId,
      quantity: one.quantity,
      by: one.basis.by,
      of: one.basis.by === 'group' ? one.basis.of : null,
      sparePercent: Number((one.spare * 100).toFixed(6)),
      only: keys(one.variants),
      adult: one.reach === 'adult',
      alternatives: [...one.alternatives],
    })),
    prep: activity.prep.map((one) => ({
      id: one.id,
      text: one.text,
      minutes: one.minutes,
      wait: one.wait === 'overnight' ? null : one.wait || null,
      overnight: one.wait === 'overnight',
      splits: one.splits,
      uses: [...one.uses],
      kind: one.kind,
      per: one.per,
    })),
    steps: stepIdsOf(activity).map((id, i) => ({ id, text: activity.steps[i] })),
    say: activity.say.join('\n'),
    lookFor: activity.lookFor.join('\n'),
    easier: activity.easier,
    harder: activity.harder,
    tidy: activity.tidy,
  }
}

/** What a draft does not say about an activity: where it comes from. */
export type Provenance = Pick<Activity, 'id' | 'source' | 'pattern' | 'origin' | 'archived'> & {
  /** As they were, so that ids stay. */ variants?: readonly Variant[]
}

export type Written =
  | { activity: Activity; errors?: undefined }
  | { activity?: undefined; /** Messages by field, such as `needs.2.quantity`. */ errors: Record<string, string> }

const FIELD_OF: Record<string, string> = { requirements: 'needs', spare: 'sparePercent', basis: 'of' }
/** Fields whose message the form words itself, since the schema only knows that a number or a choice is missing. */
const MISSING: [pattern: RegExp, message: string][] = [
  [/^needs\.\d+\.materialId$/, 'Choose a material'],
  [/^needs\.\d+\.quantity$/, 'Write how many, more than 0'],
  [/^needs\.\d+\.of$/, 'Write how many children share it, 1 to 30'],
  [/^needs\.\d+\.sparePercent$/, 'Write a share from 0 to 200'],
  [/^dries$/, 'Write whole minutes, up to 10,080: a week'],
  [/minutes(\.\w+)?$/, 'Write whole minutes, 0 to 1440'],
  [/^prep\.\d+\.wait$/, 'Write whole minutes'],
  [/^prep\.\d+\.per$/, 'Write how many children, 1 to 60'],
]

/** What an idea takes, as the draft says. What is not right in it the schema finds. */
function requirementsOf(draft: ActivityDraft, variants: readonly Variant[]): Requirement[] {
  const idOf = (key: VariantKey) =>
    variants.find((variant) => variant.stages.some((stage) => `${variant.kind} ${stage}` === key))?.id
  return draft.needs.map((one) => {
    const only = [...new Set(one.only.flatMap((key) => idOf(key) ?? []))]
    const basis = one.by === 'group' ? { by: one.by, of: one.of } : { by: one.by }
    return {
      id: one.id,
      materialId: one.materialId,
      quantity: one.quantity,
      basis,
      spare: (one.sparePercent ?? 0) / 100,
      variants: only.length ? only : null,
      reach: one.adult ? 'adult' : 'children',
      alternatives: one.alternatives,
    } as Requirement
  })
}

const prepOf = (draft: ActivityDraft, ids: ReadonlySet<string>): PrepStep[] =>
  draft.prep.map(
    (one) =>
      ({
        id: one.id,
        text: one.text.trim(),
        minutes: one.minutes,
        wait: one.overnight ? 'overnight' : (one.wait ?? 0),
        splits: one.splits,
        uses: one.uses.filter((id) => ids.has(id)),
        kind: one.kind,
        per: one.per,
      }) as PrepStep,
  )

/** Messages by the field of the form that they are about. */
function errorsOf(issues: readonly { path: PropertyKey[]; message: string }[]): Record<string, string> {
  const errors: Record<string, string> = {}
  for (const issue of issues) {
    const path = issue.path.map((part) => FIELD_OF[String(part)] ?? String(part))
    // Each of these fields is one box in the form.
    const field = ['variants', 'topics', 'say', 'lookFor', 'centers', 'domains'].includes(path[0])
      ? path[0]
      : path.at(-1) === 'of'
        ? path.slice(0, 3).join('.')
        : path.join('.')
    errors[field] ??= MISSING.find(([pattern]) => pattern.test(field))?.[1] ?? issue.message
  }
  return errors
}

/**
 * The activity that a draft makes, or what is wrong with it, by field.
 *
 * @param from where it comes from, and the variants it had
 */
export function activityFrom(draft: ActivityDraft, from: Provenance): Written {
  const { variants: known, ...provenance } = from
  const variants = variantsFrom(
    STAGES.flatMap((stage) => [
      { stage, kind: 'does' as const, how: draft.does[stage].trim() },
      { stage, kind: 'beside' as const, how: draft.beside[stage].trim() },
    ]),
    known,
  )
  const requirements = requirementsOf(draft, variants)
  const ids = new Set(requirements.map((one) => one.id))
  const prep = prepOf(draft, ids)
  const steps = draft.steps.map(({ id, text }) => ({ id, text: text.trim() })).filter((one) => one.text)
  const checked = Activity.safeParse({
    ...provenance,
    title: draft.title,
    aim: draft.aim.trim(),
    // What was begun on this device by an earlier version has none.
    topics: topicsIn(draft.topics ?? ''),
    centers: draft.centers,
    domains: draft.domains,
    form: draft.form,
    minutes: draft.minutes,
    energy: draft.energy,
    mess: draft.mess,
    attention: draft.attention,
    standing: draft.standing,
    dries: draft.dries ?? 0,
    folder: draft.folder,
    variants,
    requirements,
    prep,
    steps: steps.map((one) => one.text),
    stepIds: keptStepIds(steps.map((one) => one.id)),
    say: lines(draft.say),
    lookFor: lines(draft.lookFor),
    easier: draft.easier.trim(),
    harder: draft.harder.trim(),
    tidy: draft.tidy.trim(),
  })
  const errors = errorsOf(checked.error?.issues ?? [])
  if (!errors.variants && variants.length && !variants.some((variant) => variant.kind === 'does'))
    errors.variants = 'Somebody must do it: a beside alone is another idea'
  return Object.keys(errors).length ? { errors } : { activity: checked.data! }
}

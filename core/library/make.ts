import { type Activity, type Allergen, type Attention, type BaseUnit, type Basis, type CenterKind, type GroupForm, type Hazard, type LearningDomain, type Material, type PrepStep, type Requirement, type Stage, type Variant, type Way, newMaterial, newPack } from '../domain'

/** Short forms in which the shipped library is written, so that an entry reads as an idea and not as a record. */

export interface MaterialFacts {
  packs?: [size: number, price: number, shop: string][]
  way?: Way
  part?: [number, number, number]
  ball?: number
  cord?: number
  allergens?: Allergen[]
  hazards?: Hazard[]
  keeps?: number
  density?: number
}

/** A material of the library: none on hand, kept nowhere yet. Lengths in mm, prices in cents. */
export function material(id: string, name: string, unit: BaseUnit, use: Material['use'], shopPart: string, facts: MaterialFacts = {}): Material {
  const packs = (facts.packs ?? []).map(([size, price, shop]) => newPack(size, price, shop))
  return {
    ...newMaterial(id, name), unit, use, shopPart, packs,
    way: facts.way ?? (packs.length ? 'buy' : 'gather'),
    keepsDays: facts.keeps ?? null,
    density: facts.density ?? null,
    safety: {
      partMm: facts.part ?? null, ballMm: facts.ball ?? null, cordMm: facts.cord ?? null,
      allergens: facts.allergens ?? [], hazards: facts.hazards ?? [], measured: true,
    },
  }
}

const variant = (kind: Variant['kind']) => (stages: string, how: string): Variant => {
  const list = stages.split(' ') as Stage[]
  return { id: kind === 'beside' ? `beside-${list[0]}` : list[0], stages: list, kind, how }
}
/** How these stages, separated by spaces, do it. Its id is the first of them. */
export const does = variant('does')
/** What these stages do beside it. Its id is `beside-` and the first of them. */
export const beside = variant('beside')

/**
 * What each stage does, youngest first; a text that begins with `beside:` is a parallel thing for those whom it is not for. Each variant's
 * id is its stage, or `beside-` and its stage.
 */
export function stages(infant: string, young: string, older: string, preschool: string, school: string): Variant[] {
  const texts: [Stage, string][] = [['infant', infant], ['young-toddler', young], ['older-toddler', older], ['preschool', preschool], ['school-age', school]]
  return texts.map(([stage, text]) => (text.startsWith('beside:') ? beside(stage, text.slice('beside:'.length).trim()) : does(stage, text)))
}
/** Variants of those who can be trusted with small pieces, for a requirement. */
export const OLDER = ['preschool', 'school-age']

export interface NeedOptions {
  spare?: number
  /** Variant ids that use it; all that take part where left out. */
  for?: string[]
  adult?: boolean
  alt?: string[]
  /** Its id, where one material is needed in two ways. */
  as?: string
}

export type NeedBy = 'child' | 'set-up' | `group of ${number}`

/** A requirement: its id is the material's unless another is given. */
export function need(materialId: string, quantity: number, by: NeedBy, options: NeedOptions = {}): Requirement {
  const basis: Basis = by === 'child' || by === 'set-up' ? { by } : { by: 'group', of: Number(by.slice('group of '.length)) }
  return {
    id: options.as ?? materialId, materialId, quantity, basis,
    spare: options.spare ?? 0, variants: options.for ?? null, reach: options.adult ? 'adult' : 'children', alternatives: options.alt ?? [],
  }
}

/** A preparation step with its hands-on minutes, the wait after it in minutes or overnight, and what it uses. */
export const prep = (id: string, text: string, minutes: number, uses: string[] = [], wait: PrepStep['wait'] = 0, splits = false, per: number | null = null): PrepStep =>
  ({ id, text, minutes, wait, splits, uses, kind: null, per })

export interface ActivityFacts {
  aim: string
  at: CenterKind[]
  domains: LearningDomain[]
  form: GroupForm
  /** Minutes to set up, do and clear. */
  minutes: [number, number, number]
  energy: number
  mess: number
  attention: Attention
  standing?: boolean
  /** Minutes for which what was made must dry. */
  dries?: number
  /** Leaves a piece for each child's folder. */
  folder?: boolean
  variants: Variant[]
  needs: Requirement[]
  prep?: PrepStep[]
  steps: string[]
  say: [string, string]
  look: string[]
  easier: string
  harder: string
  tidy: string
}

/** An activity of the library. */
export function activity(id: string, title: string, facts: ActivityFacts): Activity {
  const [setUp, doing, clear] = facts.minutes
  return {
    id, title,
    aim: facts.aim, topics: [], centers: facts.at, domains: facts.domains, form: facts.form,
    minutes: { setUp, do: doing, clear },
    energy: facts.energy, mess: facts.mess, attention: facts.attention, standing: facts.standing ?? false, dries: facts.dries ?? 0, folder: facts.folder ?? false,
    variants: facts.variants, requirements: facts.needs, prep: facts.prep ?? [],
    steps: facts.steps, stepIds: [], say: facts.say, lookFor: facts.look, easier: facts.easier, harder: facts.harder, tidy: facts.tidy,
    source: 'shipped', pattern: null, origin: null, archived: false,
  }
}

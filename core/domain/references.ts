import type { Activity } from './activity'
import type { FamilyPromise, Purchase, Idea } from './unit'
import type { Placement } from './placement'
import type { PrepMark } from './prep'
import type { Circle } from './circle'
import type { PrintSet } from './printSet'
import type { Recipe } from './recipe'
import type { StockEntry } from './stock'
import type { ThingKind } from './kinds'
import type { ThingOf } from './things'

/** A reference from one thing to another: by which field, to which kind and id. */
export interface Reference {
  field: string
  kind: ThingKind
  id: string
}

/** Everything that a thing refers to and that must exist. */
export function referencesOf(kind: ThingKind, value: ThingOf<ThingKind>): Reference[] {
  const to = (field: string, target: ThingKind, id: string | null): Reference[] =>
    id === null ? [] : [{ field, kind: target, id }]
  switch (kind) {
    case 'activity': {
      const activity = value as Activity
      return activity.requirements.flatMap((requirement, i) => [
        ...to(`requirements.${i}.materialId`, 'material', requirement.materialId),
        ...requirement.alternatives.flatMap((id, j) => to(`requirements.${i}.alternatives.${j}`, 'material', id)),
      ])
    }
    case 'idea': {
      const idea = value as Idea
      return [...to('unitId', 'unit', idea.unitId), ...to('activityId', 'activity', idea.activityId)]
    }
    case 'placement': {
      const placement = value as Placement
      return [
        ...to('unitId', 'unit', placement.unitId),
        ...to('activityId', 'activity', placement.activityId),
        ...to('centerId', 'center', placement.centerId),
        ...to('leadId', 'adult', placement.leadId),
        ...placement.keptOut.flatMap((id, i) => to(`keptOut.${i}`, 'child', id)),
        ...Object.entries(placement.swaps).flatMap(([requirement, id]) => to(`swaps.${requirement}`, 'material', id)),
        ...to('mix.recipeId', 'recipe', placement.mix?.recipeId ?? null),
        ...to('bin.fillerId', 'material', placement.bin?.fillerId ?? null),
      ]
    }
    case 'purchase':
    case 'promise': {
      const one = value as Purchase | FamilyPromise
      return [...to('unitId', 'unit', one.unitId), ...to('materialId', 'material', one.materialId)]
    }
    case 'recipe': {
      const recipe = value as Recipe
      return [
        ...to('makes', 'material', recipe.makes),
        ...recipe.ingredients.flatMap((one, i) => to(`ingredients.${i}.materialId`, 'material', one.materialId)),
        ...recipe.swaps.flatMap((one, i) => to(`swaps.${i}.materialId`, 'material', one.materialId)),
      ]
    }
    // A mark does not hold its placement: that may go, and come back by undo.
    case 'prepMark':
    case 'printSet':
    case 'circle':
      return to('unitId', 'unit', (value as PrepMark | PrintSet | Circle).unitId)
    // What is written down for good does not hold on to a unit that goes.
    case 'stock':
      return to('materialId', 'material', (value as StockEntry).materialId)
    default:
      return []
  }
}

/** Kinds whose things can refer to one of a kind; none where nothing can. */
export const REFERRERS: Record<ThingKind, readonly ThingKind[]> = {
  home: [],
  child: ['placement'],
  adult: ['placement'],
  center: ['placement'],
  material: ['activity', 'recipe', 'placement', 'purchase', 'promise', 'stock'],
  activity: ['idea', 'placement'],
  recipe: ['placement'],
  unit: ['idea', 'placement', 'purchase', 'promise', 'prepMark', 'printSet', 'circle'],
  idea: [],
  placement: [],
  purchase: [],
  promise: [],
  prepMark: [],
  printSet: [],
  circle: [],
  piece: [],
  circleLog: [],
  book: [],
  stock: [],
  batch: [],
}

/** What a thing is called on screen. */
export function thingName(kind: ThingKind, value: ThingOf<ThingKind>): string {
  if ('name' in value) return value.name
  if ('title' in value) return value.title
  if ('text' in value && value.text) return value.text.slice(0, 80)
  return kind
}

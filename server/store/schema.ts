import type { ThingKind } from '@core/domain'

/** Tables of what people edit: key columns for what is queried or held together, the rest as validated JSON. */
export const TABLES: Record<ThingKind, string> = {
  home: 'homes',
  child: 'children',
  adult: 'adults',
  center: 'centers',
  material: 'materials',
  activity: 'activities',
  recipe: 'recipes',
  unit: 'units',
  idea: 'ideas',
  placement: 'placements',
  purchase: 'purchases',
  promise: 'promises',
  prepMark: 'prep_marks',
  printSet: 'print_sets',
  circle: 'circles',
  piece: 'pieces',
  circleLog: 'circle_logs',
  book: 'books',
  stock: 'stock',
  batch: 'batches',
}

/** Columns that refer to another table or are asked by, and the field of the value that each is taken from. */
export const KEY_COLUMNS: Partial<Record<ThingKind, Record<string, string>>> = {
  idea: { unit_id: 'unitId', activity_id: 'activityId' },
  placement: {
    unit_id: 'unitId',
    activity_id: 'activityId',
    center_id: 'centerId',
    lead_id: 'leadId',
    status: 'status',
  },
  purchase: { unit_id: 'unitId', material_id: 'materialId' },
  promise: { unit_id: 'unitId', material_id: 'materialId' },
  prepMark: { unit_id: 'unitId', placement_id: 'placementId' },
  printSet: { unit_id: 'unitId' },
  circle: { unit_id: 'unitId' },
  stock: { material_id: 'materialId' },
  batch: { recipe_id: 'recipeId', gone_on: 'goneOn' },
}

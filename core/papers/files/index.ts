/** Files in and out: plan files whole, activities and the pantry as tables. */
export * from './planFile'
export * from './csv'
export type { RowFault } from './rowCells'
export * from './activityCsv'
export * from './pantryCsv'
export * from './recipeJsonLd'

/** What leaves Kobby and comes back: the sheets of a day and of the supplies, plan files and tables. */
export * from './sheetWords'
export * from './daySheet'
export * from './weekSheet'
export * from './supplySheet'
export * from './labels'
export * from './files'
export * from './calendar'

export * from './needs'
export * from './packs'
export * from './trips'
export * from './supplyList'

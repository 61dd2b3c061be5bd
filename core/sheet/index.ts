export * from './daySheet'
export * from './supplySheet'

export * from './daySheet'

export * from './rules'
export * from './engine'

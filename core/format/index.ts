export * from './words'
export * from './names'
export * from './amounts'

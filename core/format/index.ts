export * from './words'
export * from './names'

export * from './readings'
export * from './pulse'

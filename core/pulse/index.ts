export * from './readings'

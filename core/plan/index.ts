export * from './resolve'
export * from './place'

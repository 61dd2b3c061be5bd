export * from './planFile'

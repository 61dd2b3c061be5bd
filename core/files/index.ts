export * from './planFile'
export * from './csv'
export * from './activityCsv'
export * from './pantryCsv'

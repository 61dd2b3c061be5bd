export * from './dates'
export * from './programDays'

export * from './dates'
export * from './programDays'
export * from './unitBefore'

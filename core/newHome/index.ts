/** What a home begins with: what is proposed for its children, its prep time, its cupboard and its first unit. */
export * from './naps'
export * from './prepTime'
export * from './cupboard'
export * from './firstStart'
export * from './newHome'

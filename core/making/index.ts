/** Recipes and bins: how much goes in, for whom it is right, how long it keeps, and what a bin holds. */
export * from './kitchen'
export * from './scale'
export * from './swaps'
export * from './diets'
export * from './throwAway'
export * from './bin'
export * from './words'

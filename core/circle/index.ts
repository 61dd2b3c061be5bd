/** A circle: how it fits its time, in which order it is calm, whose turn it is, and how rhymes become verses. */
export * from './items'
export * from './fit'
export * from './attention'
export * from './energy'
export * from './turns'
export * from './rhymes'
export * from './plan'

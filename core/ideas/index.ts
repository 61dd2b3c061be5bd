/** From a theme to ideas that suit: its things and words, patterns, whom an idea suits, writing one, a first plan. */
export * from './theme'
export * from './patterns'
export * from './fit'
export * from './editing'
export * from './styles'
export * from './snapshotOf'

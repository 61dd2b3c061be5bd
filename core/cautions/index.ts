/** What can hurt someone: the rules with their sources, and where a plan meets them. */
export * from './rules'
export * from './engine'

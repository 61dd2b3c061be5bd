/** A theme: its things, their words and measures, and how a shipped idea takes them on. */
export {
  one,
  many,
  isCountable,
  isOnlyOne,
  formByName,
  hasShape,
  withArticle,
  numberWord,
  readNumberWord,
  capital,
} from '../../base'
export * from './theme'
export * from './slots'
export * from './stretch'
export * from './activitiesFor'
export * from './thingUpdates'
export * from './interest'
export * from './readThings'
export * from './aboutTheme'

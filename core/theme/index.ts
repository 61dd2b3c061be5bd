export { capital, hasShape, isCountable, many, numberWord, one, readNumber, withArticle } from './words'
export {
  LARGER_THAN_A_TUBE_MM,
  pieceOf,
  slug,
  themeOf,
  UNMEASURED_MM,
  thingMaterial,
  THEME_SHOP_PART,
  type Theme,
  type Thing,
} from './theme'
export { inTheme, SLOTS, slotsIn, takesTheme } from './slots'
export { stretched, stretchesFor, type Stretch } from './stretch'
export { activitiesFor } from './activitiesFor'
export { thingUpdates } from './thingUpdates'
export { interestWords, speaksOf } from './interest'
export { readThings } from './readThings'

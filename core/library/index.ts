/** What ships as data: activities, materials, recipes, things of themes, and what a cupboard usually holds. */
import type { Activity } from '../domain'
import { ART_AND_CRAFT } from './activities/artAndCraft'
import { ART_AND_DOUGH } from './activities/artAndDough'
import { BLOCKS_AND_PRETEND } from './activities/blocksAndPretend'
import { BOOKS_GLOW_AND_EASEL } from './activities/booksGlowAndEasel'
import { BUILD_PRETEND_AND_MOVE } from './activities/buildPretendAndMove'
import { CIRCLE_AND_BOOKS } from './activities/circleAndBooks'
import { COOKING_AND_OUTDOORS } from './activities/cookingAndOutdoors'
import { DISCOVERY } from './activities/discovery'
import { EASEL_AND_DOUGH } from './activities/easelAndDough'
import { MARKS_AND_GLOW } from './activities/marksAndGlow'
import { SENSORY_AND_SCIENCE } from './activities/sensoryAndScience'
import { SENSORY_BINS } from './activities/sensoryBins'
import { SHELF_GLOW_AND_BOOKS } from './activities/shelfGlowAndBooks'
import { TRAY_SHELF } from './activities/trayShelf'
import { keeping } from './keeping'
import { topicsOf } from './topics'

export { MATERIALS } from './materials'
export { RECIPES } from './recipes'
export { CONTAINERS } from './containers'

/** The activities that ship with the application. */
export const ACTIVITIES: readonly Activity[] = [
  ...ART_AND_DOUGH,
  ...SENSORY_AND_SCIENCE,
  ...BUILD_PRETEND_AND_MOVE,
  ...SHELF_GLOW_AND_BOOKS,
  ...SENSORY_BINS,
  ...ART_AND_CRAFT,
  ...EASEL_AND_DOUGH,
  ...DISCOVERY,
  ...BLOCKS_AND_PRETEND,
  ...MARKS_AND_GLOW,
  ...TRAY_SHELF,
  ...CIRCLE_AND_BOOKS,
  ...COOKING_AND_OUTDOORS,
  ...BOOKS_GLOW_AND_EASEL,
].map((one) => ({ ...one, ...keeping(one.id), topics: topicsOf(one.id) }))
export * from './slow'

import type { Activity } from '../domain'
import { ART_AND_DOUGH } from './activities/artAndDough'
import { BUILD_PRETEND_AND_MOVE } from './activities/buildPretendAndMove'
import { SENSORY_AND_SCIENCE } from './activities/sensoryAndScience'
import { SHELF_GLOW_AND_BOOKS } from './activities/shelfGlowAndBooks'

export { MATERIALS } from './materials'

/** The activities that ship with the application. */
export const ACTIVITIES: readonly Activity[] = [...ART_AND_DOUGH, ...SENSORY_AND_SCIENCE, ...BUILD_PRETEND_AND_MOVE, ...SHELF_GLOW_AND_BOOKS]

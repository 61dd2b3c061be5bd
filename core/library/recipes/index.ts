import type { Recipe } from '../../domain'
import { DOUGHS } from './doughs'
import { FILLER_RECIPES } from './fillers'
import { KITCHEN } from './kitchen'
import { PAINTS } from './paints'
import { SCIENCE } from './science'

/** The recipes of the shipped library: amounts by common kitchen practice, each worked through for what it becomes. */
export const RECIPES: readonly Recipe[] = [...DOUGHS, ...PAINTS, ...FILLER_RECIPES, ...KITCHEN, ...SCIENCE]

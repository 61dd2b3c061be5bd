/** Whom an idea suits here, when it goes, what it lacks, and by what it is looked for. */
export {
  fitOf,
  leadMinutes,
  OVERNIGHT_MINUTES,
  timesFor,
  trialCautions,
  type Fit,
  type FitContext,
  type TimeFit,
} from './fit'
export { ADAPTED_CLOSING, ADAPTED_FOR, ADAPTED_FOR_NAMES, adaptationsFor, type AdaptedFor } from './adaptations'
export { IDEA_ORDERS, inOrder, ORDER_NAMES, type IdeaOrder } from './order'
export { usedBefore } from './usedBefore'
export { NO_FILTERS, passes, QUICK_MINUTES, type IdeaFilters } from './filters'
export { getWords, leadWords, LIKED_NAMES, timeWords, usedWords, whomWords } from './fitWords'

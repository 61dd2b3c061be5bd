export { fitOf, leadMinutes, OVERNIGHT_MINUTES, timesFor, type Fit, type FitContext, type TimeFit } from './fit'
export { usedBefore, type UsedBefore } from './usedBefore'

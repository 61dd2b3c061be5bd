export { carriedInto, weeksOut, type Carried } from './carried'
export { bandsOf, outSince, spotFits, spotsFor, standsOn, weeksOutOn, type CenterBand } from './room'

export { adultsRequired } from './license'
export {
  adultHours,
  clashesOn,
  coverOf,
  coverOn,
  minutesShort,
  type Clash,
  type Cover,
  type CoverInterval,
} from './cover'
export { clashRemedies as attentionRemedies, coverRemedies, withHours, type AdultRemedy } from './remedies'

export { adultsRequired } from './license'
export { coverOf, coverOn, minutesShort, type Clash, type Cover, type CoverInterval } from './cover'

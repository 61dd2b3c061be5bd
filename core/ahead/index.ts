export { dryingClashes, inARow, isHigh, isLongSeated, messesAtOnce, type DryingClash, type InARow } from './day'
export { countAhead, lookAhead, type FullerDay, type LookAhead, type Missed } from './lookAhead'

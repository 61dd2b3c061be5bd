export { bestSlots, closersOf, type Closer, type RankedSlot } from './suggest'

export { SKELETONS, type Skeleton, type Slot } from './skeleton'
export { startOf, type Start, type StartOptions } from './start'

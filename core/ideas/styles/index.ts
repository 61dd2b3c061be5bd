/** Planning styles, and the first plan of a unit by each. */
export { SKELETONS, type Skeleton, type Slot } from './skeleton'
export { startOf, type Start, type StartOptions } from './start'
export { LIST_SENTENCE, listSentence } from './startWords'
export { othersFor } from './others'
export type { Candidate } from './judge'

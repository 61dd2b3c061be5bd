/** An idea as it is written in the form: drafts, variants, and back. */
export {
  activityFrom,
  draftOf,
  emptyDraft,
  topicsIn,
  type ActivityDraft,
  type LineDraft,
  type NeedDraft,
  type PrepDraft,
  type Provenance,
  type Typed,
  type VariantKey,
  type Written,
} from './activityDraft'
export { textsOf, variantsFrom, type StageText } from './variants'

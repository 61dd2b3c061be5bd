import type { Fault } from '@core/base'

/** Why something was not done. What http/ makes of each is its own. */
export type Reason =
  | 'not-found'
  /** It was there once, and is not meant to be found any more. */
  | 'ended'
  /** What stands there now does not go with it. */
  | 'in-the-way'
  | 'invalid'
  | 'full'
  | 'busy'
  /** The disk did not take it. */
  | 'not-kept'

/** Something that was not done, in words for whoever asked; nothing was changed. */
export class Refusal extends Error {
  /** @param extra what is told besides: the fields at fault, both sides of a conflict */
  constructor(
    readonly reason: Reason,
    readonly title: string,
    readonly extra: Record<string, unknown> = {},
  ) {
    super(title)
  }
}

export const notFound = (what: string) => new Refusal('not-found', `There is no such ${what}`)
export const invalid = (errors: Fault[]) =>
  new Refusal('invalid', 'Some fields need another look. Nothing was changed.', { errors })

import { z } from 'zod'
import { LONGEST_WAIT_MS } from './lists'
import { Id, Line } from './primitives'

/** What a tick refers to within its placement: a step, or what one stage does. */
export const StepId = z.string().regex(/^[a-z0-9][a-z0-9-]{0,79}$/, 'This is no step of ours')

/**
 * A step that was done, or was not after all. It starts from no version: of two who tick the same step, the one who did
 * it last counts, whoever's came first.
 */
export const TickOp = z.strictObject({
  op: z.literal('tick'),
  placementId: Id,
  step: StepId,
  done: z.boolean(),
  /** How long ago it was done when it is sent: two devices need not agree on the time for that. */
  agoMs: z.number().int().min(0).max(LONGEST_WAIT_MS),
})
export type TickOp = z.infer<typeof TickOp>

/** A tick through a link: with an id of its own, so that a retry after a lost answer counts once. */
export const LinkTick = TickOp.omit({ op: true }).extend({ id: Id })
export type LinkTick = z.infer<typeof LinkTick>

/** A tick as it is kept. */
export const Tick = z.strictObject({ placementId: Id, step: StepId, done: z.boolean(), at: z.iso.datetime(), by: Line })
export type Tick = z.infer<typeof Tick>

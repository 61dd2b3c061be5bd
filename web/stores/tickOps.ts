import { LONGEST_WAIT_MS, type Tick, type TickOp } from '@core/domain'

export const isSame = (a: Pick<Tick, 'placementId' | 'step'>, b: Pick<Tick, 'placementId' | 'step'>) =>
  a.placementId === b.placementId && a.step === b.step

/** Ticks with some of them as they are now. */
export const withTick = (all: readonly Tick[], tick: Tick): Tick[] => [...all.filter((one) => !isSame(one, tick)), tick]
/** The step of a tick as it was before it. */
export const tickBefore = (all: readonly Tick[], op: Pick<Tick, 'placementId' | 'step'>): Tick | null =>
  all.find((one) => isSame(one, op)) ?? null

/** A tick that was made at an instant, as it is sent now. */
export const tickOp = (tick: Pick<Tick, 'placementId' | 'step' | 'done'>, madeAt: number): TickOp => ({
  op: 'tick',
  placementId: tick.placementId,
  step: tick.step,
  done: tick.done,
  agoMs: Math.min(LONGEST_WAIT_MS, Math.max(0, Date.now() - madeAt)),
})

import { EventEmitter } from 'node:events'
import type { Tick, ChangedRow } from '@core/domain'

/** What other open screens are told. */
export type LiveEvent =
  | {
      type: 'change'
      seq: number
      changeId: string
      unitId: string | null
      label: string
      by: string
      rows: ChangedRow[]
    }
  | { type: 'tick'; unitId: string; tick: Tick }
  | { type: 'shares'; unitId: string }

/** Tells every listener of what was committed, after it was, and ends the lines of whoever may not listen any more. */
export class Live {
  private readonly hub = new EventEmitter().setMaxListeners(0)

  tell(event: LiveEvent): void {
    this.hub.emit('event', event)
  }

  /** Listens until the returned function is called. */
  listen(listener: (event: LiveEvent) => void): () => void {
    this.hub.on('event', listener)
    return () => this.hub.off('event', listener)
  }

  /** Ends every line that stands on something: a session, or a link. */
  end(standsOn: string): void {
    this.hub.emit(`end ${standsOn}`)
  }

  /** Hears once that what a line stands on has ended, until the returned function is called. */
  whenEnds(standsOn: string, heard: () => void): () => void {
    this.hub.once(`end ${standsOn}`, heard)
    return () => this.hub.off(`end ${standsOn}`, heard)
  }
}

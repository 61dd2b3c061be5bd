import { COUNT_KINDS } from './count'
import { MAKE_KINDS } from './make'
import { MATCH_KINDS } from './match'
import { ORDER_KINDS } from './order'
import { ROOM_KINDS } from './room'
import { TRACE_KINDS } from './trace'
import type { PrintKindInfo } from '../context'
import type { PrintKind } from '../../domain'

/** Everything that can be printed, by the name under which it is kept. */
export const PRINT_KIND_INFO: Record<PrintKind, PrintKindInfo> = {
  ...MATCH_KINDS,
  ...COUNT_KINDS,
  ...ORDER_KINDS,
  ...TRACE_KINDS,
  ...MAKE_KINDS,
  ...ROOM_KINDS,
}

import type { Piece } from '../../domain'
import { COUNTING } from './counting'
import { readPieces } from './read'

/** What ships to sing, say and play, in words of our own. */
export const PIECES: readonly Piece[] = [COUNTING].flatMap(readPieces)

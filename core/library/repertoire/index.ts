import type { Piece } from '../../domain'
import { BETWEEN } from './between'
import { CALM } from './calm'
import { COUNTING } from './counting'
import { FINGERS } from './fingers'
import { MOVING } from './moving'
import { OPENING } from './opening'
import { readPieces } from './read'
import { SONGS } from './songs'
import { STORIES } from './stories'

/** What ships to sing, say and play, in words of our own. */
export const PIECES: readonly Piece[] = [
  OPENING,
  COUNTING,
  FINGERS,
  SONGS,
  MOVING,
  CALM,
  STORIES,
  BETWEEN,
].flatMap(readPieces)

import type { PieceKind } from '@core/domain'

/** What a kind of piece is called. */
export const KIND_NAMES: Record<PieceKind, string> = {
  gather: 'to gather',
  greet: 'greeting',
  rhyme: 'rhyme or song',
  'finger-play': 'finger play',
  story: 'story',
  talk: 'talk',
  movement: 'movement',
  game: 'game',
  calm: 'to calm',
  goodbye: 'goodbye',
  waiting: 'while waiting',
  transition: 'on the way',
}

import type { Book, BookWay, PieceKind } from '@core/domain'

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

/** What a book is, and where it stands. */
export const BOOK_KIND_NAMES: Record<Book['kind'], string> = {
  story: 'story',
  facts: 'nonfiction',
  rhymes: 'rhymes and songs',
  pictures: 'pictures',
  counting: 'counting',
  letters: 'letters',
}
export const PLACE_NAMES: Record<Book['place'], string> = { nook: 'In the book nook', up: 'Kept up high' }
export const WAY_NAMES: Record<BookWay, string> = {
  whole: 'Read whole',
  shorter: 'Told shorter',
  looked: 'Only looked at',
}

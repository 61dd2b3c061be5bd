import type { LearningDomain, Piece, PieceForm, PieceKind, PieceTake, Stage } from '../../domain'

/**
 * Pieces as a person writes them down: a head, a title, lines, and what is said besides.
 *
 *     = on-the-hill | rhyme | down | older-toddler | up | 1 | 2 3 5 | early-math
 *     {N} on the hill
 *     {N} {things} in a row on the hill,
 *     ...
 *     end: No more {all} ...
 *       a second line of it
 *     moves: ...
 *
 * The head says id, kind, form, the youngest, whether they sit (`sit`) or not (`up`), energy, minutes at least, usually
 * and at most, and what it teaches. Verses of a text have an empty line between them.
 */
export function readPieces(text: string): Piece[] {
  return text
    .split(/^= /m)
    .slice(1)
    .map((block) => readPiece(block))
}

const KEYS = [
  'single',
  'end',
  'turn',
  'home',
  'moves',
  'ask',
  'tune',
  'props',
  'takes',
  'figures',
  'shorten',
  'go on',
  'adj',
] as const
type Key = (typeof KEYS)[number]
const KEY = new RegExp(`^(${KEYS.join('|')}): (.*)$`)

function readPiece(block: string): Piece {
  const [head, title, ...rest] = block.trimEnd().split('\n')
  const [id, kind, form, from, sits, energy, minutes, teaches] = head.split('|').map((part) => part.trim())
  const body: string[] = []
  const said: Partial<Record<Key, string[]>> = {}
  let key: Key | null = null
  for (const line of rest) {
    const found = KEY.exec(line)
    if (found) said[(key = found[1] as Key)] = [found[2]]
    else if (key && line.startsWith('  ')) said[key]!.push(line.trim())
    else {
      key = null
      body.push(line.trim())
    }
  }
  const lines = (name: Key) => (said[name] ?? []).join('\n')
  const words = (name: Key) => (said[name] ?? []).join(' ')
  const list = (name: Key) => words(name).split(',').map((part) => part.trim()).filter(Boolean)
  const [shortest, planned, longest] = minutes.split(' ').map(Number)
  const [first = '', second = ''] = list('adj')
  // A test holds each that ships against the schema, so that the page need not bring it along to sing.
  return {
    id,
    title,
    kind: kind as PieceKind,
    form: form as PieceForm,
    text: body.join('\n').trim(),
    single: lines('single'),
    end: lines('end'),
    turn: lines('turn'),
    home: lines('home'),
    adj: [first, second],
    moves: lines('moves'),
    ask: words('ask'),
    tune: words('tune'),
    props: list('props'),
    takes: list('takes').map(takeOf),
    figures: list('figures'),
    energy: Number(energy),
    seated: sits === 'sit',
    from: from as Stage,
    minutes: { shortest, planned, longest },
    teaches: teaches.split(' ').filter(Boolean) as LearningDomain[],
    shorten: words('shorten'),
    goOn: words('go on'),
    words: '',
    link: '',
  }
}

/** "bell 1" for the circle, "cushion child" one each, "block count" as many as are counted. */
function takeOf(text: string): PieceTake {
  const [materialId, much] = text.split(' ')
  return much === 'child' || much === 'count'
    ? { materialId, quantity: 1, by: much }
    : { materialId, quantity: Number(much), by: 'circle' }
}

import { listWords, minutesOf } from '../base'
import {
  DOMAINS,
  newPlacement,
  rangeOf,
  STAGES,
  type Activity,
  type Book,
  type Circle,
  type CirclePart,
  type LearningDomain,
  type Material,
  type Piece,
  type Placement,
  type Requirement,
  type RhythmBlock,
  type UnitSnapshot,
} from '../domain'

/** What a circle is called where ideas stand beside it. */
export const CIRCLE_TITLE = 'Circle'
/** A circle is no idea of the library: what would be done to an idea is not offered for it. */
const CIRCLE_ACTIVITY = 'circle-of-the-day'
export const isCircle = ({ placement }: { placement: Pick<Placement, 'activityId'> }): boolean =>
  placement.activityId === CIRCLE_ACTIVITY

/** Of many pieces those that circles name. */
export function piecesIn(circles: readonly Circle[], pieces: readonly Piece[]): Piece[] {
  const named = new Set(circles.flatMap((circle) => circle.parts.map((part) => part.pieceId)))
  return pieces.filter((piece) => named.has(piece.id))
}

/** The part of a circle with what it is of. */
interface Of {
  part: CirclePart
  piece: Piece | null
  book: Book | null
}

/**
 * What a circle takes of the cupboard. One thing after the other: what comes back serves all of them, what is used up is
 * added.
 */
function takenBy(parts: readonly Of[], materials: ReadonlyMap<string, Material>): Requirement[] {
  const sums = new Map<string, { materialId: string; by: 'child' | 'set-up'; quantity: number }>()
  for (const { part, piece } of parts)
    for (const { materialId, quantity, by } of piece?.takes ?? []) {
      const material = materials.get(materialId)
      if (!material) continue
      const range = rangeOf(piece!, part)
      const much = by === 'count' ? quantity * (range ? Math.max(range.from, range.to) : 1) : quantity
      const key = `${materialId} ${by === 'child' ? 'child' : 'set-up'}`
      const known = sums.get(key)?.quantity ?? 0
      sums.set(key, {
        materialId,
        by: by === 'child' ? 'child' : 'set-up',
        quantity: material.use === 'reusable' ? Math.max(known, much) : known + much,
      })
    }
  return [...sums.values()].map(({ materialId, by, quantity }, i) => ({
    id: `take-${i + 1}`,
    materialId,
    quantity,
    basis: { by },
    spare: 0,
    variants: null,
    reach: 'children',
    alternatives: [],
  }))
}

/** Minutes that a circle gives to each area: the first two that a piece teaches have all of its own. */
function domainsOf(parts: readonly Of[]): [LearningDomain, ...LearningDomain[]] {
  const minutes = new Map<LearningDomain, number>()
  const give = (domain: LearningDomain, much: number) => minutes.set(domain, (minutes.get(domain) ?? 0) + much)
  for (const { part, piece, book } of parts) {
    for (const domain of piece?.teaches.slice(0, 2) ?? []) give(domain, part.minutes ?? piece!.minutes.planned)
    if (book) give('language', part.minutes ?? book.minutes)
  }
  const [first, ...rest] = DOMAINS.filter((domain) => minutes.has(domain)).sort(
    (a, b) => minutes.get(b)! - minutes.get(a)!,
  )
  return (first as LearningDomain | undefined) ? [first, ...rest.slice(0, 1)] : ['social-emotional']
}

/** Minutes to fetch the first thing of a circle, and each further one: common practice. */
const FIRST_MINUTES = 1
const MORE_MINUTES = 0.5
/** Letters of a step, and how many things are named in it before the rest is counted. */
const MOST_NAMED = 6

/** Everything that lies in the basket of a circle, in the words of its pieces. */
export function basketOf(parts: readonly Of[]): string[] {
  const all = parts.flatMap(({ piece, book }) => [
    ...(piece?.props ?? []),
    ...(piece?.figures ?? []),
    ...(book ? [`“${book.title}”`] : []),
  ])
  return [...new Set(all)]
}

/** What of that is not of the pantry: figures, books, and what pieces name without taking it from there. */
const besidesOf = (parts: readonly Of[]): string[] =>
  basketOf(parts.map((one) => (one.piece?.takes.length ? { ...one, piece: { ...one.piece, props: [] } } : one)))

function activityOf(parts: readonly Of[], minutes: number, materials: ReadonlyMap<string, Material>): Activity {
  const requirements = takenBy(parts, materials)
  const basket = basketOf(parts)
  const named =
    basket.length > MOST_NAMED ? [...basket.slice(0, MOST_NAMED - 1), `${basket.length - MOST_NAMED + 1} more`] : basket
  const livelier = Math.max(-1, ...parts.map(({ piece, part }) => piece?.energy ?? part.own?.energy ?? 0))
  return {
    id: CIRCLE_ACTIVITY,
    title: CIRCLE_TITLE,
    aim: 'Together on the rug.',
    topics: [],
    centers: ['circle'],
    domains: domainsOf(parts),
    form: 'whole-group',
    minutes: { setUp: 0, do: Math.max(1, minutes), clear: 0 },
    energy: livelier,
    mess: 0,
    attention: 'watching',
    dries: 0,
    folder: false,
    standing: false,
    variants: [
      { id: 'joins-in', stages: STAGES.filter((stage) => stage !== 'infant'), kind: 'does', how: 'Joins in.' },
      { id: 'lies-beside', stages: ['infant'], kind: 'beside', how: 'Lies beside and listens.' },
    ],
    requirements,
    prep: basket.length
      ? [
          {
            id: 'basket',
            text: `Lay into the circle basket: ${listWords(named)}`.slice(0, 300),
            minutes: Math.ceil(FIRST_MINUTES + MORE_MINUTES * (basket.length - 1)),
            wait: 0,
            splits: false,
            uses: requirements.map((one) => one.id),
            kind: 'other',
            per: null,
          },
        ]
      : [],
    steps: ['Hold the circle.'],
    stepIds: [],
    say: [],
    lookFor: [],
    easier: '',
    harder: '',
    tidy: '',
    source: 'own',
    pattern: null,
    origin: null,
    archived: false,
  }
}

/**
 * A circle as if it were an idea on the plan, so that what it takes, what is laid out for it and what the children meet
 * in it is counted as everything else is. Null where nothing is in it.
 *
 * @param block of the day, in which it is held
 * @param held whether it was: then nothing is fetched or got for it any more
 */
export function circleAsPlaced(
  circle: Circle,
  block: RhythmBlock,
  { pieces, books, centers }: Pick<UnitSnapshot, 'pieces' | 'books' | 'centers'>,
  materials: ReadonlyMap<string, Material>,
  held: boolean,
): { placement: Placement; activity: Activity; besides: string[] } | null {
  const parts = circle.parts
    .map((part): Of => ({
      part,
      piece: pieces.find((one) => one.id === part.pieceId) ?? null,
      book: books.find((one) => one.id === part.bookId) ?? null,
    }))
    .filter(({ part, piece, book }) => part.own ?? piece ?? book)
  if (!parts.length) return null
  return {
    besides: besidesOf(parts),
    activity: activityOf(parts, minutesOf(block.to) - minutesOf(block.from), materials),
    placement: {
      ...newPlacement(
        circle.id,
        circle.unitId,
        CIRCLE_ACTIVITY,
        { kind: 'moment', day: circle.day, blockId: block.id, from: null },
        centers.find((one) => one.kind === 'circle')?.id ?? null,
      ),
      setAside: circle.setAside,
      status: held ? 'done' : 'planned',
    },
  }
}

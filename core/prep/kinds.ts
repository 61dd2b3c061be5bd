import type { PrepKind, PrepStep } from '../domain'

/** What a kind of work asks for. */
export interface KindOfWork {
  title: string
  /** Minutes to get out and put away what it takes, once in a window. */
  setUp: number
  /** Whether it can be done with children in the house: quiet, and nothing hot, staining or sharp. */
  withChildren: boolean
  /**
   * How long ahead of its use it may be done: days by the calendar for what spoils, days on which the home is open for
   * what would be in the way; null where it keeps.
   */
  keeps: { days: number; by: 'calendar' | 'open' } | null
}

const QUIET: Omit<KindOfWork, 'title'> = { setUp: 0, withChildren: true, keeps: null }

/**
 * Kinds of work. The minutes are common practice, and so is what waits for the evening: the laminator, heat, dye and a
 * long blade (the usual cautions of a home with children asleep and awake in it).
 */
export const KINDS_OF_WORK: Record<PrepKind, KindOfWork> = {
  cut: { ...QUIET, title: 'Cutting with scissors' },
  blade: { ...QUIET, title: 'Cutting with a blade', withChildren: false },
  draw: { ...QUIET, title: 'Drawing and writing' },
  fold: { ...QUIET, title: 'Folding' },
  fasten: { ...QUIET, title: 'Gluing, taping and tying' },
  print: { ...QUIET, title: 'Printing', setUp: 2 },
  laminate: { ...QUIET, title: 'Laminating', setUp: 5, withChildren: false },
  paint: { ...QUIET, title: 'Painting', setUp: 4 },
  dye: { ...QUIET, title: 'Dyeing', setUp: 5, withChildren: false },
  mix: { ...QUIET, title: 'Mixing', keeps: { days: 2, by: 'open' } },
  cook: { ...QUIET, title: 'Cooking', withChildren: false, keeps: { days: 2, by: 'open' } },
  food: { ...QUIET, title: 'Cutting food', keeps: { days: 1, by: 'calendar' } },
  freeze: { ...QUIET, title: 'Freezing' },
  fill: { ...QUIET, title: 'Filling', keeps: { days: 1, by: 'open' } },
  hang: { ...QUIET, title: 'Setting up the room', keeps: { days: 1, by: 'open' } },
  ask: { ...QUIET, title: 'Asking families' },
  other: { ...QUIET, title: 'Other work' },
}

/** What says at once that it is hot, sharp or staining, wherever it stands. */
const TELLING: [RegExp, PrepKind][] = [
  [/\blaminat/i, 'laminate'],
  [/\bdye\b|\bshake the rice\b/i, 'dye'],
  [/\b(cook|boil|simmer|bake|iron|melt)\b|\blow heat\b|\bhot water\b|\bheat the oven\b/i, 'cook'],
  [/\b(cut|saw|carve)\b.*\b(box|boxes|cartons?|lids?|pumpkins?|cardboard|board|openings?)\b/i, 'blade'],
  [/\bcut\b.*\baway from (them|the kids)\b/i, 'blade'],
  [
    /\b(peel|slice|quarter|halve|core)\b|\bcut the (vegetable|fruit|bread|cheese)|\bcut (the )?(vegetable|fruit)s?\b/i,
    'food',
  ],
  [/^ask\b|\binvit/i, 'ask'],
  [/\b(tape|fix|slip|stand)\b.*\b(table|floor|rug|sun|under each)\b|\bclip fresh\b|\bset it up\b|\bdampen\b/i, 'hang'],
  [/\bthin the paint\b/i, 'mix'],
  [/\bpaint\b/i, 'paint'],
  [/\bfreeze\b/i, 'freeze'],
]
/** Verbs: the first one in the sentence says what most of the work is. */
const VERBS: [RegExp, PrepKind][] = [
  [/\b(print|copy)\b/i, 'print'],
  [/\b(cut|punch|snip)\b/i, 'cut'],
  [/\b(mix|stir|whip|knead|soak|steep|color|tint|thin)\b/i, 'mix'],
  [/\b(draw|write|trace|rule|mark)\b/i, 'draw'],
  [/\b(fold|crumple)\b/i, 'fold'],
  [/\b(tape|glue|tie|bind|fasten|fix|clip|sew|stick)\b/i, 'fasten'],
  [/\b(hang|pitch|build|turn boxes)\b/i, 'hang'],
  [/\b(fill|spread|put|pour)\b/i, 'fill'],
]

/** The kind of a step of preparation: as somebody said, else as its words say. */
export function kindOfStep(step: Pick<PrepStep, 'kind' | 'text'>): PrepKind {
  if (step.kind) return step.kind
  const telling = TELLING.find(([pattern]) => pattern.test(step.text))
  if (telling) return telling[1]
  const found = VERBS.flatMap(([pattern, kind]) => {
    const at = step.text.search(pattern)
    return at < 0 ? [] : [{ at, kind }]
  }).sort((a, b) => a.at - b.at)[0] as { kind: PrepKind } | undefined
  return found?.kind ?? 'other'
}

import type { Activity, PrintKind } from '../domain'

/** What can be printed for an idea, and which steps of its preparation that saves. */
export interface PrintOffer {
  kind: PrintKind
  instead: readonly string[]
}

/** Kinds that a pattern asks for: `pattern=kind kind`. */
const OF_PATTERNS = `
match=pairs; memory-pairs=memory; match-halves=halves; match-shadow=shadows; parent-young=young; label-it=three-parts parts
name-parts=parts; sort-kind=sorting; sort-place=sorting homes; alive-or-not=sorting; small=three-parts
same-different=odd-one; order-size=sorting; stages-sequence=sequence wheel step-book; story-of-three=sequence; our-book=step-book
count-clip=count-clip; number-quantity=number-cards ten-frames; greater-less=more-less; add-take-away=addition; roll-take=roll-cover
bingo=bingo; vote=predictions; try-question=predictions; what-we-know=predictions; trace-path=paths; shadow-trace=color
who-is-there=bingo; big-picture=puzzle; check-list=look-count; draw-what-you-see=color; craft-hats=headband; craft-puppets=stick
felt-story=felt stick; finger-play=fingers; count-down-rhyme=fingers; dough-press=mats; dough-count=mats; dough-parts=mats
lay-a-row=patterns; write-signs=words; write-to=thanks; play-orders=recipe-cards; map-it=homes; move-path=paths; riddle=three-parts
missing-one=three-parts; act-it=three-parts; compare-two=more-less; listen-for=three-parts
`
/** Steps of patterns that make cards by hand. */
const BY_HAND = ['draw-cards', 'cut-cards', 'mark-pairs', 'cut-halves']

/** Kinds that ideas of the library ask for, with the steps that they save: `idea=kind:step,step`. */
const OF_IDEAS = `
rice-rescue=three-parts:draw-cards; easel-tape=three-parts:; bead-kite-strings=number-cards:number-cards; lid-puzzle=name-letters:
trace-the-wind=paths:draw-roads; name-kites=name-letters:print-letters; snack-sails=recipe-cards:recipe-cards
dough-letters=letters:write-letters; dough-faces-mats=mats:; name-trail=name-letters:letter-cards; peg-lace=lacing:punch
peg-number-line=number-cards:write-cards; three-part-cards=three-parts:make-cards; clip-the-edge=count-clip:
library-desk=name-tags:library-cards; glow-names=name-letters:cut-letters; clue-map=homes:; sandpaper-letters=cut-letter:
`
const entries = (text: string): [string, string][] =>
  text
    .split(/[;\n]/)
    .map((entry) => entry.trim())
    .filter(Boolean)
    .map((entry) => entry.split('=') as [string, string])
const PATTERNS: ReadonlyMap<string, readonly PrintKind[]> = new Map([
  ...entries(OF_PATTERNS).map(([id, kinds]) => [id, kinds.split(' ') as PrintKind[]] as const),
  ['sort-colour', ['sorting']],
])
const IDEAS: ReadonlyMap<string, readonly PrintOffer[]> = new Map(
  entries(OF_IDEAS).map(([id, offers]) => [
    id,
    offers.split(' ').map((offer) => {
      const [kind, steps] = offer.split(':')
      return { kind: kind as PrintKind, instead: steps ? steps.split(',') : [] }
    }),
  ]),
)

/**
 * What can be printed for an idea: what its pattern asks for, or what is known of an idea of the library and of copies of
 * it. Only steps that the idea has are named.
 */
export function printOffers(activity: Pick<Activity, 'id' | 'origin' | 'pattern' | 'prep'>): PrintOffer[] {
  const has = new Set(activity.prep.map((step) => step.id))
  const known = IDEAS.get(activity.id) ?? (activity.origin ? IDEAS.get(activity.origin.id) : undefined)
  const offers =
    known ?? (PATTERNS.get(activity.pattern ?? '') ?? []).map((kind, i) => ({ kind, instead: i === 0 ? BY_HAND : [] }))
  return offers.map(({ kind, instead }) => ({ kind, instead: instead.filter((step) => has.has(step)) }))
}
/** For tests: every kind and idea that the tables name. */
export const OFFERED = { patterns: PATTERNS, ideas: IDEAS }

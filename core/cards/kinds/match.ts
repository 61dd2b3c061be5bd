import { OWN_PICTURE } from '../../domain'
import { captioned, deck, wholePage, type Pen, type PictureLook, type PrintThing } from '../pen'
import { written, writing } from '../handwriting'
import { aboveFoot, cutFrame } from '../page'
import { circle, inset, line, path, rect, split, square, stack, textIn, TINT_INK, type Box } from '../svg'
import { capital } from '../../ideas'
import { dealt, needs, shuffled, upTo, type PrintContext, type PrintKindInfo } from '../context'

const CARD = [60, 85] as const
const SQUARE = [60, 60] as const
const LABEL = [60, 25] as const

const sizeOf = (context: PrintContext, usual: readonly [number, number]) => context.size ?? usual

/** The name of a thing, as large as it fits. */
const nameIn = (pen: Pen, words: string, box: Box): string =>
  textIn(words, box, { most: 9, weight: 700, fill: pen.text })
const pictured = (pen: Pen, thing: PrintThing) => (box: Box) => pen.picture(thing, inset(box, 4))
const pictureAndName = (pen: Pen, thing: PrintThing) => (box: Box) => captioned(pen, thing, inset(box, 4))
const named = (pen: Pen, thing: PrintThing) => (box: Box) => nameIn(pen, thing.one, inset(box, 4, 2))

const threeParts: PrintKindInfo = {
  title: 'Picture and word cards',
  group: 'match',
  about: 'Lay the picture, then its word, beside the card that has both.',
  domain: 'language',
  levels: [
    'pictures, two of each',
    'pictures with their words',
    'picture, word and both',
    'picture, word and both, first letters apart',
  ],
  from: 'young-toddler',
  each: false,
  size: CARD,
  stock: 'cardstock',
  laminate: true,
  lacks: needs(2, 'objects'),
  draw(pen, context) {
    const { things, level, title } = context
    const size = sizeOf(context, CARD)
    const whole = deck(
      pen,
      things.flatMap((thing) => {
        if (level === 0) return [pictured(pen, thing), pictured(pen, thing)]
        const both = pictureAndName(pen, thing)
        return level === 1 ? [both, both] : [both, pictured(pen, thing)]
      }),
      { size, title },
    )
    if (level < 2) return whole
    const label = [size[0], Math.max(14, Math.min(LABEL[1], size[1] / 3))] as const
    const firstApart = (thing: PrintThing) => (box: Box) => {
      const [first, rest] = split(inset(box, 3, 2), [1, 3.2], 2)
      const [letter, ...more] = [...thing.one]
      return (
        rect(first, { fill: TINT_INK[pen.ink], stroke: pen.text, width: 0.3 }, 1.5) +
        textIn(letter ?? '', first, { most: 9, weight: 700, fill: pen.text }) +
        textIn(more.join(''), rest, { most: 9, weight: 700, fill: pen.text, anchor: 'start' })
      )
    }
    return [
      ...whole,
      ...deck(
        pen,
        things.map((thing) => (level === 2 ? named(pen, thing) : firstApart(thing))),
        { size: label, title },
      ),
    ]
  },
}

/** A quiet pattern for the backs of cards. */
const backOf = (pen: Pen) => (box: Box) => {
  const paint = { stroke: pen.ink === 'color' ? '#b9cfc7' : '#999999', width: 0.3 }
  const inner = inset(box, 5)
  let body = rect(inner, paint, 3)
  for (let at = 6; at < inner.width + inner.height; at += 6) {
    const [x1, y1] = at < inner.height ? [inner.x, inner.y + at] : [inner.x + at - inner.height, inner.y + inner.height]
    const [x2, y2] = at < inner.width ? [inner.x + at, inner.y] : [inner.x + inner.width, inner.y + at - inner.width]
    body += line(x1, y1, x2, y2, paint)
  }
  return body
}

const pairs: PrintKindInfo = {
  title: 'Match pairs',
  group: 'match',
  about: 'Find the two that are the same.',
  domain: 'early-math',
  levels: ['3 pairs', '4 pairs', '8 pairs', '12 pairs, half of them as outlines'],
  from: 'young-toddler',
  each: false,
  size: SQUARE,
  stock: 'cardstock',
  laminate: true,
  lacks: needs(2, 'objects'),
  draw(pen, context) {
    const own = upTo(context.things, [3, 4, 8, 12][context.level])
    const cards = own.flatMap((thing) => [
      pictured(pen, thing),
      context.level < 3 ? pictured(pen, thing) : (box: Box) => pen.picture(thing, inset(box, 4), 'outline'),
    ])
    return deck(pen, cards, { size: sizeOf(context, SQUARE), title: context.title })
  },
}
const memory: PrintKindInfo = {
  ...pairs,
  title: 'Memory game',
  about: 'Lay them face down; turn two over, and keep them if they are the same.',
  levels: ['3 pairs, face up', '6 pairs', '9 pairs', '12 pairs'],
  draw(pen, context) {
    const own = upTo(context.things, [3, 6, 9, 12][context.level])
    return deck(
      pen,
      own.flatMap((thing) => [pictured(pen, thing), pictured(pen, thing)]),
      {
        size: sizeOf(context, SQUARE),
        title: context.title,
        back: context.backs && context.level > 0 ? backOf(pen) : undefined,
      },
    )
  },
}
const drawn = ({ things }: PrintContext) =>
  things.filter((thing) => thing.picture && !thing.picture.startsWith(OWN_PICTURE))
const needsDrawings =
  (count: number) =>
  (context: PrintContext): string =>
    drawn(context).length >= count
      ? ''
      : `It takes ${count} objects with a drawing; the theme has ${drawn(context).length || 'none'}.`
const shadows: PrintKindInfo = {
  ...pairs,
  title: 'Shadow match',
  about: 'Lay each thing on its shadow.',
  levels: ['3 things', '4 things', '8 things', '12 things, shadows turned'],
  lacks: needsDrawings(2),
  draw(pen, context) {
    const own = upTo(drawn(context), [3, 4, 8, 12][context.level])
    const turn = (i: number) => (context.level === 3 ? [0, 90, 180, 270][i % 4] : 0)
    const cards = own.flatMap((thing, i) => [
      pictured(pen, thing),
      (box: Box) => {
        const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
        return `<g transform="rotate(${turn(i)} ${x} ${y})">${pen.picture(thing, inset(box, 4), 'shadow')}</g>`
      },
    ])
    return deck(pen, cards, { size: sizeOf(context, SQUARE), title: context.title })
  },
}

/** Lines along which a card is cut in two: straight, wavy, in teeth, and in steps. */
function halfLine(box: Box, i: number, level: number): string {
  const [x, top, end] = [box.x + box.width / 2, box.y, box.y + box.height]
  const kind = level === 0 ? 0 : level === 1 ? i % 2 : i % 4
  if (kind === 0) return `M${x} ${top} L${x} ${end}`
  const parts = 6
  const [step, wide] = [box.height / parts, box.width * 0.11]
  let d = `M${x} ${top}`
  for (let at = 0; at < parts; at++) {
    const side = at % 2 ? -wide : wide
    const [from, to] = [top + at * step, top + (at + 1) * step]
    if (kind === 1) d += ` C${x + side} ${from + step / 3} ${x + side} ${to - step / 3} ${x} ${to}`
    else if (kind === 2) d += ` L${x + side} ${from + step / 2} L${x} ${to}`
    else d += ` L${x + side} ${from} L${x + side} ${to} L${x} ${to}`
  }
  return d
}
const halves: PrintKindInfo = {
  ...pairs,
  title: 'Two halves',
  about: 'Find the half that belongs to it, and push the edges together.',
  levels: ['3 things, cut straight', '4 things, straight or wavy', '6 things, four edges', '9 things, four edges'],
  size: [85, 60],
  draw(pen, context) {
    const cards = upTo(context.things, [3, 4, 6, 9][context.level]).map((thing, i) => (box: Box) => {
      const paint = { stroke: '#555555', width: 0.45, dash: '1.6 1.2' }
      return pen.picture(thing, inset(box, 3)) + path(halfLine(box, i, context.level), paint)
    })
    return deck(pen, cards, { size: sizeOf(context, [85, 60]), title: context.title })
  },
}
const oddOne: PrintKindInfo = {
  ...pairs,
  title: 'Which one is different?',
  about: 'Look along the row, and cover the one that is not like the others.',
  levels: ['3 in a row', '4 in a row', '5 in a row', '4 in a row, one is turned'],
  size: [180, 46],
  lacks: needs(2, 'objects'),
  draw(pen, context) {
    const { things, level } = context
    const next = dealt(7)
    const strips = upTo(things, 8).map((thing, i) => (box: Box) => {
      const count = [3, 4, 5, 4][level]
      const odd = Math.floor(next() * count)
      const other = things[(i + 1) % things.length]
      const cells = split(inset(box, 4), Array<number>(count).fill(1), 3)
      return cells
        .map((cell, at) => {
          const frame = rect(cell, { stroke: pen.text, width: 0.25 }, 2)
          const inner = inset(cell, 2)
          if (at !== odd) return frame + pen.picture(thing, inner)
          if (level < 3) return frame + pen.picture(other, inner)
          const [x, y] = [cell.x + cell.width / 2, cell.y + cell.height / 2]
          return `${frame}<g transform="rotate(180 ${x} ${y})">${pen.picture(thing, inner)}</g>`
        })
        .join('')
    })
    return deck(pen, strips, { size: sizeOf(context, [180, 46]), title: context.title })
  },
}
const withYoung = ({ things }: PrintContext) => things.filter((thing) => thing.young)
const young: PrintKindInfo = {
  ...threeParts,
  title: 'Parent and young',
  about: 'Bring each young one to its parent.',
  domain: 'science',
  levels: ['pictures only', 'with their names', 'with their names', 'names on cards of their own'],
  size: SQUARE,
  lacks: (context) =>
    withYoung(context).length >= 2
      ? ''
      : `It takes 2 objects whose young have a name, such as a hen and its chick; the theme has ${withYoung(context).length || 'none'}.`,
  draw(pen, context) {
    const { level, title } = context
    const asYoung = (thing: PrintThing): PrintThing => ({
      ...thing,
      one: thing.young,
      picture: thing.youngPicture || thing.picture,
    })
    const small = (thing: PrintThing, words: boolean) => (box: Box) => {
      const [above, below] = words ? stack(inset(box, 4), [3, 1], 1) : [inset(box, 4), null]
      // Without a picture of its own, the young one is the same, and smaller.
      const part = thing.youngPicture && thing.youngPicture !== thing.picture ? 1 : 0.6
      return pen.picture(asYoung(thing), square(above, part)) + (below ? nameIn(pen, thing.young, below) : '')
    }
    const large = (thing: PrintThing, words: boolean) => (words ? pictureAndName(pen, thing) : pictured(pen, thing))
    const words = level === 1 || level === 2
    const own = withYoung(context)
    const pages = deck(
      pen,
      own.flatMap((thing) => [large(thing, words), small(thing, words)]),
      { size: sizeOf(context, SQUARE), title },
    )
    if (level < 3) return pages
    const names = own.flatMap((thing) => [named(pen, thing), named(pen, asYoung(thing))])
    return [...pages, ...deck(pen, names, { size: LABEL, title })]
  },
}
const withParts = ({ things }: PrintContext) => things.filter((thing) => thing.parts.length >= 2)
const parts: PrintKindInfo = {
  title: 'Name the parts',
  group: 'match',
  about: 'Say the word, and draw a line from its dot to that part.',
  domain: 'science',
  levels: [
    'color the parts that an adult names',
    'words to join to the parts',
    'words to cut and glue',
    'words to write',
  ],
  from: 'older-toddler',
  each: true,
  size: null,
  stock: 'paper',
  laminate: false,
  cutsInto: 0,
  lacks: (context) =>
    withParts(context).length ? '' : 'No object of the theme has parts yet. Give one its parts in Spark.',
  draw(pen, context) {
    const { level, title } = context
    return upTo(withParts(context), 4).map((thing) => {
      const area = aboveFoot(pen.rules)
      const [head, middle, low] = stack(area, [1, 8, 2.2], 3)
      const labels = upTo(thing.parts, 8)
      const picture = square({ ...middle, x: middle.x + middle.width * 0.22, width: middle.width * 0.56 })
      const lines = labels.map((_, i) => {
        const left = i % 2 === 0
        const y = middle.y + ((Math.floor(i / 2) + 0.8) * middle.height) / (Math.ceil(labels.length / 2) + 0.6)
        const wide = middle.width * 0.24
        const x = left ? middle.x : middle.x + middle.width - wide
        const slot = { x, y: y - 6, width: wide, height: 12 }
        const paint = { stroke: pen.text, width: 0.3 }
        if (level === 0) return ''
        return (
          rect(slot, paint, 1.5) +
          (level === 3 ? line(x + 3, y + 3, x + wide - 3, y + 3, { ...paint, dash: '1 1' }) : '') +
          (level === 1 ? textIn(labels[i], inset(slot, 1), { most: 5, weight: 700, fill: pen.text, lines: 2 }) : '') +
          circle(left ? x + wide + 3 : x - 3, y, 1.1, { fill: pen.text })
        )
      })
      const strips = split(low, Array<number>(Math.min(4, labels.length)).fill(1), 3)
      const words =
        level === 2
          ? labels.map((label, i) => {
              const cell = stack(strips[i % strips.length], [1, 1], 3)[Math.floor(i / strips.length)]
              return (
                cutFrame(cell, pen.ink) +
                textIn(label, inset(cell, 2), { most: 5.5, weight: 700, fill: pen.text, lines: 2 })
              )
            })
          : []
      const body =
        textIn(capital(thing.a), head, { most: 11, weight: 700, fill: pen.text }) +
        pen.picture(thing, picture, 'outline') +
        lines.join('') +
        words.join('')
      return wholePage(pen, title, body)
    })
  },
}

/** What things are sorted by, for a level: into which groups, and which thing goes where. */
interface Sorting {
  title: string
  groups: { name: string; things: readonly PrintThing[] }[]
}
function sortings({ things }: PrintContext): Sorting[] {
  const by = (title: string, nameOf: (thing: PrintThing) => string, order?: readonly string[]): Sorting => {
    const groups = new Map<string, PrintThing[]>()
    for (const thing of things) {
      const name = nameOf(thing)
      if (name) groups.set(name, [...(groups.get(name) ?? []), thing])
    }
    const list = [...groups].map(([name, own]) => ({ name, things: own }))
    if (order) list.sort((a, b) => order.indexOf(a.name) - order.indexOf(b.name))
    return { title, groups: list.slice(0, 4) }
  }
  const all = [
    by('big or small', (thing) => (thing.size === 'small' ? 'small' : thing.size === 'large' ? 'big' : ''), [
      'big',
      'small',
    ]),
    by(BY_COLOR, (thing) => thing.colors[0] ?? ''),
    by('living or not', (thing) => (thing.living === null ? '' : thing.living ? 'living' : 'not living'), [
      'living',
      'not living',
    ]),
    by('where it lives', (thing) => thing.lives),
  ]
  return all.filter((one) => one.groups.length >= 2)
}
const BY_COLOR = 'by color'
/** Colors by their names, as they are printed. White stays an outline. */
const PAINTS: Record<string, string> = {
  red: 'd23b2f',
  blue: '2f6fd2',
  yellow: 'f2c230',
  green: '3f9a4a',
  orange: 'ee8a2a',
  purple: '8250b0',
  pink: 'f08fb0',
  brown: '8a5a34',
  black: '2a2a2a',
  gray: '9a9a9a',
  grey: '9a9a9a',
  gold: 'd0a52c',
  silver: 'b4b9bd',
}
/** In the color by which it is sorted, whatever colors its drawing has. */
const tinted = (color: string): PictureLook => {
  const paint = PAINTS[color] as string | undefined
  return paint ? `tint-${paint}` : 'outline'
}
/** A spot of a color; a ring where it is white, or is printed in none. */
function spot(pen: Pen, color: string, box: Box): string {
  const side = square(box, 0.8)
  const paint = pen.ink === 'color' ? (PAINTS[color] as string | undefined) : undefined
  const fill = paint ? `#${paint}` : '#ffffff'
  return circle(side.x + side.width / 2, side.y + side.height / 2, side.width / 2, {
    fill,
    stroke: pen.text,
    width: 0.4,
  })
}
/** Which way of sorting a level asks for, the plainest first. */
const SORTED = [
  ['big or small', 'by color'],
  ['by color', 'big or small'],
  ['living or not', 'by color', 'big or small'],
  ['where it lives', 'living or not', 'by color'],
]
const sorting: PrintKindInfo = {
  title: 'Sort on mats',
  group: 'match',
  about: 'Lay each card on the mat that it belongs to.',
  domain: 'early-math',
  levels: ['big or small', 'by color', 'living or not', 'where it lives'],
  from: 'young-toddler',
  each: false,
  size: SQUARE,
  stock: 'cardstock',
  laminate: true,
  lacks: (context) =>
    sortings(context).length
      ? ''
      : 'It takes objects that differ in size, color, in what lives, or in where. Say so in Spark.',
  draw(pen, context) {
    const all = sortings(context)
    const wanted = SORTED[context.level]
    const chosen = wanted.map((title) => all.find((one) => one.title === title)).find(Boolean) ?? all[0]
    if (!chosen) return []
    const title = `${context.title}, ${chosen.title}`
    const byColor = chosen.title === BY_COLOR
    const mats = []
    for (let at = 0; at < chosen.groups.length; at += 2) {
      const cells = stack(aboveFoot(pen.rules), [1, 1], 6)
      const body = chosen.groups.slice(at, at + 2).map((group, i) => {
        const [head, mat] = stack(inset(cells[i], 2), [1, 5], 2)
        const [first] = group.things
        const [mark, words] = split(head, [1, 5], 3)
        return (
          rect(cells[i], { stroke: pen.text, width: 0.6 }, 4) +
          (byColor ? spot(pen, group.name, mark) : pen.picture(first, mark)) +
          textIn(capital(group.name), words, { most: 12, weight: 700, fill: pen.text, anchor: 'start' }) +
          rect(inset(mat, 2), { fill: TINT_INK[pen.ink], stroke: pen.text, width: 0.2, dash: '3 2' }, 3)
        )
      })
      mats.push(wholePage(pen, title, body.join('')))
    }
    const cards = shuffled(
      chosen.groups.flatMap((group) => group.things),
      3,
    ).map((thing) =>
      byColor
        ? (box: Box) => pen.picture(thing, inset(box, 4), tinted(thing.colors[0]))
        : context.level < 2
          ? pictured(pen, thing)
          : pictureAndName(pen, thing),
    )
    return [...mats, ...deck(pen, cards, { size: sizeOf(context, SQUARE), title })]
  },
}

const LETTERS = 'abcdefghijklmnopqrstuvwxyz'
const firstLetters: PrintKindInfo = {
  ...threeParts,
  title: 'First sounds',
  about: 'Say the word, and lay its first letter beside it.',
  levels: [
    'pictures of one sound',
    'picture with its letter',
    'letter on a card of its own',
    'three letters to choose from',
  ],
  from: 'older-toddler',
  size: SQUARE,
  draw(pen, context) {
    const { level, things } = context
    const letterOf = (thing: PrintThing) => ([...thing.one][0] ?? '').toLowerCase()
    const size = sizeOf(context, SQUARE)
    const big = (letter: string) => (box: Box) =>
      textIn(`${letter.toUpperCase()}${letter}`, inset(box, 6), { most: 30, weight: 700, fill: pen.text })
    if (level === 0)
      return deck(
        pen,
        things.map((thing) => pictureAndName(pen, thing)),
        { size, title: context.title },
      )
    const cards = things.flatMap((thing, i) => {
      const letter = letterOf(thing)
      if (level === 2) return [pictured(pen, thing), big(letter)]
      return [
        (box: Box) => {
          const [above, below] = stack(inset(box, 4), [3, 1.3], 2)
          if (level === 1)
            return pen.picture(thing, above) + textIn(letter, below, { most: 14, weight: 700, fill: pen.text })
          const next = dealt(i + 11)
          const others = shuffled(
            [...LETTERS].filter((one) => one !== letter),
            i + 5,
          ).slice(0, 2)
          const answers = [...others]
          answers.splice(Math.floor(next() * 3), 0, letter)
          return pen.picture(thing, above) + answersIn(pen, answers, below)
        },
      ]
    })
    return deck(pen, cards, { size, title: context.title })
  },
}
/** A number as children learn to write it: the shipped font strikes its zero through, which they do not know. */
export function numeral(pen: Pen, words: string, box: Box, most: number): string {
  const word = written(words, 'plain')
  const high = Math.min(most, box.height * 0.86, (box.width / (word.width + 16)) * 100)
  return writing(word, box.x + (box.width - (word.width * high) / 100) / 2, box.y + (box.height + high) / 2, {
    height: high,
    hand: 'plain',
    strength: 'full',
    ink: pen.ink,
    guided: false,
  })
}
/** Three answers side by side, one of which is right. */
export function answersIn(pen: Pen, answers: readonly string[], box: Box): string {
  const cells = split(
    box,
    answers.map(() => 1),
  )
  return (
    line(box.x, box.y, box.x + box.width, box.y, { stroke: pen.text, width: 0.25 }) +
    cells
      .map(
        (cell, i) =>
          (i ? line(cell.x, cell.y, cell.x, cell.y + cell.height, { stroke: pen.text, width: 0.25 }) : '') +
          (/^\d+$/.test(answers[i])
            ? numeral(pen, answers[i], inset(cell, 2, 2.5), 9)
            : textIn(answers[i], inset(cell, 1), { most: 10, weight: 700, fill: pen.text, lines: 1 })),
      )
      .join('')
  )
}
export { pictured, pictureAndName, sizeOf }

export const MATCH_KINDS = {
  'three-parts': threeParts,
  pairs,
  memory,
  shadows,
  halves,
  'odd-one': oddOne,
  young,
  parts,
  sorting,
  'first-sounds': firstLetters,
} satisfies Record<string, PrintKindInfo>

import { capital, numberWord } from '../../ideas'
import { cellsFor, dealt, manyOf, needs, shuffled, upTo, type PrintContext, type PrintKindInfo } from '../context'
import { aboveFoot, cutFrame } from '../page'
import { captioned, deck, wholePage, type Pen, type PrintThing } from '../pen'
import { circle, inset, line, rect, split, square, stack, textIn, TINT_INK, type Box } from '../svg'
import { answersIn, numeral, pictured, sizeOf } from './match'

const CARD = [60, 76] as const
const thin = (pen: Pen) => ({ stroke: pen.text, width: 0.3 })
const countOf = (from: number, to: number) => Array.from({ length: to - from + 1 }, (_, i) => from + i)

/** How far they count at each level. */
const FAR = [3, 6, 9, 15] as const
/** Numbers of a level: at school age from five on, by more than one hand. */
const numbersOf = (level: number): number[] => (level === 3 ? countOf(5, 15) : countOf(1, FAR[level]))

/** A frame of ten, or of five, with so many places filled. */
function frameOfTen(pen: Pen, count: number, box: Box, places: 5 | 10, thing?: PrintThing): string {
  const rows = places / 5
  const side = Math.min(box.width / 5, box.height / rows)
  const [x, y] = [box.x + (box.width - side * 5) / 2, box.y + (box.height - side * rows) / 2]
  return Array.from({ length: places }, (_, i) => {
    const cell = { x: x + (i % 5) * side, y: y + Math.floor(i / 5) * side, width: side, height: side }
    const filled =
      i >= count
        ? ''
        : thing
          ? pen.picture(thing, square(cell, 0.8))
          : circle(cell.x + side / 2, cell.y + side / 2, side * 0.32, { fill: pen.text })
    return rect(cell, { stroke: pen.text, width: 0.35 }) + filled
  }).join('')
}

/** Three different answers, the right one among them and the others next to it. */
function answersFor(count: number, seed: number): string[] {
  const others = shuffled(
    [count - 2, count - 1, count + 1, count + 2].filter((one) => one >= 1),
    seed,
  ).slice(0, 2)
  const answers = [...others]
  answers.splice(Math.floor(dealt(seed + 3)() * 3), 0, count)
  return answers.map(String)
}

const countAndClip: PrintKindInfo = {
  title: 'Count and clip',
  group: 'count',
  about: 'Clip a clothespin on the number that is right.',
  domain: 'early-math',
  levels: ['1 to 3', '1 to 6', '1 to 9', '5 to 15, in tens'],
  from: 'older-toddler',
  each: false,
  size: CARD,
  stock: 'cardstock',
  laminate: true,
  with: { materialId: 'clothespin', each: 1 },
  lacks: needs(1, 'object'),
  draw(pen, context) {
    const { level, things, title } = context
    const cards = numbersOf(level).map((count, i) => (box: Box) => {
      const [above, below] = stack(box, [3.5, 1])
      const thing = things[i % things.length]
      const area = inset(above, 5)
      // Beyond nine, a full frame is ten at a glance.
      const [first, rest] = stack(area, [1, 1], 3)
      const pictures =
        count <= 10 || level < 3
          ? manyOf(pen, thing, count, area, 16)
          : frameOfTen(pen, 10, first, 10, thing) + frameOfTen(pen, count - 10, rest, 10, thing)
      return pictures + answersIn(pen, answersFor(count, i + 1), below)
    })
    return deck(pen, cards, { size: sizeOf(context, CARD), title })
  },
}

const numberCards: PrintKindInfo = {
  ...countAndClip,
  title: 'Number cards',
  about: 'Lay as many counters on the card as the number says.',
  levels: ['1 to 3 with pictures', '1 to 6 with dots', '1 to 9 with dots and words', '1 to 15, dots in tens'],
  with: undefined,
  lacks: () => '',
  draw(pen, context) {
    const { level, things, title } = context
    const numbers = level === 3 ? countOf(1, 15) : countOf(1, FAR[level])
    const cards = numbers.map((count) => (box: Box) => {
      const [head, middle, low] = stack(inset(box, 4), level >= 2 ? [3, 2.4, 0.9] : [3, 2.6, 0.01], 1.5)
      const thing = things[0] as PrintThing | undefined
      const tens = split(middle, count > 10 ? [1, 1] : [1], 2)
      const dots =
        level === 0 && thing
          ? manyOf(pen, thing, count, middle, 15)
          : level === 3
            ? tens.map((cell, i) => frameOfTen(pen, Math.min(10, count - i * 10), cell, 10)).join('')
            : cellsFor(count, middle, 9)
                .map((cell) =>
                  circle(cell.x + cell.width / 2, cell.y + cell.height / 2, cell.width * 0.34, { fill: pen.text }),
                )
                .join('')
      return (
        numeral(pen, String(count), head, 26) +
        dots +
        (level >= 2 ? textIn(numberWord(count), low, { most: 6, weight: 700, fill: pen.text }) : '')
      )
    })
    return deck(pen, cards, { size: sizeOf(context, CARD), title })
  },
}

const tenFrames: PrintKindInfo = {
  ...countAndClip,
  title: 'Ten frames',
  about: 'Say how many without counting one by one, then lay the number beside it.',
  levels: ['1 to 3 in a row of five', '1 to 5 in a row of five', '1 to 10', '11 to 20'],
  size: [85, 60],
  with: undefined,
  lacks: () => '',
  draw(pen, context) {
    const { level, things, title } = context
    const size = sizeOf(context, [85, 60])
    const numbers = [countOf(1, 3), countOf(1, 5), countOf(1, 10), countOf(11, 20)][level]
    const thing = level < 2 ? (things[0] as PrintThing | undefined) : undefined
    const frames = numbers.map((count) => (box: Box) => {
      const inner = inset(box, 5)
      if (count <= 10) return frameOfTen(pen, count, inner, level < 2 ? 5 : 10, thing)
      const [first, rest] = stack(inner, [1, 1], 4)
      return frameOfTen(pen, 10, first, 10) + frameOfTen(pen, count - 10, rest, 10)
    })
    const numerals = numbers.map((count) => (box: Box) => numeral(pen, String(count), inset(box, 5), 22))
    return [...deck(pen, frames, { size, title }), ...deck(pen, numerals, { size: [40, 40], title })]
  },
}

const addition: PrintKindInfo = {
  ...countAndClip,
  title: 'Adding strips',
  about: 'Count both groups, put them together, and write or say how many there are.',
  levels: ['one and one more, to 3', 'sums to 4', 'sums to 5', 'sums to 10, in numbers'],
  from: 'preschool',
  each: true,
  size: [180, 34],
  stock: 'paper',
  laminate: false,
  with: undefined,
  draw(pen, context) {
    const { level, things, title } = context
    const to = [3, 4, 5, 10][level]
    const all = countOf(1, to - 1).flatMap((first) => countOf(1, to - first).map((second) => [first, second] as const))
    const sums = level === 0 ? all.filter(([, second]) => second === 1) : all
    const own =
      level === 3
        ? shuffled(
            all.filter(([a, b]) => a + b > 5),
            2,
          ).slice(0, 12)
        : sums
    const strips = own.map(([first, second], i) => (box: Box) => {
      const cells = split(inset(box, 4), [4, 1, 4, 1, 2.4], 2)
      const thing = things[i % things.length]
      const sign = (words: string, cell: Box) => textIn(words, cell, { most: 14, weight: 700, fill: pen.text })
      const part = (count: number, cell: Box) => {
        if (level < 3) return manyOf(pen, thing, count, cell, 18)
        const [above, below] = stack(cell, [1.4, 1], 1)
        return manyOf(pen, thing, count, above, 12) + numeral(pen, String(count), below, 9)
      }
      return (
        part(first, cells[0]) +
        sign('+', cells[1]) +
        part(second, cells[2]) +
        sign('=', cells[3]) +
        rect(square(cells[4]), { ...thin(pen), fill: TINT_INK[pen.ink] }, 2)
      )
    })
    return deck(pen, strips, { size: sizeOf(context, [180, 34]), title })
  },
}

const PIPS: Record<number, readonly (readonly [number, number])[]> = {
  1: [[1, 1]],
  2: [
    [0, 0],
    [2, 2],
  ],
  3: [
    [0, 0],
    [1, 1],
    [2, 2],
  ],
  4: [
    [0, 0],
    [2, 0],
    [0, 2],
    [2, 2],
  ],
  5: [
    [0, 0],
    [2, 0],
    [1, 1],
    [0, 2],
    [2, 2],
  ],
  6: [
    [0, 0],
    [2, 0],
    [0, 1],
    [2, 1],
    [0, 2],
    [2, 2],
  ],
}
/** The face of a die. */
function face(pen: Pen, count: number, box: Box): string {
  const own = square(box, 0.9)
  const at = (i: number) => 0.24 + i * 0.26
  return (
    rect(own, { stroke: pen.text, width: 0.5 }, own.width * 0.16) +
    PIPS[count]
      .map(([x, y]) =>
        circle(own.x + at(x) * own.width, own.y + at(y) * own.height, own.width * 0.085, { fill: pen.text }),
      )
      .join('')
  )
}
const rollAndTake: PrintKindInfo = {
  ...countAndClip,
  title: 'Roll and cover',
  about: 'Roll, find the row of that number, and cover one there. Which row is full first?',
  levels: ['1 to 3, four in a row', '1 to 4, five in a row', '1 to 6, six in a row', '1 to 6, eight in a row'],
  each: true,
  size: null,
  stock: 'paper',
  with: { materialId: 'dice', each: 1 },
  draw(pen, context) {
    const { level, things, title } = context
    const [faces, cells] = [
      [3, 4],
      [4, 5],
      [6, 6],
      [6, 8],
    ][level]
    const rows = stack(aboveFoot(pen.rules), Array<number>(faces).fill(1), 5)
    const body = rows.map((row, i) => {
      const [die, ...rest] = split(row, [1.2, ...Array<number>(cells).fill(1)], 3)
      const thing = things[i % things.length]
      return (
        face(pen, i + 1, { ...die, height: Math.min(die.height, 34), y: die.y + Math.max(0, die.height - 34) / 2 }) +
        rest
          .map((cell) => {
            const own = square(cell)
            return rect(own, thin(pen), 2) + pen.picture(thing, square(own, 0.74))
          })
          .join('')
      )
    })
    return [wholePage(pen, title, body.join(''))]
  },
}

const moreOrLess: PrintKindInfo = {
  ...countAndClip,
  title: 'More or less',
  about: 'Look at both sides, and put a counter on the one with more.',
  levels: ['1 and many', 'up to 4', 'up to 6, one apart', 'up to 10, with numbers'],
  size: [95, 60],
  with: undefined,
  draw(pen, context) {
    const { level, things, title } = context
    const pairs = [
      [
        [1, 4],
        [5, 1],
        [1, 3],
        [4, 1],
      ],
      [
        [2, 4],
        [3, 1],
        [1, 2],
        [4, 2],
        [3, 4],
        [2, 1],
      ],
      [
        [3, 4],
        [5, 4],
        [6, 5],
        [2, 3],
        [4, 5],
        [5, 6],
        [3, 2],
        [4, 3],
      ],
      [
        [7, 9],
        [10, 8],
        [6, 7],
        [9, 8],
        [8, 6],
        [5, 7],
        [10, 9],
        [7, 8],
      ],
    ][level]
    const cards = pairs.map((pair, i) => (box: Box) => {
      const sides = split(box, [1, 1])
      const thing = things[i % things.length]
      return (
        line(sides[1].x, box.y + 4, sides[1].x, box.y + box.height - 4, thin(pen)) +
        sides
          .map((side, at) => {
            const [above, below] = stack(inset(side, 4), level === 3 ? [3, 1] : [1, 0.001], 1)
            return (
              manyOf(pen, thing, pair[at], above, 17) + (level === 3 ? numeral(pen, String(pair[at]), below, 9) : '')
            )
          })
          .join('')
      )
    })
    return deck(pen, cards, { size: sizeOf(context, [95, 60]), title })
  },
}

const patternStrips: PrintKindInfo = {
  title: 'Patterns to go on with',
  group: 'count',
  about: 'Say the pattern aloud, and lay what comes next in the empty places.',
  domain: 'early-math',
  levels: ['one and another, copied', 'AB', 'AB, AAB and ABB', 'ABC and longer'],
  from: 'older-toddler',
  each: false,
  size: [190, 32],
  stock: 'cardstock',
  laminate: true,
  lacks: needs(2, 'objects'),
  draw(pen, context) {
    const { level, title } = context
    const things = upTo(context.things, 6)
    const rules = [['AB'], ['AB'], ['AB', 'AAB', 'ABB'], ['ABC', 'AABB', 'ABAC']][level]
    const places = level === 0 ? 4 : 8
    const shown = level === 0 ? 4 : 5 + (level === 3 ? 1 : 0)
    const sets = things.map((thing, i) => [thing, things[(i + 1) % things.length], things[(i + 2) % things.length]])
    const strips = sets.flatMap((set, i) => {
      const rule = rules[i % rules.length]
      return [
        (box: Box) =>
          split(inset(box, 3), Array<number>(places).fill(1), 2)
            .map((cell, at) => {
              const own = square(cell)
              const thing = set['ABC'.indexOf(rule[at % rule.length])]
              return rect(own, thin(pen), 2) + (at < shown ? pen.picture(thing, square(own, 0.82)) : '')
            })
            .join(''),
      ]
    })
    const pieces = sets.flatMap((set) => Array.from({ length: 3 }, (_, i) => pictured(pen, set[i % 2])))
    return [
      ...deck(pen, strips, { size: sizeOf(context, [190, 32]), title }),
      ...deck(pen, upTo(pieces, 18), { size: [24, 24], title }),
    ]
  },
}

const bingo: PrintKindInfo = {
  named: true,
  title: 'Picture bingo',
  group: 'count',
  about: 'Turn a card over and name it. Whoever has it covers it.',
  domain: 'language',
  levels: ['4 pictures', '6 pictures', '9 pictures', '9 pictures with their words'],
  from: 'young-toddler',
  each: true,
  size: null,
  stock: 'cardstock',
  laminate: true,
  lacks: needs(4, 'objects'),
  draw(pen, context) {
    const { level, things, names, title } = context
    const [columns, rows] = [
      [2, 2],
      [2, 3],
      [3, 3],
      [3, 3],
    ][level]
    const cells = Math.min(columns * rows, things.length)
    const boards = (names.length ? names : ['']).map((name, i) => {
      const own = shuffled(things, i + 1).slice(0, cells)
      const [head, area] = stack(aboveFoot(pen.rules), [1, 9], 3)
      const grid = stack(area, Array<number>(rows).fill(1), 4).flatMap((row) =>
        split(row, Array<number>(columns).fill(1), 4),
      )
      const body = own.map((thing, at) => {
        const cell = grid[at]
        const picture = level === 3 ? captioned(pen, thing, inset(cell, 4)) : pen.picture(thing, inset(cell, 5))
        return rect(cell, { stroke: pen.text, width: 0.4 }, 3) + picture
      })
      return wholePage(
        pen,
        title,
        textIn(name || capital(context.theme.name), head, { most: 12, weight: 700, fill: pen.text }) + body.join(''),
      )
    })
    const calls = things.map(
      (thing) => (box: Box) => captioned(pen, thing, inset(box, 3), { shares: [3, 1], most: 5.5 }),
    )
    return [...boards, ...deck(pen, calls, { size: [45, 45], title })]
  },
}

const iSpy: PrintKindInfo = {
  title: 'Look and count',
  group: 'count',
  about: 'Find each thing in the crowd, and say or write how many there are.',
  domain: 'early-math',
  levels: ['2 things, up to 2', '3 things, up to 3', '4 things, up to 6', '6 things, up to 9'],
  from: 'older-toddler',
  each: true,
  size: null,
  stock: 'paper',
  laminate: false,
  lacks: needs(2, 'objects'),
  draw(pen, context) {
    const { level, title } = context
    const own = upTo(context.things, [2, 3, 4, 6][level])
    const most = [2, 3, 6, 9][level]
    const counts = own.map((_, i) => Math.max(1, most - ((i * 2) % most)))
    const [crowd, key] = stack(aboveFoot(pen.rules), [5, 1.3], 5)
    const all = shuffled(
      own.flatMap((thing, i) => Array.from({ length: counts[i] }, () => thing)),
      9,
    )
    const next = dealt(23)
    const spots = cellsFor(all.length, inset(crowd, 3), 44)
    const body = all.map((thing, i) => {
      const part = 0.6 + next() * 0.22
      const own = square(spots[i], part)
      const free = spots[i].width - own.width
      return pen.picture(thing, {
        ...own,
        x: spots[i].x + next() * free,
        y: spots[i].y + next() * free,
      })
    })
    const keys = split(key, Array<number>(own.length).fill(1), 3).map((cell, i) => {
      const [above, below] = stack(inset(cell, 2), [1.3, 1], 1)
      return (
        rect(cell, thin(pen), 2) +
        pen.picture(own[i], above) +
        (level < 2
          ? cellsFor(counts[i], below, 9)
              .map((dot) => circle(dot.x + dot.width / 2, dot.y + dot.height / 2, dot.width * 0.36, thin(pen)))
              .join('')
          : line(
              below.x + below.width * 0.2,
              below.y + below.height * 0.85,
              below.x + below.width * 0.8,
              below.y + below.height * 0.85,
              thin(pen),
            ))
      )
    })
    return [wholePage(pen, title, rect(crowd, thin(pen), 4) + body.join('') + keys.join(''))]
  },
}

/** A board to foretell on: what we think, who thinks so, and what came of it. */
const predictions: PrintKindInfo = {
  title: 'What do we think?',
  group: 'count',
  about: 'Each child puts a name where it thinks so. Afterward, look who was right.',
  domain: 'science',
  levels: null,
  from: 'older-toddler',
  each: false,
  size: null,
  stock: 'cardstock',
  laminate: true,
  own: null,
  asks: 'The question',
  lacks: () => '',
  draw(pen, context: PrintContext) {
    const { text, names, title } = context
    const [head, columns, cards] = stack(aboveFoot(pen.rules), [1.4, 5, 2.4], 4)
    const answers = split(columns, [1, 1], 5)
    const body = answers.map((cell, i) => {
      const [top] = stack(inset(cell, 3), [1, 6], 2)
      return (
        rect(cell, { stroke: pen.text, width: 0.5 }, 4) +
        textIn(i ? 'No' : 'Yes', top, { most: 13, weight: 700, fill: pen.text })
      )
    })
    const slots = cellsFor(Math.max(1, names.length), cards)
    const grid = slots.length
    const across = Math.min(4, grid)
    const rows = Math.ceil(grid / across)
    const cells = stack(cards, Array<number>(rows).fill(1), 2.5).flatMap((row) =>
      split(row, Array<number>(across).fill(1), 2.5),
    )
    const tags = names.map(
      (name, i) =>
        cutFrame(cells[i], pen.ink) + textIn(name, inset(cells[i], 2), { most: 7, weight: 700, fill: pen.text }),
    )
    const words = text || 'What will happen?'
    return [
      wholePage(
        pen,
        title,
        textIn(words, head, { most: 12, weight: 700, fill: pen.text, lines: 2 }) + body.join('') + tags.join(''),
        { pieces: names.length },
      ),
    ]
  },
}
export { face }

export const COUNT_KINDS = {
  'count-clip': countAndClip,
  'number-cards': numberCards,
  'ten-frames': tenFrames,
  addition,
  'roll-cover': rollAndTake,
  'more-less': moreOrLess,
  patterns: patternStrips,
  bingo,
  'look-count': iSpy,
  predictions,
} satisfies Record<string, PrintKindInfo>

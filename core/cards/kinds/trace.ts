import { OWN_PICTURE } from '../../domain'
import { numberWord } from '../../ideas'
import { manyOf, shuffled, upTo, type Level, type PrintContext, type PrintKindInfo } from '../context'
import { written, writing, writingLines, type Strength } from '../handwriting'
import { aboveFoot, type Page } from '../page'
import { wholePage, type Pen, type PrintThing } from '../pen'
import { circle, group, inset, path, rect, split, square, stack, text, textIn, TRACE_INK, type Box } from '../svg'
import { LINE } from '../widths'
import { numeral } from './match'

/** Roads at each level: how wide they are in mm, how many on a page, and which ways they go. */
const ROADS = [
  { width: 20, ways: ['straight', 'straight', 'hill', 'down'] },
  { width: 15, ways: ['straight', 'hill', 'slant', 'wave', 'wave'] },
  { width: 11, ways: ['wave', 'zigzag', 'bumps', 'loops', 'steps', 'wave'] },
  { width: 7, ways: ['zigzag', 'loops', 'bumps', 'castle', 'waves', 'tight-loops', 'spiral'] },
] as const
type Way = (typeof ROADS)[number]['ways'][number]

/** Waves in a row of a width: the older the child, the more of them and the higher. */
function wayPath(way: Way, box: Box): string {
  const { x, y, width, height } = box
  const [right, middle, low] = [x + width, y + height / 2, y + height]
  const repeat = (count: number, one: (from: number, step: number, i: number) => string) =>
    Array.from({ length: count }, (_, i) => one(x + (i * width) / count, width / count, i)).join(' ')
  switch (way) {
    case 'straight':
      return `M${x} ${middle} L${right} ${middle}`
    case 'down':
    case 'slant':
      return `M${x} ${y} L${right} ${low}`
    case 'hill':
      return `M${x} ${low} Q${x + width / 2} ${y - height * 0.6} ${right} ${low}`
    case 'wave':
    case 'waves':
      return `M${x} ${middle} ${repeat(way === 'wave' ? 2 : 4, (from, step) =>
        [
          `C${from + step * 0.15} ${y - height * 0.2} ${from + step * 0.35} ${y - height * 0.2} ${from + step / 2} ${middle}`,
          `C${from + step * 0.65} ${low + height * 0.2} ${from + step * 0.85} ${low + height * 0.2} ${from + step} ${middle}`,
        ].join(' '),
      )}`
    case 'zigzag':
      return `M${x} ${low} ${repeat(4, (from, step) => `L${from + step / 2} ${y} L${from + step} ${low}`)}`
    case 'bumps':
      return `M${x} ${low} ${repeat(4, (from, step) => {
        const over = y - height * 0.3
        return `C${from} ${over} ${from + step} ${over} ${from + step} ${low}`
      })}`
    case 'steps':
      return `M${x} ${low} ${repeat(5, (from, step, i) => `L${from} ${low - (height * i) / 4} L${from + step} ${low - (height * i) / 4}`)}`
    case 'castle':
      return `M${x} ${low} ${repeat(5, (from, step) => {
        const middle = from + step / 2
        return `L${from} ${low} L${from} ${y} L${middle} ${y} L${middle} ${low} L${from + step} ${low}`
      })}`
    case 'loops':
    case 'tight-loops': {
      const count = way === 'loops' ? 3 : 6
      return `M${x} ${low} ${repeat(count, (from, step) =>
        [
          `C${from + step * 0.55} ${low} ${from + step * 0.85} ${middle} ${from + step * 0.72} ${y + height * 0.08}`,
          `C${from + step * 0.62} ${y - height * 0.1} ${from + step * 0.38} ${y - height * 0.1} ${from + step * 0.28} ${y + height * 0.08}`,
          `C${from + step * 0.15} ${middle} ${from + step * 0.45} ${low} ${from + step} ${low}`,
        ].join(' '),
      )}`
    }
    case 'spiral': {
      const turns = 3
      const points = Array.from({ length: 121 }, (_, i) => {
        const part = i / 120
        const r = (height / 2) * (1 - part * 0.85)
        const angle = part * turns * 2 * Math.PI
        return `${i ? 'L' : 'M'}${x + width / 2 - r * Math.cos(angle)} ${middle - r * Math.sin(angle)}`
      })
      return `M${x} ${middle} L${x + width / 2 - height / 2} ${middle} ${points.slice(1).join(' ')}`
    }
  }
}
/** Numbers of a path as paper shows them. */
const rounded = (d: string): string =>
  d.replace(/-?\d+\.\d{3,}/g, (number) => String(Math.round(Number(number) * 100) / 100))

function road(pen: Pen, d: string, width: number, level: Level): string {
  const own = rounded(d)
  const edge = pen.ink === 'color' ? '#a9c4bb' : '#777777'
  const wide =
    level < 3
      ? path(own, { stroke: edge, width, cap: 'round' }) +
        path(own, { stroke: '#ffffff', width: width - 1.2, cap: 'round' })
      : ''
  return wide + path(own, { stroke: TRACE_INK[pen.ink], width: level === 0 ? 1.4 : 0.9, dash: '3 2.4', cap: 'round' })
}

const paths: PrintKindInfo = {
  title: 'Paths to trace',
  group: 'trace',
  about: 'Go along the path from the left to the right, with a finger first.',
  domain: 'fine-motor',
  levels: ['wide and straight', 'hills and waves', 'zigzags, loops and steps', 'narrow, with many turns'],
  from: 'young-toddler',
  each: true,
  size: null,
  stock: 'paper',
  laminate: false,
  lacks: ({ things }) => (things.length ? '' : 'It takes 1 object; the theme has none.'),
  draw(pen, { things, level, title }) {
    const { width, ways } = ROADS[level]
    const rows = stack(
      aboveFoot(pen.rules),
      ways.map(() => 1),
      6,
    )
    const side = [30, 26, 22, 18][level]
    const body = rows.map((row, i) => {
      const thing = things[i % things.length]
      const goal = things[(i + 1) % things.length]
      const place = (x: number) => ({ x, y: row.y + (row.height - side) / 2, width: side, height: side })
      const room = inset(row, side + 5 + width / 2, 0)
      const high = Math.min(row.height - width - 2, [0, 14, 22, 24][level] || 12)
      const lane = { ...room, y: row.y + (row.height - high) / 2, height: high }
      return (
        pen.picture(thing, place(row.x)) +
        pen.picture(goal, place(row.x + row.width - side)) +
        road(pen, wayPath(ways[i], lane), width, level)
      )
    })
    return [wholePage(pen, title, body.join(''))]
  },
}

const homes: PrintKindInfo = {
  ...paths,
  title: 'Bring it to its place',
  about: 'Draw a line from each thing to where it belongs.',
  levels: ['2 things, straight across', '3 things', '4 things, lines cross', '5 things, lines cross'],
  from: 'older-toddler',
  lacks: ({ things }) =>
    new Set(things.map((thing) => thing.lives).filter(Boolean)).size >= 2
      ? ''
      : 'It takes 2 objects that live or belong in different places. Say where in Spark.',
  draw(pen, { things, level, title }) {
    const own = things
      .filter((thing, i) => thing.lives && things.findIndex((one) => one.lives === thing.lives) === i)
      .slice(0, [2, 3, 4, 5][level])
    const right = level === 0 ? own : shuffled(own, 4)
    const rows = stack(
      aboveFoot(pen.rules),
      own.map(() => 1),
      8,
    )
    const body = rows.map((row, i) => {
      const [from, middle, to] = split(row, [1, 1.1, 1], 4)
      const slot = square(from, 0.92)
      const place = square(to, 0.92)
      const dot = (x: number) => circle(x, row.y + row.height / 2, 2, { fill: pen.text })
      return (
        pen.picture(own[i], slot) +
        rect(place, { stroke: pen.text, width: 0.5 }, 5) +
        textIn(right[i].lives, inset(place, 4), { most: 7.5, lines: 3, weight: 700, fill: pen.text }) +
        dot(middle.x) +
        dot(middle.x + middle.width) +
        (level === 0 ? road(pen, wayPath('straight', inset({ ...middle, y: row.y }, 8, 0)), 14, 0) : '')
      )
    })
    return [wholePage(pen, title, body.join(''))]
  },
}

/** Rows of a sheet for writing: how large, and how much is there to go over. */
const ROWS: Record<Level, { height: number; strengths: readonly Strength[] }> = {
  0: { height: 120, strengths: ['road'] },
  1: { height: 52, strengths: ['road', 'strong', 'middle'] },
  2: { height: 24, strengths: ['road', 'strong', 'middle', 'light', 'start', 'none'] },
  3: { height: 14, strengths: ['strong', 'strong', 'middle', 'middle', 'light', 'light', 'start', 'none', 'none'] },
}

/** A sheet on which something is written over and over, less of it there each time. */
function writingSheet(pen: Pen, context: PrintContext, words: string, head: (box: Box) => string, short = ''): Page {
  const { level, hand, title } = context
  const { height, strengths } = ROWS[level]
  const [top, area] = stack(aboveFoot(pen.rules), [1, level === 0 ? 4.6 : 5.6], 4)
  const first = written(words, hand)
  const scaleOf = (width: number) => Math.min(height, (area.width - 10) / Math.max(1, (width + 20) / 100))
  const tall = scaleOf(first.width)
  const rows = stack(
    area,
    strengths.map(() => 1),
    3,
  )
  const body = rows.map((row, i) => {
    const high = Math.min(tall, row.height / 1.65)
    const base = row.y + row.height * 0.5 + high * 0.42
    const word = i > 0 && short ? written(short, hand) : first
    const step = ((word.width + 60) * high) / 100
    const times = level === 0 ? 1 : Math.max(1, Math.floor((area.width - 6) / step))
    const look = { height: high, hand, strength: strengths[i], ink: pen.ink, guided: i === 0 && high >= 12 }
    const repeats = strengths[i] === 'start' ? times : strengths[i] === 'none' ? 0 : times
    const left = level === 0 ? row.x + (row.width - (word.width * high) / 100) / 2 : row.x + 6
    return (
      writingLines(row, base, high, pen.ink) +
      Array.from({ length: repeats }, (_, at) =>
        // The first of a row is there to be looked at; the others leave more to the hand.
        writing(word, left + at * step, base, at > 0 && look.guided ? { ...look, guided: false } : look),
      ).join('')
    )
  })
  return wholePage(pen, title, head(top) + body.join(''))
}

const headOf = (pen: Pen, words: string, things: readonly PrintThing[]) => (box: Box) => {
  const [left, right] = split(box, [1.4, 2], 4)
  return (
    textIn(words, left, { most: 22, weight: 700, fill: pen.text, anchor: 'start', lines: 1 }) +
    split(right, [1, 1, 1], 3)
      .map((cell, i) => {
        const thing = things[i] as PrintThing | undefined
        if (!thing) return ''
        const [above, below] = stack(cell, [3, 1], 1)
        return pen.picture(thing, above) + textIn(thing.one, below, { most: 5, fill: pen.text })
      })
      .join('')
  )
}

const letters: PrintKindInfo = {
  ...paths,
  title: 'Letter to trace',
  about: 'Go over the letter in the order of the numbers, and say its sound.',
  domain: 'language',
  levels: [
    'one large letter to drive along',
    'large, with numbers and arrows',
    'rows that thin out',
    'small rows, both letters',
  ],
  from: 'older-toddler',
  lacks: ({ theme }) => (theme.letter ? '' : 'The unit has no letter yet. Give it one in Spark.'),
  draw(pen, context) {
    const { theme, level, things } = context
    const [upper, lower] = [theme.letter.toUpperCase(), theme.letter.toLowerCase()]
    const own = things.filter((thing) => [...thing.one][0]?.toLowerCase() === lower)
    const sheet = (words: string) => writingSheet(pen, context, words, headOf(pen, `${upper} ${lower}`, upTo(own, 3)))
    return level === 3 ? [sheet(`${upper} ${lower}`)] : [sheet(upper), sheet(lower)]
  },
}
const numerals: PrintKindInfo = {
  ...letters,
  title: 'Number to trace',
  about: 'Go over the number in the order of the strokes, and count the pictures.',
  domain: 'early-math',
  lacks: ({ theme }) => (theme.number ? '' : 'The unit has no number yet. Give it one in Spark.'),
  draw(pen, context) {
    const { theme, things } = context
    const head = (box: Box) => {
      const [left, right] = split(box, [1.4, 2], 4)
      const [above, below] = stack(left, [2, 1], 1)
      const look = { weight: 700 as const, fill: pen.text, anchor: 'start' as const }
      return (
        numeral(pen, String(theme.number), { ...above, width: 40 }, 18) +
        textIn(numberWord(theme.number), below, { most: 8, ...look }) +
        (things.length ? manyOf(pen, things[0], theme.number, right, 20) : '')
      )
    }
    return [writingSheet(pen, context, String(theme.number), head)]
  },
}
/** Levels of names go by the size of the letters. */
const names: PrintKindInfo = {
  ...letters,
  named: true,
  title: 'Names to trace',
  own: null,
  about: 'Go over the own name, then write it below.',
  levels: ['the first letter, large', 'the name, large', 'rows that thin out', 'small rows'],
  lacks: (context) => {
    if (!context.names.length) return 'Nobody is expected yet. Give the unit its dates, or choose who it is for.'
    const missing = [...new Set(context.names.flatMap((name) => written(name, context.hand).missing))]
    return missing.length === 0 || context.names.some((name) => written(name, context.hand).strokes.length)
      ? ''
      : `Kobby does not know how ${missing.join(', ')} is written.`
  },
  draw(pen, context) {
    const { level, things } = context
    return context.names.flatMap((name, i) => {
      if (!written(name, context.hand).strokes.length) return []
      const first = [...name][0]
      const thing = things[i % Math.max(1, things.length)] as PrintThing | undefined
      const head = (box: Box) => {
        const [left, right] = split(box, [3, 1], 4)
        return (
          textIn(name, left, { most: 18, weight: 700, fill: pen.text, anchor: 'start', lines: 2 }) +
          (thing ? pen.picture(thing, square(right)) : '')
        )
      }
      return [writingSheet(pen, context, level === 0 ? first : name, head)]
    })
  },
}
const wordsToTrace: PrintKindInfo = {
  ...letters,
  title: 'Words to trace',
  about: 'Say the word, look at the picture, and go over the letters.',
  levels: ['3 words, large', '4 words', '6 words', '8 words, small'],
  from: 'preschool',
  lacks: ({ things }) => (things.length ? '' : 'It takes 1 object; the theme has none.'),
  draw(pen, context) {
    const { level, things, hand, title } = context
    const count = [3, 4, 6, 8][level]
    const pages: Page[] = []
    for (let at = 0; at < Math.min(things.length, count * 2); at += count) {
      const own = things.slice(at, at + count)
      const rows = stack(aboveFoot(pen.rules), Array<number>(count).fill(1), 4)
      const body = own.map((thing, i) => {
        const [cell, area] = split(rows[i], [1, 3.4], 4)
        const word = written(thing.one, hand)
        const high = Math.min(
          [34, 26, 18, 13][level],
          area.height / 1.7,
          (area.width - 8) / Math.max(1, (word.width + 16) / 100),
        )
        const base = area.y + area.height * 0.5 + high * 0.42
        return (
          pen.picture(thing, square(cell)) +
          writingLines(area, base, high, pen.ink) +
          writing(word, area.x + 4, base, {
            height: high,
            hand,
            strength: level < 2 ? 'strong' : 'middle',
            ink: pen.ink,
            guided: level < 2,
          })
        )
      })
      pages.push(wholePage(pen, title, body.join('')))
    }
    return pages
  },
}
const cutLetter: PrintKindInfo = {
  ...letters,
  title: 'A large letter to cut out',
  about: 'Cut it out, or fill it with paint, paper or seeds.',
  domain: 'language',
  levels: null,
  from: 'young-toddler',
  stock: 'cardstock',
  cutsInto: 1,
  draw(pen, { theme, hand, title }) {
    return [theme.letter.toUpperCase(), theme.letter.toLowerCase()].map((letter) => {
      const area = inset(aboveFoot(pen.rules), 6)
      const word = written(letter, hand)
      // Thick strokes stand out on every side; a tail hangs below the line.
      const thick = 26
      const scale = Math.min(area.width / (word.width + thick + 4), area.height / (150 + thick + 4))
      const left = area.x + (area.width - word.width * scale) / 2
      const top = area.y + (area.height - (/[gjpqy]/.test(letter) ? 150 : 100) * scale) / 2
      const draw = (stroke: string, width: number) =>
        word.strokes.map(({ d, x }) =>
          group(`translate(${left + x * scale} ${top}) scale(${scale})`, path(d, { stroke, width, cap: 'round' })),
        )
      return wholePage(pen, title, [...draw(pen.text, thick), ...draw('#ffffff', thick - 1.6)].join(''), { pieces: 1 })
    })
  },
}

/** Points along an edge at even distances. */
export function along(points: readonly { x: number; y: number }[], count: number): { x: number; y: number }[] {
  if (points.length < 3) return []
  const ring = [...points, points[0]]
  const lengths = ring.slice(1).map((point, i) => Math.hypot(point.x - ring[i].x, point.y - ring[i].y))
  const whole = lengths.reduce((sum, one) => sum + one, 0)
  const out: { x: number; y: number }[] = []
  let [edge, gone] = [0, 0]
  for (let i = 0; i < count; i++) {
    const at = (whole * i) / count
    while (edge < lengths.length - 1 && gone + lengths[edge] < at) gone += lengths[edge++]
    const part = lengths[edge] ? (at - gone) / lengths[edge] : 0
    out.push({
      x: ring[edge].x + (ring[edge + 1].x - ring[edge].x) * part,
      y: ring[edge].y + (ring[edge + 1].y - ring[edge].y) * part,
    })
  }
  return out
}
const drawn = (things: readonly PrintThing[]) =>
  things.filter((thing) => thing.picture && !thing.picture.startsWith(OWN_PICTURE))
const DOTS = { count: [8, 12, 20, 32], radius: 1.1 } as const
const dots: PrintKindInfo = {
  ...paths,
  title: 'From dot to dot',
  about: 'Join the dots in their order, and see what it is.',
  domain: 'early-math',
  levels: ['8 dots', '12 dots', '20 dots', '32 dots'],
  from: 'preschool',
  lacks: ({ things }) => (drawn(things).length ? '' : 'It takes an object with a drawing; the theme has none.'),
  draw(pen, { things, level, title, edgeOf }) {
    return upTo(drawn(things), 3).map((thing) => {
      const [area, low] = stack(inset(aboveFoot(pen.rules), 6), [7, 1], 4)
      const box = square(area)
      const points = along(edgeOf(thing.picture), DOTS.count[level])
      const centre = { x: 16, y: 16 }
      const body = points.map((point, i) => {
        const [x, y] = [box.x + (point.x / 32) * box.width, box.y + (point.y / 32) * box.height]
        const away = Math.hypot(point.x - centre.x, point.y - centre.y) || 1
        const out = 4.6
        return (
          circle(x, y, DOTS.radius, { fill: pen.text }) +
          text(
            String(i + 1),
            x + ((point.x - centre.x) / away) * out,
            y + ((point.y - centre.y) / away) * out + (4 * 0.668) / LINE / 2,
            { size: level === 3 ? 3.4 : 4.4, weight: 700, anchor: 'middle', fill: pen.text },
          )
        )
      })
      const small = square({ ...low, x: low.x, width: low.height })
      return wholePage(pen, title, body.join('') + (level < 2 ? pen.picture(thing, small, 'outline') : ''))
    })
  },
}

export const TRACE_KINDS = {
  paths,
  homes,
  letters,
  numerals,
  names,
  words: wordsToTrace,
  'cut-letter': cutLetter,
  dots,
} satisfies Record<string, PrintKindInfo>

import { OWN_PICTURE } from '../../domain'
import { capital } from '../../ideas'
import { manyOf, needs, upTo, type PrintContext, type PrintKindInfo } from '../context'
import { written, writing, writingLines } from '../handwriting'
import { aboveFoot, cutFrame } from '../page'
import { deck, wholePage, type Pen, type PrintThing } from '../pen'
import { circle, CUT_INK, inset, line, path, rect, split, square, stack, textIn, TINT_INK, type Box } from '../svg'
import { sizeOf } from './match'
import { along } from './trace'

const thin = (pen: Pen) => ({ stroke: pen.text, width: 0.3 })
const cutLine = (pen: Pen) => ({ stroke: CUT_INK[pen.ink], width: 0.4, dash: '3 2' })
const drawings = ({ things }: PrintContext) =>
  things.filter((thing) => thing.picture && !thing.picture.startsWith(OWN_PICTURE))
const needsDrawing = (context: PrintContext): string =>
  drawings(context).length ? '' : 'It takes an object with a drawing; the theme has none.'

const color: PrintKindInfo = {
  title: 'To color in',
  group: 'make',
  about: 'Color it, paint it, or glue something on it.',
  domain: 'creative-arts',
  levels: ['one, very large', 'one, large, with its name', 'two, with the name to trace', 'four, with lines to write'],
  from: 'young-toddler',
  each: true,
  size: null,
  stock: 'paper',
  laminate: false,
  lacks: needsDrawing,
  draw(pen, context) {
    const { level, hand, title } = context
    const count = [1, 1, 2, 4][level]
    const own = upTo(drawings(context), level < 2 ? 3 : 8)
    const pages = []
    for (let at = 0; at < own.length; at += count) {
      const area = aboveFoot(pen.rules)
      const cells =
        count === 4
          ? stack(area, [1, 1], 5).flatMap((row) => split(row, [1, 1], 5))
          : stack(area, Array<number>(count).fill(1), 6)
      const body = own.slice(at, at + count).map((thing, i) => {
        const [above, low] = level === 0 ? [cells[i], null] : stack(cells[i], [5, 1.2], 3)
        const picture = pen.picture(thing, above, 'outline')
        if (!low) return picture
        if (level === 1) return picture + textIn(capital(thing.one), low, { most: 20, weight: 700, fill: pen.text })
        const high = Math.min(18, low.height / 1.7)
        const base = low.y + low.height * 0.5 + high * 0.42
        const word = written(thing.one, hand)
        const fits = Math.min(high, (low.width - 4) / Math.max(1, (word.width + 10) / 100))
        return (
          picture +
          writingLines(low, base, fits, pen.ink) +
          (level === 2
            ? writing(word, low.x + (low.width - (word.width * fits) / 100) / 2, base, {
                height: fits,
                hand,
                strength: 'strong',
                ink: pen.ink,
                guided: false,
              })
            : '')
        )
      })
      pages.push(wholePage(pen, title, body.join('')))
    }
    return pages
  },
}

/** Lines to cut along: short snips, straight, curved, and around. */
const cutting: PrintKindInfo = {
  ...color,
  title: 'To cut out',
  about: 'Cut along the broken lines, thumb up.',
  domain: 'fine-motor',
  levels: ['short snips', 'straight lines', 'waves and corners', 'around pictures'],
  from: 'older-toddler',
  lacks: needs(1, 'object'),
  draw(pen, context) {
    const { level, things, title } = context
    const area = aboveFoot(pen.rules)
    const paint = cutLine(pen)
    if (level === 3) {
      const own = upTo(things, 6)
      const cells = stack(area, [1, 1, 1], 5).flatMap((row) => split(row, [1, 1], 5))
      const body = own.map((thing, i) => {
        const box = square(cells[i], 0.96)
        return (
          circle(box.x + box.width / 2, box.y + box.height / 2, box.width / 2, paint) +
          pen.picture(thing, square(box, 0.66))
        )
      })
      return [wholePage(pen, title, body.join(''), { pieces: own.length })]
    }
    const lines = [8, 6, 5][level]
    const columns = split(area, Array<number>(lines).fill(1), 2)
    const body = columns.map((column, i) => {
      const x = column.x + column.width / 2
      const thing = things[i % things.length]
      const side = Math.min(column.width, 24)
      const goal = { x: x - side / 2, y: area.y, width: side, height: side }
      const bottom = area.y + area.height
      const top = level === 0 ? bottom - 38 : area.y + side + 4
      const wave = (count: number, sharp: boolean) => {
        const step = (bottom - top) / count
        let d = `M${x} ${bottom}`
        for (let at = 0; at < count; at++) {
          const y = bottom - at * step
          const way = (at % 2 ? -1 : 1) * column.width * 0.32
          d += sharp
            ? ` L${x + way} ${y - step / 2} L${x} ${y - step}`
            : ` C${x + way} ${y - step * 0.33} ${x + way} ${y - step * 0.67} ${x} ${y - step}`
        }
        return d
      }
      const d = level < 2 ? `M${x} ${bottom} L${x} ${top}` : wave(4, i % 2 === 1)
      const picture = level === 0 ? { ...goal, y: top - side - 3 } : goal
      return pen.picture(thing, picture) + path(d, paint)
    })
    return [wholePage(pen, title, body.join(''), { pieces: lines })]
  },
}

/** Holes along the edge of a thing, to lace a string through. */
const lacing: PrintKindInfo = {
  ...color,
  title: 'Lacing card',
  about: 'Lace a string in and out, from hole to hole.',
  domain: 'fine-motor',
  levels: ['8 holes', '12 holes', '16 holes', '24 holes, around the edge'],
  from: 'older-toddler',
  stock: 'cardstock',
  laminate: true,
  cutsInto: 1,
  draw(pen, context) {
    const { level, title, edgeOf } = context
    return upTo(drawings(context), 3).map((thing) => {
      const box = square(inset(aboveFoot(pen.rules), 14))
      const edge = edgeOf(thing.picture)
      const count = [8, 12, 16, 24][level]
      const [cx, cy] = [box.x + box.width / 2, box.y + box.height / 2]
      const points = edge.length
        ? along(edge, count).map(({ x, y }) => {
            const away = Math.hypot(x - 16, y - 16) || 1
            // Outside the edge, so that the card does not tear.
            const out = 1.3
            return {
              x: box.x + ((x + ((x - 16) / away) * out) / 32) * box.width,
              y: box.y + ((y + ((y - 16) / away) * out) / 32) * box.height,
            }
          })
        : []
      const frame = circle(cx, cy, box.width / 2 + 10, cutLine(pen))
      const holes = points.map(({ x, y }) => circle(x, y, 3, { fill: '#ffffff', stroke: pen.text, width: 0.4 }))
      return wholePage(pen, title, frame + pen.picture(thing, box) + holes.join(''), { pieces: 1 })
    })
  },
}

/** Where upright lines cross an edge: the highest and the lowest point of the longest piece that lies inside it. */
function spanAt(edge: readonly { x: number; y: number }[], x: number): readonly [number, number] | null {
  const ys = edge
    .flatMap((from, i) => {
      const to = edge[(i + 1) % edge.length]
      return from.x <= x !== to.x <= x ? [from.y + ((x - from.x) / (to.x - from.x)) * (to.y - from.y)] : []
    })
    .sort((a, b) => a - b)
  let best: readonly [number, number] | null = null
  for (let i = 0; i + 1 < ys.length; i += 2)
    if (!best || ys[i + 1] - ys[i] > best[1] - best[0]) best = [ys[i], ys[i + 1]]
  return best
}
/** A thing with slits inside its edge, and a page of strips that go over and under between them. */
const weaving: PrintKindInfo = {
  ...color,
  title: 'To weave through',
  about: 'Fold it, cut the slits inside the edge, and take strips over and under.',
  domain: 'fine-motor',
  levels: ['3 slits, wide strips', '4 slits', '6 slits', '9 slits, thin strips'],
  from: 'older-toddler',
  stock: 'cardstock',
  cutsInto: 1,
  draw(pen, context) {
    const { level, title, edgeOf } = context
    const slits = [3, 4, 6, 9][level]
    const area = aboveFoot(pen.rules)
    const pages = upTo(drawings(context), 3).map((thing) => {
      const box = square(inset(area, 8))
      const edge = edgeOf(thing.picture)
      const [least, most] = [Math.min(...edge.map(({ x }) => x)), Math.max(...edge.map(({ x }) => x))]
      const lines = Array.from({ length: edge.length ? slits : 0 }, (_, i) => {
        const x = least + ((most - least) * (i + 1)) / (slits + 1)
        const span = spanAt(edge, x)
        // A thumb's breadth stays whole at both ends, so that nothing tears.
        const rim = (14 / box.height) * 32
        if (!span || span[1] - span[0] < 3 * rim) return ''
        const at = (y: number) => box.y + (y / 32) * box.height
        const left = box.x + (x / 32) * box.width
        return line(left, at(span[0] + rim), left, at(span[1] - rim), cutLine(pen))
      })
      return wholePage(pen, title, pen.picture(thing, box, 'outline') + lines.join(''), { pieces: 1 })
    })
    const strips = Math.floor(area.height / STRIPS[level])
    const rows = stack(area, Array<number>(strips).fill(1), 0)
    const bands = rows.map((row, i) => rect(row, { ...cutLine(pen), fill: i % 2 ? 'none' : TINT_INK[pen.ink] }))
    return [...pages, wholePage(pen, title, bands.join(''), { pieces: strips })]
  },
}
/** How wide a strip is at each level, in mm: what a hand of that age takes through a slit. */
const STRIPS = [30, 25, 20, 14]
const mats: PrintKindInfo = {
  ...color,
  title: 'Mat for dough',
  about: 'Roll and press dough until it fills the picture.',
  domain: 'sensory',
  levels: ['one, very large', 'one, with its name', 'one, with its number to add', 'one, with its word to form'],
  stock: 'cardstock',
  laminate: true,
  draw(pen, context) {
    const { level, theme, title } = context
    return upTo(drawings(context), 3).map((thing) => {
      const area = inset(aboveFoot(pen.rules), 4)
      const [above, low] = level === 0 ? [inset(area, 4), null] : stack(inset(area, 4), [4, 1.3], 3)
      const frame = rect(area, { stroke: pen.text, width: 0.6 }, 8)
      const picture = pen.picture(thing, above, 'outline')
      if (!low) return wholePage(pen, title, frame + picture)
      const count = theme.number || 5
      const words =
        level === 2
          ? textIn(`Make ${count} of dough.`, low, { most: 14, weight: 700, fill: pen.text })
          : level === 1
            ? textIn(capital(thing.one), low, { most: 22, weight: 700, fill: pen.text })
            : bubble(pen, thing.one, low, context)
      return wholePage(pen, title, frame + picture + words)
    })
  },
}
/** A word as wide roads that dough is laid on. */
function bubble(pen: Pen, words: string, box: Box, { hand }: PrintContext): string {
  const word = written(words, hand)
  const high = Math.min(box.height / 1.8, box.width / Math.max(1, (word.width + 20) / 100))
  return writing(word, box.x + (box.width - (word.width * high) / 100) / 2, box.y + box.height * 0.5 + high * 0.42, {
    height: high,
    hand,
    strength: 'road',
    ink: pen.ink,
    guided: false,
  })
}

/** Lines between the pieces of a puzzle: straight, in waves, in teeth. */
function between(
  from: { x: number; y: number },
  to: { x: number; y: number },
  look: 'straight' | 'wave' | 'teeth',
): string {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const length = Math.hypot(dx, dy)
  const [ux, uy] = [dx / length, dy / length]
  const off = Math.min(7, length / 8)
  const at = (part: number, side: number) =>
    `${from.x + dx * part - uy * off * side} ${from.y + dy * part + ux * off * side}`
  if (look === 'straight') return `M${from.x} ${from.y} L${to.x} ${to.y}`
  const steps = 4
  let d = `M${from.x} ${from.y}`
  for (let i = 0; i < steps; i++) {
    const side = i % 2 ? -1 : 1
    d +=
      look === 'wave'
        ? ` C${at((i + 0.3) / steps, side)} ${at((i + 0.7) / steps, side)} ${at((i + 1) / steps, 0)}`
        : ` L${at((i + 0.5) / steps, side)} L${at((i + 1) / steps, 0)}`
  }
  return d
}
const puzzle: PrintKindInfo = {
  ...color,
  title: 'Puzzle',
  about: 'Cut along the lines, mix the pieces, and put them together again.',
  domain: 'fine-motor',
  levels: ['2 pieces', '4 pieces', '6 pieces, in waves', '12 pieces, in teeth'],
  stock: 'cardstock',
  laminate: true,
  lacks: needs(1, 'object'),
  draw(pen, context) {
    const { level, title, things } = context
    const [columns, rows] = [
      [2, 1],
      [2, 2],
      [2, 3],
      [3, 4],
    ][level]
    const look = (['straight', 'straight', 'wave', 'teeth'] as const)[level]
    return upTo(things, 2).map((thing) => {
      const area = inset(aboveFoot(pen.rules), 3)
      const box = level < 2 ? square(area) : area
      const paint = cutLine(pen)
      const [w, h] = [box.width / columns, box.height / rows]
      const down = Array.from({ length: columns - 1 }, (_, i) =>
        between({ x: box.x + (i + 1) * w, y: box.y }, { x: box.x + (i + 1) * w, y: box.y + box.height }, look),
      )
      const across = Array.from({ length: rows - 1 }, (_, i) =>
        between({ x: box.x, y: box.y + (i + 1) * h }, { x: box.x + box.width, y: box.y + (i + 1) * h }, look),
      )
      // What lies around the picture tells the pieces apart.
      const small =
        level >= 2
          ? manyOf(pen, things[1 % things.length], 4, { ...box, height: (box.height - box.width) / 2 }, 40)
          : ''
      const picture = pen.picture(thing, level < 2 ? inset(box, 3) : square(box, 0.98))
      return wholePage(
        pen,
        title,
        small + picture + cutFrame(box, pen.ink) + [...down, ...across].map((d) => path(d, paint)).join(''),
        { pieces: columns * rows },
      )
    })
  },
}

const headband: PrintKindInfo = {
  ...color,
  named: true,
  title: 'Headband',
  about: 'Cut the strips, join them to the size of the head, and wear it.',
  domain: 'creative-arts',
  levels: ['in color', 'in color, with the name', 'to color in', 'to color in, with the name to trace'],
  from: 'young-toddler',
  stock: 'cardstock',
  lacks: needs(1, 'object'),
  draw(pen, context) {
    const { level, title, names, things, hand } = context
    return upTo(names.length ? names : [''], 60).map((name, i) => {
      const thing = things[i % things.length]
      const area = aboveFoot(pen.rules)
      const [front, one, two] = stack(area, [2.6, 1, 1], 5)
      // The middle of the front strip stands up, for the picture.
      const side = Math.min(front.height - 26, front.width * 0.5)
      const [left, right, y] = [front.x, front.x + front.width, front.y + front.height]
      const band = 26
      const [from, to] = [front.x + (front.width - side) / 2 - 4, front.x + (front.width + side) / 2 + 4]
      const top = y - band - side
      const corners = [
        [left, y],
        [left, y - band],
        [from, y - band],
        [from, top],
        [to, top],
        [to, y - band],
        [right, y - band],
        [right, y],
      ]
      const outline = `M${corners.map(([cx, cy]) => `${cx} ${cy}`).join(' L')} Z`
      const label = { x: from + 2, y: y - band + 3, width: to - from - 4, height: band - 6 }
      const word = written(name, hand)
      const high = Math.min(label.height / 1.7, label.width / Math.max(1, (word.width + 10) / 100))
      const words =
        level === 3 && word.strokes.length
          ? writing(
              word,
              label.x + (label.width - (word.width * high) / 100) / 2,
              label.y + label.height / 2 + high * 0.42,
              { height: high, hand, strength: 'strong', ink: pen.ink, guided: false },
            )
          : level === 1 || level === 3
            ? textIn(name, label, { most: 12, weight: 700, fill: pen.text })
            : ''
      const strips = [one, two].map((box) => {
        const own = { ...box, y: box.y + Math.max(0, (box.height - band) / 2), height: Math.min(band, box.height) }
        return (
          rect(own, cutLine(pen)) +
          rect({ ...own, width: 14 }, { ...thin(pen), dash: '1 1' }) +
          textIn('glue', { ...own, width: 14 }, { most: 4, fill: pen.text })
        )
      })
      return wholePage(
        pen,
        title,
        path(outline, cutLine(pen)) +
          pen.picture(thing, { x: from + 4, y: top + 2, width: side, height: side }, level >= 2 ? 'outline' : 'color') +
          words +
          strips.join(''),
        { pieces: 3 },
      )
    })
  },
}
const stick: PrintKindInfo = {
  ...color,
  each: false,
  title: 'Figures on a stick',
  about: 'Cut them out, glue each on a stick, and let them speak.',
  domain: 'language',
  levels: ['in color', 'in color', 'in color, with the word', 'to color in'],
  size: [90, 110],
  stock: 'cardstock',
  laminate: true,
  with: { materialId: 'craft-stick', each: 1 },
  lacks: needs(1, 'object'),
  draw(pen, context) {
    const { level, things, title } = context
    const size = sizeOf(context, [90, 110])
    const cards = things.map((thing) => (box: Box) => {
      const [above, low] = stack(inset(box, 4), [4, 1], 1)
      return (
        pen.picture(thing, above, level === 3 ? 'outline' : 'color') +
        (level === 2
          ? textIn(thing.one, low, { most: 8, weight: 700, fill: pen.text })
          : textIn(
              'stick',
              { ...low, x: low.x + low.width / 2 - 8, width: 16, y: low.y + low.height - 8, height: 7 },
              { most: 3.4, fill: CUT_INK[pen.ink] },
            ) +
            line(low.x + low.width / 2, low.y, low.x + low.width / 2, low.y + low.height - 9, {
              stroke: CUT_INK[pen.ink],
              width: 0.3,
              dash: '1 1',
            }))
      )
    })
    return deck(pen, cards, { size, title })
  },
}
const fingers: PrintKindInfo = {
  ...stick,
  title: 'Figures for the fingers',
  about: 'Cut each with its band, close the band around a finger, and say the rhyme.',
  levels: null,
  size: [72, 62],
  laminate: false,
  with: undefined,
  draw(pen, context) {
    const { things, theme, title } = context
    const size = sizeOf(context, [72, 62])
    // As many as the rhyme counts, where the unit has a number.
    const count = Math.max(things.length, Math.min(10, theme.number || 5))
    const cards = Array.from({ length: count }, (_, i) => things[i % things.length]).map((thing) => (box: Box) => {
      const [above, band] = stack(inset(box, 2), [2.2, 1], 0)
      const paint = cutLine(pen)
      return (
        pen.picture(thing, above) +
        rect(band, paint) +
        rect({ ...band, width: 10 }, { ...thin(pen), dash: '1 1' }) +
        textIn('glue', { ...band, width: 10 }, { most: 3, fill: pen.text })
      )
    })
    return deck(pen, cards, { size, title })
  },
}
const felt: PrintKindInfo = {
  ...stick,
  title: 'Patterns for felt',
  about: 'Cut the pattern, lay it on felt, and cut around it.',
  domain: 'creative-arts',
  levels: null,
  from: 'preschool',
  size: [95, 120],
  stock: 'paper',
  laminate: false,
  with: undefined,
  lacks: needsDrawing,
  draw(pen, context) {
    const own = drawings(context)
    return deck(
      pen,
      own.map((thing) => (box: Box) => {
        const [above, low] = stack(inset(box, 4), [7, 1], 1)
        return pen.picture(thing, above, 'outline') + textIn(thing.one, low, { most: 5, fill: pen.text })
      }),
      { size: sizeOf(context, [95, 120]), title: context.title },
    )
  },
}

/** A folded half sheet: outside a picture, inside what is said. */
function folded(pen: Pen, thing: PrintThing | undefined, outside: string, inside: readonly string[], box: Box): string {
  const [left, right] = split(box, [1, 1])
  const [inner, outer] = [inset(left, 6), inset(right, 6)]
  const [words, picture] = stack(outer, [1, 2.4], 3)
  const rows = stack(
    inner,
    inside.map(() => 1),
    2,
  )
  return (
    rect(box, cutLine(pen)) +
    line(right.x, box.y, right.x, box.y + box.height, { stroke: CUT_INK[pen.ink], width: 0.2, dash: '0.6 1.4' }) +
    textIn(outside, words, { most: 12, weight: 700, fill: pen.text }) +
    (thing ? pen.picture(thing, picture) : '') +
    inside
      .map((one, i) => {
        const row = rows[i]
        const low = row.y + row.height - 2
        return one
          ? textIn(one, row, { most: 6, fill: pen.text, anchor: 'start', lines: 4 })
          : line(row.x, low, row.x + row.width, low, { ...thin(pen), dash: '1 1' })
      })
      .join('')
  )
}
const thanks: PrintKindInfo = {
  ...color,
  named: true,
  title: 'Thank-you cards',
  about: 'Fold it, draw inside, and give it to someone who helped.',
  domain: 'social-emotional',
  levels: null,
  from: 'young-toddler',
  stock: 'cardstock',
  cutsInto: 2,
  asks: 'What it says inside',
  lacks: () => '',
  draw(pen, { things, names, title, text }) {
    const pages = []
    const own = names.length ? names : ['']
    for (let at = 0; at < own.length; at += 2) {
      const halves = stack(aboveFoot(pen.rules), [1, 1], 4)
      const body = own
        .slice(at, at + 2)
        .map((name, i) =>
          folded(
            pen,
            things[(at + i) % Math.max(1, things.length)],
            'Thank you',
            [text, ...(text ? [''] : ['', '']), '', name ? `From ${name}` : ''],
            halves[i],
          ),
        )
      pages.push(wholePage(pen, title, body.join(''), { pieces: body.length }))
    }
    return pages
  },
}
const invitation: PrintKindInfo = {
  ...thanks,
  title: 'Invitations',
  asks: 'One more line',
  about: 'Fold it, and give one to each family a week before.',
  lacks: ({ house }) => (house.event ? '' : 'The unit has no special day yet. Name one in Lay out.'),
  draw(pen, { things, names, house, title, text }) {
    const { event } = house
    if (!event) return []
    const bring = event.bring.length ? `Please bring ${event.bring.join(', ')}.` : ''
    const own = names.length ? names : ['']
    const pages = []
    for (let at = 0; at < own.length; at += 2) {
      const halves = stack(aboveFoot(pen.rules), [1, 1], 4)
      const body = own.slice(at, at + 2).map((name, i) =>
        folded(
          pen,
          things[(at + i) % Math.max(1, things.length)],
          event.name,
          [
            name ? `Dear family of ${name},` : 'Dear family,',
            `Come to ${event.name} on ${event.date}.`,
            bring,
            text,
            'At:',
            house.home,
          ].filter((one) => one !== ''),
          halves[i],
        ),
      )
      pages.push(wholePage(pen, title, body.join(''), { pieces: body.length }))
    }
    return pages
  },
}

export const MAKE_KINDS = {
  color,
  cutting,
  lacing,
  weaving,
  mats,
  puzzle,
  headband,
  stick,
  fingers,
  felt,
  thanks,
  invitation,
} satisfies Record<string, PrintKindInfo>

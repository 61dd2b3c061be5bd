import { capital, withArticle } from '../../ideas'
import { upTo, type PrintContext, type PrintKindInfo } from '../context'
import { aboveFoot } from '../page'
import { deck, wholePage, type Pen, type PrintThing } from '../pen'
import { circle, inset, line, path, rect, split, square, stack, text, textIn, TINT_INK, type Box } from '../svg'
import { written, writing, writingLines } from '../handwriting'
import { sizeOf } from './match'

const CARD = [60, 85] as const
const thin = (pen: Pen) => ({ stroke: pen.text, width: 0.3 })

const growing = ({ things }: PrintContext) => things.filter((thing) => thing.stages.length >= 3)
const lacksStages = (context: PrintContext): string =>
  growing(context).length
    ? ''
    : 'No object of the theme has three stages yet, such as seed, sprout and flower. Give one its stages in Spark.'
/** More books and wheels than that at once take a pile of paper: she chooses others by their names. */
const MOST_THINGS = 3
type PrintStage = PrintThing['stages'][number]
const stageThing = (stage: PrintStage) => ({ one: stage.name, picture: stage.picture })
/** A stage in a box: its picture, or room to draw it. */
function stageIn(pen: Pen, stage: PrintStage, box: Box): string {
  if (stage.picture) return pen.picture(stageThing(stage), box)
  return rect(square(box, 0.94), { ...thin(pen), dash: '2 1.5' }, 3)
}

const sequence: PrintKindInfo = {
  title: 'What comes next?',
  group: 'order',
  about: 'Lay the cards in order; look at the strip to see whether it is right.',
  domain: 'science',
  levels: [
    'first and last',
    'three cards, numbered',
    'all cards, numbers on the strip',
    'all cards with their words, numbers on the strip',
  ],
  from: 'older-toddler',
  each: false,
  size: CARD,
  stock: 'cardstock',
  laminate: true,
  lacks: lacksStages,
  draw(pen, context) {
    const { level, title } = context
    const cards: ((box: Box) => string)[] = []
    const strips: { stages: readonly PrintStage[]; draw: (box: Box) => string }[] = []
    for (const thing of growing(context)) {
      const all = thing.stages
      const own =
        level === 0
          ? [all[0], all[all.length - 1]]
          : level === 1
            ? [all[0], all[Math.floor(all.length / 2)], all[all.length - 1]]
            : all
      for (const [i, stage] of own.entries())
        cards.push((box) => {
          const inner = inset(box, 4)
          const [head, middle, low] = stack(inner, [1.1, 4, 1.2], 1.5)
          return (
            (level === 1 ? textIn(String(i + 1), head, { most: 11, weight: 700, fill: pen.text }) : '') +
            stageIn(pen, stage, level === 1 ? middle : { ...middle, y: head.y, height: head.height + middle.height }) +
            textIn(stage.name, low, { most: 8, weight: 700, fill: pen.text, lines: 2 })
          )
        })
      strips.push({ stages: own, draw: strip(pen, own) })
    }
    // What is seen on a strip is as wide as on the others: the longest decides.
    const longest = Math.max(...strips.map((one) => one.stages.length))
    const size = [Math.min(190, Math.max(60, longest * 34)), 48] as const
    return [
      ...deck(pen, cards, { size: sizeOf(context, CARD), title }),
      ...deck(
        pen,
        strips.map(
          ({ stages, draw }) =>
            (box: Box) =>
              draw({ ...box, width: (box.width * stages.length) / longest }),
        ),
        { size, title },
      ),
    ]
  },
}
/** All stages beside each other, numbered: to see whether it is right. */
const strip =
  (pen: Pen, stages: readonly PrintStage[]) =>
  (box: Box): string =>
    split(
      inset(box, 3),
      stages.map(() => 1),
      3,
    )
      .map((cell, i) => {
        const [above, below] = stack(cell, [2.2, 1], 1)
        const words = { most: 4.6, weight: 700 as const, fill: pen.text, lines: 2 }
        return (
          rect(cell, thin(pen), 1.5) +
          stageIn(pen, stages[i], inset(above, 1)) +
          textIn(`${i + 1}. ${stages[i].name}`, inset(below, 0.8), words)
        )
      })
      .join('')

/** A point on a circle; 0 is at the top, and turns go to the right. */
const onCircle = (cx: number, cy: number, r: number, turn: number) => ({
  x: cx + r * Math.sin(turn * 2 * Math.PI),
  y: cy - r * Math.cos(turn * 2 * Math.PI),
})
const wheel: PrintKindInfo = {
  ...sequence,
  title: 'Turning wheel',
  about: 'Pin the discs together in the middle, turn the upper one, and tell what happens in the window.',
  levels: ['three stages', 'four stages', 'all stages', 'all stages with their words'],
  from: 'preschool',
  each: true,
  size: null,
  laminate: false,
  cutsInto: 1,
  // Two discs make a wheel.
  with: { materialId: 'paper-fastener', each: 0.5, by: 'piece' },
  draw(pen, context) {
    const { level, title } = context
    const area = aboveFoot(pen.rules)
    const r = Math.min(area.width, area.height) / 2 - 2
    const [cx, cy] = [area.x + area.width / 2, area.y + area.height / 2]
    const cut = { stroke: pen.text, width: 0.5 }
    return upTo(growing(context), MOST_THINGS).flatMap((thing) => {
      const stages = upTo(thing.stages, [3, 4, 8, 8][level])
      const count = stages.length
      const parts = stages.map((stage, i) => {
        const [from, middle] = [onCircle(cx, cy, r, i / count), onCircle(cx, cy, r * 0.62, (i + 0.5) / count)]
        const side = Math.min(r * 0.5, 2 * r * 0.55 * Math.sin(Math.PI / count))
        const box = { x: middle.x - side / 2, y: middle.y - side / 2, width: side, height: side }
        const [above, below] = level === 3 || !stage.picture ? stack(box, [2.6, 1], 1) : [box, null]
        const turn = ((i + 0.5) * 360) / count
        const body = stage.picture
          ? pen.picture(stageThing(stage), above) +
            (below ? textIn(stage.name, below, { most: 6, weight: 700, fill: pen.text, lines: 2 }) : '')
          : textIn(stage.name, box, { most: 8, weight: 700, fill: pen.text, lines: 3 })
        return (
          line(cx, cy, from.x, from.y, { stroke: pen.text, width: 0.25, dash: '2 1.5' }) +
          // Each stands upright when it comes to the window at the top.
          `<g transform="rotate(${turn} ${middle.x} ${middle.y})">${body}</g>`
        )
      })
      const hole = circle(cx, cy, 2.2, cut)
      const lower = circle(cx, cy, r, cut) + parts.join('') + hole
      // A window as wide as one part, over its middle.
      const half = 0.46 / count
      const [a, b, c, d] = [
        onCircle(cx, cy, r * 0.94, -half),
        onCircle(cx, cy, r * 0.94, half),
        onCircle(cx, cy, r * 0.3, half),
        onCircle(cx, cy, r * 0.3, -half),
      ]
      const [outer, inner] = [r * 0.94, r * 0.3]
      const window = [
        `M${a.x} ${a.y} A${outer} ${outer} 0 0 1 ${b.x} ${b.y}`,
        `L${c.x} ${c.y} A${inner} ${inner} 0 0 0 ${d.x} ${d.y} Z`,
      ].join(' ')
      const below = { x: cx - r * 0.6, y: cy + r * 0.2, width: r * 1.2, height: r * 0.6 }
      const [picture, words] = stack(below, [2.4, 1], 2)
      const upper =
        circle(cx, cy, r, cut) +
        path(window, { ...cut, dash: '1.6 1.2', fill: TINT_INK[pen.ink] }) +
        hole +
        pen.picture(thing, picture) +
        textIn(capital(thing.a), words, { most: 11, weight: 700, fill: pen.text })
      return [wholePage(pen, title, lower, { pieces: 1 }), wholePage(pen, title, upper, { pieces: 1 })]
    })
  },
}

const stepBook: PrintKindInfo = {
  ...sequence,
  title: 'A book of steps',
  about: 'One page a stage: draw it, say it, and write about it.',
  levels: [
    'to color',
    'to draw, with the word',
    'to draw, with lines to write',
    'to draw, with a sentence to read and lines',
  ],
  each: true,
  size: null,
  stock: 'paper',
  laminate: false,
  cutsInto: 2,
  draw(pen, context) {
    const { level, title, names } = context
    return upTo(growing(context), MOST_THINGS).flatMap((thing) => {
      const leaves = ['', ...thing.stages.map((stage) => stage.name)]
      const half = (name: string, i: number, box: Box): string => {
        const inner = inset({ ...box, x: box.x + 12, width: box.width - 12 }, 6)
        const punch = [0.25, 0.75].map((part) =>
          circle(box.x + 8, box.y + box.height * part, 2.5, { stroke: pen.text, width: 0.2, dash: '1 1' }),
        )
        const [head, middle, low] = stack(
          inner,
          [1, level === 1 && i > 0 ? 4 : 5, i === 0 ? 1 : level === 1 ? 2.6 : 2],
          3,
        )
        if (i === 0)
          return (
            punch.join('') +
            textIn(capital(thing.a), head, { most: 13, weight: 700, fill: pen.text }) +
            pen.picture(thing, middle, level === 0 ? 'outline' : 'color') +
            textIn(`By ${names.length === 1 ? names[0] : '____________'}`, low, { most: 8, fill: pen.text })
          )
        const stage = thing.stages[i - 1]
        const base = level === 1 ? low.y + low.height * 0.62 : low.y + low.height * 0.45
        const lines =
          level >= 2
            ? writingLines(low, base, 11, pen.ink) + writingLines(low, base + 19, 11, pen.ink)
            : level === 1
              ? writing(written(name, context.hand), low.x, base, {
                  height: 17,
                  hand: context.hand,
                  strength: 'strong',
                  ink: pen.ink,
                  guided: false,
                })
              : ''
        const next = thing.stages[i] as PrintStage | undefined
        const sentence =
          level === 3
            ? `${i === 1 ? 'First' : next ? 'Then' : 'At last'} it is ${withArticle(stage.name)}.`
            : capital(name)
        return (
          punch.join('') +
          textIn(
            sentence,
            { ...head, width: head.width - 12 },
            { most: 9, weight: 700, fill: pen.text, anchor: 'start', lines: 2 },
          ) +
          text(String(i), inner.x + inner.width, head.y + 7, { size: 6, anchor: 'end', fill: pen.text }) +
          (level === 0 && stage.picture
            ? pen.picture(stageThing(stage), middle, 'outline')
            : rect(middle, { ...thin(pen), dash: '2 1.5' }, 3)) +
          lines
        )
      }
      const pages = []
      for (let at = 0; at < leaves.length; at += 2) {
        const boxes = stack(aboveFoot(pen.rules), [1, 1], 4)
        const own = leaves.slice(at, at + 2)
        const [first] = boxes
        pages.push(
          wholePage(
            pen,
            `${title}: ${thing.one}`,
            own.map((name, i) => half(name, at + i, boxes[i])).join('') +
              line(first.x, first.y + first.height + 2, first.x + first.width, first.y + first.height + 2, {
                stroke: pen.text,
                width: 0.25,
                dash: '1.6 1.2',
              }),
            { pieces: own.length },
          ),
        )
      }
      return pages
    })
  },
}

export const ORDER_KINDS = { sequence, wheel, 'step-book': stepBook } satisfies Record<string, PrintKindInfo>

import { capital } from '../../ideas'
import { shuffled, type PrintContext, type PrintKindInfo } from '../context'
import { aboveFoot } from '../page'
import { picturesIn, type WordPicture } from '../wordPictures'
import { deck, wholePage, type Pen, type PrintThing } from '../pen'
import { circle, inset, line, rect, split, square, stack, text, textIn, TINT_INK, type Box } from '../svg'
import { sizeOf } from './match'

const thin = (pen: Pen) => ({ stroke: pen.text, width: 0.3 })
const base = {
  group: 'room',
  domain: 'practical-life',
  levels: null,
  from: 'infant',
  each: false,
  stock: 'cardstock',
  laminate: true,
} as const satisfies Partial<PrintKindInfo>
const bold = (pen: Pen, most: number) => ({ most, weight: 700 as const, fill: pen.text })
/** A label: a picture at the left, words beside it. */
const label =
  (pen: Pen, words: string, picture: string, most = 9) =>
  (box: Box): string => {
    const inner = inset(box, 3)
    if (!picture) return textIn(words, inner, bold(pen, most))
    const side = Math.min(inner.height, inner.width * 0.4)
    const right = { ...inner, x: inner.x + side + 3, width: inner.width - side - 3 }
    return (
      pen.picture({ one: words, picture }, { ...inner, width: side }) +
      textIn(words, right, { ...bold(pen, most), anchor: 'start' })
    )
  }

const day: PrintKindInfo = {
  ...base,
  title: 'The day in pictures',
  own: 'day',
  about: 'Hang the cards in a row, and turn over or move along what is done.',
  size: [85, 60],
  lacks: ({ house }) => (house.day.length ? '' : 'The home has no rhythm yet. Write it down in Home.'),
  draw(pen, context) {
    const cards = context.house.day.map((part) => (box: Box) => {
      const [above, low] = stack(inset(box, 4), [2.4, 1], 2)
      const [name, time] = stack(low, [1.3, 1], 0.5)
      const picture = { one: part.name, picture: part.picture }
      return (
        (part.picture ? pen.picture(picture, above) : rect(inset(above, 8, 1), { ...thin(pen), dash: '2 1.5' }, 3)) +
        textIn(part.name, name, bold(pen, 8)) +
        textIn(part.time, time, { most: 5.5, fill: pen.text })
      )
    })
    return deck(pen, cards, { size: sizeOf(context, [85, 60]), title: context.title })
  },
}
const centers: PrintKindInfo = {
  ...base,
  title: 'Signs for the centers',
  own: 'centers',
  about: 'Hang each where it belongs, at the height of the kids.',
  size: [190, 122],
  lacks: ({ house }) => (house.centers.length ? '' : 'The home has no centers yet. Name them in Home.'),
  draw(pen, context) {
    const cards = context.house.centers.map((center) => (box: Box) => {
      const inner = inset(box, 8)
      const [above, low] = stack(inner, [2.6, 1], 4)
      return (
        rect(inset(box, 4), { stroke: pen.text, width: 0.8, fill: TINT_INK[pen.ink] }, 6) +
        pen.picture({ one: center.name, picture: center.picture }, above) +
        textIn(center.name, low, bold(pen, 22))
      )
    })
    return deck(pen, cards, { size: sizeOf(context, [190, 122]), title: context.title })
  },
}
const trays: PrintKindInfo = {
  ...base,
  title: 'Labels for trays and bins',
  about: 'One for each tray: the picture tells what belongs in it.',
  size: [85, 30],
  lacks: ({ things }) => (things.length ? '' : 'It takes 1 object; the theme has none.'),
  draw(pen, context) {
    return deck(
      pen,
      context.things.map((thing) => label(pen, capital(thing.many), thing.picture)),
      { size: sizeOf(context, [85, 30]), title: context.title },
    )
  },
}
const folders: PrintKindInfo = {
  ...base,
  title: 'Labels for day folders',
  own: 'days',
  about: 'One folder a day, with everything on paper for that day in it.',
  size: [90, 30],
  laminate: false,
  lacks: ({ house }) => (house.days.length ? '' : 'The unit has no days yet.'),
  draw(pen, context) {
    return deck(
      pen,
      context.house.days.map((words, i) =>
        label(pen, words, context.things[i % Math.max(1, context.things.length)]?.picture ?? '', 8),
      ),
      { size: sizeOf(context, [90, 30]), title: context.title },
    )
  },
}
const namesOf = (context: PrintContext) =>
  context.names.length ? '' : 'Nobody is expected yet. Give the unit its dates, or choose who it is for.'
const bins: PrintKindInfo = {
  ...base,
  named: true,
  title: 'Labels for the kids’ bins',
  own: 'names',
  about: 'The picture helps those who do not read yet to find their own.',
  size: [90, 40],
  lacks: namesOf,
  draw(pen, context) {
    return deck(
      pen,
      context.names.map((name, i) => label(pen, name, pictureFor(context, i), 14)),
      { size: sizeOf(context, [90, 40]), title: context.title },
    )
  },
}
/** Every child has a picture of its own, as long as there are enough. */
const pictureFor = ({ things }: PrintContext, i: number): string =>
  (things[i % Math.max(1, things.length)] as PrintThing | undefined)?.picture ?? ''
const shelves: PrintKindInfo = {
  ...base,
  title: 'Labels for shelves and baskets',
  own: 'places',
  about: 'Where things are kept, so that everyone puts them back there.',
  size: [90, 25],
  lacks: ({ house }) => (house.places.length ? '' : 'Nothing in the pantry has a place yet.'),
  draw(pen, context) {
    return deck(
      pen,
      context.house.places.map((place) => label(pen, capital(place), '', 9)),
      { size: sizeOf(context, [90, 25]), title: context.title },
    )
  },
}
const nameTags: PrintKindInfo = {
  ...base,
  named: true,
  title: 'Name tags',
  own: 'names',
  about: 'To wear on an outing, to hang on a chair, to answer with at circle.',
  size: [85, 55],
  lacks: namesOf,
  draw(pen, context) {
    const cards = context.names.map((name, i) => (box: Box) => {
      const [above, low] = stack(inset(box, 5), [1.4, 1], 2)
      const picture = pictureFor(context, i)
      return (
        circle(box.x + box.width / 2, box.y + 4, 1.8, { stroke: pen.text, width: 0.2 }) +
        (picture ? pen.picture({ one: name, picture }, inset(above, 3)) : '') +
        textIn(name, picture ? low : inset(box, 6), bold(pen, 15))
      )
    })
    return deck(pen, cards, { size: sizeOf(context, [85, 55]), title: context.title })
  },
}
const care: PrintKindInfo = {
  ...base,
  title: 'Allergies and care',
  own: null,
  about: 'For the inside of the kitchen door: the home’s own eyes only.',
  size: null,
  lacks: ({ house }) =>
    house.care.length ? '' : 'No child of this unit has an allergy or a diet in Home. Write it down there first.',
  draw(pen, { house, title }) {
    const area = aboveFoot(pen.rules)
    const most = 9
    const pages = []
    for (let at = 0; at < house.care.length; at += most) {
      const own = house.care.slice(at, at + most)
      const [head, list, low] = stack(area, [0.8, Math.max(4, own.length), 1.4], 4)
      const rows = stack(
        list,
        own.map(() => 1),
        2,
      )
      const body = own.map((child, i) => {
        const high = Math.min(rows[0].height, 30)
        const row = { ...list, y: list.y + i * (high + 3), height: high }
        const [name, words] = split(inset(row, 4, 2), [1, 2.4], 4)
        const [first, second] = child.diet ? stack(words, [1.2, 1], 1) : [words, null]
        return (
          rect(row, { stroke: pen.text, width: 0.4, fill: TINT_INK[pen.ink] }, 3) +
          textIn(child.name, name, { ...bold(pen, 11), anchor: 'start' }) +
          textIn(child.allergens || 'No allergy', first, { ...bold(pen, 9), anchor: 'start' }) +
          (second ? textIn(child.diet, second, { most: 6.5, fill: pen.text, anchor: 'start' }) : '')
        )
      })
      const lines = ['Emergency number', 'Pediatrician', 'Medicine is kept'].map((words, i) => {
        const y = low.y + 8 + i * 10
        return (
          text(words, low.x, y, { size: 4.6, fill: pen.text }) +
          line(low.x + 48, y + 1, low.x + low.width, y + 1, thin(pen))
        )
      })
      pages.push(
        wholePage(pen, title, textIn('Allergies and care', head, bold(pen, 12)) + body.join('') + lines.join('')),
      )
    }
    return pages
  },
}
/** Drawings beside each other; what one does not do is crossed out. */
const said = (pen: Pen, pictures: readonly WordPicture[], box: Box): string =>
  split(
    box,
    pictures.map(() => 1),
    2,
  )
    .map((cell, i) => {
      const { picture, not } = pictures[i]
      const { x, y, width, height } = square(cell)
      const cross = { stroke: not && pen.ink === 'color' ? '#a8352b' : pen.text, width: 1.4, cap: 'round' as const }
      return (
        pen.picture({ one: '', picture }, square(cell, 0.86)) +
        (not ? line(x, y, x + width, y + height, cross) + line(x + width, y, x, y + height, cross) : '')
      )
    })
    .join('')

const binRules: PrintKindInfo = {
  ...base,
  title: 'Rules at the bin',
  own: null,
  about: 'Hang them by the sensory bin, and read them together before it opens.',
  size: null,
  lacks: ({ house }) => (house.binRules.length ? '' : 'The home has no rules for bins yet. Write them down in Home.'),
  draw(pen, { house, title, things }) {
    const [head, list] = stack(aboveFoot(pen.rules), [1, 7], 5)
    const rows = stack(
      list,
      house.binRules.map(() => 1),
      4,
    )
    const body = house.binRules.map((rule, i) => {
      const row = { ...rows[i], height: Math.min(rows[i].height, 52) }
      const pictures = picturesIn(rule, 2)
      const parts = split(inset(row, 4), pictures.length ? [1, 1.1 * pictures.length, 5 - pictures.length] : [1, 5], 5)
      const [mark] = parts
      const words = parts[parts.length - 1]
      const side = square(mark, 0.9)
      return (
        rect(row, { stroke: pen.text, width: 0.4 }, 4) +
        circle(side.x + side.width / 2, side.y + side.height / 2, side.width / 2, {
          fill: TINT_INK[pen.ink],
          stroke: pen.text,
          width: 0.3,
        }) +
        textIn(String(i + 1), side, bold(pen, 14)) +
        (pictures.length ? said(pen, pictures, parts[1]) : '') +
        textIn(rule, words, { ...bold(pen, 10), anchor: 'start' })
      )
    })
    const [first] = things as readonly (PrintThing | undefined)[]
    const [left, right] = split(head, [5, 1], 3)
    return [
      wholePage(
        pen,
        title,
        textIn('At the bin', left, { ...bold(pen, 16), anchor: 'start' }) +
          (first ? pen.picture(first, right) : '') +
          body.join(''),
      ),
    ]
  },
}
const recipeCards: PrintKindInfo = {
  ...base,
  title: 'A recipe in steps',
  own: null,
  about: 'One card a step: point at it, do it, and turn to the next.',
  size: [95, 80],
  lacks: ({ house }) => (house.recipes.length ? '' : 'The unit mixes nothing yet. Put a recipe on the plan first.'),
  draw(pen, context) {
    const cards = context.house.recipes.flatMap(({ name, steps }) =>
      steps.map((step, i) => (box: Box) => {
        const pictures = picturesIn(step, 3)
        const rows = stack(inset(box, 5), pictures.length ? [1, 1.5, 1.9] : [1, 3.4], 2)
        const [head] = rows
        const middle = rows[rows.length - 1]
        const [number, words] = split(head, [1, 4], 3)
        const side = square(number)
        return (
          circle(side.x + side.width / 2, side.y + side.height / 2, side.width / 2, {
            fill: TINT_INK[pen.ink],
            stroke: pen.text,
            width: 0.4,
          }) +
          textIn(String(i + 1), side, bold(pen, 10)) +
          textIn(name, words, { most: 5.5, fill: pen.text, anchor: 'start', lines: 2 }) +
          (pictures.length ? said(pen, pictures, rows[1]) : '') +
          textIn(step, middle, { ...bold(pen, 8), anchor: 'start', lines: 6 })
        )
      }),
    )
    return deck(pen, cards, { size: sizeOf(context, [95, 80]), title: context.title })
  },
}
const letterCards: PrintKindInfo = {
  ...base,
  named: true,
  title: 'Letters of the names',
  own: null,
  about: 'Lay the own name, letter by letter. Each letter is there as often as it is needed.',
  group: 'trace',
  domain: 'language',
  size: [40, 50],
  lacks: namesOf,
  draw(pen, context) {
    const letters = shuffled(
      context.names.flatMap((name) => [...name.normalize('NFC')].filter((letter) => /\p{L}/u.test(letter))),
      1,
    ).sort((a, b) => a.localeCompare(b, 'en'))
    return deck(
      pen,
      letters.map((letter) => (box: Box) => {
        const inner = inset(box, 5)
        return (
          textIn(letter, inner, bold(pen, 34)) +
          // What is on its head is told from what is not: b and q, n and u.
          line(inner.x, box.y + box.height - 4, inner.x + inner.width, box.y + box.height - 4, {
            stroke: pen.text,
            width: 0.6,
          })
        )
      }),
      { size: sizeOf(context, [40, 50]), title: context.title },
    )
  },
}

export const ROOM_KINDS = {
  day,
  centers,
  trays,
  folders,
  bins,
  shelves,
  'name-tags': nameTags,
  care,
  'bin-rules': binRules,
  'recipe-cards': recipeCards,
  'name-letters': letterCards,
} satisfies Record<string, PrintKindInfo>

import { cropMarks, cutFrame, foot, gridOf, printable, type Page, type PrinterRules } from './page'
import { PAPERS } from '../printing'
import { escaped, group, mm, square, stack, textIn, TEXT_INK, type Box, type Ink } from './svg'

/** How a picture is drawn: as it is, to be colored in, as its shadow, or as a shadow in a color, as `tint-d23b2f`. */
export type PictureLook = 'color' | 'outline' | 'shadow' | `tint-${string}`

/** A thing of the theme as it is printed. */
export interface PrintThing {
  one: string
  /** "a kite" */
  a: string
  many: string
  /** A drawing that ships or a picture of hers; empty where there is none: then its name stands in. */
  picture: string
  young: string
  youngPicture: string
  /** What it goes through, first to last, each with the picture that there is of it. */
  stages: readonly { name: string; picture: string }[]
  parts: readonly string[]
  lives: string
  colors: readonly string[]
  size: 'small' | 'medium' | 'large' | null
  living: boolean | null
}

/** What pages are drawn with. It remembers which pictures they show. */
export interface Pen {
  rules: PrinterRules
  ink: Ink
  /** The color of letters. */
  text: string
  /** A picture in the middle of a box, as large as it fits; the words where there is no picture. */
  picture(thing: { picture: string; one: string }, box: Box, look?: PictureLook): string
  pictures: Set<string>
}

/** The name under which a picture is drawn so: `outline/kite`. */
export const pictureKey = (name: string, look: PictureLook): string => (look === 'color' ? name : `${look}/${name}`)
/** What a picture is called inside a drawing: letters, digits and hyphens. */
export const symbolId = (key: string): string => `p-${key.replace(/[^a-z0-9-]/gi, '-')}`

export function newPen(rules: PrinterRules): Pen {
  const pictures = new Set<string>()
  const ink = rules.ink
  return {
    rules,
    ink,
    text: TEXT_INK[ink],
    pictures,
    picture(thing, box, look = 'color') {
      if (!thing.picture) return textIn(thing.one, box, { most: 9, weight: 700, fill: TEXT_INK[ink] })
      const colored = look === 'color' || look.startsWith('tint-')
      const key = pictureKey(thing.picture, colored && ink !== 'color' ? 'outline' : look)
      pictures.add(key)
      const { x, y, width, height } = square(box)
      return `<use href="#${symbolId(key)}" x="${mm(x)}" y="${mm(y)}" width="${mm(width)}" height="${mm(height)}"/>`
    },
  }
}

/** A picture with its name below; the name alone where there is no picture. */
export function captioned(
  pen: Pen,
  thing: { picture: string; one: string },
  box: Box,
  look: { shares?: readonly [number, number]; most?: number } = {},
): string {
  const { shares = [4, 1.2], most = 9 } = look
  const words = { most, weight: 700 as const, fill: pen.text }
  if (!thing.picture) return textIn(thing.one, box, words)
  const [above, below] = stack(box, shares, 1.5)
  return pen.picture(thing, above) + textIn(thing.one, below, words)
}

const sizeOf = ({ paper }: PrinterRules) => ({ width: PAPERS[paper][0], height: PAPERS[paper][1] })

/** A page that is used whole, with its foot. */
export function wholePage(pen: Pen, title: string, body: string, over: Partial<Page> = {}): Page {
  const area = printable(pen.rules.paper, pen.rules.margin)
  const used = { ...area, height: area.height - 6.5 }
  return {
    ...sizeOf(pen.rules),
    body: body + foot(pen.rules, title, used),
    pieces: 0,
    back: false,
    pictures: new Set(pen.pictures),
    ...over,
  }
}

export interface DeckOptions {
  size: readonly [number, number]
  title: string
  /** Drawn on the back of each card, both sides aligned. */
  back?: (box: Box) => string
  /** Whether a frame shows where to cut. */
  frame?: boolean
}

/** Cards of one size on as many sheets as they take, with lines to cut along. */
export function deck(pen: Pen, cards: readonly ((box: Box) => string)[], options: DeckOptions): Page[] {
  const { size, title, back, frame = true } = options
  const { rules, ink } = pen
  const grid = gridOf(rules.paper, size, rules.margin)
  const area = printable(rules.paper, rules.margin)
  const local = { x: 0, y: 0, width: size[0], height: size[1] }
  const put = (draw: (box: Box) => string, { x, y }: { x: number; y: number }) => {
    const body = draw(local) + (frame ? cutFrame(local, ink) : '')
    return group(
      grid.turned ? `translate(${mm(x + size[1])} ${mm(y)}) rotate(90)` : `translate(${mm(x)} ${mm(y)})`,
      body,
    )
  }
  const pages: Page[] = []
  for (let at = 0; at < cards.length; at += grid.spots.length) {
    const own = cards.slice(at, at + grid.spots.length)
    pages.push({
      ...sizeOf(rules),
      body:
        own.map((card, i) => put(card, grid.spots[i])).join('') +
        cropMarks(grid, size, area, ink) +
        foot(rules, title, grid.used),
      pieces: own.length,
      cards: own.map((_, i) => ({ ...grid.spots[i], width: size[0], height: size[1], turned: grid.turned })),
      back: false,
      pictures: pen.pictures,
    })
    if (back) {
      // Turned over along its long edge, what was on the left lies on the right.
      const across = (spot: { x: number; y: number }) => ({
        x: PAPERS[rules.paper][0] - spot.x - (grid.turned ? size[1] : size[0]) - rules.back.x,
        y: spot.y - rules.back.y,
      })
      pages.push({
        ...sizeOf(rules),
        body: own.map((_, i) => put(back, across(grid.spots[i]))).join(''),
        pieces: 0,
        back: true,
        pictures: pen.pictures,
      })
    }
  }
  return pages
}

/** Every shape of a drawing filled with one color: what its shadow looks like. */
export const shadowOf = (svg: string, color = '#3a3a3a'): string =>
  svg
    .replace(/\s(fill|stroke)="(?!none)[^"]*"/g, ` $1="${color}"`)
    .replace(/\s(opacity|fill-opacity|stroke-opacity)="[^"]*"/g, '')

/** The inside of an SVG, with ids that are its own among those of other drawings. */
function inside(svg: string, prefix: string): string {
  return svg
    .replace(/^[\s\S]*?<svg[^>]*>/, '')
    .replace(/<\/svg>\s*$/, '')
    .replace(/\sid="([^"]+)"/g, ` id="${prefix}-$1"`)
    .replace(/url\(#([^)]+)\)/g, `url(#${prefix}-$1)`)
    .replace(/\shref="#([^"]+)"/g, ` href="#${prefix}-$1"`)
}

/** A picture as it is fetched: a drawing, or the address of a photo that the drawing holds. */
export type PictureSource = { svg: string } | { image: string }

/**
 * A page as one SVG of its true size.
 *
 * @param sources pictures by the name under which the page shows them; what is missing stays white
 * @param fonts rules that bring the letters along, where it is shown without the page around it
 */
export function pageSvg(page: Page, sources: ReadonlyMap<string, PictureSource>, fonts = ''): string {
  return framed(page, page.body, page, sources, fonts)
}
/**
 * One card of a page, upright and alone: for a screen.
 *
 * @param at which of the page's cards, from 0
 */
export function cardSvg(page: Page, at: number, sources: ReadonlyMap<string, PictureSource>, fonts = ''): string {
  const card = page.cards![at]
  const body = card.turned
    ? group(`rotate(-90) translate(${mm(-(card.x + card.height))} ${mm(-card.y)})`, page.body)
    : group(`translate(${mm(-card.x)} ${mm(-card.y)})`, page.body)
  return framed(page, body, card, sources, fonts)
}
function framed(
  page: Page,
  body: string,
  { width, height }: { width: number; height: number },
  sources: ReadonlyMap<string, PictureSource>,
  fonts: string,
): string {
  const shown = [...page.pictures].filter((key) => page.body.includes(`#${symbolId(key)}"`))
  const symbols = shown.map((key) => {
    const source = sources.get(key)
    const id = symbolId(key)
    const body = !source
      ? ''
      : 'svg' in source
        ? inside(source.svg, id)
        : `<image href="${escaped(source.image)}" x="0" y="0" width="32" height="32"/>`
    return `<symbol id="${id}" viewBox="0 0 32 32">${body}</symbol>`
  })
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" ` +
    `viewBox="0 0 ${mm(width)} ${mm(height)}" text-rendering="geometricPrecision">` +
    `<defs>${fonts && `<style>${fonts}</style>`}${symbols.join('')}</defs>${body}</svg>`
  )
}

import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import ts from 'typescript'

/** The house as its imports draw it: which file knows which, the rooms of core, and the picture in docs. */

const root = resolve(fileURLToPath(import.meta.url), '../..')
export const PICTURE = 'docs/house.svg'

/** An import of one file of ours by another, both from the root of the project. */
export interface Arrow {
  from: string
  to: string
}

/** The rooms of core from the ground up: each knows those before it only. Why so: docs/decisions/0029. */
export const ROOMS = [
  'domain',
  'base',
  'library',
  'printing',
  'making',
  'plan',
  'cautions',
  'supplies',
  'prep',
  'readings',
  'ideas',
  'cards',
  'circle',
  'papers',
  'newHome',
] as const
export type Room = (typeof ROOMS)[number]

const isTest = (path: string) => path.endsWith('.test.ts') || path.includes('/testing/')

function filesIn(folder: string): string[] {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`
    if (entry.isDirectory()) return filesIn(path)
    return /\.(ts|vue)$/.test(entry.name) && !isTest(path) ? [path] : []
  })
}

/** What a file imports, as it says it. */
export function importsOf(path: string): string[] {
  const text = readFileSync(join(root, path), 'utf8')
  const code = path.endsWith('.vue')
    ? [...text.matchAll(/<script[^>]*>([\s\S]*?)<\/script>/g)].map((match) => match[1]).join('\n')
    : text
  return ts.preProcessFile(code, true, true).importedFiles.map((one) => one.fileName)
}

/** The file of ours that an import means; undefined where it is a package. */
export function fileOf(from: string, spec: string): string | undefined {
  const path = spec.startsWith('.')
    ? relative(root, resolve(root, dirname(from), spec))
    : /^@(core|web|server|demo)\//.test(spec)
      ? spec.slice(1)
      : undefined
  return (
    path &&
    [path, `${path}.ts`, `${path}.vue`, `${path}/index.ts`].find(
      (one) => /\.(ts|vue)$/.test(one) && existsSync(join(root, one)),
    )
  )
}

/** Every arrow within and between some folders. */
export const arrowsIn = (...folders: string[]): Arrow[] =>
  folders.flatMap(filesIn).flatMap((from) =>
    importsOf(from).flatMap((spec) => {
      const to = fileOf(from, spec)
      return to ? [{ from, to }] : []
    }),
  )

/** The room of core that a file is in. */
export const roomOf = (path: string): Room | undefined => ROOMS.find((room) => path.startsWith(`core/${room}/`))

/** Which rooms know which, without the files. */
export function roomArrows(): Map<Room, Set<Room>> {
  const known = new Map(ROOMS.map((room) => [room, new Set<Room>()]))
  for (const { from, to } of arrowsIn('core')) {
    const [one, other] = [roomOf(from), roomOf(to)]
    if (one && other && one !== other) known.get(one)!.add(other)
  }
  return known
}

/** The sentence with which a room says what is inside. */
export const sentenceOf = (room: Room): string =>
  /^\/\*\* (.+?) \*\//.exec(readFileSync(join(root, 'core', room, 'index.ts'), 'utf8'))?.[1] ?? ''

/** The floor of each room: one above the highest that it knows. */
function floorsOf(known: Map<Room, Set<Room>>): Map<Room, number> {
  const floors = new Map<Room, number>()
  for (const room of ROOMS) floors.set(room, Math.max(0, ...[...known.get(room)!].map((one) => floors.get(one)! + 1)))
  return floors
}

/** Leaves out what follows from the rest: where a room knows another through a third. */
function fewest(known: Map<Room, Set<Room>>): [Room, Room][] {
  const reaches = (from: Room, to: Room): boolean => [...known.get(from)!].some((one) => one === to || reaches(one, to))
  return ROOMS.flatMap((room) =>
    [...known.get(room)!]
      .filter((to) => ![...known.get(room)!].some((other) => other !== to && reaches(other, to)))
      .map((to): [Room, Room] => [room, to]),
  )
}

const BOX = { width: 250, height: 78, across: 36, down: 46 }
const MARGIN = 80
const INK = '#26323a'

/** Words on lines of some letters at most. */
function lines(text: string, most: number): string[] {
  const all = ['']
  for (const word of text.split(' ')) {
    if (`${all.at(-1)} ${word}`.length > most) all.push('')
    all[all.length - 1] = `${all.at(-1)} ${word}`.trim()
  }
  return all
}

/** The picture: core's rooms on their floors, the ground at the foot, and above them what stands on core. */
export function picture(): string {
  const known = roomArrows()
  const floors = floorsOf(known)
  const top = Math.max(...floors.values())
  const onFloor = (floor: number) => ROOMS.filter((room) => floors.get(room) === floor)
  const widest = Math.max(...[...floors.values()].map((floor) => onFloor(floor).length))
  const width = widest * (BOX.width + BOX.across) + BOX.across + 2 * MARGIN
  const y = (floor: number) => BOX.down + 70 + (top - floor) * (BOX.height + BOX.down)
  const at = new Map(
    ROOMS.map((room) => {
      const peers = onFloor(floors.get(room)!)
      const free = width - peers.length * (BOX.width + BOX.across) + BOX.across
      return [room, { x: free / 2 + peers.indexOf(room) * (BOX.width + BOX.across), y: y(floors.get(room)!) }]
    }),
  )
  const box = (room: Room) => {
    const { x, y: up } = at.get(room)!
    const said = lines(sentenceOf(room), 40).slice(0, 3)
    return [
      `<rect x="${x}" y="${up}" width="${BOX.width}" height="${BOX.height}" rx="8" fill="#f6f1e7" stroke="#b9ab8f"/>`,
      `<text x="${x + 12}" y="${up + 20}" font-weight="700">${room}</text>`,
      ...said.map((line, i) => `<text x="${x + 12}" y="${up + 37 + i * 15}" font-size="11.5">${line}</text>`),
    ].join('\n')
  }
  const arrow = ([from, to]: [Room, Room]) => {
    const [a, b] = [at.get(from)!, at.get(to)!]
    const [x1, y1, x2, y2] = [a.x + BOX.width / 2, a.y + BOX.height, b.x + BOX.width / 2, b.y]
    const bend = (y2 - y1) / 2
    // What goes down more than one floor goes around the rooms between.
    const far = floors.get(from)! - floors.get(to)! > 1
    const aside = far ? (a.x + BOX.width / 2 < width / 2 ? -190 : 190) : 0
    const curve = `C${x1 + aside} ${y1 + bend} ${x2 + aside} ${y2 - bend} ${x2} ${y2 - 3}`
    return `<path d="M${x1} ${y1} ${curve}" fill="none" stroke="#8a7f6a" marker-end="url(#tip)"/>`
  }
  const half = BOX.width
  const guest = (name: string, words: [string, string], x: number) =>
    [
      `<rect x="${x}" y="12" width="${half}" height="62" rx="8" fill="#e4eef0" stroke="#86a3a9"/>`,
      `<text x="${x + 12}" y="30" font-weight="700">${name}</text>`,
      ...words.map((line, i) => `<text x="${x + 12}" y="${47 + i * 15}" font-size="11.5">${line}</text>`),
    ].join('\n')
  const height = y(0) + BOX.height + 20
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" font-family="sans-serif" font-size="14" fill="${INK}">
<title>The rooms of core: each knows only what is below it</title>
<defs><marker id="tip" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="8" markerHeight="8" orient="auto">
<path d="M0 0 L8 4 L0 8 z" fill="#8a7f6a"/></marker></defs>
${guest('web', ['What she sees; it computes', 'while she drags.'], MARGIN + BOX.across)}
${guest('server', ['What is kept; the same functions', 'on the same snapshot.'], MARGIN + BOX.across * 2 + half)}
${fewest(known).map(arrow).join('\n')}
${ROOMS.map(box).join('\n')}
</svg>
`
}

if (process.argv[1] === fileURLToPath(import.meta.url)) writeFileSync(join(root, PICTURE), picture())

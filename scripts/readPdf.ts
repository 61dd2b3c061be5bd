/** Reads an uncompressed PDF of ours back, as far as tests ask: page sizes, frames, lines, fonts and words. */
export interface ReadPage {
  width: number
  height: number
  /** Closed four-sided figures and rectangles, from the upper left, in points. */
  boxes: { x: number; y: number; width: number; height: number }[]
  lines: { x1: number; y1: number; x2: number; y2: number }[]
  /** Areas that are filled. */
  areas: number
}
export interface ReadPdf {
  pages: ReadPage[]
  fonts: { name: string; embedded: boolean }[]
  /** All that is written, in its order: letters are placed one by one, so there is nothing between them. */
  text: string
  images: number
}
type Matrix = readonly [number, number, number, number, number, number]
const times = (a: Matrix, b: Matrix): Matrix => [
  a[0] * b[0] + a[1] * b[2],
  a[0] * b[1] + a[1] * b[3],
  a[2] * b[0] + a[3] * b[2],
  a[2] * b[1] + a[3] * b[3],
  a[4] * b[0] + a[5] * b[2] + b[4],
  a[4] * b[1] + a[5] * b[3] + b[5],
]
const at = (m: Matrix, x: number, y: number) => ({ x: m[0] * x + m[2] * y + m[4], y: m[1] * x + m[3] * y + m[5] })

export function readPdf(bytes: Buffer): ReadPdf {
  const file = bytes.toString('latin1')
  const objects = new Map<string, string>()
  for (const [, id, body] of file.matchAll(/(?:^|\n)(\d+) 0 obj\n([\s\S]*?)\nendobj/g)) objects.set(id, body)
  const find = (id: string | undefined) => objects.get(id ?? '') ?? ''
  const of = (body: string, name: string) => new RegExp(`/${name} (\\d+) 0 R`).exec(body)?.[1]
  const streamOf = (body: string) => /stream\r?\n([\s\S]*?)\r?\nendstream/.exec(body)?.[1] ?? ''
  const all = [...objects.values()]
  const letters = new Map<string, Map<number, string>>()
  const fonts: ReadPdf['fonts'] = []
  for (const [id, body] of objects) {
    if (!/\/Type \/Font\b/.test(body) || !/\/Subtype \/Type0/.test(body)) continue
    const below = find(/\/DescendantFonts \[(\d+) 0 R\]/.exec(body)?.[1])
    const descriptor = find(of(below, 'FontDescriptor'))
    fonts.push({
      name: /\/BaseFont \/(\S+)/.exec(body)?.[1] ?? '',
      embedded: /\/FontFile[23]? \d+ 0 R/.test(descriptor),
    })
    letters.set(id, lettersOf(streamOf(find(of(body, 'ToUnicode')))))
  }
  const words: string[] = []
  const pages = all
    .filter((body) => /\/Type \/Page\b(?!s)/.test(body))
    .map((body): ReadPage => {
      const [, , width, height] = /\/MediaBox \[([\d. ]+)\]/.exec(body)![1].split(' ').map(Number)
      const resources = /\/Resources (\d+) 0 R/.test(body) ? find(of(body, 'Resources')) : body
      const named = new Map([...resources.matchAll(/\/(F\d+) (\d+) 0 R/g)].map((one) => [one[1], one[2]]))
      const page: ReadPage = { width, height, boxes: [], lines: [], areas: 0 }
      readStream(streamOf(find(of(body, 'Contents'))), page, (font, codes) =>
        words.push(codes.map((code) => letters.get(named.get(font) ?? '')?.get(code) ?? '').join('')),
      )
      return page
    })
  return { pages, fonts, text: words.join(''), images: all.filter((body) => /\/Subtype \/Image/.test(body)).length }
}

/** Which letter each glyph stands for. */
function lettersOf(map: string): Map<number, string> {
  const out = new Map<number, string>()
  const letter = (hex: string) => String.fromCharCode(...(hex.match(/.{4}/g) ?? []).map((one) => parseInt(one, 16)))
  for (const [, from, , list] of map.matchAll(/<([0-9a-f]+)> <([0-9a-f]+)> \[([^\]]*)\]/gi))
    [...list.matchAll(/<([0-9a-f]*)>/gi)].forEach((one, i) => out.set(parseInt(from, 16) + i, letter(one[1])))
  return out
}

function readStream(stream: string, page: ReadPage, said: (font: string, codes: number[]) => void): void {
  let matrix: Matrix = [1, 0, 0, 1, 0, 0]
  const kept: Matrix[] = []
  let values: string[] = []
  let path: { x: number; y: number }[] = []
  let font = ''
  const figure = (filled: boolean) => {
    if (filled) page.areas++
    const points = path.map((point) => ({ x: point.x, y: page.height - point.y }))
    if (points.length === 2) page.lines.push({ x1: points[0].x, y1: points[0].y, x2: points[1].x, y2: points[1].y })
    if (points.length >= 4 && !filled) {
      const [xs, ys] = [points.map((one) => one.x), points.map((one) => one.y)]
      const [x, y] = [Math.min(...xs), Math.min(...ys)]
      page.boxes.push({ x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y })
    }
    path = []
  }
  for (const [token] of stream.matchAll(/\[[^\]]*\]|<[0-9a-f]*>|[^\s[\]<>]+/gi)) {
    if (/^[-+.\d]|^\/|^\[|^</.test(token)) {
      values.push(token)
      continue
    }
    const numbers = values.map(Number)
    if (token === 'q') kept.push(matrix)
    else if (token === 'Q') matrix = kept.pop() ?? matrix
    else if (token === 'cm') matrix = times(numbers as unknown as Matrix, matrix)
    else if (token === 'm') path = [at(matrix, numbers[0], numbers[1])]
    else if (token === 'l') path.push(at(matrix, numbers[0], numbers[1]))
    else if (token === 'c') path.push(at(matrix, numbers[4], numbers[5]))
    else if (token === 're') {
      const [x, y, w, h] = numbers
      path = [at(matrix, x, y), at(matrix, x + w, y), at(matrix, x + w, y + h), at(matrix, x, y + h)]
    } else if (/^(S|s)$/.test(token)) figure(false)
    else if (/^(f|f\*|B|B\*|b|b\*)$/.test(token)) figure(true)
    else if (token === 'n') path = []
    else if (token === 'Tf') font = values[0].slice(1)
    else if (token === 'TJ' || token === 'Tj')
      said(
        font,
        [...values.join('').matchAll(/<([0-9a-f]*)>/gi)].flatMap((one) =>
          (one[1].match(/.{4}/g) ?? []).map((code) => parseInt(code, 16)),
        ),
      )
    values = []
  }
}

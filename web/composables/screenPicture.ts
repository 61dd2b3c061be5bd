import { FONT_FILES } from '../workers/fontFiles'
import { readAsUrl } from './readAsUrl'

const FACES = [
  ['plain', 'Kobby', 400],
  ['strong', 'Kobby', 700],
  ['plainSecond', 'Kobby Second', 400],
  ['strongSecond', 'Kobby Second', 700],
] as const
let rules: Promise<string> | null = null
/** The font as rules that stand inside a drawing, so that it looks the same wherever it is opened. Fetched once. */
export function fontRules(): Promise<string> {
  rules ??= Promise.all(
    FACES.map(async ([file, family, weight]) => {
      const answer = await fetch(FONT_FILES[file])
      if (!answer.ok) throw new Error('The fonts could not be fetched')
      const url = await readAsUrl(await answer.blob())
      return `@font-face{font-family:"${family}";font-weight:${weight};src:url(${url})}`
    }),
  ).then((all) => all.join(''))
  rules.catch(() => (rules = null))
  return rules
}

/** Dots along the longer side: as many as a large tablet has. */
const LONGER_SIDE = 1600
/** A drawing as a picture of dots, for a screen. */
export async function pngOf(svg: string, { width, height }: { width: number; height: number }): Promise<Uint8Array> {
  const scale = LONGER_SIDE / Math.max(width, height)
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(width * scale)
  canvas.height = Math.round(height * scale)
  const pen = canvas.getContext('2d')!
  pen.fillStyle = '#ffffff'
  pen.fillRect(0, 0, canvas.width, canvas.height)
  pen.drawImage(image, 0, 0, canvas.width, canvas.height)
  const blob = await new Promise<Blob | null>((settle) => canvas.toBlob(settle, 'image/png'))
  if (!blob) throw new Error('The picture could not be made')
  return new Uint8Array(await blob.arrayBuffer())
}

/** What a file chooser offers. */
export const PICTURE_TYPES = 'image/png,image/jpeg,image/svg+xml'
/** Largest file that is opened, in MB: a photo as a phone takes it. It is made small before it goes anywhere. */
const MOST_MB = 30
/** Pixels along the longer side: enough for a card on paper, small beside a photo. */
const SIDE = 480

/** What a file is, by its own first bytes rather than by its name; null where it is no picture that is taken. */
export function pictureType(start: Uint8Array): 'image/png' | 'image/jpeg' | 'image/svg+xml' | null {
  const begins = (...bytes: number[]) => bytes.every((byte, i) => start[i] === byte)
  if (begins(0x89, 0x50, 0x4e, 0x47)) return 'image/png'
  if (begins(0xff, 0xd8, 0xff)) return 'image/jpeg'
  return /^\s*(<\?xml[^>]*>\s*)?(<!--[\s\S]*?-->\s*|<!DOCTYPE[^>]*>\s*)*<svg[\s>]/.test(new TextDecoder().decode(start))
    ? 'image/svg+xml'
    : null
}

/** How far a picture is made smaller to have its place: never larger than it is. */
export const scaleTo = (width: number, height: number, most: number): number =>
  Math.min(1, most / Math.max(width, height, 1))

const readAs = (file: Blob, type: string): Promise<string> =>
  new Promise((done, fail) => {
    const reader = new FileReader()
    reader.onload = () => done(reader.result as string)
    reader.onerror = () => fail(new Error('The file could not be read'))
    reader.readAsDataURL(new Blob([file], { type }))
  })

/**
 * A file of hers as a small PNG in base64. It is drawn anew, so that nothing but what one sees goes on: no script of an
 * SVG, and no place where a photo was taken.
 *
 * @throws Error with words for her where it is too large, no picture, or damaged
 */
export async function smallPicture(file: File): Promise<string> {
  if (file.size > MOST_MB * 1_000_000)
    throw new Error(
      `${file.name} has ${(file.size / 1_000_000).toFixed(1)} MB; a picture can have up to ${MOST_MB} MB. Take a smaller one.`,
    )
  const type = pictureType(new Uint8Array(await file.slice(0, 2000).arrayBuffer()))
  if (!type) throw new Error(`${file.name} is not a picture Kobby can read. It takes PNG, JPEG and SVG.`)
  const image = new Image()
  image.src = await readAs(file, type)
  try {
    await image.decode()
  } catch {
    throw new Error(`${file.name} could not be opened: it may be damaged.`)
  }
  // An SVG need not say how large it is.
  const [width, height] = [image.naturalWidth || SIDE, image.naturalHeight || SIDE]
  const scale = type === 'image/svg+xml' ? SIDE / Math.max(width, height) : scaleTo(width, height, SIDE)
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(width * scale))
  canvas.height = Math.max(1, Math.round(height * scale))
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  return canvas.toDataURL('image/png').split(',')[1]
}

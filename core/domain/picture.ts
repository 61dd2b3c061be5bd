import { z } from 'zod'
import { PICTURE_BYTES } from './lists'
import { Id } from './primitives'

/** The picture of a thing: a drawing by the name under which it is served, or one of the home's own; empty for none. */
export const PictureName = z
  .string()
  .regex(/^(home\/[a-z0-9-]+|[a-z0-9-]*)$/, 'There is no such drawing')
  .max(70)

/** A picture on its way in. */
export const NewPicture = z.strictObject({
  /** The file in base64: a third more signs than bytes. */
  data: z.base64('This is no file in base64').max(Math.ceil(PICTURE_BYTES / 3) * 4 + 4, 'A picture can be up to 1 MB'),
})
export const PictureAnswer = z.strictObject({ id: Id })
export type PictureAnswer = z.infer<typeof PictureAnswer>

import { z } from 'zod'
import { Id, NewPicture, PictureAnswer } from '@core/domain'
import { route, type Route } from '../http/routes'
import type { Pictures } from '../services/pictures'

/** Pictures of the home's own things. */
export const pictureRoutes = (pictures: Pictures): Route[] => [
  route(
    {
      method: 'post',
      path: '/pictures',
      summary: 'Keep a picture of a thing: PNG or JPEG, at most 1 MB',
      access: 'owner',
      body: NewPicture,
      answer: PictureAnswer,
    },
    async ({ body }) => pictures.keep(body.data),
  ),
  route(
    {
      method: 'get',
      path: '/pictures/:pictureId',
      summary: 'A picture of the home’s own',
      access: 'owner',
      params: z.strictObject({ pictureId: Id }),
      answer: 'image/png',
    },
    async ({ params, ctx }) => {
      const { type, bytes } = await pictures.read(params.pictureId)
      ctx.type = type
      return bytes
    },
  ),
]

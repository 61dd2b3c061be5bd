import type { Knex } from 'knex'

/** A picture of the home's own, as it is served. */
export interface StoredPicture {
  id: string
  type: 'image/png' | 'image/jpeg'
  bytes: Buffer
}

export const writePicture = async (db: Knex, picture: StoredPicture, at: string): Promise<void> => {
  await db('pictures').insert({ ...picture, made_at: at })
}
export const readPicture = async (db: Knex, id: string): Promise<StoredPicture | undefined> =>
  (await db('pictures').where({ id }).first('id', 'type', 'bytes')) as StoredPicture | undefined
export const countPictures = async (db: Knex): Promise<number> =>
  Number(((await db('pictures').count({ many: '*' })) as { many: number }[])[0].many)

import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { PICTURE_BYTES } from '@core/domain'
import { countPictures, readPicture, writePicture, type StoredPicture } from '../store/pictures'
import type { Clock } from './clock'
import { invalid, notFound, Refusal } from './refusal'

/** What a file of a kind begins with. */
const BEGINS: [type: StoredPicture['type'], bytes: readonly number[]][] = [
  ['image/png', [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]],
  ['image/jpeg', [0xff, 0xd8, 0xff]],
]
/** Pictures that one home keeps. */
export const MOST_PICTURES = 500

const wrong = (message: string) => invalid([{ field: 'data', message }])

/** Pictures that a home gave its things: small, and looked into before they are kept. */
export class Pictures {
  constructor(
    private readonly db: Knex,
    private readonly clock: Clock,
  ) {}

  /** @param data the file in base64; what kind it is its own bytes say */
  async keep(data: string): Promise<{ id: string }> {
    const bytes = Buffer.from(data, 'base64')
    if (bytes.length > PICTURE_BYTES) throw wrong('A picture can be up to 1 MB. Take a smaller one.')
    const type = BEGINS.find(([, start]) => start.every((byte, i) => bytes[i] === byte))?.[0]
    if (!type) throw wrong('This is not a PNG or JPEG')
    if ((await countPictures(this.db)) >= MOST_PICTURES)
      throw new Refusal('full', `A home keeps up to ${MOST_PICTURES} pictures of its own, and this one has that many`)
    const id = randomUUID()
    await writePicture(this.db, { id, type, bytes }, this.clock.stamp())
    return { id }
  }

  async read(id: string): Promise<StoredPicture> {
    const found = await readPicture(this.db, id)
    if (!found) throw notFound('picture')
    return found
  }
}

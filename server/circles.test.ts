import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newCirclePart, type Book, type Circle, type CircleLog, type Piece } from '@core/domain'
import { PIECES } from '@core/library/repertoire'
import { change, Harness, TODAY } from './testing/harness'

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())

const WIND = 'wind-and-kites'
const UNIT = `/api/v1/units/${WIND}`
const circle: Circle = {
  id: 'circle-8',
  unitId: WIND,
  day: 8,
  parts: [
    { ...newCirclePart('a', { pieceId: 'own-rhyme' }), thing: 'kite', pinned: true },
    newCirclePart('b', { own: { title: 'Why does it fly?', kind: 'talk', minutes: 3, seated: true, energy: 0 } }),
  ],
  turns: [{ what: 'Rings the bell', childId: 'calla' }],
  setAside: [],
}
const piece: Piece = { ...PIECES[0], id: 'own-rhyme', title: 'Our own', words: 'Grandmother' }
const log: CircleLog = {
  id: 'log-8',
  date: TODAY,
  unit: 'Wind and Kites',
  parts: [{ pieceId: 'own-rhyme', bookId: null, title: 'Our own', kind: 'gather', minutes: 1, again: true }],
  turns: [{ what: 'Rings the bell', childId: 'calla' }],
  took: {},
}
const put = (kind: 'circle' | 'piece' | 'circleLog' | 'book', value: object, unitId: string | null) =>
  kobby.call('POST', '/api/v1/changes', change(unitId, [{ op: 'put', kind, base: 0, value } as never]))
const rowsOf = async (path: string, kind: string): Promise<{ id: string }[]> =>
  (await kobby.call('GET', path)).body.rows
    .filter((row: { kind: string }) => row.kind === kind)
    .map((row: { value: { id: string } }) => row.value)

it('a unit comes with the pieces that its circles name, of those that ship', async () => {
  const circles = (await rowsOf(UNIT, 'circle')) as unknown as Circle[]
  const named = new Set(circles.flatMap((one) => one.parts.map((part) => part.pieceId)))
  const { pieces } = (await kobby.call('GET', UNIT)).body as { pieces: Piece[] }
  expect(pieces.length).toBeGreaterThan(3)
  expect(pieces).toEqual(PIECES.filter((one) => named.has(one.id)))
})

describe('a circle', () => {
  it('is kept with its unit, her piece and what was sung with the home', async () => {
    expect((await put('piece', piece, null)).status).toBe(200)
    expect((await put('circle', circle, WIND)).status).toBe(200)
    expect((await put('circleLog', log, null)).status).toBe(200)
    expect(await rowsOf(UNIT, 'circle')).toContainEqual(circle)
    expect(await rowsOf('/api/v1/house', 'piece')).toEqual([piece])
    expect(await rowsOf('/api/v1/house', 'circleLog')).toContainEqual(log)
  })
  it('goes into the plan file and comes back; others get the circle and the piece, and nobody’s turn', async () => {
    const { body: file } = await kobby.call('GET', '/api/v1/plan-file')
    expect(file.circles).toContainEqual(circle)
    const { body } = await kobby.call('POST', '/api/v1/plan-files/preview', file)
    expect(body.entries.filter((one: { does: string }) => one.does !== 'same')).toEqual([])
    const { body: given } = await kobby.call('GET', `${UNIT}/plan-file`)
    expect(given.circles).toContainEqual({ ...circle, turns: [{ what: 'Rings the bell', childId: null }] })
    expect(given.pieces).toEqual([piece])
    expect(given.circleLogs).toEqual([])
    expect(JSON.stringify(given)).not.toContain('calla')
  })
  it.each([
    ['a part that is nothing', { parts: [{ ...circle.parts[0], pieceId: null }] }, 'pieceId'],
    ['a day that is none', { day: 0 }, 'day'],
    [
      'more than it can hold',
      { parts: Array.from({ length: 30 }, (_, i) => ({ ...circle.parts[0], id: `p${i}` })) },
      'parts',
    ],
    ['a count without a step', { parts: [{ ...circle.parts[0], range: { from: 5, to: 0, step: 0 } }] }, 'step'],
  ])('refuses %s at its field', async (_, over, field) => {
    const { status, body } = await put('circle', { ...circle, id: 'other', ...over }, WIND)
    expect(status).toBe(422)
    expect(body.errors.some((one: { field: string }) => one.field.includes(field))).toBe(true)
  })
  it.each([
    ['a link that is none', { link: 'somewhere' }, 'link'],
    ['a script as a link', { link: 'javascript:alert(1)' }, 'link'],
    ['a text of 100 KB', { text: 'la '.repeat(34_000) }, 'text'],
    ['lengths that cross', { minutes: { shortest: 5, planned: 2, longest: 3 } }, 'minutes'],
  ])('refuses %s of a piece at its field', async (_, over, field) => {
    const { status, body } = await put('piece', { ...piece, id: 'other', ...over }, null)
    expect(status).toBe(422)
    expect(body.errors.some((one: { field: string }) => one.field.includes(field))).toBe(true)
  })
  it('asks who is right where the same turn was taken on two screens', async () => {
    const { version } = await kobby.row('/api/v1/house', 'circleLog', log.id)
    const turn = (childId: string) => ({ ...log, turns: [{ what: 'Rings the bell', childId }] })
    const write = (childId: string) =>
      kobby.call(
        'POST',
        '/api/v1/changes',
        change(null, [{ op: 'put', kind: 'circleLog', base: version, value: turn(childId) } as never]),
      )
    expect((await write('juno')).status).toBe(200)
    const { status, body } = await write('oona')
    expect(status).toBe(409)
    expect(JSON.stringify(body)).toContain('juno')
    expect(await rowsOf('/api/v1/house', 'circleLog')).toContainEqual(turn('juno'))
  })
  it('is taken off, and what was sung stays', async () => {
    const { version } = await kobby.row(UNIT, 'circle', circle.id)
    const remove = { op: 'remove' as const, kind: 'circle' as const, id: circle.id, base: version }
    expect((await kobby.call('POST', '/api/v1/changes', change(WIND, [remove]))).status).toBe(200)
    expect((await rowsOf(UNIT, 'circle')).map((one) => one.id)).not.toContain(circle.id)
    expect((await rowsOf('/api/v1/house', 'circleLog')).map((one) => one.id)).toContain(log.id)
  })
})

describe('a book of the shelf', () => {
  const book: Book = {
    id: 'lent-book',
    title: 'A Ladder for the Goose',
    author: '',
    kind: 'story',
    from: 'older-toddler',
    minutes: 6,
    place: 'nook',
    lent: { from: 'the town library', until: '2026-03-12' },
    topics: ['goose'],
    note: '',
  }
  const reading: Circle = {
    ...circle,
    id: 'reading',
    day: 6,
    parts: [newCirclePart('r', { bookId: book.id })],
    turns: [],
  }
  it('is kept with the home, read in a circle, and given to others as one of their own', async () => {
    expect((await put('book', book, null)).status).toBe(200)
    expect((await put('circle', reading, WIND)).status).toBe(200)
    expect(await rowsOf('/api/v1/house', 'book')).toContainEqual(book)
    const { body: given } = await kobby.call('GET', `${UNIT}/plan-file`)
    expect(given.books.find((one: Book) => one.id === book.id)).toEqual({ ...book, lent: null })
    expect(given.books.map((one: Book) => one.id)).not.toContain('book-soup')
  })
  it('goes back by the calendar and by the sheet of its day', async () => {
    const { body: calendar } = await kobby.call('GET', `${UNIT}/calendar.ics`)
    expect(calendar).toContain('SUMMARY:Bring back: A Ladder for the Goose')
    expect(calendar).toContain('DTSTART;VALUE=DATE:20260312')
    const { body: share } = await kobby.call('POST', `${UNIT}/shares`, { day: 6, label: 'Iris', endsOn: '2026-03-20' })
    const { body } = await kobby.call('GET', `/api/v1/shared/${share.token}`)
    expect(body.sheet.reminders).toContain('Back to the town library: “A Ladder for the Goose”.')
    expect(body.sheet.circle.parts.map((one: { title: string }) => one.title)).toEqual([book.title])
  })
  it.each([
    ['no title', { title: ' ' }, 'title'],
    ['no minutes', { minutes: 0 }, 'minutes'],
    ['a date that is none', { lent: { from: 'the town library', until: 'soon' } }, 'lent'],
    ['more topics than anyone reads', { topics: Array.from({ length: 13 }, (_, i) => `t${i}`) }, 'topics'],
  ])('refuses %s at its field', async (_, over, field) => {
    const { status, body } = await put('book', { ...book, id: 'other-book', ...over }, null)
    expect(status).toBe(422)
    expect(body.errors.some((one: { field: string }) => one.field.includes(field))).toBe(true)
  })
})

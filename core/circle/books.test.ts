import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STAGES, type Book, type CircleLog, type Stage } from '../domain'
import { aHome } from '../testing/build'
import { bookOffers, bookReminders, isHereOn, lastRead, lentWords, notOnShelf, sharedTopics, tellingOf } from './books'

const book = (over: Partial<Book> = {}): Book => ({
  id: 'book',
  title: 'Nine Snails and a Ladder',
  author: '',
  kind: 'story',
  from: 'older-toddler',
  minutes: 6,
  place: 'nook',
  lent: null,
  topics: ['snail', 'ladder'],
  note: '',
  ...over,
})
const OLDER: Stage[] = ['older-toddler', 'preschool']
const way = (minutes: number, sitting: number | null, stages: Stage[] = OLDER, from: Stage = 'older-toddler') =>
  tellingOf(book({ minutes, from }), { sitting, stages }).way

describe('how a book is shared', () => {
  it('is as long as the youngest sit: whole, shorter from half of it on, else looked at', () => {
    expect([way(7, 7), way(7.5, 7), way(14, 7), way(15, 7)]).toEqual(['whole', 'shorter', 'shorter', 'looked'])
    expect([way(4, 4), way(8, 4), way(9, 4)]).toEqual(['whole', 'shorter', 'looked'])
  })
  it('is one step less where somebody is too young for it', () => {
    expect(way(3, 4, ['young-toddler', 'preschool'])).toBe('shorter')
    expect(way(8, 4, ['young-toddler', 'preschool'])).toBe('looked')
    expect(way(20, 4, ['young-toddler'])).toBe('looked')
  })
  it('is only looked at where nobody comes who sits', () => {
    const telling = tellingOf(book(), { sitting: null, stages: [] })
    expect(telling).toMatchObject({ way: 'looked', shortest: 1, longest: 5 })
    expect(telling.why).toBe('Nobody comes of whom sitting is expected.')
  })
  it('takes the minutes that go with it', () => {
    const listeners = { sitting: 7, stages: OLDER }
    expect(tellingOf(book({ minutes: 11 }), listeners)).toMatchObject({ shortest: 5.5, planned: 7, longest: 11 })
    expect(tellingOf(book({ minutes: 6 }), listeners)).toMatchObject({ shortest: 6, planned: 6, longest: 8 })
    expect(tellingOf(book({ minutes: 40 }), listeners)).toMatchObject({ shortest: 1, planned: 3, longest: 5 })
  })
  it('is as she says, with lengths that are lengths, whoever comes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 120 }),
        fc.option(fc.integer({ min: 1, max: 60 })),
        fc.constantFrom(...STAGES),
        fc.constantFrom('whole' as const, 'shorter' as const, 'looked' as const, null),
        (minutes, sitting, from, asked) => {
          const telling = tellingOf(book({ minutes, from }), { sitting, stages: ['young-toddler'] }, asked)
          if (asked) expect(telling.way).toBe(asked)
          expect(telling.shortest).toBeGreaterThan(0)
          expect(telling.shortest).toBeLessThanOrEqual(telling.planned)
          expect(telling.planned).toBeLessThanOrEqual(telling.longest)
          expect(telling.way === 'looked' || telling.longest >= minutes).toBe(true)
        },
      ),
    )
  })
})

describe('a lent book', () => {
  const lent = (until: string, from = 'the town library') => book({ lent: { from, until } })
  it('says when it goes back', () => {
    expect(lentWords(lent('2026-03-16'), '2026-03-10')).toBe('Goes back to the town library on Mon 16, in 6 days')
    expect(lentWords(lent('2026-03-10'), '2026-03-10')).toBe('Goes back to the town library today')
    expect(lentWords(lent('2026-03-09'), '2026-03-10')).toBe('Should have gone back to the town library on Mon 9')
    expect(lentWords(book(), '2026-03-10')).toBe('')
    expect([isHereOn(lent('2026-03-10'), '2026-03-10'), isHereOn(lent('2026-03-10'), '2026-03-11')]).toEqual([
      true,
      false,
    ])
  })
  it('is on the sheet of the last open day before it goes back, and stays there while it is overdue', () => {
    const home = aHome()
    // 2026-03-15 is a Sunday: it is said on Friday.
    const sunday = [
      { ...lent('2026-03-15'), title: 'A' },
      { ...lent('2026-03-14'), title: 'B' },
    ]
    expect(bookReminders(sunday, home, '2026-03-12')).toEqual([])
    expect(bookReminders(sunday, home, '2026-03-13')).toEqual(['Back to the town library: “A” and “B”.'])
    expect(bookReminders(sunday, home, '2026-03-16')).toEqual(['Overdue, back to the town library: “A” and “B”.'])
    expect(bookReminders([lent('2026-03-12', 'a friend'), book()], home, '2026-03-12')).toEqual([
      'Back to a friend: “Nine Snails and a Ladder”.',
    ])
  })
})

describe('books for a day', () => {
  const unit = { name: 'In the garden', words: ['slow'], objects: [{ name: 'snail' }, { name: 'worm' }], books: [] }
  const log = (bookId: string, date: string): CircleLog => ({
    id: date,
    date,
    unit: '',
    parts: [{ pieceId: null, bookId, title: 'x', kind: 'story', minutes: 4, again: false }],
    turns: [],
    took: {},
  })
  const offers = (books: Book[], logs: CircleLog[] = []) =>
    bookOffers(books, { date: '2026-03-10', unit, listeners: { sitting: 7, stages: OLDER }, logs })
  it('are those that fit the theme first, with the reasons', () => {
    const found = offers([book({ id: 'far', topics: ['boat'] }), book({ id: 'near' })])
    expect(found.map((one) => [one.book.id, one.fits])).toEqual([
      ['near', true],
      ['far', false],
    ])
    expect(found[0].why).toEqual(['About snail', 'For these kids read whole'])
    expect(sharedTopics(book({ topics: ['worm', 'garden', 'boat'] }), unit)).toEqual(['worm', 'garden'])
  })
  it('are those that she named for the unit before all others', () => {
    const named = { ...unit, books: ['puff, says the door', 'Nobody Has It'] }
    const puff = book({ id: 'puff', title: 'Puff, Says the Door', topics: [] })
    const found = bookOffers([book(), puff], {
      date: '2026-03-10',
      unit: named,
      listeners: { sitting: 7, stages: OLDER },
      logs: [],
    })
    expect([found[0].book.id, found[0].fits, found[0].why[0]]).toEqual(['puff', true, 'On the list of the unit'])
    expect(notOnShelf(named, [puff])).toEqual(['Nobody Has It'])
  })
  it('were not read lately, and are still here', () => {
    const [yesterday] = offers([book()], [log('book', '2026-03-09')])
    expect([yesterday.fits, yesterday.why[2]]).toEqual([false, 'Last on Mon 9'])
    expect(offers([book()], [log('book', '2026-03-02')])[0].fits).toBe(true)
    expect(offers([book({ lent: { from: 'a friend', until: '2026-03-09' } })])).toEqual([])
    expect(lastRead('book', [log('book', '2026-03-10')], '2026-03-10')).toBeNull()
  })
})

import { describe, expect, it } from 'vitest'
import { newCirclePart, newThemeObject, type Circle, type CircleLog, type Stage } from '../domain'
import { PIECES } from '../library/repertoire'
import { byId } from '../base'
import { fitCircle } from './fit'
import { closes, opens } from './items'
import { fillCircle, partsOn, suits, turnWords, versesFor, type FillContext } from './plan'

const MIXED: Stage[] = ['young-toddler', 'older-toddler', 'preschool', 'preschool']
const context = (over: Partial<FillContext> = {}): FillContext => ({
  date: '2026-03-10',
  window: 20,
  stages: MIXED,
  objects: [newThemeObject('kite'), newThemeObject('feather')],
  logs: [],
  opening: [],
  ...over,
})
const fill = (over: Partial<FillContext> = {}) => fillCircle(PIECES, context(over)).map((one) => one.piece)
const sung = (pieceId: string, date: string, again = false): CircleLog => ({
  id: `${pieceId} ${date}`,
  date,
  unit: '',
  parts: [{ pieceId, bookId: null, title: pieceId, kind: 'rhyme', minutes: 3, again }],
  turns: [],
  took: {},
})

describe('filling a circle', () => {
  it.each([3, 8, 13, 20, 40, 120])('fits a window of %i minutes, opening first and closing last', (window) => {
    const pieces = fill({ window })
    const items = pieces.map((one) => ({ ...one, ...one.minutes }))
    expect(fitCircle(items, window).over).toBe(0)
    const rank = pieces.map(({ kind }) => (opens(kind) ? 0 : closes(kind) ? 2 : 1))
    expect(rank).toEqual([...rank].sort((a, b) => a - b))
    expect(new Set(pieces).size).toBe(pieces.length)
  })
  it('counts the number of the unit, in figures or in words, as far as hands go', () => {
    const counting = (number: string) =>
      fillCircle(PIECES, context({ focus: { letter: 'K', number } }))
        .filter((one) => one.range)
        .map((one) => Math.max(one.range!.from, one.range!.to))
    expect(new Set([...counting('7'), ...counting('seven')])).toEqual(new Set([7]))
    expect([...counting('40'), ...counting('one'), ...counting('a few')]).toEqual([])
    const [kite] = [
      suits(
        PIECES.find((one) => one.id === 'on-the-hill')!,
        context({ focus: { letter: 'K', number: '7' } }),
      )!,
    ]
    expect(kite.why).toEqual(
      expect.arrayContaining(['Counts 7 kites: the number of the unit', 'With K, the letter of the unit']),
    )
  })
  it('has nothing for no time at all', () => expect(fill({ window: 0 })).toEqual([]))
  it('takes what most of those who come take part in, babies alone included', () => {
    for (const piece of fill({ stages: ['infant'] })) expect(piece.from).toBe('infant')
    expect(fill({ stages: [] }).length).toBeGreaterThan(3)
  })
  it('counts the things of the theme, and says why', () => {
    const rhyme = fillCircle(PIECES, context()).find(({ piece }) => piece.kind === 'rhyme')!
    expect(rhyme.why).toContain('Counts kites')
    const hill = PIECES.find((one) => one.id === 'on-the-hill')!
    expect(suits(hill, context())!.why[0]).toBe('For 3 of 4 kids')
  })
  it('prefers what they asked for again, and what was not sung for long', () => {
    const hill = PIECES.find((one) => one.id === 'on-the-hill')!
    const score = (logs: CircleLog[]) => suits(hill, context({ logs }))!.score
    expect(score([sung('on-the-hill', '2026-03-09', true)])).toBeGreaterThan(score([sung('on-the-hill', '2026-03-09')]))
    expect(score([sung('on-the-hill', '2026-01-09')])).toBeGreaterThan(score([sung('on-the-hill', '2026-03-09')]))
    expect(suits(hill, context({ logs: [sung('on-the-hill', '2026-01-09')] }))!.why).toContain(
      'Not since January 9, 2026',
    )
    // What is sung later does not count today.
    expect(score([sung('on-the-hill', '2026-03-11', true)])).toBe(score([]))
  })
  it('keeps the opening of the week where there is one', () => {
    const greet = (opening: string[], date: string) => fill({ opening, date }).find((one) => one.kind === 'greet')!.id
    for (const date of ['2026-03-10', '2026-03-11', '2026-03-12'])
      expect(greet(['pass-the-smile'], date)).toBe('pass-the-smile')
  })
  it('proposes the same for the same day, and takes turns over the days', () => {
    expect(fill()).toEqual(fill())
    const days = Array.from({ length: 10 }, (_, i) =>
      fill({ date: `2026-03-${10 + i}` })
        .map((one) => one.id)
        .join(),
    )
    expect(new Set(days).size).toBeGreaterThan(5)
  })
})

describe('parts of a circle', () => {
  const part = (over: Partial<Circle['parts'][number]>): Circle['parts'][number] => ({
    ...newCirclePart('p', { pieceId: 'on-the-hill' }),
    ...over,
  })
  const on = (over: Partial<Circle['parts'][number]>) =>
    partsOn({ parts: [part(over)] }, byId(PIECES), (piece) => piece.title)[0]
  it('are as long as their verses: twelve by twos as six, three as half', () => {
    // Six counts as usual: 2, 3 and 5 minutes.
    expect(on({}).item).toMatchObject({ shortest: 2, planned: 3, longest: 5 })
    expect(on({ range: { from: 2, to: 0, step: 1 } }).item).toMatchObject({ shortest: 1.5, planned: 1.5, longest: 2.5 })
    expect(on({ minutes: 4 }).item).toMatchObject({ shortest: 4, planned: 4, longest: 4 })
  })
  it('can be her own line, and are left out where the piece is gone', () => {
    const own = { title: 'Why does it fly?', kind: 'talk' as const, minutes: 3, seated: true, energy: 0 }
    expect(on({ pieceId: null, own })).toMatchObject({ title: 'Why does it fly?', piece: null, item: { planned: 3 } })
    expect(on({ pieceId: 'gone' })).toBeUndefined()
  })
  it('name the thing that she chose first', () => {
    const hill = PIECES.find((one) => one.id === 'on-the-hill')!
    const objects = [newThemeObject('kite'), newThemeObject('feather')]
    expect(versesFor(part({ thing: 'feather' }), hill, objects)[0].lines[0]).toBe(
      'Five small feathers in a row on the hill,',
    )
  })
  it('say whose turn it is and why', () => {
    expect([
      turnWords('Tamsin', 0, null),
      turnWords('Tamsin', 1, '2026-03-09'),
      turnWords('Tamsin', 0, '2026-01-09'),
    ]).toEqual([
      'Tamsin has not had it yet',
      'Tamsin had it least: once in the last 30 program days',
      'Tamsin had it last on January 9, 2026',
    ])
  })
})

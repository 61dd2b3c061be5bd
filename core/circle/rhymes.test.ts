import { syllable } from 'syllable'
import { describe, expect, it } from 'vitest'
import { PIECES } from '../library/repertoire'
import { countsOf, fingersFor, pieceTitle, rhymeThing, versesOf } from './rhymes'

const piece = (id: string) => PIECES.find((one) => one.id === id)!
const kite = rhymeThing({ name: 'kite' })
const says = (id: string, range?: Parameters<typeof versesOf>[1]) => versesOf(piece(id), { things: [kite], ...range })

describe('counting', () => {
  it('goes down from 5 by 1: five verses and an end, on one hand', () => {
    const verses = says('on-the-hill')
    expect(verses.map((one) => one.count)).toEqual([5, 4, 3, 2, 1, 0])
    expect(verses[0].lines[0]).toBe('Five little kites in a row on the hill,')
    expect(verses[4].lines[0]).toBe('One little kite in a row on the hill,')
    expect(verses[5].lines[0]).toBe('No more little kites in a row on the hill.')
    expect(verses[0].ask).toBe('How many are left?')
    expect(fingersFor(5)).toBe('one hand')
  })
  it('goes down from 12 by 2: six verses and an end, with twelve props', () => {
    const verses = says('standing-in-twos', { range: { from: 12, to: 0, step: 2 } })
    expect(verses.map((one) => one.count)).toEqual([12, 10, 8, 6, 4, 2, 0])
    expect([fingersFor(12), fingersFor(10), fingersFor(6)]).toEqual(['props', 'both hands', 'both hands'])
  })
  it('goes up to 4: four verses, the last with its own end', () => {
    const verses = says('having-some-fun', { range: { from: 1, to: 4, step: 1 } })
    expect(verses.map((one) => one.count)).toEqual([1, 2, 3, 4])
    expect(verses[2].lines.join(' ')).toContain('come and play with me')
    expect(verses[3].lines.join(' ')).not.toContain('come and play with me')
    expect(verses[3].lines).toHaveLength(4)
  })
  it('goes there and back, and turns in between', () => {
    const verses = says('up-the-steep-hill', { range: { from: 1, to: 3, step: 1 } })
    expect(verses.map((one) => one.count)).toEqual([1, 2, 3, 3, 3, 2, 1, 0])
  })
  it('ends where it is told to, with a shorter last step where the step does not divide it', () => {
    expect(countsOf({ from: 5, to: 0, step: 2 })).toEqual([5, 3, 1, 0])
    expect(countsOf({ from: 2, to: 7, step: 5 })).toEqual([2, 7])
  })
  it.each([
    [{ from: 3, to: 3, step: 1 }, 'to'],
    [{ from: 5, to: 0, step: 0 }, 'step'],
    [{ from: 1000, to: 0, step: 1 }, 'from'],
    [{ from: 0, to: 1000, step: 1 }, 'to'],
    [{ from: 2.5, to: 0, step: 1 }, 'from'],
    [{ from: 0, to: 5, step: 1 }, 'to'],
  ])('says at the field what cannot be counted: %j', (range, field) => {
    expect(() => says('on-the-hill', { range })).toThrow(
      expect.objectContaining({ faults: [expect.objectContaining({ field })] }),
    )
  })
  it('counts friends in a unit without things, and one that is both one and many', () => {
    expect(versesOf(piece('on-the-hill'))[0].lines[0]).toBe(
      'Five small friends in a row on the hill,'.replace('small', 'little'),
    )
    const sheep = rhymeThing({ name: 'sheep' })
    expect(versesOf(piece('on-the-hill'), { things: [sheep] })[0].lines[0]).toContain('Five little sheep')
    expect(pieceTitle(piece('on-the-hill'), kite)).toBe('Five on the hill')
  })
})

describe('rhymes over all things of the theme', () => {
  const pond = [
    rhymeThing({ name: 'frog', moves: 'hops', lives: 'the pond' }),
    rhymeThing({ name: 'snail', moves: 'creeps', lives: 'the garden' }),
    rhymeThing({ name: 'stone' }),
  ]
  it('have a verse for each of which enough is known', () => {
    const verses = versesOf(piece('can-you-do-it-too'), { things: pond })
    expect(verses.map((one) => one.lines[0])).toEqual([
      'Here is the way that a little frog will go.',
      'Here is the way that a little snail will go.',
      'Now shake it out, and come back to your place.',
    ])
    expect(verses[0].lines[1]).toBe('It hops very fast, and it hops very slow.')
    expect(versesOf(piece('who-can-it-be'), { things: pond.slice(2) })).toEqual([])
  })
  it('say one thing more each time', () => {
    const lines = versesOf(piece('i-packed-my-bag'), { things: pond }).map((one) => one.lines[1])
    expect(lines[2]).toBe('I took a frog, a snail and a stone, all for the sake')
  })
  it('go from place to place with one thing', () => {
    const verses = versesOf(piece('on-my-toe'), { things: pond })
    expect(verses.map((one) => one.lines[0])[4]).toBe('There’s a little frog sitting on my head.')
  })
})

/** Things whose many have one, two and three syllables. */
const LONG = ['kite', 'feather', 'butterfly'].map((name) => rhymeThing({ name }))
const beats = (line: string) => syllable(line.replace(/[’']/g, ''))

describe('the beat', () => {
  it('is counted by the package as one counts aloud', () => {
    expect(LONG.map((thing) => syllable(thing.many))).toEqual([1, 2, 3])
    expect(beats('Five little kites in a row on the hill,')).toBe(10)
  })
  it.each(PIECES.filter((one) => ['down', 'up', 'back'].includes(one.form)).map((one) => one.id))(
    '%s has it for things of one, two and three syllables, and for each number up to five',
    (id) => {
      const own = piece(id)
      const range = own.form === 'down' ? { from: 5, to: 0, step: 1 } : { from: 1, to: 5, step: 1 }
      const all = LONG.map((thing) => versesOf(own, { things: [thing], range }))
      const lines = (own.form === 'up' ? all.map((verses) => verses.slice(0, -1)) : all).map((verses) =>
        verses.filter((one) => one.lines.length === own.text.split('\n').length && one.ask),
      )
      own.text.split('\n').forEach((_, at) => {
        const counts = lines.flatMap((verses) => verses.map((one) => beats(one.lines[at])))
        expect(
          Math.max(...counts) - Math.min(...counts),
          `${id}, line ${at + 1}: ${counts.join(' ')}`,
        ).toBeLessThanOrEqual(1)
      })
      // Lines that rhyme with each other are about as long as each other.
      const [first] = lines[0]
      for (let at = 0; at + 1 < first.lines.length; at += 2)
        expect(
          Math.abs(beats(first.lines[at]) - beats(first.lines[at + 1])),
          `${id}, ${first.lines[at]}`,
        ).toBeLessThanOrEqual(2)
    },
  )
  it.each(
    PIECES.filter(
      (one) => one.kind === 'rhyme' && (one.form === 'each' || one.form === 'text') && /\{a/.test(one.text),
    ).map((one) => one.id),
  )('%s has it whatever is named in it', (id) => {
    const [first, ...others] = LONG.map((thing) => {
      const known = { ...thing, moves: 'hops', lives: 'the pond' }
      return versesOf(piece(id), { things: [known] }).map(({ lines }) => lines.map(beats))
    })
    for (const other of others)
      other.forEach((lines, i) =>
        lines.forEach((count, j) => expect(Math.abs(count - first[i][j])).toBeLessThanOrEqual(1)),
      )
  })
})

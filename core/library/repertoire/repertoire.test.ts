import { describe, expect, it } from 'vitest'
import { Piece, type PieceKind } from '../../domain'
import { newThemeObject } from '../../domain'
import { rhymeThing, versesOf } from '../../circle'
import { PIECES } from '.'

const count = (kind: PieceKind) => PIECES.filter((one) => one.kind === kind).length
const things = ['frog', 'butterfly', 'cart'].map((name) =>
  rhymeThing({ ...newThemeObject(name), moves: 'hops', lives: 'the pond' }),
)

describe('the repertoire that ships', () => {
  it('has enough of each kind to choose from', () => {
    expect(count('gather')).toBeGreaterThanOrEqual(15)
    expect(count('greet') + count('goodbye')).toBeGreaterThanOrEqual(15)
    expect(PIECES.filter((one) => one.kind === 'rhyme' && !one.tune).length).toBeGreaterThanOrEqual(24)
    expect(PIECES.filter((one) => one.tune && one.kind === 'rhyme').length).toBeGreaterThanOrEqual(12)
    expect(count('finger-play')).toBeGreaterThanOrEqual(20)
    expect(count('movement') + count('game')).toBeGreaterThanOrEqual(26)
    expect(count('calm')).toBeGreaterThanOrEqual(14)
    expect(count('story')).toBeGreaterThanOrEqual(8)
    expect(count('waiting')).toBeGreaterThanOrEqual(10)
    expect(count('transition')).toBeGreaterThanOrEqual(10)
  })
  it('names each once, and says no line twice', () => {
    expect(new Set(PIECES.map((one) => one.id)).size).toBe(PIECES.length)
    const lines = PIECES.flatMap((one) => new Set(one.text.split('\n').filter((line) => line.split(' ').length > 4)))
    const twice = lines.filter((line, i) => lines.indexOf(line) !== i)
    expect(twice).toEqual([])
  })
  it.each(PIECES.map((one) => [one.id, one] as const))('%s is whole', (_, one) => {
    expect(Piece.parse(one)).toEqual(one)
    expect([one.moves, one.shorten, one.goOn].every(Boolean)).toBe(true)
    expect(one.teaches.length).toBeGreaterThan(0)
    const verses = versesOf(one, { things })
    expect(verses.length).toBeGreaterThan(0)
    for (const verse of verses) {
      expect(verse.lines.length).toBeGreaterThan(0)
      // Every slot is filled, and every line begins as one writes it.
      for (const line of verse.lines) expect(line).not.toMatch(/[{}]|undefined|^[a-z]|\s{2}/)
    }
  })
  it.each(PIECES.filter((one) => one.kind === 'finger-play').map((one) => [one.id, one] as const))(
    '%s has the moves of each verse beside it',
    (_, one) => {
      const verses = one.text.split(/\n\n/)
      expect(one.moves.split('\n')).toHaveLength(verses.length)
      expect(new Set(versesOf(one).map((verse) => verse.moves)).size).toBe(verses.length)
    },
  )
})

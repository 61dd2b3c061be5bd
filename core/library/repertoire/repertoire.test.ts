import { describe, expect, it } from 'vitest'
import { Piece, type PieceKind } from '../../domain'
import { newThemeObject } from '../../domain'
import { rhymeThing, versesOf } from '../../circle'
import { syllable } from 'syllable'
import { MATERIALS } from '../materials'
import { pictureOf } from '../pictures'
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
  it('takes only what the library of materials has, and has a drawing of every figure', () => {
    const known = new Set(MATERIALS.map((one) => one.id))
    expect(PIECES.flatMap((one) => one.takes.map((take) => take.materialId)).filter((id) => !known.has(id))).toEqual([])
    expect(PIECES.flatMap((one) => one.figures).filter((name) => !pictureOf(name))).toEqual([])
    const stories = PIECES.filter((one) => one.kind === 'story')
    expect(stories.filter((one) => !one.figures.length)).toEqual([])
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

/**
 * Notes of each line of a tune that belongs to everyone, as its first words are sung; a tune of fewer lines than a verse
 * begins anew.
 */
const TUNES: Record<string, readonly number[]> = {
  'The Mulberry Bush': [9, 10, 9, 7],
  'Twinkle, Twinkle, Little Star': [7],
  'My Bonnie Lies over the Ocean': [9, 8],
  'London Bridge': [7, 6, 7, 4],
  'Skip to My Lou': [8, 8, 8, 7],
  'Are You Sleeping?': [8, 6, 12, 6],
  'Pop Goes the Weasel': [7, 7, 8, 5],
  'Hickory Dickory Dock': [7, 6, 8, 7],
  'Row, Row, Row Your Boat': [5, 5, 12, 5],
  'Yankee Doodle': [7],
  'This Old Man': [6, 7, 12, 7],
  'Hot Cross Buns': [3, 3, 8, 3],
}
/** The package hears three syllables in “goodbye”, which has as many as “hello”. */
const beats = (line: string) => syllable(line.replace(/[’']/g, '').replace(/goodbye/gi, 'hello'))

describe('the beat of what ships', () => {
  it.each(PIECES.filter((one) => one.tune).map((one) => [one.id, one] as const))('%s fits its tune note by note', (_, one) => {
    const notes = TUNES[one.tune]
    for (const { lines } of versesOf(one))
      expect(lines.map(beats), one.tune).toEqual(lines.map((_line, i) => notes[i % notes.length]))
  })
  it.each(PIECES.filter((one) => one.kind === 'finger-play').map((one) => [one.id, one] as const))(
    '%s has lines of one length',
    (_, one) => {
      const all = versesOf(one).flatMap(({ lines }) => lines.map(beats))
      expect(Math.max(...all) - Math.min(...all), all.join(' ')).toBeLessThanOrEqual(2)
    },
  )
  it.each(
    PIECES.filter((one) => (one.kind === 'greet' || one.kind === 'goodbye') && !one.tune).map((one) => [one.id, one] as const),
  )('%s has lines of about one length', (_, one) => {
    for (const { lines } of versesOf(one)) {
      const all = lines.map(beats)
      expect(Math.max(...all) - Math.min(...all), all.join(' ')).toBeLessThanOrEqual(2)
    }
  })
})

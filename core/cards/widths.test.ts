import { createRequire } from 'node:module'
import fc from 'fast-check'
import * as fontkit from 'fontkit'
import { describe, expect, it } from 'vitest'
import { CAP, fitText, inSecondFile, LEAST_TEXT, LINE, linesOf, lettersMissing, textWidth, type Weight } from './widths'

const { resolve } = createRequire(import.meta.url)
const file = (part: string, weight: Weight) =>
  fontkit.openSync(
    resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${part}-${weight}-normal.woff`),
  ) as fontkit.Font
const WEIGHTS = [400, 700] as const

describe('the widths of letters', () => {
  it.each(WEIGHTS)('are those of the font that ships, at weight %i', (weight) => {
    const [first, second] = [file('latin', weight), file('latin-ext', weight)]
    let compared = 0
    for (const font of [first, second])
      for (const code of font.characterSet) {
        const letter = String.fromCodePoint(code)
        if (!letter.trim() || lettersMissing(letter).length || letter !== letter.normalize('NFC')) continue
        if (inSecondFile(letter) !== (font === second)) continue
        expect([letter, textWidth(letter, 1000, weight)]).toEqual([letter, font.glyphForCodePoint(code).advanceWidth])
        compared++
      }
    expect(compared).toBeGreaterThan(280)
    expect(first.capHeight / 1000).toBeCloseTo(CAP, 3)
  })
  it('add up to the width of a word', () => {
    expect(textWidth('kite', 10)).toBeCloseTo(
      [...'kite'].reduce((sum, letter) => sum + textWidth(letter, 10), 0),
      9,
    )
    expect(textWidth('kite', 20, 700)).toBeCloseTo(2 * textWidth('kite', 10, 700), 9)
  })
  it('name the letters that the font lacks, each once', () => {
    expect(lettersMissing('Zoë, Łukasz')).toEqual([])
    expect(lettersMissing('Мила и Мира')).toEqual(['М', 'и', 'л', 'а', 'р'])
  })
})

const word = fc.string({ minLength: 1, maxLength: 80 }).filter((text) => Boolean(text.trim()))
describe('text in a box', () => {
  it('is never wider than its box, whatever is written', () => {
    fc.assert(
      fc.property(
        word,
        fc.double({ min: 12, max: 190, noNaN: true }),
        fc.double({ min: 6, max: 80, noNaN: true }),
        (text, width, height) => {
          const { size, lines } = fitText(text, { width, height }, 12, 700)
          for (const line of lines) expect(textWidth(line, size, 700)).toBeLessThanOrEqual(width + 1e-6)
          // All of it is there, and in its order.
          expect(lines.join('').replace(/\s/g, '')).toBe(text.replace(/\s/g, ''))
          if (size > LEAST_TEXT) expect(lines.length * size * LINE).toBeLessThanOrEqual(height + 1e-6)
        },
      ),
    )
  })
  it('breaks a name of 80 letters, and leaves none out', () => {
    const name = 'Bartholomew'.repeat(8).slice(0, 80)
    const { size, lines } = fitText(name, { width: 52, height: 20 }, 9, 700)
    expect(lines.join('')).toBe(name)
    expect(size).toBeGreaterThanOrEqual(LEAST_TEXT)
    expect(lines.length * size * LINE).toBeLessThanOrEqual(20)
  })
  it('keeps words whole where they fit', () => {
    expect(linesOf('a paper boat', 30, 6)).toEqual(['a paper', 'boat'])
    expect(linesOf('', 30, 6)).toEqual([])
  })
})

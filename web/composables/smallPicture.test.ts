import { describe, expect, it } from 'vitest'
import { pictureType, scaleTo } from './smallPicture'

const bytes = (...start: number[]) => new Uint8Array(start)
const text = (start: string) => new TextEncoder().encode(start)

describe('what a file is', () => {
  it('is told by how it begins', () => {
    expect(pictureType(bytes(0x89, 0x50, 0x4e, 0x47, 0x0d))).toBe('image/png')
    expect(pictureType(bytes(0xff, 0xd8, 0xff, 0xe1))).toBe('image/jpeg')
    for (const start of [
      '<svg xmlns="…">',
      '<?xml version="1.0"?>\n<svg>',
      '<?xml version="1.0"?><!-- drawn --><!DOCTYPE svg>\n  <svg\n',
    ])
      expect(pictureType(text(start)), start).toBe('image/svg+xml')
  })
  it('is nothing that is taken where it begins otherwise, whatever it is called', () => {
    for (const start of ['', 'GIF89a', '<html><svg>', '%PDF-1.7', 'RIFF', '<svgx>'])
      expect(pictureType(text(start)), start).toBeNull()
  })
})

it('a picture is made smaller by its longer side, never larger', () => {
  expect([scaleTo(4000, 1000, 480), scaleTo(100, 960, 480), scaleTo(20, 10, 480), scaleTo(0, 0, 480)]).toEqual([
    0.12, 0.5, 1, 1,
  ])
})

import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { askedAhead } from './ahead'

const root = mkdtempSync(join(tmpdir(), 'kobby-ahead-'))
writeFileSync(
  join(root, 'chunks.json'),
  JSON.stringify({
    index: ['/assets/index-0.js', '/assets/ground-0.js'],
    unitHeart: ['/assets/heart-1.js', '/assets/ground-0.js'],
    LayOutView: ['/assets/LayOutView-2.js', '/assets/LayOutView-3.css', '/assets/heart-1.js', '/assets/index-0.js'],
    SparkView: ['/assets/SparkView-4.js'],
  }),
)
afterAll(() => rmSync(root, { recursive: true, force: true }))

const ahead = askedAhead(root)
const addresses = (path: string) => ahead(path).map((line) => /^<([^>]+)>/.exec(line)![1])

describe('what a page asks for ahead', () => {
  it('is the home, and no library for the list of units, which shows nothing of it', () => {
    for (const path of ['/', '/units']) {
      expect(addresses(path)).toEqual([
        '/api/v1/session',
        '/api/v1/house?part=home',
        '/api/v1/units',
        '/api/v1/changes/steps',
      ])
    }
  })
  it('is the library too for any other view', () => {
    expect(addresses('/pantry')).toEqual([...addresses('/units'), '/api/v1/house?part=library'])
    expect(addresses('/units/kites/circle/4')).toEqual(addresses('/pantry'))
  })
  it('is the unit and the files of its view for a step of a unit, each once and none that the page names', () => {
    expect(addresses('/units/kites/lay-out')).toEqual([
      ...addresses('/units'),
      '/assets/heart-1.js',
      '/assets/LayOutView-2.js',
      '/assets/LayOutView-3.css',
      '/api/v1/units/kites',
      '/api/v1/house?part=library',
    ])
    expect(addresses('/units/kites/spark')).toContain('/assets/SparkView-4.js')
    // A view without a file of its name is fetched when the page asks for it.
    expect(addresses('/units/kites/notes')).toContain('/assets/heart-1.js')
  })
  it('is only what the server answers itself, while the interface is still being written', () => {
    const lines = askedAhead(join(root, 'nowhere'))('/units/kites/lay-out')
    expect(lines.some((line) => line.startsWith('</assets/'))).toBe(false)
    expect(lines).toContain('</api/v1/units/kites>; rel=preload; as=fetch; crossorigin')
  })
  it('says of each how it is fetched', () => {
    const lines = ahead('/units/kites/lay-out')
    expect(lines).toContain('</assets/heart-1.js>; rel=modulepreload')
    expect(lines).toContain('</assets/LayOutView-3.css>; rel=preload; as=style; crossorigin')
    expect(lines).toContain('</api/v1/units/kites>; rel=preload; as=fetch; crossorigin')
  })
})

import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { drawings, outlineOf, OWN } from './drawings'

const own = readdirSync(OWN)
const all = drawings()

describe('our own drawings', () => {
  it('are two hundred and more, named as they are served', () => {
    expect(own.length).toBeGreaterThan(200)
    for (const file of own) expect(file).toMatch(/^[a-z]+(-[a-z]+)*\.svg$/)
  })
  it.each(own)('%s is made of plain shapes within its frame, and brings nothing else', (file) => {
    const svg = readFileSync(`${OWN}/${file}`, 'utf8')
    expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" viewBox="0 0 32 32">/)
    const tags = [...svg.matchAll(/<([a-z]+)/g)].map(([, tag]) => tag)
    expect(tags.filter((tag) => !['svg', 'path', 'circle', 'ellipse', 'rect'].includes(tag))).toEqual([])
    expect(tags.length).toBeGreaterThan(1)
    expect(svg).not.toMatch(/NaN|undefined|url\(|href|style=|on[a-z]+=/)
    // A shape may reach a little over the edge, as in a picture that is cut: none lies outside.
    for (const [, x, y] of svg.matchAll(/c?x="(-?[\d.]+)" c?y="(-?[\d.]+)"/g))
      expect([Number(x) > -8 && Number(x) < 40, Number(y) > -8 && Number(y) < 40]).toEqual([true, true])
  })
})

describe('a drawing to color in', () => {
  const tag = (svg: string, name: string) => [...svg.matchAll(new RegExp(`<${name}\\b[^>]*>`, 'g'))].map(([one]) => one)
  it('has every shape of the colored one, white with an edge', () => {
    const colored =
      '<svg viewBox="0 0 32 32"><circle cx="1" cy="2" r="3" fill="#f00"/><path d="M0 0h9z" fill="#212121"/></svg>'
    const outline = outlineOf(colored)
    expect(tag(outline, 'circle')).toEqual(['<circle cx="1" cy="2" r="3" fill="#fff"/>'])
    expect(tag(outline, 'path')).toEqual(['<path d="M0 0h9z" fill="#212121"/>'])
  })
  it('makes a band of a thick line, and leaves a thin one a line', () => {
    const line = (width: number) =>
      outlineOf(`<svg><path d="M0 0h9" fill="none" stroke="#f00" stroke-width="${width}"/></svg>`)
    expect(tag(line(4), 'path').map((one) => /stroke="([^"]*)" stroke-width="([^"]*)"/.exec(one)!.slice(1))).toEqual([
      ['#212121', '4'],
      ['#fff', '2.60'],
    ])
    expect(tag(line(1), 'path')).toHaveLength(1)
  })
  it('is there for each of them, without a color', () => {
    for (const [name, svg] of all) {
      const colors = new Set([...outlineOf(svg).matchAll(/(?:fill|stroke)="([^"]*)"/g)].map(([, one]) => one))
      expect([name, [...colors].filter((one) => !['none', '#fff', '#212121'].includes(one))]).toEqual([name, []])
    }
  })
})

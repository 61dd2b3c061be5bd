import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { coloursOf } from '../web/theme/coloursOf'

const css = readFileSync(new URL('../web/theme/colours.css', import.meta.url), 'utf8')

describe('the colors of the look', () => {
  it('are read of each look by their names', () => {
    const sheet =
      ":root {\n  --linen: #f5efe3;\n  --on-spruce: #fffdf8;\n}\n:root[data-theme='dark'] {\n  --linen: #1e2423;\n}\n"
    expect(coloursOf(sheet, 'light')).toEqual({ linen: '#f5efe3', 'on-spruce': '#fffdf8' })
    expect(coloursOf(sheet, 'dark')).toEqual({ linen: '#1e2423' })
  })
  it('say which look is missing', () => {
    expect(() => coloursOf(':root { --linen: #fff }', 'dark')).toThrow('no dark look')
  })
  it('are the same ones in both looks', () => {
    expect(Object.keys(coloursOf(css, 'dark'))).toEqual(Object.keys(coloursOf(css, 'light')))
  })
  it('are what the bar of a phone has before a style is read', () => {
    for (const page of ['index.html', 'link.html']) {
      const html = readFileSync(new URL(`../web/${page}`, import.meta.url), 'utf8')
      const bars = [...html.matchAll(/name="theme-color" content="([^"]+)"/g)].map(([, colour]) => colour.toLowerCase())
      expect(bars).toEqual([coloursOf(css, 'light').linen, coloursOf(css, 'dark').linen])
    }
  })
})

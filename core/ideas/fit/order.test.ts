import { describe, expect, it } from 'vitest'
import { aMaterial, anActivity } from '../../testing/build'
import { byId } from '../../base'
import { aboutTheme, themeOf } from '../theme'
import { newThemeObject } from '../../domain'
import type { Fit } from './fit'
import { inOrder } from './order'

const idea = (id: string, title: string, over = {}) => anActivity({ id, title, ...over })
const fit = (activity: ReturnType<typeof idea>, over: Partial<Fit>): Fit => ({
  activity,
  parts: [],
  everyone: false,
  get: { materials: [], cost: 0 },
  lead: 0,
  ...over,
})
const [zebra, bread, apple] = [idea('z', 'Zebra lines'), idea('b', 'Bread in the sun'), idea('a', 'Apple stars')]
const fits = new Map([
  [zebra, fit(zebra, { everyone: true, lead: 5, get: { materials: [], cost: 400 } })],
  [bread, fit(bread, { lead: 60, get: { materials: [], cost: 0 } })],
  [apple, fit(apple, { lead: 600, get: { materials: [aMaterial()], cost: 0 } })],
])
const theme = themeOf({
  name: 'Bakers',
  words: ['knead'],
  objects: [newThemeObject('loaf'), newThemeObject('bread')],
  focus: { letter: '', number: '', shape: '', colour: '' },
})
const known = {
  aboutOf: (one: typeof zebra) => aboutTheme(one, theme, byId([])),
  fitOf: (one: typeof zebra) => fits.get(one)!,
}
const titles = (order: Parameters<typeof inOrder>[1]) =>
  inOrder([zebra, bread, apple], order, known).map((one) => one.id)

describe('ideas in an order', () => {
  it('put what is about the theme first, and the rest by name', () => expect(titles('theme')).toEqual(['b', 'a', 'z']))
  it('or what suits the most, is ready, costs least, or the name', () => {
    expect(titles('fit')).toEqual(['z', 'a', 'b'])
    expect(titles('ready')).toEqual(['z', 'b', 'a'])
    expect(titles('cost')).toEqual(['b', 'a', 'z'])
    expect(titles('name')).toEqual(['a', 'b', 'z'])
  })
})

describe('what an idea is about', () => {
  const about = (over: object) => aboutTheme(idea('x', 'A walk', over), theme, byId([]))
  it('is what its title names, whatever the number or the case', () => {
    expect(about({ title: 'Loaves for the birds' })).toBe('loaf')
    expect(about({ title: 'BREAD shapes' })).toBe('bread')
  })
  it('is nothing where a step only names one thing by the way, and something where two are named', () => {
    expect(about({ steps: ['Take an apron.', 'Have some bread.'] })).toBe('')
    expect(about({ steps: ['Knead it well.', 'Have some bread.'] })).toBe('bread')
  })
  it('does not take part of a word for the word', () => expect(about({ title: 'Breadth and length' })).toBe(''))
  it('is what its topics say, before all else', () => {
    expect(about({ title: 'A nest of loaves', topics: ['bread', 'nest'] })).toBe('bread')
    expect(about({ topics: ['baker'] })).toBe('baker')
    expect(about({ topics: ['nest', 'bird'] })).toBe('')
  })
  it('may be the kind of a thing, where that is what it is mainly about', () => {
    const birds = themeOf({
      name: 'Outside',
      words: [],
      objects: [
        { ...newThemeObject('robin'), category: 'bird' },
        { ...newThemeObject('rake'), category: 'tool' },
      ],
      focus: { letter: '', number: '', shape: '', colour: '' },
    })
    const of = (topics: string[]) => aboutTheme(idea('x', 'A walk', { topics }), birds, byId([]))
    expect([of(['nest', 'bird']), of(['nest', 'tree', 'bird']), of(['tool'])]).toEqual(['robin', '', ''])
  })
  it('for what a pattern made, is what its steps or materials name', () => {
    const made = { source: 'pattern', pattern: 'p', steps: ['Put out the loaf.'] }
    expect(about(made)).toBe('loaf')
  })
})

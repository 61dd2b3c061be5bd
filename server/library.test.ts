import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newIdea } from '@core/domain'
import { change, Harness } from './testing/harness'

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())

const preview = (text: string) => kobby.call('POST', '/api/v1/activities/csv/preview', { text })
const apply = (text: string) => kobby.call('POST', '/api/v1/activities/csv/apply', { text })
const HEADER = 'title,aim,centers,domains,do minutes,steps,preschool'
const ROW = 'Leaf boats,See what floats.,Yard,Science and discovery,15,Set it down.,Load it with stones.'
const titles = async () =>
  (await kobby.rows('/api/v1/house')).filter((row) => row.kind === 'activity').map((row) => row.value.title)

describe('activities as CSV', () => {
  it('goes out whole and comes back as nothing new', async () => {
    const answer = await kobby.call('GET', '/api/v1/activities.csv')
    expect(answer.headers.get('content-type')).toContain('text/csv')
    expect(answer.headers.get('content-disposition')).toContain('activities.csv')
    const text = answer.body as string
    expect(text.replace(/^\uFEFF/, '').startsWith('id,title,aim')).toBe(true)
    const { status, body } = await preview(text)
    expect(status).toBe(200)
    expect(body.entries.length).toBeGreaterThan(190)
    expect(body.entries.filter((entry: { does: string }) => entry.does !== 'same')).toEqual([])
  })
  it('shows first, then adds as one change that undo takes back', async () => {
    const text = `${HEADER}\r\n${ROW}\r\n`
    expect((await preview(text)).body.entries).toMatchObject([{ kind: 'activity', name: 'Leaf boats', does: 'add' }])
    expect(await titles()).not.toContain('Leaf boats')
    expect((await apply(text)).status).toBe(200)
    expect(await titles()).toContain('Leaf boats')
    expect((await apply(text)).body.entries).toMatchObject([{ does: 'same' }])
    expect((await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })).body.label).toBe('Import of activities')
    expect(await titles()).not.toContain('Leaf boats')
  })
  it('reads a mark at the start, semicolons, and a formula as the text that it is, and writes it harmless', async () => {
    const text = `\uFEFF${HEADER.replaceAll(',', ';')}\n${ROW.replaceAll(',', ';').replace('See what floats.', '=HYPERLINK(1)')}\n\n`
    expect((await apply(text)).status).toBe(200)
    const own = (await kobby.rows('/api/v1/house')).find((row) => row.value.title === 'Leaf boats')!
    expect(own.value).toMatchObject({ aim: '=HYPERLINK(1)', source: 'own' })
    const out = (await kobby.call('GET', '/api/v1/activities.csv')).body as string
    expect(out).toContain("'=HYPERLINK(1)")
    expect(out).not.toMatch(/(^|[,\n])=/)
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
  })
  it('takes nothing from a table with a mistake, and names each by its line', async () => {
    const before = await titles()
    const swapped =
      `${HEADER}\n${ROW}\nSecond,15,Yard,Science and discovery,See what floats.,Set it down.,Load ` +
      `it.\nLeaf boats,Again.,Yard,Sensory,5,Do.,Do.\n`
    const answer = await apply(swapped)
    expect(answer.status).toBe(422)
    expect(answer.body.errors.map((one: { field: string }) => one.field)).toEqual([
      'line 3, do minutes',
      'line 4, title',
    ])
    expect(await titles()).toEqual(before)
  })
  it('says where a quotation mark is left open', async () => {
    const { status, body } = await preview(`${HEADER}\n"Leaf boats,${ROW}`)
    expect([status, body.errors[0].field, body.errors[0].message]).toEqual([
      422,
      expect.stringMatching(/^line \d/),
      expect.stringContaining('quotation mark'),
    ])
    expect((await preview('')).status).toBe(422)
  })
  it('reads 10,000 rows, and refuses one more', async () => {
    const rows = (count: number) =>
      [HEADER, ...Array.from({ length: count }, (_, i) => ROW.replace('Leaf boats', `Leaf boats ${i}`))].join('\n')
    expect((await preview(rows(10_000))).body.entries).toHaveLength(10_000)
    expect((await preview(rows(10_001))).body.errors[0].message).toContain('at most 10000')
  })
})

describe('what was done before', () => {
  it('tells the date and how it went', async () => {
    const placement = (await kobby.rows('/api/v1/units/market-day')).find(
      (row) => row.kind === 'placement' && row.value.activityId === 'snack-sails',
    )!
    await kobby.call(
      'POST',
      '/api/v1/changes',
      change('market-day', [
        {
          op: 'put',
          kind: 'placement',
          base: placement.version,
          value: { ...placement.value, went: { liked: 3, note: 'Twice as many next time' } },
        },
      ]),
    )
    const { used } = (await kobby.call('GET', '/api/v1/activities/used')).body
    expect(used['snack-sails']).toMatchObject([
      {
        unit: 'Market Day',
        date: expect.stringMatching(/^2026-0[23]-\d\d$/),
        went: { liked: 3, note: 'Twice as many next time' },
      },
    ])
    expect(used['easel-roller']).toBeUndefined()
  })
})

describe('the notebook', () => {
  const unit = (id: string) => ({
    id,
    name: 'Short',
    bigIdea: '',
    questions: [],
    words: [],
    objects: [],
    books: [],
    focus: { letter: '', number: '', shape: '', colour: '' },
    start: '2026-04-06',
    days: 5,
    style: 'centers',
    interest: '',
    budget: null,
    closureHandling: {},
    events: [],
    slowProjects: [],
    note: '',
  })
  const half = {
    ...newIdea('half', 'short', null, 'A jar of soil'),
    link: 'https://example.org/soil',
    page: '12',
    sketch: 'A jar on the sill, worms at the glass',
  }
  it('keeps the half ideas of a unit that goes, and undo brings both back', async () => {
    await kobby.call(
      'POST',
      '/api/v1/changes',
      change(null, [
        { op: 'put', kind: 'unit', base: 0, value: unit('short') },
        { op: 'put', kind: 'idea', base: 0, value: half },
        { op: 'put', kind: 'idea', base: 0, value: newIdea('whole', 'short', 'kite-tails') },
      ]),
    )
    const row = await kobby.row('/api/v1/units', 'unit', 'short')
    expect(
      (
        await kobby.call(
          'POST',
          '/api/v1/changes',
          change(null, [{ op: 'remove', kind: 'unit', id: 'short', base: row.version }]),
        )
      ).status,
    ).toBe(200)
    const ideas = (await kobby.rows('/api/v1/units/market-day')).filter((one) => one.kind === 'idea')
    expect(ideas.find((one) => one.value.id === 'half')!.value).toEqual({ ...half, unitId: null })
    expect(ideas.some((one) => one.value.id === 'whole')).toBe(false)
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    expect(
      (await kobby.rows('/api/v1/units/short'))
        .filter((one) => one.kind === 'idea' && one.value.unitId === 'short')
        .map((one) => one.value.id),
    ).toEqual(['half', 'whole'])
  })
  it('refuses a link that is none, and a gathered activity without a unit, by the field', async () => {
    const bad = async (over: object) =>
      (
        await kobby.call(
          'POST',
          '/api/v1/changes',
          change(null, [{ op: 'put', kind: 'idea', base: 0, value: { ...half, id: 'bad', unitId: null, ...over } }]),
        )
      ).body.errors[0]
    expect(await bad({ link: 'javascript:alert(1)' })).toMatchObject({ field: 'ops.0.value.link' })
    expect(await bad({ activityId: 'kite-tails' })).toMatchObject({ field: 'ops.0.value.unitId' })
    expect(await bad({ text: ' ' })).toMatchObject({ field: 'ops.0.value.text' })
  })
})

describe('a sheet of a unit', () => {
  it('says what the theme is about, and counts what was stretched', async () => {
    const idea = newIdea('stretch', 'wind-and-kites', 'theme-corner')
    const placement = {
      id: 'corner',
      unitId: 'wind-and-kites',
      activityId: 'theme-corner',
      where: { kind: 'set-up', fromDay: 8, toDay: 10 },
      centerId: 'pretend-corner',
      leadId: null,
      status: 'planned',
      pinnedDate: null,
      apart: false,
      keptOut: [],
      swaps: {},
      setAside: [],
      went: null,
    }
    const done = await kobby.call(
      'POST',
      '/api/v1/changes',
      change('wind-and-kites', [
        { op: 'put', kind: 'idea', base: 0, value: { ...idea, stretches: { number: 'taken' } } },
        { op: 'put', kind: 'placement', base: 0, value: placement },
      ]),
    )
    expect([done.status, JSON.stringify(done.body.errors ?? [])]).toEqual([200, '[]'])
    const sheet = (await kobby.call('GET', '/api/v1/units/wind-and-kites/days/9/sheet')).body
    const item = JSON.stringify(sheet)
    expect(item).toContain('A corner for “Wind and Kites”')
    expect(item).toContain('Let each order come to five.')
    expect(item).not.toMatch(/\{(theme|objects|words)\}/)
  })
})

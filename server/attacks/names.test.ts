import { parse } from 'csv-parse/sync'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { PlanFile } from '@core/papers'
import { change, Harness } from '../testing/harness'

/** Names that are out to be more than names, in every field that has one, through every export. */

const HOSTILE = [
  '<meta http-equiv="refresh" content="0;url=//x">',
  '=HYPERLINK("//x","y")',
  '@SUM(1+1)*cmd',
  "O'Neil & <b>co</b>",
  'a](javascript:alert(1))[b',
  'x, y; z\\n "q"',
  '{{7*7}} ${7*7}',
  '| a | b |',
]
const WHEELS = '/api/v1/units/wheels-and-ramps'
/** Free text beside the names: whatever someone may type. */
const TEXTS = [
  'note',
  'diet',
  'family',
  'place',
  'shopPart',
  'aim',
  'tidy',
  'easier',
  'harder',
  'bigIdea',
  'shop',
  'category',
  'by',
]
const UNIT = '/api/v1/units/wind-and-kites'
let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
  const [house, unit] = [await kobby.rows('/api/v1/house'), await kobby.rows(UNIT)]
  let next = 0
  const hostile = () => HOSTILE[next++ % HOSTILE.length].slice(0, 40)
  const NAMES: Record<string, string> = {
    child: 'name',
    adult: 'name',
    center: 'name',
    material: 'name',
    home: 'name',
    unit: 'name',
    activity: 'title',
  }
  const named = [...house, ...unit].flatMap(({ kind, version, value }) => {
    const name = NAMES[kind]
    if (!name && kind !== 'purchase') return []
    if (kind === 'unit' && value.id !== 'wind-and-kites') return []
    const texts = TEXTS.filter((field) => typeof value[field] === 'string').map((field) => [field, hostile()])
    // Names that must differ are told apart by a number.
    const called = name ? { [name]: `${hostile()} ${next}` } : {}
    return [{ op: 'put', kind, base: version, value: { ...value, ...Object.fromEntries(texts), ...called } }]
  })
  for (let i = 0; i < named.length; i += 100) {
    const answer = await kobby.call('POST', '/api/v1/changes', change(null, named.slice(i, i + 100)))
    expect(answer.status, JSON.stringify(answer.body).slice(0, 300)).toBe(200)
  }
})
afterAll(() => kobby.stop())

const cells = (text: string) => parse(text, { bom: true, relax_column_count: true }) as string[][]

describe('hostile names', () => {
  it.each(['/api/v1/pantry.csv', '/api/v1/activities.csv', `${UNIT}/supplies.csv`, '/api/v1/purchases/2026/csv'])(
    'run nothing in a spreadsheet: %s',
    async (path) => {
      const { status, body } = await kobby.call('GET', path)
      expect(status).toBe(200)
      const all = cells(body).flat()
      expect(all.length).toBeGreaterThan(3)
      expect(all.filter((cell) => /^[=+\-@\t\r]/.test(cell) && !/^-?\d+(\.\d+)?$/.test(cell))).toEqual([])
    },
  )
  it.each([
    ['/api/v1/pantry', 'pantry.csv'],
    ['/api/v1/activities', 'activities.csv'],
  ])('come back as nothing new: %s', async (path) => {
    const { body } = await kobby.call('GET', `${path}.csv`)
    const preview = await kobby.call('POST', `${path}/csv/preview`, { text: body })
    expect(preview.status, JSON.stringify(preview.body).slice(0, 500)).toBe(200)
    expect(preview.body.entries.filter((entry: { does: string }) => entry.does !== 'same')).toEqual([])
  })
  it.each(['/api/v1/plan-file', `${UNIT}/plan-file`])('come back from a plan file as nothing new: %s', async (path) => {
    const { body } = await kobby.call('GET', path)
    expect(PlanFile.safeParse(body).success).toBe(true)
    const { entries } = (await kobby.call('POST', '/api/v1/plan-files/preview', body)).body
    expect(
      entries.filter(
        (entry: { does: string }) => entry.does === 'add' || (path === '/api/v1/plan-file' && entry.does !== 'same'),
      ),
    ).toEqual([])
  })
  it('are text in Markdown', async () => {
    for (const path of [`${UNIT}/supplies.md`, `${UNIT}/days/4/sheet.md`]) {
      const text = String((await kobby.call('GET', path)).body)
      expect(text.length).toBeGreaterThan(200)
      expect(text.match(/(?<!\\)<\/?[a-z]/gi)).toBeNull()
      expect(text.match(/(?<!\\)\]\(/g)).toBeNull()
    }
  })
  it('add no line of their own to a calendar', async () => {
    const lines = String((await kobby.call('GET', `${UNIT}/trips.ics`)).body)
      .replace(/\r\n[ \t]/g, '')
      .split('\r\n')
    const count = (line: string) => lines.filter((one) => one === line).length
    expect([count('BEGIN:VCALENDAR'), count('BEGIN:VEVENT') - count('END:VEVENT')]).toEqual([1, 0])
    for (const line of lines.filter(Boolean)) expect(line).toMatch(/^[A-Z-]+[:;]/)
  })
})

describe('promises through links', () => {
  let token: string
  beforeAll(async () => {
    token = (await kobby.call('POST', `${WHEELS}/ask-links`, { label: 'All', endsOn: '2026-03-18' })).body.token
  })
  const promise = async (id: string, family: string) => {
    const { things } = (await kobby.stranger().call('GET', `/api/v1/asked/${token}`)).body
    const wanted = things.find((one: { open: number }) => one.open > 0)
    return kobby.stranger().call('POST', `/api/v1/asked/${token}/promises`, {
      id,
      materialId: wanted.materialId,
      quantity: wanted.open / 4,
      family,
    })
  }

  it('are two even where their ids differ at the last sign only', async () => {
    const long = 'a'.repeat(63)
    expect((await promise(`${long}1`, 'One')).status).toBe(200)
    expect((await promise(`${long}2`, 'Two')).status).toBe(200)
    expect(
      (await kobby.rows(WHEELS))
        .filter((row) => row.kind === 'promise' && ['One', 'Two'].includes(row.value.family))
        .map((row) => row.value.family)
        .sort(),
    ).toEqual(['One', 'Two'])
  })
  it('tell nobody the name of another family, whatever id they take', async () => {
    // Written by the owner, in another unit, under an id that a stranger takes too.
    const value = {
      id: 'taken-elsewhere',
      unitId: 'wind-and-kites',
      materialId: 'cardboard-tube',
      quantity: 1,
      family: 'Secret Family',
      by: '2026-03-10',
      state: 'coming',
    }
    expect(
      (
        await kobby.call(
          'POST',
          '/api/v1/changes',
          change('wind-and-kites', [{ op: 'put', kind: 'promise', base: 0, value }]),
        )
      ).status,
    ).toBe(200)
    const answer = await promise('taken-elsewhere', 'Curious')
    expect(answer.status).toBe(200)
    expect(JSON.stringify(answer.body)).not.toContain('Secret Family')
    const gone = await kobby.stranger().call('DELETE', `/api/v1/asked/${token}/promises/taken-elsewhere`)
    expect([gone.status, JSON.stringify(gone.body).includes('Secret Family')]).toEqual([200, false])
    expect((await kobby.row(UNIT, 'promise', 'taken-elsewhere')).value.state).toBe('coming')
  })
})

import { readFileSync, writeFileSync } from 'node:fs'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { newToken } from '../services/secrets'
import { Harness, OWNER, TODAY } from '../testing/harness'

/**
 * Every route of the interface description, tried by everyone who could come: what each may do is the table of
 * docs/security.md.
 */

const WHO = ['Nobody', 'Session that ended', 'Link to a day', 'Link for families', 'Owner'] as const
type Who = (typeof WHO)[number]

let kobby: Harness
const tokens: Partial<Record<Who, string>> = {}
const clients = {} as Record<Who, Harness>
const UNIT = '/api/v1/units/wind-and-kites'

beforeAll(async () => {
  kobby = await Harness.withDemo()
  tokens['Link to a day'] = (
    await kobby.call('POST', `${UNIT}/shares`, { day: 4, label: 'Teo', endsOn: TODAY })
  ).body.token
  tokens['Link for families'] = (
    await kobby.call('POST', `${UNIT}/ask-links`, { label: 'All', endsOn: TODAY })
  ).body.token
  clients.Owner = kobby
  clients.Nobody = kobby.stranger()
  clients['Link to a day'] = kobby.stranger()
  clients['Link for families'] = kobby.stranger()
  const ended = kobby.stranger()
  await ended.call('POST', '/api/v1/session', OWNER_SIGN_IN)
  const cookie = ended.cookieHeader
  await ended.call('DELETE', '/api/v1/session')
  ended.keepCookie(cookie)
  clients['Session that ended'] = ended
})
afterAll(() => kobby.stop())
const OWNER_SIGN_IN = { signIn: OWNER.signIn, password: OWNER.password }

interface Described {
  method: string
  path: string
  summary: string
}
async function described(): Promise<Described[]> {
  const { paths } = (await kobby.call('GET', '/api/v1/openapi.json')).body as {
    paths: Record<string, Record<string, { summary: string }>>
  }
  return Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { summary }]) => ({ method: method.toUpperCase(), path, summary })),
  )
}

/** Whether someone gets past the door of a route. What is sent is empty, so that nothing is changed by whoever does. */
async function getsIn(who: Who, { method, path }: Described): Promise<boolean> {
  const address = path.replace(/\{(\w+)\}/g, (_, name: string) =>
    name === 'token'
      ? (tokens[who] ?? newToken())
      : ({ unitId: 'wind-and-kites', day: '4', year: '2026' }[name] ?? 'none'),
  )
  const headers = method === 'GET' || method === 'DELETE' ? undefined : {}
  if (path.endsWith('/events')) {
    const { heard } = await clients[who].raw(
      `GET ${address} HTTP/1.1\r\nHost: localhost\r\nCookie: ${clients[who].cookieHeader}\r\n\r\n`,
      (text) => text.includes('\r\n'),
    )
    return heard.startsWith('HTTP/1.1 200')
  }
  const { status, body } = await clients[who].call(method, address, headers)
  expect(status, `${method} ${path} for ${who}: ${JSON.stringify(body).slice(0, 200)}`).toBeLessThan(500)
  if (path.includes('{token}')) return !(status === 404 && /link is not known/.test(body.title ?? ''))
  // There is an owner: nobody can make another.
  return status !== 401 && !(path.endsWith('/owner') && status === 409)
}

it('is what the table of the guide says, for every route and for everyone', async () => {
  const routes = await described()
  expect(routes.length).toBeGreaterThan(45)
  const rows: string[] = []
  // Signing out ends the owner's session here, so it comes last.
  const inOrder = [...routes].sort(
    (a, b) =>
      Number(a.method === 'DELETE' && a.path.endsWith('/session')) -
      Number(b.method === 'DELETE' && b.path.endsWith('/session')),
  )
  for (const route of inOrder) {
    const cells: string[] = []
    for (const who of WHO) cells.push((await getsIn(who, route)) ? 'yes' : '')
    rows.push(`| \`${route.method} ${route.path.replace('/api/v1', '')}\` | ${route.summary} | ${cells.join(' | ')} |`)
  }
  const table = [
    `| Route | What it does | ${WHO.join(' | ')} |`,
    `|---|---|${WHO.map(() => '---').join('|')}|`,
    ...rows.sort(),
  ].join('\n')
  const marks = /<!-- access -->\n\n([\s\S]*?)\n\n<!-- \/access -->/
  // After a new route: KOBBY_ACCESS=write npx vitest run server/attacks/access.test.ts, and read what it wrote.
  if (process.env.KOBBY_ACCESS === 'write')
    writeFileSync(
      'docs/security.md',
      readFileSync('docs/security.md', 'utf8').replace(marks, (whole, old: string) => whole.replace(old, () => table)),
    )
  const guide = readFileSync('docs/security.md', 'utf8')
  const shown = marks.exec(guide)?.[1]
  expect(shown).toBe(table)
})

it('lets a link do to its own day only, and nothing else with it', async () => {
  await kobby.call('POST', '/api/v1/session', OWNER_SIGN_IN)
  const day = clients['Link to a day']
  const token = tokens['Link to a day']!
  expect((await day.call('GET', `/api/v1/asked/${token}`)).status).toBe(404)
  expect((await day.call('GET', `/api/v1/shared/${tokens['Link for families']!}`)).status).toBe(404)
  const sheet = (await day.call('GET', `/api/v1/shared/${token}`)).body.sheet
  const other = (await kobby.call('GET', UNIT)).body.rows.filter(
    (row: { kind: string; value: { id: string } }) =>
      row.kind === 'placement' &&
      !sheet.items.some((item: { placementId: string }) => item.placementId === row.value.id),
  )
  expect(other.length).toBeGreaterThan(5)
  for (const { value } of other.slice(0, 5))
    expect(
      (
        await day.call('PUT', `/api/v1/shared/${token}/ticks`, {
          id: 'tick-x',
          placementId: value.id,
          step: 'step-1',
          done: true,
          agoMs: 0,
        })
      ).status,
    ).toBe(422)
})

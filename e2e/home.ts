import { copyFileSync, existsSync, mkdtempSync, rmSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { demoHome } from '@demo/home'
import { createKobby, type Kobby } from '@server/app'

export const TODAY = '2026-03-10'
export const PASSWORD = 'larkspur-house'

const WEB = resolve('dist/web')

export interface OpenHome {
  base: string
  kobby: Kobby
  close: () => Promise<void>
}

/** The real server with the built interface on a database of its own. */
async function serve(file: string, backups: string): Promise<{ kobby: Kobby; base: string }> {
  const kobby = await createKobby({ file, web: WEB, today: TODAY, backups })
  await new Promise<void>((done) => kobby.server.listen(0, '127.0.0.1', () => done()))
  return { kobby, base: `http://127.0.0.1:${(kobby.server.address() as AddressInfo).port}` }
}

let moved: Promise<string> | undefined
/** A database with the demo home moved in, made once in a process: every home of its own begins as a copy. */
const movedIn = (): Promise<string> =>
  (moved ??= (async () => {
    const folder = mkdtempSync(join(tmpdir(), 'kobby-e2e-demo-'))
    process.once('exit', () => rmSync(folder, { recursive: true, force: true }))
    const { kobby, base } = await serve(join(folder, 'first.sqlite'), join(folder, 'copies'))
    const send = (path: string, body: unknown, cookie = '') =>
      fetch(`${base}/api/v1${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie },
        body: JSON.stringify(body),
      })
    const owner = await send('/owner', { name: 'Maren', signIn: 'maren', password: PASSWORD })
    const answer = await send('/plan-files/apply', demoHome(TODAY), owner.headers.getSetCookie()[0].split(';')[0])
    if (!answer.ok) throw new Error(await answer.text())
    const file = join(folder, 'kobby.sqlite')
    await kobby.db.raw('VACUUM INTO ?', [file])
    await kobby.close()
    return file
  })())

/** A home of its own; empty, or with the demo home moved in. */
export async function openHome(withDemo: boolean): Promise<OpenHome> {
  if (!existsSync(join(WEB, 'index.html')))
    throw new Error('The interface is not built: run npm run build, or npm test, which does')
  const folder = mkdtempSync(join(tmpdir(), 'kobby-e2e-'))
  const file = join(folder, 'kobby.sqlite')
  if (withDemo) copyFileSync(await movedIn(), file)
  const { kobby, base } = await serve(file, join(folder, 'copies'))
  return {
    base,
    kobby,
    close: async () => {
      await kobby.close()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

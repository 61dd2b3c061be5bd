import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { demoHome } from '@demo/home'
import { createKobby, type Kobby } from '@server/app'

export const TODAY = '2026-03-10'
export const PASSWORD = 'larkspur-house'

export interface OpenHome {
  base: string
  kobby: Kobby
  close: () => Promise<void>
}

/** The real server with the built interface, on a database of its own; empty, or with the demo home moved in. */
export async function openHome(withDemo: boolean): Promise<OpenHome> {
  const web = resolve('dist/web')
  if (!existsSync(join(web, 'index.html')))
    throw new Error('The interface is not built: run npm run build, or npm test, which does')
  const folder = mkdtempSync(join(tmpdir(), 'kobby-e2e-'))
  const kobby = await createKobby({
    file: join(folder, 'kobby.sqlite'),
    web,
    today: TODAY,
    backups: join(folder, 'copies'),
  })
  await new Promise<void>((done) => kobby.server.listen(0, '127.0.0.1', () => done()))
  const base = `http://127.0.0.1:${(kobby.server.address() as AddressInfo).port}`
  if (withDemo) {
    const send = (path: string, body: unknown, cookie = '') =>
      fetch(`${base}/api/v1${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie },
        body: JSON.stringify(body),
      })
    const owner = await send('/owner', { name: 'Maren', signIn: 'maren', password: PASSWORD })
    const moved = await send('/plan-files/apply', demoHome(TODAY), owner.headers.getSetCookie()[0].split(';')[0])
    if (!moved.ok) throw new Error(await moved.text())
  }
  return {
    base,
    kobby,
    close: async () => {
      await kobby.close()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

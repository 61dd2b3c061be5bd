import { spawn, type ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, rmSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { build } from 'vite'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { openStore } from './store/open'
import { Harness } from './testing/harness'

/** The writer as one file: it is started many times, and is not translated anew at each start. */
let bundle = ''
beforeAll(async () => {
  bundle = mkdtempSync(resolve('node_modules/.crash-'))
  await build({
    configFile: resolve('vite.server.ts'),
    logLevel: 'error',
    build: { outDir: bundle, rollupOptions: { input: { writer: resolve('server/testing/writer.ts') } } },
  })
})
afterAll(() => rmSync(bundle, { recursive: true, force: true }))

/** Starts a server as a process of its own on the database, and gives its address. */
async function startProcess(file: string): Promise<{ process: ChildProcess; base: string }> {
  const child = spawn(process.execPath, [join(bundle, 'writer.js'), file], {
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  const [line] = (await once(child.stdout!, 'data')) as [Buffer]
  return { process: child, base: `http://127.0.0.1:${/port (\d+)/.exec(line.toString())![1]}` }
}

const KILLS = 20
/** Each round starts a process, which takes seconds on a busy machine. */
const LONGEST_MS = 300_000

it(
  `loses nothing that was acknowledged when it is killed in the middle of writing, ${KILLS} times`,
  async () => {
    const first = await Harness.withDemo()
    const cookie = (first as unknown as { cookie: string }).cookie
    const file = `${first.folder}/kobby.sqlite`
    const idea = (id: string) => ({
      op: 'put',
      kind: 'idea',
      base: 0,
      value: { id, unitId: 'wind-and-kites', activityId: null, text: id },
    })
    const acknowledged: string[] = []
    await first.kobby.close()

    for (let round = 0; round < KILLS; round++) {
      const server = await startProcess(file)
      const killAfter = 3 + ((round * 7) % 12)
      let answered = 0
      const write = async (lane: number) => {
        for (let n = 0; ; n++) {
          const id = `w-${round}-${lane}-${n}`
          // Two rows a change: half of one must never be there.
          const body = JSON.stringify({
            id: `c-${id}`,
            unitId: 'wind-and-kites',
            label: 'Write',
            ops: [idea(`${id}-a`), idea(`${id}-b`)],
          })
          const response = await fetch(`${server.base}/api/v1/changes`, {
            method: 'POST',
            headers: { cookie, 'content-type': 'application/json' },
            body,
          })
          if (response.status !== 200) throw new Error(`answered ${response.status}`)
          await response.text()
          acknowledged.push(id)
          if (++answered === killAfter) server.process.kill('SIGKILL')
        }
      }
      const lanes = await Promise.allSettled([0, 1, 2].map(write))
      for (const lane of lanes) expect(String((lane as PromiseRejectedResult).reason)).not.toContain('answered')
      if (server.process.signalCode === null) await once(server.process, 'exit')
    }

    const db = await openStore(file)
    expect((await db.raw('PRAGMA integrity_check'))[0].integrity_check).toBe('ok')
    const ids = new Set((await db('ideas').select('id')).map((row) => row.id as string))
    expect(acknowledged.length).toBeGreaterThanOrEqual(KILLS * 3)
    for (const id of acknowledged) expect([ids.has(`${id}-a`), ids.has(`${id}-b`)]).toEqual([true, true])
    const halves = [...ids].filter((id) => id.endsWith('-a')).filter((id) => !ids.has(id.replace(/-a$/, '-b')))
    expect(halves).toEqual([])
    const logged = await db('changes').where('id', 'like', 'c-w-%').count({ n: '*' }).first()
    expect(logged!.n).toBe([...ids].filter((id) => /^w-.*-a$/.test(id)).length)
    await db.destroy()
  },
  LONGEST_MS,
)

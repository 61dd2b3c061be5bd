import { spawn } from 'node:child_process'
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { pino } from 'pino'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { contentsOf, putBack } from './restore'
import { Backups } from './services/backups'
import { Clock } from './services/clock'
import { CannotStart, readSettings } from './settings'
import { backupName, backupsIn, copiesBeside, copyDatabase } from './store/copies'
import { holdFolder } from './store/lock'
import { openStore } from './store/open'
import { MIGRATIONS } from './store/migrations'
import { change, Harness, OWNER } from './testing/harness'

let folder: string
let file: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-start-'))
  file = join(folder, 'kobby.sqlite')
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

/** A home that someone lives in, as it lies on the disk. */
async function lived(): Promise<void> {
  const kobby = await Harness.start(folder)
  await kobby.call('POST', '/api/v1/owner', OWNER)
  await kobby.kobby.close()
}
const refusal = async (work: () => unknown): Promise<string> => {
  try {
    await work()
  } catch (error) {
    if (error instanceof CannotStart) return error.message
    throw error
  }
  return 'nothing was refused'
}
/** All that a database holds, but for who is signed in. */
function all(path: string): Record<string, unknown[]> {
  const db = new Database(path, { readonly: true })
  const tables = db
    .prepare(
      `select name from sqlite_master where type = 'table' and name not like 'sqlite_%'
       and name not in ('sessions', 'health') order by name`,
    )
    .pluck()
    .all() as string[]
  const held = Object.fromEntries(
    tables.map((table) => [table, db.prepare(`select * from ${table} order by 1, 2`).all()]),
  )
  db.close()
  return held
}

describe('settings', () => {
  it.each([
    [{ PORT: 'abc' }, 'PORT=abc is not a number from 0 to 65535.'],
    [{ PORT: '70000' }, 'PORT=70000 is not a number from 0 to 65535.'],
    [{ KOBBY_TODAY: '2026-02-30' }, 'KOBBY_TODAY=2026-02-30 is not a date such as 2026-03-10.'],
    [{ KOBBY_LOG: 'loud' }, 'KOBBY_LOG=loud is none of trace, debug, info, warn, error, fatal, silent.'],
    [
      { KOBBY_ADDRESS: 'kobby.example.org' },
      'KOBBY_ADDRESS=kobby.example.org is not an address such as https://kobby.example.org.',
    ],
    [
      { KOBBY_PROXY: 'yes' },
      'KOBBY_PROXY=yes is not an IP address, or several with commas between, such as 127.0.0.1.',
    ],
    [
      { PORT: '-1', KOBBY_TODAY: 'soon' },
      'PORT=-1 is not a number from 0 to 65535.\nKOBBY_TODAY=soon is not a date such as 2026-03-10.',
    ],
  ])('%j are refused by name', async (env, words) => expect(await refusal(() => readSettings(env))).toBe(words))
  it('set to nothing are not set, and the rest is read', () => {
    expect(readSettings({ PORT: '', KOBBY_DATA: '/srv/kobby' })).toMatchObject({
      port: 4180,
      host: '127.0.0.1',
      data: '/srv/kobby',
      backups: '/srv/kobby/backups',
      log: 'warn',
      proxies: [],
    })
    expect(readSettings({ KOBBY_PROXY: '10.0.0.0/8, ::1', KOBBY_ADDRESS: 'https://Kobby.example.org/' })).toMatchObject(
      { proxies: ['10.0.0.0/8', '::1'], address: 'https://kobby.example.org' },
    )
  })
})

describe('a data folder', () => {
  it('that is a file, or lies below one, is refused in words', async () => {
    writeFileSync(join(folder, 'taken'), 'x')
    for (const at of ['taken', 'taken/below'])
      expect(await refusal(() => openStore(join(folder, at, 'kobby.sqlite')))).toMatch(
        /^The folder .* cannot be used: something that is no folder stands in its way\.$/,
      )
  })
  it('has one server: a second one is told who the first is, and a killed one holds nothing', async () => {
    const letGo = holdFolder(folder, 'Kobby on port 4180')
    expect(await refusal(() => holdFolder(folder, 'Kobby on port 4181'))).toMatch(
      /is in use by Kobby on port 4180, process \d+ on .*, since .*\. Stop that one first/,
    )
    letGo()
    holdFolder(folder, 'Kobby on port 4181')()
    // By another process, which is killed.
    const script =
      `const db = new (require('better-sqlite3'))(${JSON.stringify(join(folder, 'kobby.lock'))}); ` +
      `db.exec('BEGIN EXCLUSIVE'); console.log('held'); setInterval(() => {}, 1000)`
    const other = spawn(process.execPath, ['-e', script], { stdio: ['ignore', 'pipe', 'inherit'] })
    await new Promise((resolve) => other.stdout.once('data', resolve))
    expect(await refusal(() => holdFolder(folder, 'Kobby'))).toContain('is in use by')
    const gone = new Promise((resolve) => other.once('exit', resolve))
    other.kill('SIGKILL')
    await gone
    holdFolder(folder, 'Kobby')()
  })
})

describe('a database', () => {
  it('of a newer version is refused, and not written', async () => {
    await lived()
    const db = await openStore(file)
    await db('migrations').insert({ name: '099-later', at: '' })
    await db.destroy()
    const before = readFileSync(file)
    expect(await refusal(() => openStore(file))).toBe(
      `The database ${file} was written by a newer Kobby (099-later). Start that one, or put back a copy from before its update.`,
    )
    expect(readFileSync(file).equals(before)).toBe(true)
  })
  it('that is damaged, or none, says so and names the newest copy', async () => {
    await lived()
    const copy = join(folder, 'backups', backupName('2026-03-10'))
    await copyDatabase(file, copy)
    const whole = readFileSync(file)
    const broken = Buffer.from(whole)
    broken.fill(0x5a, 4096, 4096 * 6)
    for (const [bytes, words] of [
      [broken, 'is damaged'],
      [Buffer.from('Not a database at all. '.repeat(500)), 'is no database'],
    ] as const) {
      writeFileSync(file, bytes)
      const said = await refusal(() => openStore(file, undefined, undefined, join(folder, 'backups')))
      expect(said).toContain(`The database ${file} ${words}`)
      expect(said).toContain(`To put it back: npm run restore -- ${copy}`)
    }
    await putBack(copy, file, new Date())
    const db = await openStore(file)
    expect((await db('users').first()).name).toBe(OWNER.name)
    await db.destroy()
  })
  it('that was emptied is not taken for a new home while copies lie beside it', async () => {
    await lived()
    copyFileSync(file, `${file}.before-002-library`)
    for (const empty of [() => truncateSync(file, 0), () => rmSync(file)]) {
      empty()
      for (const tail of ['-wal', '-shm']) rmSync(`${file}${tail}`, { force: true })
      expect(await refusal(() => openStore(file))).toContain(
        `There is no home in ${file}, but copies of one are there.`,
      )
    }
    rmSync(`${file}.before-002-library`)
    await (await openStore(file)).destroy()
  })
  it('is copied before an update only where there is something to lose, and the last five copies are kept', async () => {
    const first = await openStore(file, MIGRATIONS.slice(0, 3))
    await first.destroy()
    await (await openStore(file)).destroy()
    expect(copiesBeside(file)).toEqual([])
    await lived()
    for (let i = 0; i < 7; i++) {
      copyFileSync(file, `${file}.before-00${i}-old`)
      utimesSync(`${file}.before-00${i}-old`, 1000 + i, 1000 + i)
    }
    await (await openStore(file)).destroy()
    expect(copiesBeside(file).map((copy) => copy.name)).toEqual(
      [6, 5, 4, 3, 2].map((i) => `kobby.sqlite.before-00${i}-old`),
    )
  })
})

describe('a disk', () => {
  it('that is full says so, loses nothing, shows in /health, and is written again when there is room', async () => {
    let now = new Date('2026-03-10T12:00:00Z')
    const kobby = await Harness.start(folder, { now: () => now })
    await kobby.call('POST', '/api/v1/owner', OWNER)
    const { demoHome } = await import('@demo/home')
    await kobby.call('POST', '/api/v1/plan-files/apply', demoHome('2026-03-10'))
    const limit = async (pages: number) => kobby.kobby.db.raw(`PRAGMA max_page_count = ${pages}`)
    await limit(1)
    const center = await kobby.row('/api/v1/house', 'center', 'easel')
    const write = (i: number) =>
      kobby.call(
        'POST',
        '/api/v1/changes',
        change(null, [
          { op: 'put', kind: 'activity', base: 0, value: { ...ACTIVITY, id: `large-${i}`, title: `Large ${i}` } },
        ]),
      )
    const ACTIVITY = {
      ...(
        await kobby.row(
          '/api/v1/house',
          'activity',
          (await kobby.rows('/api/v1/house')).find((row) => row.kind === 'activity')!.value.id,
        )
      ).value,
      steps: Array(9).fill('x'.repeat(400)),
      say: Array(4).fill('y'.repeat(400)),
      source: 'own',
    }
    let refused = await write(0)
    for (let i = 1; refused.status === 200 && i < 60; i++) refused = await write(i)
    expect([refused.status, refused.body.title]).toEqual([
      507,
      'The disk on which Kobby keeps its data is full. Nothing was changed; Kobby will try again.',
    ])
    expect((await kobby.call('GET', '/api/v1/house')).status).toBe(200)
    await limit(1_000_000)
    expect((await write(99)).status).toBe(200)
    expect((await kobby.row('/api/v1/house', 'center', 'easel')).version).toBe(center.version)
    // And one that can only be read.
    await kobby.kobby.db.raw('PRAGMA query_only = ON')
    now = new Date('2026-03-10T12:01:00Z')
    const health = await kobby.call('GET', '/health')
    expect([health.status, health.body.status]).toEqual([503, 'cannot write'])
    expect((await write(100)).status).toBe(507)
    expect((await kobby.call('GET', '/api/v1/house')).status).toBe(200)
    await kobby.kobby.db.raw('PRAGMA query_only = OFF')
    now = new Date('2026-03-10T12:02:00Z')
    expect((await kobby.call('GET', '/health')).body).toEqual({ status: 'ok' })
    await kobby.kobby.close()
  })
})

describe('copies', () => {
  it('made while it is written are whole, and after a restore the two are equal', async () => {
    const kobby = await Harness.start(folder, { backups: join(folder, 'copies') })
    await kobby.call('POST', '/api/v1/owner', OWNER)
    const { demoHome } = await import('@demo/home')
    await kobby.call('POST', '/api/v1/plan-files/apply', demoHome('2026-03-10'))
    const { value, ...row } = await kobby.row('/api/v1/house', 'center', 'easel')
    let { version } = row
    let writing = true
    let written = 0
    const load = (async () => {
      while (writing) {
        expect(
          (
            await kobby.call(
              'POST',
              '/api/v1/changes',
              change(null, [
                { op: 'put', kind: 'center', base: version++, value: { ...value, note: `note ${written++}` } },
              ]),
            )
          ).status,
        ).toBe(200)
      }
    })()
    const made = await kobby.call('POST', '/api/v1/backups')
    writing = false
    await load
    expect(made.status).toBe(200)
    const [copy] = backupsIn(join(folder, 'copies'))
    // Under load: as it was at one moment, every change with the row that it wrote.
    const held = all(copy.path) as Record<string, { body: string; after: string; seq: number; label: string }[]>
    const last = held.changes
      .filter((one) => one.label === 'A change')
      .sort((a, b) => a.seq - b.seq)
      .at(-1)
    const easel = held.centers.map((row) => JSON.parse(row.body)).find((one) => one.id === 'easel')
    if (last) expect(JSON.parse(last.after)[0].value).toEqual(easel)
    // At rest: equal in everything.
    await kobby.kobby.close()
    const still = join(folder, 'still.sqlite')
    await copyDatabase(file, still)
    const elsewhere = join(folder, 'elsewhere')
    mkdirSync(elsewhere)
    await putBack(still, join(elsewhere, 'kobby.sqlite'), new Date())
    expect(all(join(elsewhere, 'kobby.sqlite'))).toEqual(all(file))
    const restored = await Harness.start(elsewhere)
    expect(
      (await restored.call('POST', '/api/v1/session', { signIn: OWNER.signIn, password: OWNER.password })).status,
    ).toBe(200)
    await restored.kobby.close()
  })
  it('are made once a night by the clock of the home, and the last fourteen are kept', async () => {
    let now = new Date('2026-03-10T02:30:00Z')
    const db = await openStore(file)
    const backups = new Backups(db, new Clock(undefined, () => now), pino({ level: 'silent' }), join(folder, 'nightly'))
    const names = () => readdirSync(join(folder, 'nightly')).sort()
    await backups.look()
    expect(existsSync(join(folder, 'nightly'))).toBe(false)
    await db('users').insert({ id: 'u', name: 'Maren', sign_in: 'maren', password: '', created_at: '' })
    await backups.look()
    expect(existsSync(join(folder, 'nightly'))).toBe(false)
    now = new Date('2026-03-10T03:05:00Z')
    await backups.look()
    await backups.look()
    expect(names()).toEqual(['kobby-2026-03-10.sqlite'])
    utimesSync(join(folder, 'nightly', 'kobby-2026-03-10.sqlite'), 1, 1)
    for (let day = 11; day < 30; day++) {
      now = new Date(`2026-03-${day}T04:00:00Z`)
      await backups.look()
      utimesSync(join(folder, 'nightly', `kobby-2026-03-${day}.sqlite`), day * 1000, day * 1000)
    }
    expect(names().length).toBe(14)
    expect(names().at(-1)).toBe('kobby-2026-03-29.sqlite')
    await db.destroy()
  })
  it('say why one could not be made', async () => {
    const db = await openStore(file)
    await db('users').insert({ id: 'u', name: 'Maren', sign_in: 'maren', password: '', created_at: '' })
    writeFileSync(join(folder, 'taken'), 'x')
    const backups = new Backups(
      db,
      new Clock('2026-03-10', () => new Date('2026-03-10T12:00:00Z')),
      pino({ level: 'silent' }),
      join(folder, 'taken'),
    )
    await backups.look()
    expect(backups.state().fault).toBeTruthy()
    await db.destroy()
  })
  it('that are none are refused before anything is touched', async () => {
    await lived()
    const [before, none, newer] = [readFileSync(file), join(folder, 'none.sqlite'), join(folder, 'newer.sqlite')]
    writeFileSync(none, 'holiday pictures '.repeat(300))
    await copyDatabase(file, newer)
    const db = new Database(newer)
    db.prepare("insert into migrations values ('099-later', '')").run()
    db.close()
    const empty = join(folder, 'empty.sqlite')
    new Database(empty).exec('create table shopping (what text)').close()
    for (const [path, words] of [
      [none, 'is no database'],
      [newer, 'is from a newer Kobby'],
      [empty, 'is no copy of a home'],
      [join(folder, 'gone.sqlite'), 'cannot be opened'],
    ] as const) {
      expect(await refusal(() => contentsOf(path))).toContain(words)
      expect(await refusal(() => putBack(path, file, new Date()))).toContain(words)
    }
    expect(readFileSync(file).equals(before)).toBe(true)
  })
})

describe('started by hand', () => {
  it('is built', () =>
    expect(existsSync('dist/server/main.js'), 'npm test builds the server; by hand: npm run build').toBe(true))
  const run = (env: Record<string, string>) =>
    new Promise<{ code: number | null; said: string }>((resolve) => {
      const child = spawn(process.execPath, ['dist/server/main.js'], {
        env: { ...process.env, KOBBY_TODAY: '', KOBBY_DATA: join(folder, 'data'), PORT: '0', ...env },
        stdio: ['ignore', 'pipe', 'pipe'],
      })
      let said = ''
      child.stdout.on('data', (data) => {
        said += data
        if (String(said).includes('Kobby is at')) child.kill('SIGTERM')
      })
      child.stderr.on('data', (data) => (said += data))
      child.on('exit', (code) => resolve({ code, said }))
    })
  it('it says in one line what is wrong, and ends', async () => {
    expect(await run({ PORT: 'abc' })).toEqual({ code: 1, said: 'PORT=abc is not a number from 0 to 65535.\n' })
    const letGo = (mkdirSync(join(folder, 'data')), holdFolder(join(folder, 'data'), 'Kobby on port 4180'))
    const second = await run({})
    letGo()
    expect([second.code, second.said]).toEqual([1, expect.stringContaining('is in use by Kobby on port 4180')])
    const good = await run({})
    expect([good.code, good.said]).toEqual([
      0,
      expect.stringMatching(
        /Kobby is at http:\/\/127\.0\.0\.1:\d+\/ with its data in .*\nOnly this machine can open it\./,
      ),
    ])
  })
})

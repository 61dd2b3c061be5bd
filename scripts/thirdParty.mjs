import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

/**
 * Whose work goes out with Kobby, and under which license: every package that runs with it, from the lock file. Written
 * by `npm run third-party`, and checked by a test, so that none comes in unseen.
 */

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..')
export const FILE = join(root, 'THIRD-PARTY.md')

/** Licenses under which a package may come in: they ask for their text to be kept, and for nothing of ours. */
export const WELCOME = new Set([
  'MIT',
  'ISC',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'Apache-2.0',
  '0BSD',
  'OFL-1.1',
  'BlueOak-1.0.0',
  'Unlicense',
  'CC0-1.0',
  'MIT OR WTFPL',
  '(MIT OR WTFPL)',
  '(BSD-2-Clause OR MIT OR Apache-2.0)',
])

/** Packages that say it in their LICENSE file alone, by name and version: looked at by a person. */
const LOOKED_AT = { 'png-js 2.0.0': 'MIT' }

/** Where a package finds another one that it asks for: in its own folder, else in those above. */
function placeOf(lock, from, name) {
  for (let folder = from; ; folder = folder.slice(0, Math.max(0, folder.lastIndexOf('/node_modules/')))) {
    const place = `${folder ? `${folder}/` : ''}node_modules/${name}`
    if (lock.packages[place]) return place
    if (!folder) return null
  }
}

/** Packages that run with Kobby, each with its version and license: those it asks for, and those that they ask for. */
export function packages() {
  const lock = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'))
  const places = new Set()
  const visit = (from) => {
    const { dependencies, optionalDependencies } = lock.packages[from]
    for (const name of Object.keys({ ...dependencies, ...optionalDependencies })) {
      const place = placeOf(lock, from, name)
      if (!place || places.has(place)) continue
      places.add(place)
      visit(place)
    }
  }
  visit('')
  const found = new Map()
  for (const place of places) {
    const name = place.slice(place.lastIndexOf('node_modules/') + 'node_modules/'.length)
    const { version, license } = lock.packages[place]
    const own = join(root, place, 'package.json')
    // An older package says it in its own file only.
    const said = license ?? (existsSync(own) ? licenseIn(JSON.parse(readFileSync(own, 'utf8'))) : 'not said')
    const key = `${name} ${version}`
    found.set(key, { name, version, license: LOOKED_AT[key] ?? said })
  }
  return [...found.values()].sort((a, b) => `${a.name} ${a.version}`.localeCompare(`${b.name} ${b.version}`, 'en'))
}

const licenseIn = ({ license, licenses }) =>
  typeof license === 'object' ? license.type : (license ?? licenses?.[0]?.type ?? 'not said')

/** The whole file. */
export function text() {
  const rows = packages().map((one) => `| ${one.name} | ${one.version} | ${one.license} |`)
  return `# Whose work goes out with Kobby

Kobby's own code is under the MIT license (\`LICENSE\`). What follows keeps its own: each package brings the text of
its license in its folder. The typefaces, Atkinson Hyperlegible Next and Bricolage Grotesque, come as packages under
the SIL Open Font License 1.1. The icons come from @mdi/js. The pictures in \`docs/screenshots\` are of Kobby and
its invented demo home, and go with its code.

| package | version | license |
|---|---|---|
${rows.join('\n')}
`
}

if (process.argv[1] === fileURLToPath(import.meta.url)) writeFileSync(FILE, text())

import { spawn } from 'node:child_process'
import { dirname, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

/** What the scripts share. Node's own modules only: this runs before anything is installed. */

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '..')
export const say = (words) => console.log(words)

/** Runs a command to its end; shows its output only when it fails. */
export function run(command, args, env = {}) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    let output = ''
    child.stdout.on('data', (data) => (output += data))
    child.stderr.on('data', (data) => (output += data))
    child.on('error', fail)
    child.on('close', (code) =>
      code === 0 ? done(output) : fail(new Error(`${command} ${args.join(' ')} failed:\n${output.slice(-4000)}`)),
    )
  })
}

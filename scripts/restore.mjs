import { command } from './prepare.mjs'

process.exit(await command('restore', process.argv.slice(2)))

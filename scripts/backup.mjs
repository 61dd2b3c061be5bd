import { command } from './prepare.mjs'

process.exit(await command('backup', process.argv.slice(2)))

import { demoHome } from './home'

/** Prints the demo home as a plan file, for the date given or for today. */
process.stdout.write(JSON.stringify(demoHome(process.argv[2] ?? new Date().toISOString().slice(0, 10))))

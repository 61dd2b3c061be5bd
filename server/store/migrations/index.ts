import { first } from './001-first'
import { library } from './002-library'
import { stamps } from './003-stamps'
import { license } from './004-license'
import { daysAndRoom } from './005-days-and-room'
import { supplies } from './006-supplies'
import { stepsAndCounts } from './007-steps-and-counts'
import { devices } from './008-devices'
import { status } from './009-status'
import { things } from './010-things'
import { clockDatesPictures } from './011-clock-dates-pictures'
import { topicsAndPictures } from './012-topics'
import { mixing } from './013-mixing'
import { preparation } from './014-preparation'
import { printing } from './015-printing'
import { printOwn } from './016-print-own'
import { circles } from './017-circles'
import { books } from './018-books'
import type { Migration } from './migration'

export type { Migration }
/** Every step of the database's form, in order. A new one is a new file at the end. */
export const MIGRATIONS: readonly Migration[] = [
  first,
  library,
  stamps,
  license,
  daysAndRoom,
  supplies,
  stepsAndCounts,
  devices,
  status,
  things,
  clockDatesPictures,
  topicsAndPictures,
  mixing,
  preparation,
  printing,
  printOwn,
  circles,
  books,
]

import { PAPERS } from '../printing'
import { aboveFoot, type Page, type PrinterRules } from './page'
import { newPen, wholePage } from './pen'
import { circle, line, text, textIn } from './svg'

/** How far a printer may be off, in mm to each side. */
const REACH = 15

/**
 * Two sides of one sheet, to set the printer by once: the front has a cross with a mark for each millimeter, the back a
 * cross where the middle should be. Held against the light, the cross of the back points at how far it is off.
 */
export function testSheet(rules: PrinterRules): Page[] {
  const pen = newPen(rules)
  const [width, height] = PAPERS[rules.paper]
  const [cx, cy] = [width / 2, height / 2]
  const paint = { stroke: pen.text, width: 0.2 }
  const marks = Array.from({ length: 2 * REACH + 1 }, (_, i) => i - REACH).flatMap((at) => {
    const long = at % 5 === 0 ? 4 : 2
    const words = at !== 0 && at % 5 === 0 ? String(Math.abs(at)) : ''
    return [
      line(cx + at, cy - long, cx + at, cy, paint),
      line(cx - long, cy + at, cx, cy + at, paint),
      words && text(words, cx + at, cy - 5, { size: 2.6, anchor: 'middle', fill: pen.text }),
      words && text(words, cx - 5.5, cy + at + 0.9, { size: 2.6, anchor: 'end', fill: pen.text }),
    ]
  })
  const cross = line(cx - REACH, cy, cx + REACH, cy, paint) + line(cx, cy - REACH, cx, cy + REACH, paint)
  const area = aboveFoot(rules)
  const front = textIn(
    'Print on both sides, turned along the long edge. Hold the sheet against the light, this side to you. ' +
      'Where the cross of the back meets the two lines, read how many millimeters it lies to the right and below, ' +
      'and write that down under Printer.',
    { ...area, height: 40 },
    { most: 5, fill: pen.text, lines: 6 },
  )
  const back =
    circle(cx, cy, 1, { stroke: pen.text, width: 0.3 }) +
    line(cx - 8, cy, cx + 8, cy, { ...paint, width: 0.4 }) +
    line(cx, cy - 8, cx, cy + 8, { ...paint, width: 0.4 })
  return [
    wholePage(pen, 'Test sheet', front + cross + marks.join('')),
    { width, height, body: back, pieces: 0, back: true, pictures: new Set() },
  ]
}

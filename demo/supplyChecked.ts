/**
 * Ten lines of the list of Wind and Kites as they come out on paper, with Tuesday 10 March 2026, day 4, as today. Tests
 * hold core, screen, print and table to them.
 *
 * Here on Tuesday: Pip, Oona, Tamsin, Juno, Bodhi and Calla, and Ravi from 15:15. Idris comes on Monday, Wednesday and
 * Friday, Juno not on Monday, Calla on Monday, Tuesday and Thursday. Asleep at 9:40: Pip. Asleep at 13:15: Pip, Oona
 * and Tamsin.
 */
export interface CheckedLine {
  name: string
  /** Needed, there, and to get, in base units. */
  need: number
  there: number
  get: number
  /** Packs and cents; empty and 0 where nothing is bought. */
  packs: string
  cents: number
  when: string
}

export const SUPPLY_CHECKED: CheckedLine[] = [
  // Comes back: the dough table has 24 from day 1 to 10, the glow table 20 from day 1 to 5: 44 at once, of 40. One pack
  // of 20 at 4.50 beats one of 60 at 11.90. It was needed on Thursday 5, so on Wednesday 4; the next trip, Wednesday
  // 11, is seven days late.
  {
    name: 'large beads',
    need: 44,
    there: 40,
    get: 4,
    packs: '1 × 20',
    cents: 450,
    when: 'late by 7 days: next trip Wed 11',
  },
  // Comes back: Sail a cork on Thursday 12 at 9:40. Juno, Bodhi and Calla take three each, Oona and Tamsin one: 9 + 2,
  // of 6. The trip before Thursday is Wednesday 11. Six at 4.99.
  { name: 'float blocks', need: 11, there: 6, get: 5, packs: '1 × 6', cents: 499, when: 'by Wed 11' },
  // Used up: Snack sails on Wednesday 18 at 10:15, half a banana each for Oona, Idris, Tamsin, Juno and Bodhi: 2.5, so
  // 3. Pip sleeps. The last trip on a day before is Saturday 14. Six at 1.49.
  { name: 'bananas', need: 3, there: 0, get: 3, packs: '1 × 6', cents: 149, when: 'by Sat 14' },
  // The same five, 50 g each.
  { name: 'plain yogurt', need: 250, there: 0, get: 250, packs: '1 × 900 g', cents: 449, when: 'by Sat 14' },
  // Straw blowing on Wednesday 11, two sheets each for Juno and Bodhi, and names to trace for six kids, a sheet each:
  // 140 - 10 = 130, and 150 is the least: 20 more.
  // 100 at 2.00 beats 500 at 6.20. Not needed for the plan, so on the last dollar aisle Saturday that it joins:
  // Saturday 14, the next.
  { name: 'white paper', need: 10, there: 140, get: 20, packs: '1 × 100 sheets', cents: 200, when: 'by Sat 14' },
  // Kite tails today at 9:40: Oona, Tamsin, Juno, Bodhi and Calla, five each and a tenth to spare: 27.5, so 28.
  { name: 'buttons', need: 28, there: 60, get: 0, packs: '', cents: 0, when: '' },
  // The same five, 90 cm each and a tenth: 495 cm of 600.
  { name: 'ribbon', need: 495, there: 600, get: 0, packs: '', cents: 0, when: '' },
  // Bead kite strings today at 13:15: Juno, Bodhi and Calla are awake, 20 each and a tenth: 66 of 180.
  { name: 'small beads', need: 66, there: 180, get: 0, packs: '', cents: 0, when: '' },
  // Print with wheels on Wednesday 11 at 9:40: Oona, Idris, Tamsin, Juno and Bodhi, 60 cm of the roll each: 300 of 320.
  { name: 'paper from the roll', need: 300, there: 320, get: 0, packs: '', cents: 0, when: '' },
  // Sail a cork, one each for Juno, Bodhi and Calla: 3. Ice boats on Friday 13, two each for Oona, Idris, Tamsin, Juno
  // and Bodhi and a tenth: 11. Salt dough tags on Monday 16, one each for Idris, Tamsin, Bodhi and Calla: 4. 18 of 24.
  { name: 'craft sticks', need: 18, there: 24, get: 0, packs: '', cents: 0, when: '' },
]

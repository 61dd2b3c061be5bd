/** How lively they are after each item: from 0, each adding its own, held within what a room can take. */
const LEAST = -2
const MOST = 3

/**
 * The line of energy through a circle.
 *
 * @param energies what each item adds, in the order in which they go
 * @returns how lively they are after each; 0 before the first
 */
export function energyLine(energies: readonly number[]): number[] {
  let now = 0
  return energies.map((one) => (now = Math.min(MOST, Math.max(LEAST, now + one))))
}

/** What comes after a circle, as far as it matters how they come out of it. */
export type ComesAfter = 'meal' | 'nap' | 'table' | 'outdoors' | 'other'

/** Whether a circle ends as calm as what follows needs: at or below 0 before a meal, sleep or work at the table. */
export function endsWell(line: readonly number[], after: ComesAfter): boolean {
  const end = line.length ? line[line.length - 1] : 0
  return after === 'outdoors' || after === 'other' || end <= 0
}

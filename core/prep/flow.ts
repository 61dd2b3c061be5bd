/**
 * The largest flow from a source to a sink: Dinic's algorithm (E. A. Dinic, 1970), for the small networks of a unit's
 * preparation.
 */
export class Network {
  private readonly to: number[] = []
  private readonly room: number[] = []
  private readonly edges: number[][]

  /** @param nodes how many there are; 0 is the source and 1 the sink */
  constructor(nodes: number) {
    this.edges = Array.from({ length: nodes }, () => [])
  }

  /** Adds an edge, and returns its number. */
  edge(from: number, to: number, capacity: number): number {
    this.edges[from].push(this.to.push(to) - 1)
    this.room.push(capacity)
    this.edges[to].push(this.to.push(from) - 1)
    this.room.push(0)
    return this.to.length - 2
  }

  /** What flows through an edge, once {@link most} was asked for. */
  through(edge: number): number {
    return this.room[edge + 1]
  }

  /** The largest flow from node 0 to node 1. */
  most(): number {
    let total = 0
    for (let levels = this.levels(); levels[1] >= 0; levels = this.levels()) {
      const next = new Int32Array(this.edges.length)
      for (let pushed = this.push(0, Infinity, levels, next); pushed > 0; pushed = this.push(0, Infinity, levels, next))
        total += pushed
    }
    return total
  }

  private levels(): Int32Array {
    const levels = new Int32Array(this.edges.length).fill(-1)
    levels[0] = 0
    const queue = [0]
    for (const node of queue)
      for (const edge of this.edges[node])
        if (this.room[edge] > 0 && levels[this.to[edge]] < 0) {
          levels[this.to[edge]] = levels[node] + 1
          queue.push(this.to[edge])
        }
    return levels
  }

  private push(node: number, most: number, levels: Int32Array, next: Int32Array): number {
    if (node === 1) return most
    for (; next[node] < this.edges[node].length; next[node]++) {
      const edge = this.edges[node][next[node]]
      const to = this.to[edge]
      if (this.room[edge] <= 0 || levels[to] !== levels[node] + 1) continue
      const pushed = this.push(to, Math.min(most, this.room[edge]), levels, next)
      if (pushed <= 0) continue
      this.room[edge] -= pushed
      // Edges lie in pairs: the way back of one that is a way back is the edge before it.
      this.room[edge ^ 1] += pushed
      return pushed
    }
    return 0
  }
}

/** A stretch in which each of some adults does one job, or none: an index of a job, or -1. */
export interface Shift {
  minutes: number
  jobs: number[]
}

/**
 * Parts a stretch of time so that no adult does two jobs at once and no job is done by two: possible whenever no row and
 * no column of the matrix comes to more than the stretch (preemptive open shop: T. Gonzalez and S. Sahni, 1976; by
 * perfect matchings of the matrix filled up to equal sums, G. Birkhoff, 1946).
 *
 * @param minutes by job, by adult
 * @param length minutes of the stretch, no less than any row's or column's sum
 */
export function shiftsOf(minutes: readonly (readonly number[])[], length: number): Shift[] {
  const [jobs, adults] = [minutes.length, minutes[0]?.length ?? 0]
  const size = jobs + adults
  const full = Array.from({ length: size }, () => new Array<number>(size).fill(0))
  minutes.forEach((row, job) => {
    row.forEach((value, adult) => {
      full[job][adult] = value
      full[jobs + adult][adults + job] = value
    })
    full[job][adults + job] = length - row.reduce((sum, value) => sum + value, 0)
  })
  for (let adult = 0; adult < adults; adult++)
    full[jobs + adult][adult] = length - minutes.reduce((sum, row) => sum + row[adult], 0)
  const shifts: Shift[] = []
  for (let left = length; left > 0;) {
    const rowOf = matching(full)
    const step = Math.min(left, ...rowOf.map((row, column) => full[row][column]))
    shifts.push({ minutes: step, jobs: rowOf.slice(0, adults).map((row) => (row < jobs ? row : -1)) })
    rowOf.forEach((row, column) => (full[row][column] -= step))
    left -= step
  }
  return shifts
}

/** A row for each column, each row once, all entries above 0. There is one while all sums are equal and above 0. */
function matching(matrix: readonly (readonly number[])[]): number[] {
  const rowOf = new Array<number>(matrix.length).fill(-1)
  const place = (row: number, seen: boolean[]): boolean =>
    matrix[row].some((value, column) => {
      if (value <= 0 || seen[column]) return false
      seen[column] = true
      if (rowOf[column] >= 0 && !place(rowOf[column], seen)) return false
      rowOf[column] = row
      return true
    })
  matrix.forEach((_, row) => place(row, []))
  return rowOf
}

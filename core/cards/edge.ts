/** A point of a drawing that is 32 wide. */
interface Point {
  x: number
  y: number
}

/**
 * The outer edge of the largest area of a picture, followed from square to square with the area on its right.
 *
 * @param filled whether a square of the picture has anything in it, row by row
 * @param side squares along one side, 2 or more
 * @returns points around it in a drawing that is 32 wide; none where the picture is empty
 */
export function edgeOfMask(filled: ArrayLike<boolean | number>, side: number): Point[] {
  const at = (x: number, y: number) => x >= 0 && y >= 0 && x < side && y < side && Boolean(filled[y * side + x])
  const area = largestArea(at, side)
  if (!area.size) return []
  const inArea = (x: number, y: number) => x >= 0 && y >= 0 && x < side && y < side && area.has(y * side + x)
  const first = Math.min(...area)
  const start = { x: first % side, y: Math.floor(first / side) }
  // Along the corners of squares, so that what is one square wide has two sides.
  const WAYS = [
    [1, 0],
    [0, 1],
    [-1, 0],
    [0, -1],
  ] as const
  const rightOf = (x: number, y: number, way: number) => {
    const [dx, dy] = [
      [0, 0],
      [-1, 0],
      [-1, -1],
      [0, -1],
    ][way]
    return inArea(x + dx, y + dy)
  }
  const leftOf = (x: number, y: number, way: number) => {
    const [dx, dy] = [
      [0, -1],
      [0, 0],
      [-1, 0],
      [-1, -1],
    ][way]
    return inArea(x + dx, y + dy)
  }
  const points: Point[] = []
  let [x, y, way] = [start.x, start.y, 0]
  do {
    points.push({ x: (x * 32) / side, y: (y * 32) / side })
    x += WAYS[way][0]
    y += WAYS[way][1]
    if (leftOf(x, y, way)) way = (way + 3) % 4
    else if (!rightOf(x, y, way)) way = (way + 1) % 4
  } while ((x !== start.x || y !== start.y || way !== 0) && points.length < side * side * 4)
  return points
}

function largestArea(at: (x: number, y: number) => boolean, side: number): Set<number> {
  const seen = new Set<number>()
  let best = new Set<number>()
  for (let index = 0; index < side * side; index++) {
    if (seen.has(index) || !at(index % side, Math.floor(index / side))) continue
    const own = new Set([index])
    const open = [index]
    seen.add(index)
    while (open.length) {
      const one = open.pop()!
      const [x, y] = [one % side, Math.floor(one / side)]
      for (const [dx, dy] of [
        [1, 0],
        [-1, 0],
        [0, 1],
        [0, -1],
      ]) {
        const next = (y + dy) * side + x + dx
        if (!at(x + dx, y + dy) || seen.has(next)) continue
        seen.add(next)
        own.add(next)
        open.push(next)
      }
    }
    if (own.size > best.size) best = own
  }
  return best
}

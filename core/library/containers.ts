import type { BinContainer } from '../domain'

const container = (id: string, name: string, length: number, width: number, height: number): BinContainer => ({
  id,
  name,
  lengthMm: length * 10,
  widthMm: width * 10,
  heightMm: height * 10,
})

/** Containers that most houses have or can get, by usual inner measures in cm. Hers are measured and added. */
export const CONTAINERS: readonly BinContainer[] = [
  container('low-tub', 'Long low tub', 58, 41, 15),
  container('storage-tub', 'Storage tub', 55, 36, 30),
  container('dish-tub', 'Dish tub', 35, 30, 14),
  container('baby-bath', 'Baby bath', 72, 44, 20),
  container('water-table', 'Water table', 88, 60, 18),
  container('wading-pool', 'Wading pool, square', 110, 110, 25),
  container('baking-sheet', 'Baking sheet with a rim', 43, 30, 2.5),
  container('shoe-box', 'Shoe box with a lid', 31, 18, 11),
]

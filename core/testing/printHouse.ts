import type { PrintHouse } from '../cards'

/** What sheets of a made-up house say. */
export const HOUSE_FOR_TESTS: PrintHouse = {
  day: [
    { name: 'Breakfast', time: '8 to 8:30', picture: '' },
    { name: 'Circle', time: '8:45 to 9', picture: 'musical-notes' },
  ],
  centers: [{ name: 'Art table', picture: 'crayon' }],
  days: ['Mon 9, day 1', 'Tue 10, day 2'],
  places: ['hall closet', 'blue box under the stairs'],
  care: [
    { name: 'Juno', allergens: 'milk and eggs', diet: '' },
    { name: 'Bodhi', allergens: '', diet: 'no gelatin' },
  ],
  binRules: ['It all stays in the bin.', 'Hands and scoops, no mouths.'],
  recipes: [{ name: 'Cloud dough', steps: ['Pour the flour into the bowl.', 'Rub in the oil.'] }],
  event: { name: 'our kite picnic', date: 'Wednesday, March 18', bring: ['a hat'] },
  home: 'Larkspur House',
}

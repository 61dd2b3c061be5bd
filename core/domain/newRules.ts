import type { BinRules } from './bin'
import type { CircleRules } from './circle'
import type { License, LicenseRule } from './license'
import type { PrepRules } from './prep'
import type { PrintRules } from './printSet'

/** The rules that a new home goes by until it says otherwise. */

const EXAMPLE_RATIOS = { infant: 4, 'young-toddler': 6, 'older-toddler': 6, preschool: 10, 'school-age': 12 }
/** An example of each form of rule, not anybody's law. */
export const EXAMPLE_RULES: { [K in LicenseRule['kind']]: Extract<LicenseRule, { kind: K }> } = {
  ratios: { kind: 'ratios', perAdult: EXAMPLE_RATIOS },
  youngest: { kind: 'youngest', perAdult: EXAMPLE_RATIOS },
  points: {
    kind: 'points',
    points: { infant: 3, 'young-toddler': 2, 'older-toddler': 2, preschool: 1, 'school-age': 1 },
    perAdult: 8,
  },
}
/** An example, not anybody's law: the home replaces it by what its license says. */
export const EXAMPLE_LICENSE: License = { children: 8, underTwo: null, example: true, rule: EXAMPLE_RULES.ratios }
/** What a home starts with. */
export const NEW_BIN_RULES: BinRules = {
  rules: ['It all stays in the bin.', 'Hands and scoops, no mouths.', 'We pick up what falls, together.'],
  young: ['It stays in the bin.'],
  thrown: 'away-for-the-day',
  calmTimes: 3,
}
/** What a home starts with. */
export const NEW_PREP_RULES: PrepRules = { style: 'early', notOn: [], paces: {}, round: [] }
export const NEW_PRINT_RULES: PrintRules = {
  paper: null,
  margin: 6,
  ink: 'color',
  hand: 'plain',
  back: { x: 0, y: 0 },
  templates: [],
}
/** The usual minutes: 3-computations, section 10. */
export const NEW_CIRCLE_RULES: CircleRules = { sitting: [4, 7, 10, 14, 18], sameOpening: true }

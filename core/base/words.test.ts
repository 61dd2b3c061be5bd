import { describe, expect, it } from 'vitest'
import { CENTER_KINDS, DOMAINS, HAZARDS, STAGES } from '../domain'
import { allergenChoices, CENTER_NAMES, DOMAIN_NAMES, HAZARD_NAMES, STAGE_NAMES } from './names'
import {
  clockWords,
  fullDate,
  hourWords,
  spanWords,
  countWords,
  listWords,
  longDate,
  mediumDate,
  minutesWords,
  moneyWords,
  quantityWords,
  weekdaysWords,
} from './words'
import { sayLike } from './wordStyle'

describe('quantities', () => {
  it.each([
    [24, 'each', 'metric', '24'],
    [2460, 'g', 'metric', '2.46 kg'],
    [999, 'g', 'metric', '999 g'],
    [1500, 'ml', 'metric', '1.5 l'],
    [495, 'cm', 'metric', '4.95 m'],
    [1, 'sheet', 'metric', '1 sheet'],
    [2.5, 'sheet', 'us', '2.5 sheets'],
    [453.592, 'g', 'us', '1 lb'],
    [28.35, 'g', 'us', '1 oz'],
    [236.588, 'ml', 'us', '1 cup'],
    [473.176, 'ml', 'us', '2 cups'],
    [237, 'ml', 'us', '1 cup'],
    [240, 'ml', 'us', '1.01 cups'],
    [14.787, 'ml', 'us', '1 tbsp'],
    [4.929, 'ml', 'us', '1 tsp'],
    [2.54, 'cm', 'us', '1 in'],
    [90, 'cm', 'us', '35.4 in'],
    [600, 'cm', 'us', '19.7 ft'],
    [100, 'ml', 'us', '0.42 cup'],
  ] as const)('%d %s in %s measures is %s', (quantity, unit, measures, words) =>
    expect(quantityWords(quantity, unit, measures)).toBe(words),
  )
})
describe('words', () => {
  it('say money, lists and counts', () => {
    expect([moneyWords(4120, 'USD'), moneyWords(0, 'EUR')]).toEqual(['$41.20', '€0.00'])
    expect([listWords([]), listWords(['Pip']), listWords(['Pip', 'Oona']), listWords(['Pip', 'Oona', 'Bo'])]).toEqual([
      '',
      'Pip',
      'Pip and Oona',
      'Pip, Oona and Bo',
    ])
    expect([countWords(1, 'child', 'children'), countWords(0, 'idea')]).toEqual(['1 child', '0 ideas'])
  })
  it('say dates and weekdays', () => {
    expect([longDate('2026-03-10'), mediumDate('2026-03-10'), clockWords('09:05'), clockWords('10:00')]).toEqual([
      'Tuesday, March 10',
      'Tue, Mar 10',
      '9:05 AM',
      '10:00 AM',
    ])
    expect([clockWords('15:15'), clockWords('00:30'), clockWords('12:00'), hourWords('15:15')]).toEqual([
      '3:15 PM',
      '12:30 AM',
      '12:00 PM',
      '3:15',
    ])
    expect([spanWords({ from: '08:30', to: '10:00' }), spanWords({ from: '12:45', to: '14:30' })]).toEqual([
      '8:30 to 10',
      '12:45 to 2:30',
    ])
    expect(fullDate('2026-03-10')).toBe('March 10, 2026')
  })
  it('say them as a home does that has a clock of 24 hours and the day first', () => {
    sayLike({ clock: '24h', dates: 'day-first' })
    try {
      expect([longDate('2026-03-10'), mediumDate('2026-03-10'), fullDate('2026-03-10')]).toEqual([
        'Tuesday 10 March',
        'Tue 10 Mar',
        '10 March 2026',
      ])
      expect([clockWords('09:05'), clockWords('15:15'), hourWords('15:15')]).toEqual(['9:05', '15:15', '15:15'])
      expect(spanWords({ from: '08:30', to: '10:00' })).toBe('8:30 to 10:00')
    } finally {
      sayLike(null)
    }
  })
  it('say weekdays', () => {
    expect([
      weekdaysWords(['thu', 'mon', 'tue', 'wed']),
      weekdaysWords(['mon', 'wed', 'fri']),
      weekdaysWords(['sat', 'sun']),
      weekdaysWords([]),
    ]).toEqual(['Mon to Thu', 'Mon, Wed and Fri', 'Sat and Sun', ''])
  })
  it('have a name for every code', () => {
    for (const [codes, names] of [
      [DOMAINS, DOMAIN_NAMES],
      [STAGES, STAGE_NAMES],
      [CENTER_KINDS, CENTER_NAMES],
      [HAZARDS, HAZARD_NAMES],
    ] as const)
      expect(Object.keys(names).sort()).toEqual([...codes].sort())
  })
})

it.each([
  [0, '0 min'],
  [45, '45 min'],
  [120, '2 h'],
  [225, '3 h 45 min'],
])('says %i minutes as %s', (minutes, words) => expect(minutesWords(minutes)).toBe(words))

it('offers the nine major allergens and those of the home, in words', () => {
  const choices = allergenChoices(['kiwi-fruit'])
  expect(choices).toHaveLength(10)
  expect(choices.find((one) => one.value === 'tree-nuts')?.title).toBe('tree nuts')
  expect(choices.at(-1)).toEqual({ title: 'kiwi fruit', value: 'kiwi-fruit' })
})

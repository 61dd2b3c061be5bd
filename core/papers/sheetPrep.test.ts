import { describe, expect, it } from 'vitest'
import { newSlowProject, type UnitSnapshot } from '../domain'
import { resolvePlan } from '../plan'
import { newMark, preparationOf } from '../prep'
import { aHome, aPlacement, aSnapshot, aUnit, anActivity, moment } from '../testing/build'
import { daySheet } from './daySheet'

const EVERY = { from: '08:30', to: '14:30' }
const adult = (id: string, name: string, over: object = {}) => ({
  id,
  name,
  role: 'provider' as const,
  hours: { wed: EVERY, thu: EVERY },
  exceptions: [],
  prepWindows: [],
  prepDays: [],
  note: '',
  ...over,
})
/** Wednesday, March 4 to Friday; Maren has the naps, Teo nothing of his own. */
const snapshot = (over: Partial<UnitSnapshot> = {}): UnitSnapshot =>
  aSnapshot({
    home: aHome(),
    adults: [
      adult('m', 'Maren', { prepWindows: [{ weekday: 'wed', name: 'Nap', from: '13:00', to: '15:00', naps: false }] }),
      adult('t', 'Teo', { role: 'assistant' }),
    ],
    activities: [
      anActivity({
        title: 'Felt kites',
        prep: [
          {
            id: 'p',
            text: 'Cut five kites: no small ones',
            minutes: 10,
            wait: 0,
            splits: false,
            uses: [],
            kind: null,
            per: null,
          },
        ],
      }),
    ],
    unit: aUnit({ start: '2026-03-04', days: 3 }),
    placements: [aPlacement(moment(2))],
    today: '2026-03-03',
    ...over,
  })
const reminders = (one: UnitSnapshot, day: number) => daySheet(one, resolvePlan(one), day).reminders

describe('the sheet of a day', () => {
  it('lists what a helper was handed to prepare that day, within the helper’s hours', () => {
    const plain = snapshot()
    expect(reminders(plain, 1)).toEqual([])
    const [task] = preparationOf(plain, resolvePlan(plain), []).tasks
    const handed = { ...plain, prepMarks: [{ ...newMark('mark', task), adultId: 't' }] }
    expect(reminders(handed, 1)).toEqual(['Teo prepares, 1 to 2:30: Cut five kites (10 min, for Felt kites on Thu 5).'])
    expect(reminders(handed, 2)).toEqual([])
  })
  it('lists what is prepared before the first day on the first sheet, with its date', () => {
    const ahead = snapshot({
      adults: [
        adult('t', 'Teo', {
          prepWindows: [{ weekday: 'tue', name: 'Evening', from: '19:00', to: '20:00', naps: false }],
        }),
      ],
    })
    const [task] = preparationOf(ahead, resolvePlan(ahead), []).tasks
    const handed = { ...ahead, prepMarks: [{ ...newMark('mark', task), adultId: 't' }] }
    expect(reminders(handed, 1)).toEqual([
      'Teo prepares, Tue 3, 7 to 8: Cut five kites (10 min, for Felt kites on Thu 5).',
    ])
    expect(reminders(handed, 2)).toEqual([])
  })
  it('says what grows needs, and who does it while the home is closed', () => {
    const grass = { ...newSlowProject('g', 'Grass', 1, 3), care: 'Mist it', careBy: { '2026-03-07': 'Teo' } }
    const own = aUnit({ start: '2026-03-04', days: 4, slowProjects: [{ ...grass, toDay: 4 }] })
    const growing = snapshot({ unit: own })
    expect(reminders(growing, 2)).toEqual(['Grass: mist it.'])
    // Friday, before the weekend.
    expect(reminders(growing, 3)).toEqual([
      'Grass: mist it.',
      'Grass, while we are closed: Saturday, March 7 Teo and Sunday, March 8 nobody yet.',
    ])
  })
})

/**
 * Three days of Wheels and Ramps as they come out on paper, with 10 March 2026 as today. Tests hold core and screen to
 * them.
 *
 * Ages on those days: Pip 10 months (infant), Oona 19 (young toddler), Idris 28 and Tamsin 34 (older toddlers), Juno
 * 41, Bodhi 49 and Calla 59 (preschool), Ravi 75 (school-age). Bounds at 12, 24, 36 and 60. Here: Pip Mon-Thu, Oona,
 * Tamsin and Bodhi every day, Idris Mon, Wed, Fri, Juno Tue-Fri, Calla Mon, Tue, Thu, Ravi every day from 15:15.
 * Asleep: Pip 9:30 to 10:45 and 13:00 to 15:00, Oona 12:45 to 15:00, Idris 12:45 to 14:45, Tamsin 12:45 to 14:30.
 */

export interface HandCheckedCard {
  title: string
  from: string
  to: string
  takesPart: string[]
  beside: string[]
  asleep: string[]
  cautions: string[]
}

/** Adults asked for and there, by stretch: from, to, children, asked for, there. */
export type HandCheckedStretch = [from: string, to: string, children: number, asked: number, there: number]

export interface HandCheckedDay {
  number: number
  date: string
  cards: HandCheckedCard[]
  stretches: HandCheckedStretch[]
}

/*
 * Adults asked for, by the example rule: infant 1/4, toddlers 1/6 each, preschool 1/10 each, school-age 1/12,
 * rounded up. Thursday and Tuesday from 15:15 to 16:30: Pip 0.25, Oona and Tamsin 0.333, Juno, Bodhi and Calla 0.3,
 * Ravi 0.083, together 0.967: one. Monday at the same time Idris is there and Juno is not: 0.25 + 0.5 + 0.2 + 0.083
 * = 1.033: two, and Maren is alone since Teo left at 14:30. Earlier and later there are fewer, so one.
 * They come and go: Tamsin 7:50 to 17:00, Pip 8:00 to 16:30, Oona and Calla 8:00 to 16:45, Bodhi 8:00 to 17:15,
 * Idris 8:15 to 16:30, Juno 8:30 to 17:00, Ravi 15:15 to 17:30; Maren 7:45 to 17:30, Teo 8:30 to 14:30.
 */
const WITHOUT_IDRIS: HandCheckedStretch[] = [
  ['7:50', '8:00', 1, 1, 1],
  ['8:00', '8:30', 5, 1, 1],
  ['8:30', '14:30', 6, 1, 2],
  ['14:30', '15:15', 6, 1, 1],
  ['15:15', '16:30', 7, 1, 1],
  ['16:30', '16:45', 6, 1, 1],
  ['16:45', '17:00', 4, 1, 1],
  ['17:00', '17:15', 2, 1, 1],
  ['17:15', '17:30', 1, 1, 1],
]

export const HAND_CHECKED: HandCheckedDay[] = [
  {
    number: 1,
    date: '2026-03-19',
    stretches: WITHOUT_IDRIS,
    cards: [
      // Ten minutes from 9:15 end at 9:25: Pip is still awake. It is for every stage. Shakers are large and sealed.
      {
        title: 'Pass the sound',
        from: '9:15',
        to: '9:25',
        takesPart: ['Pip', 'Oona', 'Tamsin', 'Juno', 'Bodhi', 'Calla'],
        beside: [],
        asleep: [],
        cautions: [],
      },
      // Twenty-five minutes from 9:40: Pip sleeps until 10:45, all the while. Markers of 140 mm and lids wider than
      // 31.7 mm are no small parts.
      {
        title: 'A wall of wheels',
        from: '9:40',
        to: '10:05',
        takesPart: ['Oona', 'Tamsin', 'Juno', 'Bodhi', 'Calla'],
        beside: [],
        asleep: ['Pip'],
        cautions: [],
      },
    ],
  },
  {
    number: 3,
    date: '2026-03-23',
    stretches: [
      ['7:50', '8:00', 1, 1, 1],
      ['8:00', '8:15', 5, 1, 1],
      ['8:15', '8:30', 6, 1, 1],
      ['8:30', '14:30', 6, 1, 2],
      ['14:30', '15:15', 6, 1, 1],
      ['15:15', '16:30', 7, 2, 1],
      ['16:30', '16:45', 5, 1, 1],
      ['16:45', '17:00', 3, 1, 1],
      ['17:00', '17:15', 2, 1, 1],
      ['17:15', '17:30', 1, 1, 1],
    ],
    cards: [
      // Blowing through a straw is for preschool and up; the three toddlers have something beside it. The paint is
      // thinned with water: a watch.
      {
        title: 'Straw blowing',
        from: '9:40',
        to: '9:50',
        takesPart: ['Bodhi', 'Calla'],
        beside: ['Oona', 'Idris', 'Tamsin'],
        asleep: ['Pip'],
        cautions: ['watch: Water'],
      },
      // In the yard from 10:30 to 10:45, which is when Pip wakes up: asleep for all of it.
      {
        title: 'Follow the leader',
        from: '10:30',
        to: '10:45',
        takesPart: ['Oona', 'Idris', 'Tamsin', 'Bodhi', 'Calla'],
        beside: [],
        asleep: ['Pip'],
        cautions: ['watch: Sun, heat and cold'],
      },
    ],
  },
  {
    number: 4,
    date: '2026-03-24',
    stretches: WITHOUT_IDRIS,
    cards: [
      // Rice of 7 x 2 x 2 mm fits the cylinder: a stop for Oona and Tamsin, who are under three; Pip sleeps from before
      // it until after it.
      {
        title: 'Rice rescue',
        from: '9:40',
        to: '10:00',
        takesPart: ['Tamsin', 'Juno', 'Bodhi', 'Calla'],
        beside: ['Oona'],
        asleep: ['Pip'],
        cautions: ['stop: Small parts'],
      },
      // After nap, when Ravi has come and Pip is awake: ramps are for toddlers and up, so Pip has something beside it.
      {
        title: 'Ramp lab',
        from: '15:15',
        to: '15:40',
        takesPart: ['Oona', 'Tamsin', 'Juno', 'Bodhi', 'Calla', 'Ravi'],
        beside: ['Pip'],
        asleep: [],
        cautions: [],
      },
    ],
  },
]

/**
 * Touches in the week of Monday 23 March, of which the unit holds three days, by child: language, early math, science,
 * creative arts, music and movement, sensory, fine motor, gross motor, practical life, social and emotional, the world.
 *
 * Set-ups give each child above one year: gutter (science, gross motor), garage (world, fine motor), oats (sensory,
 * fine motor), rollers (gross motor, creative arts), story (language, social), tongs (practical life, fine motor),
 * sounds (music, sensory): 1 0 1 1 1 2 3 2 1 1 1.
 * - Oona adds Follow the leader (gross motor, social) and Ramp lab (science, early math): Straw blowing, Rice rescue
 *   and Salt dough tags are beside or not for her.
 * - Idris, on Monday and Wednesday, adds Follow the leader and Salt dough tags (creative arts, practical life). No
 *   early math: both that count lie on Tuesday.
 * - Calla, on Monday and Tuesday, adds Straw blowing (creative arts, science), Follow the leader, Rice rescue (sensory,
 *   early math) and Ramp lab.
 * - Ravi comes after school and adds Ramp lab.
 */
export const HAND_CHECKED_TOUCHES: Record<string, number[]> = {
  Oona: [1, 1, 2, 1, 1, 2, 3, 3, 1, 2, 1],
  Idris: [1, 0, 1, 2, 1, 2, 3, 3, 2, 2, 1],
  Calla: [1, 2, 3, 2, 1, 3, 3, 3, 1, 2, 1],
  Ravi: [1, 1, 2, 1, 1, 2, 3, 2, 1, 1, 1],
}

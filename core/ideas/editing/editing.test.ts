import { describe, expect, it } from 'vitest'
import { STAGES } from '../../domain'
import { ACTIVITIES } from '../../library'
import { anActivity, aNeed } from '../../testing/build'
import { activityFrom, draftOf, emptyDraft, type ActivityDraft } from './activityDraft'
import { variantsFrom } from './variants'

const OWN = { id: 'mine', source: 'own' as const, pattern: null, origin: null, archived: false }
const write = (over: Partial<ActivityDraft>) =>
  activityFrom(
    {
      ...emptyDraft(),
      title: 'Mud pies',
      aim: 'Mix until it holds.',
      centers: ['outdoors'],
      domains: ['sensory'],
      steps: [{ id: 's', text: 'Mix.' }],
      does: { ...emptyDraft().does, preschool: 'Mix it.' },
      ...over,
    },
    OWN,
  )

describe('an activity in the editor', () => {
  it.each(ACTIVITIES.map((one) => [one.title, one] as const))('comes out as it went in: %s', (_, activity) => {
    expect(activityFrom(draftOf(activity), activity)).toEqual({ activity })
  })
  it('is about what is written with commas between, each once', () => {
    expect(write({ topics: ' Bread, baking;bread ,, oven ' }).activity?.topics).toEqual(['bread', 'baking', 'oven'])
    expect(write({ topics: Array.from({ length: 13 }, (_, i) => `t${i}`).join(',') }).errors).toEqual({
      topics: 'Name at most 12',
    })
    // A draft of an earlier version, kept on a device.
    expect(write({ topics: undefined as never }).activity?.topics).toEqual([])
  })
  it('makes one variant of stages that do the same, and keeps its id when another text changes', () => {
    const texts = (infant: string) =>
      STAGES.map((stage) => ({ stage, kind: 'does' as const, how: stage === 'infant' ? infant : 'Dig.' }))
    const [first, second] = variantsFrom(texts('Pat it.'))
    expect([first.stages, second.stages]).toEqual([['infant'], STAGES.slice(1)])
    expect(variantsFrom(texts('Pat it flat.'), [first, second]).map((one) => one.id)).toEqual([first.id, second.id])
  })
  it('never gives one id to two variants', () => {
    // "infant" once stood for two stages; now the infant has a text of its own while the old one keeps its id.
    const known = [{ id: 'preschool', stages: ['infant' as const], kind: 'does' as const, how: 'Look.' }]
    const made = variantsFrom(
      [
        { stage: 'infant', kind: 'does', how: 'Look.' },
        { stage: 'preschool', kind: 'does', how: 'Draw.' },
      ],
      known,
    )
    expect(made.map((one) => one.id)).toEqual(['preschool', 'preschool-2'])
  })
  it('points a material to those who use it', () => {
    const { activity } = write({
      beside: { ...emptyDraft().beside, infant: 'Splash.' },
      needs: [
        {
          id: 'cup',
          materialId: 'cup',
          quantity: 2,
          by: 'child',
          of: null,
          sparePercent: 10,
          only: ['beside infant'],
          adult: false,
          alternatives: [],
        },
      ],
    })
    expect(activity!.requirements[0]).toMatchObject({ variants: ['beside-infant'], spare: 0.1, quantity: 2 })
  })
  it('forgets what a preparation step used once that material is gone', () => {
    const draft = draftOf(
      anActivity({
        requirements: [aNeed('paper')],
        prep: [{ id: 'p', text: 'Cut.', minutes: 5, wait: 0, splits: true, uses: ['paper'], kind: null, per: null }],
      }),
    )
    expect(activityFrom({ ...draft, needs: [] }, OWN).activity!.prep[0].uses).toEqual([])
  })
})

describe('a draft that is not whole', () => {
  it('says what is missing, by field', () => {
    expect(activityFrom(emptyDraft(), OWN).errors).toEqual({
      title: 'This cannot be empty',
      aim: 'This cannot be empty',
      centers: 'Name at least one center',
      domains: 'Name at least one domain',
      variants: 'Write at least one variant',
      steps: 'Write at least one step',
    })
  })
  it.each<[string, Partial<ActivityDraft>, string, string]>([
    [
      'no material',
      {
        needs: [
          {
            id: 'n',
            materialId: null,
            quantity: 1,
            by: 'child',
            of: null,
            sparePercent: 0,
            only: [],
            adult: false,
            alternatives: [],
          },
        ],
      },
      'needs.0.materialId',
      'Choose a material',
    ],
    [
      'a quantity of 0',
      {
        needs: [
          {
            id: 'n',
            materialId: 'cup',
            quantity: 0,
            by: 'child',
            of: null,
            sparePercent: 0,
            only: [],
            adult: false,
            alternatives: [],
          },
        ],
      },
      'needs.0.quantity',
      'Write how many, more than 0',
    ],
    [
      'a group of nobody',
      {
        needs: [
          {
            id: 'n',
            materialId: 'cup',
            quantity: 1,
            by: 'group',
            of: 0,
            sparePercent: 0,
            only: [],
            adult: false,
            alternatives: [],
          },
        ],
      },
      'needs.0.of',
      'Write how many children share it, 1 to 30',
    ],
    [
      'a spare of 300 percent',
      {
        needs: [
          {
            id: 'n',
            materialId: 'cup',
            quantity: 1,
            by: 'child',
            of: null,
            sparePercent: 300,
            only: [],
            adult: false,
            alternatives: [],
          },
        ],
      },
      'needs.0.sparePercent',
      'Write a share from 0 to 200',
    ],
    ['no minutes', { minutes: { setUp: 5, do: null, clear: 0 } }, 'minutes.do', 'Write whole minutes, 0 to 1440'],
    [
      'preparation without words',
      {
        prep: [
          {
            id: 'p',
            text: ' ',
            minutes: 5,
            wait: null,
            overnight: false,
            splits: false,
            uses: [],
            kind: null,
            per: null,
          },
        ],
      },
      'prep.0.text',
      'This cannot be empty',
    ],
    [
      'half a minute of waiting',
      {
        prep: [
          {
            id: 'p',
            text: 'Dry',
            minutes: 5,
            wait: 0.5,
            overnight: false,
            splits: false,
            uses: [],
            kind: null,
            per: null,
          },
        ],
      },
      'prep.0.wait',
      'Write whole minutes',
    ],
    [
      'only a beside',
      { does: emptyDraft().does, beside: { ...emptyDraft().beside, infant: 'Splash.' } },
      'variants',
      'Somebody must do it: a beside alone is another idea',
    ],
  ])('names the field: %s', (_, over, field, message) => expect(write(over).errors).toEqual({ [field]: message }))
})

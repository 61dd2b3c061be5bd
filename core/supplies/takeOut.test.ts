import { describe, expect, it } from 'vitest'
import { newPrintSet } from '../cards'
import { resolvePlan } from '../plan'
import { aMaterial, anActivity, aNeed, aPlacement, aSnapshot, moment } from '../testing/build'
import { takeOut } from './takeOut'

describe('what an idea takes out when it is done', () => {
  it.each(['placed', null])('leaves to its printing the paper of a set for %s', (placementId) => {
    const glue = { ...aMaterial({ id: 'glue', onHand: 100 }), use: 'consumable' as const }
    const card = { ...aMaterial({ id: 'card-stock', onHand: 20 }), use: 'consumable' as const }
    const set = {
      ...newPrintSet('s', 'unit', 'pairs', placementId),
      made: { sheets: 4, pieces: 12, with: null },
    }
    const snapshot = aSnapshot({
      materials: [glue, card],
      activities: [anActivity({ id: 'act', requirements: [aNeed('glue', { quantity: 5, basis: { by: 'set-up' } })] })],
      placements: [aPlacement(moment(2), { id: 'placed', activityId: 'act' })],
      printSets: [set],
    })
    const plan = resolvePlan(snapshot)
    const [session] = plan.sessions
    // The list asks for its paper all the same.
    expect(session.activity.requirements.map((one) => one.materialId)).toContain('card-stock')
    expect(takeOut(session, plan.materials)).toEqual({ glue: 5 })
  })
})

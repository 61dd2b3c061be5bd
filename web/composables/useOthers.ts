import type { MadeActivity, Candidate } from '@core/ideas'
import { newIdea, type Placement } from '@core/domain'
import { newId } from '../api/newId'
import { useBoard } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'
import type { Write } from '../stores/writer'
import { paperOf } from './usePatterns'

/** What goes around in the place of one card: the idea that lay there first, and the two that fit as well. */
interface Round {
  ids: string[]
  candidates: Map<string, Candidate>
  /** Ids of ideas that the round itself put in the basket. */
  brought: Set<string>
}
const rounds = new Map<string, Round>()

/** Other ideas for the place of a card: looked for when they are wanted, and put there in turn. */
export function useOthers() {
  const unit = useUnit()
  const house = useHouse()
  const board = useBoard()

  async function find(placement: Placement): Promise<Candidate[]> {
    const { snapshot, readings, theme } = unit
    if (!snapshot || !readings || !theme) return []
    const [{ othersFor }, { applyAll }, { MATERIALS }] = await Promise.all([
      import('@core/ideas/styles/others'),
      import('@core/ideas/patterns'),
      import('@core/library/materials'),
    ])
    const shipped = new Map(MATERIALS.map((one) => [one.id, one]))
    const made = applyAll(theme, { paper: paperOf(house.home?.measures), shipped }).flatMap((result): MadeActivity[] =>
      result.made ? [{ ...result.made, activity: { ...result.made.activity, id: newId() } }] : [],
    )
    return othersFor(snapshot, readings.plan, placement.id, { house: house.house, made })
  }

  /** Puts an idea in the place of another, with all that it brings; what the round had brought before goes again. */
  function put(placement: Placement, id: string, round: Round): void {
    const candidate = round.candidates.get(id)
    const inBasket = unit.ideas.find((idea) => idea.activityId === id)
    const title = candidate?.activity.title ?? board.titleOf(id)
    const writes: Write[] = []
    if (candidate?.made && !house.activitiesById.has(id))
      writes.push(
        ...candidate.made.materials
          .filter((material) => !house.materialsById.has(material.id))
          .map((value) => ({ put: 'material' as const, value })),
        { put: 'activity', value: candidate.made.activity },
      )
    if (!inBasket) {
      writes.push({ put: 'idea', value: newIdea(newId(), unit.id, id) })
      round.brought.add(id)
    }
    writes.push({
      put: 'placement',
      value: { ...placement, activityId: id, swaps: {}, quantities: {}, setAside: [], took: {}, keptOut: [] },
    })
    const left = unit.ideas.find((idea) => idea.activityId === placement.activityId)
    if (left && round.brought.delete(placement.activityId)) writes.push({ remove: 'idea', id: left.id })
    board.said = `${title} in place of ${board.titleOf(placement.activityId)}`
    void unit.commit(`Swap ${board.titleOf(placement.activityId)} for ${title}`, writes)
  }

  async function roundOf(placement: Placement): Promise<Round> {
    const known = rounds.get(placement.id)
    if (known?.ids.includes(placement.activityId)) return known
    const found = await find(placement)
    const round = {
      ids: [placement.activityId, ...found.map((one) => one.activity.id)],
      candidates: new Map(found.map((one) => [one.activity.id, one])),
      brought: new Set<string>(),
    }
    rounds.set(placement.id, round)
    return round
  }

  return {
    /** The ideas that would fit there as well, and the one that lay there before. */
    others: async (placement: Placement): Promise<{ id: string; title: string; about: string }[]> => {
      const round = await roundOf(placement)
      return round.ids
        .filter((id) => id !== placement.activityId)
        .map((id) => {
          const candidate = round.candidates.get(id)
          return { id, title: candidate?.activity.title ?? board.titleOf(id), about: candidate?.about ?? '' }
        })
    },
    /** Puts the next one of the round there; the first again after the last. */
    next: async (placement: Placement): Promise<void> => {
      const round = await roundOf(placement)
      if (round.ids.length < 2) {
        board.said = 'Nothing else fits there.'
        return
      }
      put(placement, round.ids[(round.ids.indexOf(placement.activityId) + 1) % round.ids.length], round)
    },
    choose: async (placement: Placement, id: string): Promise<void> => put(placement, id, await roundOf(placement)),
  }
}

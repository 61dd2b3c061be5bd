import { useRouter, type RouteLocationRaw } from 'vue-router'
import { isCircle, type Session } from '@core/plan'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'

/** Opens what stands on the plan: an idea in its pocket, a circle on its own page. */
export function useOpenSession() {
  const board = useBoard()
  const unit = useUnit()
  const router = useRouter()
  /** Where in the plan it is. */
  const placeOf = (session: Session): RouteLocationRaw => ({
    name: 'lay-out',
    params: { unitId: unit.id! },
    query: isCircle(session) ? { view: 'circle', day: session.days[0].number } : {},
  })
  /** Chooses it there; a circle is shown as soon as its page is open. */
  function choose(session: Session): void {
    if (isCircle(session)) board.day = session.days[0].number
    else board.selected = { kind: 'placement', id: session.placement.id }
  }
  function open(session: Session): void {
    choose(session)
    if (isCircle(session)) void router.push(placeOf(session))
  }
  return { placeOf, choose, open }
}

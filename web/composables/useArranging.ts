import { ref, type Ref } from 'vue'
import { ROOM, type Center, type RoomSpot } from '@core/domain'
import { spotFits } from '@core/plan'
import { useBoard } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'
import { useHotkeys } from './useHotkeys'

/**
 * Arranging the centers of the house on its plan, by pointer or by arrows, square by square; Shift makes larger and
 * smaller. Only where there is room.
 *
 * @param grid the plan
 * @param arranging whether the plan is being arranged
 * @param spots where each center lies, by its id
 */
export function useArranging(
  grid: Ref<HTMLElement | undefined>,
  arranging: Ref<boolean>,
  spots: Readonly<Ref<ReadonlyMap<string, RoomSpot>>>,
) {
  const store = useUnit()
  const house = useHouse()
  const board = useBoard()
  const others = (id: string) => [...spots.value].filter(([other]) => other !== id).map(([, spot]) => spot)
  function put(center: Center, spot: RoomSpot) {
    if (!spotFits(spot, others(center.id)) || spot.x < 0 || spot.y < 0 || spot.wide < 1 || spot.high < 1) {
      board.said = `${center.name} has no room there`
      return
    }
    board.said = `${center.name} lies ${spot.x + 1} across, ${spot.y + 1} down`
    void store.commit(`Arrange ${center.name}`, [{ put: 'center', value: { ...center, spot } }])
  }
  function nudge(dx: number, dy: number, sizing: boolean): boolean {
    const id = (document.activeElement as HTMLElement | null)?.dataset.center
    const center = house.centers.find((one) => one.id === id)
    const spot = center && spots.value.get(center.id)
    if (!arranging.value || !center || !spot) return false
    put(
      center,
      sizing ? { ...spot, wide: spot.wide + dx, high: spot.high + dy } : { ...spot, x: spot.x + dx, y: spot.y + dy },
    )
    return true
  }
  useHotkeys({
    ArrowLeft: (event) => nudge(-1, 0, event.shiftKey),
    ArrowRight: (event) => nudge(1, 0, event.shiftKey),
    ArrowUp: (event) => nudge(0, -1, event.shiftKey),
    ArrowDown: (event) => nudge(0, 1, event.shiftKey),
    Escape: () => (arranging.value ? !(arranging.value = false) : false),
  })
  /** The center that the pointer holds, and where it would lie. */
  const held = ref<{ center: Center; spot: RoomSpot; x: number; y: number; now: RoomSpot } | null>(null)
  function take(event: PointerEvent, center: Center) {
    const spot = spots.value.get(center.id)
    if (!arranging.value || !spot) return
    ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
    held.value = { center, spot, x: event.clientX, y: event.clientY, now: spot }
  }
  function drag(event: PointerEvent) {
    const box = grid.value?.getBoundingClientRect()
    if (!held.value || !box) return
    const [dx, dy] = [
      Math.round(((event.clientX - held.value.x) / box.width) * ROOM.across),
      Math.round(((event.clientY - held.value.y) / box.height) * ROOM.down),
    ]
    const now = { ...held.value.spot, x: held.value.spot.x + dx, y: held.value.spot.y + dy }
    if (now.x !== held.value.now.x || now.y !== held.value.now.y) held.value = { ...held.value, now }
  }
  function drop() {
    if (!held.value) return
    const { center, spot, now } = held.value
    held.value = null
    if (now.x !== spot.x || now.y !== spot.y) put(center, now)
  }
  const shownAt = (center: Center) =>
    held.value?.center.id === center.id ? held.value.now : spots.value.get(center.id)!
  const letGo = () => (held.value = null)
  return { held, take, drag, drop, letGo, shownAt }
}

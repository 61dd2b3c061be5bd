import { addDays } from '@core/base'
import { newPlacement, type Child, type Material, type Placement, type UnitSnapshot } from '@core/domain'
import { demoHome } from '@demo/home'

/**
 * The large unit of the budgets: 15 days, 12 children, 150 placements, 400 materials; made from the demo home, the same
 * every time.
 */
export function largeSnapshot(today = '2026-03-10'): UnitSnapshot {
  const { home, children, adults, centers, materials, activities, units } = demoHome(today)
  const more = <T extends { id: string; name: string }>(list: T[], count: number): T[] =>
    Array.from({ length: count }, (_, i) =>
      i < list.length
        ? list[i]
        : {
            ...list[i % list.length],
            id: `${list[i % list.length].id}-${i}`,
            name: `${list[i % list.length].name} ${i}`,
          },
    )
  const kids = more<Child>(children, 12)
  const stock = more<Material>(materials, 400)
  const unit = { ...units[1], id: 'large', days: 15, start: addDays(today, 1) }
  const blocks = ['circle', 'choice', 'outdoors', 'nap', 'after']
  // Each idea takes its materials from another part of the large pantry, so that the list is long too.
  const ideas = Array.from({ length: 120 }, (_, i) => {
    const base = activities[i % activities.length]
    const requirements = base.requirements.map((one, j) => ({
      ...one,
      materialId: stock[(i * 7 + j * 31) % stock.length].id,
    }))
    return {
      ...base,
      id: `${base.id}-${i}`,
      title: `${base.title} ${i}`,
      requirements,
      prep: base.prep.map((step) => ({
        ...step,
        uses: step.uses.filter((id) => requirements.some((one) => one.id === id)),
      })),
    }
  })
  const placements = Array.from({ length: 150 }, (_, i): Placement => {
    const idea = ideas[i % ideas.length]
    const where =
      i % 10 === 0
        ? { kind: 'set-up' as const, fromDay: 1 + (i % 5), toDay: 10 + (i % 5) }
        : { kind: 'moment' as const, day: 1 + (i % 15), blockId: blocks[i % blocks.length], from: null }
    return newPlacement(`p-${i}`, 'large', idea.id, where, centers[i % centers.length].id)
  })
  return {
    home: home!,
    children: kids,
    adults,
    centers,
    materials: stock,
    activities: ideas,
    recipes: [],
    pieces: [],
    books: [],
    circleLogs: [],
    unit,
    placements,
    ideas: [],
    purchases: [],
    promises: [],
    prepMarks: [],
    printSets: [],
    circles: [],
    today,
    lastDayBefore: null,
    now: null,
    spokenFor: [],
  }
}

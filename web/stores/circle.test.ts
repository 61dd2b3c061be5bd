import { beforeEach, describe, expect, it } from 'vitest'
import { openDemoStores } from '../testing/demoStores'
import { useBoard } from './board'
import { useCircle } from './circle'
import { useHouse } from './house'
import { useRepertoire } from './repertoire'
import { useUnit } from './unit'

beforeEach(() => openDemoStores('wind-and-kites', '2026-03-10'))
const kept = () =>
  useUnit()
    .circles.find((one) => one.day === 5)!
    .parts.map((part) => part.pieceId ?? part.bookId)
async function openDay(day: number) {
  useBoard().day = day
  const circle = useCircle()
  await useRepertoire().load()
  return circle
}

describe('a circle that is changed', () => {
  it('loses nothing of what cannot be shown: pieces that are not there yet, a book that was taken off the shelf', async () => {
    useBoard().day = 5
    const repertoire = useRepertoire()
    const { shipped } = repertoire
    repertoire.shipped = []
    const circle = useCircle()
    const before = kept()
    expect(circle.parts).toEqual([])
    await circle.addOwn({ title: 'A guest', kind: 'talk', minutes: 3, seated: true, energy: 0 })
    expect(kept().filter((id) => id !== null)).toEqual(before)
    repertoire.shipped = shipped
    await circle.addBook('book-sock', 'Where the Windsock Points')
    await useHouse().commit('Off the shelf', [{ remove: 'book', id: 'book-sock' }])
    expect(circle.parts.map((one) => one.title)).not.toContain('Where the Windsock Points')
    await circle.move(circle.parts[2].part.id, 1)
    expect(kept()).toContain('book-sock')
    expect(kept()).toHaveLength(before.length + 2)
  })
  it('brings what its pieces take, where the home has none of it yet', async () => {
    const circle = await openDay(4)
    const piece = circle.pieces.find((one) => one.takes.some((take) => take.materialId === 'jingle-bell'))!
    await useHouse().commit('No bell', [{ remove: 'material', id: 'jingle-bell' }])
    expect(useHouse().materialsById.has('jingle-bell')).toBe(false)
    await circle.add(piece)
    expect(useHouse().materialsById.has('jingle-bell')).toBe(true)
  })
  it('is filled with a book of the theme in place of a story, around what stays', async () => {
    const circle = await openDay(4)
    await circle.fill()
    const book = circle.parts.find((one) => one.book)!
    expect(book.book!.topics).toContain('wind')
    await circle.change(book.part.id, 'stays', { pinned: true })
    await circle.fill()
    expect(circle.parts.filter((one) => one.book).map((one) => one.part.id)).toEqual([book.part.id])
    // The number of the unit is five: what counts goes from there.
    const counting = circle.parts.filter((one) => one.piece && ['down', 'up', 'back'].includes(one.piece.form))
    expect(counting.map((one) => Math.max(one.part.range!.from, one.part.range!.to))).toEqual(counting.map(() => 5))
  })
  it('gives the others of its week its opening, and leaves the rest of them', async () => {
    const circle = await openDay(4)
    await circle.fill()
    const opening = circle.parts
      .filter((one) => ['gather', 'greet'].includes(one.item.kind))
      .map((one) => one.part.pieceId)
    const rest = kept().slice(2)
    await circle.openAlike([5])
    expect(kept()).toEqual([...opening, ...rest])
  })
  it('takes what it used up out of the pantry once it was held, and brings it back', async () => {
    const circle = await openDay(4)
    const paper = () => useHouse().materialsById.get('copy-paper')!.onHand
    const before = paper()
    const piece = circle.pieces.find((one) => one.takes.some((take) => take.materialId === 'copy-paper'))!
    await circle.add(piece)
    const part = { pieceId: piece.id, bookId: null, title: piece.title, kind: piece.kind, minutes: 2, again: false }
    const held = { date: '2026-03-10', unit: 'Wind and Kites', turns: [] }
    await circle.writeLog({ ...held, parts: [part] })
    expect(circle.log!.took).toEqual({ 'copy-paper': 1 })
    expect(paper()).toBe(before - 1)
    await circle.writeLog({ ...held, parts: [] })
    expect(paper()).toBe(before)
    await circle.writeLog({ ...held, parts: [part] })
    await circle.forgetLog(circle.log!)
    expect([circle.log, paper()]).toEqual([null, before])
  })
  it('grows by a word, is dragged before another, and goes to another day as a copy', async () => {
    const circle = await openDay(5)
    const ids = () => circle.parts.map((one) => one.part.id)
    const [, , third, fourth] = ids()
    await circle.moveTo(fourth, third)
    expect(ids().slice(2, 4)).toEqual([fourth, third])
    await circle.moveTo(third, third)
    await circle.addWord(third, 'a wheelbarrow')
    expect(circle.parts.find((one) => one.part.id === third)!.part.more).toEqual(['a wheelbarrow'])
    await circle.copyTo(7)
    const copy = useUnit().circles.find((one) => one.day === 7)!
    expect(copy.parts.map((part) => part.pieceId)).toEqual(circle.parts.map((one) => one.part.pieceId))
    expect(copy.parts.some((part) => ids().includes(part.id))).toBe(false)
  })
})

import { describe, expect, it } from 'vitest'
import { RECIPES } from '../library'
import { throwAway } from '.'

const recipe = (id: string) => RECIPES.find((one) => one.id === id)!

describe('the day on which it is thrown away', () => {
  it('is as long as it keeps, or sooner once several children share it', () => {
    const dough = recipe('cooked-dough')
    expect(throwAway(dough, '2026-03-10', 'sealed', 1)).toEqual({ date: '2026-04-09', shared: false })
    expect(throwAway(dough, '2026-03-10', 'sealed', 6)).toEqual({ date: '2026-03-24', shared: true })
  })

  it('does not come sooner where sharing does not matter, or ends later anyhow', () => {
    expect(throwAway(recipe('colored-rice'), '2026-02-27', 'sealed', 6)).toEqual({ date: '2027-02-27', shared: false })
    expect(throwAway(recipe('salt-paint'), '2026-02-27', 'fridge', 6)).toEqual({ date: '2026-03-02', shared: false })
    expect(throwAway(recipe('oobleck'), '2026-02-27', 'sealed', 2)).toEqual({ date: '2026-02-27', shared: true })
  })

  it('is asked for where nobody has said how long it keeps in that way', () => {
    expect(() => throwAway(recipe('oobleck'), '2026-03-10', 'freezer', 1)).toThrow(
      'storage: How long it keeps in this way is not known',
    )
  })
})

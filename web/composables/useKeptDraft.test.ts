import { effectScope, nextTick } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { withBrowserParts } from '../testing/browserParts'
import { useKeptDraft } from './useKeptDraft'

beforeEach(() => {
  withBrowserParts()
  vi.useFakeTimers()
})
const make = () => ({ title: 'New', steps: [] as string[] })
const open = (name = 'one') => effectScope().run(() => useKeptDraft(name, make))!
async function type(draft: ReturnType<typeof open>, title: string) {
  draft.draft.value.title = title
  await nextTick()
  await vi.runAllTimersAsync()
}

describe('a draft', () => {
  it('is picked up where it was left, by its name', async () => {
    await type(open(), 'Mud pies')
    const again = open()
    expect([again.pickedUp.value, again.draft.value.title, again.changed()]).toEqual([true, 'Mud pies', true])
    expect([open('other').pickedUp.value, open('other').draft.value.title]).toEqual([false, 'New'])
  })
  it('is not kept while it is as it began, nor after it was saved', async () => {
    const one = open()
    await type(one, 'Mud pies')
    await type(one, 'New')
    expect(open().pickedUp.value).toBe(false)
    await type(one, 'Mud pies')
    one.forget()
    one.keep()
    expect(open().pickedUp.value).toBe(false)
  })
  it('starts over from what it began with', async () => {
    await type(open(), 'Mud pies')
    const again = open()
    again.startOver()
    expect([again.draft.value, again.pickedUp.value, open().pickedUp.value]).toEqual([make(), false, false])
  })
  it('takes what an older form of it lacks from a new one, and leaves what cannot be read', () => {
    localStorage.setItem('kobby-draft-one', '{"title":"Old"}')
    expect(open().draft.value).toEqual({ title: 'Old', steps: [] })
    localStorage.setItem('kobby-draft-one', '{"title":')
    expect([open().draft.value, open().pickedUp.value]).toEqual([make(), false])
  })
})

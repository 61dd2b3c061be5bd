import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { CalendarDate, Links, User } from '@core/domain'
import { api, whenSignedOut } from '../api/client'
import { dropReads } from '../api/keptReads'
import { dropKept } from '../composables/offlineCopy'

/** Who is signed in, whether the home has an owner yet, and what day it is there. */
export const useSession = defineStore('session', () => {
  const user = ref<User | null>(null)
  const hasOwner = ref(true)
  /** Whether the one account can be made from this device only with the code that stands where Kobby was started. */
  const asksCode = ref(false)
  const today = ref<CalendarDate>('2000-01-01')
  /** Whether it is that day always: then all of it is still to come. */
  const todayStands = ref(false)
  const asked = ref(false)
  /** How links that are made here begin. */
  const links = ref<Links>({ base: '', onlyHere: false })
  const signedIn = computed(() => user.value !== null)

  // What was read goes at once; what was written here and not sent yet stays, until she signs in again.
  whenSignedOut(() => {
    user.value = null
    void dropReads()
  })

  async function ask(): Promise<void> {
    const answer = await api.session()
    user.value = answer.user
    hasOwner.value = answer.hasOwner
    asksCode.value = answer.asksCode
    today.value = answer.today
    todayStands.value = answer.todayStands
    if (answer.links) links.value = answer.links
    asked.value = true
  }
  /** Asks unless it was asked before, or is being asked. */
  let asking: Promise<void> | null = null
  const askOnce = (): Promise<void> =>
    asked.value ? Promise.resolve() : (asking ??= ask().finally(() => (asking = null)))
  function isNow(answer: { user: User; today: CalendarDate }): void {
    user.value = answer.user
    today.value = answer.today
    hasOwner.value = true
    // How links begin is told to whoever is signed in.
    void ask().catch(() => undefined)
  }
  /** Makes the owner's account; gives its recovery code. */
  async function createOwner(owner: {
    name: string
    signIn: string
    password: string
    startCode?: string
  }): Promise<string> {
    const answer = await api.createOwner(owner)
    isNow(answer)
    return answer.recovery
  }
  /** Signs out and forgets everything: what this device kept, and what the page holds, by a fresh start of it. */
  async function signOut(): Promise<void> {
    await api.signOut()
    await dropKept()
    location.assign('/')
  }
  return { user, hasOwner, asksCode, today, todayStands, asked, links, signedIn, ask, askOnce, createOwner, signOut }
})

import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { CalendarDate } from '@core/domain'
import { api, type User } from '../api/client'
import { dropOfflineCopy } from '../composables/offlineCopy'

/** Who is signed in, whether the home has an owner yet, and what day it is there. */
export const useSession = defineStore('session', () => {
  const user = ref<User | null>(null)
  const hasOwner = ref(true)
  const today = ref<CalendarDate>('2000-01-01')
  const asked = ref(false)
  const signedIn = computed(() => user.value !== null)

  async function ask(): Promise<void> {
    const answer = await api.session()
    user.value = answer.user
    hasOwner.value = answer.hasOwner
    today.value = answer.today
    asked.value = true
  }
  async function signIn(signIn: string, password: string): Promise<void> {
    const answer = await api.signIn({ signIn, password })
    user.value = answer.user
    today.value = answer.today
  }
  async function createOwner(owner: { name: string; signIn: string; password: string }): Promise<void> {
    const answer = await api.createOwner(owner)
    user.value = answer.user
    today.value = answer.today
    hasOwner.value = true
  }
  /** Signs out and forgets everything by a fresh start of the page. */
  async function signOut(): Promise<void> {
    await api.signOut()
    localStorage.removeItem('kobby-queue')
    await dropOfflineCopy()
    location.assign('/')
  }
  return { user, hasOwner, today, asked, signedIn, ask, signIn, createOwner, signOut }
})

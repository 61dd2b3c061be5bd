<script setup lang="ts">
import { useChosenLook } from '../composables/useChosenLook'
import SharedAsk from './SharedAsk.vue'
import SharedDay from './SharedDay.vue'
import SignIn from './SignIn.vue'

/** What opens without the application: one day for a helper, what families could bring, and the door. */
const TITLES: Record<string, string> = { bring: 'What we could use', 'sign-in': 'Sign in' }
const [, page, token] = location.pathname.split('/')
document.title = `${TITLES[page!] ?? 'Today'} · Kobby`
useChosenLook()
</script>

<template>
  <SignIn v-if="page === 'sign-in'" />
  <SharedAsk v-else-if="page === 'bring'" :token="token" />
  <SharedDay v-else :token="token" />
</template>

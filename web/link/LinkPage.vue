<script setup lang="ts">
import { useChosenLook } from '../composables/useChosenLook'
import SharedAsk from './SharedAsk.vue'
import SharedDay from './SharedDay.vue'

/** The page of a link: one day for a helper, or what families could bring. */
const [, page, token] = location.pathname.split('/')
const isAsk = page === 'bring'
document.title = `${isAsk ? 'What we could use' : 'Today'} · Kobby`
useChosenLook()
</script>

<template>
  <SharedAsk v-if="isAsk" :token="token" />
  <SharedDay v-else :token="token" />
</template>

<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { useSession } from '../../stores/session'

/** A link that was just made: shown once, to copy. */
defineProps<{ address: string; label: string }>()
const session = useSession()
const { copy, copied } = useClipboard({ legacy: true })
</script>

<template>
  <div class="notice soft stack" role="status">
    <p>The link for {{ label }}. It is shown only now: copy it or send it.</p>
    <output class="address">{{ address }}</output>
    <p v-if="session.links.onlyHere" class="small">
      <b>It opens on this machine only.</b> For phones in the house, stop Kobby where it was started, start it again
      with <code>npm start -- --house</code>, and make the link then.
    </p>
    <div class="inline">
      <v-btn class="primary" @click="copy(address)">{{ copied ? 'Copied' : 'Copy the link' }}</v-btn><a
        :href="address"
        target="_blank"
        rel="noopener"
        >Open it</a
      >
    </div>
  </div>
</template>

<style scoped>
.address {
  display: block;
  overflow-wrap: anywhere;
  font-size: 14px;
  background: var(--paper);
  border: 1px solid var(--edge);
  padding: 6px 8px;
  border-radius: 4px;
}
</style>

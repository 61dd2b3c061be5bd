<script setup lang="ts">
import type { Share } from '@core/domain'

/** Links that were made, how each stands, and taking one back. */
defineProps<{ title: string; shares: readonly Share[]; state: (share: Share) => string }>()
defineEmits<{ revoke: [share: Share] }>()
</script>

<template>
  <section class="rows">
    <h3>{{ title }}</h3>
    <p v-if="!shares.length" class="mute small">None yet.</p>
    <div v-for="share in shares" :key="share.id" class="row share">
      <span
        ><b>{{ share.label }}</b> <span class="small mute">{{ state(share) }}</span></span
      ><TextButton
        v-if="!share.revokedAt"
        :aria-label="`Withdraw the link for ${share.label}`"
        @click="$emit('revoke', share)"
      >
        withdraw
      </TextButton>
    </div>
  </section>
</template>

<style scoped>
.share {
  border-top: 1px solid var(--edge);
  padding: 4px 0;
}
.share .small {
  display: block;
}
</style>

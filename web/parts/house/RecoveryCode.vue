<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { useSession } from '../../stores/session'

/** A recovery code that was just made: shown once, to write down or print. */
defineProps<{ code: string; button: string }>()
defineEmits<{ done: [] }>()
const session = useSession()
const print = () => window.print()
</script>

<template>
  <div class="stack">
    <p>
      If the password is ever lost, this code sets a new one. <b>It is shown only now.</b> Write it down or print it,
      and keep it where you keep important papers.
    </p>
    <dl class="slip cubby">
      <dt>Kobby, sign-in name</dt>
      <dd>{{ session.user?.signIn }}</dd>
      <dt>Recovery code</dt>
      <dd>
        <output class="code">{{ code }}</output>
      </dd>
    </dl>
    <div class="inline no-print">
      <v-btn class="primary" @click="$emit('done')">{{ button }}</v-btn><v-btn @click="print"
        ><v-icon :icon="mdiPrinterOutline" size="20" start />Print</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.slip {
  padding: 12px 14px;
  margin: 0;
}
dt {
  color: var(--mute);
  font-size: 15px;
}
dd {
  margin: 0 0 8px;
  font-weight: 650;
  overflow-wrap: anywhere;
}
dd:last-child {
  margin: 0;
}
.code {
  font-size: 19px;
  letter-spacing: 0.02em;
}
</style>

<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { useSession } from '../../stores/session'
import RecoverySlip from './RecoverySlip.vue'

/** A recovery code that was just made: shown once, to write down or print. */
defineProps<{ code: string; button: string }>()
defineEmits<{ done: [] }>()
const session = useSession()
const print = () => window.print()
</script>

<template>
  <div class="stack">
    <RecoverySlip :code="code" :sign-in="session.user?.signIn ?? ''" />
    <div class="inline no-print">
      <v-btn class="primary" @click="$emit('done')">{{ button }}</v-btn><v-btn @click="print"
        ><v-icon :icon="mdiPrinterOutline" size="20" start />Print</v-btn
      >
    </div>
  </div>
</template>

<script setup lang="ts">
import { ref, watch } from 'vue'
import { countWords } from '@core/base'
import { useTold } from '../../composables/useTold'
import { useSession } from '../../stores/session'
import { useWriter } from '../../stores/writer'

/** Signs out; asks first where something is not saved yet, since it is lost with what this device kept. */
const open = defineModel<boolean>({ required: true })
const session = useSession()
const writer = useWriter()
const { busy, problem, tell } = useTold()
const asking = ref(false)
const leave = async () => {
  if (await tell(session.signOut)) return
  asking.value = true
}
watch(
  open,
  (now) => {
    if (!now) return
    open.value = false
    problem.value = ''
    if (writer.pending) asking.value = true
    else void leave()
  },
  { immediate: true },
)
</script>

<template>
  <v-dialog v-model="asking" aria-labelledby="leave-title">
    <div class="k-sheet">
      <h2 id="leave-title">{{ writer.pending ? 'Sign out and lose what is not saved?' : 'Not signed out yet' }}</h2>
      <p v-if="writer.pending">
        {{ countWords(writer.pending, 'change') }} {{ writer.pending === 1 ? 'is' : 'are' }} kept on this device only,
        because there was no connection.
      </p>
      <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
      <div class="inline">
        <v-btn :class="{ primary: !writer.pending, danger: writer.pending }" :disabled="busy" @click="leave">{{
          writer.pending ? 'Sign out and lose them' : 'Try again'
        }}</v-btn><v-btn :disabled="busy" @click="asking = false">Stay</v-btn>
      </div>
    </div>
  </v-dialog>
</template>

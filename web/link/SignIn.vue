<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api } from '../api/client'
import { useTold } from '../composables/useTold'
import KobbyMark from '../parts/frame/KobbyMark.vue'
import RecoverySlip from '../parts/house/RecoverySlip.vue'
import PlainField from './PlainField.vue'

/** The door of the home: it loads without what stands behind it. */
const { busy, problem, wrong, tell } = useTold()
const name = ref('')
const password = ref('')
const code = ref('')
const forgot = ref(false)
const recovery = ref('')
const asked = new URLSearchParams(location.search).get('to') ?? ''
/** Only an address of this home is gone on to. */
const to = /^\/(?![/\\])/.test(asked) ? asked : '/units'
const goOn = () => location.assign(to)
const print = () => window.print()

// Whoever is in already, or comes to a home that nobody has set up, has no business here.
onMounted(async () => {
  const { user, hasOwner } = await api.session().catch(() => ({ user: null, hasOwner: true }))
  if (user || !hasOwner) location.replace(hasOwner ? to : '/start')
})
const send = () =>
  tell(async () => {
    if (forgot.value) {
      const who = { signIn: name.value, code: code.value, password: password.value }
      recovery.value = (await api.recover(who)).recovery
      return
    }
    await api.signIn({ signIn: name.value, password: password.value })
    goOn()
  })
function turn(toForgot: boolean) {
  forgot.value = toForgot
  password.value = ''
  problem.value = ''
  wrong.value = {}
}
</script>

<template>
  <main class="door">
    <div v-if="recovery" class="cubby box stack">
      <KobbyMark />
      <h1>The new password is set</h1>
      <p>Every other device was signed out. The code you used no longer works; this is your new one.</p>
      <RecoverySlip :code="recovery" :sign-in="name" />
      <div class="inline no-print">
        <button type="button" class="btn primary" @click="goOn">I have kept it</button
        ><button type="button" class="btn" @click="print">Print</button>
      </div>
    </div>
    <form v-else class="cubby box stack" novalidate @submit.prevent="send">
      <KobbyMark />
      <h1>{{ forgot ? 'Set a new password' : 'Sign in' }}</h1>
      <p v-if="forgot" class="mute">
        With the recovery code that Kobby showed at the start. Without the code, nobody can open this home: not even
        whoever made Kobby.
      </p>
      <PlainField
        v-model="name"
        label="Your sign-in name"
        autocomplete="username"
        autofocus
        maxlength="120"
        :wrong="wrong.signIn"
      />
      <PlainField
        v-if="forgot"
        v-model="code"
        label="Recovery code"
        autocomplete="off"
        autocapitalize="characters"
        spellcheck="false"
        maxlength="60"
        :wrong="wrong.code"
      />
      <PlainField
        v-model="password"
        :label="forgot ? 'New password' : 'Password'"
        :hint="forgot ? 'At least 10 characters.' : undefined"
        type="password"
        :autocomplete="forgot ? 'new-password' : 'current-password'"
        maxlength="200"
        :wrong="wrong.password"
      />
      <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
      <div class="inline">
        <button type="submit" class="btn primary" :disabled="busy">{{ forgot ? 'Set it' : 'Sign in' }}</button><button
          type="button"
          class="btn plain"
          :disabled="busy"
          @click="turn(!forgot)"
        >
          {{ forgot ? 'Back to signing in' : 'I forgot the password' }}
        </button>
      </div>
    </form>
  </main>
</template>

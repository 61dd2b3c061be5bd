<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import FormField from '../parts/fields/FormField.vue'
import KobbyMark from '../parts/frame/KobbyMark.vue'
import RecoveryCode from '../parts/house/RecoveryCode.vue'
import { useTold } from '../composables/useTold'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'

const session = useSession()
const route = useRoute()
const router = useRouter()
const { busy, problem, wrong, tell } = useTold()
const name = ref('')
const password = ref('')
const code = ref('')
const forgot = ref(false)
const recovery = ref('')
const house = useHouse()
const goOn = async () => {
  const to =
    typeof route.query.to === 'string' && route.query.to.startsWith('/') && !route.query.to.startsWith('//')
      ? route.query.to
      : '/units'
  // Where the session ended under her hands, everything is read anew, and what waited is sent.
  if (house.loaded) location.assign(to)
  else await router.push(to)
}
const signIn = () =>
  tell(async () => {
    await session.signIn(name.value, password.value)
    await goOn()
  })
const recover = () =>
  tell(async () => {
    recovery.value = await session.recover({ signIn: name.value, code: code.value, password: password.value })
  })
function turn(to: boolean) {
  forgot.value = to
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
      <p>Every other device was signed out. The code you used is spent; this is the new one.</p>
      <RecoveryCode :code="recovery" button="I have kept it" @done="goOn" />
    </div>
    <form v-else class="cubby box stack" novalidate @submit.prevent="forgot ? recover() : signIn()">
      <KobbyMark />
      <h1>{{ forgot ? 'Set a new password' : 'Sign in' }}</h1>
      <p v-if="forgot" class="mute">
        With the recovery code that Kobby showed at the start. Without the code, nobody can open this home: not even
        whoever made Kobby.
      </p>
      <FormField label="Your sign-in name"
        ><v-text-field
          v-model="name"
          autocomplete="username"
          v-start-here
          maxlength="120"
          :error-messages="wrong.signIn"
      /></FormField>
      <FormField v-if="forgot" label="Recovery code"
        ><v-text-field
          v-model="code"
          autocomplete="off"
          autocapitalize="characters"
          spellcheck="false"
          maxlength="60"
          :error-messages="wrong.code"
      /></FormField>
      <FormField :label="forgot ? 'New password' : 'Password'" :hint="forgot ? 'At least 10 characters.' : undefined"
        ><v-text-field
          v-model="password"
          type="password"
          :autocomplete="forgot ? 'new-password' : 'current-password'"
          maxlength="200"
          :error-messages="wrong.password"
      /></FormField>
      <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
      <div class="inline">
        <v-btn class="primary" type="submit" :disabled="busy">{{ forgot ? 'Set it' : 'Sign in' }}</v-btn><v-btn
          class="plain"
          :disabled="busy"
          @click="turn(!forgot)"
          >{{ forgot ? 'Back to signing in' : 'I forgot the password' }}</v-btn
        >
      </div>
    </form>
  </main>
</template>

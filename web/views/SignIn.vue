<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiError } from '../api/client'
import FormField from '../parts/FormField.vue'
import KobbyMark from '../parts/KobbyMark.vue'
import { useSession } from '../stores/session'

const session = useSession()
const route = useRoute()
const router = useRouter()
const name = ref('')
const password = ref('')
const problem = ref('')
const busy = ref(false)
async function signIn() {
  busy.value = true
  problem.value = ''
  try {
    await session.signIn(name.value, password.value)
    await router.push(typeof route.query.to === 'string' && route.query.to.startsWith('/') ? route.query.to : '/units')
  } catch (error) {
    problem.value =
      error instanceof ApiError && error.faults.length
        ? `${error.faults.map((fault) => fault.message).join('. ')}.`
        : error instanceof Error
          ? error.message
          : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="door">
    <form class="cubby box stack" @submit.prevent="signIn">
      <KobbyMark />
      <h1>Sign in</h1>
      <FormField label="Your sign-in name"
        ><v-text-field v-model="name" autocomplete="username" v-start-here maxlength="120"
      /></FormField>
      <FormField label="Password"
        ><v-text-field v-model="password" type="password" autocomplete="current-password" maxlength="200"
      /></FormField>
      <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
      <div><v-btn class="primary" type="submit" :disabled="busy">Sign in</v-btn></div>
    </form>
  </main>
</template>

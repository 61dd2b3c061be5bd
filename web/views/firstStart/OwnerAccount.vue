<script setup lang="ts">
import FormField from '../../parts/fields/FormField.vue'
import KobbyMark from '../../parts/frame/KobbyMark.vue'

/** The account of the home's owner. */
const owner = defineModel<{ name: string; signIn: string; password: string; startCode: string }>({ required: true })
defineProps<{ wrong: Record<string, string>; problem: string; busy: boolean; asksCode: boolean }>()
defineEmits<{ done: [] }>()
</script>

<template>
  <form class="cubby box stack" novalidate @submit.prevent="$emit('done')">
    <KobbyMark />
    <h1>Your account</h1>
    <p class="mute">Kobby keeps everything on this machine. This account opens it.</p>
    <FormField label="Your first name"
      ><v-text-field
        v-model="owner.name"
        v-start-here
        autocomplete="given-name"
        :error-messages="wrong.name"
        maxlength="120"
    /></FormField>
    <FormField label="A name to sign in with"
      ><v-text-field v-model="owner.signIn" autocomplete="username" :error-messages="wrong.signIn" maxlength="120"
    /></FormField>
    <FormField
      label="A password"
      hint="At least 10 characters. Four words that do not belong together are easy to remember."
      ><v-text-field
        v-model="owner.password"
        type="password"
        autocomplete="new-password"
        :error-messages="wrong.password"
        maxlength="200"
    /></FormField>
    <FormField
      v-if="asksCode"
      label="Start code"
      hint="It shows where Kobby was started, so that nobody else can take this home."
      ><v-text-field
        v-model="owner.startCode"
        autocomplete="off"
        autocapitalize="characters"
        spellcheck="false"
        :error-messages="wrong.startCode"
        maxlength="40"
    /></FormField>
    <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
    <div><v-btn class="primary" type="submit" :disabled="busy">Go on</v-btn></div>
  </form>
</template>

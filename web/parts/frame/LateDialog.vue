<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import { useOnce } from '../../composables/useOnce'

/** A dialog for what is there from the start: what it is made of is fetched when it is opened for the first time. */
const open = defineModel<boolean>({ required: true })
const wanted = useOnce(() => open.value)
const Dialog = defineAsyncComponent(async () => (await import('vuetify/components/VDialog')).VDialog)
</script>

<template>
  <Dialog v-if="wanted" v-model="open"><slot /></Dialog>
</template>

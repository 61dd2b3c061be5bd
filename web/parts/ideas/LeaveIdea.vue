<script setup lang="ts">
/** Asks what becomes of an idea that is not saved yet. */
const leaving = defineModel<boolean>({ required: true })
defineEmits<{ keep: []; throwAway: [] }>()
</script>

<template>
  <v-dialog v-model="leaving" aria-labelledby="leave-idea"
    ><div class="k-sheet">
      <h2 id="leave-idea">Leave without saving?</h2>
      <p>What you wrote stays on this device until you come back to it, or is thrown away.</p>
      <div class="inline">
        <v-btn class="primary" @click="$emit('keep')">Keep it for later</v-btn
        ><v-btn class="danger" @click="$emit('throwAway')">Throw it away</v-btn
        ><v-btn class="plain" @click="leaving = false">Keep writing</v-btn>
      </div>
    </div></v-dialog
  >
</template>

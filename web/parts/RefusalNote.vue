<script setup lang="ts">
import { useBoard } from '../stores/board'

/** Why a card cannot lie where it was dropped, and where it could. */
const board = useBoard()
</script>

<template>
  <div v-if="board.refused" class="notice soft refusal" role="alert">
    <p>
      <b class="ember">{{ board.titleOf(board.refused.carried.activityId) }} stays where it was.</b>
      {{ board.refused.reason }}
    </p>
    <div v-if="board.refused.remedies.length" class="inline">
      <v-btn
        v-for="slot in board.refused.remedies"
        :key="slot.words"
        size="small"
        @click="board.drop(board.refused!.carried, slot.where, slot.centerId)"
        >{{ slot.words }}</v-btn
      >
    </div>
    <p v-else class="small mute">Nothing near it would work either. Look at the centers in Home.</p>
    <button type="button" class="why small" @click="board.refused = null">Leave it</button>
  </div>
</template>

<style scoped>
.refusal {
  display: grid;
  gap: 6px;
  font-size: 15px;
}
</style>

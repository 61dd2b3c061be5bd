<template>
  <div class="centre stack">
    <h1>There is no such page</h1>
    <p class="mute">The address may be old. Nothing was lost.</p>
    <div><v-btn class="primary" to="/units">All units</v-btn></div>
  </div>
</template>

<script setup lang="ts">
/** A recovery code that was just made, as it is written down or printed. */
defineProps<{ code: string; signIn: string }>()
</script>

<template>
  <p>
    If the password is ever lost, this code sets a new one. <b>It is shown only now.</b> Write it down or print it, and
    keep it where you keep important papers.
  </p>
  <dl class="slip cubby">
    <dt>Kobby, sign-in name</dt>
    <dd>{{ signIn }}</dd>
    <dt>Recovery code</dt>
    <dd>
      <output class="code">{{ code }}</output>
    </dd>
  </dl>
</template>

<style scoped>
.slip {
  padding: 12px 14px;
  margin: 0;
}
dt {
  color: var(--mute);
  font-size: 15px;
}
dd {
  margin: 0 0 8px;
  font-weight: 650;
  overflow-wrap: anywhere;
}
dd:last-child {
  margin: 0;
}
.code {
  font-size: 19px;
  letter-spacing: 0.02em;
}
</style>

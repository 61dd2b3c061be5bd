<template>
  <span class="kobby-mark"
    ><svg viewBox="0 0 28 28" width="28" height="28" aria-hidden="true">
      <rect x="1.5" y="1.5" width="25" height="25" rx="4" fill="var(--paper)" stroke="var(--spruce)" stroke-width="3" />
      <rect x="3" y="3" width="22" height="5" fill="var(--shelf)" />
      <rect x="8" y="13" width="11" height="9" rx="2" fill="var(--apricot)" /></svg
    ><span>Kobby</span></span
  >
</template>

<style scoped>
.kobby-mark {
  display: inline-flex;
  align-items: center;
  gap: 10px;
  font-family: var(--head);
  font-weight: 650;
  font-size: 24px;
}
</style>

<script setup lang="ts">
import { useTemplateRef, watchPostEffect } from 'vue'
import { pageSvg, type Page, type PictureSource } from '@core/cards'

/** A page as the printer will get it, as wide as there is room. */
const props = defineProps<{ page: Page; sources: ReadonlyMap<string, PictureSource>; words: string }>()
const sheet = useTemplateRef<HTMLElement>('sheet')
// Each page on the screen has its own names for its pictures.
const own = `s${Math.random().toString(36).slice(2, 8)}-`
// Read as a drawing and not as HTML: nothing in it can become anything else.
watchPostEffect(() => {
  const drawing = pageSvg(props.page, props.sources)
    .replaceAll('id="p-', `id="${own}p-`)
    .replaceAll('href="#p-', `href="#${own}p-`)
    .replaceAll('url(#p-', `url(#${own}p-`)
  const read = new DOMParser().parseFromString(drawing, 'image/svg+xml')
  sheet.value?.replaceChildren(read.documentElement)
})
</script>

<template>
  <div ref="sheet" class="page-drawing" role="img" :aria-label="words" />
</template>

<style>
@font-face {
  font-family: Kobby;
  font-weight: 400;
  src: url('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2');
}
@font-face {
  font-family: Kobby;
  font-weight: 700;
  src: url('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2');
}
@font-face {
  font-family: 'Kobby Second';
  font-weight: 400;
  src: url('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff2');
}
@font-face {
  font-family: 'Kobby Second';
  font-weight: 700;
  src: url('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff2');
}
.page-drawing {
  /* Paper is white, by day and by night. */
  background: #ffffff;
  border: 1px solid var(--edge-strong);
}
.page-drawing svg {
  display: block;
  width: 100%;
  height: auto;
}
</style>

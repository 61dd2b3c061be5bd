import { useMutationObserver } from '@vueuse/core'
import { ref } from 'vue'

const NAMES = {
  ink: '--ink',
  mute: '--mute',
  paper: '--paper',
  edge: '--edge',
  edgeStrong: '--edge-strong',
  spruce: '--spruce',
  onSpruce: '--on-spruce',
  tint: '--spruce-tint',
  brick: '--brick',
  brickTint: '--brick-tint',
  apricot: '--apricot',
  well: '--well',
}
const read = () => {
  const style = getComputedStyle(document.documentElement)
  return Object.fromEntries(
    Object.entries(NAMES).map(([name, variable]) => [name, style.getPropertyValue(variable).trim()]),
  ) as Record<keyof typeof NAMES, string>
}

/** The colours of the look as they are now, for what draws outside CSS; they follow from light to dark. */
export function useColours() {
  const colours = ref(read())
  useMutationObserver(document.documentElement, () => (colours.value = read()), {
    attributes: true,
    attributeFilter: ['data-theme'],
  })
  return colours
}

/** A colour between two of the form `#rrggbb`. `mixed('#000000', '#ffffff', 0.5)` is `#808080`. */
export function mixed(from: string, to: string, share: number): string {
  const part = (colour: string, i: number) => parseInt(colour.slice(1 + i * 2, 3 + i * 2), 16)
  return `#${[0, 1, 2]
    .map((i) =>
      Math.round(part(from, i) + (part(to, i) - part(from, i)) * share)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`
}

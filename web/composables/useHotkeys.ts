import { onBeforeUnmount, onMounted } from 'vue'

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) &&
  (target as HTMLInputElement).type !== 'checkbox'

/**
 * Keys of a view while it is shown. A handler gets the key as typed (`u`, `U`, `ArrowLeft`); returning false lets it
 * pass on. Nothing fires while someone writes in a field or with a control key held.
 */
export function useHotkeys(keys: Record<string, (event: KeyboardEvent) => unknown>): void {
  const listen = (event: KeyboardEvent) => {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return
    const handler = keys[event.key]
    if (handler && handler(event) !== false) event.preventDefault()
  }
  onMounted(() => window.addEventListener('keydown', listen))
  onBeforeUnmount(() => window.removeEventListener('keydown', listen))
}

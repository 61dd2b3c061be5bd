import type { Share } from '@core/domain'
import { mediumDate } from '@core/base'
import { computed, ref, watch } from 'vue'
import { api, ApiError } from '../api/client'
import { useSession } from '../stores/session'
import { useUnit } from '../stores/unit'

/** Names of the fields of a link, as the form calls them. */
const FIELDS: Record<string, string> = { label: 'Who it is for', endsOn: 'Until' }

/**
 * Links of the open unit of one kind: those that there are, making one, withdrawing one.
 *
 * @param kind what the links open
 * @param make asks the server for a new one
 * @param path where its secret leads
 */
export function useShares(
  kind: Share['kind'],
  make: (unitId: string, what: { label: string; endsOn: string }) => Promise<Share & { token: string }>,
  path: string,
) {
  const store = useUnit()
  const session = useSession()
  const all = ref<Share[]>([])
  const made = ref<{ address: string; label: string } | null>(null)
  const problem = ref('')
  const busy = ref(false)
  const shares = computed(() => all.value.filter((share) => share.kind === kind))
  const said = (error: unknown) =>
    error instanceof ApiError
      ? [error.message, ...error.faults.map((fault) => `${FIELDS[fault.field] ?? fault.field}: ${fault.message}`)].join(
          ' ',
        )
      : String(error)

  async function load() {
    if (!store.id) return
    try {
      all.value = (await api.shares(store.id)).shares
    } catch (error) {
      problem.value = said(error)
    }
  }
  watch(() => [store.id, store.sharesChanged], load, { immediate: true })
  async function create(what: { label: string; endsOn: string }) {
    busy.value = true
    problem.value = ''
    try {
      const share = await make(store.id!, what)
      made.value = { address: `${session.links.base || location.origin}${path}/${share.token}`, label: share.label }
      await load()
    } catch (error) {
      problem.value = said(error)
    } finally {
      busy.value = false
    }
  }
  async function revoke(share: Share) {
    await api.revoke(store.id!, share.id).catch((error: Error) => (problem.value = error.message))
    await load()
  }
  const state = (share: Share) =>
    share.revokedAt
      ? 'withdrawn'
      : share.endsOn < session.today
        ? 'ended'
        : share.openedAt
          ? `opened, until ${mediumDate(share.endsOn)}`
          : `not opened yet, until ${mediumDate(share.endsOn)}`
  return { shares, made, problem, busy, create, revoke, state }
}

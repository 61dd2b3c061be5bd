import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import type { Applied, RowOp, ThingKind } from '@core/domain'
import { FILE_LISTS } from '@core/papers'
import { demoHome } from '@demo/home'
import { api } from '../api/client'
import { useRows } from '../stores/rows'
import { useSession } from '../stores/session'
import { useUnit } from '../stores/unit'
import { withBrowserParts } from './browserParts'

/** The stores with the demo home in them and one unit open; what is written is taken as the server takes it. */
export function openDemoStores(unitId: string, today: string): void {
  withBrowserParts()
  setActivePinia(createPinia())
  vi.spyOn(api, 'change').mockImplementation(
    async (change) =>
      ({
        changeId: change.id,
        label: change.label,
        rows: (change.ops as RowOp[]).map((op) => ({
          kind: op.kind,
          id: op.op === 'put' ? op.value.id : op.id,
          version: (op as { base: number }).base + 1,
          value: op.op === 'put' ? op.value : null,
        })),
        steps: { undo: change.label, redo: null },
      }) as Applied,
  )
  const file = demoHome(today)
  useRows().accept([
    { kind: 'home', id: file.home!.id, version: 1, value: file.home! },
    ...FILE_LISTS.flatMap(([list, kind]) =>
      file[list].map((value) => ({ kind: kind as ThingKind, id: value.id, version: 1, value })),
    ),
  ])
  useSession().today = today
  useUnit().id = unitId
}

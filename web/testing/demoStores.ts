import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import type { Applied, RowOp, StockOp, ThingKind } from '@core/domain'
import { FILE_LISTS } from '@core/papers'
import { demoHome } from '@demo/home'
import { api } from '../api/client'
import { useHouse } from '../stores/house'
import { useRepertoire } from '../stores/repertoire'
import { useRows } from '../stores/rows'
import { useSession } from '../stores/session'
import { useUnit } from '../stores/unit'
import { withBrowserParts } from './browserParts'

/** What a row holds once a write is taken. An amount that changed is shown already: it is answered as it stands. */
const valueAfter = (op: RowOp | StockOp) =>
  op.op === 'put' ? op.value : op.op === 'stock' ? (useRows().get('material', op.id) ?? null) : null

/** The stores with the demo home in them and one unit open; what is written is taken as the server takes it. */
export async function openDemoStores(unitId: string, today: string): Promise<void> {
  withBrowserParts()
  setActivePinia(createPinia())
  // An amount that changed says nothing of the version that it started from.
  let stockVersion = 1
  vi.spyOn(api, 'change').mockImplementation(
    async (change) =>
      ({
        changeId: change.id,
        label: change.label,
        rows: (change.ops as (RowOp | StockOp)[]).map((op) => ({
          kind: op.kind,
          id: op.op === 'put' ? op.value.id : op.id,
          version: op.op === 'stock' ? ++stockVersion : op.base + 1,
          value: valueAfter(op),
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
  useHouse().loaded = true
  useUnit().id = unitId
  await Promise.all([useUnit().fetchHeart(), useRepertoire().load()])
}

import { defineStore } from 'pinia'
import { computed, shallowRef, triggerRef, type ComputedRef, type ShallowRef } from 'vue'
import { THING_KINDS, type Row, type ThingKind, type ThingOf, type ChangedRow } from '@core/domain'
import { canonical } from '@core/base'

type Table = Map<string, { version: number; value: ThingOf<ThingKind> }>

/**
 * Every row that this page knows, by kind and id. Views read from it through the house and the unit; the writer and the
 * live line write.
 */
export const useRows = defineStore('rows', () => {
  const tables = Object.fromEntries(THING_KINDS.map((kind) => [kind, shallowRef<Table>(new Map())])) as Record<
    ThingKind,
    ShallowRef<Table>
  >
  /**
   * A list stays the same as long as its things do: only a version that changed is no news for what is computed from
   * it.
   */
  const lists = Object.fromEntries(
    THING_KINDS.map((kind) => [
      kind,
      computed<ThingOf<ThingKind>[]>((before) => {
        const now = [...tables[kind].value.values()].map((row) => row.value)
        return before?.length === now.length && before.every((one, i) => one === now[i]) ? before : now
      }),
    ]),
  ) as Record<ThingKind, ComputedRef<ThingOf<ThingKind>[]>>

  const list = <K extends ThingKind>(kind: K): ThingOf<K>[] => lists[kind].value as ThingOf<K>[]
  const get = <K extends ThingKind>(kind: K, id: string): ThingOf<K> | undefined =>
    tables[kind].value.get(id)?.value as ThingOf<K> | undefined
  const version = (kind: ThingKind, id: string): number => tables[kind].value.get(id)?.version ?? 0

  /** Takes rows as they are now; a null value is a removed row. */
  function accept(rows: readonly ChangedRow[]): void {
    const touched = new Set<ThingKind>()
    for (const row of rows) {
      if (row.value === null) tables[row.kind].value.delete(row.id)
      else {
        // What comes back as it was sent is the same thing: it only has its version now.
        const known = tables[row.kind].value.get(row.id)?.value
        const same = known !== undefined && (known === row.value || canonical(known) === canonical(row.value))
        tables[row.kind].value.set(row.id, { version: row.version, value: same ? known : row.value })
      }
      touched.add(row.kind)
    }
    for (const kind of touched) triggerRef(tables[kind])
  }
  /** Replaces all rows of some kinds. */
  function replace(kinds: readonly ThingKind[], rows: readonly Row[]): void {
    for (const kind of kinds)
      tables[kind].value = new Map(
        rows
          .filter((row) => row.kind === kind)
          .map((row) => [row.value.id, { version: row.version, value: row.value }]),
      )
  }

  return { list, get, version, accept, replace }
})

import type {
  BaseUnit,
  Change,
  Home,
  LinkTick,
  Purchase,
  Row,
  SpokenFor,
  StockEntry,
  ThingKind,
  ThingOf,
  Tick,
  CalendarDate,
} from '@core/domain'
import type { Fault } from '@core/fault'
import type { ImportEntry, PlanFile } from '@core/files'
import type { UsedBefore } from '@core/fit'
import type { Carried } from '@core/room'
import type { DaySheet } from '@core/sheet'

export interface User {
  id: string
  name: string
  signIn: string
}
/** What a link begins with, and whether only this machine can open it. */
export interface Links {
  base: string
  onlyHere: boolean
}
/** A device at which someone is signed in. */
export interface Device {
  id: string
  device: string
  since: string
  lastSeen: string
  isThis: boolean
}
/** Copies of everything: where they lie, and why the last one could not be made. */
export interface BackupState {
  folder: string | null
  copies: { name: string; at: string; bytes: number }[]
  fault: string | null
}
export interface ChangedRow {
  kind: ThingKind
  id: string
  version: number
  value: ThingOf<ThingKind> | null
}
export interface Steps {
  undo: string | null
  redo: string | null
}
export interface Applied {
  changeId: string
  label: string
  rows: ChangedRow[]
  ticks: Tick[]
  steps: Steps
}
/** One thing that families are asked for, as they see it. */
export interface AskedThing {
  materialId: string
  name: string
  wanted: string
  open: number
  openWords: string
  unit: BaseUnit
  bringBy: CalendarDate
}
export interface AskedPage {
  home: string
  unit: string
  measures: Home['measures']
  endsOn: CalendarDate
  things: AskedThing[]
}
export interface Share {
  id: string
  unitId: string
  kind: 'day' | 'ask'
  day: number
  label: string
  createdAt: string
  endsOn: CalendarDate
  revokedAt: string | null
  openedAt: string | null
}
export interface Conflict {
  kind: ThingKind
  id: string
  version: number
  yours: ThingOf<ThingKind> | null
  theirs: ThingOf<ThingKind> | null
}

/** What the server answered when it did not do what was asked. Status 0: it was not reached. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: Fault[] = [],
    readonly conflicts: Conflict[] = [],
    /** All that the refused change would have written, as it is now. */ readonly now: ChangedRow[] = [],
  ) {
    super(message)
  }
}

/** Called when the server does not know the session any more: it ended, or was ended from another device. */
let signedOut = () => {}
export const whenSignedOut = (heard: () => void): void => {
  signedOut = heard
}

async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response
  try {
    response = await fetch(`/api/v1${path}`, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
  } catch {
    throw new ApiError(0, 'No connection. Nothing was lost; it will be tried again.')
  }
  if (response.status === 204) return undefined as T
  const answer = await response.json().catch(() => ({ title: 'The answer could not be read' }))
  if (response.status === 401 && !OPEN.has(path)) signedOut()
  if (!response.ok) throw new ApiError(response.status, answer.title, answer.errors, answer.conflicts, answer.now)
  return answer as T
}

/** Where a 401 says that a secret was wrong. */
const OPEN = new Set(['/session', '/recovery'])

const query = (unitId: string | null) => (unitId === null ? '' : `?unit=${encodeURIComponent(unitId)}`)

/** The server's calls by what they are for. */
export const api = {
  session: () =>
    call<{ user: User | null; hasOwner: boolean; asksCode: boolean; today: CalendarDate; links: Links | null }>(
      'GET',
      '/session',
    ),
  createOwner: (owner: { name: string; signIn: string; password: string; startCode?: string }) =>
    call<{ user: User; today: CalendarDate; recovery: string }>('POST', '/owner', owner),
  signIn: (who: { signIn: string; password: string }) =>
    call<{ user: User; today: CalendarDate }>('POST', '/session', who),
  recover: (who: { signIn: string; code: string; password: string }) =>
    call<{ user: User; today: CalendarDate; recovery: string }>('POST', '/recovery', who),
  changePassword: (change: { now: string; password: string }) => call<void>('PUT', '/password', change),
  newRecovery: (password: string) => call<{ recovery: string }>('POST', '/recovery-code', { password }),
  devices: () => call<{ devices: Device[] }>('GET', '/sessions'),
  endDevice: (id: string) => call<void>('DELETE', `/sessions/${id}`),
  backups: () => call<BackupState>('GET', '/backups'),
  backUp: () => call<BackupState>('POST', '/backups'),
  signOut: () => call<void>('DELETE', '/session'),
  house: () => call<{ rows: Row[]; today: CalendarDate }>('GET', '/house'),
  units: () => call<{ rows: Row<'unit'>[] }>('GET', '/units'),
  unit: (id: string) =>
    call<{ rows: Row[]; spokenFor: SpokenFor[]; ticks: Tick[]; steps: Steps }>('GET', `/units/${id}`),
  before: (id: string) => call<{ carried: Carried[] }>('GET', `/units/${id}/before`),
  steps: (unitId: string | null) => call<Steps>('GET', `/changes/steps${query(unitId)}`),
  change: (change: Change) => call<Applied>('POST', '/changes', change),
  undo: (unitId: string | null) => call<Applied>('POST', '/changes/undo', { unitId }),
  redo: (unitId: string | null) => call<Applied>('POST', '/changes/redo', { unitId }),
  shares: (unitId: string) => call<{ shares: Share[] }>('GET', `/units/${unitId}/shares`),
  share: (unitId: string, share: { day: number; label: string; endsOn: CalendarDate }) =>
    call<Share & { token: string }>('POST', `/units/${unitId}/shares`, share),
  askLink: (unitId: string, share: { label: string; endsOn: CalendarDate }) =>
    call<Share & { token: string }>('POST', `/units/${unitId}/ask-links`, share),
  asked: (token: string) => call<AskedPage>('GET', `/asked/${token}`),
  promise: (token: string, promise: { id: string; materialId: string; quantity: number; family: string }) =>
    call<AskedPage>('POST', `/asked/${token}/promises`, promise),
  withdrawPromise: (token: string, id: string) => call<AskedPage>('DELETE', `/asked/${token}/promises/${id}`),
  history: (materialId: string) =>
    call<{ entries: StockEntry[]; purchases: Purchase[] }>('GET', `/materials/${materialId}/history`),
  purchases: (year: number) => call<{ rows: Row<'purchase'>[] }>('GET', `/purchases/${year}`),
  previewPantry: (text: string) => call<{ entries: ImportEntry[] }>('POST', '/pantry/csv/preview', { text }),
  applyPantry: (text: string) => call<{ entries: ImportEntry[] }>('POST', '/pantry/csv/apply', { text }),
  revoke: (unitId: string, shareId: string) => call<void>('DELETE', `/units/${unitId}/shares/${shareId}`),
  shared: (token: string) =>
    call<{ label: string; endsOn: CalendarDate; sheet: DaySheet; ticks: Tick[] }>('GET', `/shared/${token}`),
  sharedTick: (token: string, tick: LinkTick) => call<Tick>('PUT', `/shared/${token}/ticks`, tick),
  previewFile: (file: PlanFile) => call<{ entries: ImportEntry[] }>('POST', '/plan-files/preview', file),
  usedBefore: () => call<{ used: Record<string, UsedBefore[]> }>('GET', '/activities/used'),
  previewActivities: (text: string) => call<{ entries: ImportEntry[] }>('POST', '/activities/csv/preview', { text }),
  applyActivities: (text: string) => call<{ entries: ImportEntry[] }>('POST', '/activities/csv/apply', { text }),
  applyFile: (file: PlanFile) => call<{ entries: ImportEntry[] }>('POST', '/plan-files/apply', file),
}

import type {
  Applied,
  AskedPage,
  BackupState,
  BatchesAnswer,
  BeforeAnswer,
  CalendarDate,
  Change,
  ChangedRow,
  Conflict,
  DevicesAnswer,
  HistoryAnswer,
  HouseAnswer,
  HousePart,
  ImportAnswer,
  LinkTick,
  MadeShare,
  NewOwnerAnswer,
  PictureAnswer,
  ProblemAnswer,
  PurchasesAnswer,
  RecoveryAnswer,
  SessionAnswer,
  SharedDay,
  SharesAnswer,
  SignedInAnswer,
  Steps,
  Tick,
  UnitAnswer,
  UnitsAnswer,
  UsedAnswer,
} from '@core/domain'
import type { Fault } from '@core/base'
import type { PlanFile } from '@core/papers'
import { ask, type Answer } from './keptReads'

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
  let answered: Answer
  try {
    answered = await ask(`/api/v1${path}`, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
  } catch {
    throw new ApiError(0, 'No connection. Nothing was lost; Kobby will try again.')
  }
  const { status, text } = answered
  if (status === 204) return undefined as T
  if (status === 401 && !OPEN.has(path)) signedOut()
  const answer = readAnswer(text)
  if (status < 200 || status > 299) throw problemOf(status, answer as ProblemAnswer)
  return answer as T
}

function readAnswer(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return { title: 'The answer made no sense. Please try again.' }
  }
}

const problemOf = (status: number, { title, errors, conflicts, now }: ProblemAnswer) =>
  new ApiError(status, title, errors, conflicts, now)

/** Where a 401 says that a secret was wrong. */
const OPEN = new Set(['/session', '/recovery'])

const query = (unitId: string | null) => (unitId === null ? '' : `?unit=${encodeURIComponent(unitId)}`)

/** The server's calls by what they are for. What each answers is a schema of core, to which the server is held. */
export const api = {
  session: () => call<SessionAnswer>('GET', '/session'),
  createOwner: (owner: { name: string; signIn: string; password: string; startCode?: string }) =>
    call<NewOwnerAnswer>('POST', '/owner', owner),
  signIn: (who: { signIn: string; password: string }) => call<SignedInAnswer>('POST', '/session', who),
  recover: (who: { signIn: string; code: string; password: string }) => call<NewOwnerAnswer>('POST', '/recovery', who),
  changePassword: (change: { now: string; password: string }) => call<void>('PUT', '/password', change),
  newRecovery: (password: string) => call<RecoveryAnswer>('POST', '/recovery-code', { password }),
  devices: () => call<DevicesAnswer>('GET', '/sessions'),
  endDevice: (id: string) => call<void>('DELETE', `/sessions/${id}`),
  backups: () => call<BackupState>('GET', '/backups'),
  backUp: () => call<BackupState>('POST', '/backups'),
  keepPicture: (data: string) => call<PictureAnswer>('POST', '/pictures', { data }),
  signOut: () => call<void>('DELETE', '/session'),
  house: (part: HousePart) => call<HouseAnswer>('GET', `/house?part=${part}`),
  units: () => call<UnitsAnswer>('GET', '/units'),
  unit: (id: string) => call<UnitAnswer>('GET', `/units/${id}`),
  before: (id: string) => call<BeforeAnswer>('GET', `/units/${id}/before`),
  steps: (unitId: string | null) => call<Steps>('GET', `/changes/steps${query(unitId)}`),
  change: (change: Change) => call<Applied>('POST', '/changes', change),
  undo: (unitId: string | null) => call<Applied>('POST', '/changes/undo', { unitId }),
  redo: (unitId: string | null) => call<Applied>('POST', '/changes/redo', { unitId }),
  shares: (unitId: string) => call<SharesAnswer>('GET', `/units/${unitId}/shares`),
  share: (unitId: string, share: { day: number; label: string; endsOn: CalendarDate }) =>
    call<MadeShare>('POST', `/units/${unitId}/shares`, share),
  askLink: (unitId: string, share: { label: string; endsOn: CalendarDate }) =>
    call<MadeShare>('POST', `/units/${unitId}/ask-links`, share),
  asked: (token: string) => call<AskedPage>('GET', `/asked/${token}`),
  promise: (token: string, promise: { id: string; materialId: string; quantity: number; family: string }) =>
    call<AskedPage>('POST', `/asked/${token}/promises`, promise),
  withdrawPromise: (token: string, id: string) => call<AskedPage>('DELETE', `/asked/${token}/promises/${id}`),
  history: (materialId: string) => call<HistoryAnswer>('GET', `/materials/${materialId}/history`),
  batches: () => call<BatchesAnswer>('GET', '/batches'),
  purchases: (year: number) => call<PurchasesAnswer>('GET', `/purchases/${year}`),
  previewPantry: (text: string) => call<ImportAnswer>('POST', '/pantry/csv/preview', { text }),
  applyPantry: (text: string) => call<ImportAnswer>('POST', '/pantry/csv/apply', { text }),
  calendarLink: (unitId: string, share: { label: string; endsOn: string }) =>
    call<MadeShare>('POST', `/units/${unitId}/calendar-links`, share),
  revoke: (unitId: string, shareId: string) => call<void>('DELETE', `/units/${unitId}/shares/${shareId}`),
  shared: (token: string) => call<SharedDay>('GET', `/shared/${token}`),
  sharedTick: (token: string, tick: LinkTick) => call<Tick>('PUT', `/shared/${token}/ticks`, tick),
  previewFile: (file: PlanFile) => call<ImportAnswer>('POST', '/plan-files/preview', file),
  usedBefore: () => call<UsedAnswer>('GET', '/activities/used'),
  previewActivities: (text: string) => call<ImportAnswer>('POST', '/activities/csv/preview', { text }),
  applyActivities: (text: string) => call<ImportAnswer>('POST', '/activities/csv/apply', { text }),
  applyFile: (file: PlanFile) => call<ImportAnswer>('POST', '/plan-files/apply', file),
}

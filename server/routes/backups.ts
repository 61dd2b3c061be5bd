import { BackupState } from '@core/domain'
import { route, type Route } from '../http/routes'
import type { Backups } from '../services/backups'

/** Copies of everything. */
export const backupRoutes = (backups: Backups): Route[] => [
  route(
    { method: 'get', path: '/backups', summary: 'The copies that there are', access: 'owner', answer: BackupState },
    async () => backups.state(),
  ),
  route(
    { method: 'post', path: '/backups', summary: 'Make a copy now', access: 'owner', answer: BackupState },
    async () => backups.now(),
  ),
]

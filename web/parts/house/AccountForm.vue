<script setup lang="ts">
import type { BackupState, Device } from '@core/domain'
import { fullDate } from '@core/base'
import { onMounted, ref } from 'vue'
import { api } from '../../api/client'
import FormField from '../fields/FormField.vue'
import RecoveryCode from './RecoveryCode.vue'
import { clockAt } from '../../composables/savedWords'
import { useTold } from '../../composables/useTold'

/** The password, the recovery code, where she is signed in, and copies of everything. */
const password = useTold()
const changed = ref(false)
const [now, next] = [ref(''), ref('')]
const changePassword = async () => {
  changed.value = await password.tell(() => api.changePassword({ now: now.value, password: next.value }))
  if (!changed.value) return
  now.value = next.value = ''
  await devices.tell(loadDevices)
}

const code = useTold()
const [asking, confirmed, recovery] = [ref(false), ref(''), ref('')]
const makeCode = () =>
  code.tell(async () => {
    recovery.value = (await api.newRecovery(confirmed.value)).recovery
    confirmed.value = ''
    asking.value = false
  })

const devices = useTold()
const all = ref<Device[]>([])
async function loadDevices() {
  all.value = (await api.devices()).devices
}
const endDevice = (one: Device) =>
  devices.tell(async () => {
    await api.endDevice(one.id)
    await loadDevices()
  })
const dateOf = (at: Date) =>
  fullDate(`${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`)
const when = (stamp: string) => `${dateOf(new Date(stamp))}, ${clockAt(new Date(stamp))}`

const copies = useTold()
const backups = ref<BackupState | null>(null)
const made = ref('')
const backUp = () =>
  copies.tell(async () => {
    backups.value = await api.backUp()
    made.value = backups.value.copies[0]?.name ?? ''
  })
const BYTES_PER_MB = 1_000_000
const size = (bytes: number) => `${(bytes / BYTES_PER_MB).toFixed(1)} MB`
onMounted(() => {
  void devices.tell(loadDevices)
  void copies.tell(async () => {
    backups.value = await api.backups()
  })
})
</script>

<template>
  <div class="account">
    <div class="stack">
      <form class="stack" novalidate @submit.prevent="changePassword">
        <h2>Password</h2>
        <FormField label="Password now"
          ><v-text-field
            v-model="now"
            type="password"
            autocomplete="current-password"
            maxlength="200"
            :error-messages="password.wrong.value.now"
        /></FormField>
        <FormField label="New password" hint="At least 10 characters. Every other device is signed out."
          ><v-text-field
            v-model="next"
            type="password"
            autocomplete="new-password"
            maxlength="200"
            :error-messages="password.wrong.value.password"
        /></FormField>
        <p v-if="password.problem.value" class="notice" role="alert">{{ password.problem.value }}</p>
        <p v-if="changed" role="status">The new password works from now on.</p>
        <div>
          <v-btn
            type="submit"
            :disabled="password.busy.value || !now || !next"
            :title="now && next ? undefined : 'Write both passwords first'"
            >Change it</v-btn
          >
        </div>
      </form>
      <section class="stack">
        <h2>Recovery code</h2>
        <RecoveryCode v-if="recovery" :code="recovery" button="I have kept it" @done="recovery = ''" />
        <template v-else>
          <p class="mute">
            It sets a new password when this one is lost. You were shown it at the start. If it is lost or was seen by
            someone, make a new one: the old one ends with it.
          </p>
          <form v-if="asking" class="stack" novalidate @submit.prevent="makeCode">
            <FormField label="Your password"
              ><v-text-field
                v-model="confirmed"
                type="password"
                autocomplete="current-password"
                maxlength="200"
                :error-messages="code.wrong.value.password"
            /></FormField>
            <p v-if="code.problem.value" class="notice" role="alert">{{ code.problem.value }}</p>
            <div class="inline">
              <v-btn
                class="primary"
                type="submit"
                :disabled="code.busy.value || !confirmed"
                :title="confirmed ? undefined : 'Write your password first'"
                >Make a new code</v-btn
              ><v-btn class="plain" @click="asking = false">Cancel</v-btn>
            </div>
          </form>
          <div v-else><v-btn @click="asking = true">Make a new code</v-btn></div>
        </template>
      </section>
    </div>
    <div class="stack">
      <section class="rows">
        <h2>Where you are signed in</h2>
        <p v-if="devices.problem.value" class="notice" role="alert">{{ devices.problem.value }}</p>
        <p v-else-if="!all.length" class="mute" role="status">Looking</p>
        <div v-for="one in all" :key="one.id" class="row line">
          <span
            ><b>{{ one.device }}</b
            ><template v-if="one.isThis">, this one</template
            ><span class="block small mute">last seen {{ when(one.lastSeen) }}</span></span
          ><TextButton
            v-if="!one.isThis"
            :aria-label="`Sign out ${one.device}, last seen ${when(one.lastSeen)}`"
            @click="endDevice(one)"
          >
            sign out
          </TextButton>
        </div>
      </section>
      <section class="rows">
        <h2>Copies of everything</h2>
        <p class="small mute">
          The whole home with its history, made every night; the last 14 are kept. Put one somewhere else now and then:
          a USB stick, another computer.
        </p>
        <p v-if="copies.problem.value" class="notice" role="alert">{{ copies.problem.value }}</p>
        <p v-if="backups?.fault" class="notice" role="alert">
          Last night's copy could not be made: {{ backups.fault }}
        </p>
        <template v-if="backups?.folder">
          <p class="small">
            They are in <code>{{ backups.folder }}</code>
          </p>
          <p v-if="made" role="status">The copy is made: {{ made }}</p>
          <div>
            <v-btn :disabled="copies.busy.value" @click="backUp">{{
              copies.busy.value ? 'Copying' : 'Copy everything now'
            }}</v-btn>
          </div>
          <p v-if="!backups.copies.length" class="mute">No copy yet. The first is made tonight.</p>
          <ul v-else class="list">
            <li v-for="one in backups.copies" :key="one.name" class="row line">
              <span
                >{{ when(one.at) }}<span class="block small mute">{{ one.name }}</span></span
              ><span class="mute">{{ size(one.bytes) }}</span>
            </li>
          </ul>
          <p class="small mute">
            To put one back, stop Kobby and type <code class="whole">npm run restore --</code> and the copy's path where
            it was started. It shows first what would change.
          </p>
        </template>
        <p v-else-if="backups" class="mute">No folder for copies is set where Kobby was started.</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.account {
  display: grid;
  grid-template-columns: minmax(0, 420px) minmax(0, 460px);
  gap: 36px;
  align-items: start;
}
.account .stack {
  gap: 18px;
}
.account form.stack,
.account section.stack {
  gap: 10px;
}
.line {
  border-bottom: 1px solid var(--edge);
  padding: 6px 0;
}
.list {
  list-style: none;
  padding: 0;
  margin: 0;
}
.block {
  display: block;
}
code {
  overflow-wrap: anywhere;
}
.whole {
  white-space: nowrap;
}
@media (max-width: 1000px) {
  .account {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import { addDays } from '@core/base'
import { api } from '../../api/client'
import { useShares } from '../../composables/useShares'
import { useSession } from '../../stores/session'
import { useUnit } from '../../stores/unit'
import MadeLink from '../house/MadeLink.vue'
import ShareList from '../lines/ShareList.vue'

/** The unit in her own calendar: as a file, or by a link of her own that can be withdrawn. */
const unit = useUnit()
const session = useSession()
const { shares, made, problem, busy, create, revoke, state } = useShares(
  'calendar',
  api.calendarLink,
  '/api/v1/calendars',
)
const AFTER = 7
const LONGEST = 90
/** It ends a week after the unit, and no later than a link may. */
const endsOn = computed(() => {
  const last = unit.days.at(-1)?.date ?? session.today
  const [wanted, most] = [addDays(last > session.today ? last : session.today, AFTER), addDays(session.today, LONGEST)]
  return wanted < most ? wanted : most
})
</script>

<template>
  <section class="rows" aria-label="In your calendar">
    <h3>In your calendar</h3>
    <p class="small mute">Special days, preparation, trips and slow projects. No child is named in it.</p>
    <div class="inline">
      <a :href="`/api/v1/units/${unit.id}/calendar.ics`" download>Save as a file</a>
      <v-btn size="small" :disabled="busy" @click="create({ label: 'My calendar', endsOn })"
        >Make a link to subscribe to</v-btn
      >
    </div>
    <p v-if="problem" class="notice soft" role="alert">{{ problem }}</p>
    <MadeLink v-if="made" :address="made.address" :label="made.label" />
    <ShareList v-if="shares.length" title="Links of calendars" :shares="shares" :state="state" @revoke="revoke" />
  </section>
</template>

<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { asksOf } from '@core/supplies'
import { api } from '../../api/client'
import MadeLink from '../../parts/house/MadeLink.vue'
import ShareList from '../../parts/lines/ShareList.vue'
import { useShares } from '../../composables/useShares'
import { useSession } from '../../stores/session'
import { useUnit } from '../../stores/unit'

/** A link on which families sign up for what to bring, without an account and without anyone's name on it. */
const store = useUnit()
const session = useSession()
const { shares, made, problem, busy, create, revoke, state } = useShares('ask', api.askLink, '/bring')
const asks = computed(() => asksOf(store.readings?.lines ?? [], store.promises))
const endsOn = ref('')
/** It ends with the last thing that is brought. */
watch(
  asks,
  (now) => {
    if (!endsOn.value)
      endsOn.value =
        now
          .map((ask) => ask.bringBy)
          .filter((date) => date >= session.today)
          .sort()
          .at(-1) ?? ''
  },
  { immediate: true },
)
</script>

<template>
  <div class="stack">
    <div>
      <h2>Sign up by link</h2>
      <p class="mute small">
        Families see what is wanted and by when, and say what they bring. No account, no child, no other family.
      </p>
    </div>
    <form class="stack" @submit.prevent="create({ label: 'All families', endsOn })">
      <label class="rows"
        ><span class="k-label">Until the end of</span
        ><v-text-field v-model="endsOn" type="date" aria-label="Until the end of" :min="session.today"
      /></label>
      <div>
        <v-btn
          class="primary"
          type="submit"
          :disabled="busy || !endsOn || !asks.length"
          :title="
            !asks.length ? 'There is nothing to ask for' : !endsOn ? 'Write until when the link opens' : undefined
          "
          >Make a link</v-btn
        >
      </div>
    </form>
    <p v-if="problem" class="notice soft" role="alert">{{ problem }}</p>
    <MadeLink v-if="made" :address="made.address" :label="made.label" />
    <ShareList title="Links to sign up" :shares="shares" :state="state" @revoke="revoke" />
  </div>
</template>

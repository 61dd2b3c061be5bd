<script setup lang="ts">
import { DOMAIN_NAMES, listWords, longDate, shortDate } from '@core/base'
import { DOMAINS } from '@core/domain'
import type { Touch, TouchWeek } from '@core/readings'
import { touchWords } from '../../composables/useTouchChart'

/** What the map of a week shows, for whoever listens to the page. */
defineProps<{
  monday: string
  children: TouchWeek['children']
  isGap: (childId: string, touch: Touch) => boolean
}>()
</script>

<template>
  <div class="sr-only">
    <table>
      <caption>
        Touches of each learning area for each child, week of
        {{
          longDate(monday)
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">Child</th>
          <th v-for="domain in DOMAINS" :key="domain" scope="col">{{ DOMAIN_NAMES[domain] }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in children" :key="one.child.id">
          <th scope="row">{{ one.child.name }}, here {{ listWords(one.dates.map(shortDate)) }}</th>
          <td v-for="touch in one.touches" :key="touch.domain">
            {{ isGap(one.child.id, touch) ? 'none' : touchWords(touch) }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

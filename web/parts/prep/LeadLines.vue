<script setup lang="ts">
import { computed } from 'vue'
import { countWords, longDate, mediumDate } from '@core/base'
import type { Lead } from '@core/prep'
import { usePrep } from '../../stores/prep'
import { useUnit } from '../../stores/unit'
import { useBasket } from '../../stores/basket'

/** What must begin a day ahead or more, and the truth about its date. */
const prep = usePrep()
const unit = useUnit()
const basket = useBasket()
const leads = computed(() => prep.leads)
const ahead = (days: number) => (days === 1 ? 'the day before' : `${countWords(days, 'day')} before`)
function words(lead: Lead): string {
  if (lead.late)
    return lead.begins
      ? `should have begun on ${mediumDate(lead.begins)}`
      : `too late for this unit: ${ahead(lead.days)}, so ${mediumDate(lead.earliest)} at the earliest`
  if (lead.begins) return `begin by ${longDate(lead.begins)}`
  return `begins ${ahead(lead.days)}: day ${lead.day} at the earliest`
}
function startLater(lead: Lead) {
  const own = unit.unit
  if (own && lead.unitStart)
    void unit.commit(`Start the unit on ${mediumDate(lead.unitStart)}`, [
      { put: 'unit', value: { ...own, start: lead.unitStart } },
    ])
}
function moveOn(lead: Lead) {
  const placement = unit.placements.find((one) => one.id === lead.placementId)
  if (!placement || lead.day === null) return
  const { where } = placement
  const later =
    where.kind === 'moment'
      ? { ...where, day: lead.day }
      : { ...where, fromDay: lead.day, toDay: Math.max(lead.day, where.toDay) }
  void unit.commit(`${lead.activity.title} on day ${lead.day}`, [
    { put: 'placement', value: { ...placement, where: later, pinnedDate: null } },
  ])
}
</script>

<template>
  <section v-if="leads.length" class="rows" aria-label="What begins ahead">
    <h3>What begins ahead</h3>
    <div v-for="lead in leads" :key="lead.placementId ?? lead.activity.id" class="lead">
      <b>{{ lead.activity.title }}</b>
      <p class="small" :class="lead.late ? 'brick' : 'mute'">{{ words(lead) }}</p>
      <div v-if="lead.late" class="inline">
        <v-btn v-if="lead.placementId && lead.day !== null" size="small" @click="moveOn(lead)"
          >Move it to day {{ lead.day }}</v-btn
        >
        <v-btn v-if="lead.unitStart" size="small" @click="startLater(lead)"
          >Start the unit on {{ mediumDate(lead.unitStart) }}</v-btn
        >
        <v-btn
          v-for="other in lead.placementId ? [] : lead.instead"
          :key="other.id"
          size="small"
          @click="basket.exchange(lead.activity.id, other.id)"
          >{{ other.title }} in its place</v-btn
        >
      </div>
    </div>
  </section>
</template>

<style scoped>
.lead {
  padding: 5px 0;
  border-bottom: 1px solid var(--edge);
  display: grid;
  gap: 3px;
}
.inline {
  gap: 6px;
  flex-wrap: wrap;
}
</style>

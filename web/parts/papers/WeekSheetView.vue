<script setup lang="ts">
import { shortDate, spanWords } from '@core/base'
import type { WeekSheet } from '@core/papers'

/** A week as a table, for the fridge and for families. */
defineProps<{ sheet: WeekSheet }>()
const daysWords = (sheet: WeekSheet, numbers: readonly number[]) => {
  const of = sheet.days.filter((day) => numbers.includes(day.number))
  return of.length === sheet.days.filter((day) => !day.skipped).length
    ? ''
    : of.length > 1
      ? `${shortDate(of[0].date)} to ${shortDate(of[of.length - 1].date)}`
      : shortDate(of[0].date)
}
</script>

<template>
  <div class="week">
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="sr-only">Part of the day</span></th>
          <th v-for="day in sheet.days" :key="day.number" scope="col" :class="{ special: day.event }">
            <span>{{ shortDate(day.date) }}</span><span class="small mute">day {{ day.number }}</span
            ><b v-if="day.event">{{ day.event }}</b>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in sheet.rows" :key="i" :class="{ empty: row.cells.every((cell) => !cell?.length) }">
          <th scope="row">
            {{ row.name }} <span class="small mute">{{ spanWords(row) }}</span>
          </th>
          <td v-for="(cell, j) in row.cells" :key="j" :class="{ none: cell === null }">
            <span v-if="sheet.days[j].skipped && i === 0" class="mute">{{ sheet.days[j].skipped }}</span>
            <span v-for="title in cell ?? []" :key="title" class="title">{{ title }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <section v-if="sheet.standing.length">
      <h3>Out at the centers</h3>
      <ul>
        <li v-for="(one, i) in sheet.standing" :key="i">
          <b v-if="one.center">{{ one.center }}: </b>{{ one.title
          }}<span v-if="daysWords(sheet, one.days)" class="mute small"> ({{ daysWords(sheet, one.days) }})</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.week {
  display: grid;
  gap: 14px;
}
table {
  border-collapse: collapse;
  table-layout: fixed;
  width: 100%;
}
th,
td {
  border: 1px solid var(--edge);
  padding: 5px 7px;
  text-align: left;
  vertical-align: top;
  overflow-wrap: anywhere;
}
thead th {
  border-bottom: 2px solid var(--edge-strong);
}
thead th > * {
  display: block;
}
th[scope='row'] {
  font-weight: 600;
}
th[scope='row'] .small {
  display: block;
  font-weight: 400;
}
.title {
  display: block;
}
.title + .title {
  margin-top: 4px;
}
.none {
  background: var(--well);
}
ul {
  columns: 3 190px;
  column-gap: 18px;
  list-style: none;
  padding: 0;
}
li {
  break-inside: avoid;
  padding: 2px 0;
}
@media print {
  .week {
    display: block;
    font-size: 10.5pt;
  }
  section {
    margin-top: 10px;
  }
  tr {
    break-inside: avoid;
  }
}
</style>

<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Tick, DaySheet, SheetItem } from '@core/domain'
import { clockWords, listWords, STAGE_NAMES } from '@core/base'
import { inHandWords, markOf } from '@core/papers'

/**
 * One day for whoever runs it: large enough for an arm's length, each step a tick. The same for the provider, a link
 * and paper.
 */
const props = defineProps<{ sheet: DaySheet; ticks: readonly Tick[]; canTick?: boolean; only?: string | null }>()
const emit = defineEmits<{ tick: [placementId: string, step: string, done: boolean, text: string] }>()

const ticked = computed(() => new Map(props.ticks.map((tick) => [`${tick.placementId} ${tick.step}`, tick])))
const tickOf = (item: SheetItem, step: string) => ticked.value.get(`${item.placementId} ${step}`)
const byId = computed(() => new Map(props.sheet.items.map((item) => [item.placementId, item])))
const names = computed(() => [...props.sheet.children.map((child) => child.name), ...props.sheet.away])
const standing = computed(() => props.sheet.items.filter((item) => item.standing))
const WORD = { stop: 'Stop', change: 'Change', watch: 'Watch' } as const
const showKids = ref(false)
const safety = computed(() => [
  ...props.sheet.children
    .filter((child) => child.allergies.length)
    .map((child) => `${child.name}: allergy, ${listWords(child.allergies)}`),
  ...(props.sheet.children.some((child) => child.mouths)
    ? [`Still mouthing: ${listWords(props.sheet.children.filter((child) => child.mouths).map((child) => child.name))}`]
    : []),
])
const facts = (item: SheetItem) =>
  [item.center, item.lead && `${item.lead} leads`, item.attention, item.apart && 'behind the gate']
    .filter(Boolean)
    .join(' · ')
const done = (item: SheetItem) => item.steps.filter((step) => tickOf(item, step.id)?.done).length
function childWords(child: DaySheet['children'][number]): string {
  const parts = [`${clockWords(child.here.from)} to ${clockWords(child.here.to)}`]
  if (child.naps.length)
    parts.push(`sleeps ${listWords(child.naps.map((nap) => `${clockWords(nap.from)} to ${clockWords(nap.to)}`))}`)
  if (child.mouths) parts.push('mouths things')
  return parts.join(', ')
}
</script>

<template>
  <div class="sheet">
    <section class="here keep" aria-label="Here today">
      <ul class="marks phone-kids" aria-hidden="true">
        <li v-for="(child, i) in sheet.children" :key="i" class="mark takes-part">{{ markOf(child.name, names) }}</li>
      </ul>
      <div class="phone-kids safety">
        <p v-for="line in safety" :key="line">
          <b class="brick">{{ line }}</b>
        </p>
      </div>
      <button type="button" class="why phone-kids no-print" :aria-expanded="showKids" @click="showKids = !showKids">
        {{ showKids ? 'Hide' : 'Show' }} hours and naps
      </button>
      <ul class="kids" :class="{ shown: showKids }">
        <li v-for="(child, i) in sheet.children" :key="i" class="kid">
          <span class="mark large takes-part" aria-hidden="true">{{ markOf(child.name, names) }}</span><span
            ><b>{{ child.name }}</b> <span class="mute small">{{ STAGE_NAMES[child.stage].toLowerCase() }}</span><span
              class="small mute line"
              >{{ childWords(child) }}</span
            ><b v-if="child.allergies.length" class="brick small line"
              >Allergy: {{ listWords(child.allergies) }}</b
            ></span
          >
        </li>
      </ul>
      <p v-if="sheet.away.length" class="mute small">Away: {{ listWords(sheet.away) }}</p>
      <p v-for="line in sheet.reminders" :key="line" class="notice soft">{{ line }}</p>
    </section>
    <section v-for="block in sheet.blocks" :key="block.id" class="block" :aria-label="block.name">
      <div class="row block-head" :class="{ empty: !block.placementIds.length }">
        <h2>{{ block.name }}</h2>
        <span class="mute">{{ clockWords(block.from) }} to {{ clockWords(block.to) }}</span>
      </div>
      <template v-for="id in block.placementIds" :key="id">
        <article v-if="byId.get(id)" class="card item keep" :class="byId.get(id)!.status">
          <div class="row">
            <h3>{{ byId.get(id)!.title }}</h3>
            <span class="mute when"
              >{{ byId.get(id)!.status === 'planned' ? clockWords(byId.get(id)!.from) : byId.get(id)!.status
              }}<template v-if="done(byId.get(id)!)">
                · {{ done(byId.get(id)!) }} of {{ byId.get(id)!.steps.length }}</template
              ></span
            >
          </div>
          <p class="mute">{{ facts(byId.get(id)!) }}</p>
          <div
            v-for="(caution, i) in byId.get(id)!.cautions"
            :key="i"
            class="notice"
            :class="{ soft: caution.severity !== 'stop' }"
          >
            <b :class="caution.severity === 'stop' ? 'brick' : 'ember'">{{ WORD[caution.severity] }}:</b>
            {{ caution.why }}<template v-if="caution.setAside"> Set aside: {{ caution.setAside }}</template>
          </div>
          <p v-if="byId.get(id)!.materials.length" class="hand">
            <b>In hand:</b> {{ byId.get(id)!.materials.map(inHandWords).join(', ') }}
          </p>
          <ul class="steps">
            <li v-for="step in byId.get(id)!.steps" :key="step.id">
              <component
                :is="canTick ? 'label' : 'div'"
                class="step"
                :class="{ ticked: tickOf(byId.get(id)!, step.id)?.done }"
              >
                <input
                  v-if="canTick"
                  type="checkbox"
                  :checked="tickOf(byId.get(id)!, step.id)?.done ?? false"
                  @change="emit('tick', id, step.id, ($event.target as HTMLInputElement).checked, step.text)"
                />
                <span v-else class="box" :class="{ on: tickOf(byId.get(id)!, step.id)?.done }"
                  ><span v-if="tickOf(byId.get(id)!, step.id)?.done" class="sr-only">Ticked: </span></span
                >
                <span
                  ><b v-if="step.who">{{ step.who }}: </b>{{ step.text
                  }}<span v-if="tickOf(byId.get(id)!, step.id)?.done" class="small mute by"
                    >&nbsp;{{ tickOf(byId.get(id)!, step.id)!.by }}</span
                  ></span
                >
              </component>
            </li>
          </ul>
          <p v-if="byId.get(id)!.say.length" class="mute">Ask: {{ byId.get(id)!.say.join(' ') }}</p>
          <p v-if="byId.get(id)!.tidy" class="mute">Tidy up: {{ byId.get(id)!.tidy }}</p>
        </article>
      </template>
    </section>
    <section v-if="standing.length" class="block" aria-label="Out at the centers">
      <div class="row block-head"><h2>Out at the centers</h2></div>
      <div class="out-list">
        <article v-for="item in standing" :key="item.placementId" class="cubby out keep">
          <div class="row">
            <h3>{{ item.title }}</h3>
            <span class="mute">{{ item.center }}</span>
          </div>
          <div
            v-for="(caution, i) in item.cautions.filter((one) => one.severity !== 'watch')"
            :key="i"
            class="notice"
            :class="{ soft: caution.severity !== 'stop' }"
          >
            <b :class="caution.severity === 'stop' ? 'brick' : 'ember'">{{ WORD[caution.severity] }}:</b>
            {{ caution.why }}
          </div>
          <p v-for="step in item.steps.filter((one) => one.who)" :key="step.id">
            <b>{{ step.who }}:</b> {{ step.text }}
          </p>
          <p
            v-for="(caution, i) in item.cautions.filter((one) => one.severity === 'watch')"
            :key="`w${i}`"
            class="mute small"
          >
            {{ caution.why }}
          </p>
        </article>
      </div>
    </section>
    <p class="mute closing">{{ sheet.closing }}</p>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 14px;
  max-width: 760px;
  font-size: 17px;
}
.kids {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 8px 14px;
}
.kid {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 9px;
  align-items: start;
  line-height: 1.25;
  font-size: 16px;
}
.line {
  display: block;
}
.phone-kids {
  display: none;
}
@media screen and (max-width: 720px) {
  .phone-kids {
    display: flex;
  }
  .safety {
    display: grid;
    gap: 2px;
    font-size: 16px;
  }
  .kids:not(.shown) {
    display: none;
  }
  .why.phone-kids {
    padding: 4px 0;
    min-height: 44px;
    align-items: center;
  }
}
.here {
  display: grid;
  gap: 8px;
}
.block {
  display: grid;
  gap: 8px;
}
.block-head {
  border-top: 1px solid var(--edge);
  padding-top: 8px;
}
.block-head h2 {
  font-size: 16px;
}
.block-head.empty h2 {
  font-weight: 500;
}
.item {
  padding: 12px 14px;
  display: grid;
  gap: 8px;
  border-top: 3px solid var(--edge-strong);
}
.item.done,
.item.skipped {
  opacity: 0.9;
  border-top-style: dashed;
}
.item h3 {
  font-size: 20px;
}
.out h3 {
  font-size: 17px;
}
.out-list {
  display: grid;
  gap: 8px;
}
.out {
  padding: 8px 12px;
  display: grid;
  gap: 4px;
  font-size: 16px;
}
.when {
  white-space: nowrap;
}
.hand {
  font-size: 16px;
}
.step {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 6px;
  align-items: start;
  padding: 9px 0;
  border-top: 1px solid var(--edge);
  min-height: 44px;
}
label.step {
  cursor: pointer;
}
.step.ticked {
  color: var(--mute);
}
.step input,
.box {
  appearance: none;
  width: 26px;
  height: 26px;
  margin: 0;
  border: 2px solid var(--control);
  border-radius: 5px;
  background: var(--well);
  display: grid;
  place-items: center;
}
.step input:checked,
.box.on {
  background: var(--spruce);
  border-color: var(--spruce);
}
.step input:checked::after,
.box.on::after {
  content: '';
  width: 7px;
  height: 13px;
  border: solid var(--on-spruce);
  border-width: 0 3px 3px 0;
  transform: translateY(-2px) rotate(45deg);
}
.by {
  white-space: nowrap;
}
.closing {
  font-style: italic;
  font-size: 15px;
}
@media print {
  .sheet {
    font-size: 9.5pt;
    line-height: 1.25;
    max-width: none;
    gap: 5px;
  }
  .kids {
    grid-template-columns: repeat(4, 1fr);
    gap: 3px 10px;
  }
  .kid {
    grid-template-columns: 20px 1fr;
    gap: 5px;
    font-size: 9pt;
  }
  .kid .mark {
    min-width: 18px;
    height: 18px;
    font-size: 9pt;
  }
  .kid .small,
  .sheet .small {
    font-size: 8.5pt;
  }
  .block {
    gap: 4px;
  }
  .block-head {
    break-after: avoid;
    padding-top: 3px;
  }
  .block-head h2 {
    font-size: 10pt;
  }
  .item {
    padding: 4px 8px;
    gap: 2px;
  }
  .item h3,
  .out h3 {
    font-size: 11pt;
  }
  .hand {
    font-size: 9.5pt;
  }
  .steps {
    columns: 2;
    column-gap: 16px;
  }
  .step {
    grid-template-columns: 16px 1fr;
    padding: 1px 0;
    min-height: 0;
    border: 0;
    break-inside: avoid;
  }
  .step input,
  .box {
    width: 11px;
    height: 11px;
    border-width: 1px;
    border-radius: 2px;
    margin-top: 1px;
  }
  .notice {
    padding: 1px 6px;
  }
  .out-list {
    display: block;
    columns: 2;
    column-gap: 10px;
  }
  .out {
    font-size: 9pt;
    padding: 3px 7px;
    gap: 1px;
    margin-bottom: 5px;
  }
}
</style>

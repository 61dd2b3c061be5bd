<script setup lang="ts">
import { computed } from 'vue'
import { WEEKDAYS, type Home } from '@core/domain'
import { longWeekday } from '@core/base'
import { useHouse } from '../../stores/house'

/** Shops: on which days one goes there, and how long what is ordered there is on its way. */
const home = defineModel<Home>({ required: true })
const props = defineProps<{ errors: Record<string, string> }>()
const emit = defineEmits<{ left: [] }>()
const house = useHouse()
const DAYS = WEEKDAYS.map((day) => ({ title: longWeekday(day), value: day }))
const known = computed(() =>
  [...new Set(house.materials.flatMap((one) => one.packs.map((pack) => pack.shop)))]
    .filter((name) => !home.value.shops.some((shop) => shop.name.toLowerCase() === name.toLowerCase()))
    .sort(),
)
const wrong = (i: number) => Object.entries(props.errors).find(([field]) => field.startsWith(`shops.${i}.`))?.[1]
function add(name: string) {
  home.value.shops = [...home.value.shops, { name, weekdays: [], deliveryDays: 0 }]
  emit('left')
}
function drop(i: number) {
  home.value.shops = home.value.shops.filter((_, j) => j !== i)
  emit('left')
}
</script>

<template>
  <section class="rows">
    <h2>Shops</h2>
    <p class="small mute">A shop that is not here is visited on any shopping day.</p>
    <div v-if="home.shops.length" class="shop head small mute" aria-hidden="true">
      <span>Shop</span><span>On</span><span>Sent in</span>
    </div>
    <div v-for="(shop, i) in home.shops" :key="i" class="shop">
      <v-text-field v-model="shop.name" :aria-label="`Shop ${i + 1}`" maxlength="120" @blur="emit('left')" /><v-select
        v-model="shop.weekdays"
        :items="DAYS"
        multiple
        :aria-label="`Days at ${shop.name}`"
        :placeholder="shop.deliveryDays ? 'Any day' : 'Shopping days'"
        @update:model-value="emit('left')"
        ><template #selection="{ index }"
          ><span v-if="index === 0">{{
            shop.weekdays.map((day) => longWeekday(day).slice(0, 3)).join(', ')
          }}</span></template
        ></v-select
      ><v-text-field
        v-model.number="shop.deliveryDays"
        type="number"
        min="0"
        max="60"
        suffix="days"
        :aria-label="`Days until ${shop.name} delivers`"
        @blur="emit('left')"
      /><TextButton class="small" :aria-label="`Remove ${shop.name}`" @click="drop(i)">remove</TextButton>
      <p v-if="wrong(i)" class="small brick" role="alert">{{ wrong(i) }}</p>
    </div>
    <div class="inline">
      <v-btn v-for="name in known.slice(0, 6)" :key="name" size="small" @click="add(name)">Add {{ name }}</v-btn
      ><v-btn size="small" @click="add('A shop')">Add another</v-btn>
    </div>
  </section>
</template>

<style scoped>
.shop {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr) 92px auto;
  gap: 6px;
  border-top: 1px solid var(--edge);
  padding: 8px 0;
  align-items: center;
}
.shop p {
  grid-column: 1 / -1;
}
.head {
  padding: 0;
  border: 0;
}
@media (max-width: 720px) {
  .shop {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .head {
    display: none;
  }
}
</style>

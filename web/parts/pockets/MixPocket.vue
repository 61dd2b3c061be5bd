<script setup lang="ts">
import { computed } from 'vue'
import { longDate, listWords, moneyWords, quantityWords } from '@core/base'
import { capital } from '@core/ideas'
import { readable, STORAGE_WORDS, throwAway, type FromCupboard } from '@core/making'
import { markOf, recipeJsonLd } from '@core/papers'
import { useHouse } from '../../stores/house'
import { useRouter } from 'vue-router'
import { useHomeWords } from '../../composables/homeWords'
import { useKitchen } from '../../stores/kitchen'
import { useMixing } from '../../stores/mixing'
import MixPlan from './MixPlan.vue'

/** Who can use what is mixed, until when it keeps, and what it takes from the cupboard. */
const mixing = useMixing()
const kitchen = useKitchen()
const house = useHouse()
const router = useRouter()
const words = useHomeWords()
const recipe = computed(() => mixing.recipe)
const made = computed(() => mixing.mixed?.value ?? null)
const marks = computed(() =>
  mixing.eaters.map(({ child }) => {
    const without = mixing.diets?.without.find((one) => one.child.id === child.id)
    return {
      id: child.id,
      text: markOf(child.name, words.value.childNames),
      look: without ? 'out' : 'takes-part',
      words: without ? `${child.name}: ${without.why}` : `${child.name} can use it`,
    }
  }),
)
/** Who cannot use it, by the reason. */
const without = computed(() => {
  const all = mixing.diets?.without ?? []
  return [...new Set(all.map((one) => one.why))].map((why) => ({
    why,
    names: all.filter((one) => one.why === why).map((one) => one.child.name),
  }))
})
/** For whom the swaps are. */
const forSwap = (swapId: string) =>
  mixing.diets?.verdicts.flatMap((one) =>
    one.is === 'swap' && one.swapIds.includes(swapId) ? [one.child.name] : [],
  ) ?? []
const keeps = computed(() =>
  recipe.value && mixing.day
    ? recipe.value.keeps.map((one) => ({
        storage: one.storage,
        ...throwAway(recipe.value!, mixing.day!.date, one.storage, mixing.served.length),
      }))
    : [],
)
const amount = ({ material }: FromCupboard, quantity: number) =>
  quantityWords(readable(quantity), material.unit, words.value.measures)
const isOwn = computed(() => mixing.isOwn(recipe.value?.id ?? ''))
/** The recipe as a file that the browser keeps: other programs read it as well. */
const fileAddress = computed(() => {
  const file = recipe.value ? JSON.stringify(recipeJsonLd(recipe.value, mixing.nameOf), null, 2) : ''
  return `data:application/ld+json;charset=utf-8,${encodeURIComponent(file)}`
})
function remove() {
  const { id, name } = recipe.value!
  void router.push({ query: { tab: 'mix' } })
  void house.commit(`Remove ${name}`, [{ remove: 'recipe', id }])
}
const each = computed(() =>
  made.value?.cost && mixing.served.length && mixing.howMuch === 'children'
    ? Math.round(made.value.cost / mixing.served.length)
    : null,
)
</script>

<template>
  <div class="stack">
    <template v-if="recipe">
      <section class="rows">
        <h2>Who can use it</h2>
        <ul v-if="marks.length" class="marks" aria-label="Who">
          <li v-for="mark in marks" :key="mark.id" class="mark" :class="mark.look" :title="mark.words">
            <span aria-hidden="true">{{ mark.text }}</span><span class="sr-only">{{ mark.words }}</span>
          </li>
        </ul>
        <p v-else>Nobody is there on that day.</p>
        <p v-for="one in without" :key="one.why">
          <b>{{ listWords(one.names) }}:</b> {{ one.why.charAt(0).toLowerCase() + one.why.slice(1) }}.
        </p>
        <p class="small mute">
          {{ recipe.tasteSafe ? 'A taste of it does no harm.' : 'Not for tasting.' }} Your licensing rules, the child's
          care plan and the product's label come first.
        </p>
      </section>
      <MixPlan v-if="!kitchen.current" :recipe="recipe" />
      <section v-if="recipe.swaps.length" class="rows">
        <h3>Swaps</h3>
        <div v-for="swap in recipe.swaps" :key="swap.id" class="rows">
          <v-checkbox
            :model-value="mixing.swapIds.includes(swap.id)"
            :label="`${capital(mixing.nameOf(swap.materialId))} for ${mixing.nameOf(
              recipe.ingredients.find((one) => one.id === swap.ingredientId)!.materialId,
            )}`"
            @update:model-value="mixing.toggle(swap.id)"
          />
          <p v-if="forSwap(swap.id).length" class="small">
            One batch for everybody who can use it, because of {{ listWords(forSwap(swap.id)) }}.
          </p>
          <p v-if="swap.note" class="small mute">{{ swap.note }}</p>
        </div>
      </section>
      <section class="rows">
        <h3>How long it keeps</h3>
        <p v-for="one in keeps" :key="one.storage">
          {{ capital(STORAGE_WORDS[one.storage]) }}: throw it away on <b>{{ longDate(one.date) }}</b><template
            v-if="one.shared"
            >, since several children share it</template
          >.
        </p>
        <p class="small mute">If it is made on the day that is chosen.</p>
      </section>
      <section v-if="mixing.cupboard.length" class="rows">
        <h3>From the cupboard</h3>
        <div v-for="one in mixing.cupboard" :key="one.material.id" class="row">
          <span>{{ capital(one.material.name) }}</span>
          <span v-if="one.left === null" class="mute">not weighed</span>
          <span v-else-if="one.left < 0" class="brick">{{ amount(one, -one.left) }} short</span>
          <span v-else>{{ amount(one, one.left) }} left</span>
        </div>
        <div class="row">
          <span>Costs</span
          ><span
            ><template v-if="made?.cost === null || !made">no price for all of it</template
            ><template v-else
              >{{ moneyWords(Math.round(made.cost), words.currency)
              }}<template v-if="each">, {{ moneyWords(each, words.currency) }} a child</template></template
            ></span
          >
        </div>
      </section>
      <section v-if="recipe.notes.length" class="rows">
        <h3>To know</h3>
        <p v-for="note in recipe.notes" :key="note">{{ note }}</p>
      </section>
      <section class="rows no-print" aria-label="This recipe">
        <h3>This recipe</h3>
        <div class="inline">
          <router-link :to="{ query: { tab: 'mix', recipe: recipe.id, edit: 'change' } }">{{
            isOwn ? 'Change it' : 'Copy and change it'
          }}</router-link><a class="why" :href="fileAddress" :download="`${recipe.id}.jsonld`">Save as a file</a
          ><TextButton v-if="isOwn" @click="remove">Remove it</TextButton>
        </div>
      </section>
    </template>
    <template v-else>
      <h2>Mix</h2>
      <p class="mute">
        Choose a recipe to see what goes in for the children of that day, what each step takes, and who can use it.
      </p>
      <p class="small mute">A child who cannot have something gets a swap where there is one, in one batch for all.</p>
    </template>
  </div>
</template>

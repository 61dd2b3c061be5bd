import { computed } from 'vue'
import { ERROR_TO_SAY, kitchenMeasure, scaleWords, type Quantity, type Scaled } from '@core/making'
import { useMixing } from '../stores/mixing'
import { useHomeWords } from './homeWords'

/** How the amounts of a recipe are said in this home's kitchen. */
export function useMixWords() {
  const words = useHomeWords()
  const mixing = useMixing()
  /** As the kitchen that is chosen on the page says it. */
  const measures = computed(() => mixing.kitchenOf ?? words.value.measures)
  const kitchen = (quantity: Pick<Quantity, 'ml'>) =>
    quantity.ml === null ? null : kitchenMeasure(quantity.ml, measures.value)
  /** What is measured with cups and spoons; by the scale where there is no other way. */
  const main = (quantity: Quantity) => kitchen(quantity)?.words ?? scaleWords(quantity)
  const beside = (line: Scaled) => (line.kitchen ? scaleWords(line) : '')
  const errorWords = ({ kitchen: measure }: Scaled) => {
    if (!measure || Math.abs(measure.error) <= ERROR_TO_SAY) return ''
    return `${Math.round(Math.abs(measure.error) * 100)}% ${measure.error > 0 ? 'more' : 'less'} than exact`
  }
  return { main, beside, errorWords }
}

import { one } from '../ideas'
import { pictureOf } from '../library/pictures'

/** Doings and places of rules that are no things of a theme, each with the drawing that says it. */
const OTHERWISE: Record<string, string> = {
  hand: 'waving-hand',
  stay: 'bucket',
  bin: 'bucket',
  tub: 'bucket',
  fall: 'broom',
  sweep: 'broom',
  floor: 'broom',
  pick: 'broom',
  wash: 'soap',
  share: 'handshake',
  turn: 'handshake',
  gentle: 'heart-hands',
  kind: 'heart-hands',
  friend: 'heart-hands',
  throw: 'stop-sign',
  stop: 'stop-sign',
  look: 'eyes',
  listen: 'ear',
  ask: 'ear',
  water: 'droplet',
  wet: 'droplet',
  stir: 'spoon',
  mix: 'spoon',
  pour: 'measuring-cup',
  measure: 'measuring-cup',
  bake: 'oven',
  wait: 'timer-clock',
  cut: 'scissors',
  roll: 'rolling-pin',
}
/** "no mouths", "never throw": what follows is what one does not do. */
const NOT = new Set(['no', 'not', 'never', 'don’t', "don't"])

/** A drawing that a sentence calls up, and whether it says not to. */
export interface WordPicture {
  picture: string
  not: boolean
}

/**
 * Drawings of what a sentence names, in its order, each once: for those who do not read yet.
 *
 * @param most how many there is room for
 */
export function picturesIn(sentence: string, most: number): WordPicture[] {
  const words = sentence.toLowerCase().match(/[\p{L}’'-]+/gu) ?? []
  const out: WordPicture[] = []
  words.forEach((word, i) => {
    const single = one(word)
    const pair = i + 1 < words.length ? `${word} ${one(words[i + 1])}` : ''
    const verb = word.replace(/(s|ing|ed)$/, '')
    const picture = pictureOf(pair) || OTHERWISE[single] || OTHERWISE[verb] || pictureOf(single)
    if (picture && out.length < most && !out.some((known) => known.picture === picture))
      out.push({ picture, not: NOT.has(words[i - 1] ?? '') })
  })
  return out
}

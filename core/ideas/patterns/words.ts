/** A search for any of some words, with commas between. */
export const anyOf = (words: string, before = '', after = ''): RegExp =>
  new RegExp(`${before}(${words.split(', ').join('|')})${after}`, 'i')

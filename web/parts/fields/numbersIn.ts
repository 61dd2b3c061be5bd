/** Numbers of a text such as "60 x 40 x 20"; what is none of them is NaN. */
export const numbersIn = (text: string): number[] =>
  text
    .split(/[x×,;\s]+/i)
    .filter(Boolean)
    .map(Number)

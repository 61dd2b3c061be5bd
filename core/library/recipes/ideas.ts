/**
 * Which ideas of the library are mixed by which recipes, where that does not follow from what the recipe makes: by the
 * idea's id, the recipe that suits it first.
 */
export const RECIPES_OF_IDEAS: Readonly<Record<string, readonly string[]>> = {
  'salt-dough-tags': ['salt-dough'],
  'ice-boats': ['ice-boats'],
  'frozen-paint-rub': ['ice-paint'],
  'soap-clouds': ['soap-foam'],
  'bubble-tower': ['soap-foam'],
  'fizz-trails': ['volcano'],
  'colour-rice-sort': ['colored-rice'],
  'noodle-tangle': ['rainbow-noodles'],
  'mud-cafe': ['clean-mud'],
  'cabbage-colours': ['cabbage-colors'],
  'lemon-water': ['lemonade'],
  'bread-shapes': ['bread-in-a-bag'],
  'shake-butter': ['shaken-butter'],
  'cinnamon-apples': ['apple-sauce'],
}

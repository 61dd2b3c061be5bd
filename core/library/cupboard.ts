/** Something that most homes have, and how much of it usually, in the material's base unit. */
export type UsualThing = readonly [materialId: string, amount: number]

export interface CupboardGroup {
  id: string
  name: string
  things: readonly UsualThing[]
}

/**
 * The usual cupboard: what most homes with children have, with usual amounts, ticked at the start so that the first list does not ask for what
 * lies in the drawer. Amounts are judgements: about a pack that has been opened, and pieces for four to six children. They are counted later.
 */
export const CUPBOARD: readonly CupboardGroup[] = [
  {
    id: 'paper-and-paint', name: 'Paper and paint', things: [
      ['copy-paper', 100], ['construction-paper', 50], ['card-stock', 20], ['butcher-paper', 610], ['tissue-paper', 10], ['paper-plate', 20], ['paper-bag', 20], ['index-card', 50], ['sticker', 100],
      ['tempera-paint', 473], ['watercolour-set', 4], ['thick-crayon', 24], ['washable-marker', 20], ['pencil', 8], ['paintbrush', 8], ['sponge-piece', 6], ['apron', 4],
    ],
  },
  {
    id: 'glue-and-cutting', name: 'Glue and cutting', things: [
      ['white-glue', 237], ['glue-stick', 8], ['glue-brush', 4], ['child-scissors', 6], ['masking-tape', 1829], ['painter-tape', 1829], ['yarn', 3048], ['ribbon-strip', 610], ['laminating-pouch', 20],
      ['felt-sheet', 6], ['blunt-needle', 4], ['ruler', 2],
    ],
  },
  {
    id: 'loose-parts', name: 'Loose parts and blocks', things: [
      ['unit-block', 60], ['interlocking-brick', 60], ['wooden-cube', 20], ['people-figure', 6], ['animal-figure', 10], ['toy-car', 8], ['craft-stick', 100], ['pipe-stem', 30], ['large-pom-pom', 12],
      ['large-bead', 20], ['wooden-ring', 10], ['cotton-ball', 60], ['cotton-swab', 50], ['clothespin', 24], ['feather', 20], ['cloth-scrap', 12],
    ],
  },
  {
    id: 'kitchen', name: 'Kitchen', things: [
      ['tray', 6], ['bowl', 4], ['small-dish', 8], ['spoon', 4], ['scoop', 4], ['tongs', 3], ['jug', 2], ['funnel', 2], ['sieve', 2], ['whisk', 2], ['muffin-tin', 2], ['measuring-cup', 4], ['rolling-pin', 3],
      ['dough-cutter', 6], ['basket', 6], ['towel', 6], ['wipe', 8], ['paper-towel', 80], ['paper-cup', 25], ['zip-bag', 20], ['foil', 457], ['kitchen-scale', 1], ['stove', 1], ['oven', 1],
    ],
  },
  {
    id: 'food-basics', name: 'Food basics', things: [
      ['wheat-flour', 2268], ['corn-starch', 454], ['fine-salt', 680], ['baking-soda', 454], ['vinegar', 946], ['cooking-oil', 710], ['rolled-oats', 907], ['rice', 2268], ['food-colour', 44], ['cinnamon', 57],
      ['ice-cube', 24],
    ],
  },
  {
    id: 'sensory', name: 'Sensory', things: [
      ['water-tub', 1], ['large-pasta', 907], ['crinkle-paper', 113], ['pipette', 4], ['spray-bottle', 2], ['baby-soap', 296], ['magnifier', 2], ['mirror', 2], ['flashlight', 2],
    ],
  },
  {
    id: 'music-and-movement', name: 'Music, movement and pretend', things: [
      ['shaker', 6], ['drum', 2], ['rhythm-stick', 8], ['scarf', 6], ['bean-bag', 6], ['soft-ball', 4], ['puppet', 3], ['doll', 3], ['play-dish', 12], ['play-food', 15], ['dress-up', 8], ['picture-book', 20], ['cushion', 4],
    ],
  },
  {
    id: 'outdoors', name: 'Outdoors', things: [
      ['bucket', 2], ['trowel', 4], ['watering-can', 2], ['plant-pot', 6], ['chalk', 12], ['bubble-mix', 473], ['traffic-cone', 4], ['ride-on', 3], ['stone', 20], ['stick', 15], ['pine-cone', 12],
    ],
  },
  {
    id: 'recycling-box', name: 'Recycling box', things: [
      ['cardboard-tube', 8], ['cardboard-box', 2], ['cardboard-sheet', 4], ['small-box', 6], ['newspaper', 20], ['jar', 4], ['wide-lid', 6], ['milk-carton', 4], ['egg-carton', 3], ['sock', 4],
    ],
  },
]

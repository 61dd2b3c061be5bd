import type { Recipe } from '../../domain'
import { adult, child, cup, DAYS, from, keep, portion, recipe, swap, takes, tbsp, tsp, feel } from './make'

/** Doughs and slimes: what is kneaded, rolled, pressed and pulled. A portion of dough fills two small hands. */
export const DOUGHS: readonly Recipe[] = [
  recipe('cooked-dough', 'Cooked dough', 'dough', {
    makes: 'wheat-dough',
    takes: [
      takes('wheat-flour', cup(1), 'ml'), takes('fine-salt', cup(0.5), 'ml'), takes('cream-of-tartar', tsp(2), 'ml'),
      takes('water', cup(1), 'ml'), takes('cooking-oil', tbsp(1), 'ml'),
    ],
    lost: 0.1, portion: portion(150, { 'older-toddler': 120, 'school-age': 180 }), cooked: true, stages: from('older-toddler'),
    with: ['a pot', 'a wooden spoon', 'a board', 'a box with a tight lid'],
    steps: [
      child('Measure flour, salt and cream of tartar into the cold pot, and stir', 5),
      child('Stir in the water and the oil until no dry flour is left', 3),
      adult('Cook over medium-low heat and stir all the time, until it pulls away from the pot and is one lump', 6),
      adult('Turn it out, and let it cool until you can hold it', 1, 20),
      child('Knead it smooth', 5),
    ],
    mends: [
      ['It is sticky', 'Put it back on low heat for a minute, and stir. Flour on top only hides it.'],
      ['It crumbles', 'Wet your hands and knead; once more if it needs it.'],
    ],
    keeps: [keep('sealed', 30), keep('fridge', 30)], sharedDays: 14,
    notes: [
      'Very salty: nobody eats it, and it is kept from dogs.',
      'Where a scented oil goes in, take that much less of the other oil.',
      'Two kitchens differ on how long it keeps once many hands were in it: the shorter time is shown here.',
    ],
  }),
  recipe('cooked-dough-wheat-free', 'Cooked dough without wheat', 'dough', {
    makes: 'cooked-dough',
    takes: [
      takes('rice-flour', cup(1), 'ml'), takes('corn-starch', cup(0.5), 'ml'), takes('fine-salt', cup(0.5), 'ml'),
      takes('cream-of-tartar', tsp(2), 'ml'), takes('water', cup(1), 'ml'), takes('cooking-oil', tsp(1), 'ml'),
    ],
    lost: 0.1, portion: portion(150, { 'older-toddler': 120, 'school-age': 180 }), cooked: true, stages: from('older-toddler'),
    with: ['a pot', 'a wooden spoon', 'a board', 'a box with a tight lid'],
    steps: [
      child('Measure everything dry into the cold pot, and stir', 5),
      child('Stir in the water and the oil until it is as smooth as batter', 3),
      adult('Cook over low heat and stir all the time, until it is thick and follows the spoon around', 5),
      adult('Turn it out, cover it with a damp cloth and let it cool', 1, 30),
      child('Knead it smooth on a little corn starch', 5),
    ],
    mends: [
      ['It is sticky', 'Knead in corn starch, a spoonful at a time.'],
      ['It cracks', 'Knead in a few drops of oil, or of water.'],
    ],
    keeps: [keep('sealed', 14), keep('fridge', 14)], sharedDays: 7,
    notes: ['Very salty: nobody eats it, and it is kept from dogs.', 'Dries faster than wheat dough: close the box each time.'],
  }),
  recipe('no-cook-dough', 'Dough without cooking', 'dough', {
    takes: [
      takes('wheat-flour', cup(2), 'ml'), takes('fine-salt', cup(0.5), 'ml'), takes('cooking-oil', tbsp(1), 'ml'),
      takes('water', cup(0.75), 'ml', { first: 0.25, stop: 1.25, until: 'Silky, and it no longer sticks to your hand.' }),
    ],
    portion: portion(120, { 'school-age': 160 }), stages: from('preschool'),
    with: ['a big bowl', 'a small pitcher', 'a box with a tight lid'],
    steps: [
      child('Stir flour and salt', 3),
      child('Pour in the oil and the first of the water, and work it with your hands', 4),
      feel('water', child('Add water a spoonful at a time until it is right', 5)),
      child('Knead until it is silky', 5),
    ],
    mends: [['It is sticky', 'Knead in flour, a spoonful at a time.'], ['It is dry', 'Wet your hands and knead on.']],
    swaps: [swap('wheat-flour', 'rice-flour', 1, 'It takes less water and breaks more easily: roll balls and short pieces.')],
    keeps: [keep('sealed', 5), keep('fridge', 7)], sharedDays: 3,
    notes: [
      'Raw flour: nobody tastes it, and hands are washed afterwards.',
      'Some keep it two weeks and some throw it away after three days: with raw flour the shorter is right.',
    ],
  }),
  recipe('oat-dough', 'Oat dough for those who taste', 'dough', {
    takes: [
      takes('oat-flour', cup(2), 'ml'), takes('cooking-oil', tbsp(1), 'ml'),
      takes('water', cup(0.5), 'ml', { first: 0.5, stop: 1.3, until: 'Soft, and it holds the mark of a finger.' }),
    ],
    portion: portion(80, { infant: 40, 'young-toddler': 60 }), stages: from('infant'), tasteSafe: true,
    with: ['a bowl', 'a spoon', 'a small box with a lid'],
    steps: [child('Stir oat flour and oil', 2), feel('water', child('Add water, a little at a time', 3)), child('Knead it', 3)],
    mends: [['It is sticky', 'Let it rest five minutes: oats drink up the water.'], ['It crumbles', 'A teaspoon of water, and knead.']],
    keeps: [keep('sealed', 0), keep('fridge', 2)], sharedDays: 0,
    notes: ['Take oat flour that is labeled gluten-free.', 'It tastes of little: that is why it works. Small pinches only, an adult beside.'],
  }),
  recipe('salt-dough', 'Salt dough to bake or dry', 'dough', {
    takes: [
      takes('wheat-flour', 2, 'part'), takes('fine-salt', 1, 'part'),
      takes('water', 1, 'part', { first: 0.7, stop: 1.15, until: 'Firm, and it leaves the bowl clean.' }),
    ],
    portion: portion(35, { 'school-age': 50 }), stages: from('older-toddler'),
    with: ['a bowl', 'a rolling pin', 'a straw for the hole', 'a baking sheet'],
    steps: [
      child('Stir flour and salt', 3),
      feel('water', child('Add most of the water, then the rest by feel, and knead', 8)),
      child('Roll it as thick as a finger is wide, and cut', 10),
      adult('Bake at 250 °F until hard, or let it dry in the air and turn it each day', 5, 3 * DAYS),
    ],
    mends: [['It is sticky', 'A spoonful of flour.'], ['It puffs up in the oven', 'The oven is too hot: 250 °F, and longer.']],
    swaps: [
      swap('wheat-flour', 'rice-flour', 1, 'Keep the tags thick: it breaks more easily.'),
      swap('wheat-flour', 'oat-flour', 1, 'It takes a little less water.'),
    ],
    keeps: [keep('sealed', 1), keep('fridge', 2)], sharedDays: 1,
    notes: ['Raw flour and a lot of salt: nobody tastes it, and it is kept from dogs.', 'In the air it takes two to three days; what is dry keeps for years.'],
  }),
  recipe('soda-clay', 'White clay of baking soda', 'dough', {
    takes: [takes('baking-soda', cup(2), 'ml'), takes('corn-starch', cup(1), 'ml'), takes('water', cup(1.25), 'ml')],
    lost: 0.1, portion: portion(70), stages: from('preschool'),
    with: ['a pot', 'a spoon', 'a damp cloth', 'parchment'],
    steps: [
      child('Stir everything in the cold pot until it is smooth', 4),
      adult('Stir over medium heat until it looks like mashed potato', 6),
      adult('Cover with a damp cloth and let it cool', 1, 30),
      child('Knead, roll and cut', 15),
      adult('Dry on parchment, and turn it once', 2, 2 * DAYS),
    ],
    mends: [['It cracks as it dries', 'Roll it thinner, and dry it out of the sun.'], ['It crumbles', 'It was cooked too long: knead in a few drops of water.']],
    keeps: [keep('sealed', 7), keep('fridge', 7)], sharedDays: 7,
    notes: ['Not for tasting. It dries white and smooth: paint shows well on it.'],
  }),
  recipe('starch-slime', 'Slime with liquid starch', 'slime', {
    takes: [
      takes('clear-glue', cup(0.5), 'ml'), takes('water', cup(0.5), 'ml'), takes('food-colour', 0.5, 'ml'),
      takes('liquid-starch', cup(0.25), 'ml', { first: 0.5, stop: 2, until: 'It leaves the bowl, stretches, and no longer sticks to your hand.' }),
    ],
    gives: [300, 'ml'], portion: portion(60), stages: from('preschool'),
    with: ['a bowl', 'a strong spoon', 'aprons', 'a box with a tight lid'],
    steps: [
      child('Stir glue, water and color', 3),
      feel('liquid-starch', adult('Pour in the starch a little at a time while they stir', 4)),
      child('Knead it in your hands until it is smooth', 5),
    ],
    mends: [['It sticks', 'Starch, half a teaspoon at a time, and knead.'], ['It is tough and tears', 'Knead in a teaspoon of warm water.']],
    keeps: [keep('sealed', 7), keep('fridge', 14)], sharedDays: 3,
    notes: ['An adult handles the starch. Not for tasting, not near eyes; hands are washed afterwards.', 'A child with sore or broken skin watches or uses a bag.'],
  }),
  recipe('saline-slime', 'Slime with contact lens solution', 'slime', {
    takes: [
      takes('clear-glue', cup(0.5), 'ml'), takes('water', cup(0.25), 'ml'), takes('baking-soda', tsp(0.5), 'ml'),
      takes('saline-solution', tbsp(1), 'ml', { first: 0.67, stop: 1.67, until: 'It pulls away from the bowl in one lump.' }),
    ],
    gives: [200, 'ml'], portion: portion(50), stages: from('preschool'),
    with: ['a bowl', 'a strong spoon', 'aprons', 'a box with a tight lid'],
    steps: [
      child('Stir glue, water and baking soda', 3),
      feel('saline-solution', adult('Add the lens solution, and stir hard until strings form', 3)),
      child('Knead it; a drop of oil on the hands helps', 5),
    ],
    mends: [['It sticks', 'A few drops of lens solution, and knead.'], ['It snaps', 'Too much solution: knead in a teaspoon of water.']],
    keeps: [keep('sealed', 7), keep('fridge', 14)], sharedDays: 3,
    notes: ['The solution must name boric acid or sodium borate, or it does not set. An adult handles it.', 'Not for tasting, not near eyes; hands are washed afterwards.'],
  }),
  recipe('oobleck', 'Oobleck', 'slime', {
    takes: [
      takes('corn-starch', 2, 'part'),
      takes('water', 1, 'part', { first: 0.8, stop: 1.15, until: 'It runs like syrup, and cracks when you tap it.' }),
    ],
    portion: portion(150, { infant: 60, 'young-toddler': 90 }), stages: from('infant'), tasteSafe: true,
    with: ['a shallow tub', 'spoons', 'a cloth for the table'],
    steps: [child('Pour the starch into the tub', 2), feel('water', child('Add water slowly, and stir with your hands', 5))],
    mends: [['It is a powder still', 'A spoonful of water.'], ['It splashes', 'A spoonful of starch.']],
    keeps: [keep('sealed', 1), keep('fridge', 2)], sharedDays: 0,
    notes: ['Let it dry and throw it in the trash: it clogs the drain.', 'Color goes in last, a drop at a time: it stains hands.'],
  }),
]

import type { Material } from '../domain'
import { material as m } from './make'

const DOLLAR = 'the dollar aisle'
const CRAFT = 'the craft shop'
const GROCER = 'the grocer'
const ONLINE = 'online'

const PAPER = 'paper and card'
const ART = 'paint, glue and colour'
const BITS = 'craft pieces'
const CORD = 'string and cloth'
const BAKING = 'baking'
const FOOD = 'produce and pantry'
const HOUSE = 'kitchen and household'
const TOYS = 'toys and tools'
const NATURE = 'garden and outdoors'

/**
 * Materials of the shipped library. Sizes are of the smallest loose piece as usually sold; prices are examples that a home
 * overwrites with what it pays. Densities in g/ml by the kitchen tables of 3-computations (flour 125 g, salt 288 g a cup).
 */
export const MATERIALS: readonly Material[] = [
  // Paper and card
  m('copy-paper', 'white paper', 'sheet', 'consumable', PAPER, { packs: [[100, 200, DOLLAR], [500, 620, ONLINE]] }),
  m('construction-paper', 'coloured paper', 'sheet', 'consumable', PAPER, { packs: [[24, 125, DOLLAR], [96, 450, CRAFT]] }),
  m('card-stock', 'card', 'sheet', 'consumable', PAPER, { packs: [[20, 250, CRAFT], [50, 525, CRAFT]] }),
  m('tissue-paper', 'tissue paper', 'sheet', 'consumable', PAPER, { packs: [[10, 125, DOLLAR], [40, 420, CRAFT]] }),
  m('crepe-streamer', 'paper streamer', 'cm', 'consumable', PAPER, { packs: [[2400, 125, DOLLAR]], cord: 600 }),
  m('paper-plate', 'paper plates', 'each', 'consumable', PAPER, { packs: [[20, 125, DOLLAR], [100, 499, GROCER]] }),
  m('paper-bag', 'paper lunch bags', 'each', 'consumable', PAPER, { packs: [[40, 250, GROCER]] }),
  m('butcher-paper', 'paper from the roll', 'cm', 'consumable', PAPER, { packs: [[900, 499, CRAFT], [3000, 1450, ONLINE]] }),
  m('contact-sheet', 'clear sticky sheet', 'sheet', 'consumable', PAPER, { packs: [[6, 300, DOLLAR]] }),
  m('laminating-pouch', 'laminating pouches', 'sheet', 'consumable', PAPER, { packs: [[25, 600, CRAFT], [100, 1499, ONLINE]] }),
  m('index-card', 'blank cards', 'each', 'consumable', PAPER, { packs: [[100, 125, DOLLAR]] }),
  m('felt-sheet', 'felt', 'sheet', 'consumable', CORD, { packs: [[1, 60, CRAFT], [10, 499, CRAFT]] }),
  m('egg-carton', 'egg cartons', 'each', 'consumable', HOUSE, { way: 'ask', allergens: ['egg'] }),
  m('fruit-tray', 'cardboard fruit trays', 'each', 'consumable', HOUSE, { way: 'ask' }),
  m('cardboard-tube', 'cardboard tubes', 'each', 'consumable', HOUSE, { way: 'ask' }),
  m('cardboard-box', 'large cardboard boxes', 'each', 'consumable', HOUSE, { way: 'ask' }),
  m('cardboard-sheet', 'flat cardboard', 'sheet', 'reusable', HOUSE, { way: 'gather' }),
  // Paint, glue and colour
  m('tempera-paint', 'washable paint', 'ml', 'consumable', ART, { packs: [[60, 125, DOLLAR], [470, 499, CRAFT]] }),
  m('watercolour-set', 'watercolour sets', 'each', 'reusable', ART, { packs: [[1, 125, DOLLAR], [12, 1099, ONLINE]] }),
  m('white-glue', 'white glue', 'ml', 'consumable', ART, { packs: [[118, 125, DOLLAR], [946, 750, CRAFT]] }),
  m('glue-stick', 'glue sticks', 'each', 'reusable', ART, { packs: [[2, 125, DOLLAR], [12, 450, CRAFT]] }),
  m('washable-marker', 'washable markers', 'each', 'reusable', ART, { packs: [[10, 125, DOLLAR], [64, 899, ONLINE]], part: [140, 12, 12] }),
  m('thick-crayon', 'thick crayons', 'each', 'reusable', ART, { packs: [[8, 250, DOLLAR]], part: [85, 16, 16] }),
  m('chalk', 'sidewalk chalk', 'each', 'consumable', ART, { packs: [[12, 125, DOLLAR]], part: [100, 25, 25] }),
  m('food-colour', 'liquid food colour', 'ml', 'consumable', BAKING, { packs: [[40, 380, GROCER]], hazards: ['irritant'] }),
  m('paintbrush', 'thick paintbrushes', 'each', 'reusable', ART, { packs: [[3, 125, DOLLAR], [12, 599, CRAFT]], part: [200, 15, 15] }),
  m('sponge-piece', 'sponge pieces', 'each', 'reusable', HOUSE, { packs: [[6, 125, DOLLAR]], part: [80, 60, 25] }),
  m('bubble-mix', 'bubble mix', 'ml', 'consumable', TOYS, { packs: [[946, 250, DOLLAR]], hazards: ['irritant'] }),
  m('glitter', 'loose glitter', 'g', 'consumable', ART, { packs: [[20, 125, DOLLAR]], hazards: ['loose-powder'] }),
  m('masking-tape', 'masking tape', 'cm', 'consumable', ART, { packs: [[2500, 125, DOLLAR]] }),
  // Craft pieces
  m('craft-stick', 'craft sticks', 'each', 'consumable', BITS, { packs: [[50, 125, DOLLAR], [120, 275, CRAFT]], part: [114, 10, 2] }),
  m('button', 'buttons', 'each', 'consumable', BITS, { packs: [[40, 125, DOLLAR]], part: [15, 15, 3] }),
  m('felt-diamond', 'felt diamonds', 'each', 'consumable', BITS, { packs: [[12, 125, CRAFT]], part: [70, 50, 2] }),
  m('pom-pom', 'small pompoms', 'each', 'reusable', BITS, { packs: [[80, 125, DOLLAR]], part: [20, 20, 20], ball: 20 }),
  m('large-pom-pom', 'large pompoms', 'each', 'reusable', BITS, { packs: [[12, 300, CRAFT]], part: [50, 50, 50], ball: 50 }),
  m('pony-bead', 'small beads', 'each', 'consumable', BITS, { packs: [[200, 250, CRAFT]], part: [9, 9, 6] }),
  m('large-bead', 'large beads', 'each', 'reusable', BITS, { packs: [[20, 450, CRAFT], [60, 1190, ONLINE]], part: [38, 35, 35] }),
  m('wooden-ring', 'wooden rings', 'each', 'reusable', BITS, { packs: [[10, 499, CRAFT]], part: [70, 70, 10] }),
  m('googly-eye', 'stick-on eyes', 'each', 'consumable', BITS, { packs: [[50, 125, DOLLAR]], part: [12, 12, 4] }),
  m('feather', 'craft feathers', 'each', 'consumable', BITS, { packs: [[30, 125, DOLLAR]], part: [100, 20, 2] }),
  m('paper-straw', 'paper straws', 'each', 'consumable', HOUSE, { packs: [[25, 125, DOLLAR], [100, 399, GROCER]], part: [197, 6, 6] }),
  m('cork', 'corks', 'each', 'reusable', HOUSE, { way: 'ask', part: [45, 24, 24] }),
  m('large-cork', 'float blocks', 'each', 'reusable', TOYS, { packs: [[6, 499, CRAFT]], part: [90, 60, 30] }),
  m('toothpick', 'toothpicks', 'each', 'consumable', HOUSE, { packs: [[200, 125, GROCER]], part: [65, 2, 2], hazards: ['sharp'] }),
  m('clothespin', 'clothespins', 'each', 'reusable', HOUSE, { packs: [[24, 125, DOLLAR]], part: [85, 12, 10] }),
  m('bottle-cap', 'bottle caps', 'each', 'reusable', HOUSE, { way: 'ask', part: [30, 30, 12] }),
  m('wide-lid', 'wide jar lids', 'each', 'reusable', HOUSE, { way: 'ask', part: [85, 85, 14] }),
  m('sticker', 'dot stickers', 'each', 'consumable', PAPER, { packs: [[200, 125, DOLLAR]] }),
  // String and cloth
  m('ribbon-strip', 'ribbon', 'cm', 'consumable', CORD, { packs: [[550, 125, DOLLAR], [2000, 399, CRAFT]], cord: 300 }),
  m('short-ribbon', 'short ribbon strips', 'each', 'reusable', CORD, { packs: [[20, 200, CRAFT]], cord: 200 }),
  m('yarn', 'yarn', 'cm', 'consumable', CORD, { packs: [[6000, 350, CRAFT]], cord: 400 }),
  m('shoelace', 'threading laces', 'each', 'reusable', CORD, { packs: [[6, 250, DOLLAR]], cord: 600 }),
  m('stiff-lace', 'short stiff laces', 'each', 'reusable', CORD, { packs: [[6, 399, CRAFT]], cord: 210 }),
  m('kite-string', 'kite string', 'cm', 'reusable', CORD, { packs: [[3000, 200, DOLLAR]], cord: 3000 }),
  m('scarf', 'light scarves', 'each', 'reusable', CORD, { packs: [[6, 899, ONLINE]] }),
  m('play-parachute', 'play parachute', 'each', 'reusable', TOYS, { packs: [[1, 1899, ONLINE]], way: 'borrow' }),
  m('cloth-scrap', 'cloth scraps', 'each', 'consumable', CORD, { way: 'gather' }),
  m('apron', 'aprons', 'each', 'reusable', CORD, { packs: [[1, 250, DOLLAR]] }),
  // Baking, produce and pantry
  m('wheat-flour', 'wheat flour', 'g', 'consumable', BAKING, { packs: [[1000, 190, GROCER], [2500, 410, GROCER], [5000, 790, GROCER]], allergens: ['wheat'], hazards: ['raw-flour'], density: 0.528 }),
  m('oat-flour', 'oat flour', 'g', 'consumable', BAKING, { packs: [[500, 320, GROCER]], density: 0.38 }),
  m('corn-starch', 'corn starch', 'g', 'consumable', BAKING, { packs: [[454, 199, GROCER], [1000, 389, GROCER]], density: 0.541 }),
  m('fine-salt', 'fine salt', 'g', 'consumable', BAKING, { packs: [[737, 99, GROCER]], density: 1.217 }),
  m('baking-soda', 'baking soda', 'g', 'consumable', BAKING, { packs: [[454, 110, GROCER]], density: 0.93 }),
  m('vinegar', 'white vinegar', 'ml', 'consumable', FOOD, { packs: [[946, 189, GROCER]], hazards: ['irritant'], density: 1 }),
  m('cooking-oil', 'sunflower oil', 'ml', 'consumable', FOOD, { packs: [[700, 349, GROCER]], density: 0.92 }),
  m('cooked-dough', 'cooked corn starch dough', 'g', 'consumable', FOOD, { way: 'gather', keeps: 14, hazards: ['shared-food'] }),
  m('wheat-dough', 'cooked wheat dough', 'g', 'consumable', FOOD, { way: 'gather', keeps: 14, allergens: ['wheat'], hazards: ['shared-food'] }),
  m('rice', 'uncooked rice', 'g', 'reusable', FOOD, { packs: [[907, 180, GROCER], [4536, 699, GROCER]], part: [7, 2, 2], density: 0.85 }),
  m('rolled-oats', 'rolled oats', 'g', 'consumable', FOOD, { packs: [[1190, 399, GROCER]], density: 0.41, keeps: 180 }),
  m('large-pasta', 'large pasta tubes', 'g', 'reusable', FOOD, { packs: [[454, 150, GROCER]], part: [58, 24, 24], allergens: ['wheat'], density: 0.4 }),
  m('corn-pasta', 'large corn pasta', 'g', 'reusable', FOOD, { packs: [[340, 289, GROCER]], part: [60, 24, 24], density: 0.4 }),
  m('banana', 'bananas', 'each', 'consumable', FOOD, { packs: [[6, 149, GROCER]], keeps: 5, hazards: ['shared-food'] }),
  m('apple', 'apples', 'each', 'consumable', FOOD, { packs: [[6, 350, GROCER]], keeps: 14, hazards: ['shared-food'] }),
  m('yogurt', 'plain yogurt', 'g', 'consumable', FOOD, { packs: [[900, 449, GROCER]], keeps: 10, allergens: ['milk'], hazards: ['shared-food'] }),
  m('oat-yogurt', 'oat yogurt', 'g', 'consumable', FOOD, { packs: [[450, 399, GROCER]], keeps: 10, hazards: ['shared-food'] }),
  m('ice-cube', 'ice cubes', 'each', 'consumable', FOOD, { way: 'gather', part: [40, 35, 30], hazards: ['water'] }),
  m('water', 'water', 'ml', 'consumable', HOUSE, { way: 'gather', hazards: ['water'], density: 1 }),
  m('warm-water', 'hot water from the kettle', 'ml', 'consumable', HOUSE, { way: 'gather', hazards: ['hot'], density: 1 }),
  // Kitchen and household
  m('tray', 'trays with a rim', 'each', 'reusable', HOUSE, { packs: [[1, 125, DOLLAR]] }),
  m('bowl', 'mixing bowls', 'each', 'reusable', HOUSE, { packs: [[2, 250, DOLLAR]] }),
  m('small-dish', 'small dishes', 'each', 'reusable', HOUSE, { packs: [[4, 125, DOLLAR]] }),
  m('paper-cup', 'paper cups', 'each', 'consumable', HOUSE, { packs: [[24, 125, DOLLAR], [100, 450, GROCER]] }),
  m('spoon', 'large spoons', 'each', 'reusable', HOUSE, { packs: [[4, 125, DOLLAR]] }),
  m('scoop', 'scoops and cups', 'each', 'reusable', HOUSE, { packs: [[3, 125, DOLLAR]] }),
  m('tongs', 'small tongs', 'each', 'reusable', HOUSE, { packs: [[2, 125, DOLLAR]], part: [160, 25, 20] }),
  m('pipette', 'fat pipettes', 'each', 'reusable', TOYS, { packs: [[6, 699, ONLINE]], part: [150, 25, 25] }),
  m('muffin-tin', 'muffin tins', 'each', 'reusable', HOUSE, { packs: [[1, 125, DOLLAR]] }),
  m('water-tub', 'water tub', 'each', 'reusable', HOUSE, { packs: [[1, 799, GROCER]] }),
  m('towel', 'towels', 'each', 'reusable', HOUSE, { way: 'gather' }),
  m('hair-dryer', 'hair dryer', 'each', 'reusable', HOUSE, { way: 'gather', hazards: ['hot'] }),
  m('hand-fan', 'paper fans', 'each', 'reusable', TOYS, { packs: [[4, 250, DOLLAR]] }),
  m('stove', 'stove top', 'each', 'reusable', HOUSE, { way: 'gather', hazards: ['hot'] }),
  m('glue-gun', 'glue gun', 'each', 'reusable', TOYS, { packs: [[1, 699, CRAFT]], hazards: ['hot'] }),
  m('kitchen-scale', 'kitchen scale', 'each', 'reusable', HOUSE, { way: 'gather' }),
  m('wipe', 'damp cloths', 'each', 'reusable', HOUSE, { way: 'gather' }),
  // Toys and tools
  m('unit-block', 'wooden blocks', 'each', 'reusable', TOYS, { packs: [[50, 2999, ONLINE]], part: [70, 35, 35] }),
  m('interlocking-brick', 'large interlocking bricks', 'each', 'reusable', TOYS, { packs: [[60, 2499, ONLINE]], part: [64, 32, 24] }),
  m('toy-car', 'chunky cars', 'each', 'reusable', TOYS, { packs: [[4, 500, DOLLAR]], part: [110, 60, 50] }),
  m('small-car', 'little metal cars', 'each', 'reusable', TOYS, { packs: [[5, 500, DOLLAR]], part: [70, 28, 25] }),
  m('ramp-board', 'ramp boards', 'each', 'reusable', TOYS, { way: 'gather' }),
  m('people-figure', 'play people', 'each', 'reusable', TOYS, { packs: [[6, 899, ONLINE]], part: [75, 35, 30] }),
  m('animal-figure', 'large animal figures', 'each', 'reusable', TOYS, { packs: [[8, 1099, ONLINE]], part: [100, 60, 35] }),
  m('marble', 'marbles', 'each', 'reusable', TOYS, { packs: [[40, 125, DOLLAR]], part: [16, 16, 16], ball: 16 }),
  m('soft-ball', 'soft balls', 'each', 'reusable', TOYS, { packs: [[3, 300, DOLLAR]], ball: 90, part: [90, 90, 90] }),
  m('shape-tile', 'clear colour tiles', 'each', 'reusable', TOYS, { packs: [[32, 2999, ONLINE]], part: [75, 75, 6], hazards: ['fixed-magnet'] }),
  m('magnet-wand', 'magnet wands', 'each', 'reusable', TOYS, { packs: [[2, 699, ONLINE]], part: [190, 40, 25], hazards: ['fixed-magnet'] }),
  m('rolling-pin', 'rolling pins', 'each', 'reusable', TOYS, { packs: [[2, 250, DOLLAR]], part: [230, 30, 30] }),
  m('dough-cutter', 'dough cutters', 'each', 'reusable', TOYS, { packs: [[6, 300, DOLLAR]], part: [70, 60, 20] }),
  m('child-scissors', 'blunt scissors', 'each', 'reusable', TOYS, { packs: [[2, 250, DOLLAR]], part: [130, 60, 8] }),
  m('magnifier', 'large magnifiers', 'each', 'reusable', TOYS, { packs: [[2, 500, CRAFT]], part: [180, 80, 15] }),
  m('flashlight', 'screw-shut flashlights', 'each', 'reusable', TOYS, { packs: [[2, 600, GROCER]], part: [120, 35, 35] }),
  m('dice', 'big foam dice', 'each', 'reusable', TOYS, { packs: [[2, 350, DOLLAR]], part: [75, 75, 75] }),
  m('shaker', 'sealed shakers', 'each', 'reusable', TOYS, { packs: [[4, 699, ONLINE]], part: [120, 50, 50] }),
  m('picture-book', 'picture books', 'each', 'reusable', TOYS, { way: 'borrow' }),
  m('toy-till', 'play till', 'each', 'reusable', TOYS, { packs: [[1, 1999, ONLINE]], way: 'borrow' }),
  m('basket', 'baskets', 'each', 'reusable', HOUSE, { packs: [[2, 250, DOLLAR]] }),
  m('dress-up', 'dress-up pieces', 'each', 'reusable', CORD, { way: 'gather' }),
  m('play-food', 'play food', 'each', 'reusable', TOYS, { packs: [[12, 899, ONLINE]], part: [70, 50, 50] }),
  m('bandage-roll', 'cloth bandages', 'each', 'reusable', HOUSE, { packs: [[4, 250, DOLLAR]], cord: 200 }),
  m('clipboard', 'clipboards', 'each', 'reusable', TOYS, { packs: [[2, 250, DOLLAR]] }),
  // Garden and outdoors
  m('grass-seed', 'grass seed', 'g', 'consumable', NATURE, { packs: [[250, 399, GROCER]] }),
  m('potting-soil', 'potting soil', 'ml', 'consumable', NATURE, { packs: [[4000, 499, GROCER]] }),
  m('play-sand', 'play sand', 'g', 'reusable', NATURE, { packs: [[22000, 599, ONLINE]], density: 1.6 }),
  m('stone', 'palm-sized stones', 'each', 'reusable', NATURE, { way: 'gather', part: [70, 60, 50] }),
  m('leaf', 'fallen leaves', 'each', 'consumable', NATURE, { way: 'gather', hazards: ['gathered-plant'] }),
  m('pine-cone', 'pine cones', 'each', 'reusable', NATURE, { way: 'gather', part: [80, 45, 45] }),
  m('traffic-cone', 'small cones', 'each', 'reusable', TOYS, { packs: [[4, 500, DOLLAR]] }),
  m('hoop', 'hoops', 'each', 'reusable', TOYS, { packs: [[1, 300, DOLLAR]] }),
]

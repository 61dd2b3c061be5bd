/** Plants and their parts, fruit and vegetables. How a line reads stands in `index.ts`. */
export const PLANTS = `
flower | plant | plant | small | red yellow white pink | the meadow | r80 | stages: seed, sprout, bud, flower; parts: petals, stem, leaves, roots, center; needs: sun, water and soil
sunflower | plant | plant | large | yellow brown | the garden | r250 | stages: seed, sprout, bud, sunflower; parts: petals, seeds, stem, leaves, roots; needs: sun, water and soil; moves: turns to the sun
tulip | plant | plant | small | red yellow pink | the garden | r90 | stages: bulb, sprout, bud, tulip; parts: petals, stem, leaves, bulb; needs: sun and water
daffodil | plant | plant | small | yellow | the garden | r80 | stages: bulb, sprout, bud, daffodil; parts: trumpet, petals, stem, bulb; needs: sun and water
rose | plant | plant | small | red pink white | the garden | r80 | stages: bud, opening bud, rose; parts: petals, thorns, stem, leaves; needs: sun and water
daisy | plant | plant | small | white yellow | the meadow | r50 | plural: daisies; parts: petals, yellow center, stem, leaves; needs: sun and water
dandelion | plant | plant | small | yellow white | the yard | r50 | stages: bud, yellow flower, seed puff; parts: petals, seeds, stem, root, leaves; needs: sun and water
violet | plant | plant | small | purple | the forest | r40 | parts: petals, stem, leaves; needs: shade and water
pansy | plant | plant | small | purple yellow | the garden | r60 | plural: pansies; parts: petals, stem, leaves; needs: sun and water
marigold | plant | plant | small | orange yellow | the garden | r60 | stages: seed, sprout, bud, marigold; parts: petals, stem, leaves, roots; needs: sun and water
lily | plant | plant | medium | white orange pink | the garden | r120 | plural: lilies; stages: bulb, sprout, bud, lily; parts: petals, stamens, stem, bulb; needs: sun and water
lavender | plant | plant | small | purple | the garden | r250 | form: stuff; parts: blossoms, stem, leaves; needs: sun
clover | plant | plant | small | green white | the yard | r60 | parts: three leaves, stem, blossom; needs: sun and water
poppy | plant | plant | small | red orange | the meadow | r80 | plural: poppies; stages: seed, sprout, bud, poppy; parts: petals, stem, seed pod; needs: sun
cattail | plant | plant | medium | brown green | the pond | r300 | parts: brown spike, stem, leaves; needs: water
lily pad | plant part | plant | medium | green | the pond | r200 | parts: leaf, stem, roots; needs: water
water lily | plant | plant | medium | white pink | the pond | r150 | plural: water lilies; parts: petals, pad, stem, roots; needs: water and sun
tree | plant | plant | large | green brown | the forest | r9000 t100 | stages: seed, sprout, young tree, tree; parts: trunk, branches, leaves, roots, bark; needs: sun, water and soil
oak | plant | plant | large | green brown | the forest | r15000 t100 | stages: acorn, sprout, young oak, oak; parts: trunk, branches, leaves, acorns, roots; needs: sun, water and soil
maple | plant | plant | large | red orange green | the forest | r15000 t100 | stages: seed, sprout, young maple, maple; parts: trunk, branches, leaves, seeds, sap; needs: sun, water and soil
pine | plant | plant | large | green | the forest | r15000 t100 | parts: trunk, needles, cones, roots; needs: sun and water
palm tree | plant | plant | large | green brown | the beach | r10000 t100 | parts: trunk, fronds, coconuts, roots; needs: sun and water
willow | plant | plant | large | green | the river | r10000 t100 | parts: trunk, long branches, leaves, roots; needs: water
apple tree | plant | plant | large | green red | the orchard | r4000 t100 | stages: seed, sprout, young tree, blossom, apples; parts: trunk, branches, blossoms, apples, roots; needs: sun and bees
bush | plant | plant | medium | green | the yard | r1000 t90 | plural: bushes; parts: branches, leaves, roots; needs: sun and water
fern | plant | plant | medium | green | the forest | r300 | parts: fronds, stem, roots; needs: shade and water
vine | plant | plant | medium | green | the garden | r500 | parts: stem, tendrils, leaves; needs: sun and something to climb; moves: climbs
ivy | plant | plant | medium | green | a wall | r300 | form: stuff; parts: stem, leaves, roots; moves: climbs
grass | plant | plant | small | green | the meadow | r100 | form: stuff; parts: blades, roots, seeds; needs: sun and water
hay | plant | plant | medium | yellow | the farm | r150 | form: stuff
straw | plant | plant | small | yellow | the farm | r150 | form: stuff
wheat | plant | plant | medium | yellow | the field | r200 | form: stuff; stages: seed, sprout, green wheat, golden wheat; parts: grains, stalk, leaves, roots; allergens: wheat
bamboo | plant | plant | large | green | the forest | r500 | form: stuff; parts: stalk, leaves, roots; needs: water
moss | plant | plant | small | green | the forest | r60 | form: stuff; needs: shade and water
seaweed | plant | plant | medium | green brown | the ocean | r300 | form: stuff; parts: blades, holdfast; needs: sea water
cactus | plant | hard | medium | green | the desert | r300 t80 | plural: cacti; parts: spines, stem, flower, roots; needs: sun and a little water
succulent | plant | plant | small | green | the desert | r80 | parts: thick leaves, stem, roots; needs: sun and a little water
bonsai | plant | plant | medium | green brown | a pot | r300 | parts: trunk, branches, leaves, pot; needs: trimming and water
mushroom | living thing | hard | small | red white brown | the forest | r80 t60 | stages: spores, button, mushroom; parts: cap, stem, gills; needs: shade and damp; living: yes
leaf | plant part | plant | small | green yellow red brown | a tree | r90x70x1 | plural: leaves; stages: bud, green leaf, brown leaf; parts: stem, veins, edge; moves: flutters down
oak leaf | plant part | plant | small | green brown | an oak | r110x70x1 | plural: oak leaves; parts: stem, veins, wavy edge
maple leaf | plant part | plant | small | red orange green | a maple | r100x100x1 | plural: maple leaves; parts: stem, veins, points
petal | plant part | plant | small | pink white red | a flower | r30x20x1
stem | plant part | plant | small | green | a flower | r150x5x5
bud | plant part | plant | small | green | a branch | r15x10x10 | stages: bud, blossom, fruit
blossom | plant part | plant | small | white pink | an apple tree | r35x35x10 | parts: petals, pollen, stem
branch | plant part | plant | large | brown | a tree | r600x30x30 | plural: branches; parts: bark, twigs, leaves
twig | plant part | plant | small | brown | a tree | r150x5x5 | parts: bark, buds
stick | plant part | plant | small | brown | the forest | r250x12x12 | parts: bark, ends
bark | plant part | plant | small | brown | a tree | r120x60x8 | form: stuff
trunk | plant part | hard | large | brown | a tree | r3000 t100 | parts: bark, rings
log | plant part | hard | large | brown | the forest | r600x150x150 | parts: bark, rings, ends
stump | plant part | hard | large | brown | the forest | r400x400x300 | parts: bark, rings, roots
root | plant part | plant | small | brown white | the soil | r150x10x10
seed | seed | plant | small | brown black | the soil | r10x6x3 | stages: seed, sprout, plant; parts: coat, baby plant, food; needs: water and warmth
sunflower seed | seed | food | small | black white | a sunflower | r12x6x4 | stages: seed, sprout, sunflower; parts: shell, kernel; hazards: choking-food
acorn | seed | plant | small | brown | an oak | r30x18x18 | stages: acorn, sprout, young oak, oak; parts: cap, nut
pine cone | seed | plant | small | brown | a pine | r80x45x45 | parts: scales, seeds, tip
chestnut | seed | food | small | brown | a tree | r30x28x20 | parts: shell, spiny husk; hazards: choking-food; allergens: tree-nuts
maple seed | seed | plant | small | brown green | a maple | r40x12x3 | parts: wing, seed; moves: spins down
bean | seed | food | small | white brown red | a pod | r15x9x7 | stages: bean, sprout, plant, pod; parts: coat, two halves, tiny root; hazards: raw-legume
bean sprout | plant | plant | small | white green | a jar | r60x4x4 | stages: bean, sprout, plant; parts: root, stem, leaves; needs: water and light
sprout | plant | plant | small | green white | the soil | r50x5x5 | stages: seed, sprout, plant; parts: root, stem, two leaves; needs: water and light
bulb | seed | plant | small | brown white | the soil | r50x40x40 | stages: bulb, sprout, bud, flower; parts: layers, roots, tip
berry | fruit | food | small | red blue black | a bush | r15x15x15 | plural: berries; stages: blossom, green berry, ripe berry; hazards: choking-food
coconut | fruit | food | medium | brown white | a palm tree | r150x130x130 | parts: shell, milk, white meat, husk; allergens: tree-nuts
pod | plant part | plant | small | green | a vine | r80x15x10 | parts: shell, peas, stem
corn husk | plant part | plant | small | green yellow | the field | r200x60x1
thorn | plant part | hard | small | green brown | a rose | r10x5x5 | hazards: sharp
garden | place | plant | large | green | the yard | t150 | parts: beds, path, fence, gate, plants; living: no
forest | place | plant | large | green brown | the hills | t150 | parts: trees, ferns, path, stream, logs; living: no
orchard | place | plant | large | green | the farm | t150 | parts: fruit trees, ladder, baskets; living: no
meadow | place | plant | large | green | the valley | t150 | parts: grass, flowers, bugs, path; living: no
apple | fruit | food | small | red green yellow | an apple tree | r75x70x70 | stages: seed, tree, blossom, apple; parts: skin, core, seeds, stem, leaf
pear | fruit | food | small | green yellow | a tree | r100x65x65 | stages: blossom, small pear, ripe pear; parts: skin, core, seeds, stem
banana | fruit | food | small | yellow | a tree | r180x35x35 | stages: green banana, yellow banana, brown banana; parts: peel, fruit, stem, tip
orange | fruit | food | small | orange | a tree | r75x75x75 | stages: blossom, green orange, ripe orange; parts: peel, segments, seeds, pith
lemon | fruit | food | small | yellow | a tree | r80x55x55 | parts: peel, segments, seeds, juice
lime | fruit | food | small | green | a tree | r55x48x48 | parts: peel, segments, juice
grapefruit | fruit | food | medium | yellow pink | a tree | r110x110x110 | plural: grapefruits; parts: peel, segments, seeds
peach | fruit | food | small | orange pink | a tree | r70x70x70 | plural: peaches; stages: blossom, green peach, ripe peach; parts: fuzzy skin, pit, stem
plum | fruit | food | small | purple | a tree | r50x45x45 | parts: skin, pit, stem
cherry | fruit | food | small | red | a tree | r22x20x20 | plural: cherries; stages: blossom, green cherry, ripe cherry; parts: stem, pit, skin; hazards: choking-food
apricot | fruit | food | small | orange | a tree | r45x42x42 | parts: skin, pit
mango | fruit | food | small | orange green | a tree | r120x80x80 | plural: mangoes; parts: skin, pit, fruit
pineapple | fruit | food | large | yellow brown | the field | r250x130x130 | parts: crown, rind, core, fruit
strawberry | fruit | food | small | red | the garden | r35x30x30 | plural: strawberries; stages: blossom, green strawberry, ripe strawberry; parts: seeds, leaves, stem; hazards: choking-food
blueberry | fruit | food | small | blue | a bush | r12x12x12 | plural: blueberries; hazards: choking-food; parts: skin, crown
raspberry | fruit | food | small | red | a bush | r20x18x18 | plural: raspberries; parts: beads, hollow core
blackberry | fruit | food | small | black purple | a bush | r22x18x18 | plural: blackberries; parts: beads, core
cranberry | fruit | food | small | red | the bog | r15x13x13 | plural: cranberries; hazards: choking-food
grape | fruit | food | small | green purple | a vine | r22x18x18 | parts: skin, stem, seeds; hazards: choking-food
kiwi | fruit | food | small | brown green | a vine | r65x50x50 | parts: fuzzy skin, seeds, green fruit
melon | fruit | food | large | green orange | the field | r180x180x180 | parts: rind, seeds, fruit
watermelon | fruit | food | large | green red | the field | r350x230x230 | stages: seed, vine, flower, watermelon; parts: rind, seeds, red fruit
pumpkin | vegetable | food | large | orange | the field | r250x250x200 | stages: seed, vine, flower, green pumpkin, pumpkin; parts: stem, rind, seeds, pulp
gourd | vegetable | food | medium | yellow green orange | the field | r150x90x90 | parts: stem, rind, seeds
squash | vegetable | food | medium | yellow green | the garden | r200x80x80 | plural: squash; parts: stem, rind, seeds
zucchini | vegetable | food | medium | green | the garden | r200x50x50 | plural: zucchini; parts: stem, skin, seeds
cucumber | vegetable | food | medium | green | the garden | r200x45x45 | parts: skin, seeds, ends
carrot | vegetable | food | small | orange | the soil | r180x30x30 | stages: seed, sprout, carrot; parts: root, leafy top, skin; hazards: choking-food
potato | vegetable | food | small | brown | the soil | r90x60x50 | plural: potatoes; stages: seed potato, sprout, plant, potatoes; parts: skin, eyes
sweet potato | vegetable | food | small | orange | the soil | r150x60x60 | plural: sweet potatoes; parts: skin, eyes
tomato | vegetable | food | small | red | the garden | r70x70x60 | plural: tomatoes; stages: seed, flower, green tomato, red tomato; parts: skin, seeds, stem
cherry tomato | vegetable | food | small | red | the garden | r25x25x25 | plural: cherry tomatoes; hazards: choking-food; parts: skin, seeds
corn | vegetable | food | medium | yellow | the field | r200x50x50 | form: stuff; stages: seed, sprout, stalk, corn; parts: husk, silk, kernels, cob
popcorn | food | food | small | white yellow | the kitchen | r20x20x15 | form: stuff; stages: kernel, warm kernel, popped corn; sound: pops; hazards: choking-food
pea | vegetable | food | small | green | a pod | r8x8x8 | stages: seed, sprout, pod, peas; parts: skin, pod; hazards: choking-food
green bean | vegetable | food | small | green | the garden | r120x8x8 | parts: pod, beans, stem
onion | vegetable | food | small | white red | the soil | r75x70x70 | parts: layers, skin, roots
garlic | vegetable | food | small | white | the soil | r50x50x40 | form: stuff; parts: cloves, skin, roots
pepper | vegetable | food | small | red green yellow | the garden | r100x75x75 | parts: stem, seeds, skin
broccoli | vegetable | food | medium | green | the garden | r150x120x120 | form: stuff; parts: florets, stalk
cauliflower | vegetable | food | medium | white | the garden | r170x170x130 | form: stuff; parts: florets, leaves, stalk
cabbage | vegetable | food | medium | green purple | the garden | r180x180x160 | parts: leaves, core
lettuce | vegetable | food | medium | green | the garden | r200x200x150 | form: stuff; parts: leaves, core
spinach | vegetable | food | small | green | the garden | r90x60x1 | form: stuff; parts: leaves, stems
celery | vegetable | food | medium | green | the garden | r300x30x20 | form: stuff; parts: stalks, leaves, strings; hazards: choking-food
radish | vegetable | food | small | red white | the soil | r30x30x30 | plural: radishes; stages: seed, sprout, radish; parts: root, leafy top; hazards: choking-food
beet | vegetable | food | small | red purple | the soil | r70x70x70 | parts: root, leafy top
turnip | vegetable | food | medium | white purple | the soil | r80x80x80 | parts: root, leafy top
eggplant | vegetable | food | medium | purple | the garden | r180x90x90 | parts: stem, skin, seeds
avocado | fruit | food | small | green | a tree | r110x70x70 | parts: skin, pit, green fruit
olive | fruit | food | small | green black | a tree | r22x16x16 | parts: pit, skin; hazards: choking-food
asparagus | vegetable | food | small | green | the garden | r200x12x12 | form: stuff; parts: tip, stalk
ginger | vegetable | food | small | brown | the soil | r90x40x30 | form: stuff
herb | plant | plant | small | green | a pot | r80x40x1 | parts: leaves, stem, roots; needs: sun and water
mint | plant | plant | small | green | a pot | r60x30x1 | form: stuff; parts: leaves, stem
basil | plant | plant | small | green | a pot | r60x30x1 | form: stuff; parts: leaves, stem
rosemary | plant | plant | small | green | a pot | r90x5x5 | form: stuff
parsley | plant | plant | small | green | a pot | r60x40x1 | form: stuff
`

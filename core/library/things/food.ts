/** What is baked, cooked, poured and tasted. How a line reads stands in `index.ts`. */
export const FOOD = `
bread | food | food | medium | brown | the bakery | r250x110x100 | form: stuff; stages: grain, flour, dough, bread; parts: crust, crumb, slice; allergens: wheat
loaf | food | food | medium | brown | the bakery | r250x110x100 | plural: loaves; stages: flour, dough, warm loaf, sliced loaf; parts: crust, crumb, ends; allergens: wheat
roll | food | food | small | brown | the bakery | r80x80x50 | stages: dough, risen dough, baked roll; parts: crust, crumb; allergens: wheat
bun | food | food | small | brown | the bakery | r90x90x50 | stages: dough, risen dough, baked bun; parts: crust, crumb, top; allergens: wheat
bagel | food | food | small | brown | the bakery | r110x110x35 | stages: dough ring, boiled ring, baked bagel; parts: hole, crust; allergens: wheat, sesame
croissant | food | food | small | brown | the bakery | r130x70x50 | stages: dough, folded dough, rolled triangle, baked croissant; parts: layers, tips; allergens: wheat, milk
baguette | food | food | large | brown | the bakery | r600x60x60 | parts: crust, crumb, ends; allergens: wheat
toast | food | food | small | brown | the kitchen | r100x100x12 | form: stuff; stages: bread, warm bread, toast; parts: crust, middle; allergens: wheat
tortilla | food | food | medium | white yellow | the kitchen | r200x200x3 | allergens: wheat
pita | food | food | medium | brown white | the kitchen | r170x170x10 | parts: pocket, crust; allergens: wheat
pretzel | food | food | small | brown | the bakery | r120x90x20 | stages: rope of dough, twisted dough, baked pretzel; parts: twist, salt, ends; allergens: wheat
cake | food | food | large | brown pink white | the bakery | r220x220x100 | stages: batter, warm cake, frosted cake; parts: layers, frosting, candles, slice; allergens: wheat, egg, milk
birthday cake | food | food | large | white pink | the party | r220x220x110 | stages: batter, warm cake, frosted cake; parts: layers, frosting, candles; allergens: wheat, egg, milk
cupcake | food | food | small | brown pink | the bakery | r70x70x70 | stages: batter, warm cupcake, frosted cupcake; parts: paper cup, cake, frosting; allergens: wheat, egg, milk
muffin | food | food | small | brown | the bakery | r80x80x70 | stages: batter, rising batter, warm muffin; parts: top, paper cup; allergens: wheat, egg, milk
cookie | food | food | small | brown | the bakery | r80x80x12 | stages: dough, cut dough, baked cookie; parts: edge, chips; allergens: wheat, egg, milk
gingerbread man | food | food | small | brown white | the bakery | r130x90x10 | plural: gingerbread men; stages: dough, cut dough, baked man; parts: arms, legs, buttons, face; allergens: wheat, egg
donut | food | food | small | brown pink | the bakery | r90x90x35 | parts: hole, icing, sprinkles; allergens: wheat, egg, milk
pie | food | food | large | brown | the kitchen | r230x230x50 | stages: dough, filled pie, baked pie; parts: crust, filling, slice; allergens: wheat
pancake | food | food | small | brown | the kitchen | r120x120x8 | stages: batter, bubbling batter, pancake; allergens: wheat, egg, milk
waffle | food | food | small | brown | the kitchen | r120x120x20 | parts: squares, edge; allergens: wheat, egg, milk
brownie | food | food | small | brown | the kitchen | r60x60x30 | allergens: wheat, egg, milk
cracker | food | food | small | brown | the kitchen | r50x50x4 | allergens: wheat
cereal | food | food | small | brown yellow | the kitchen | r15x15x8 | form: stuff; sound: crunches; allergens: wheat
oatmeal | food | food | medium | white brown | the kitchen | | form: stuff
oat | food | food | small | white | the kitchen | r6x3x1 | stages: grain, rolled oats, oatmeal
pasta | food | food | small | yellow | the kitchen | r40x12x12 | form: stuff; stages: dry pasta, boiling pasta, soft pasta; allergens: wheat
noodle | food | food | small | yellow | the kitchen | r200x3x3 | stages: dry noodle, boiling noodle, soft noodle; allergens: wheat
spaghetti | food | food | small | yellow | the kitchen | r250x2x2 | form: stuff; allergens: wheat
macaroni | food | food | small | yellow | the kitchen | r25x8x8 | form: stuff; allergens: wheat
rice | food | food | small | white brown | the kitchen | r7x2x2 | form: stuff; stages: seed, green plant, grain, cooked rice
pizza | food | food | large | red yellow | the kitchen | r300x300x20 | stages: dough, sauce and cheese, baked pizza; parts: crust, sauce, cheese, toppings, slice; allergens: wheat, milk
sandwich | food | food | small | brown white | the lunch box | r120x120x40 | parts: bread, filling, crust; allergens: wheat
burger | food | food | small | brown red | the grill | r110x110x60 | parts: bun, patty, lettuce, tomato; allergens: wheat
hot dog | food | food | small | red brown | the grill | r150x40x35 | parts: bun, sausage, mustard; hazards: choking-food; allergens: wheat
taco | food | food | small | yellow brown | the kitchen | r130x80x50 | parts: shell, filling, lettuce, cheese
burrito | food | food | medium | white brown | the kitchen | r180x60x60 | parts: tortilla, beans, rice, cheese; allergens: wheat
tamale | food | food | small | yellow | the kitchen | r130x50x35 | parts: husk, corn dough, filling
dumpling | food | food | small | white | the kitchen | r60x40x30 | stages: dough circle, filled circle, folded dumpling; parts: wrapper, filling, pleats; allergens: wheat
sushi | food | food | small | white green | the kitchen | r45x35x35 | form: stuff; parts: rice, seaweed, filling; allergens: fish
soup | food | food | medium | orange red | the kitchen | | form: stuff; stages: vegetables, boiling pot, soup
salad | food | food | medium | green | the kitchen | | parts: lettuce, tomato, cucumber, dressing
egg | food | food | small | white brown | a nest | r57x44x44 | stages: egg, cracked egg, chick; parts: shell, white, yolk; allergens: egg
omelet | food | food | medium | yellow | the kitchen | r180x90x25 | allergens: egg
milk | drink | food | medium | white | the kitchen | | form: stuff; allergens: milk
cheese | food | food | medium | yellow | the kitchen | r100x80x40 | form: stuff; stages: milk, curds, cheese; parts: rind, holes; allergens: milk
butter | food | food | small | yellow | the kitchen | r115x30x30 | form: stuff; stages: cream, shaken cream, butter; allergens: milk
yogurt | food | food | small | white | the kitchen | | form: stuff; allergens: milk
cream | food | food | small | white | the kitchen | | form: stuff; allergens: milk
ice cream | food | food | small | white pink brown | the ice cream shop | | form: stuff; stages: cream, cold cream, ice cream, puddle; parts: cone, scoop, sprinkles; allergens: milk
popsicle | food | food | small | red orange blue | the freezer | r130x50x25 | stages: juice, frozen juice, puddle; parts: stick, ice
honey | food | food | small | yellow gold | a hive | | form: stuff; stages: nectar, honeycomb, honey; hazards: honey
honeycomb | food | food | small | yellow | a hive | r100x80x30 | parts: cells, wax, honey; hazards: honey
syrup | food | food | small | brown | the kitchen | | form: stuff; stages: sap, boiling sap, syrup
sugar | food | food | small | white brown | the kitchen | | form: stuff
salt | food | food | small | white | the kitchen | | form: stuff
flour | food | food | medium | white | the bakery | | form: stuff; stages: wheat, ground wheat, flour; hazards: raw-flour, loose-powder; allergens: wheat
dough | food | food | medium | white | the bakery | | form: stuff; stages: flour and water, sticky dough, smooth dough, risen dough; hazards: raw-flour; allergens: wheat
batter | food | food | medium | yellow white | the kitchen | | form: stuff; hazards: raw-flour; allergens: wheat, egg, milk
yeast | food | food | small | brown | the kitchen | | form: stuff
cornmeal | food | food | medium | yellow | the kitchen | | form: stuff
peanut | food | food | small | brown | the soil | r30x12x12 | parts: shell, nut, skin; hazards: choking-food; allergens: peanuts
peanut butter | food | food | small | brown | the kitchen | | form: stuff; allergens: peanuts; hazards: choking-food
nut | food | food | small | brown | a tree | r30x25x25 | parts: shell, kernel; hazards: choking-food; allergens: tree-nuts
walnut | food | food | small | brown | a tree | r40x32x32 | parts: shell, kernel; hazards: choking-food; allergens: tree-nuts
almond | food | food | small | brown | a tree | r25x15x9 | parts: shell, skin; hazards: choking-food; allergens: tree-nuts
pecan | food | food | small | brown | a tree | r30x15x15 | parts: shell, kernel; hazards: choking-food; allergens: tree-nuts
cashew | food | food | small | white | a tree | r30x12x10 | hazards: choking-food; allergens: tree-nuts
raisin | food | food | small | brown | the kitchen | r12x8x6 | stages: grape, drying grape, raisin; hazards: choking-food
sesame seed | food | food | small | white | the kitchen | r3x2x1 | allergens: sesame
tofu | food | food | small | white | the kitchen | r100x70x40 | form: stuff; allergens: soy
fish stick | food | food | small | brown | the kitchen | r90x25x15 | allergens: fish, wheat
sausage | food | food | small | brown red | the kitchen | r120x28x28 | hazards: choking-food
bacon | food | food | small | red brown | the kitchen | r200x35x3 | form: stuff
ham | food | food | medium | pink | the kitchen | r200x150x120 | form: stuff
meatball | food | food | small | brown | the kitchen | r35x35x35 | hazards: choking-food
steak | food | food | medium | brown red | the grill | r200x120x25
candy | food | food | small | red yellow green | the store | r20x15x15 | plural: candies; parts: wrapper, candy; hazards: choking-food
candy cane | food | food | small | red white | the party | r150x50x10 | parts: hook, stripes; hazards: choking-food
lollipop | food | food | small | red green yellow | the store | r120x35x20 | parts: stick, candy; hazards: choking-food
marshmallow | food | food | small | white | the campsite | r35x30x30 | hazards: choking-food
chocolate | food | food | small | brown | the store | r100x60x10 | form: stuff; stages: cocoa beans, melted chocolate, bar; allergens: milk
gum | food | food | small | pink | the store | r20x20x10 | form: stuff; hazards: choking-food
chip | food | food | small | yellow | the lunch box | r50x40x2 | sound: crunches; hazards: choking-food
french fry | food | food | small | yellow | the kitchen | r80x10x10 | plural: french fries
jam | food | food | small | red purple | the kitchen | | form: stuff; stages: berries, boiling berries, jam
jelly | food | food | small | purple red | the kitchen | | form: stuff
ketchup | food | food | small | red | the kitchen | | form: stuff
mustard | food | food | small | yellow | the kitchen | | form: stuff
oil | food | food | small | yellow | the kitchen | | form: stuff
vinegar | food | food | small | white | the kitchen | | form: stuff
juice | drink | food | small | orange red | the kitchen | | form: stuff; stages: fruit, squeezed fruit, juice
lemonade | drink | food | small | yellow | the lemonade stand | | form: stuff; stages: lemons, squeezed lemons, lemonade
tea | drink | food | small | brown | the kitchen | | form: stuff
coffee | drink | food | small | brown | the kitchen | | form: stuff
hot chocolate | drink | food | small | brown | the kitchen | | form: stuff; allergens: milk
smoothie | drink | food | small | pink purple | the kitchen | | stages: fruit, blender, smoothie
sprinkle | food | food | small | red yellow blue | the bakery | r6x2x2
icing | food | food | small | white pink | the bakery | | form: stuff; allergens: milk
cinnamon | food | food | small | brown | the kitchen | | form: stuff
vanilla | food | food | small | brown | the kitchen | | form: stuff
spice | food | food | small | red brown yellow | the market | 
snack | food | food | small | brown red | the table | | form: thing
lunch | food | food | medium | brown green | the table | | plural: lunches; form: thing
picnic | doing | food | large | red white | the park | | form: idea
crumb | food | food | small | brown | the table | r5x4x4 | allergens: wheat
crust | food | food | small | brown | the bakery | r90x15x10 | allergens: wheat
`

/** Animals of sea, farm, house, forest, grassland, ice and sky, and where they live. How a line reads stands in `index.ts`. */
export const ANIMALS = `
whale | sea animal | hard | large | gray blue | the ocean | r15000 t120 | young: calf; parts: flukes, fin, blowhole, mouth, eye; eats: krill and small fish; sound: sings low; moves: dives
dolphin | sea animal | hard | large | gray | the ocean | r2500 t100 | young: calf; parts: snout, fin, tail, blowhole; eats: fish; sound: clicks and whistles; moves: leaps
shark | sea animal | hard | large | gray | the ocean | r3000 t100 | young: pup; parts: fin, tail, gills, teeth, snout; eats: fish and seals; moves: glides
seal | sea animal | hard | medium | gray brown | the ocean | r1600 t80 | young: pup; parts: flippers, whiskers, nose, tail; eats: fish; sound: barks; moves: slides on its belly
sea lion | sea animal | hard | large | brown | the ocean | r2200 t80 | young: pup; parts: flippers, whiskers, ears; eats: fish; sound: barks; moves: waddles
walrus | sea animal | hard | large | brown | the ice | r3200 t90 | young: calf; parts: tusks, whiskers, flippers; eats: clams; sound: bellows; moves: heaves itself along
crab | sea animal | hard | small | red orange | the beach | r150 t60 | parts: claws, shell, legs, eyes; eats: seaweed and small animals; moves: walks sideways
hermit crab | sea animal | hard | small | red brown | the beach | r60 t50 | parts: claws, borrowed shell, legs, eyes; eats: bits it finds; moves: scuttles
lobster | sea animal | hard | small | red | the ocean | r300 t80 | parts: claws, antennae, tail, legs; eats: clams and crabs; moves: crawls and shoots backward
shrimp | sea animal | hard | small | pink orange | the ocean | r60 t50 | plural: shrimp; parts: antennae, legs, tail; eats: tiny plants; moves: darts
octopus | sea animal | hard | medium | red purple | the ocean | r900 t80 | parts: arms, suckers, head, eyes; eats: crabs; moves: jets and creeps; plural: octopuses
squid | sea animal | hard | medium | pink white | the ocean | r600 t80 | parts: arms, fins, eyes, tentacles; eats: fish; moves: jets; plural: squid
jellyfish | sea animal | soft | small | white pink | the ocean | r300 t70 | plural: jellyfish; parts: bell, tentacles, mouth; eats: tiny animals; moves: drifts
starfish | sea animal | hard | small | orange red | the ocean | r200 t70 | plural: starfish; parts: arms, tube feet, mouth; eats: mussels; moves: creeps
sea horse | sea animal | hard | small | yellow orange | the ocean | r120 t60 | young: fry; parts: snout, fin, curled tail, pouch; eats: tiny shrimp; moves: bobs
sea urchin | sea animal | hard | small | purple black | the ocean | r80 t50 | parts: spines, shell, mouth; eats: seaweed; moves: creeps
sea turtle | sea animal | hard | medium | green brown | the ocean | r1000 t80 | young: hatchling; stages: egg, hatchling, turtle; parts: shell, flippers, head, tail; eats: seagrass and jellyfish; moves: paddles
stingray | sea animal | hard | large | gray | the ocean | r1500 t90 | young: pup; parts: fins, tail, eyes, gills; eats: clams; moves: flaps along
eel | sea animal | soft | medium | green gray | the ocean | r800 t120 | young: elver; parts: long body, fin, mouth; eats: small fish; moves: wriggles
fish | water animal | hard | small | orange silver | the water | r200 t60 | plural: fish; young: fry; stages: egg, fry, fish; parts: fins, tail, scales, gills, eye; eats: bugs and water plants; moves: swims
goldfish | water animal | hard | small | orange | the water | r120 t60 | plural: goldfish; young: fry; parts: fins, tail, scales, gills; eats: fish flakes; moves: swims
clownfish | sea animal | hard | small | orange white black | the ocean | r100 t60 | plural: clownfish; parts: fins, stripes, tail; eats: tiny animals; moves: darts
salmon | water animal | hard | medium | pink silver | the river | r800 t90 | plural: salmon; young: fry; stages: egg, fry, salmon; parts: fins, tail, scales; eats: small fish; moves: leaps upstream
clam | sea animal | hard | small | white brown | the beach | r80 t60 | parts: two shells, foot; eats: bits in the water; moves: digs down
oyster | sea animal | hard | small | gray white | the ocean | r100 t70 | parts: two shells, pearl; eats: bits in the water
coral | sea animal | hard | medium | pink orange | the ocean | r300 t80 | form: stuff; eats: bits in the water
frog | pond animal | hard | small | green | the pond | r70 t60 | young: tadpole; stages: frogspawn, tadpole, froglet, frog; parts: legs, webbed feet, eyes, tongue; eats: flies; sound: croaks; moves: hops
toad | pond animal | hard | small | brown | the garden | r80 t60 | young: tadpole; stages: spawn, tadpole, toad; parts: legs, bumpy skin, eyes; eats: bugs; sound: croaks; moves: hops and crawls
tadpole | pond animal | soft | small | black brown | the pond | r20 t40 | stages: spawn, tadpole, froglet, frog; parts: tail, head, gills; eats: water plants; moves: wiggles
newt | pond animal | soft | small | brown orange | the pond | r100 t70 | parts: tail, legs, head; eats: worms and bugs; moves: creeps
salamander | pond animal | soft | small | black yellow | the forest | r150 t70 | parts: tail, legs, spots; eats: worms; moves: creeps
duck | bird | hard | medium | yellow white brown | the pond | r500 t60 | young: duckling; stages: egg, duckling, duck; parts: bill, webbed feet, wings, feathers, tail; eats: water plants and bugs; sound: quacks; moves: waddles and paddles
swan | bird | hard | large | white | the pond | r1400 t80 | young: cygnet; stages: egg, cygnet, swan; parts: long neck, bill, wings, webbed feet; eats: water plants; sound: hisses; moves: glides
goose | bird | hard | medium | white gray | the farm | r900 t70 | plural: geese; young: gosling; stages: egg, gosling, goose; parts: bill, neck, wings, webbed feet; eats: grass; sound: honks; moves: waddles
heron | bird | hard | large | gray blue | the pond | r900 t80 | young: chick; parts: long legs, long bill, neck, wings; eats: fish and frogs; moves: stalks
flamingo | bird | hard | large | pink | the lake | r1300 t90 | young: chick; parts: long legs, curved bill, neck, wings; eats: shrimp; moves: stands on one leg
pelican | bird | hard | large | white brown | the coast | r1500 t80 | young: chick; parts: pouch, bill, wings, webbed feet; eats: fish; moves: soars and dives
seagull | bird | hard | medium | white gray | the beach | r550 t70 | young: chick; parts: bill, wings, webbed feet, tail; eats: fish and scraps; sound: screeches; moves: glides
chicken | farm animal | hard | medium | brown white red | the farm | r450 t60 | young: chick; stages: egg, chick, chicken; parts: beak, comb, wings, feathers, claws; eats: seeds and bugs; sound: clucks; moves: pecks and scratches
hen | farm animal | hard | medium | brown white | the farm | r450 t60 | young: chick; stages: egg, chick, hen; parts: beak, comb, wings, feathers; eats: seeds and bugs; sound: clucks; moves: pecks and scratches
chick | farm animal | soft | small | yellow | the farm | r90 t50 | stages: egg, chick, chicken; parts: beak, fluff, feet; eats: tiny seeds; sound: peeps; moves: scurries
rooster | farm animal | hard | medium | red brown | the farm | r600 t70 | young: chick; parts: comb, beak, tail feathers, spurs; eats: seeds and bugs; sound: crows; moves: struts
turkey | farm animal | hard | large | brown red | the farm | r1100 t80 | young: poult; parts: wattle, beak, tail fan, feathers; eats: seeds and bugs; sound: gobbles; moves: struts
cow | farm animal | hard | large | black white brown | the farm | r2400 t100 | young: calf; parts: horns, udder, hooves, tail, ears; eats: grass and hay; sound: moos; moves: ambles
bull | farm animal | hard | large | brown black | the farm | r2600 t100 | young: calf; parts: horns, hooves, tail, nose; eats: grass and hay; sound: bellows; moves: stomps
calf | farm animal | hard | medium | brown white | the farm | r1000 t70 | plural: calves; parts: hooves, ears, tail; eats: milk and grass; sound: moos; moves: skips
horse | farm animal | hard | large | brown black white | the farm | r2400 t100 | young: foal; parts: mane, hooves, tail, ears, muzzle; eats: hay and oats; sound: neighs; moves: gallops
pony | farm animal | hard | large | brown white | the farm | r1700 t80 | young: foal; parts: mane, hooves, tail; eats: hay and oats; sound: whinnies; moves: trots
donkey | farm animal | hard | large | gray | the farm | r1900 t90 | young: foal; parts: long ears, hooves, tail, mane; eats: hay; sound: hee-haws; moves: plods
pig | farm animal | hard | medium | pink | the farm | r1500 t70 | young: piglet; parts: snout, curly tail, hooves, ears; eats: grain and roots; sound: oinks; moves: trots and wallows
sheep | farm animal | hard | medium | white | the farm | r1300 t70 | plural: sheep; young: lamb; parts: wool, hooves, ears, tail; eats: grass; sound: baas; moves: grazes
lamb | farm animal | soft | small | white | the farm | r600 t60 | parts: wool, hooves, ears; eats: milk and grass; sound: bleats; moves: skips
goat | farm animal | hard | medium | white brown | the farm | r1300 t70 | young: kid; parts: horns, beard, hooves, tail; eats: grass and leaves; sound: bleats; moves: climbs
llama | farm animal | hard | large | white brown | the mountains | r1700 t80 | young: cria; parts: long neck, wool, ears, hooves; eats: grass; sound: hums; moves: walks in a line
alpaca | farm animal | soft | medium | white brown | the farm | r1500 t80 | young: cria; parts: wool, long neck, ears; eats: grass; sound: hums; moves: trots
cat | pet | hard | small | black orange gray | the house | r460 t60 | young: kitten; parts: whiskers, paws, tail, ears, claws; eats: cat food; sound: meows; moves: creeps and pounces
kitten | pet | soft | small | gray orange | the house | r200 t60 | parts: whiskers, paws, tail, ears; eats: milk and cat food; sound: mews; moves: pounces
dog | pet | hard | medium | brown black white | the house | r800 t70 | young: puppy; parts: paws, tail, nose, ears, tongue; eats: dog food; sound: barks; moves: runs and fetches
puppy | pet | soft | small | brown white | the house | r300 t60 | parts: paws, tail, nose, ears; eats: puppy food; sound: yips; moves: tumbles
rabbit | pet | hard | small | white brown gray | a burrow | r400 t60 | young: kit; parts: long ears, cotton tail, paws, whiskers; eats: grass and greens; moves: hops
bunny | pet | soft | small | white brown | a burrow | r300 t60 | parts: long ears, cotton tail, paws; eats: grass and greens; moves: hops
hamster | pet | hard | small | brown white | the house | r120 t50 | young: pup; parts: cheeks, paws, whiskers, tail; eats: seeds; sound: squeaks; moves: runs in a wheel
guinea pig | pet | hard | small | brown white black | the house | r250 t60 | young: pup; parts: whiskers, paws, ears; eats: hay and greens; sound: squeaks; moves: scurries
gerbil | pet | hard | small | brown | the house | r120 t50 | young: pup; parts: long tail, whiskers, paws; eats: seeds; moves: digs and hops
parakeet | bird | hard | small | green yellow blue | the house | r180 t60 | young: chick; parts: beak, wings, tail, claws; eats: seeds; sound: chirps; moves: flutters
canary | bird | hard | small | yellow | the house | r120 t50 | young: chick; parts: beak, wings, tail; eats: seeds; sound: sings; moves: hops and flies
mouse | small animal | hard | small | gray brown | a burrow | r90 t50 | plural: mice; young: pup; parts: whiskers, long tail, ears, paws; eats: seeds; sound: squeaks; moves: scurries
rat | small animal | hard | small | gray brown | a burrow | r220 t60 | young: pup; parts: long tail, whiskers, paws; eats: grain and scraps; sound: squeaks; moves: scurries
mole | small animal | hard | small | black brown | the soil | r150 t60 | young: pup; parts: big paws, snout, fur; eats: worms; moves: digs
squirrel | forest animal | hard | small | red gray | the forest | r400 t60 | young: kit; parts: bushy tail, paws, ears, teeth; eats: acorns and nuts; sound: chatters; moves: leaps
chipmunk | forest animal | hard | small | brown | the forest | r240 t60 | young: kit; parts: stripes, cheeks, tail, paws; eats: seeds and nuts; sound: chirps; moves: darts
hedgehog | forest animal | hard | small | brown | the garden | r230 t60 | young: hoglet; parts: spines, snout, paws; eats: bugs and slugs; sound: snuffles; moves: rolls up
porcupine | forest animal | hard | medium | brown black | the forest | r700 t70 | young: porcupette; parts: quills, claws, teeth; eats: bark and leaves; moves: waddles
skunk | forest animal | hard | small | black white | the forest | r600 t70 | young: kit; parts: stripe, tail, claws; eats: bugs and fruit; moves: waddles
raccoon | forest animal | hard | medium | gray black | the forest | r700 t70 | young: kit; parts: mask, ringed tail, paws; eats: nearly everything; sound: chatters; moves: climbs
opossum | forest animal | hard | medium | gray white | the forest | r750 t70 | young: joey; parts: long tail, pouch, nose, paws; eats: fruit and bugs; moves: hangs and climbs
beaver | forest animal | hard | medium | brown | the river | r900 t70 | young: kit; parts: flat tail, big teeth, webbed feet, fur; eats: bark and leaves; moves: swims and gnaws
otter | water animal | hard | medium | brown | the river | r1100 t80 | young: pup; parts: whiskers, webbed feet, tail; eats: fish; sound: chirps; moves: slides and floats
badger | forest animal | hard | medium | black white gray | the forest | r750 t70 | young: cub; parts: stripes, claws, snout; eats: worms and roots; moves: digs
bear | forest animal | hard | large | brown black white | the forest | r1800 t80 | young: cub; parts: paws, claws, nose, ears, fur; eats: berries and fish; sound: growls; moves: lumbers
polar bear | ice animal | hard | large | white | the ice | r2300 t90 | young: cub; parts: paws, nose, fur, ears; eats: seals; sound: roars; moves: swims and plods
panda | forest animal | hard | large | black white | the forest | r1500 t80 | young: cub; parts: paws, ears, eye patches, fur; eats: bamboo; sound: bleats; moves: climbs and rolls
koala | forest animal | hard | medium | gray | the forest | r750 t70 | young: joey; parts: big nose, ears, claws, fur; eats: eucalyptus leaves; moves: clings and climbs
fox | forest animal | hard | medium | orange white | the forest | r700 t70 | young: kit; parts: bushy tail, snout, ears, paws; eats: mice and berries; sound: yaps; moves: sneaks and pounces
wolf | forest animal | hard | large | gray | the forest | r1300 t80 | plural: wolves; young: pup; parts: ears, snout, tail, paws; eats: deer; sound: howls; moves: lopes
coyote | desert animal | hard | medium | brown gray | the desert | r1100 t80 | young: pup; parts: ears, snout, tail, paws; eats: rabbits and mice; sound: howls; moves: trots
deer | forest animal | hard | large | brown | the forest | r1700 t90 | plural: deer; young: fawn; parts: antlers, hooves, ears, white tail; eats: leaves and grass; moves: bounds
moose | forest animal | hard | large | brown | the forest | r2800 t100 | plural: moose; young: calf; parts: broad antlers, hooves, long nose; eats: twigs and water plants; sound: bellows; moves: wades
reindeer | ice animal | hard | large | brown white | the ice | r2000 t90 | plural: reindeer; young: calf; parts: antlers, hooves, thick fur; eats: moss; moves: trots
bison | grassland animal | hard | large | brown | the grassland | r3000 t100 | plural: bison; young: calf; parts: hump, horns, beard, hooves; eats: grass; sound: grunts; moves: charges
owl | bird | hard | medium | brown white | the forest | r400 t70 | young: owlet; stages: egg, owlet, owl; parts: big eyes, beak, talons, wings, feathers; eats: mice; sound: hoots; moves: flies without a sound
eagle | bird | hard | large | brown white | the mountains | r900 t80 | young: eaglet; stages: egg, eaglet, eagle; parts: hooked beak, talons, wings, tail; eats: fish; sound: screeches; moves: soars
hawk | bird | hard | medium | brown | the sky | r550 t70 | young: chick; parts: hooked beak, talons, wings; eats: mice; sound: screeches; moves: circles and dives
robin | bird | hard | small | red brown | the garden | r220 t60 | young: chick; stages: egg, chick, robin; parts: red breast, beak, wings, tail; eats: worms and berries; sound: sings; moves: hops
sparrow | bird | hard | small | brown | the garden | r150 t50 | young: chick; parts: beak, wings, tail, feet; eats: seeds; sound: chirps; moves: hops
crow | bird | hard | medium | black | the field | r450 t70 | young: chick; parts: beak, wings, tail; eats: nearly everything; sound: caws; moves: flaps and struts
hummingbird | bird | hard | small | green red | the garden | r90 t50 | young: chick; parts: long beak, wings, tail; eats: nectar; sound: hums; moves: hovers
woodpecker | bird | hard | small | black white red | the forest | r230 t60 | young: chick; parts: beak, claws, crest, tail; eats: bugs in the bark; sound: knocks; moves: drums on trunks
pigeon | bird | hard | small | gray | the city | r330 t60 | young: squab; parts: beak, wings, feet; eats: seeds; sound: coos; moves: bobs its head
dove | bird | hard | small | white | the garden | r300 t60 | young: squab; parts: beak, wings, tail; eats: seeds; sound: coos; moves: flutters
peacock | bird | hard | large | blue green | the garden | r1000 t80 | young: peachick; parts: tail fan, crest, beak, feet; eats: seeds and bugs; sound: calls loudly; moves: struts
ostrich | bird | hard | large | black white | the grassland | r2400 t100 | young: chick; parts: long neck, long legs, beak, feathers; eats: grass and seeds; moves: runs fast
penguin | bird | hard | medium | black white | the ice | r700 t60 | young: chick; stages: egg, chick, penguin; parts: flippers, beak, feet, tail; eats: fish; sound: honks; moves: waddles and slides
puffin | bird | hard | small | black white orange | the coast | r300 t60 | young: puffling; parts: bright beak, wings, webbed feet; eats: fish; moves: dives
parrot | bird | hard | small | green red blue | the rainforest | r400 t70 | young: chick; parts: hooked beak, wings, claws, tail; eats: fruit and nuts; sound: squawks; moves: climbs and flies
toucan | bird | hard | small | black orange yellow | the rainforest | r550 t70 | young: chick; parts: huge beak, wings, tail; eats: fruit; sound: croaks; moves: hops in trees
bird | bird | hard | small | brown blue red | the sky | r200 t60 | young: chick; stages: egg, chick, bird; parts: beak, wings, feathers, tail, claws; eats: seeds and bugs; sound: sings; moves: flies
bat | night animal | hard | small | black brown | a cave | r90 t70 | young: pup; parts: wings, ears, claws, fur; eats: bugs; sound: squeaks; moves: flutters
lion | grassland animal | hard | large | yellow brown | the grassland | r1900 t90 | young: cub; parts: mane, paws, tail, claws; eats: zebras; sound: roars; moves: prowls
tiger | forest animal | hard | large | orange black | the jungle | r1900 t90 | young: cub; parts: stripes, paws, whiskers, tail; eats: deer; sound: roars; moves: prowls
leopard | forest animal | hard | large | yellow black | the jungle | r1400 t90 | young: cub; parts: spots, paws, tail, whiskers; eats: deer; sound: growls; moves: climbs
cheetah | grassland animal | hard | large | yellow black | the grassland | r1300 t90 | young: cub; parts: spots, long legs, tail; eats: gazelles; sound: chirps; moves: sprints
jaguar | forest animal | hard | large | yellow black | the rainforest | r1500 t90 | young: cub; parts: spots, paws, tail; eats: fish and deer; sound: roars; moves: swims and climbs
elephant | grassland animal | hard | large | gray | the grassland | r5500 t110 | young: calf; parts: trunk, tusks, big ears, tail, feet; eats: leaves and grass; sound: trumpets; moves: stomps
giraffe | grassland animal | hard | large | yellow brown | the grassland | r4500 t120 | young: calf; parts: long neck, spots, hooves, tail, tongue; eats: leaves; sound: hums; moves: strides
zebra | grassland animal | hard | large | black white | the grassland | r2300 t90 | young: foal; parts: stripes, mane, hooves, tail; eats: grass; sound: brays; moves: gallops
hippo | water animal | hard | large | gray | the river | r3500 t100 | young: calf; parts: huge mouth, ears, feet, tail; eats: grass; sound: grunts; moves: wallows
rhino | grassland animal | hard | large | gray | the grassland | r3500 t100 | young: calf; parts: horn, thick skin, feet, ears; eats: grass; sound: snorts; moves: charges
camel | desert animal | hard | large | brown | the desert | r3000 t100 | young: calf; parts: hump, long legs, lashes, feet; eats: dry plants; sound: groans; moves: sways
gorilla | forest animal | hard | large | black | the rainforest | r1600 t80 | young: infant; parts: hands, feet, chest, fur; eats: leaves and fruit; sound: grunts; moves: walks on its knuckles
monkey | forest animal | hard | medium | brown | the rainforest | r500 t70 | young: infant; parts: long tail, hands, feet, ears; eats: fruit and leaves; sound: chatters; moves: swings
sloth | forest animal | hard | medium | brown | the rainforest | r600 t70 | young: pup; parts: long claws, arms, fur; eats: leaves; moves: hangs and creeps
kangaroo | grassland animal | hard | large | brown | the grassland | r1500 t90 | young: joey; parts: pouch, long tail, big feet, ears; eats: grass; moves: hops
platypus | water animal | hard | small | brown | the river | r500 t70 | young: puggle; parts: bill, webbed feet, flat tail, fur; eats: water bugs; moves: paddles; plural: platypuses
armadillo | desert animal | hard | small | brown gray | the desert | r700 t70 | young: pup; parts: armor, claws, tail; eats: ants; moves: rolls up
snake | reptile | hard | medium | green brown | the grass | r900 t150x20x15 | young: hatchling; stages: egg, hatchling, snake; parts: scales, tongue, fangs, tail; eats: mice; sound: hisses; moves: slithers
rattlesnake | reptile | hard | medium | brown | the desert | r1000 t150x20x15 | young: hatchling; parts: rattle, fangs, scales; eats: mice; sound: rattles; moves: slithers
lizard | reptile | hard | small | green brown | the rocks | r150 t80 | young: hatchling; parts: tail, scales, tongue, claws; eats: bugs; moves: darts
chameleon | reptile | hard | small | green | the rainforest | r250 t80 | young: hatchling; parts: curled tail, long tongue, eyes; eats: bugs; moves: creeps and changes color
iguana | reptile | hard | medium | green | the rainforest | r1500 t90 | young: hatchling; parts: spines, tail, claws; eats: leaves; moves: climbs
gecko | reptile | hard | small | green orange | the rainforest | r150 t70 | young: hatchling; parts: sticky toes, tail, eyes; eats: bugs; moves: climbs walls
turtle | reptile | hard | small | green brown | the pond | r250 t60 | young: hatchling; stages: egg, hatchling, turtle; parts: shell, legs, head, tail; eats: plants and bugs; moves: plods
tortoise | reptile | hard | medium | brown green | the desert | r400 t70 | young: hatchling; stages: egg, hatchling, tortoise; parts: shell, legs, head, beak; eats: grass; moves: plods
crocodile | reptile | hard | large | green | the river | r4000 t120 | young: hatchling; stages: egg, hatchling, crocodile; parts: jaws, teeth, scales, tail; eats: fish; sound: growls; moves: lurks and snaps
alligator | reptile | hard | large | green | the swamp | r3500 t120 | young: hatchling; stages: egg, hatchling, alligator; parts: jaws, teeth, scales, tail; eats: fish; sound: bellows; moves: lurks and snaps
dinosaur | long ago | hard | large | green brown gray | long ago | r10000 t110 | young: hatchling; stages: egg, hatchling, dinosaur; parts: claws, teeth, tail, spikes; eats: plants or meat; sound: roars; moves: stomps
triceratops | long ago | hard | large | green gray | long ago | r8000 t110 | young: hatchling; parts: horns, frill, beak, tail; eats: plants; sound: roars; moves: charges; plural: triceratops
stegosaurus | long ago | hard | large | green | long ago | r8000 t110 | young: hatchling; parts: plates, tail spikes, beak; eats: plants; moves: plods; plural: stegosauruses
tyrannosaurus | long ago | hard | large | brown green | long ago | r12000 t120 | young: hatchling; parts: jaws, teeth, small arms, tail; eats: meat; sound: roars; moves: stomps; plural: tyrannosauruses
pterodactyl | long ago | hard | large | brown | long ago | r1000 t110 | young: hatchling; parts: wings, beak, crest, claws; eats: fish; sound: screeches; moves: glides
mammoth | long ago | hard | large | brown | long ago | r5000 t110 | young: calf; parts: curved tusks, trunk, shaggy fur; eats: grass; sound: trumpets; moves: stomps
butterfly | insect | hard | small | orange yellow blue | the meadow | r80 t50 | young: caterpillar; stages: egg, caterpillar, chrysalis, butterfly; parts: wings, antennae, body, legs, tongue; eats: nectar; moves: flutters
moth | insect | hard | small | brown white | the night | r50 t50 | young: caterpillar; stages: egg, caterpillar, cocoon, moth; parts: wings, feathery antennae, body; eats: nectar; moves: flutters around lights
caterpillar | insect | soft | small | green | a leaf | r50 t60 | stages: egg, caterpillar, chrysalis, butterfly; parts: legs, jaws, stripes, body; eats: leaves; moves: inches along
bee | insect | hard | small | yellow black | a hive | r15 t40 | young: larva; stages: egg, larva, pupa, bee; parts: wings, stinger, stripes, antennae, legs; eats: nectar and pollen; sound: buzzes; moves: flies from flower to flower
bumblebee | insect | soft | small | yellow black | the meadow | r20 t40 | young: larva; parts: fuzzy body, wings, stinger; eats: nectar and pollen; sound: buzzes; moves: bumbles along
wasp | insect | hard | small | yellow black | a nest | r15 t40 | young: larva; parts: wings, stinger, thin waist; eats: bugs and fruit; sound: buzzes; moves: darts
ladybug | insect | hard | small | red black | a leaf | r8 t40 | young: larva; stages: egg, larva, pupa, ladybug; parts: spots, wings, antennae, legs; eats: aphids; moves: crawls and flies
ant | insect | hard | small | black brown | the soil | r6 t40 | young: larva; stages: egg, larva, pupa, ant; parts: antennae, jaws, legs, body; eats: crumbs and seeds; moves: marches in a line
spider | small animal | hard | small | black brown | a web | r20 t50 | young: spiderling; stages: egg sac, spiderling, spider; parts: eight legs, eyes, spinnerets, body; eats: flies; moves: spins and creeps
fly | insect | hard | small | black | the house | r8 t40 | young: maggot; plural: flies; stages: egg, maggot, pupa, fly; parts: wings, big eyes, legs; eats: food scraps; sound: buzzes; moves: zips
mosquito | insect | hard | small | gray | the pond | r6 t40 | young: larva; stages: egg, larva, pupa, mosquito; parts: long legs, wings, thin mouth; eats: nectar; sound: whines; moves: hovers; plural: mosquitoes
firefly | insect | hard | small | black yellow | the meadow | r12 t40 | young: glowworm; stages: egg, larva, pupa, firefly; parts: light, wings, antennae; eats: snails when young; moves: blinks in the dark
dragonfly | insect | hard | small | blue green | the pond | r70 t60 | young: nymph; stages: egg, nymph, dragonfly; parts: four wings, big eyes, long body; eats: mosquitoes; moves: zooms
grasshopper | insect | hard | small | green | the meadow | r40 t50 | young: nymph; stages: egg, nymph, grasshopper; parts: long back legs, wings, antennae; eats: grass; sound: chirps; moves: jumps
cricket | insect | hard | small | black brown | the grass | r25 t40 | young: nymph; stages: egg, nymph, cricket; parts: long back legs, wings, antennae; eats: plants; sound: chirps; moves: jumps
praying mantis | insect | hard | small | green | the garden | r75 t70 | young: nymph; parts: folded front legs, wings, big eyes; eats: bugs; moves: waits and snatches; plural: praying mantises
beetle | insect | hard | small | black green | the soil | r20 t40 | young: grub; stages: egg, grub, pupa, beetle; parts: hard wings, jaws, legs; eats: leaves; moves: crawls
cicada | insect | hard | small | green black | a tree | r40 t50 | young: nymph; stages: egg, nymph, cicada; parts: clear wings, big eyes, legs; eats: tree sap; sound: drones; moves: flies and clings
bug | insect | hard | small | black green red | the garden | r10 t40 | parts: legs, antennae, wings; eats: leaves; moves: crawls
worm | small animal | soft | small | pink brown | the soil | r100 t90x8x8 | parts: rings, head end, tail end; eats: dead leaves; moves: wriggles
snail | small animal | hard | small | brown | the garden | r35 t50 | stages: egg, baby snail, snail; parts: shell, foot, tentacles, eyes; eats: leaves; moves: glides on slime
slug | small animal | soft | small | brown gray | the garden | r60 t60 | parts: foot, tentacles, slime; eats: leaves; moves: glides on slime
pill bug | small animal | hard | small | gray | the soil | r10 t30 | parts: plates, many legs, antennae; eats: dead leaves; moves: rolls into a ball
centipede | small animal | hard | small | brown orange | the soil | r50 t70x15x10 | parts: many legs, jaws, antennae; eats: bugs; moves: races
scorpion | small animal | hard | small | brown black | the desert | r80 t60 | parts: claws, stinger, curved tail; eats: bugs; moves: scuttles
feather | found outdoors | soft | small | white blue gray | a nest | r100x20x2 | parts: shaft, vane, fluff; moves: floats down
nest | home | plant | medium | brown | a tree | r150 t90 | parts: twigs, grass, mud, lining
hive | home | hard | medium | yellow brown | a tree | r400 t90 | parts: honeycomb, door, honey
web | home | soft | medium | white | the garden | r400 t100 | parts: threads, spiral, center
cocoon | home | soft | small | white brown | a twig | r40 t50 | parts: silk, moth inside
den | home | hard | large | brown | the forest | r2000 t120 | parts: opening, tunnel, bed of leaves
doghouse | home | hard | large | red brown | the yard | r900 t90 | parts: roof, door, floor
birdhouse | home | hard | medium | brown red | a tree | r250 t90 | parts: hole, roof, perch
aquarium | home | hard | large | blue | the house | r600 t100 | parts: glass, water, gravel, plants
paw | part of an animal | paper | small | brown | the animal | r60 t60 | parts: pads, claws, fur
tail | part of an animal | soft | small | brown | the animal | r200 t120x25x25
wing | part of an animal | paper | medium | white brown | the animal | r200 t120x70x5 | parts: feathers, bones
`

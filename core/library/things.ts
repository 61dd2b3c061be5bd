import type { MadeOf, ThemeObject } from '../domain'

/**
 * What is commonly known of things that themes are made of: kind | what a toy or a real one is usually made of | size beside others |
 * colours | where it lives or is used | its young | its stages. A start that the provider changes where it is not so.
 */
const KNOWN = `
whale: sea animal | hard | large | grey blue | the sea | calf
dolphin: sea animal | hard | large | grey | the sea | calf
shark: sea animal | hard | large | grey | the sea | pup
seal: sea animal | hard | medium | grey brown | the sea | pup
crab: sea animal | hard | small | red orange | the beach
lobster: sea animal | hard | small | red | the sea
octopus: sea animal | hard | medium | red purple | the sea
jellyfish: sea animal | soft | small | white pink | the sea
starfish: sea animal | hard | small | orange red | the sea
sea turtle: sea animal | hard | medium | green brown | the sea | hatchling | egg, hatchling, turtle
fish: water animal | hard | small | orange silver | the water | fry | egg, fry, fish
shell: found outdoors | hard | small | white pink brown | the beach
pearl: found outdoors | hard | small | white | a shell
seaweed: plant | plant | medium | green brown | the sea
boat: vehicle | hard | large | white red | the water
ship: vehicle | hard | large | white grey | the sea
anchor: tool | hard | medium | grey black | a ship
lighthouse: building | hard | large | red white | the coast
bucket: tool | hard | medium | red blue yellow | the beach
frog: pond animal | hard | small | green | the pond | tadpole | frogspawn, tadpole, froglet, frog
toad: pond animal | hard | small | brown | the garden | tadpole | spawn, tadpole, toad
duck: bird | hard | medium | yellow white brown | the pond | duckling | egg, duckling, duck
swan: bird | hard | large | white | the pond | cygnet | egg, cygnet, swan
goose: bird | hard | medium | white grey | the farm | gosling | egg, gosling, goose
chicken: farm animal | hard | medium | brown white red | the farm | chick | egg, chick, chicken
rooster: farm animal | hard | medium | red brown | the farm
cow: farm animal | hard | large | black white brown | the farm | calf
horse: farm animal | hard | large | brown black white | the farm | foal
pig: farm animal | hard | medium | pink | the farm | piglet
sheep: farm animal | hard | medium | white | the farm | lamb
goat: farm animal | hard | medium | white brown | the farm | kid
donkey: farm animal | hard | large | grey | the farm | foal
cat: pet | hard | small | black orange grey | the house | kitten
dog: pet | hard | medium | brown black white | the house | puppy
rabbit: pet | hard | small | white brown grey | a burrow | kit
mouse: small animal | hard | small | grey brown | a burrow | pup
hamster: pet | hard | small | brown white | the house | pup
owl: bird | hard | medium | brown white | the forest | owlet | egg, owlet, owl
eagle: bird | hard | large | brown white | the mountains | eaglet
penguin: bird | hard | medium | black white | the ice | chick | egg, chick, penguin
parrot: bird | hard | small | green red blue | the rainforest | chick
feather: found outdoors | soft | small | white blue grey | a wing
nest: home | plant | medium | brown | a tree
egg: food | food | small | white brown | a nest
bear: forest animal | hard | large | brown black white | the forest | cub
fox: forest animal | hard | medium | orange white | the forest | kit
wolf: forest animal | hard | large | grey | the forest | pup
deer: forest animal | hard | large | brown | the forest | fawn
squirrel: forest animal | hard | small | red grey | the forest | kit
hedgehog: forest animal | hard | small | brown | the garden | hoglet
raccoon: forest animal | hard | medium | grey black | the forest | kit
beaver: forest animal | hard | medium | brown | the river | kit
bat: night animal | hard | small | black brown | a cave | pup
lion: grassland animal | hard | large | yellow brown | the grassland | cub
tiger: forest animal | hard | large | orange black | the forest | cub
elephant: grassland animal | hard | large | grey | the grassland | calf
giraffe: grassland animal | hard | large | yellow brown | the grassland | calf
zebra: grassland animal | hard | large | black white | the grassland | foal
monkey: forest animal | hard | medium | brown | the rainforest | infant
kangaroo: grassland animal | hard | large | brown | the grassland | joey
snake: reptile | hard | medium | green brown | the grass | hatchling
lizard: reptile | hard | small | green brown | the rocks | hatchling
turtle: reptile | hard | small | green brown | the pond | hatchling | egg, hatchling, turtle
crocodile: reptile | hard | large | green | the river | hatchling
dinosaur: long ago | hard | large | green brown grey | long ago | hatchling
fossil: found outdoors | hard | small | grey brown | the rocks
butterfly: insect | hard | small | orange yellow blue | the meadow | caterpillar | egg, caterpillar, chrysalis, butterfly
caterpillar: insect | hard | small | green | a leaf
bee: insect | hard | small | yellow black | a hive | larva | egg, larva, pupa, bee
ladybug: insect | hard | small | red black | a leaf | larva | egg, larva, pupa, ladybug
ant: insect | hard | small | black brown | the soil | larva | egg, larva, pupa, ant
spider: small animal | hard | small | black brown | a web | spiderling
worm: small animal | soft | small | pink brown | the soil
snail: small animal | hard | small | brown | the garden
dragonfly: insect | hard | small | blue green | the pond | nymph | egg, nymph, dragonfly
grasshopper: insect | hard | small | green | the meadow | nymph
beetle: insect | hard | small | black green | the soil | grub
flower: plant | plant | small | red yellow white pink | the meadow || seed, sprout, bud, flower
sunflower: plant | plant | large | yellow brown | the garden || seed, sprout, bud, sunflower
tulip: plant | plant | small | red yellow pink | the garden || bulb, sprout, bud, tulip
rose: plant | plant | small | red pink white | the garden
tree: plant | plant | large | green brown | the forest || seed, sprout, young tree, tree
leaf: plant part | plant | small | green yellow red brown | a tree || bud, green leaf, brown leaf
acorn: seed | plant | small | brown | an oak || acorn, sprout, young oak, oak
pine cone: seed | plant | small | brown | a pine
seed: seed | plant | small | brown black | the soil || seed, sprout, plant
root: plant part | plant | small | brown white | the soil
grass: plant | plant | small | green | the meadow
mushroom: living thing | hard | small | red white brown | the forest
cactus: plant | hard | medium | green | the desert
moss: plant | plant | small | green | the stones
apple: fruit | food | small | red green yellow | a tree || seed, tree, blossom, apple
pear: fruit | food | small | green yellow | a tree
banana: fruit | food | small | yellow | a tree
orange: fruit | food | small | orange | a tree
lemon: fruit | food | small | yellow | a tree
strawberry: fruit | food | small | red | the garden
grape: fruit | food | small | green purple | a vine
watermelon: fruit | food | large | green red | the field
pumpkin: vegetable | food | large | orange | the field || seed, vine, flower, pumpkin
carrot: vegetable | food | small | orange | the soil || seed, sprout, carrot
potato: vegetable | food | small | brown | the soil
tomato: vegetable | food | small | red | the garden || seed, flower, green tomato, red tomato
corn: vegetable | food | medium | yellow | the field || seed, sprout, stalk, corn
pea: vegetable | food | small | green | a pod
onion: vegetable | food | small | white red | the soil
bread: food | food | medium | brown | the bakery || grain, flour, dough, bread
roll: food | food | small | brown | the bakery
cake: food | food | large | brown pink white | the bakery || batter, warm cake, decorated cake
cookie: food | food | small | brown | the bakery
pretzel: food | food | small | brown | the bakery
muffin: food | food | small | brown | the bakery
dough: food | food | medium | white | the bakery
flour: food | food | medium | white | the bakery
milk: drink | food | medium | white | the kitchen
cheese: food | food | medium | yellow | the kitchen
honey: food | food | small | gold | a hive
pizza: food | food | large | red yellow | the oven
oven: tool | hard | large | grey black | the kitchen
rolling pin: tool | hard | medium | brown | the kitchen
whisk: tool | hard | small | silver | the kitchen
spoon: tool | hard | small | silver brown | the kitchen
bowl: tool | hard | medium | white blue | the kitchen
pan: tool | hard | medium | black | the kitchen
apron: clothing | soft | medium | white blue | the kitchen
car: vehicle | hard | small | red blue green | the road
truck: vehicle | hard | large | red blue yellow | the road
bus: vehicle | hard | large | yellow red | the road
train: vehicle | hard | large | green red | the rails
tram: vehicle | hard | large | red white | the rails
bicycle: vehicle | hard | medium | red blue | the road
tractor: vehicle | hard | large | green red | the farm
digger: vehicle | hard | large | yellow | the building site
crane: vehicle | hard | large | yellow | the building site
dump truck: vehicle | hard | large | yellow orange | the building site
fire engine: vehicle | hard | large | red | the fire station
ambulance: vehicle | hard | large | white red | the hospital
airplane: vehicle | hard | large | white blue | the sky
helicopter: vehicle | hard | medium | red white | the sky
rocket: vehicle | hard | large | white red | space
hot air balloon: vehicle | paper | large | red yellow blue | the sky
kite: flies | paper | medium | red blue yellow | the sky
pinwheel: spins | paper | small | red blue | the garden
wheel: small part | hard | medium | black | a vehicle
hammer: tool | hard | medium | brown grey | the workshop
saw: tool | hard | medium | grey | the workshop
wrench: tool | hard | small | silver | the workshop
screw: small part | hard | small | silver | the workshop
nail: small part | hard | small | grey | the workshop
brick: building stuff | hard | small | red | the building site
ladder: tool | hard | large | brown silver | the building site
helmet: clothing | hard | medium | yellow red white | the building site
rope: tool | soft | medium | white brown | the workshop
house: building | hard | large | red white | the street
tent: home | soft | large | green orange | the campsite
castle: building | hard | large | grey | the hill
bridge: building | hard | large | grey | the river
moon: sky | hard | medium | white grey | space || new moon, half moon, full moon
sun: sky | hard | large | yellow | space || sunrise, noon, sunset
star: sky | hard | small | yellow white | space
planet: sky | hard | large | blue red | space
astronaut: person | hard | medium | white | space
cloud: weather | soft | medium | white grey | the sky
rain: weather | paper | medium | blue grey | the sky
rainbow: weather | paper | large | red yellow green blue | the sky
snow: weather | soft | medium | white | the sky
snowflake: weather | paper | small | white | the sky
snowman: figure | soft | large | white || | snowball, three balls, snowman
ice: weather | hard | small | white blue | the pond
thunder: weather | paper | large | grey | the sky
lightning: weather | paper | large | yellow | the sky
umbrella: tool | hard | large | red blue black | the rain
boot: clothing | hard | medium | yellow red blue | the rain
mitten: clothing | soft | small | red blue | the cold
scarf: clothing | soft | medium | red blue green | the cold
hat: clothing | soft | small | red blue black | the head
coat: clothing | soft | large | blue red | the cold
sock: clothing | soft | small | white blue red | the foot
shoe: clothing | hard | medium | black brown red | the foot
shirt: clothing | soft | medium | white blue | the body
dress: clothing | soft | large | red blue | the body
button: small part | hard | small | white black red | a shirt
drum: instrument | hard | large | red brown | the band
bell: instrument | hard | small | gold silver | the band
flute: instrument | hard | small | silver brown | the band
guitar: instrument | hard | large | brown | the band
trumpet: instrument | hard | medium | gold | the band
violin: instrument | hard | medium | brown | the band
piano: instrument | hard | large | black white | the stage
letter: post | paper | small | white | the mailbox || paper, letter, envelope, delivered
stamp: post | paper | small | red blue | a letter
parcel: post | paper | large | brown | the mailbox
doctor: person | hard | medium | white | the clinic
nurse: person | hard | medium | blue white | the clinic
bandage: tool | soft | small | white | the clinic
firefighter: person | hard | medium | yellow black | the fire station
farmer: person | hard | medium | blue green | the farm
baker: person | hard | medium | white | the bakery
hose: tool | soft | large | red green | the fire station
basket: tool | hard | medium | brown | the market
coin: money | hard | small | gold silver | the market
scale: tool | hard | medium | silver | the market
book: for reading | paper | medium | red blue | the library
pencil: tool | hard | small | yellow red | the desk
paintbrush: tool | hard | small | brown red | the easel
ball: toy | soft | medium | red yellow blue | the yard
block: toy | hard | small | red blue green | the rug
doll: toy | soft | medium | pink brown | the bed
teddy bear: toy | soft | medium | brown | the bed
puzzle: toy | hard | medium | blue green | the table
stone: found outdoors | hard | small | grey white | the river
sand: found outdoors | hard | small | yellow | the beach
log: plant part | hard | large | brown | the forest
stick: plant part | plant | small | brown | the forest
lantern: light | paper | medium | yellow red | the evening
candle: light | hard | small | white | the table
flashlight: light | hard | small | black red | the night
mirror: in the room | hard | medium | silver | the wall
clock: in the room | hard | medium | white | the wall
key: tool | hard | small | silver gold | the door
suitcase: tool | hard | large | brown blue | the journey
map: tool | paper | medium | green blue | the journey
compass: tool | hard | small | silver | the journey
tooth: part of the body | hard | small | white | the mouth
toothbrush: tool | hard | small | blue red green | the bathroom
soap: for washing | hard | small | white pink | the bathroom
towel: for washing | soft | large | white blue | the bathroom
hand: part of the body | paper | small | brown pink | the arm
`

/** What is commonly known of things, by their name in the singular. */
export const KNOWN_THINGS: ReadonlyMap<string, Partial<ThemeObject>> = new Map(
  KNOWN.trim().split('\n').map((line) => {
    const [name, rest] = line.split(': ')
    const [category, madeOf, size, colours, lives = '', young = '', stages = ''] = rest.split('|').map((part) => part.trim())
    return [name, {
      category, madeOf: madeOf as MadeOf, size: size as ThemeObject['size'], colours: colours.split(' ').filter(Boolean), lives, young,
      stages: stages.split(',').map((part) => part.trim()).filter(Boolean),
    }]
  }),
)

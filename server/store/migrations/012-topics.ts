import { fill, type Migration } from './migration'

/** What the ideas that had shipped until then are about. */
const ABOUT = `
kite-tails: kite, wind, pattern
print-with-wheels: wheel, car, truck, track
tissue-windows: color, light, window, stained glass
straw-blowing: wind, air, breath, color
folded-fans: fan, wind, air, summer
easel-sky: sky, cloud, weather, color
easel-spray: rain, water, drop, color
easel-tape: shape, line
dough-diamonds: shape, kite, pattern
salt-dough-tags: name, gift, tag
dough-bakery: bakery, baker, bread, roll, baking
oat-fields: field, farm, oats, tractor, harvest
rice-rescue: rice, hide and seek, search
ice-boats: ice, boat, water, cold, sea, winter
foam-sea: sea, ocean, wave, fish
sail-a-cork: boat, sail, wind, water, sea
wind-tray: wind, air, weight
grass-in-the-wind: grass, seed, plant, spring, growing, lawn
weigh-wind-bags: weight, scale, balance
bubble-science: bubble, air, soap
fizz-trails: fizz, bubble, volcano, lemon, kitchen
ramp-lab: ramp, car, wheel, ball, speed
build-a-tower-town: tower, town, city, building, house
brick-pattern-road: road, brick, pattern, street
market-stall: market, store, farm stand, money, fruit, vegetable, shop
repair-shop: tool, repair, builder, machine
travel-office: travel, train, bus, airplane, suitcase, vacation
ribbon-run: ribbon, wind, running
bubble-chase: bubble, movement
parachute-waves: parachute, wave, sea, wind, cloth
wind-finder: wind, weather, yard
five-little-kites: kite, wind, counting
sound-circle: sound, music, beat, drum
freeze-dance: dance, music, statue
bead-kite-strings: bead, kite, counting
diamond-match: shape, size, kite
tong-transfer: ball, counting
lid-puzzle: letter, name, lid
trace-the-wind: wind, line, path
wind-letters: letter, mail, friend, writing
name-kites: name, letter, kite
glow-shapes: light, shape, color
glow-letters: light, letter, sand
book-basket: book, story, reading
shadow-stories: shadow, light, story, night
snack-sails: boat, sail, snack, food
pasta-kitchen: pasta, kitchen, cooking, pot, restaurant
crinkle-nest: nest, bird, paper
corn-meal-roads: road, car, street, corn
soap-clouds: soap, cloud, foam, color
water-stations: water, rain, river, pouring
colour-rice-sort: rice, color, rainbow
leaf-bath: leaf, herb, garden, plant, fall
noodle-tangle: noodle, pasta, kitchen, worm
gem-river: river, stone, treasure, gem, water
cotton-snow: snow, winter, polar bear, cold
mud-cafe: mud, earth, kitchen, cooking, cafe, rain
frozen-paint-rub: ice, cold, winter, color, melting
texture-trail: feet, path, touch, body
treasure-basket: treasure, kitchen, touch
torn-paper-picture: paper, picture
coffee-filter-blooms: flower, garden, color, spring
weave-a-strip: weaving, cloth, pattern, basket
stamp-with-vegetables: vegetable, garden, harvest, food, apple, potato
paper-plate-faces: face, feeling, friend
box-creature: box, monster, robot, animal, machine
salt-paint-lines: salt, color, line
sun-catcher-wax: sun, light, treasure
yarn-wrap: yarn, stick, wool, color
hand-print-year: hand, body, family, gift
mobile-of-finds: balance, leaf, stick, shell, wind
bag-puppet: puppet, story, animal
fabric-collage: cloth, clothes, quilt
string-pull: string, line, color
crown-of-leaves: crown, leaf, fall, birthday
collage-map: map, street, town, neighborhood, house
clay-tiles: clay, earth, pattern
gift-paper: gift, birthday, party, holiday
nature-frame: stick, forest, tree, picture
easel-roller: color, line, stripe, builder
easel-self: mirror, face, body, family, friend
easel-big-dots: dot, circle, rain, ladybug
easel-mystery-line: line, picture
easel-magnet-tracks: magnet, track, iron
dough-cakes: cake, birthday, party, baking, bakery
dough-garden: garden, flower, vegetable, plant, seed
dough-letters: letter, name, snake
dough-scissors: scissors, snake, cutting
dough-press: track, shell, fossil, footprint
dough-worms-measure: worm, snake, measuring, earth
dough-weather: heat, cold, weather, snow
dough-faces-mats: face, feeling, body
dough-tool-bar: tool, builder, kitchen
magnet-hunt: magnet, iron, metal, nail
colour-mix-cups: color, rainbow, water
bean-window: bean, seed, plant, garden, growing, root, spring
shadow-clock: shadow, sun, light, time, summer
sound-jars: sound, music, water, jar
mirror-halves: mirror, butterfly, light
melt-race: ice, melting, sun, heat, winter
bug-safari: bug, insect, worm, ant, beetle, stone, earth, spider
celery-straw: plant, celery, water, color, vegetable
cabbage-colours: cabbage, color, vegetable, kitchen
float-foil: boat, ship, water, raft
feely-bag: touch, hand
pendulum-paint: swing, line, clock
pulley-lift: pulley, rope, crane, basket, builder, machine
light-through: light, window, shadow
gear-garden: gear, wheel, machine, bicycle
weather-station: weather, sun, rain, cloud, wind, temperature
balance-hunt: balance, weight, scale
pumpkin-inside: pumpkin, squash, seed, fall, harvest
snow-indoors: snow, winter, cold, ice
bark-and-wood: tree, wood, log, bark, forest, ring
bubble-tower: bubble, foam, air, soap
bridge-across: bridge, river, road, builder
block-prints-plan: builder, building, house, plan
domino-line: domino, counting, falling
animal-homes: animal, barn, nest, den, house, zoo, farm
gutter-run: ball, ramp, water, rain, pipe
cup-castle: castle, tower, king, queen, princess, knight
road-signs: sign, road, car, traffic light, street, builder
flower-shop: flower, store, garden, spring, bouquet
clinic: doctor, nurse, body, bandage, hospital, vet
post-office: mail, letter, post office, mail carrier, stamp, package
bakery-cafe: cafe, restaurant, bakery, cook, food, waiter
camp-out: camping, tent, campfire, night, forest, star
garage: car, mechanic, truck, tool, wheel
newsroom: news, camera, town, weather
laundry-day: laundry, clothes, water, soap, sock
baby-care: baby, family, bath, doll
theme-corner:
puppet-stage: puppet, story, theater
shopping-list: list, market, store, food
rubbing-plates: leaf, bark, coin, pattern
name-trail: name, letter
story-strip: story, picture
big-arm-lines: line, road, circle
secret-wax: secret, letter, detective
peg-lace: lace, shoe, sewing
label-the-shelf: label, word, writing
clue-map: map, treasure, pirate, island
glow-layers: light, color, leaf
glow-salt: light, salt, writing
glow-build: light, tower, building, ice
glow-shadow-guess: shadow, light, shape
pour-dry: pouring, bean, kitchen
spoon-over: spoon, kitchen, food
lock-and-key: key, lock, door, house
fold-cloths: cloth, laundry, kitchen
open-close-boxes: box, lid, gift
nuts-bolts: bolt, tool, builder, machine
sandpaper-letters: letter, touch, writing
colour-shades: color, shade
peg-number-line: number, counting
wash-a-table: cleaning, water, soap, house
match-sounds: sound, music, listening
thread-rings: ring, size, stacking
pipette-dots: drop, water, color, rain
geometric-sort: shape, ball, box
polish-shells: shell, sea, beach, stone
three-part-cards: word, picture, reading
peg-people-homes: color, family, house
clip-the-edge: clip, laundry, hand
stack-stones: stone, rock, balance, river, mountain
tie-and-zip: clothes, coat, shoe, button, zipper
good-morning-roll: name, friend, ball, greeting
animal-walks: animal, bear, frog, rabbit, zoo, jungle, farm
scarf-weather: scarf, wind, weather, storm, snow
pass-the-squeeze: hand, friend, kindness
rhythm-echo: music, drum, beat, sound, echo
mirror-me: mirror, body, movement
story-sounds: story, sound
beanbag-balance: balance, body, circus
who-is-hiding: friend, blanket, name, hide and seek
count-down-rocket: rocket, space, counting, moon
feelings-corner: feeling, friend, kindness
tiptoe-treasure: treasure, night, pirate, mouse, quiet, sleep
song-of-names: name, song, friend, music
dance-a-picture: dance, line, color, music
loud-soft-box: sound, music, drum
bell-walk: bell, sound, music, winter
read-and-find: book, picture, reading
make-a-book: book, story, writing
story-basket: story, book
listening-den: listening, quiet, sleep, blanket, night
rainbow-rolls: rainbow, vegetable, food, color
fruit-faces: fruit, face, food, banana
oat-bites: oats, food, cooking, snack
bread-shapes: bread, bakery, baker, baking, oven, flour, wheat
soup-stone: soup, vegetable, cooking, sharing, friend
shake-butter: butter, milk, cow, farm, cream
lemon-water: lemon, summer, water, fruit, drink
set-the-table: table, plate, family, restaurant, meal
cinnamon-apples: apple, fall, harvest, cooking, fruit, orchard
chalk-town: town, street, road, car, city, chalk
obstacle-story: movement, climbing, mountain, jungle, adventure
water-paint-walls: water, brush, sun, drying
nature-bracelet: leaf, flower, yard, forest, nature
plant-pots: seed, plant, garden, flower, pot, spring, growing
wheel-loads: wheel, wheelbarrow, load, builder, truck, farm
target-throw: ball, throwing, target
mud-prints: mud, track, footprint, animal, rain
family-photo-book: family, baby, grandma, house
books-in-our-languages: language, word, family, world
sound-book: book, sound, music
story-map: map, story, road
cozy-poem-box: poem, rhyme, word
read-to-a-friend: book, friend, puppet, reading
how-we-feel-pages: feeling, face, book, kindness
library-desk: library, book, librarian, stamp
glow-color-jars: color, light, jar, water
glow-nature: leaf, light, nature, flower, fall
glow-names: name, letter, light
glow-city: city, town, night, light, building
glow-lines: light, line, salt
glow-music: music, shadow, dance, light
glow-halves: light, shape, butterfly, heart, paper
easel-music-lines: music, line, sound
easel-skin-tones: skin, color, hand, family, friend, body
easel-window: window, tree, weather, season
easel-tape-resist: line, shape, street
easel-two-brushes: brush, line, butterfly
easel-story-weather: weather, rain, sun, cloud, storm, story
`
const TOPICS: ReadonlyMap<string, string[]> = new Map(
  ABOUT.trim()
    .split('\n')
    .map((line) => {
      const [id, topics] = line.split(':')
      return [id, topics.split(',').flatMap((one) => one.trim() || [])]
    }),
)

/** Ideas say what they are about, and a home keeps pictures of its own. */
export const topicsAndPictures: Migration = {
  name: '012-topics',
  async up(db) {
    await fill(db, 'activities', (body) => ({
      topics: body.source === 'shipped' ? (TOPICS.get(String(body.id)) ?? []) : [],
      ...body,
    }))
    await db.schema.createTable('pictures', (t) => {
      t.string('id', 64).primary()
      t.string('type', 30).notNullable()
      t.binary('bytes').notNullable()
      t.string('made_at', 30).notNullable()
    })
  },
}

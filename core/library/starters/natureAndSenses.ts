/** Seasons, weather, living places, sky, light and sound. How a theme is written stands in `index.ts`. */
export const NATURE_AND_SENSES = `
A bakery | bakery, baker, bread, baking, baker's, dough
big: Flour, water and heat become bread.
objects: loaf, roll, pretzel, oven, rolling pin, apron, whisk, mixing bowl, timer, flour
words: knead, rise, crust, dough, bake, yeast
ask: What makes bread puff up? / Who bakes while we sleep? / What smells good in a bakery?
place: the bakery; roles: baker, cashier, customer, delivery driver; props: apron, tray, rolling pin, basket, play money; signs: Open, Fresh bread, Prices
bin: a flour mill of oats with scoops, pans and rolls
science: What does yeast do in warm water with sugar, and in cold?
doing: knead, roll, pat, stir, rise
books: a book about bread around the world, a recipe book, a story of something baked together
outing: a walk to a bakery window, to smell and to count the kinds
event: a bakery that sells to the families; snack: rolls that the kids shaped; game: carry a tray of rolls without dropping one; craft: paper chef hats; bring: a favorite bread from home
focus: B, 12

Seasons turn | seasons, four seasons, the year, season
big: The year goes around and comes back.
objects: leaf, snowflake, flower, sun, mitten, umbrella, apple, coat, boot
words: spring, summer, fall, winter, change
ask: What changes on our tree? / What do you wear today? / What comes after winter?
place: the weather closet; roles: dresser, weather reporter, shopper; props: coats, hats, boots, mirror, calendar; signs: Spring, Summer, Fall, Winter
bin: four corners of one bin: leaves, white cotton, green grass, yellow sand
science: How long is our shadow each week at snack time?
doing: fall, sprout, shiver, shine, blow
books: a book for each season, a book about one tree through a year
outing: the same tree four times, with a photo each time
event: four seasons in one day; snack: fruit of each season; game: dress for the weather relay; craft: a tree with four sides; bring: a photo of each season
focus: S, 4

Fall leaves | fall, autumn, leaves, leaf
big: Trees let go of their leaves and rest.
objects: leaf, acorn, pine cone, rake, pumpkin, apple, squirrel, basket, twig
words: fall, crisp, branch, change, gather
ask: Why do leaves turn red? / Where do acorns go? / What does a dry leaf sound like?
place: the leaf market; roles: gatherer, sorter, shopper; props: baskets, rakes, scale, leaf money; signs: Big leaves, Small leaves, Acorns
bin: dry leaves with hidden acorns and scoops
science: Which colors hide in a green leaf?
doing: twirl, crunch, rake, float, pile
books: a book about trees, a book of animals that get ready for winter
outing: a walk with a bag for what has fallen
event: a leaf party; snack: apple slices; game: jump in the pile; craft: leaf prints; bring: leaves from your street
focus: L, 10

Winter and snow | winter, snow, snowman, cold, snowflakes
big: Cold changes water, animals and what we wear.
objects: snowflake, snowman, mitten, scarf, sled, boot, icicle, penguin, hat
words: freeze, melt, cold, slide, warm
ask: Where does the snow go? / How do animals stay warm? / What melts fastest?
place: the warm cabin; roles: host, guest, cook; props: blankets, mugs, mittens, a paper fire; signs: Come in, Hot soup, Boots here
bin: white rice or cotton with scoops, trees and small sleds
science: Which mitten keeps an ice cube longest?
doing: slide, stomp, shiver, melt, roll
books: a book about snow, a book about animals in winter
outing: tracks in the snow, or frost on the grass
event: a cozy day; snack: warm soup; game: mitten match relay; craft: paper snowflakes; bring: a warm hat to show
focus: W, 6

Spring grows | spring, sprouts, blossoms, growing
big: Warm days wake seeds, bugs and birds.
objects: seed, sprout, tulip, robin, nest, worm, umbrella, watering can, caterpillar
words: bud, sprout, bloom, hatch, puddle
ask: What does a seed need? / Who builds a nest near us? / Where do worms go when it rains?
place: the garden shop; roles: gardener, cashier, customer; props: pots, trowels, seed packets, watering can; signs: Seeds, Flowers, Water me
bin: potting soil or shredded paper with pots, seeds and large flowers
science: Which seed sprouts first on a wet towel?
doing: sprout, stretch, dig, water, bloom
books: a book about seeds, a book about birds and nests
outing: look for the first green things
event: plant sale for families; snack: sprouts and dip; game: worm wriggle race; craft: paper-cup flowers; bring: a clean pot
focus: S, 5

Summer at the beach | beach, sand, seashore, summer beach
big: Waves bring things and carry them away.
objects: shell, crab, bucket, shovel, starfish, seagull, beach ball, towel, boat
words: wave, tide, shore, sand, float
ask: Who left these tracks? / Where do shells come from? / What floats back?
place: the beach day; roles: lifeguard, snack seller, swimmer; props: towels, sunglasses, buckets, whistle; signs: Flag green, Ice pops, Shells
bin: play sand with shells too large to swallow, scoops and a bowl of water
science: Which things wash ashore and which sink?
doing: splash, float, dig, wave, scuttle
books: a book about tide pools, a book about one day at the beach
outing: a sandbox, a lake shore or a stream with an adult for each hand
event: beach day in the yard; snack: melon; game: sand castle count; craft: shell prints; bring: a towel
focus: S, 8

Rain and weather | weather, rain, rainy day, storm, clouds
big: The sky is never the same for long.
objects: umbrella, cloud, raindrop, boot, rainbow, sun, kite, thermometer, puddle
words: rain, drip, wind, cloud, puddle
ask: Where does rain come from? / What does thunder sound like? / How can we tell it is windy?
place: the weather station; roles: reporter, camera person, mapmaker; props: map, pointer, microphone, weather cards; signs: Today, Tomorrow, On air
bin: water with droppers, cups with holes and a large umbrella top
science: How much rain falls in our jar this week?
doing: drip, splash, blow, pour, shine
books: a book about clouds, a story of a rainy day
outing: a puddle walk in boots
event: a weather show; snack: blue gelatin cups; game: puddle jump; craft: a rain stick; bring: boots
focus: R, 7

Wind and kites | wind, kites, kite, breeze
big: You cannot see the wind, but you can see what it does.
objects: kite, pinwheel, feather, flag, leaf, sailboat, bubble wand, scarf, windmill
words: gust, lift, flutter, breeze, string
ask: What can the wind carry? / Where is the wind from today? / What moves without being touched?
place: the kite workshop; roles: maker, tester, seller; props: paper, tape, streamers, order forms; signs: Orders, Test flight, Sold
bin: feathers, scarves and paper strips with fans made of card
science: What does a fan push and what stays?
doing: blow, flutter, soar, twirl, drift
books: a book about wind, a story of something that flew away
outing: flags and trees on a windy corner
event: a kite morning; snack: popped rice cakes; game: keep the feather up; craft: a paper-bag kite; bring: a scarf
focus: K, 5

A walk in the forest | forest, woods, trees, in the woods
big: A forest is a home for many.
objects: tree, owl, fox, acorn, pine cone, mushroom, log, squirrel, deer, leaf
words: bark, trail, burrow, branch, nest
ask: Who lives in this tree? / What is under a log? / How old is a tree?
place: the ranger station; roles: ranger, hiker, guide; props: map, binoculars, backpacks, badge; signs: Trail, Quiet please, Animals live here
bin: bark, pine cones and moss with large forest animals
science: What lives under the log, and what does it eat?
doing: creep, climb, dig, hoot, hide
books: a book about forest animals, a book about trees
outing: a walk with one spot where all sit still and listen
event: a forest picnic; snack: trail mix made of what all may eat; game: find your tree by touch; craft: bark rubbings; bring: a pine cone
focus: F, 6

Life in the pond | pond, ponds, tadpoles, frogs
big: A pond holds a whole life in still water.
objects: frog, tadpole, duck, lily pad, dragonfly, turtle, fish, cattail, snail
words: pond, ripple, hop, swim, hatch
ask: What becomes of a tadpole? / Who can walk on water? / What is under the lily pad?
place: the nature center; roles: guide, visitor, caretaker; props: nets, magnifying glasses, clipboards; signs: Look with your eyes, Frogs, Feeding time
bin: shallow water with lily pads of foam, frogs and ducks
science: Which leaf makes the best boat for a frog?
doing: hop, paddle, dive, ripple, croak
books: a book about frogs, a book about pond life
outing: the edge of a pond with an adult for each hand
event: frog day; snack: cucumber lily pads; game: leap from pad to pad; craft: folded frogs; bring: nothing
focus: P, 5

On the farm | farm, barn, farm animals, farmer
big: Farms grow what we eat and wear.
objects: cow, pig, chicken, sheep, horse, tractor, barn, hay, egg, corn
words: barn, herd, harvest, milk, feed
ask: What does each animal give us? / Who gets up first? / What do animals eat?
place: the farm stand; roles: farmer, seller, shopper; props: baskets, eggs, scale, play money; signs: Eggs, Milk, Pick your own
bin: oats or corn with barns, animals and tractors
science: What turns cream into butter?
doing: gallop, waddle, milk, plow, peck
books: a book about farm work, a book of animals and their babies
outing: a farm, a market or a garden
event: a farmers' market; snack: corn and vegetables; game: herd the sheep; craft: wool sheep; bring: a vegetable to share
focus: F, 10

Under the sea | ocean, sea, under the sea, sea animals
big: The sea is full of life we seldom see.
objects: whale, octopus, fish, shark, crab, shell, sea turtle, starfish, submarine, coral
words: deep, wave, fin, dive, coral
ask: Who lives deepest? / How do fish breathe? / How do whales talk?
place: the submarine; roles: captain, diver, scientist; props: periscope, maps, goggles, logbook; signs: Dive, Up, Quiet
bin: blue water or blue rice with large sea animals and nets
science: Why does a whale stay warm: a hand in a bag of shortening in ice water?
doing: dive, glide, swim, float, pinch
books: a book about sea animals, a story about a journey by sea
outing: an aquarium or a pet shop tank
event: ocean day; snack: orange-slice fish; game: octopus tag; craft: paper-plate fish; bring: something blue
focus: O, 8

Bugs and insects | bugs, insects, bug, minibeasts, creepy crawlies
big: The smallest neighbors do big work.
objects: ant, bee, ladybug, butterfly, caterpillar, spider, grasshopper, leaf, magnifying glass
words: antenna, wing, crawl, hive, cocoon
ask: How many legs? / What do ants carry? / How does a caterpillar change?
place: the bug lab; roles: scientist, artist, keeper; props: magnifying glasses, jars of plastic, clipboards, charts; signs: Bugs at work, Open slowly, Count the legs
bin: soil or shredded paper with large bugs and leaves
science: What do ants choose: sugar, salt or bread?
doing: crawl, flutter, march, buzz, spin
books: a book about insects, a story with a bug in it
outing: a slow walk with eyes on the ground
event: bug day; snack: vegetable bugs; game: ant parade; craft: egg-carton caterpillars; bring: nothing
focus: B, 6

Butterflies | butterfly, butterflies, caterpillar, metamorphosis
big: A living thing can change completely.
objects: butterfly, caterpillar, egg, cocoon, leaf, flower, moth, twig, bee
words: hatch, crawl, spin, wings, change
ask: What is inside the chrysalis? / What do butterflies drink? / Where do they sleep?
place: the butterfly house; roles: keeper, visitor, painter; props: nets, flowers, wings of cloth, charts; signs: Walk slowly, Eggs, Wings drying
bin: green paper grass with pipe-cleaner caterpillars, leaves and flowers
science: What does it look like each day, from egg to wings?
doing: munch, spin, stretch, flutter, land
books: a book about butterflies, a story about changing
outing: look for chewed leaves and who chewed them
event: wings day; snack: fruit wings; game: caterpillar crawl; craft: blotted butterflies; bring: a bright sock
focus: B, 4

Under the ground | underground, burrow, worms, soil, dig
big: There is a busy world under our feet.
objects: worm, mole, ant, root, potato, fox, stone, shovel, carrot, tunnel
words: burrow, soil, root, dig, tunnel
ask: Who lives down there? / What do roots do? / What would we find if we dug?
place: the dig site; roles: digger, mapper, keeper; props: shovels, brushes, buckets, map; signs: Dig here, Found, Museum
bin: soil with roots, large stones and hidden potatoes
science: How fast do worms mix sand and soil in a jar?
doing: dig, wiggle, tunnel, push, sniff
books: a book about soil, a book about animals underground
outing: lift a stone, look, and put it back
event: a dig; snack: roots we eat; game: tunnel crawl; craft: a worm's eye picture; bring: a spoon
focus: D, 7

Space | space, planets, rocket, outer space, astronaut, moon
big: We live on one small ball among many.
objects: rocket, moon, star, planet, astronaut, sun, earth, telescope, comet
words: orbit, launch, crater, gravity, planet
ask: What is on the moon? / Why does the moon change? / How do astronauts eat?
place: mission control; roles: astronaut, controller, engineer; props: helmets, buttons, headphones, countdown cards; signs: Launch, Danger, Mission control
bin: black paper strips with foam stars and rockets
science: What makes a bigger crater: a high drop or a heavy ball?
doing: launch, float, orbit, land, spin
books: a book about planets, a story about a trip to the moon
outing: look for the moon by day
event: launch day; snack: food in a bag; game: countdown relay; craft: a tube rocket; bring: a cardboard tube
focus: S, 10

Day and night | night, nighttime, day and night, dark, moonlight
big: The earth turns, and we sleep.
objects: moon, star, owl, bat, lantern, pillow, flashlight, sun, clock
words: dark, glow, dawn, sleep, shadow
ask: Who is awake at night? / What makes a shadow? / Why do we sleep?
place: the night market; roles: seller, lantern maker, guest; props: lanterns, blankets, stalls, bells; signs: Open at night, Lanterns, Soft voices
bin: black paper with glow stars of foam and small lanterns
science: Which things shine by themselves and which only in light?
doing: glow, tiptoe, yawn, blink, hoot
books: a book about night animals, a bedtime story from each family
outing: a walk at dusk with families
event: pajama day; snack: star toast; game: owl and mouse; craft: a lantern; bring: pajamas
focus: N, 9

Light and shadow | light, shadow, shadows, rainbow light
big: Where light is stopped, a shadow begins.
objects: flashlight, lamp, mirror, sun, lantern, hand, prism, window, rainbow
words: shine, shadow, glow, mirror, bright
ask: Where does my shadow go? / What lets light through? / Can we make a rainbow?
place: the shadow theater; roles: puppeteer, light keeper, audience; props: sheet, lamp, puppets, tickets; signs: Tickets, Quiet, Show today
bin: clear and colored shapes on a lit tray
science: What lets light through, some light, or none?
doing: shine, stretch, hide, flicker, bend
books: a book about light, a book of shadow pictures
outing: trace shadows in the morning and after lunch
event: a shadow show; snack: clear gelatin cubes; game: shadow tag; craft: a shadow puppet; bring: a flashlight
focus: L, 7

Sounds | sound, sounds, noise, loud and soft
big: Everything that moves can be heard.
objects: bell, drum, whistle, shaker, phone, clock, bee, train, ear
words: loud, soft, echo, listen, hum
ask: What is the quietest sound? / Where do sounds come from? / Can we see a sound?
place: the radio station; roles: announcer, musician, sound maker; props: microphone, headphones, instruments, scripts; signs: On air, Quiet, Weather next
bin: things that rattle, ring and rustle, with boxes and lids
science: What makes rice dance on a drum skin?
doing: hum, clap, tap, whisper, boom
books: a book of sounds, a story to tell with noises
outing: sit still and count sounds
event: a concert; snack: crunchy and quiet foods; game: pass the bell without ringing; craft: a shaker; bring: a pot and a spoon
focus: S, 5

Music makers | music, instruments, band, orchestra, songs
big: Anything can be an instrument.
objects: drum, bell, guitar, flute, xylophone, shaker, trumpet, piano, tambourine
words: beat, rhythm, loud, slow, tune
ask: What can we play in the kitchen? / How do strings sing? / What is your family's song?
place: the music shop; roles: seller, player, repairer; props: instruments, tickets, music stands; signs: Try me, Concert at 10, Repairs
bin: tubs, strings and spoons to pluck, tap and shake
science: Does a full glass or an empty one ring higher?
doing: tap, strum, blow, shake, march
books: a book about instruments, a song that became a book
outing: listen to somebody who plays
event: a parade; snack: drumstick carrots for those who may; game: freeze when it stops; craft: a box guitar; bring: a song from home
focus: M, 8
`

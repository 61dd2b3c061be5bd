/**
 * Which of the small drawings that ship shows a thing, where it is not called as the thing itself: `thing=drawing`. The
 * drawings are those of the set that the build serves one by one (docs/decisions/0034-small-drawings.md).
 */
const CALLED_OTHERWISE = `
sea lion=seal starfish=star goldfish=tropical-fish clownfish=tropical-fish salmon=fish toad=frog
hen=chicken chick=baby-chick bull=ox calf=cow-face pony=horse sheep=ewe lamb=ewe alpaca=llama kitten=cat-face puppy=dog-face bunny=rabbit-face
guinea pig=hamster parakeet=parrot canary=bird coyote=wolf reindeer=deer hawk=eagle robin=bird sparrow=bird crow=blackbird toucan=parrot
cheetah=leopard jaguar=leopard hippo=hippopotamus rhino=rhinoceros rattlesnake=snake alligator=crocodile tortoise=turtle sea turtle=turtle
dinosaur=sauropod tyrannosaurus=t-rex caterpillar=bug bee=honeybee bumblebee=honeybee ladybug=lady-beetle grasshopper=cricket
nest=nest-with-eggs web=spider-web spiderweb=spider-web aquarium=tropical-fish paw=paw-prints
flower=blossom daisy=blossom lily=hibiscus lavender=hyacinth clover=shamrock tree=deciduous-tree oak=deciduous-tree pine=evergreen-tree
apple tree=deciduous-tree fern=herb leaf=leaf-fluttering-in-wind oak leaf=fallen-leaf stick=wood log=wood trunk=wood
seed=beans bean=beans bean sprout=seedling sprout=seedling bud=tulip pod=pea-pod forest=evergreen-tree garden=sunflower grass=herb hay=sheaf-of-rice
straw=sheaf-of-rice wheat=sheaf-of-rice seaweed=herb
apple=red-apple orange=tangerine cherry=cherries blueberry=blueberries grape=grapes kiwi=kiwi-fruit
squash=gourd zucchini=cucumber sweet potato=roasted-sweet-potato cherry tomato=tomato corn=ear-of-corn pea=pea-pod green bean=pea-pod
pepper=bell-pepper cabbage=leafy-green lettuce=leafy-green spinach=leafy-green celery=leafy-green ginger=ginger-root mint=herb basil=herb
rosemary=herb parsley=herb
loaf=bread baguette=baguette-bread toast=bread tortilla=flatbread pita=flatbread cake=birthday-cake muffin=cupcake donut=doughnut
pancake=pancakes cracker=cookie cereal=bowl-with-spoon oatmeal=bowl-with-spoon noodle=steaming-bowl pasta=spaghetti rice=cooked-rice
burger=hamburger soup=pot-of-food salad=green-salad milk=glass-of-milk cheese=cheese-wedge popsicle=ice-cream honey=honey-pot peanut=peanuts
nut=chestnut steak=cut-of-meat chocolate=chocolate-bar french fry=french-fries juice=beverage-box lemonade=cup-with-straw tea=teacup-without-handle
coffee=hot-beverage hot chocolate=hot-beverage smoothie=cup-with-straw sushi=sushi
car=automobile race car=racing-car truck=delivery-truck mail truck=delivery-truck moving van=delivery-truck van=minibus school bus=bus
fire truck=fire-engine scooter=kick-scooter bike=bicycle wheelchair=manual-wheelchair steam train=locomotive subway=metro trolley=trolleybus
crane=building-construction plane=airplane jet=airplane spaceship=rocket space shuttle=rocket boat=sailboat kayak=canoe rowboat=canoe
tugboat=ship fishing boat=motor-boat pirate ship=pirate-flag ferry=ferry lifeboat=ring-buoy tire=wheel sail=sailboat ski=skis cart=shopping-cart
train station=station track=railway-track road=motorway bridge=bridge-at-night map=world-map suitcase=luggage
helmet=rescue-workers-helmet hard hat=rescue-workers-helmet
fork=fork-and-knife knife=kitchen-knife bowl=bowl-with-spoon plate=fork-and-knife-with-plate mug=hot-beverage cup=teacup-without-handle
glass=tumbler-glass pan=cooking pot=pot-of-food kettle=teapot timer=timer-clock bottle=baby-bottle can=canned-food box=package bag=shopping-bags
bubble=bubbles shampoo=lotion-bottle comb=hair-pick couch=couch-and-lamp lamp=couch-and-lamp lantern=red-paper-lantern clock=mantelpiece-clock
mailbox=closed-mailbox-with-raised-flag mailbox flag=closed-mailbox-with-raised-flag slide=playground-slide campfire=fire phone=telephone
computer=laptop saw=carpentry-saw pliers=wrench bolt=nut-and-bolt ruler=straight-ruler rope=knot
needle=sewing-needle pin=safety-pin spool=thread penny=coin dollar=dollar-banknote price tag=label scale=balance-scale vase=amphora
picture frame=framed-picture brush=paintbrush wood=wood magnifying glass=magnifying-glass-tilted-left binoculars=telescope
moon=full-moon planet=ringed-planet saturn=ringed-planet earth=globe-showing-americas globe=globe-showing-americas meteor=comet galaxy=milky-way
constellation=milky-way rain=cloud-with-rain raindrop=droplet puddle=droplet snow=snowflake ice cube=ice frost=snowflake
storm=cloud-with-lightning-and-rain thunder=cloud-with-lightning lightning=high-voltage hurricane=cyclone sunshine=sun breeze=wind-face wind=wind-face
water=droplet wave=water-wave splash=sweat-droplets drop=droplet stream=water-wave river=water-wave lake=water-wave pond=lotus ocean=water-wave
sea=water-wave beach=beach-with-umbrella island=desert-island stone=rock pebble=rock boulder=rock gem=gem-stone crystal=gem-stone
diamond=gem-stone shell=spiral-shell smoke=dashing-away flag=triangular-flag trash=wastebasket trash can=wastebasket recycling=recycling-symbol
baker=cook chef=cook gardener=farmer doctor=health-worker nurse=health-worker captain=pilot builder=construction-worker king=crown queen=crown
pirate=pirate-flag mermaid=woman-merpeople fairy=woman-fairy friend=people-hugging face=slightly-smiling-face heart=red-heart muscle=flexed-biceps
hand=hand-with-fingers-splayed bandage=adhesive-bandage germ=microbe letter=envelope postcard=envelope parcel=package badge=name-badge
wand=magic-wand treasure map=world-map palace=castle skyscraper=office-building library=books
fire station=fire-engine police station=police-car store=convenience-store market=convenience-store restaurant=fork-and-knife-with-plate
cafe=hot-beverage theater=performing-arts circus=circus-tent playground=playground-slide city=cityscape
ball=soccer-ball doll=nesting-dolls stuffed animal=teddy-bear puzzle=puzzle-piece frisbee=flying-disc football=american-football
die=game-die dice=game-die maraca=maracas shaker=maracas piano=musical-keyboard ukulele=guitar music=musical-notes song=musical-notes
sound=speaker-high-volume rhythm=long-drum band=saxophone headphones=headphone paint=artist-palette marker=crayon paper=page-facing-up
easel=artist-palette mask=performing-arts book=closed-book story=open-book word=speech-balloon alphabet=input-latin-letters
lunch box=bento-box hat=womans-hat cap=billed-cap mitten=gloves glove=gloves jacket=coat shirt=t-shirt sweater=coat pants=jeans
sock=socks shoe=running-shoe sneaker=running-shoe boot=hiking-boot rubber boot=hiking-boot sandal=womans-sandal tie=necktie swimsuit=one-piece-swimsuit
bow=ribbon bracelet=prayer-beads necklace=prayer-beads birthday=birthday-cake party=party-popper gift=wrapped-gift present=wrapped-gift
party hat=partying-face confetti=confetti-ball streamer=confetti-ball firework=fireworks piñata=piata color=artist-palette number=input-numbers
kindness=heart-decoration sharing=handshake helping=handshake caring=heart-hands friendship=people-hugging love=red-heart
happiness=beaming-face-with-smiling-eyes joy=beaming-face-with-smiling-eyes sadness=pensive-face anger=angry-face fear=fearful-face
worry=worried-face surprise=astonished-face excitement=star-struck pride=smiling-face-with-sunglasses shyness=face-with-peeking-eye
calm=relieved-face frustration=persevering-face hug=hugging-face smile=slightly-smiling-face tear=crying-face sleep=sleeping-face
dancing=woman-dancing singing=musical-notes baking=cooking gardening=seedling day=sun night=night-with-stars morning=sunrise evening=sunset
summer=sun fall=fallen-leaf autumn=fallen-leaf winter=snowflake spring=cherry-blossom goal=goal-net medal=sports-medal skate=ice-skate
photo=camera prism=rainbow soap=soap towel=roll-of-paper
excavator=digger backhoe=digger front loader=bulldozer hydrant=fire-hydrant stamp=postage-stamp card=playing-card top=spinning-top
triangle=triangle-instrument sand dune=dune hoop=hula-hoop dirt=soil shopkeeper=cashier street=crosswalk sidewalk=crosswalk laundry=clothesline
tulip bulb=bulb seed packet=sunflower-seed invitation=envelope brother=boy sister=girl clinic=hospital farm=barn park=bench
fishing=fishing-pole swimming=swimming-pool shape=square building=apartment-building airport=airplane zoo=elephant freezer box=fridge 
balloon basket=hot-air-balloon sand timer=hourglass-not-done dalmatian dog=dog cookie sheet=baking-sheet
`
/** Things that have a drawing of their own name. */
const CALLED_ALIKE = `
whale, dolphin, shark, seal, crab, lobster, shrimp, octopus, squid, jellyfish, fish, oyster, coral, frog, duck, swan, goose,
flamingo, chicken, rooster, turkey, cow, horse, donkey, pig, goat, llama, cat, dog, rabbit, hamster, mouse, rat, chipmunk,
hedgehog, skunk, raccoon, beaver, otter, badger, bear, polar bear, panda, koala, fox, wolf, deer, moose, bison, owl, eagle, dove,
peacock, penguin, parrot, bird, bat, lion, tiger, leopard, elephant, giraffe, zebra, camel, gorilla, monkey, sloth, kangaroo,
snake, lizard, turtle, crocodile, mammoth, butterfly, ant, spider, fly, mosquito, cricket, beetle, bug, worm, snail, scorpion,
feather, wing, sunflower, tulip, rose, palm tree, cactus, mushroom, maple leaf, blossom, chestnut, coconut, pear, banana, lemon,
lime, peach, mango, pineapple, strawberry, melon, watermelon, cucumber, carrot, potato, tomato, popcorn, onion, garlic, broccoli,
eggplant, avocado, olive, herb, bread, bagel, croissant, pretzel, birthday cake, cupcake, cookie, pie, waffle, spaghetti, pizza,
sandwich, hot dog, taco, burrito, tamale, dumpling, sushi, egg, butter, ice cream, salt, bacon, candy, lollipop, police car,
taxi, pickup truck, bus, fire engine, ambulance, motorcycle, bicycle, skateboard, roller skate, train, tram, tractor, airplane,
helicopter, rocket, satellite, parachute, ship, sailboat, canoe, ferry, wheel, anchor, sled, stop sign, ticket, bus stop,
compass, key, teapot, spoon, chopsticks, jar, basket, bucket, broom, sponge, soap, bathtub, toothbrush, mirror, toilet, bed,
chair, light bulb, candle, alarm clock, watch, door, window, tent, backpack, telescope, microscope, magnet, battery, camera,
telephone, radio, robot, hammer, screwdriver, wrench, nut and bolt, gear, toolbox, brick, ladder, ribbon, yarn, thread, scissors,
coin, shopping cart, receipt, sun, star, comet, cloud, rainbow, snowflake, snowman, ice, fog, tornado, mountain, volcano, desert,
rock, bone, fire, kite, wind chime, thermometer, umbrella, balloon, cook, farmer, firefighter, police officer, pilot, astronaut,
mechanic, teacher, scientist, artist, prince, princess, dragon, unicorn, baby, child, eye, ear, nose, mouth, tooth, tongue, foot,
leg, brain, stethoscope, crutch, x-ray, envelope, package, newspaper, crown, castle, house, school, hospital, post office,
fountain, elevator, teddy bear, yo-yo, baseball, basketball, soccer ball, drum, bell, keyboard, guitar, violin, banjo, flute,
trumpet, saxophone, accordion, microphone, crayon, pencil, pen, paintbrush, notebook, calendar, scarf, coat, t-shirt, jeans,
shorts, dress, glasses, sunglasses, goggles, ring, purse, cooking, camping
`
/** Things that have a drawing of our own by their name (`web/drawings/`). */
const OUR_OWN = `
acorn, almond, apartment building, apricot, apron, asparagus, bakery, baking sheet, bamboo, barge, bark, barn, batter, beach ball, bead, beet,
belt, bench, berry, birdhouse, blackberry, blanket, blender, blimp, block, blueprint, bobbin, branch, brownie, bubble wand, bulb, bulldozer, bun,
bus driver, bush, button, cabin, caboose, candy cane, cape, carpenter, carriage, cash register, cashew, cashier, cast, cattail, cauliflower, cave,
cement mixer, centipede, chalk, chimney, chip, cinnamon, circle, clam, clay, clothesline, clothespin, clown, cocoon, colander, combine, compost,
cone, cookie cutter, cork, corn husk, cowboy, crib, crossing guard, crosswalk, cube, curtain, cylinder, cymbal, daffodil, dandelion, dentist,
digger, diver, doghouse, dollhouse, dough, dragonfly, driftwood, drill, drumstick, dryer, dump truck, dune, dustpan, eel, eraser, fabric, family,
father, fence, fire hydrant, firefly, flashlight, flour, flowerpot, food truck, forklift, fossil, frame, fridge, funnel, garbage truck,
gas station, gingerbread man, glitter, glue, gnome, gold, gourd, grandfather, grandmother, grapefruit, grater, gravel, hairbrush, hairdresser,
harmonica, harp, hermit crab, heron, hill, hive, hoe, honeycomb, hose, hot air balloon, hula hoop, hummingbird, ice cream truck, iceberg, icicle,
igloo, iron, jack-in-the-box, jam, jingle bell, juggler, jump rope, ketchup, knight, ladle, lava, leash, level, lever, librarian, lighthouse,
lily pad, mail carrier, maple seed, marble, marigold, marshmallow, measuring cup, meatball, menu, merry-go-round, mixer, mixing bowl, mole,
monster, mop, mosaic, moss, moth, mother, mud, muffin tin, museum, mustard, nail, napkin, newt, oar, oil, opossum, ostrich, oval, oven, overalls,
painter, pajamas, pattern, pearl, petal, picnic, pigeon, pillow, pincushion, pine cone, pinwheel, pipe, plank, plum, pocket, pom-pom, poppy,
porcupine, praying mantis, propeller, pterodactyl, puffin, pulley, pumpkin, puppet, pyramid, quilt, radish, raft, railroad crossing, raincoat,
raisin, rake, ramp, raspberry, rattle, recorder, rectangle, rocking horse, roll, rolling pin, roof, root, rug, sailor, sand, sand castle, sandbox,
sausage, scarecrow, screw, sea glass, sea horse, sea urchin, seagull, seesaw, shadow, shovel, sieve, silo, sink, skirt, sleigh, slipper, slug,
snowball, snowplow, soil, spatula, square, squirrel, stair, stall, statue, steamroller, stegosaurus, sticker, stingray, stove, street sign,
streetlight, string, stroller, stump, submarine, sugar, sunflower seed, swimming pool, swing, syrup, table, tadpole, tambourine, tanker truck,
tape, tape measure, tennis ball, thank-you card, thimble, thorn, toaster, tongs, toothpaste, tow truck, traffic cone, traffic light,
train engineer, trampoline, tray, treasure chest, triceratops, tricycle, trombone, trowel, tube, tunnel, turnip, tutu, twig, unicycle, vacuum, vet,
vine, violet, wagon, waiter, walnut, walrus, washing machine, wasp, water lily, waterfall, watering can, weather vane, wheelbarrow, whisk, whistle,
windmill, wire, woodpecker, xylophone, yeast, yogurt, zipper
`
const PICTURES: ReadonlyMap<string, string> = new Map([
  ...`${CALLED_ALIKE},${OUR_OWN}`.split(',').map((name) => [name.trim(), name.trim().replace(/ /g, '-')] as const),
  // Names have spaces, drawings have none: what follows a drawing begins the next name.
  ...[...CALLED_OTHERWISE.replace(/\n/g, ' ').matchAll(/([a-zñ][a-zñ ]*?)=([a-z0-9-]+)/g)].map(
    ([, name, picture]) => [name.trim(), picture] as const,
  ),
])

/** The drawing of a thing, by its name in the singular; empty where there is none. */
export const pictureOf = (thing: string): string => PICTURES.get(thing.toLowerCase()) ?? ''
